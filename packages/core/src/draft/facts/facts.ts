import type { StyleRange } from '../model.ts'
import { boxAt, bulletEnd } from '../labels.ts'
import { remembered } from '../remember.ts'
import { trueFalseLead, trueFalseTail, truthOf } from '../truth-words.ts'
import { answerLetterAt, cues, keywordAt, keywordsWithin, remarksIn, timeLimitIn, type KeywordRole } from '../words.ts'
import { findPoints } from '../points.ts'
import { labelsAt, type LabelFact } from './labels.ts'
import { countedLabel, fieldIn, leadEnd } from './leads.ts'
import { optionRun, type RunPart } from './runs.ts'
import type { Unit } from './units.ts'

/** What a statement's word says, and where the value behind it stands in the unit's text. */
export interface CueFact {
  readonly role: KeywordRole | 'other'
  readonly from: number
  readonly to: number
  readonly word: string
}

/** All that one line says for itself. Found once; what it means is decided later, with all other lines. */
export interface Facts {
  readonly unit: Unit
  readonly labels: readonly LabelFact[]
  /** The label that it bears, as far as one can say without the other lines; null: none. */
  readonly label: LabelFact | null
  /** Where the text behind label, bullet or box starts. */
  readonly body: number
  readonly bullet: boolean
  /** An empty or a ticked box before the text. */
  readonly box: 'open' | 'ticked' | null
  readonly cue: CueFact | null
  /** A statement glued behind other text. */
  readonly glued: CueFact | null
  /** Lettered or numbered parts in a row: options across. */
  readonly run: readonly RunPart[]
  readonly end: 'asks' | 'stop' | 'colon' | 'gap' | 'comma' | 'bracket' | 'none'
  readonly gaps: number
  readonly words: number
  /** Cells between bars, or parted by wide gaps. */
  readonly bars: number
  readonly columns: number
  readonly heading: boolean
  readonly bold: 'all' | 'some' | 'none'
  readonly slanted: boolean
  readonly coloured: boolean
  readonly flags: ReadonlySet<Flag>
}

export type Flag =
  | 'section'
  | 'keyTitle'
  | 'identity'
  | 'chatter'
  | 'instruction'
  | 'legend'
  | 'rule'
  | 'blankLine'
  | 'arrow'
  | 'bracketed'
  | 'capitals'
  | 'lowercase'
  | 'truthLead'
  | 'truthTail'
  | 'truthWord'
  | 'points'
  | 'letter'
  | 'number'
  | 'asksMatch'
  | 'asksOrder'
  | 'asksEssay'
  | 'asksSeveral'
  | 'remark'
  | 'code'
  | 'picture'
  | 'pairSign'
  | 'web'
  | 'counts'
  | 'strokes'
  | 'commas'
  | 'keyPairs'
  | 'dashStart'
  | 'starts'
  | 'quoteStart'
  | 'commands'
  | 'askedTail'
  | 'bracketTail'

/** Braces in a sentence hold the key of a gap; those of TeX do not stand alone. */
const GAP = /_{2,}|…{2,}|\.{4,}|[（(]\s{2,}[)）]|\[\s{2,}\]|(?<![\\^_\w}])\{[^{}\\]{1,40}\}/g
const RULE = /^[\s\-–—=_*~·.#+✂|]{3,}$|^[\W_]*(?:[-–—=*]\s?){5,}/u
const WRITING_LINE = /^(?:\p{L}{0,20}\s?[:=]?\s{0,6})?[_.…\s]{6,}$/u
const ARROW = /^(?:->|=>|→|➡|⇒|>>|<<|=|>|👉|↳)\s*(?=\S)/u
const BRACKETED = /^[([{（【].*[)\]}）】][.]?$/u
const PAIR_SIGN = /^.{1,70}?\s*(?:=|→|->|⇒|=>|—>|\s[–—]\s|\s-\s|\s{2,}o\s{2,}|•\s{3,})\s*\S.{0,110}$/u
const KEY_PAIR =
  /(?:^|[\s,;|(])\(?(?:\p{L}?\d{1,3}(?:\.\d{1,2})?|[ivx]{1,4})\s?[.):=\-–—]{0,2}\s?(?:[A-Ha-hА-Га-гRVFT✓①-⑤]|[a-d][,+]\s?[a-d])(?=$|[\s,;.|)])/gu
const KEY_RANGE =
  /(?<![\p{L}\d])\d{1,3}\s?[-–—]\s?\d{1,3}\s?[:.)=]?\s+(?:[A-Za-z①-⑤](?:\s?[,;]\s?|\s)?){2,}(?=$|[\s;|])/u
