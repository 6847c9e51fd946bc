import {
  inlinesOf,
  keyText,
  linearMath,
  mapContents,
  placeLetter,
  plainText,
  styledText,
  type Content,
  type Item,
} from '@zakuska/core'
import { createRequire } from 'node:module'
import type Pptx from 'pptxgenjs'
import { baseOf } from './direction.ts'
import { pictureHead } from '../pictures/check-picture.ts'
import { imageType } from './pdf-text.ts'
import { aboutLine, placesOf, scaleSteps, type Placed, type PrintPaper } from './sheet.ts'

type Show = InstanceType<typeof Pptx.default>

// The package's types and its CommonJS file do not agree on where the class is.
const Presentation = createRequire(import.meta.url)('pptxgenjs') as new () => Show

const INK = '1F2430'
const MUTED = '5A6170'
const MUSTARD = 'C98A1B'
const PAPER = 'FAF7F0'
const FACE = 'Georgia'
/** Inches of a slide of 16 : 9. */
const WIDTH = 13.33
const LEFT = 0.7
const TEXT_WIDTH = WIDTH - 2 * LEFT
const STEM_TOP = 0.9
const PICTURE_WIDTH = 4

type Slide = ReturnType<Show['addSlide']>

/** Slides: an item a slide, the same with its key on the next. Formulas stand as a line of text. */
export async function printSlides(paper: PrintPaper): Promise<Uint8Array> {
  const show = new Presentation()
  show.layout = 'LAYOUT_WIDE'
  show.title = paper.title
  const cover = newSlide(show)
  cover.addText(paper.title, {
    ...wayOf(paper.title),
    x: LEFT,
    y: 2.4,
    w: TEXT_WIDTH,
    h: 1.2,
    fontFace: FACE,
    fontSize: 40,
    bold: true,
    color: INK,
  })
  const about = [paper.label && `Version ${paper.label}`, aboutLine(paper), paper.instructions]
    .filter(Boolean)
    .join('\n')
  cover.addText(about, {
    x: LEFT,
    y: 3.7,
    w: TEXT_WIDTH,
    h: 1.6,
    fontFace: FACE,
    fontSize: 18,
    color: MUTED,
    valign: 'top',
  })
  for (const placed of placesOf(paper).map(withPlainMath)) {
    if (placed.heading) headingSlide(show, placed.heading)
    if (placed.passage) textSlide(show, plainText(placed.passage))
    itemSlide(show, placed, paper, false)
    if (placed.number !== null) itemSlide(show, placed, paper, true)
  }
  return new Uint8Array((await show.write({ outputType: 'nodebuffer' })) as Buffer)
}

/** Text that is read from right to left stands at the right. */
function wayOf(text: string): { readonly rtlMode?: true; readonly align?: 'right' } {
  return baseOf(text) === 'rtl' ? { rtlMode: true, align: 'right' } : {}
}

function newSlide(show: Show): Slide {
  const slide = show.addSlide()
  slide.background = { color: PAPER }
  return slide
}

function headingSlide(
  show: Show,
  { title, instructions }: { readonly title: string; readonly instructions: string },
): void {
  const slide = newSlide(show)
  slide.addText(title, {
    ...wayOf(title),
    x: LEFT,
    y: 2.6,
    w: TEXT_WIDTH,
    h: 1,
    fontFace: FACE,
    fontSize: 34,
    bold: true,
    color: INK,
  })
  if (instructions)
    slide.addText(instructions, {
      ...wayOf(instructions),
      x: LEFT,
      y: 3.7,
      w: TEXT_WIDTH,
      h: 2,
      fontFace: FACE,
      fontSize: 18,
      color: MUTED,
      valign: 'top',
    })
}

function textSlide(show: Show, text: string): void {
  const slide = newSlide(show)
  slide.addText(text, {
    ...wayOf(text),
    x: LEFT,
    y: 0.7,
    w: TEXT_WIDTH,
    h: 6,
    fontFace: FACE,
    fontSize: fitting(text, 24),
    color: INK,
    valign: 'top',
  })
}

/** Longer text in smaller letters, so that it stays on its slide. */
function fitting(text: string, most: number): number {
  const share = Math.sqrt(300 / Math.max(300, text.length))
  return Math.max(12, Math.round(most * share))
}

