import type { LineStyle, StyleRange } from '../model.ts'
import type { CleanText } from './characters.ts'

export interface MarkedText extends CleanText {
  readonly styles: readonly StyleRange[]
}

const HAS_MARKUP = /[*`$\\^]|<!--|-->|_(?=\d)|__?(?=\w)|\]\(|<\/?[a-z]/i

interface Found {
  /** Cut in front of and behind the inner text. */
  readonly open: number
  readonly close: number
  /** Length of the inner text. */
  readonly inner: number
  readonly styles: readonly LineStyle[]
  /** Wrapped round the inner text. */
  readonly before?: string
  readonly after?: string
  /** The inner text is not looked into again. */
  readonly opaque?: boolean
  /** Of a picture: where it is. */
  readonly target?: string
}

/** Recognisers by first character; each returns what stands at `at`, or null: not mine. */
const RECOGNISERS: Readonly<Record<string, (text: string, at: number) => Found | null>> = {
  '\\': texOrEscape,
  $: dollarTex,
  '`': codeSpan,
  '*': emphasis,
  _: underscores,
  '!': picture,
  '[': link,
  '<': tag,
  '-': commentEnd,
  '^': superscript,
}

/** Markdown and TeX in a line become plain text and a layer of styles; what is no markup stays as it is. */
export function readMarkup(piece: CleanText): MarkedText {
  if (!HAS_MARKUP.test(piece.text)) return { ...piece, styles: [] }
  const builder = new Builder(piece)
  builder.read(0, piece.text.length)
  return builder.result()
}

class Builder {
  #text = ''
  readonly #map: number[] = []
  readonly #styles: StyleRange[] = []
  readonly #piece: CleanText

  constructor(piece: CleanText) {
    this.#piece = piece
  }

  read(from: number, to: number): void {
    const text = this.#piece.text
    for (let at = from; at < to;) {
      const found = RECOGNISERS[text.charAt(at)]?.(text, at)
      if (found && at + found.open + found.inner + found.close <= to) {
        this.#take(at, found)
        at += found.open + found.inner + found.close
      } else {
        this.#push(text.charAt(at), at)
        at++
      }
    }
  }

  #take(at: number, found: Found): void {
    const start = this.#text.length
    const inner = at + found.open
    this.#push(found.before ?? '', at)
    if (found.opaque)
      for (let unit = inner; unit < inner + found.inner; unit++) this.#push(this.#piece.text.charAt(unit), unit)
    else this.read(inner, inner + found.inner)
    this.#push(found.after ?? '', inner + found.inner)
    for (const style of found.styles)
      this.#styles.push({
        from: start,
        to: this.#text.length,
        style,
        ...(found.target !== undefined && { target: found.target }),
      })
  }

  #push(text: string, at: number): void {
    const source = this.#piece.map ? (this.#piece.map[at] ?? 0) : at
    for (let unit = 0; unit < text.length; unit++) this.#map.push(source)
    this.#text += text
  }

  result(): MarkedText {
    const end = this.#piece.map ? (this.#piece.map.at(-1) ?? 0) : this.#piece.text.length
    return { text: this.#text, map: [...this.#map, end], styles: this.#styles }
  }
}

/** Letters of a formula; without an end, a text of nothing but openings would be searched once for each. */
const LONGEST_TEX = 4000
/** Letters between stars, likewise: a long paragraph. */
const LONGEST_EMPHASIS = 2000

