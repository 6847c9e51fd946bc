import type { DocumentStyle, PageText, PlacedText } from '@zakuska/core'
import type { PDFPageProxy } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { inkOf, type Ink } from './ink.ts'

/** The texts of a page with their place and dress, in points from its upper left corner. */
export async function pageText(page: PDFPageProxy): Promise<PageText> {
  const viewport = page.getViewport({ scale: 1 })
  const ink = inkOf(await page.getOperatorList())
  const content = await page.getTextContent()
  const texts = content.items.flatMap((item): PlacedText[] => {
    if (!('str' in item) || item.str === '') return []
    const [a = 0, b = 0, , , e = 0, f = 0] = item.transform as number[]
    const size = Math.hypot(a, b) || item.height || 1
    const [x = 0, y = 0] = viewport.convertToViewportPoint(e, f) as number[]
    return [{ text: item.str, x, y, width: item.width, size, styles: dressOf(page, item.fontName, ink, e, f, item.width, size) }]
  })
  return { width: viewport.width, height: viewport.height, texts }
}

function dressOf(page: PDFPageProxy, font: string, ink: Ink, x: number, y: number, width: number, size: number): DocumentStyle[] {
  const styles: DocumentStyle[] = []
  const name = fontName(page, font)
  if (/bold|black|heavy|semibold|demi(?!light)|-bd|cmbx/i.test(name)) styles.push('strong')
  if (/italic|oblique|-it\b|cmti/i.test(name)) styles.push('emphasis')
  if (/mono|courier|consol|cmtt|typewriter/i.test(name)) styles.push('code')
  if (ink.isColoured(x, y)) styles.push('colour')
  const behind = ink.behind(x, y, width, size)
  if (behind) styles.push(behind)
  return styles
}

function fontName(page: PDFPageProxy, id: string): string {
  if (!page.commonObjs.has(id)) return ''
  const font: unknown = page.commonObjs.get(id)
  return typeof font === 'object' && font !== null && 'name' in font ? String(font.name) : ''
}
