import type { DocumentStyle, PageText, PlacedText } from '@zakuska/core'
import type { PageViewport, PDFPageProxy } from 'pdfjs-dist/legacy/build/pdf.mjs'
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
    return [
      {
        text: item.str,
        x,
        y,
        width: item.width,
        size,
        styles: dressOf(page, item.fontName, ink, e, f, item.width, size),
      },
    ]
  })
  return { width: viewport.width, height: viewport.height, texts: [...texts, ...pictureMarks(ink, viewport)] }
}

const MIN_PICTURE = 14

/** A picture stands in the text as an empty picture mark, so that the reader says that one is missing. */
function pictureMarks(ink: Ink, viewport: PageViewport): PlacedText[] {
  return ink.pictures
    .filter(
      (one) =>
        one.width >= MIN_PICTURE &&
        one.height >= MIN_PICTURE &&
        one.width * one.height < 0.7 * viewport.width * viewport.height,
    )
    .map((one) => {
      const [x = 0, y = 0] = viewport.convertToViewportPoint(one.x, one.y) as number[]
      return { text: '![](picture)', x, y: y - Math.min(one.height / 3, 6), width: one.width, size: 10, styles: [] }
    })
}

function dressOf(
  page: PDFPageProxy,
  font: string,
  ink: Ink,
  x: number,
  y: number,
  width: number,
  size: number,
): DocumentStyle[] {
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
