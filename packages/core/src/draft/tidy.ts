import type { Block, Content, Inline } from '../content/model.ts'
import type { Item, ItemKind, NumericKey, Option } from '../item/model.ts'
import type { Reading } from './model.ts'

/** Items as clean plain text that the reader reads back to the same items: numbers, letters, a line per key. */
export function tidyText(items: readonly Item[], title: string | null = null): string {
  const head = title === null ? [] : [title]
  return `${[...head, ...items.map((item, index) => tidyItem(item, index + 1))].join('\n\n')}\n`
}

/** A whole reading as clean plain text: its items, and each passage before the items that it is for. */
export function tidyReading(reading: Reading): string {
  const parts = reading.title === null ? [] : [reading.title]
  reading.items.forEach((read, index) => {
    const before = reading.items[index - 1]?.passageId ?? null
    const passage = reading.passages.find((one) => one.id === read.passageId)
    if (passage && read.passageId !== before) {
      const last = reading.items.findLastIndex((one) => one.passageId === read.passageId)
      parts.push(`Read the text and answer questions ${index + 1} to ${last + 1}.`, draftText(passage.content))
    }
    parts.push(tidyItem(read.item, index + 1))
  })
  return `${parts.join('\n\n')}\n`
}

const GAP_TEXT = '_____'

/** Labels before a stem that say a kind which nothing else in the text would. */
const LEADS: Partial<Record<ItemKind, string>> = {
  truefalse: 'True or false: ',
  order: 'Ordering: ',
  essay: 'Essay: ',
  note: 'Note: ',
}

function tidyItem(item: Item, number: number): string {
  const points = item.points === 1 || item.kind === 'note' || item.kind === 'scale' ? '' : ` (${item.points} points)`
  const [first = '', ...rest] = stemText(item).split('\n')
  return [
    `${number}. ${LEADS[item.kind] ?? ''}${first}${points}`,
    ...rest,
    ...answerLines(item),
    ...extraLines(item),
  ].join('\n')
}

function stemText(item: Item): string {
  const text = draftText(item.stem)
  if (item.kind === 'scale')
    return `${text} (${item.low} = ${item.lowLabel ?? 'least'} … ${item.high} = ${item.highLabel ?? 'most'})`
  if (item.kind !== 'cloze') return text
  let gap = 0
  return text.replaceAll(GAP_TEXT, () => {
    const choices = item.gaps[gap++]?.choices
    return choices ? `(${choices.join(' / ')})` : GAP_TEXT
  })
}

// eslint-disable-next-line max-lines-per-function -- one short case for each kind
function answerLines(item: Item): string[] {
  switch (item.kind) {
    case 'truefalse':
      return item.key.length ? [`Answer: ${item.key[0] ? 'True' : 'False'}`] : []
    case 'short':
      return item.key.length ? [`Answer: ${item.key.join(' / ')}`] : []
    case 'single':
    case 'multiple': {
      const keyed = item.options.flatMap((option, index) => (item.key.includes(option.id) ? [letter(index)] : []))
      return [...optionLines(item.options), ...keyLine(keyed.join(', '))]
    }
    case 'order':
      return [
        ...optionLines(item.options),
        ...keyLine(item.key.map((id) => letter(item.options.findIndex((option) => option.id === id))).join(', ')),
      ]
    case 'numeric':
      return keyLine(item.key.map((key) => numberText(key, item.unit)).join(' / '))
    case 'cloze': {
      const words = item.wordBank ? [`Word bank: ${item.wordBank.join(', ')}`] : []
      const keyed = item.gaps.some((gap) => gap.key.length > 0)
      const keys = item.gaps.map((gap, index) => `(${index + 1}) ${gap.key.join(' / ')}`).join(' ')
      return [
        ...words,
        ...keyLine(keyed ? (item.gaps.length === 1 ? (item.gaps[0]?.key.join(' / ') ?? '') : keys) : ''),
      ]
    }
    case 'match':
      return [
        ...tableLines(['Left', 'Right'], Math.max(item.left.length, item.right.length), (row) => [
          item.left[row] ? `${row + 1}. ${lineText(item.left[row])}` : '',
          item.right[row] ? `${letter(row).toLowerCase()}) ${lineText(item.right[row])}` : '',
        ]),
        ...keyLine(item.key.map(([left, right]) => `${left + 1}-${letter(right).toLowerCase()}`).join(', ')),
      ]
    case 'grid':
      return tableLines(['', ...item.columns.map(lineText)], item.rows.length, (row) => [
        lineText(item.rows[row] ?? []),
        ...item.columns.map((_column, at) => (item.key.some(([r, c]) => r === row && c === at) ? 'x' : '')),
      ])
    case 'essay':
      return item.sample ? [`Sample answer: ${lineText(item.sample)}`] : []
    case 'scale':
    case 'note':
      return []
  }
}

