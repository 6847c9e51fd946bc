import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { create as openFont, type Font } from 'fontkit'
import { readFileSync } from 'node:fs'

const require = createRequire(import.meta.url)

function fileIn(packageName: string, ...path: readonly string[]): string {
  return join(dirname(require.resolve(`${packageName}/package.json`)), ...path)
}

const literata = (style: string): string => fileIn('@expo-google-fonts/literata', style, `Literata_${style}.ttf`)
const dejavu = (name: string): string => fileIn('dejavu-fonts-ttf', 'ttf', `${name}.ttf`)

/** The faces of print: Literata, and DejaVu for signs that it lacks and for code. */
export const FONT_FILES = {
  Literata: {
    normal: literata('400Regular'),
    bold: literata('700Bold'),
    italics: literata('400Regular_Italic'),
    bolditalics: literata('700Bold_Italic'),
  },
  DejaVu: {
    normal: dejavu('DejaVuSans'),
    bold: dejavu('DejaVuSans-Bold'),
    italics: dejavu('DejaVuSans-Oblique'),
    bolditalics: dejavu('DejaVuSans-BoldOblique'),
  },
  Mono: {
    normal: dejavu('DejaVuSansMono'),
    bold: dejavu('DejaVuSansMono-Bold'),
    italics: dejavu('DejaVuSansMono-Oblique'),
    bolditalics: dejavu('DejaVuSansMono-BoldOblique'),
  },
}
export type FontName = keyof typeof FONT_FILES

let opened: Font | null = null

function mainFont(): Font {
  if (!opened) {
    const font = openFont(readFileSync(FONT_FILES.Literata.normal))
    if (!('hasGlyphForCodePoint' in font)) throw new Error('The text face is a collection, not a font.')
    opened = font
  }
  return opened
}

/** Text in pieces, each in a face that has its signs. */
export function inFaces(text: string): { readonly text: string; readonly font: FontName }[] {
  const pieces: { text: string; font: FontName }[] = []
  for (const sign of text) {
    const font = /\s/.test(sign) || mainFont().hasGlyphForCodePoint(sign.codePointAt(0) ?? 0) ? 'Literata' : 'DejaVu'
    const last = pieces.at(-1)
    if (last && (last.font === font || /\s/.test(sign))) last.text += sign
    else pieces.push({ text: sign, font })
  }
  return pieces
}
