import { escape } from '../shared/html.ts'
import { ImportError } from './dom.ts'
import type { IncomingItem } from './incoming.ts'

/**
 * Text in GIFT (its published description; the site's own reading of it): each question becomes an item of QTI 2.1, which
 * is what the site keeps, shows and grades. A question that cannot be read says why when it is taken.
 */
export function itemsInGift(text: string): IncomingItem[] {
  return blocksOf(text).map((block, at) => {
    const path = `${nameOf(block) ?? `question-${at + 1}`}.xml`
    try {
      return { path, source: itemOf(block, `q${at + 1}`), media: {} }
    } catch (error) {
      if (!(error instanceof ImportError)) throw error
      return { path, source: '', media: {}, why: error.message }
    }
  })
}

interface Answer {
  /** `=` or `~`; none in front of what stands alone. */
  readonly sign: string
  /** Of 1, where the text says one. */
  readonly weight: number | null
  readonly text: string
}

/** Questions are parted by empty lines that stand in no braces; comments and categories are none. */
function blocksOf(text: string): string[] {
  const blocks: string[] = []
  let block = ''
  let depth = 0
  for (const line of text.split(/\r?\n/)) {
    if (depth === 0 && /^\s*(?:\/\/|\$CATEGORY:)/.test(line)) continue
    if (depth === 0 && line.trim() === '') {
      blocks.push(block)
      block = ''
      continue
    }
    block += `${line}\n`
    depth = Math.max(0, depth + line.replace(/\\./g, '').replace(/[^{}]/g, '').split('').reduce(nesting, 0))
  }
  return [...blocks, block].map((one) => one.trim()).filter(Boolean)
}

function nesting(depth: number, brace: string): number {
  return depth + (brace === '{' ? 1 : -1)
}

function nameOf(block: string): string | null {
  const [, name] = /^::((?:\\.|[^:\\])*)::/.exec(block) ?? []
  return name === undefined ? null : plain(name)
}

function itemOf(block: string, fallback: string): string {
  const name = nameOf(block) ?? fallback
  const body = block.replace(/^::(?:\\.|[^:\\])*::/, '')
  const open = find(body, '{')
  if (open < 0) return item(name, '', html(body), '')
  const close = find(body, '}')
  if (close < open) throw new ImportError('the braces of its answers are not closed')
  const asked = html(`${body.slice(0, open)}${body.slice(close + 1).trim() ? ' _____ ' : ''}${body.slice(close + 1)}`)
  const [given = ''] = split(body.slice(open + 1, close), '####')
  if (given.trim() === '')
    return item(
      name,
      declared('single', 'string', ''),
      `${asked}<extendedTextInteraction responseIdentifier="RESPONSE"/>`,
      '',
    )
  return answered(name, asked, given.trim())
}

function answered(name: string, asked: string, given: string): string {
  const [truth = ''] = split(given, '#')
  const [, value] = /^(T|TRUE|F|FALSE)$/i.exec(truth.trim()) ?? []
  if (value !== undefined) return truthItem(name, asked, /^T/i.test(value))
  if (given.startsWith('#')) return numberItem(name, asked, given.slice(1))
  const answers = answersIn(given)
  if (!answers.length) throw new ImportError('it has no answers')
  if (answers.every(({ sign, text }) => sign === '=' && find(text, '->') >= 0)) return matchItem(name, asked, answers)
  if (answers.every(({ sign }) => sign === '=')) return typedItem(name, asked, answers)
  return choiceItem(name, asked, answers)
}

function answersIn(given: string): Answer[] {
  const signs = [...given.matchAll(/\\.|[=~]/g)].filter(([sign]) => sign.length === 1)
  return signs.map((sign, at) => {
    const from = sign.index + 1
    const whole = given.slice(from, signs[at + 1]?.index ?? given.length)
    const [text = ''] = split(whole, '#')
    const [mark = '', percent] = /^\s*%(-?\d+(?:\.\d+)?)%/.exec(text) ?? []
    const weight = percent === undefined ? null : Number(percent) / 100
    return { sign: sign[0], weight, text: text.slice(mark.length).trim() }
  })
}

function truthItem(name: string, asked: string, value: boolean): string {
  const body = `<choiceInteraction responseIdentifier="RESPONSE" maxChoices="1"><simpleChoice identifier="true">True</simpleChoice><simpleChoice identifier="false">False</simpleChoice></choiceInteraction>`
  return item(name, declared('single', 'identifier', '', [String(value)]), asked + body, MATCH)
}

