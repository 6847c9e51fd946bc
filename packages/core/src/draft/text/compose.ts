import {
  normalizeContent,
  paragraph,
  styledText,
  TEXT_STYLES,
  type Block,
  type Content,
  type Inline,
  type TextStyle,
} from '../../content/model.ts'
import type { LineStyle, Span, StyleRange } from '../model.ts'

/** How a span joins the one before it: `wrap` on the same paragraph, `paragraph` below it. */
export interface Piece {
  readonly span: Span
  readonly join: 'wrap' | 'paragraph' | 'preformatted'
}

/** A gap however it was drawn: underscores, dots, a bracketed word or blanks, with or without its number. */
export const GAP =
  /_{2,}(?:\s*\(\d{1,2}\)\s*_{2,})?|＿{2,}|\.{4,}|…{2,}|\[\s*(?:blank|gap|_{1,}|\.{2,}|…)\s*\]|[（(]\s{2,}[)）]|\[\s{2,}\]/gi

const PICTURE = /\[image: ([^\]]*)\]/g

interface Run {
  readonly text: string
  readonly styles: readonly StyleRange[]
}

/** Rich text from pieces of lines. A style that covers all of it is layout, not emphasis, and is dropped. */
export function compose(pieces: readonly Piece[]): Content {
  const blocks: Block[] = []
  for (const group of groupPieces(pieces)) {
    if (group[0]?.join === 'preformatted')
      blocks.push({ type: 'preformatted', text: dedent(group.map((piece) => spanText(piece.span))) })
    else blocks.push(paragraph(inlinesOf(joinRuns(group.map((piece) => runOf(piece.span))))))
  }
  return normalizeContent(withoutLayout(blocks))
}

export function spanText(span: Span): string {
  return span.line.text.slice(span.from, span.to)
}

function groupPieces(pieces: readonly Piece[]): Piece[][] {
  const groups: Piece[][] = []
  for (const piece of pieces) {
    const last = groups.at(-1)
    const joins = last && (piece.join === 'wrap' || (piece.join === 'preformatted' && last[0]?.join === 'preformatted'))
    if (joins && last) last.push(piece)
    else groups.push([piece])
  }
  return groups
}

function dedent(lines: readonly string[]): string {
  const shared = Math.min(...lines.filter((line) => line.trim()).map((line) => line.length - line.trimStart().length))
  return lines.map((line) => line.slice(Number.isFinite(shared) ? shared : 0).trimEnd()).join('\n')
}

function runOf(span: Span): Run {
  const text = spanText(span)
  const lead = text.length - text.trimStart().length
  const trimmed = text.trim()
  const from = span.from + lead
  const styles = span.line.styles
    .filter((range) => range.to > from && range.from < from + trimmed.length)
    .map((range) => ({
      ...range,
      from: Math.max(0, range.from - from),
      to: Math.min(trimmed.length, range.to - from),
    }))
  return { text: trimmed, styles }
}

/** A word parted by a hyphen at a line end is joined again; a hyphen before a capital or a digit is kept. */
function joinRuns(runs: readonly Run[]): Run {
  let text = ''
  const styles: StyleRange[] = []
  for (const run of runs) {
    if (!run.text) continue
    const hyphenated = /\p{Ll}{2}-$/u.test(text) && /^\p{Ll}{2}/u.test(run.text)
    if (hyphenated) text = text.slice(0, -1)
    else if (text && !isIdeographic(text.at(-1))) text += ' '
    else if (text && !isIdeographic(run.text.charAt(0))) text += ' '
    const shift = text.length
    text += run.text
    for (const range of run.styles) styles.push({ ...range, from: range.from + shift, to: range.to + shift })
  }
  return { text, styles }
}

function isIdeographic(character: string | undefined): boolean {
  return character !== undefined && /[\u3040-\u30FF\u3400-\u9FFF\uFF00-\uFF65。、]/.test(character)
}

function inlinesOf(run: Run): Inline[] {
  const nodes: Inline[] = []
  const stretches = stretchesOf(run)
  let at = 0
  for (const special of specialsOf(run)) {
    if (special.from < at) continue
    nodes.push(...stretches(at, special.from), special.node)
    at = special.to
  }
  nodes.push(...stretches(at, run.text.length))
  return nodes
}