/** "Which is …? fork, knife*, spoon", "… is a mammal. (true)": something short behind a question or a sentence. */
const ASKED_TAIL = /[?？]["”»)]?\s+[^?？]{1,80}$/u
const BRACKET_TAIL = /[.?!。？…_]["”»]?\s*[([{（][^()[\]{}（）]{1,60}[)\]}）]\s*$/u
const WEB = /https?:\/\/|www\.|\S@\S+\.\p{L}/u

const NONE: ReadonlySet<string> = new Set()
/** "( )  4. …": a box for a judgement before the number. */
const BOXED_LABEL = /^[([]\s*[)\]]\s{0,4}\d{1,3}[.)]/u
const BOXED = /^(?:[([]\s?[xX✓✔*]?\s?[)\]]|[☐☑☒□■○●◯])\s/u

/** A line whose label was settled by the series that it counts in; a weak label of no series is none. */
export function withLabel(facts: Facts, label: LabelFact | null): Facts {
  if (!label || label === facts.label) return facts
  const box = boxAt(facts.unit.text, label.to)
  return {
    ...facts,
    label,
    body: box ? box.to : label.to,
    ...(box && { box: box.checked ? ('ticked' as const) : ('open' as const) }),
  }
}

/** Everything that a line says for itself. Linear in the text. */
export function factsOf(
  unit: Unit,
  leads: ReadonlySet<string> = NONE,
  counted: ReadonlySet<string> = NONE,
  fields: ReadonlySet<string> = NONE,
): Facts {
  const { text } = unit
  const shift = /^#{1,6}\s/.test(text) ? (/^#+\s*/.exec(text)?.[0].length ?? 0) : 0
  const bulletTo = Math.max(bulletEnd(text, 0), leadEnd(text, leads))
  const field = fieldIn(text, fields)
  const word = field ? null : countedLabel(text, shift, counted)
  const formulas = formulasIn(unit)
  const isPlain = !field && !word && !formulas.length && !unit.line.preformatted
  const own = isPlain
    ? plainFacts(`${bulletTo} ${text}`)
    : textFacts({ text, bulletTo, field, word, formulas, isCode: unit.line.preformatted })
  return { unit, ...own, ...dressOf(unit.line.styles, unit.from, unit.to) }
}

interface LineText {
  readonly text: string
  readonly bulletTo: number
  readonly field: ReturnType<typeof fieldIn>
  readonly word: LabelFact | null
  readonly formulas: readonly (readonly [number, number])[]
  readonly isCode: boolean
}

type TextFacts = Omit<Facts, 'unit' | 'bold' | 'slanted' | 'coloured'>

/** A line with nothing but its text, behind the end of its bullet: "-1 Which light is green?". */
const plainFacts = remembered((named: string): TextFacts => {
  const blank = named.indexOf(' ')
  const bulletTo = Number(named.slice(0, blank))
  return textFacts({ text: named.slice(blank + 1), bulletTo, field: null, word: null, formulas: [], isCode: false })
})

function textFacts({ text, bulletTo, field, word, formulas, isCode }: LineText): TextFacts {
  const heading = /^#{1,6}\s/.test(text)
  const shift = heading ? (/^#+\s*/.exec(text)?.[0].length ?? 0) : 0
  const labels = word ? [word] : labelsOf(text, shift, bulletTo)
  const strong = labels.find((label) => !label.weak) ?? null
  // "○ lava  ● magma": circles are boxes; where all are filled they part nothing.
  const box = BOXED.test(text) ? boxAt(text, 0) : boxAt(text, strong?.to ?? (bulletTo > 0 ? bulletTo : 0))
  const body = box ? box.to : strong ? strong.to : bulletTo > 0 ? bulletTo : shift
  const rest = text.slice(body)
  return {
    labels,
    label: strong,
    body,
    bullet: bulletTo > 0,
    box: box ? (box.checked ? 'ticked' : 'open') : null,
    cue: cueAt(text, shift) ?? (field ? fieldCue(field) : cueAt(text, body)),
    glued: gluedCue(text, body),
    run: optionRun(text, body, formulas),
    end: endOf(text),
    gaps: countOf(GAP, rest),
    words: rest.split(/\s+/).length,
    bars: text.includes('|') ? text.split('|').length - 1 : 0,
    columns: text.split(/\s{3,}|\t/).length,
    heading,
    flags: flagsOf(text, rest, labels, isCode),
  }
}

/** The labels at the start of a text, or behind its bullet; a box is none, although `[x]` could be. */
function labelsOf(text: string, shift: number, bulletTo: number): LabelFact[] {
  if (BOXED.test(text) && !BOXED_LABEL.test(text)) return []
  const moved = (by: number): LabelFact[] =>
    labelsAt(text.slice(by)).map((label) => ({ ...label, from: label.from + by, to: label.to + by }))
  const own = moved(shift)
  return own.length || bulletTo <= 0 || BOXED.test(text.slice(bulletTo))
    ? own
    : moved(bulletTo).filter((label) => !label.weak && label.dress !== 'word')
}

function formulasIn(unit: Unit): (readonly [number, number])[] {
  return unit.line.styles
    .filter((range) => range.style === 'tex')
    .map((range) => [range.from - unit.from, range.to - unit.from] as const)
}

function cueAt(text: string, at: number): CueFact | null {
  const found = keywordAt(text, at) ?? answerLetterAt(text, at)
  if (found) return { role: found.role, from: at, to: found.end, word: found.word }
  const other = /^(\p{L}[\p{L}\d .'’/-]{1,24}?)\s?[:：]\s*/u.exec(text.slice(at))
  return other?.[1] ? { role: 'other', from: at, to: at + other[0].length, word: other[1].toLowerCase() } : null
}

/** A field that has no colon says what it would say with one. */
function fieldCue({ word, to }: { readonly word: string; readonly to: number }): CueFact {
  return { role: keywordAt(`${word}: x`, 0)?.role ?? 'other', from: 0, to, word }
}

function gluedCue(text: string, body: number): CueFact | null {
  const found = keywordsWithin(text, body).find((keyword) => keyword.role === 'answer' || keyword.role === 'feedback')
  return found ? { role: found.role, from: found.start, to: found.end, word: found.word } : null
}

function endOf(text: string): Facts['end'] {
  const plain = text.replace(/[\s*"“”»'’]+$/u, '')
  if (/[?？؟;]$/.test(plain) && !plain.endsWith(';')) return 'asks'
  if (/[.!。！]$/.test(plain) && !/_\s?\.$|\.{3}$/.test(plain)) return 'stop'
  if (/[:：]$/.test(plain)) return 'colon'
  if (/(?:_{2,}|\.{3,}|…)\s?[.?!]?$/.test(plain)) return 'gap'
  if (/[,;،]$/.test(plain)) return 'comma'
  if (/[)\]）】]$/.test(plain)) return 'bracket'
  return 'none'
}

function countOf(pattern: RegExp, text: string): number {
  return text.match(pattern)?.length ?? 0
}

function dressOf(
  styles: readonly StyleRange[],
  from: number,
  to: number,
): Pick<Facts, 'bold' | 'slanted' | 'coloured'> {
  let bold = 0
  let slanted = 0
  let coloured = 0
  for (const range of styles) {
    const covered = Math.max(0, Math.min(to, range.to) - Math.max(from, range.from))
    if (range.style === 'strong') bold += covered
    else if (range.style === 'emphasis') slanted += covered
    else if (range.style === 'highlight' || range.style === 'colour') coloured += covered
  }
  const length = to - from
  return {
    bold: bold >= length * 0.85 ? 'all' : bold > 0 ? 'some' : 'none',
    slanted: slanted >= length * 0.85,
    coloured: coloured > 0,
  }
}

type Test = (text: string, rest: string, isCode: boolean) => boolean

/** One test for each flag, on the whole text and on what stands behind its label. */
const TESTS: readonly (readonly [Flag, Test])[] = [
  ['section', (_text, rest) => cues.isSection(rest)],
  ['keyTitle', (text, rest) => text.length < 90 && (cues.isKeyTitle(text) || cues.isKeyTitle(rest))],
  ['identity', (text) => cues.isIdentity(text)],
  ['chatter', (_text, rest) => cues.isChatter(rest)],
  ['instruction', (_text, rest) => cues.isInstruction(rest)],
  ['legend', (text) => cues.isLegend(text)],
  ['rule', (text) => RULE.test(text)],
  ['blankLine', (text) => WRITING_LINE.test(text)],
  ['arrow', (text) => ARROW.test(text)],
  ['bracketed', (text) => BRACKETED.test(text)],
  ['capitals', (_text, rest) => rest.length > 3 && rest === rest.toUpperCase() && rest !== rest.toLowerCase()],
  ['lowercase', (text) => /^["“„(]?\p{Ll}/u.test(text)],
  ['truthLead', (_text, rest) => trueFalseLead(rest) !== null],
  ['truthTail', (text) => trueFalseTail(text) !== null],
  ['truthWord', (_text, rest) => rest.length < 24 && truthOf(rest) !== null],
  ['points', (text) => findPoints(text) !== null],
  ['letter', (text) => /^[([*_]{0,2}[\p{L}①-⑳][)\]*_.]{0,2}$/u.test(text)],
  ['number', (text) => /^[-−+]?\d[\d.,\s]{0,12}(?:\s?[\p{L}%°€$²³]{1,6})?$/u.test(text)],
  ['asksMatch', (_text, rest) => cues.asksMatch(rest)],
  ['asksOrder', (_text, rest) => cues.asksOrder(rest)],
  ['asksEssay', (_text, rest) => cues.asksEssay(rest)],
  ['asksSeveral', (_text, rest) => cues.asksSeveral(rest)],
  [
    'remark',
    (text) => (/^[([].{2,60}[)\]]$/.test(text) && remarksIn(text.slice(1, -1)) !== null) || timeLimitIn(text) !== null,
  ],
  ['code', (_text, _rest, isCode) => isCode],
  ['picture', (text) => text.includes('[image: ')],
  ['pairSign', (_text, rest) => PAIR_SIGN.test(rest)],
  ['web', (text) => WEB.test(text)],
  ['strokes', (_text, rest) => /\S\s*\/\s*\S.*\s\/\s/.test(rest)],
  ['commas', (_text, rest) => (rest.match(/[,;،、]/g)?.length ?? 0) >= 3],
  ['keyPairs', (text) => (text.match(KEY_PAIR)?.length ?? 0) >= 2 || KEY_RANGE.test(text)],
  ['counts', (text) => countsOn(text) >= 3],
  ['askedTail', (text) => ASKED_TAIL.test(text)],
  ['bracketTail', (text) => BRACKET_TAIL.test(text)],
  ['commands', (_text, rest) => cues.commands(rest)],
  ['dashStart', (text) => /^[-–—]/.test(text)],
  ['quoteStart', (text) => /^["“„«»'‘]/.test(text)],
]

const FIGURES = /(?<![\d.,])(?:(\d{1,2})\.)?(\d{1,3})(?![\d]|[.,]\d)/g

/** How many numbers of a text count on, one after the other: a list of keys says 1, 2, 3 on one line, whatever stands between. */
function countsOn(text: string): number {
  let longest = 0
  let run = 0
  let next = ''
  for (const found of text.matchAll(FIGURES)) {
    const above = found[1] ?? ''
    const name = `${above}.${found[2]}`
    run = name === next ? run + 1 : run > 0 && name !== next ? run : 1
    if (name === next || run === 1) next = `${above}.${Number(found[2]) + 1}`
    longest = Math.max(longest, run)
  }
  return longest
}

function flagsOf(text: string, rest: string, labels: readonly LabelFact[], isCode: boolean): ReadonlySet<Flag> {
  const flags = new Set<Flag>()
  const behind = labels[0]?.script === 'number' && !rest ? text : rest
  for (const [flag, test] of TESTS) if (test(text, behind, isCode)) flags.add(flag)
  return flags
}