/** One right answer alone is chosen by a button; weights, or several right ones, by boxes. */
function choiceItem(name: string, asked: string, answers: readonly Answer[]): string {
  const share = (one: Answer): number => one.weight ?? (one.sign === '=' ? 1 : 0)
  const isSingle =
    answers.some(({ sign, weight }) => sign === '=' && weight === null) || answers.some((one) => share(one) === 1)
  const entries = answers.map((one, at): readonly [string, number] => [`c${at + 1}`, share(one)])
  const most = Math.max(...entries.map(([, value]) => value))
  const key = entries.filter(([, value]) => (isSingle ? value === most : value > 0)).map(([id]) => id)
  const choices = answers.map(({ text }, at) => `<simpleChoice identifier="c${at + 1}">${html(text)}</simpleChoice>`)
  const body = `<choiceInteraction responseIdentifier="RESPONSE" maxChoices="${isSingle ? 1 : 0}" shuffle="true">${choices.join('')}</choiceInteraction>`
  const declaration = declared(
    isSingle ? 'single' : 'multiple',
    'identifier',
    mapping(entries),
    isSingle ? key.slice(0, 1) : key,
  )
  return item(name, declaration, asked + body, MAP)
}

/** A star stands for anything. */
function typedItem(name: string, asked: string, answers: readonly Answer[]): string {
  const ways = answers.map(({ text, weight }) => ({ share: weight ?? 1, pattern: patternOf(text), text: plain(text) }))
  const rules = [...ways]
    .sort((a, b) => b.share - a.share)
    .map(
      ({ share, pattern }) =>
        `<responseIf><patternMatch pattern="${escape(pattern)}"><variable identifier="RESPONSE"/></patternMatch>${score(share)}</responseIf>`,
    )
  const key = ways.find(({ share }) => share === 1)?.text ?? ways[0]?.text ?? ''
  const body = '<p><textEntryInteraction responseIdentifier="RESPONSE"/></p>'
  return item(name, declared('single', 'string', '', [key]), asked + body, firstOf(rules))
}

function patternOf(text: string): string {
  return text
    .split(/(?<!\\)\*/)
    .map((part) =>
      plain(part)
        .replace(/\s+/g, ' ')
        .trim()
        .replace(/[.*+?^${}()|[\]\\]/g, '\\$&'),
    )
    .join('.*')
}

/** `3`, `3:0.5`, `1..5`, or several of them with their shares; the best that holds counts. */
function numberItem(name: string, asked: string, given: string): string {
  const answers = /(?<!\\)=/.test(given)
    ? answersIn(given)
    : [{ sign: '=', weight: null, text: split(given, '#')[0] ?? '' }]
  const bands = answers
    .map(({ text, weight }) => ({ share: weight ?? 1, ...bandOf(plain(text).trim()) }))
    .sort((a, b) => b.share - a.share)
  const rules = bands.map(
    ({ share, low, high }) =>
      `<responseIf><and><gte>${NUMBER}<baseValue baseType="float">${low}</baseValue></gte><lte>${NUMBER}<baseValue baseType="float">${high}</baseValue></lte></and>${score(share)}</responseIf>`,
  )
  const middle = Number((((bands[0]?.low ?? 0) + (bands[0]?.high ?? 0)) / 2).toPrecision(12))
  const body = '<p><textEntryInteraction responseIdentifier="RESPONSE"/></p>'
  return item(name, declared('single', 'float', '', [String(middle)]), asked + body, firstOf(rules))
}

function bandOf(text: string): { readonly low: number; readonly high: number } {
  const [low = NaN, high = NaN] = text.includes('..')
    ? text.split('..').map(Number)
    : around(...(text.split(':').map(Number) as [number, number?]))
  if (Number.isNaN(low) || Number.isNaN(high)) throw new ImportError(`“${text}” is no number`)
  return { low, high }
}

/** What a person types to the last figure is not lost to how machines hold numbers. */
function around(middle: number, by = 0): [number, number] {
  return [Number((middle - by).toPrecision(12)), Number((middle + by).toPrecision(12))]
}

