import {
  keyText,
  mathMl,
  placeLetter,
  plainText,
  type Assets,
  type Block,
  type Content,
  type ElementNode,
  type Inline,
  type Item,
  type MarkupNode,
} from '@zakuska/core'
import {
  AlignmentType,
  BorderStyle,
  Document,
  Footer,
  HeadingLevel,
  ImageRun,
  Math as WordMath,
  MathFraction,
  MathRadical,
  MathRun,
  MathSubScript,
  MathSubSuperScript,
  MathSuperScript,
  Packer,
  PageNumber,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
  type IRunOptions,
  type MathComponent,
  type ParagraphChild,
} from 'docx'
import { baseOf, hasRtl } from './direction.ts'
import { imageSize } from './image-size.ts'
import { imageType } from './pdf-text.ts'
import {
  aboutLine,
  placesOf,
  pointsLabel,
  scaleSteps,
  type Placed,
  type PrintPaper,
  type PrintPart,
  type SheetSize,
} from './sheet.ts'

const TWIPS_PER_POINT = 20
const FACE = 'Georgia'
const GAP_LINE = '______________'
const INDENT = 480
const WIDEST_PIXELS = 480
/** Half points. */
const TEXT_SIZE = 22
const SHEETS: Readonly<Record<SheetSize, { readonly width: number; readonly height: number }>> = {
  A4: { width: 595 * TWIPS_PER_POINT, height: 842 * TWIPS_PER_POINT },
  Letter: { width: 612 * TWIPS_PER_POINT, height: 792 * TWIPS_PER_POINT },
}

/** A paper or its key as a document that can be edited: headings, options, tables, pictures and formulas as its own. */
export async function printDocument(paper: PrintPaper, part: PrintPart, size: SheetSize): Promise<Uint8Array> {
  const withKey = part === 'key'
  const children = [...headOf(paper, withKey), ...placesOf(paper).flatMap((one) => entryOf(one, paper.assets, withKey))]
  const page = new Paragraph({
    alignment: AlignmentType.RIGHT,
    children: [new TextRun({ children: [PageNumber.CURRENT, ' / ', PageNumber.TOTAL_PAGES], size: 16 })],
  })
  const document = new Document({
    title: paper.title,
    creator: 'Zakuska',
    styles: { default: { document: { run: { font: FACE, size: TEXT_SIZE } } } },
    sections: [
      {
        properties: { page: { size: SHEETS[size] } },
        footers: { default: new Footer({ children: [page] }) },
        children,
      },
    ],
  })
  return new Uint8Array(await Packer.toBuffer(document))
}

type Piece = Paragraph | Table

function headOf(paper: PrintPaper, withKey: boolean): Piece[] {
  const title = [paper.title, ...(paper.label === null ? [] : [paper.label]), ...(withKey ? ['Key'] : [])].join(' · ')
  const found: Piece[] = [
    new Paragraph({
      ...directionOf(title),
      heading: HeadingLevel.TITLE,
      children: [new TextRun({ text: title, ...turned(title), font: FACE })],
    }),
    line(aboutLine(paper), { size: 18, color: '555555' }),
  ]
  if (!withKey && paper.identity.length)
    found.push(line(paper.identity.map((field) => `${field}: ${'_'.repeat(24)}`).join('    '), {}, 160))
  if (!withKey) for (const text of paper.instructions.split('\n').filter(Boolean)) found.push(line(text, {}, 120))
  return [...found, line('')]
}

function line(text: string, style: IRunOptions = {}, before = 0): Paragraph {
  return new Paragraph({
    ...directionOf(text),
    spacing: { before },
    children: [new TextRun({ text, ...turned(text), ...style })],
  })
}

/** A paragraph that is read from right to left; letters in it that are say so for themselves. */
function directionOf(text: string): { readonly bidirectional?: true } {
  return baseOf(text) === 'rtl' ? { bidirectional: true } : {}
}

function turned(text: string): { readonly rightToLeft?: true } {
  return hasRtl(text) ? { rightToLeft: true } : {}
}

function entryOf(placed: Placed, assets: Assets, withKey: boolean): Piece[] {
  const { heading, passage, item, number } = placed
  const found: Piece[] = []
  if (heading) {
    found.push(
      new Paragraph({
        ...directionOf(heading.title),
        heading: HeadingLevel.HEADING_1,
        children: [new TextRun({ text: heading.title, ...turned(heading.title) })],
      }),
    )
    if (heading.instructions) found.push(line(heading.instructions))
  }
  if (passage && !withKey) found.push(...pieces(passage, { assets, indent: INDENT / 2 }))
  const points = pointsLabel(item)
  const lead = number === null ? '' : `${number}. `
  const stem = item.kind === 'cloze' ? { gaps: clozeGaps(item, withKey) } : {}
  const [first, ...rest] = pieces(item.stem, {
    assets,
    lead,
    trail: points ? `  (${points})` : '',
    keep: true,
    ...stem,
  })
  return [
    ...found,
    ...(first ? [first] : []),
    ...rest,
    ...answersOf(placed, assets, withKey),
    ...(withKey ? keyNotes(placed, assets) : []),
    line(''),
  ]
}

