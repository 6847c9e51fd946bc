import { type Assets, type Item, keyText, placeLetter } from '@zakuska/core'
import { AlignmentType, Document, Footer, HeadingLevel, Packer, PageNumber, Paragraph, TextRun } from 'docx'
import {
  aboutLine,
  type Placed,
  placesOf,
  pointsLabel,
  type PrintPaper,
  type PrintPart,
  scaleSteps,
  type SheetSize,
} from './sheet.ts'
import { directionOf, GAP_LINE, INDENT, line, type Piece, pieces, tableOf, turned } from './document-blocks.ts'

const TWIPS_PER_POINT = 20

const FACE = 'Georgia'

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

// eslint-disable-next-line max-lines-per-function -- one short case for each kind
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
