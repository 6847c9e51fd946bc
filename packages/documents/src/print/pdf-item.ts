import { keyText, placeLetter, plainText, type ChoiceItem, type Content, type Item } from '@zakuska/core'
import type { Content as PdfContent, ContentColumns, TableCell } from 'pdfmake/interfaces.js'
import { baseOf } from './direction.ts'
import { pdfLine, pdfText, type TextSettings } from './pdf-text.ts'
import { pointsLabel, scaleSteps, type Placed } from './sheet.ts'

type Column = Exclude<ContentColumns['columns'][number], string>

const FULL_LINE = 400
const NUMBER_WIDTH = 24
const POINTS_WIDTH = 52
const LINE_GAP = 20
const LINES_PER_POINT = 3
const MIN_LINES = 5
const MAX_LINES = 18

/** An item as it stands on the paper, kept together on its page; with `withKey`, its key and feedback stand with it. */
export function pdfItem(placed: Placed, settings: TextSettings, withKey: boolean): PdfContent {
  const { number, item } = placed
  const across = acrossOf(item)
  const [near, far] = across(['left', 'right'] as const)
  const body = [...stemOf(item, settings, withKey), ...answersOf(placed, settings, withKey)]
  return {
    unbreakable: true,
    margin: [0, 0, 0, 12],
    columns: across([
      { width: NUMBER_WIDTH, text: number === null ? '' : `${number}.`, bold: true, alignment: near },
      { width: '*', stack: [...body, ...(withKey ? keyNotes(placed, settings) : [])] },
      {
        width: POINTS_WIDTH,
        text: pointsLabel(item),
        alignment: far,
        fontSize: 8.5,
        color: '#555555',
        margin: [0, 2.4, 0, 0],
      },
    ]),
  }
}

/** What stands side by side goes the way that the item is read. */
function acrossOf(item: Item): <T>(side: readonly T[]) => T[] {
  return baseOf(plainText(item.stem)) === 'rtl' ? (side) => [...side].reverse() : (side) => [...side]
}

function stemOf(item: Item, settings: TextSettings, withKey: boolean): PdfContent[] {
  if (item.kind !== 'cloze') return pdfText(item.stem, settings)
  const gaps = item.gaps.map((gap) => {
    if (withKey) return `[${gap.key.join(' / ')}]`
    return gap.choices ? `(${gap.choices.join(' / ')})` : '______________'
  })
  return pdfText(item.stem, { ...settings, gaps })
}

function answersOf(placed: Placed, settings: TextSettings, withKey: boolean): PdfContent[] {
  const { item } = placed
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return [optionList(item, settings, withKey)]
    case 'truefalse':
      return [boxes(['true', 'false'], withKey ? (item.key[0] === undefined ? -1 : item.key[0] ? 0 : 1) : -1)]
    case 'short':
      return withKey || hasGap(item.stem) ? [] : [writingLines(1)]
    case 'numeric':
      return withKey ? [] : [answerLine(item.unit ?? '', settings)]
    case 'cloze':
      return item.wordBank?.length ? [wordBank(item.wordBank, settings)] : []
    case 'order':
      return item.options.map((option, index) => ({
        columns: acrossOf(item)<Column>([
          { width: 34, text: withKey ? String(item.key.indexOf(option.id) + 1) : '____' },
          { width: 16, text: placeLetter(index), color: '#555555' },
          { width: '*', stack: pdfText(option.content, settings) },
        ]),
        margin: [0, 2, 0, 0],
      }))
    case 'match':
      return [matching(placed, settings)]
    case 'grid':
      return [grid(item, settings, withKey)]
    case 'scale':
      return [scale(item, settings)]
    case 'essay':
      return withKey ? [] : [writingLines(Math.min(MAX_LINES, Math.max(MIN_LINES, item.points * LINES_PER_POINT)))]
    case 'note':
      return []
  }
}

function hasGap(content: Content): boolean {
  return /_{3}/.test(plainText(content))
}

function optionList(item: ChoiceItem, settings: TextSettings, withKey: boolean): PdfContent {
  const across = acrossOf(item)
  const [near] = across(['left', 'right'] as const)
  const rows = item.options.map((option, index): PdfContent => {
    const isKey = withKey && item.key.includes(option.id)
    return {
      columns: across<Column>([
        {
          width: 16,
          text: isKey ? '✓' : item.kind === 'multiple' ? '☐' : '',
          font: 'Sans',
          fontSize: 9,
          margin: [0, 4, 0, 0],
          alignment: near,
        },
        { width: 16, text: placeLetter(index), color: isKey ? '#000000' : '#555555', bold: isKey, alignment: near },
        { width: '*', stack: pdfText(option.content, settings), bold: isKey },
      ]),
      margin: [0, 1.5, 0, 0],
    }
  })
  return { stack: rows, margin: [0, 2, 0, 0] }
}

function boxes(labels: readonly string[], key: number): PdfContent {
  return {
    margin: [0, 3, 0, 0],
    columns: labels.map((label, index) => ({
      width: 80,
      text: [
        { text: index === key ? '☑ ' : '☐ ', font: 'Sans', fontSize: 9.5 },
        { text: label, bold: index === key },
      ],
    })),
  }
}