/** Escapable characters of CommonMark 0.31.2, section 2.4. */
const ESCAPABLE = /[!-/:-@[-`{-~]/

function texOrEscape(text: string, at: number): Found | null {
  const next = text.charAt(at + 1)
  if (next === '(' || next === '[') {
    const inner = text.slice(at + 2, at + 2 + LONGEST_TEX).indexOf(next === '(' ? '\\)' : '\\]')
    if (inner >= 0) return tex(2, inner, 2)
  }
  return ESCAPABLE.test(next) ? { open: 1, inner: 1, close: 0, styles: [], opaque: true } : null
}

function tex(open: number, inner: number, close: number): Found {
  return { open, inner, close, styles: ['tex'], before: '\\(', after: '\\)', opaque: true }
}

/** As in Pandoc's `tex_math_dollars`: no blank inside the dollars, no digit behind the closing one. */
function dollarTex(text: string, at: number): Found | null {
  const width = text.startsWith('$$', at) ? 2 : 1
  const start = at + width
  if (width === 1 && /\s|^$/.test(text.charAt(start))) return null
  for (let close = text.indexOf('$', start); close > 0; close = text.indexOf('$', close + 1)) {
    if (text.charAt(close - 1) === '\\') continue
    if (width === 2) return text.startsWith('$$', close) && close > start ? tex(2, close - start, 2) : null
    if (close > start && !/\s/.test(text.charAt(close - 1)) && !/\d/.test(text.charAt(close + 1)))
      return tex(1, close - start, 1)
    return null
  }
  return null
}

function codeSpan(text: string, at: number): Found | null {
  if (text.startsWith('``', at)) return null
  const close = text.indexOf('`', at + 1)
  return close > at + 1 ? { open: 1, inner: close - at - 1, close: 1, styles: ['code'], opaque: true } : null
}

/**
 * Whether stars can open emphasis: a star behind a word marks it and opens nothing (left-flanking delimiter runs,
 * CommonMark 0.31, 6.2; inside words, where it lets stars open, they mean something else in drafts).
 */
export function opensEmphasis(text: string, at: number, width: number): boolean {
  const [before, after] = [text.slice(0, at).at(-1) ?? ' ', text.charAt(at + width) || ' ']
  if (/\s/u.test(after)) return false
  if (width === 1 && /[\p{L}\p{N}]/u.test(before)) return false
  return !/[\p{P}\p{S}]/u.test(after) || /[\s\p{P}\p{S}]/u.test(before)
}

function emphasis(text: string, at: number): Found | null {
  const width = text.startsWith('***', at) ? 3 : text.startsWith('**', at) ? 2 : 1
  const delimiter = '*'.repeat(width)
  const start = at + width
  if (/^$|\*/.test(text.charAt(start)) || !opensEmphasis(text, at, width)) return null
  const last = Math.min(text.length, start + LONGEST_EMPHASIS)
  for (
    let close = text.indexOf(delimiter, start);
    close > 0 && close <= last;
    close = text.indexOf(delimiter, close + 1)
  )
    if (closesEmphasis(text, close, width))
      return {
        open: width,
        inner: close - start,
        close: width,
        styles: width === 1 ? ['emphasis'] : width === 2 ? ['strong'] : ['strong', 'emphasis'],
      }
  return null
}

function closesEmphasis(text: string, at: number, width: number): boolean {
  const [before, after] = [text.charAt(at - 1), text.charAt(at + 1)]
  if (before === '\\' || /\s/.test(before)) return false
  return width > 1 || (before !== '*' && after !== '*' && !/\w/.test(after))
}

const UNDERSCORED = /(__?)(?=[^\s_])([^_]{0,400}[^\s_])\1(?![\w_])/y
const SUBSCRIPT = /_\{?(\d{1,3})\}?(?![\w{}])/y

function underscores(text: string, at: number): Found | null {
  const before = text.charAt(at - 1)
  const beforeThat = text.charAt(at - 2)
  if (/[A-Z)\]]/.test(before) || (/[a-z]/.test(before) && /[A-Z]/.test(beforeThat)))
    return script(SUBSCRIPT, text, at, 'sub') ?? chemical(text, at)
  if (/[\w]/.test(before)) return null
  UNDERSCORED.lastIndex = at
  const found = UNDERSCORED.exec(text)
  if (!found?.[1] || found[2] === undefined) return null
  const width = found[1].length
  if (width === 2 && found[2].length <= 2) return null
  return { open: width, inner: found[2].length, close: width, styles: [width === 2 ? 'strong' : 'emphasis'] }
}

