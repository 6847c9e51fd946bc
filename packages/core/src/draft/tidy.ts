import type { Block, Content, Inline } from '../content/model.ts'
import type { KeptItem } from '../item/model.ts'

/** Items as clean plain text that the reader reads back to the same items: numbers, letters, a line per key. */
export function tidyText(items: readonly KeptItem[], title: string | null = null): string {
  const head = title === null ? [] : [title]
  return `${[...head, ...items.map((item, index) => tidyItem(item, index + 1))].join('\n\n')}\n`
}

function tidyItem(item: KeptItem, number: number): string {
  const points = item.points === 1 ? '' : ` (${item.points} points)`
  const lead = item.kind === 'truefalse' ? 'True or false: ' : ''
  const stem = draftText(item.stem)
  const [first = '', ...rest] = stem.split('\n')
  return [`${number}. ${lead}${first}${points}`, ...rest, ...answerLines(item), ...extraLines(item)].join('\n')
}

function answerLines(item: KeptItem): string[] {
  switch (item.kind) {
    case 'truefalse':
      return item.key.length ? [`Answer: ${item.key[0] ? 'True' : 'False'}`] : []
    case 'short':
      return item.key.length ? [`Answer: ${item.key.join(' / ')}`] : []
    case 'single':
    case 'multiple': {
      const options = item.options.map(
        (option, index) => `${letter(index)}) ${draftText(option.content).replaceAll('\n', ' ')}`,
      )
      const keyed = item.options.flatMap((option, index) => (item.key.includes(option.id) ? [letter(index)] : []))
      return keyed.length ? [...options, `Answer: ${keyed.join(', ')}`] : options
    }
  }
}

function extraLines(item: KeptItem): string[] {
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
      return '_____'
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