function writingLines(count: number): PdfContent {
  return {
    margin: [0, 6, 0, 2],
    canvas: Array.from({ length: count }, (_none, at) => ({
      type: 'line' as const,
      x1: 0,
      y1: (at + 1) * LINE_GAP,
      x2: FULL_LINE,
      y2: (at + 1) * LINE_GAP,
      lineWidth: 0.5,
      lineColor: '#777777',
    })),
  }
}

function answerLine(unit: string, settings: TextSettings): PdfContent {
  return { ...pdfLine(`____________________ ${unit}`, settings), margin: [0, 10, 0, 0] }
}

function wordBank(words: readonly string[], settings: TextSettings): PdfContent {
  return {
    table: {
      widths: ['*'],
      body: [[{ ...pdfLine(words.join('     '), settings), alignment: 'center', margin: [4, 3, 4, 3] }]],
    },
    margin: [0, 5, 0, 0],
  }
}

/** Two columns with dots to join; the right one in an order that gives nothing away. */
function matching({ item, rightOrder }: Placed, settings: TextSettings): PdfContent {
  if (item.kind !== 'match') return ''
  const rows = Math.max(item.left.length, rightOrder.length)
  const across = acrossOf(item)
  const dot = (there: boolean): TableCell => ({
    text: there ? '•' : '',
    alignment: 'center',
    fontSize: 14,
    margin: [0, -3.5, 0, 0],
  })
  const body = Array.from({ length: rows }, (_none, at): TableCell[] => {
    const [left, right] = [item.left[at], item.right[rightOrder[at] ?? -1]]
    return across<TableCell>([
      { text: left ? String(at + 1) : '', color: '#555555' },
      { stack: left ? pdfText(left, settings) : [] },
      dot(left !== undefined),
      '',
      dot(right !== undefined),
      { text: right ? placeLetter(at) : '', color: '#555555' },
      { stack: right ? pdfText(right, settings) : [] },
    ])
  })
  return {
    table: { widths: across([12, '*', 12, 60, 12, 12, '*']), body },
    layout: { hLineWidth: () => 0, vLineWidth: () => 0, paddingTop: () => 3, paddingBottom: () => 3 },
    margin: [0, 4, 0, 0],
  }
}

function grid(item: Extract<Item, { kind: 'grid' }>, settings: TextSettings, withKey: boolean): PdfContent {
  const keyed = new Set(item.key.map(([row, column]) => `${row} ${column}`))
  const head: TableCell[] = [
    '',
    ...item.columns.map((column): TableCell => ({ stack: pdfText(column, settings), alignment: 'center' })),
  ]
  const across = acrossOf(item)
  const rows = item.rows.map((row, at): TableCell[] => [
    { stack: pdfText(row, settings) },
    ...item.columns.map((_column, column): TableCell => ({
      text: withKey && keyed.has(`${at} ${column}`) ? '☑' : '☐',
      font: 'Sans',
      alignment: 'center',
      fontSize: 10,
      margin: [0, 3, 0, 0],
    })),
  ])
  return {
    table: {
      widths: across(['*', ...item.columns.map(() => 'auto' as const)]),
      body: [head, ...rows].map((row) => across(row)),
    },
    layout: 'lightHorizontalLines',
    margin: [0, 4, 0, 0],
  }
}

function scale(item: Extract<Item, { kind: 'scale' }>, settings: TextSettings): PdfContent {
  const steps = scaleSteps(item)
  const cell = (text: string): TableCell => ({ ...pdfLine(text, settings), alignment: 'center' })
  return {
    table: {
      body: [
        [cell(item.lowLabel ?? ''), ...steps.map(cell), cell(item.highLabel ?? '')],
        ['', ...steps.map((): TableCell => ({ text: '☐', font: 'Sans', alignment: 'center' })), ''],
      ],
    },
    layout: 'noBorders',
    margin: [0, 4, 0, 0],
  }
}

/** What a key sheet says beneath an item. */
function keyNotes({ item, rightOrder }: Placed, settings: TextSettings): PdfContent[] {
  const said: PdfContent[] = []
  const key = keyText(item, rightOrder)
  const isShown =
    item.kind === 'single' || item.kind === 'multiple' || item.kind === 'truefalse' || item.kind === 'grid'
  if (key && !isShown)
    said.push({ text: [{ text: 'Key: ', bold: true }, ...pdfLine(key, settings).text], margin: [0, 3, 0, 0] })
  if (item.kind === 'essay' && item.sample)
    said.push({ text: 'A good answer:', bold: true, margin: [0, 3, 0, 0] }, ...pdfText(item.sample, settings))
  if (item.kind === 'essay')
    for (const line of item.rubric ?? [])
      said.push({ ...pdfLine(`${line.points}  ${line.says}`, settings), margin: [8, 1, 0, 0] })
  if (item.feedback)
    said.push({ stack: pdfText(item.feedback, settings), italics: true, color: '#444444', margin: [0, 3, 0, 0] })
  return said
}
