import type { NumericKey } from '../../item/model.ts'

/** One answer of a GIFT question as it stands in the file. */
export interface GiftAnswer {
  /** `=` right, `~` wrong or weighted. */
  readonly sign: '=' | '~'
  /** Percentage in `[-100, 100]`, where the file gives one. */
  readonly weight: number | null
  readonly text: GiftText
  readonly feedback: GiftText | null
}

export interface GiftText {
  /** `auto`: the text names none, so that a site looks for itself whether it holds HTML. */
  readonly format: 'auto' | 'plain' | 'html' | 'markdown'
  /** With escapes resolved. */
  readonly text: string
}

/** One question of a GIFT file, parted but not yet understood as an item. */
export interface GiftQuestion {
  /** 1-based line of its first character. */
  readonly line: number
  readonly source: string
  readonly title: string | null
  /** The parts of its category, the outermost first; none: the file names none. */
  readonly category: readonly string[]
  readonly tags: readonly string[]
  readonly before: GiftText
  /** Whether a blank stands between it and the answer block. */
  readonly isSpaced: boolean
  /** Text behind the answer block, with the blanks before it: the question is of the missing-word form. */
  readonly after: string
  /** Null: no answer block at all, a description. */
  readonly answers: GiftAnswers | null
  readonly feedback: GiftText | null
}

export type GiftAnswers =
  | {
      readonly form: 'truth'
      readonly value: boolean
      readonly wrongFeedback: GiftText | null
      readonly rightFeedback: GiftText | null
    }
  | { readonly form: 'choices'; readonly choices: readonly GiftAnswer[] }
  | { readonly form: 'essay' }
  | { readonly form: 'numeric'; readonly bands: readonly GiftBand[] }
  | { readonly form: 'matching'; readonly pairs: readonly GiftPair[] }

export interface GiftBand {
  /** Percentage in `[0, 100]`. */
  readonly weight: number
  readonly band: NumericKey
  readonly feedback: GiftText | null
}

/** A pair without a left side is a spare for the right. */
export interface GiftPair {
  readonly left: GiftText
  readonly right: string
}

export interface GiftFile {
  readonly questions: readonly GiftQuestion[]
  readonly broken: readonly { readonly line: number; readonly reason: string; readonly source: string }[]
}

// Escaped characters are moved to a private block while the text is parted, so that no later step sees them.
const SHELTER_BASE = 0xe000
const SHELTERED = '\\~=#{}:n'