function clozeGaps(item: Extract<Item, { kind: 'cloze' }>, withKey: boolean): string[] {
  return item.gaps.map((gap) => {
    if (withKey) return `[${gap.key.join(' / ')}]`
    return gap.choices ? `(${gap.choices.join(' / ')})` : GAP_LINE
  })
}

function answersOf({ item, rightOrder }: Placed, assets: Assets, withKey: boolean): Piece[] {
  const indent = INDENT
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return item.options.flatMap((option, index) => {
        const isKey = withKey && item.key.includes(option.id)
        return pieces(option.content, {
          assets,
          indent,
          lead: `${isKey ? '✓ ' : ''}${placeLetter(index)}) `,
          bold: isKey,
          keep: true,
        })
      })
    case 'truefalse':
      return [line('☐ true        ☐ false', {}, 60)]
    case 'short':
    case 'numeric':
      return withKey ? [] : [line(`${'_'.repeat(36)} ${item.kind === 'numeric' ? (item.unit ?? '') : ''}`, {}, 160)]
    case 'cloze':
      return item.wordBank?.length ? [line(item.wordBank.join('     '), { italics: true }, 80)] : []
    case 'order':
      return item.options.flatMap((option, index) =>
        pieces(option.content, { assets, indent, lead: `____  ${placeLetter(index)}) ` }),
      )
    case 'match':
      return [
        tableOf(
          Array.from({ length: Math.max(item.left.length, rightOrder.length) }, (_none, at) => [
            at < item.left.length ? pieces(item.left[at] ?? [], { assets, lead: `${at + 1}  ` }) : [line('')],
            [new Paragraph({ alignment: AlignmentType.CENTER, children: [new TextRun('•                    •')] })],
            pieces(item.right[rightOrder[at] ?? -1] ?? [], {
              assets,
              lead: at < rightOrder.length ? `${placeLetter(at)}  ` : '',
            }),
          ]),
          false,
        ),
      ]
    case 'grid':
      return [
        tableOf(
          [
            [[line('')], ...item.columns.map((column) => pieces(column, { assets }))],
            ...item.rows.map((row, at) => [
              pieces(row, { assets }),
              ...item.columns.map((_column, column) => [
                line(withKey && item.key.some(([r, c]) => r === at && c === column) ? '☑' : '☐'),
              ]),
            ]),
          ],
          true,
        ),
      ]
    case 'scale':
      return [
        line(
          [item.lowLabel ?? '', ...scaleSteps(item).map((step) => `☐ ${step}`), item.highLabel ?? ''].join('   '),
          {},
          80,
        ),
      ]
    case 'essay':
      return withKey ? [] : Array.from({ length: 8 }, () => line('_'.repeat(70), { color: '999999' }, 120))
    case 'note':
      return []
  }
}

function keyNotes({ item, rightOrder }: Placed, assets: Assets): Piece[] {
  const key = keyText(item, rightOrder)
  const found: Piece[] = key ? [line(`Key: ${key}`, { bold: true }, 40)] : []
  if (item.kind === 'essay' && item.sample) found.push(...pieces(item.sample, { assets, indent: INDENT }))
  if (item.kind === 'essay') for (const one of item.rubric ?? []) found.push(line(`${one.points}  ${one.says}`))
  if (item.feedback) found.push(...pieces(item.feedback, { assets, indent: INDENT }))
  return found
}

function tableOf(rows: readonly (readonly Piece[])[][], bordered: boolean): Table {
  const none = { style: BorderStyle.NONE, size: 0, color: 'FFFFFF' }
  const borders = { top: none, bottom: none, left: none, right: none, insideHorizontal: none, insideVertical: none }
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    ...(bordered ? {} : { borders }),
    rows: rows.map(
      (cells) =>
        new TableRow({
          cantSplit: true,
          children: cells.map((children) => new TableCell({ children: children.length ? children : [line('')] })),
        }),
    ),
  })
}

interface TextSettings {
  readonly assets: Assets
  /** Twentieths of a point. */
  readonly indent?: number
  /** Before and behind the first paragraph. */
  readonly lead?: string
  readonly trail?: string
  readonly bold?: boolean
  /** Stays on the page of what follows. */
  readonly keep?: boolean
  readonly gaps?: readonly string[]
}

function pieces(content: Content, settings: TextSettings): Piece[] {
  const gaps = [...(settings.gaps ?? [])]
  const found = content.flatMap((block, index) => blockOf(block, index === 0 ? settings : withoutLead(settings), gaps))
  return found.length ? found : [paragraphOf([], settings, gaps)]
}