function keyLine(key: string): string[] {
  return key ? [`Answer: ${key}`] : []
}

function optionLines(options: readonly Option[]): string[] {
  return options.map((option, index) => `${letter(index)}) ${lineText(option.content)}`)
}

function tableLines(header: readonly string[], rows: number, cells: (row: number) => readonly string[]): string[] {
  const line = (texts: readonly string[]): string => `| ${texts.join(' | ')} |`
  return [
    line(header),
    line(header.map(() => '---')),
    ...Array.from({ length: rows }, (_none, row) => line(cells(row))),
  ]
}

function numberText(key: NumericKey, unit: string | undefined): string {
  const behind = unit === undefined ? '' : ` ${unit}`
  if ('min' in key) return `between ${key.min} and ${key.max}${behind}`
  return key.tolerance ? `${key.value}${behind} (± ${key.tolerance})` : `${key.value}${behind}`
}

function lineText(content: Content): string {
  return draftText(content).replaceAll('\n', ' ')
}

function extraLines(item: Item): string[] {
  const lines: string[] = []
  if (item.feedback) lines.push(`Explanation: ${draftText(item.feedback).replaceAll('\n', ' ')}`)
  if (item.hint) lines.push(`Hint: ${draftText(item.hint).replaceAll('\n', ' ')}`)
  if (item.timeLimit !== undefined) lines.push(`Time: ${item.timeLimit} s`)
  if (item.difficulty !== undefined) lines.push(`Difficulty: ${item.difficulty}`)
  if (item.level !== undefined) lines.push(`Level: ${item.level}`)
  if (item.outcome !== undefined) lines.push(`Outcome: ${item.outcome}`)
  if (item.tags.length) lines.push(`Tags: ${item.tags.join(', ')}`)
  return lines
}

function letter(index: number): string {
  return String.fromCharCode(65 + index)
}

/** Rich text in the markup that the reader reads: Markdown emphasis, `^` and `_` scripts, TeX, gaps as underscores. */
export function draftText(content: Content): string {
  return content.map(blockText).join('\n')
}

function blockText(block: Block): string {
  switch (block.type) {
    case 'paragraph':
      return block.content.map(inlineText).join('')
    case 'preformatted':
      return `\`\`\`\n${block.text}\n\`\`\``
    case 'list':
      return block.entries.map((entry) => draftText(entry)).join('\n')
    case 'table':
      return block.rows.map((row) => `| ${row.cells.map((cell) => draftText(cell)).join(' | ')} |`).join('\n')
  }
}

function inlineText(node: Inline): string {
  switch (node.type) {
    case 'text':
      return styled(node.text, node.styles ?? [])
    case 'break':
      return ' '
    case 'gap':
      return GAP_TEXT
    case 'tex':
      return `\\(${node.tex}\\)`
    case 'picture':
      return `![${node.alt}](${node.asset ? `asset:${node.asset}${node.width === undefined ? '' : `?width=${node.width}`}` : 'picture'})`
  }
}

const WRAPPERS: Readonly<Record<string, readonly [string, string]>> = {
  strong: ['**', '**'],
  emphasis: ['*', '*'],
  underline: ['<u>', '</u>'],
  sub: ['<sub>', '</sub>'],
  sup: ['<sup>', '</sup>'],
  code: ['`', '`'],
}

function styled(text: string, styles: readonly string[]): string {
  return styles.reduceRight(
    (inner, style) => `${WRAPPERS[style]?.[0] ?? ''}${inner}${WRAPPERS[style]?.[1] ?? ''}`,
    text,
  )
}
