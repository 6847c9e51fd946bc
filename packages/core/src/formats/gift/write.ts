import { contentToHtml } from '../../content/html.ts'
import { texText } from '../../content/mathematics.ts'
import { isEmptyContent, type Content, type Inline } from '../../content/model.ts'
import { fitItem } from '../../fit/fit.ts'
import { plainText } from '../../content/plain.ts'
import type { ChoiceItem, Item, NumericKey, Option } from '../../item/model.ts'
import type { Loss, Written, WriteSettings } from '../format.ts'
import { GIFT_LIMITS } from './limits.ts'

/**
 * Writes items as GIFT (General Import Format Technology), one question a block with an empty line
 * between. Plain text goes without a format marker, anything richer as `[html]`.
 */
export function writeGift(items: readonly Item[], settings: WriteSettings): Written {
  const losses: Loss[] = []
  const written: number[] = []
  // Without a title, what lies in no category needs a name for its place all the same where others lie in some.
  const named = oneLine(settings.title) || (settings.categories?.some(Boolean) ? 'Items' : '')
  const top = named.replaceAll('/', '//')
  const blocks = top ? [`$CATEGORY: ${top}`] : []
  let here = ''
  items.forEach((item, index) => {
    const fit = fitItem(item, GIFT_LIMITS)
    losses.push(...fit.reasons.map((reason) => ({ item: index, feature: reason.feature, says: reason.says })))
    if (fit.verdict === 'cannot') return
    written.push(index)
    const category = settings.categories?.[index] ?? ''
    if (category !== here) blocks.push(`$CATEGORY: ${category ? `${top}/${oneLine(category)}` : top}`)
    here = category
    blocks.push(question(item, settings.ids?.[index] ?? `item ${index + 1}`))
  })
  return { data: { form: 'text', text: `${blocks.join('\n\n')}\n` }, losses, written }
}

function question(item: Item, name: string): string {
  const comment = item.tags.length
    ? `// ${item.tags.map((tag) => `[tag:${tag.replace(/[[\]\s]+/g, ' ').trim()}]`).join(' ')}\n`
    : ''
  const stem: Content = isEmptyContent(item.passage) ? item.stem : [...(item.passage ?? []), ...item.stem]
  const asked = text(stem)
  // What names no format has that of the question.
  const say = asked.startsWith(HTML_MARK) ? htmlText : text
  const shown = item.kind === 'essay' && !isEmptyContent(item.sample) ? item.sample : item.feedback
  const feedback = isEmptyContent(shown) ? '' : `\n\t####${say(shown ?? [])}`
  const head = `${comment}::${escapeGift(oneLine(name))}::${asked}`
  return item.kind === 'note' ? head : `${head} {${answers(item, say)}${feedback}\n}`
}

type Say = (content: Content) => string

function answers(item: Item, say: Say): string {
  switch (item.kind) {
    case 'truefalse':
      return item.key[0] ? 'TRUE' : 'FALSE'
    case 'short':
      return item.key.map((accepted) => `\n\t${signed('=', escapeGift(oneLine(accepted)))}`).join('')
    case 'single':
      return item.options.map((option) => choice(option, singleSign(item, option), say)).join('')
    case 'multiple':
      return item.options.map((option) => choice(option, `~%${weight(item, option)}%`, say)).join('')
    case 'numeric':
      return numeric(item.key)
    case 'match':
      return pairs(item.left, item.right, item.key, say)
    case 'grid':
      return pairs(item.rows, item.columns, item.key, say)
    case 'essay':
      return ''
    case 'cloze':
    case 'order':
    case 'scale':
    case 'note':
      throw new TypeError(`GIFT does not hold ${item.kind}; the limits say so.`)
  }
}

function singleSign(item: Extract<ChoiceItem, { kind: 'single' }>, option: Option): string {
  if (item.key.includes(option.id)) return '='
  const share = item.weights?.[option.id] ?? 0
  return share > 0 ? `~%${percent(share * 100)}%` : '~'
}

/** One band as it is; several each with its percentage. */
function numeric(key: readonly NumericKey[]): string {
  const [only, ...others] = key
  if (only && !others.length && (only.credit ?? 1) === 1) return `#${band(only)}`
  return `#${key.map((one) => `\n\t=%${percent((one.credit ?? 1) * 100)}%${band(one)}`).join('')}`
}

function band(one: NumericKey): string {
  return 'min' in one ? `${one.min}..${one.max}` : `${one.value}:${one.tolerance}`
}

/** A pair a line; right sides that no left side has stand behind an empty one. */
function pairs(left: readonly Content[], right: readonly Content[], key: Pairs, say: Say): string {
  const line = (side: string, partner: Content | undefined): string =>
    `\n\t=${side} -> ${escapeGift(oneLine(plainText(partner)))}`
  const used = new Set(key.map(([, partner]) => partner))
  return [
    ...key.map(([part, partner]) => line(say(left[part] ?? []), right[partner])),
    ...right.flatMap((partner, index) => (used.has(index) ? [] : [line('', partner)])),
  ].join('')
}

type Pairs = readonly (readonly [number, number])[]

/** Keyed options share the whole; a distractor takes all of it back, or a share where the item gives credit for each. */
function weight(item: Extract<ChoiceItem, { kind: 'multiple' }>, option: Option): string {
  if (item.credit === 'weights') return percent((item.weights?.[option.id] ?? 0) * 100)
  const share = 100 / item.key.length
  if (item.key.includes(option.id)) return percent(share)
  return percent(item.credit === 'each' ? -share : -100)
}

function percent(value: number): string {
  return String(Number(value.toFixed(5)))
}

/** A text that looks like a weight gets its own weight in front, since `%` has no escape. */
function signed(sign: string, body: string): string {
  if (!/^\s*%-?\d+(?:\.\d+)?%/.test(body) || sign.includes('%')) return sign + body
  return `${sign}%${sign === '=' ? 100 : 0}%${body}`
}

function choice(option: Option, sign: string, say: Say): string {
  const feedback = isEmptyContent(option.feedback) ? '' : `#${say(option.feedback ?? [])}`
  return `\n\t${signed(sign, say(option.content))}${feedback}`
}

/** Paragraphs of plain text go as plain text, a line each; anything richer as `[html]`. */
function text(content: Content): string {
  const plain = plainLines(content)
  return plain === null ? htmlText(content) : escapeGift(plain)
}

const HTML_MARK = '[html]'

function htmlText(content: Content): string {
  return `${HTML_MARK}${escapeGift(contentToHtml(content))}`
}

function plainLines(content: Content): string | null {
  let lines = ''
  for (const block of content) {
    if (block.type !== 'paragraph') return null
    let line = ''
    for (const node of block.content) {
      const run = plainRun(node)
      if (run === null) return null
      line += run
    }
    lines += lines === '' ? line : `\n${line}`
  }
  return /^\s*\[\w+\]|[<&]/.test(lines) ? null : lines
}

function plainRun(node: Inline): string | null {
  if (node.type === 'gap') return '_____'
  if (node.type === 'tex') return texText(node.tex, node.display)
  return node.type === 'text' && !node.styles && !node.text.includes('\n') ? node.text : null
}

/** The control characters of GIFT, each behind a backslash; a line end becomes `\n`. */
export function escapeGift(plain: string): string {
  if (!/[\\~=#{}:\n]/.test(plain)) return plain
  return plain.replace(/[\\~=#{}:]/g, '\\$&').replace(/\r?\n/g, '\\n')
}

function oneLine(plain: string): string {
  return plain.replace(/\s+/g, ' ').trim()
}