function shelter(text: string): string {
  if (!text.includes('\\')) return text
  return text.replace(/\\([\\~=#{}:n])/g, (_whole, character: string) =>
    String.fromCharCode(SHELTER_BASE + SHELTERED.indexOf(character)),
  )
}

function restore(text: string): string {
  return text.replace(/[\uE000-\uE007]/g, (character) => {
    const plain = SHELTERED.charAt(character.charCodeAt(0) - SHELTER_BASE)
    return plain === 'n' ? '\n' : plain
  })
}

/**
 * Parts a GIFT file: questions stand between empty lines, `//` starts a comment line, `$CATEGORY:` sets
 * the category of what follows. A question that cannot be parted is listed as broken, the others are read.
 */
export function parseGift(source: string): GiftFile {
  const questions: GiftQuestion[] = []
  const broken: { line: number; reason: string; source: string }[] = []
  let category: readonly string[] = []
  for (const block of blocksOf(source)) {
    const tags = [...block.comments.matchAll(/\[tag:([^\]]+)\]/g)].map((tag) => (tag[1] ?? '').trim())
    const body = withoutCategories(block.text, (parts) => (category = parts))
    if (!body.trim()) continue
    const read = parseQuestion(body, block.line, category, tags)
    if (typeof read === 'string') broken.push({ line: block.line, reason: read, source: body.trim() })
    else questions.push(read)
  }
  return { questions, broken }
}

function withoutCategories(text: string, take: (parts: string[]) => void): string {
  if (!text.includes('$CATEGORY')) return text
  return text.replace(/^\s*\$CATEGORY:\s*(.+)$/gm, (_whole, name: string) => {
    take(categoryParts(name))
    return ''
  })
}

/** A doubled slash is one of the name; a part between dollar signs stands for the place that the file is loaded into. */
function categoryParts(name: string): string[] {
  return name
    .split(/(?<!\/)\/(?!\/)/)
    .map((part) => part.replaceAll('//', '/').trim())
    .filter((part) => part && !/^\$.*\$$/.test(part))
}

interface GiftBlock {
  readonly line: number
  readonly text: string
  readonly comments: string
}

// eslint-disable-next-line max-lines-per-function -- short steps over one state, a line after the other
function blocksOf(source: string): GiftBlock[] {
  const blocks: GiftBlock[] = []
  let lines: string[] = []
  let comments = ''
  let first = 0
  let depth = 0
  /** Of an open block, how many of its lines stand before the last empty one. */
  let parted = 0
  const flush = (): void => {
    if (lines.length) blocks.push({ line: first, text: lines.join('\n'), comments })
    if (lines.length) comments = ''
    lines = []
    depth = 0
    parted = 0
  }
  /** A block that is not closed ends at the empty line before the next one opens, so that only its own item is lost. */
  const giveUp = (): void => {
    const others = lines.slice(parted)
    const from = first + parted
    lines = lines.slice(0, parted)
    flush()
    const start = others.findIndex((line) => line.trim() !== '')
    lines = start < 0 ? [] : others.slice(start)
    first = from + Math.max(0, start)
  }
  source
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\r|\n/)
    .forEach((line, index) => {
      if (/^\s*\/\//.test(line)) comments += `${line}\n`
      else if (line.trim() === '' && depth <= 0) flush()
      else {
        // The empty line between two questions is forgotten at times; a line of answers ends one all the same.
        if (depth <= 0 && /\}\s*$/.test(lines.at(-1) ?? '') && opensAnswers(line)) flush()
        if (depth > 0 && parted > 0 && (opensAnswers(line) || /^\s*(?:::|\$CATEGORY:)/.test(line))) giveUp()
        if (!lines.length) first = index + 1
        if (line.trim() === '') parted = lines.length
        lines.push(line)
        depth += bracesOf(line)
      }
    })
  flush()
  return blocks
}

