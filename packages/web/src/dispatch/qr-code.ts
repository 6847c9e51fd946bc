import { create } from 'qrcode'

const QUIET = 4
const MODULE_PX = 10
const LETTERS_PX = 15

/**
 * A QR code with its address in letters under it, as addresses of an SVG and of a PNG. Four modules of quiet stand
 * around it (ISO/IEC 18004, section 9.1).
 */
export function qrCode(address: string): { readonly svg: string; readonly png: string } {
  const { modules } = create(address, { errorCorrectionLevel: 'M' })
  const size = (modules.size + 2 * QUIET) * MODULE_PX
  const dark = Array.from(modules.data).flatMap((isDark, at) =>
    isDark ? [[at % modules.size, Math.floor(at / modules.size)] as const] : [],
  )
  const lines = wrapped(address, Math.floor(size / (LETTERS_PX * 0.62)))
  const height = size + lines.length * LETTERS_PX * 1.3 + MODULE_PX
  return { svg: asSvg(dark, size, height, lines), png: asPng(dark, size, height, lines) }
}

type Places = readonly (readonly [number, number])[]

function asSvg(dark: Places, size: number, height: number, lines: readonly string[]): string {
  const path = dark.map(
    ([x, y]) => `M${(x + QUIET) * MODULE_PX} ${(y + QUIET) * MODULE_PX}h${MODULE_PX}v${MODULE_PX}h-${MODULE_PX}z`,
  )
  const texts = lines.map(
    (line, at) =>
      `<text x="${size / 2}" y="${baseline(size, at)}" font-family="monospace" font-size="${LETTERS_PX}" text-anchor="middle">${escaped(line)}</text>`,
  )
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${size} ${height}" width="${size}" height="${height}"><rect width="${size}" height="${height}" fill="#fff"/><path d="${path.join('')}" fill="#000"/>${texts.join('')}</svg>`
  return `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`
}

function asPng(dark: Places, size: number, height: number, lines: readonly string[]): string {
  const canvas = document.createElement('canvas')
  Object.assign(canvas, { width: size, height })
  const pen = canvas.getContext('2d')
  if (!pen) return ''
  pen.fillStyle = '#fff'
  pen.fillRect(0, 0, size, height)
  pen.fillStyle = '#000'
  for (const [x, y] of dark) pen.fillRect((x + QUIET) * MODULE_PX, (y + QUIET) * MODULE_PX, MODULE_PX, MODULE_PX)
  Object.assign(pen, { font: `${LETTERS_PX}px monospace`, textAlign: 'center' })
  lines.forEach((line, at) => pen.fillText(line, size / 2, baseline(size, at)))
  return canvas.toDataURL('image/png')
}

function baseline(size: number, line: number): number {
  return size + LETTERS_PX * 0.4 + line * LETTERS_PX * 1.3
}

function wrapped(text: string, most: number): string[] {
  const lines: string[] = []
  for (let from = 0; from < text.length; from += most) lines.push(text.slice(from, from + most))
  return lines
}

function escaped(text: string): string {
  return text.replace(/[&<>]/g, (letter) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[letter] ?? letter)
}