function itemSlide(show: Show, placed: Placed, paper: PrintPaper, withKey: boolean): void {
  const { item, number } = placed
  const slide = newSlide(show)
  const picture = pictureIn(item, paper)
  const width = picture ? TEXT_WIDTH - PICTURE_WIDTH - 0.4 : TEXT_WIDTH
  const stem = stemText(item, withKey)
  const lines = answerLines(placed, withKey)
  const stemHeight = Math.min(3.2, 0.6 + 0.5 * Math.ceil(stem.length / 60))
  if (number !== null)
    slide.addText(withKey ? `${number}   key` : String(number), {
      x: LEFT,
      y: 0.35,
      w: 3,
      h: 0.4,
      fontFace: FACE,
      fontSize: 16,
      bold: true,
      color: withKey ? MUSTARD : MUTED,
    })
  const box = { ...wayOf(stem), fontFace: FACE, valign: 'top' } as const
  const fontSize = fitting(stem, 28)
  slide.addText(stem, { ...box, x: LEFT, y: STEM_TOP, w: width, h: stemHeight, fontSize, color: INK })
  if (lines.length)
    slide.addText(
      lines.map((one) => ({
        text: one.text,
        options: { bold: one.isKey, color: one.isKey ? INK : withKey ? MUTED : INK, breakLine: true },
      })),
      {
        ...box,
        ...{ x: LEFT + 0.2, y: STEM_TOP + stemHeight + 0.2, w: width - 0.2, h: 6.6 - STEM_TOP - stemHeight },
        fontSize: fitting(lines.map((one) => one.text).join('\n'), 22),
        paraSpaceAfter: 8,
      },
    )
  if (picture) slide.addImage({ ...picture, x: WIDTH - LEFT - PICTURE_WIDTH, y: STEM_TOP })
}

function stemText(item: Item, withKey: boolean): string {
  if (item.kind !== 'cloze') return plainText(item.stem).replaceAll('___', '__________')
  const gaps = item.gaps.map((gap) =>
    withKey ? `[${gap.key[0] ?? '?'}]` : gap.choices ? `(${gap.choices.join(' / ')})` : '__________',
  )
  return plainText(item.stem).replace(/___/g, () => gaps.shift() ?? '__________')
}

interface AnswerLine {
  readonly text: string
  readonly isKey: boolean
}

// eslint-disable-next-line max-lines-per-function -- one short case for each kind
function answerLines({ item, rightOrder }: Placed, withKey: boolean): AnswerLine[] {
  const plain = (text: string): AnswerLine => ({ text, isKey: false })
  const own = ((): AnswerLine[] => {
    switch (item.kind) {
      case 'single':
      case 'multiple':
        return item.options.map((option, index) => {
          const isKey = withKey && item.key.includes(option.id)
          return { text: `${isKey ? '✓ ' : ''}${placeLetter(index)})  ${plainText(option.content)}`, isKey }
        })
      case 'truefalse':
        return [true, false].map((value) => {
          const isKey = withKey && item.key[0] === value
          return { text: `${isKey ? '✓ ' : ''}${value ? 'true' : 'false'}`, isKey }
        })
      case 'cloze':
        return item.wordBank?.length ? [plain(item.wordBank.join('   '))] : []
      case 'order':
        return item.options.map((option, index) => plain(`${placeLetter(index)})  ${plainText(option.content)}`))
      case 'match':
        return [
          ...item.left.map((left, index) => plain(`${index + 1}  ${plainText(left)}`)),
          ...rightOrder.map((right, index) => plain(`${placeLetter(index)}  ${plainText(item.right[right])}`)),
        ]
      case 'grid':
        return [
          plain(item.columns.map((column) => plainText(column)).join('   ')),
          ...item.rows.map((row, index) => plain(`${index + 1}  ${plainText(row)}`)),
        ]
      case 'scale':
        return [plain([item.lowLabel ?? '', ...scaleSteps(item), item.highLabel ?? ''].join('   ').trim())]
      case 'short':
      case 'numeric':
      case 'essay':
      case 'note':
        return []
    }
  })()
  if (!withKey || item.kind === 'single' || item.kind === 'multiple' || item.kind === 'truefalse') return own
  const key = item.kind === 'essay' ? plainText(item.sample) : keyText(item, rightOrder)
  return key ? [...own, { text: `✓ ${key}`, isKey: true }] : own
}

/** The first picture of the stem that is at hand, at the width that it has on a slide. */
function pictureIn(item: Item, paper: PrintPaper): { data: string; w: number; h: number; altText: string } | null {
  for (const node of inlinesOf(item.stem)) {
    const bytes = node.type === 'picture' ? paper.assets.get(node.asset) : undefined
    const [type, size] = bytes ? [imageType(bytes), pictureHead(bytes)] : [null, null]
    if (node.type !== 'picture' || !bytes || !type || !size) continue
    const share = Math.min(1, 5 / ((PICTURE_WIDTH * size.height) / size.width))
    const width = PICTURE_WIDTH * share
    return {
      data: `${type};base64,${Buffer.from(bytes).toString('base64')}`,
      w: width,
      h: (width * size.height) / size.width,
      altText: node.alt,
    }
  }
  return null
}

function withPlainMath(placed: Placed): Placed {
  const change = (content: Content): Content =>
    content.map((block) =>
      block.type === 'paragraph'
        ? {
            ...block,
            content: block.content.map((node) => (node.type === 'tex' ? styledText(linearMath(node.tex), []) : node)),
          }
        : block,
    )
  return { ...placed, item: mapContents(placed.item, change), passage: placed.passage && change(placed.passage) }
}