function matchItem(name: string, asked: string, answers: readonly Answer[]): string {
  const pairs = answers.map(({ text }) => {
    const at = find(text, '->')
    return { left: text.slice(0, at).trim(), right: plain(text.slice(at + 2)).trim() }
  })
  const rights = [...new Set(pairs.map(({ right }) => right))]
  const lefts = pairs.filter(({ left }) => left !== '')
  const key = lefts.map(({ right }, at) => `L${at + 1} R${rights.indexOf(right) + 1}`)
  const side = (ids: string, texts: readonly string[], most: number): string =>
    `<simpleMatchSet>${texts.map((text, at) => `<simpleAssociableChoice identifier="${ids}${at + 1}" matchMax="${most}">${text}</simpleAssociableChoice>`).join('')}</simpleMatchSet>`
  const body = `<matchInteraction responseIdentifier="RESPONSE" shuffle="true" maxAssociations="${lefts.length}">${side(
    'L',
    lefts.map(({ left }) => html(left)),
    1,
  )}${side('R', rights.map(escape), lefts.length)}</matchInteraction>`
  const entries = key.map((pair): readonly [string, number] => [pair, 1 / key.length])
  return item(name, declared('multiple', 'directedPair', mapping(entries), key), asked + body, MAP)
}

const NUMBER = '<variable identifier="RESPONSE"/>'
const TEMPLATES = 'http://www.imsglobal.org/question/qti_v2p1/rptemplates'
const MATCH = `<responseProcessing template="${TEMPLATES}/match_correct"/>`
const MAP = `<responseProcessing template="${TEMPLATES}/map_response"/>`

function score(share: number): string {
  return `<setOutcomeValue identifier="SCORE"><baseValue baseType="float">${share}</baseValue></setOutcomeValue>`
}

/** The first of the conditions that holds decides. */
function firstOf(rules: readonly string[]): string {
  const [first = '', ...others] = rules
  const rest = others.map((rule) =>
    rule.replace(/^<responseIf>/, '<responseElseIf>').replace(/<\/responseIf>$/, '</responseElseIf>'),
  )
  return `<responseProcessing><responseCondition>${first}${rest.join('')}</responseCondition></responseProcessing>`
}

function declared(cardinality: string, type: string, inside: string, key: readonly string[] = []): string {
  const values = key.map((value) => `<value>${escape(value)}</value>`).join('')
  const correct = values ? `<correctResponse>${values}</correctResponse>` : ''
  return `<responseDeclaration identifier="RESPONSE" cardinality="${cardinality}" baseType="${type}">${correct}${inside}</responseDeclaration>`
}

function mapping(entries: readonly (readonly [string, number])[]): string {
  const inside = entries.map(([key, value]) => `<mapEntry mapKey="${key}" mappedValue="${value}"/>`).join('')
  return `<mapping lowerBound="0" upperBound="1" defaultValue="0">${inside}</mapping>`
}

function item(name: string, declaration: string, body: string, processing: string): string {
  const outcomes = ['SCORE', 'MAXSCORE'].map(
    (id) =>
      `<outcomeDeclaration identifier="${id}" cardinality="single" baseType="float"><defaultValue><value>${id === 'SCORE' || !declaration ? 0 : 1}</value></defaultValue></outcomeDeclaration>`,
  )
  return `<assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="${escape(name)}" title="${escape(name)}">${declaration}${outcomes.join('')}<itemBody>${body}</itemBody>${processing}</assessmentItem>`
}

/** Where a mark stands without a backslash before it; -1: nowhere. */
function find(text: string, mark: string): number {
  for (let at = 0; at < text.length; at++) {
    if (text[at] === '\\') at++
    else if (text.startsWith(mark, at)) return at
  }
  return -1
}

function split(text: string, mark: string): [string, string] {
  const at = find(text, mark)
  return at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at + mark.length)]
}

/** Without the backslashes that guard its marks. */
function plain(text: string): string {
  return text.replace(/\\([\\~=#{}:*n])/g, (_whole, mark: string) => (mark === 'n' ? '\n' : mark))
}

/** Texts are plain, or say that they are HTML: then its words are shown, a paragraph each. */
function html(text: string): string {
  const [, marker = '', rest = ''] = /^\s*(?:\[(html|plain|markdown)\])?([\s\S]*)$/.exec(text) ?? []
  const shown = plain(rest)
  const words = marker === 'html' ? unmarked(shown) : shown
  return words
    .split(/\n+/)
    .filter((line) => line.trim() !== '')
    .map((line) => `<p>${escape(line.trim())}</p>`)
    .join('')
}

function unmarked(markup: string): string {
  return markup
    .replace(/<\/(?:p|div|li|tr|h\d|pre|blockquote)>|<br\s*\/?>/gi, '\n')
    .replace(/<[^>]+>/g, '')
    .replace(/&nbsp;/g, ' ')
    .replace(/&lt;/g, '<')
    .replace(/&gt;/g, '>')
    .replace(/&quot;/g, '"')
    .replace(/&#39;/g, "'")
    .replace(/&amp;/g, '&')
}
