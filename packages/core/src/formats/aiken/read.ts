import { textInlines } from '../../content/elements.ts'
import { normalizeContent, paragraph, type Content } from '../../content/model.ts'
import { optionId, type Item } from '../../item/model.ts'
import { FormatError, type FormatData, type ReadResult, type Unread } from '../format.ts'

const OPTION = /^\s*([A-Za-z])[.)]\s+(\S.*)$/
const KEY = /^\s*ANSWER\s*:\s*([A-Za-z])\s*$/i

interface Block {
  readonly line: number
  readonly stem: readonly string[]
  readonly options: readonly string[]
  readonly key: string
}

/** Reads an Aiken file into single choice items; a question without options or key is listed as unread. */
export function readAiken(data: FormatData): ReadResult {
  if (data.form !== 'text') throw new FormatError('An Aiken file is text, not a package.')
  const { blocks, unread } = blocksOf(data.text)
  return { title: null, items: blocks.map(toItem), unread }
}

/** @internal The questions of a file, parted at their key lines. */
export function blocksOf(text: string): { readonly blocks: readonly Block[]; readonly unread: readonly Unread[] } {
  const blocks: Block[] = []
  const unread: Unread[] = []
  let start = 0
  let stem: string[] = []
  let options: string[] = []
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  const giveUp = (end: number, reason: string): void => {
    const source = lines.slice(start, end).join('\n').trim()
    if (source) unread.push({ where: `line ${start + 1}`, reason, source })
  }
  lines.forEach((line, index) => {
    const option = OPTION.exec(line)
    const key = KEY.exec(line)?.[1]?.toUpperCase()
    if (!stem.length && !options.length) start = index
    if (key !== undefined) {
      const place = key.charCodeAt(0) - 65
      if (stem.length && options.length > 1 && place < options.length)
        blocks.push({ line: start + 1, stem, options, key })
      else giveUp(index + 1, 'The question has no stem, fewer than two options, or a key that names none of them.')
      stem = []
      options = []
    } else if (option?.[2] && stem.length && option[1]?.toUpperCase() === String.fromCharCode(65 + options.length))
      options.push(option[2].trim())
    else if (line.trim()) stem.push(line.trim())
  })
  if (stem.length || options.length) giveUp(lines.length, 'The question has no ANSWER line.')
  return { blocks, unread }
}

function toItem(block: Block): Item {
  return {
    kind: 'single',
    stem: contentOf(block.stem.join(' ')),
    points: 1,
    tags: [],
    options: block.options.map((text, index) => ({ id: optionId(index), content: contentOf(text) })),
    key: [optionId(block.key.charCodeAt(0) - 65)],
    shuffle: true,
  }
}

function contentOf(text: string): Content {
  return normalizeContent([paragraph(textInlines(text))])
}