function opensAnswers(line: string): boolean {
  return /(?<!\\)(?:\\\\)*\{/.test(line)
}

/** How many more answer blocks a line opens than it closes. */
function bracesOf(line: string): number {
  let depth = 0
  for (const [found] of line.matchAll(/\\.|[{}]/g)) depth += found === '{' ? 1 : found === '}' ? -1 : 0
  return depth
}

function parseQuestion(
  body: string,
  line: number,
  category: readonly string[],
  tags: readonly string[],
): GiftQuestion | string {
  let rest = shelter(body.trim())
  let title: string | null = null
  const titled = /^::([\s\S]*?)::/.exec(rest)
  if (titled) {
    title = restore(titled[1] ?? '').trim()
    rest = rest.slice(titled[0].length)
  }
  const open = rest.indexOf('{')
  const common = { line, source: body, title, category, tags }
  if (open < 0) return { ...common, before: giftText(rest), isSpaced: false, after: '', answers: null, feedback: null }
  const close = rest.lastIndexOf('}')
  if (close < open) return 'The answer block is not closed: a } is missing.'
  const inner = rest.slice(open + 1, close)
  if (/[{}]/.test(inner)) return 'There are braces inside the answer block that are not escaped.'
  const general = inner.indexOf('####')
  const answers = parseAnswers((general < 0 ? inner : inner.slice(0, general)).trim())
  if (typeof answers === 'string') return answers
  return {
    ...common,
    answers,
    before: giftText(rest.slice(0, open)),
    isSpaced: /\s$/.test(rest.slice(0, open)),
    after: restore(rest.slice(close + 1)).trimEnd(),
    feedback: general < 0 ? null : giftText(inner.slice(general + 4)),
  }
}

function parseAnswers(inner: string): GiftAnswers | string {
  if (inner === '') return { form: 'essay' }
  if (inner.startsWith('#')) return parseNumeric(inner.slice(1))
  const truth = /^(T|TRUE|F|FALSE)\s*(?:#([^#]*))?(?:#([^#]*))?$/i.exec(inner)
  if (truth?.[1]) {
    const feedback = (text: string | undefined): GiftText | null => (text?.trim() ? giftText(text) : null)
    return {
      form: 'truth',
      value: /^t/i.test(truth[1]),
      wrongFeedback: feedback(truth[2]),
      rightFeedback: feedback(truth[3]),
    }
  }
  if (!/^[=~]/.test(inner)) return 'An answer must start with = or ~.'
  const parts = [...inner.matchAll(/([=~])([^=~]*)/g)]
  if (parts.every((part) => part[1] === '=') && parts.some((part) => (part[2] ?? '').includes('->')))
    return parseMatching(parts.map((part) => part[2] ?? ''))
  return { form: 'choices', choices: parts.map((part) => parseAnswer(part[1] === '=' ? '=' : '~', part[2] ?? '')) }
}

/** `3.14:0.01`, `1..5`, or several bands behind `=`, each with its percentage. */
function parseNumeric(body: string): GiftAnswers | string {
  const parts = /^\s*=/.test(body) ? [...body.matchAll(/=([^=]*)/g)].map((part) => part[1] ?? '') : [body]
  const bands = parts.map((part) => {
    const weighted = /^\s*%(-?\d+(?:\.\d+)?)%/.exec(part)
    const rest = part.slice(weighted?.[0].length ?? 0)
    const hash = rest.indexOf('#')
    const band = bandOf(restore(hash < 0 ? rest : rest.slice(0, hash)).trim())
    const feedback = hash < 0 ? null : giftText(rest.slice(hash + 1))
    return band && { weight: weighted?.[1] ? Number(weighted[1]) : 100, band, feedback }
  })
  const read = bands.filter((band) => band !== null)
  return read.length === bands.length && read.length
    ? { form: 'numeric', bands: read }
    : 'The number or range of a numeric answer cannot be read.'
}

function bandOf(text: string): NumericKey | null {
  const range = /^(\S+?)\s*\.\.\s*(\S+)$/.exec(text)
  const [first, second] = range ? [range[1], range[2]] : text.split(':').map((one) => one.trim())
  const [a, b] = [Number(first), Number(second ?? 0)]
  if (first === undefined || first === '' || Number.isNaN(a) || Number.isNaN(b)) return null
  return range ? { min: a, max: b } : { value: a, tolerance: b }
}

function parseMatching(parts: readonly string[]): GiftAnswers | string {
  const pairs = parts.map((part): GiftPair | null => {
    const at = part.indexOf('->')
    return at < 0 ? null : { left: giftText(part.slice(0, at)), right: restore(part.slice(at + 2)).trim() }
  })
  const read = pairs.filter((pair) => pair !== null)
  return read.length === pairs.length ? { form: 'matching', pairs: read } : 'A pair to match lacks its ->.'
}

/** The two lists of a matching question: the left sides, and each different right side once. */
export function matchLists(pairs: readonly GiftPair[]): {
  readonly left: readonly GiftText[]
  readonly right: readonly string[]
  readonly key: readonly (readonly [number, number])[]
} {
  const right = [...new Set(pairs.map((pair) => pair.right))]
  const keyed = pairs.filter((pair) => pair.left.text !== '')
  return {
    left: keyed.map((pair) => pair.left),
    right,
    key: keyed.map((pair, index) => [index, right.indexOf(pair.right)] as const),
  }
}

function parseAnswer(sign: '=' | '~', body: string): GiftAnswer {
  const weighted = /^\s*%(-?\d+(?:\.\d+)?)%/.exec(body)
  const rest = weighted ? body.slice(weighted[0].length) : body
  const hash = rest.indexOf('#')
  return {
    sign,
    weight: weighted?.[1] ? Number(weighted[1]) : null,
    text: giftText(hash < 0 ? rest : rest.slice(0, hash)),
    feedback: hash < 0 ? null : giftText(rest.slice(hash + 1)),
  }
}

function giftText(raw: string): GiftText {
  const marker = /^\s*\[(html|plain|markdown|moodle)\]/i.exec(raw)
  const name = marker?.[1]?.toLowerCase()
  const format = name === 'html' || name === 'markdown' || name === 'plain' ? name : 'auto'
  return { format, text: restore(marker ? raw.slice(marker[0].length) : raw).trim() }
}