interface Special {
  readonly from: number
  readonly to: number
  readonly node: Inline
}

function specialsOf(run: Run): Special[] {
  const found: Special[] = []
  for (const range of run.styles) {
    const text = run.text.slice(range.from, range.to)
    if (range.style === 'tex')
      found.push({
        from: range.from,
        to: range.to,
        node: { type: 'tex', tex: text.slice(2, -2).trim(), display: false },
      })
  }
  const tex = [...found].sort((a, b) => a.from - b.from)
  let next = 0
  // Gaps come from left to right, and so do the formulas that they may lie in.
  const inTex = (at: number): boolean => {
    while ((tex[next]?.to ?? Infinity) <= at) next++
    return (tex[next]?.from ?? Infinity) <= at
  }
  for (const picture of run.text.matchAll(PICTURE))
    found.push({
      from: picture.index,
      to: picture.index + picture[0].length,
      node: { type: 'picture', ...assetAt(run, picture.index), alt: picture[1] ?? '' },
    })
  for (const gap of run.text.matchAll(GAP))
    if (!inTex(gap.index)) found.push({ from: gap.index, to: gap.index + gap[0].length, node: { type: 'gap' } })
  return found.sort((a, b) => a.from - b.from)
}

/** The picture that a draft names by our own address; any other address is not in our keeping. */
function assetAt(run: Run, at: number): { readonly asset: string; readonly width?: number } {
  const range = run.styles.find((one) => one.style === 'picture' && one.from <= at && one.to > at)
  const found = /^asset:([\w-]{1,64})(?:\?width=(\d{1,4}))?$/.exec(range?.target ?? '')
  return { asset: found?.[1] ?? '', ...(found?.[2] && { width: Number(found[2]) }) }
}

/** The text of one stretch after the other, from left to right, parted where a style begins or ends. */
function stretchesOf(run: Run): (from: number, to: number) => Inline[] {
  const edges = [...new Set(run.styles.flatMap((range) => [range.from, range.to]))].sort((a, b) => a - b)
  const stylesAt = stylesFrom(run)
  let next = 0
  return (from, to) => {
    const nodes: Inline[] = []
    for (let start = from; start < to;) {
      while ((edges[next] ?? to) <= start) next++
      const end = Math.min(to, edges[next] ?? to)
      nodes.push(styledText(run.text.slice(start, end).replace(/\s+/g, ' '), stylesAt(start, end).filter(isTextStyle)))
      start = end
    }
    return nodes
  }
}

/** The styles of one stretch after the other, from left to right; those that have ended are not looked at again. */
function stylesFrom(run: Run): (from: number, to: number) => LineStyle[] {
  const coming = run.styles.map((range, order) => ({ ...range, order })).sort((a, b) => a.from - b.from)
  let next = 0
  let open: typeof coming = []
  return (from, to) => {
    for (let range = coming[next]; range && range.from <= from; range = coming[++next]) open.push(range)
    open = open.filter((range) => range.to > from)
    return open
      .filter((range) => range.to >= to)
      .sort((a, b) => a.order - b.order)
      .map((range) => range.style)
  }
}

function isTextStyle(style: LineStyle): style is TextStyle {
  return (TEXT_STYLES as readonly string[]).includes(style)
}

const LAYOUT_STYLES: readonly TextStyle[] = ['strong', 'emphasis', 'underline']

function withoutLayout(blocks: readonly Block[]): Block[] {
  const texts = blocks
    .flatMap((block) => (block.type === 'paragraph' ? block.content : []))
    .filter((node) => node.type === 'text' && node.text.trim() !== '')
  const layout = LAYOUT_STYLES.filter(
    (style) => texts.length > 0 && texts.every((node) => node.type === 'text' && node.styles?.includes(style)),
  )
  if (!layout.length) return [...blocks]
  return blocks.map((block) =>
    block.type === 'paragraph'
      ? paragraph(
          block.content.map((node) =>
            node.type === 'text'
              ? styledText(
                  node.text,
                  (node.styles ?? []).filter((style) => !layout.includes(style)),
                )
              : node,
          ),
        )
      : block,
  )
}