const CHEMICAL = /_(\d)(?=[A-Z(])/y

function chemical(text: string, at: number): Found | null {
  return script(CHEMICAL, text, at, 'sub')
}

const SUPERSCRIPT = /\^(?:\{([^{}]{1,20})\}|([-−+]?\d{1,4}))(?![\d{}])/y

function superscript(text: string, at: number): Found | null {
  return /[\w)\]%°]/.test(text.charAt(at - 1)) ? script(SUPERSCRIPT, text, at, 'sup') : null
}

function script(pattern: RegExp, text: string, at: number, style: 'sup' | 'sub'): Found | null {
  pattern.lastIndex = at
  const found = pattern.exec(text)
  const inner = found?.[1] ?? found?.[2]
  if (!found || inner === undefined) return null
  const open = found[0].indexOf(inner)
  return { open, inner: inner.length, close: found[0].length - open - inner.length, styles: [style], opaque: true }
}

const PICTURE = /!\[([^\]]{0,300})\]\(([^)\s]{0,500})(?:\s"[^"]{0,200}")?\)/y

function picture(text: string, at: number): Found | null {
  PICTURE.lastIndex = at
  const found = PICTURE.exec(text)
  if (found?.[1] === undefined) return null
  return {
    open: 2,
    inner: found[1].length,
    close: found[0].length - 2 - found[1].length,
    styles: ['picture'],
    before: '[image: ',
    after: ']',
    opaque: true,
    target: found[2] ?? '',
  }
}

const LINK = /\[([^\]]{1,300})\]\((?:[^()\s]{1,500})\)/y

function link(text: string, at: number): Found | null {
  LINK.lastIndex = at
  const found = LINK.exec(text)
  if (found?.[1] === undefined) return null
  return { open: 1, inner: found[1].length, close: found[0].length - 1 - found[1].length, styles: [] }
}

const TAG_STYLES: Readonly<Record<string, LineStyle>> = {
  b: 'strong',
  strong: 'strong',
  i: 'emphasis',
  em: 'emphasis',
  u: 'underline',
  sup: 'sup',
  sub: 'sub',
  code: 'code',
}
const TAG = /<([a-z]{1,6})>([^<>]{0,400})<\/\1>/iy
const BREAK = /<br\s*\/?>/iy
/** What folds an answer away in Markdown, on lines of its own; in a sentence it is what is asked about. */
const FOLD = /<\/?(?:details|summary)(?:\s[^<>]{0,80})?>/iy
const FOLD_LINE = /^\s*(?:<\/?details[^<>]{0,80}>\s*|<summary[^<>]{0,80}>[^<>]*<\/summary>\s*)+$/i

/** "<!-- … -->": what a page does not show is in the draft all the same, without its signs. */
function commentEnd(text: string, at: number): Found | null {
  return text.startsWith('-->', at) && text.slice(at + 3).trim() === ''
    ? { open: 3, close: 0, inner: 0, styles: [] }
    : null
}

function tag(text: string, at: number): Found | null {
  if (text.startsWith('<!--', at)) return { open: 4, close: 0, inner: 0, styles: [] }
  BREAK.lastIndex = at
  const lineBreak = BREAK.exec(text)
  if (lineBreak) return { open: lineBreak[0].length, inner: 0, close: 0, styles: [], before: ' ' }
  FOLD.lastIndex = at
  const fold = FOLD.exec(text)
  if (fold && FOLD_LINE.test(text)) return { open: fold[0].length, inner: 0, close: 0, styles: [] }
  TAG.lastIndex = at
  const found = TAG.exec(text)
  const style = found?.[1] && TAG_STYLES[found[1].toLowerCase()]
  if (!found?.[1] || found[2] === undefined || !style) return null
  const width = found[1].length + 2
  return { open: width, inner: found[2].length, close: width + 1, styles: [style] }
}
