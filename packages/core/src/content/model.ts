/**
 * Rich text: one small closed vocabulary that stems, options, feedback, hints and passages share.
 * A value is a list of blocks and is never changed in place. Every format, the editor, print and
 * the plain-text projection map to and from it.
 */
export type Content = readonly Block[]

export type Block = Paragraph | Preformatted | List | Table

export interface Paragraph {
  readonly type: 'paragraph'
  readonly content: readonly Inline[]
}

/** Program text: blanks and line ends count. */
export interface Preformatted {
  readonly type: 'preformatted'
  readonly text: string
}

export interface List {
  readonly type: 'list'
  readonly ordered: boolean
  /** One entry per list element; each is at least one block. */
  readonly entries: readonly Content[]
}

export interface Table {
  readonly type: 'table'
  readonly rows: readonly TableRow[]
}

export interface TableRow {
  readonly header: boolean
  readonly cells: readonly Content[]
}

export type Inline = Text | LineBreak | Gap | Tex | Picture

export interface Text {
  readonly type: 'text'
  readonly text: string
  /** In the order of `TEXT_STYLES`, without duplicates; absent means plain. */
  readonly styles?: readonly TextStyle[]
}

export interface LineBreak {
  readonly type: 'break'
}

/** A place to fill. In a cloze item the n-th gap of the stem belongs to the n-th entry of its gaps. */
export interface Gap {
  readonly type: 'gap'
}

/** Mathematics in TeX, without delimiters. */
export interface Tex {
  readonly type: 'tex'
  readonly tex: string
  readonly display: boolean
}

export interface Picture {
  readonly type: 'picture'
  /** Name of the asset that holds the bytes; empty where a draft only names a picture. */
  readonly asset: string
  readonly alt: string
  /** Shown width in CSS pixels; absent means natural width. */
  readonly width?: number
}

/** Canonical order, outermost first. */
export const TEXT_STYLES = ['strong', 'emphasis', 'underline', 'sub', 'sup', 'code'] as const
export type TextStyle = (typeof TEXT_STYLES)[number]

/** Plain text as one paragraph per line; no markup is read from it. */
export function contentOf(text: string): Content {
  return text
    .split('\n')
    .filter((line) => line !== '')
    .map((line) => paragraph([{ type: 'text', text: line }]))
}

export function paragraph(content: readonly Inline[]): Paragraph {
  return { type: 'paragraph', content }
}

/** A run of text with its styles in canonical order. */
export function styledText(text: string, styles: Iterable<TextStyle>): Text {
  const wanted = new Set(styles)
  if (!wanted.size) return { type: 'text', text }
  const ordered = TEXT_STYLES.filter((style) => wanted.has(style))
  return { type: 'text', text, styles: ordered }
}

export function isEmptyContent(content: Content | undefined): boolean {
  return !content || content.every(isEmptyBlock)
}

function isEmptyBlock(block: Block): boolean {
  switch (block.type) {
    case 'paragraph':
      return block.content.every((node) => node.type === 'break' || (node.type === 'text' && node.text.trim() === ''))
    case 'preformatted':
      return block.text.trim() === ''
    case 'list':
      return block.entries.every(isEmptyContent)
    case 'table':
      return block.rows.every((row) => row.cells.every(isEmptyContent))
  }
}

/**
 * The same text in one normal form: neighbouring runs with equal styles joined, empty runs and
 * empty blocks gone. Two contents that look alike are equal after it.
 */
export function normalizeContent(content: Content): Content {
  return content.map(normalizeBlock).filter((block) => !isEmptyBlock(block))
}

function normalizeBlock(block: Block): Block {
  switch (block.type) {
    case 'paragraph':
      return paragraph(joinRuns(block.content))
    case 'preformatted':
      return block
    case 'list':
      return { ...block, entries: block.entries.map(normalizeContent).filter((entry) => entry.length > 0) }
    case 'table':
      return { ...block, rows: block.rows.map((row) => ({ ...row, cells: row.cells.map(normalizeContent) })) }
  }
}

function joinRuns(nodes: readonly Inline[]): Inline[] {
  const joined: Inline[] = []
  for (const node of nodes) {
    const last = joined.at(-1)
    if (node.type === 'text' && node.text === '') continue
    if (node.type === 'text' && last?.type === 'text' && sameStyles(node, last)) {
      joined[joined.length - 1] = { ...last, text: last.text + node.text }
    } else joined.push(node)
  }
  return trimEnds(joined)
}

function trimEnds(nodes: Inline[]): Inline[] {
  const first = nodes[0]
  if (first?.type === 'text') nodes[0] = { ...first, text: first.text.trimStart() }
  const last = nodes.at(-1)
  if (last?.type === 'text') nodes[nodes.length - 1] = { ...last, text: last.text.trimEnd() }
  return nodes.filter((node) => node.type !== 'text' || node.text !== '')
}

function sameStyles(a: Text, b: Text): boolean {
  return (a.styles ?? []).join() === (b.styles ?? []).join()
}

/** How many gaps stand in the text, in reading order. */
export function countGaps(content: Content): number {
  let count = 0
  for (const node of inlinesOf(content)) if (node.type === 'gap') count++
  return count
}

/** Every inline node in reading order. */
export function inlinesOf(content: Content): readonly Inline[] {
  const [only] = content
  if (content.length === 1 && only?.type === 'paragraph') return only.content
  const found: Inline[] = []
  gatherInlines(content, found)
  return found
}

function gatherInlines(content: Content, found: Inline[]): void {
  for (const block of content) {
    if (block.type === 'paragraph') found.push(...block.content)
    else if (block.type === 'list') for (const entry of block.entries) gatherInlines(entry, found)
    else if (block.type === 'table')
      for (const row of block.rows) for (const cell of row.cells) gatherInlines(cell, found)
  }
}