function withoutLead({ lead: _lead, trail: _trail, ...rest }: TextSettings): TextSettings {
  return rest
}

function blockOf(block: Block, settings: TextSettings, gaps: string[]): Piece[] {
  switch (block.type) {
    case 'paragraph':
      return [paragraphOf(block.content, settings, gaps)]
    case 'preformatted':
      return block.text.split('\n').map((text) => line(text, { font: 'Courier New', size: 20 }))
    case 'list':
      return block.entries.flatMap((entry, index) =>
        pieces(entry, {
          ...withoutLead(settings),
          indent: (settings.indent ?? 0) + INDENT,
          lead: block.ordered ? `${index + 1}. ` : '– ',
        }),
      )
    case 'table':
      return [
        tableOf(
          block.rows.map((row) => row.cells.map((cell) => pieces(cell, { assets: settings.assets }))),
          true,
        ),
      ]
  }
}

function paragraphOf(nodes: readonly Inline[], settings: TextSettings, gaps: string[]): Paragraph {
  const { assets, indent = 0, lead = '', trail = '', bold = false, keep = false } = settings
  const children: ParagraphChild[] = [
    ...(lead ? [new TextRun({ text: lead, bold })] : []),
    ...nodes.map((node) => runOf(node, assets, bold, gaps)),
    ...(trail ? [new TextRun({ text: trail, size: 18, color: '555555' })] : []),
  ]
  const direction = directionOf(plainText([{ type: 'paragraph', content: nodes }]))
  return new Paragraph({
    ...direction,
    children,
    indent: { left: indent },
    keepNext: keep,
    keepLines: true,
    spacing: { after: 40 },
  })
}

function runOf(node: Inline, assets: Assets, bold: boolean, gaps: string[]): ParagraphChild {
  switch (node.type) {
    case 'text': {
      const has = (style: string): boolean => node.styles?.some((one) => one === style) ?? false
      return new TextRun({
        text: node.text,
        ...turned(node.text),
        bold: bold || has('strong'),
        italics: has('emphasis'),
        subScript: has('sub'),
        superScript: has('sup'),
        ...(has('underline') && { underline: {} }),
        ...(has('code') && { font: 'Courier New' }),
      })
    }
    case 'break':
      return new TextRun({ break: 1 })
    case 'gap':
      return new TextRun({ text: gaps.shift() ?? GAP_LINE, bold })
    case 'tex':
      return mathOf(node.tex)
    case 'picture':
      return pictureOf(node, assets)
  }
}

function pictureOf(node: Extract<Inline, { type: 'picture' }>, assets: Assets): ParagraphChild {
  const bytes = assets.get(node.asset)
  const type = bytes && imageType(bytes)
  const size = bytes && imageSize(bytes)
  if (!bytes || !type || !size) return new TextRun({ text: `[${node.alt}]`, italics: true })
  const width = Math.min(WIDEST_PIXELS, node.width ?? size.width)
  return new ImageRun({
    type: type === 'image/png' ? 'png' : 'jpg',
    data: Buffer.from(bytes),
    transformation: { width, height: Math.round((width * size.height) / size.width) },
    altText: { name: node.alt || 'picture', title: node.alt, description: node.alt },
  })
}

/** TeX as an equation of the document's own; TeX that cannot be set stays as it is typed. */
function mathOf(tex: string): ParagraphChild {
  const node = mathMl(tex, false)
  return node.type === 'text' ? new TextRun(tex) : new WordMath({ children: mathParts(node) })
}

function mathParts(node: MarkupNode): MathComponent[] {
  if (node.type === 'text') return node.value.trim() ? [new MathRun(node.value)] : []
  if (node.name === 'annotation') return []
  const parts = node.children.filter((child): child is ElementNode => child.type === 'element')
  const [a, b, c] = parts.map((part) => mathParts(part))
  switch (node.name) {
    case 'mfrac':
      return [new MathFraction({ numerator: a ?? [], denominator: b ?? [] })]
    case 'msqrt':
      return [new MathRadical({ children: parts.flatMap((part) => mathParts(part)) })]
    case 'mroot':
      return [new MathRadical({ children: a ?? [], degree: b ?? [] })]
    case 'msub':
    case 'munder':
      return [new MathSubScript({ children: a ?? [], subScript: b ?? [] })]
    case 'msup':
    case 'mover':
      return [new MathSuperScript({ children: a ?? [], superScript: b ?? [] })]
    case 'msubsup':
    case 'munderover':
      return [new MathSubSuperScript({ children: a ?? [], subScript: b ?? [], superScript: c ?? [] })]
    default:
      return node.children.flatMap((child) => mathParts(child))
  }
}
