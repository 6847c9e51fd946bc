import { boxText, documentDraft, type DraftSource, type PageText, type SourceStyle } from '@zakuska/core'
import type { PageBox } from './pdf-pages'

/** A box drawn round something on a page, in points, and how it comes into the draft. */
export interface DrawnBox extends PageBox {
  readonly id: string
  /** 0-based. */
  readonly page: number
  readonly as: 'text' | 'picture'
  readonly alt: string
  /** Shown width of a picture in CSS pixels. */
  readonly shownWidth: number
}

const MIN_SIDE = 6
const READABLE_LETTERS = 12
const READABLE_SHARE = 0.6

/** Text reads well where most of it is letters and figures in words; a graph's labels and a formula's signs do not. */
export function readsWell(text: string): boolean {
  const signs = text.replace(/\s/g, '')
  const words = text.match(/\p{L}{2,}/gu)?.join('').length ?? 0
  return signs.length > 0 && words >= READABLE_LETTERS && words / signs.length >= READABLE_SHARE
}

export function textIn(page: PageText, box: PageBox): string {
  return documentDraft(boxText(page, box)).text.trim()
}

/** A new box with a proposal of what it is; null where it is too small to hold anything. */
export function proposeBox(page: number, text: PageText, box: PageBox): DrawnBox | null {
  if (box.width < MIN_SIDE || box.height < MIN_SIDE) return null
  const inside = textIn(text, box)
  const words = inside.replace(/\s+/g, ' ').slice(0, 120)
  return {
    ...box,
    id: crypto.randomUUID(),
    page,
    as: readsWell(inside) ? 'text' : 'picture',
    alt: words ? `Picture with: ${words}` : '',
    shownWidth: Math.round(Math.min(640, Math.max(80, box.width * 1.33))),
  }
}

/** Boxes as a reader meets them: by page, then in rows from the top, each row from the left. */
export function inOrder(boxes: readonly DrawnBox[]): DrawnBox[] {
  return [...boxes].sort((a, b) => {
    if (a.page !== b.page) return a.page - b.page
    const sameRow = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y) > 0.5 * Math.min(a.height, b.height)
    return sameRow ? a.x - b.x : a.y - b.y
  })
}

/** Moves or sizes a box, kept inside its page. */
export function nudged(box: DrawnBox, page: PageText, by: Partial<PageBox>): DrawnBox {
  const width = Math.min(Math.max(MIN_SIDE, box.width + (by.width ?? 0)), page.width)
  const height = Math.min(Math.max(MIN_SIDE, box.height + (by.height ?? 0)), page.height)
  return {
    ...box,
    width,
    height,
    x: Math.min(Math.max(0, box.x + (by.x ?? 0)), page.width - width),
    y: Math.min(Math.max(0, box.y + (by.y ?? 0)), page.height - height),
  }
}

/** The draft that the boxes come to; `pictures` names the kept picture of each picture box by its id. */
export function draftOfBoxes(
  boxes: readonly DrawnBox[],
  pages: ReadonlyMap<number, PageText>,
  pictures: ReadonlyMap<string, string>,
): DraftSource {
  let text = ''
  const styles: SourceStyle[] = []
  for (const box of inOrder(boxes)) {
    const page = pages.get(box.page)
    const asset = pictures.get(box.id)
    if (box.as === 'picture' && asset) {
      text += `![${box.alt.replace(/[[\]\n]/g, ' ').trim()}](asset:${asset}?width=${box.shownWidth})\n`
      continue
    }
    if (!page) continue
    const own = documentDraft(boxText(page, box))
    const shift = text.length
    text += `${own.text.trimEnd()}\n`
    for (const style of own.styles ?? [])
      styles.push({ ...style, from: style.from + shift, to: Math.min(style.to + shift, text.length) })
  }
  return { text, styles }
}
