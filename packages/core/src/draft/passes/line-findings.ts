import { asRoman, boxAt, keySign, labelValue, letterLabelAt, numberLabelAt, type Label } from '../labels.ts'
import type { Span } from '../model.ts'
import {
  cues,
  findPoints,
  type Keyword,
  kindNamed,
  keywordAt,
  keywordsWithin,
  pointsEach,
  type Remark,
  remarksIn,
  trueFalseLead,
  trueFalseTail,
  truthOf,
} from '../words.ts'
import type { Piece } from './compose.ts'
import type { RawEntry, RawItem, RawList, Section } from './raw.ts'
import { bodyText, type DottedLabel, type Shape } from './shape.ts'

export function whole(shape: Shape): Span {
  return from(shape, shape.start)
}

export function from(shape: Shape, start: number): Span {
  return { line: shape.line, from: start, to: shape.line.text.length }
}

/** "…means        1) ______": the number once more in the margin, with room for the answer. */
export function withoutMargin(span: Span, number: string | null): Span {
  const found = /\s{3,}\(?(\d{1,3})[.)]\s*_{3,}\s*$/.exec(span.line.text.slice(span.from, span.to))
  return found && found[1] === number ? { ...span, to: span.from + found.index } : span
}

export function stemText(item: RawItem): string {
  return item.stem.map((piece) => piece.span.line.text.slice(piece.span.from, piece.span.to)).join(' ')
}

/** "E makes light": a letter before one blank goes on with a list whose letters stand so. */
export function weakLetter(shape: Shape, list: RawList | undefined): Label | null {
  const found = /^(\p{L})\s(?=\S)/u.exec(shape.line.text.slice(shape.body))
  const value = found?.[1] === undefined ? null : labelValue(found[1])
  const before = list?.entries.at(-1)?.label
  if (
    !found?.[1] ||
    !value ||
    before?.delimiter !== ' ' ||
    before.script !== value.script ||
    value.value !== before.value + 1
  )
    return null
  return {
    ...value,
    delimiter: ' ',
    upper: before.upper,
    text: found[1],
    from: shape.body,
    to: shape.body + found[0].length,
  }
}

/** A single letter before one blank: a label only where the next letter stands below it. */
export function bareLetter(shape: Shape): Label | null {
  const found = /^(\p{L})\s(?=\S)/u.exec(shape.line.text.slice(shape.body))
  const value = found?.[1] === undefined ? null : labelValue(found[1])
  if (!found?.[1] || !value || value.script === 'roman') return null
  return {
    ...value,
    delimiter: ' ',
    upper: found[1] !== found[1].toLowerCase(),
    text: found[1],
    from: shape.body,
    to: shape.body + found[0].length,
  }
}

/** The signs of a pools coupon (home, draw, away), which Nordic quizzes put before their three options; common practice. */
export const OUTCOMES = ['1', 'X', '2']

export function outcomeLabel(shape: Shape): Label | null {
  const found = /^([1X2])\s?([).:])\s+(?=\S)/i.exec(shape.line.text.slice(shape.body))
  if (!found?.[1] || !found[2]) return null
  const text = found[1].toUpperCase()
  const value = OUTCOMES.indexOf(text)
  return {
    script: 'latin',
    value,
    delimiter: found[2],
    upper: true,
    text,
    from: shape.body,
    to: shape.body + found[0].length,
  }
}

/** "A nucleus  B ribosome  C vacuole": bare letters in one line, parted by wide gaps. */
export function bareRow(shape: Shape): Label | null {
  const row = /^[Aa]\s\S.*?\s{2,}[Bb]\s\S.*?\s{2,}[Cc]\s\S/.test(shape.line.text.slice(shape.body))
  return row ? bareLetter(shape) : null
}

/** "1 ammeter": a number before one blank is a label only where a matching list is expected. */
export function weakNumber(shape: Shape): Label | null {
  const found = /^(\d{1,2})\s+(?=\S)/.exec(shape.line.text.slice(shape.body))
  if (!found?.[1]) return null
  return {
    script: 'number',
    value: Number(found[1]) - 1,
    delimiter: ' ',
    upper: false,
    text: found[1],
    from: shape.body,
    to: shape.body + found[0].length,
  }
}

/** "__T__ 9 - …", "____1. …": room for the answer before the number, filled or not. */
export const LED = /^\s*_{1,}\s*([\p{L}✓×√]{1,8}(?=\s*_+\s*\d)|(?=_*\s*\d{1,3}\s*[.)]))\s*_*\s*(?=\d)/u

export type Labelling = 'question' | 'asked' | 'number' | 'dotted' | 'roman' | 'none'

/** How the items of a draft are told apart: by a word and number, a bare word, a number, a number of two levels, roman numerals, or not at all. */
export function howLabelled(shapes: readonly Shape[], after = 0): Labelling {
  if (countsUp(shapes.map((shape) => shape.dotted))) return 'dotted'
  const questions = shapes.filter((shape) => shape.question && !shape.line.preformatted).length
  if (questions >= 2 && !numbersRunThrough(shapes, questions)) return 'question'
  if (shapes.filter((shape) => LED.test(shape.line.text)).length >= 2) return 'number'
  if (asksAboveOptions(shapes)) return 'asked'
  if (countUp(shapes, false, after) >= 1 || countUp(shapes, true, after) >= 2) return 'number'
  if (questions === 1) return 'question'
  if (shapes.filter((shape) => shape.bareQuestion >= 0 && !shape.line.preformatted).length >= 2) return 'asked'
  return romansCountUp(shapes) ? 'roman' : 'none'
}

/** "Question: …" above options that are numbered from one, each time anew. */
function asksAboveOptions(shapes: readonly Shape[]): boolean {
  let asked = 0
  let listed = 0
  let next = -1
  for (const shape of shapes) {
    if (shape.line.preformatted) continue
    if (shape.bareQuestion >= 0) {
      asked++
      next = 0
    } else if (shape.number && next >= 0) {
      if (shape.number.value !== next) return false
      if (next === 0) listed++
      next++
    } else if (shape.number) return false
  }
  return asked >= 2 && listed === asked
}

/** How often one number follows another at the start of lines; `bare` for numbers with nothing but a wide gap behind. */
function countUp(shapes: readonly Shape[], bare: boolean, after: number): number {
  let run = 0
  let last = after - 1
  for (const shape of shapes) {
    const label = shape.number
    if (!label || shape.bullet || (label.delimiter === ' ') !== bare || shape.line.preformatted) continue
    if (label.value !== last + 1 && label.value !== 0) continue
    if (label.value === last + 1 && last >= 0) run++
    last = label.value
  }
  return run
}

/** "Exercise 1: …" above items 1 and 2, "Exercise 2: …" above 3 and 4: the words name sections, the numbers items. */
function numbersRunThrough(shapes: readonly Shape[], questions: number): boolean {
  let last = 0
  let count = 0
  let parted = 0
  for (const shape of shapes) {
    if (shape.question && last > 0) parted++
    if (last > 1 && cues.isKeyTitle(bodyText(shape))) break
    const label = shape.number
    if (!label || shape.bullet || shape.question || shape.line.indent > 2 || label.delimiter === ' ') continue
    if (label.value !== last) return false
    last = label.value + 1
    count++
  }
  return parted > 0 && count > questions
}

function figuresBehind(shapes: readonly Shape[], pattern: RegExp): number[] {
  return shapes.flatMap((shape) => {
    const found = pattern.exec(shape.line.text)
    return found ? [Number(found[1])] : []
  })
}

/** "… of the cell? [1]", "… Explain. [3]": figures in square brackets behind most items are points, unless they cite a list. */
export function hasBracketedPoints(shapes: readonly Shape[]): boolean {
  if (shapes.some((shape) => /^\s*\[\d{1,2}\]/.test(shape.line.text))) return false
  const items = shapes.filter((shape) => shape.question ?? shape.number)
  const square = figuresBehind(shapes, /\s\[(\d{1,2})\]\s*$/)
  const round = figuresBehind(
    shapes.filter((shape) => shape.question ?? shape.number),
    /[?.:]\s\((\d{1,2})\)\s*$/,
  )
  const figures = round.length * 2 >= items.length && round.length > square.length ? round : square
  const cites = figures.every((figure, index) => index === 0 || figure > (figures[index - 1] ?? 0))
  return figures.length >= 2 && figures.length * 3 >= items.length && !cites
}

function countsUp(labels: readonly (DottedLabel | null)[]): boolean {
  const found = labels.filter((label) => label !== null)
  const steps = found.filter((label, index) => {
    const before = found[index - 1]
    return (
      before &&
      ((label.major === before.major && label.minor === before.minor + 1) ||
        (label.major === before.major + 1 && label.minor === 1))
    )
  })
  return found.length >= 3 && steps.length >= (found.length - 1) * 0.7
}

/** "I.", "II.", "III." at the edge of the text, in order. Options and statements with such numerals stand indented or begin again. */
function romansCountUp(shapes: readonly Shape[]): boolean {
  let last = 0
  for (const shape of shapes) {
    const label = shape.letter?.upper && shape.line.indent <= 2 && !shape.bullet ? asRoman(shape.letter) : null
    if (!label) continue
    if (label.value === 0 && last > 1) return false
    if (label.value === last) last++
  }
  return last >= 3
}

/** "Multiple choice. Circle the letter": a heading that starts with the name of a kind. */
export function namesKind(text: string): boolean {
  return kindNamed(/^[^.:(]*/.exec(text)?.[0] ?? '') !== null || trueFalseLead(text) !== null
}

/** Words of the paragraph that starts with a line, up to the next item or option. */
export function paragraphWords(shapes: readonly Shape[], index: number): number {
  let words = 0
  for (let at = index; at < shapes.length; at++) {
    const shape = shapes[at]
    if (!shape || shape.blank || (shape.number && at > index) || shape.letter) break
    words += bodyText(shape).split(/\s+/).length
  }
  return words
}

/** "Options:" alone above the options. */
export const LEADS_OPTIONS =
  /^(?:(?:answer )?(?:options|choices)|optionen|antwortmöglichkeiten|antwortoptionen|choix|propositions|opciones|alternativas|opções|opzioni|opties|keuzes|alternativ|svarsalternativ|opcje|варианты(?: ответов?)?|şıklar|选项|選択肢)\s*[:：]$/iu

/** "Short Answer", "COMPLETION (2 marks each)": the name of a kind and nothing else. */
export function isKindAlone(text: string): boolean {
  const name = text.replace(/\s*[([][^()[\]]*[)\]]\s*$/, '').replace(/[\s.:]+$/, '')
  return name.length > 7 && kindNamed(name) !== null
}

/** "Unit 4 Quick Check" is a title; "Part A: true or false (1 mark each)" only says what the section asks for. */
export function saysMoreThanSection(text: string): boolean {
  const rest = text.slice(cues.sectionEnd(text)).replace(/^[\s:.)–-]+/, '')
  const least = /^\D*\d/.test(text) ? 1 : 2
  if (rest.split(/\s+/).filter(Boolean).length < least || cues.isInstruction(rest) || trueFalseTail(` ${rest}`))
    return false
  return !namesKind(rest) && pointsEach(text) === null && findPoints(text) === null
}

const ITEM_RANGE =
  /(?:questions?|fragen?|preguntas?|domande|vragen|frågor(?:na)?|pytania|вопросы)\s+(\d{1,3})\s*(?:-|–|to|bis|à|a|tot|till|до)\s*(\d{1,3})/i

/** "Read the text and answer questions 3 to 6.": the first and the last of the items; null where none are named. */
export function itemRange(text: string): readonly [number, number] | null {
  const [, first, last] = ITEM_RANGE.exec(text) ?? []
  return first && last ? [Number(first), Number(last)] : null
}

const TEXT_NAME =
  /^(?:(?:reading\s+)?(?:text|passage|extract)|lesetext|texte|texto|testo|tekst|текст)\s+(?:[A-H]|[IVX]{1,4}|\d{1,2})\s*(?:[:.–—-]\s*[^.?!]{0,60})?$/i

/** "Text B" above the text itself. */
export function headsText(shape: Shape, next: Shape | null): boolean {
  if (!TEXT_NAME.test(bodyText(shape)) || !next || next.number || next.letter || next.question || next.bullet)
    return false
  return bodyText(next).split(/\s+/).length > 5
}

export function sectionOf(text: string): Section {
  const label = /(?:^|\s)([IVX]{1,5}|[A-H]|\d{1,2})(?=[.):\s]|$)/.exec(text)?.[1]?.toLowerCase() ?? null
  return {
    title: text,
    label,
    pointsEach: pointsEach(text),
    pointsInAll: findPoints(text)?.points ?? null,
    trueFalse:
      /true|false|richtig|falsch|vrai|faux|verdadero|falso|prawda|fałsz|判断|верно|正誤|waar|sant|vero/i.test(text) ||
      trueFalseTail(` ${text}`) !== null,
    essay: text.split(/[.:()–—]|\s-\s/).some((part) => kindNamed(part) === 'essay'),
  }
}

export function withTitle(text: string, section: Section): Section {
  const each = pointsEach(text)
  return each === null ? section : { ...section, pointsEach: each }
}

export function isFresh(item: RawItem, section: Section): boolean {
  return item.section !== section
}

/** "1 B, 2 C" or "1-5: B A D": at least two numbered entries in one line. */
export function looksLikeEntries(value: string): boolean {
  return (
    /^\W*q?\d{1,3}\s*[-–.):]?\s*[a-h](?:[\s,;]+q?\d{1,3}\s*[-–.):]?\s*[a-h])+\W*$/i.test(value) ||
    /^\W*q?\d{1,3}\s*\([a-h]\)(?:[\s,;]+q?\d{1,3}\s*\([a-h]\))+\W*$/i.test(value) ||
    /^\W*[Qq]?\d{1,3}\s*[-–.):]?\s*\S.*?(?:[,;]|\s{2,}|\t)\s*[Qq]?\d{1,3}\s*[-–.):]?\s*\S/.test(value) ||
    /^\d{1,3}\s*[-–]\s*\d{1,3}\s*[:：]/.test(value) ||
    /^\d{1,3}\s*[.):]?\s*\p{L}\s+[–—-]\s+\d{1,3}\s*[.):]?\s*\S/u.test(value)
  )
}

/** A text with gaps, or the words for it in a box above, is an item even where the others are numbered. */
export function isTextWithGaps(text: string, next: Shape | null): boolean {
  const gap = /\p{L}.*(?:_{3,}|\.{5,}|…{2,})/u
  if (gap.test(text)) return true
  return /^[[({].*\S\s.*[\])}]$/.test(text) && next !== null && !next.number && gap.test(bodyText(next))
}

/** The numbers of a line that is nothing but numbers with a letter each: "1-a; 2-b", "1.C 2.A"; empty for any other. */
export function bareKeyNumbers(text: string): string[] {
  if (!/^\W*\d{1,3}\s*[-–.):]?\s*[a-h](?:[\s,;]+\d{1,3}\s*[-–.):]?\s*[a-h])+\W*$/i.test(text)) return []
  return [...text.matchAll(/\d{1,3}/g)].map((found) => found[0])
}

export function startsLikeEntry(text: string): boolean {
  return /^[\s|*([]*(?:\d{1,3}\s*(?:[-–—.):：|]|\s)|[IVXivx]{1,4}\s*[:.)]|bonus|\d{1,3}\s*[-–]\s*\d{1,3}\s*[:：]|\d{1,2}\.\d{1,2}[\s.):]|\|)/i.test(
    text,
  )
}

export function gapCount(item: RawItem): number {
  const text = item.stem.map((piece) => piece.span.line.text.slice(piece.span.from, piece.span.to)).join(' ')
  return (text.match(/_{2,}(?:\s*\(\d+\)\s*_{2,})?|\.{4,}|…{2,}|\[(?:blank|gap)\]/gi) ?? []).length
}

/** The label that follows `label` in the same line: the next of its alphabet, in the same dress. */
export function nextLabel(text: string, label: Label): Label | null {
  for (let at = label.to; at < text.length; at++) {
    if (at > label.to && !/\s/.test(text.charAt(at - 1)) && label.script !== 'circled') continue
    const found =
      label.script === 'number' ? numberLabelAt(text, at) : (letterLabelAt(text, at) ?? bareLabelAt(text, at, label))
    if (!found || at === label.to) continue
    const candidate = label.script === 'roman' ? asRoman(found) : found
    if (
      candidate &&
      candidate.script === label.script &&
      candidate.value === label.value + 1 &&
      candidate.delimiter === label.delimiter
    )
      return candidate
  }
  return null
}

/** The next bare letter of a row whose letters have a blank behind and a wide gap before them. */
function bareLabelAt(text: string, at: number, label: Label): Label | null {
  if (label.delimiter !== ' ' || !/\s{2}$/.test(text.slice(Math.max(0, at - 2), at))) return null
  const found = /^(\p{L})\s(?=\S)/u.exec(text.slice(at, at + 3))
  const value = found?.[1] ? labelValue(found[1]) : null
  if (!found?.[1] || !value) return null
  const upper = found[1] !== found[1].toLowerCase()
  return { ...value, delimiter: ' ', upper, text: found[1], from: at, to: at + found[0].length }
}

/** A letter behind at least two blanks: the right-hand list of a matching item printed beside the left one. */
export function wideLetter(text: string, start: number): Label | null {
  for (const gap of text.slice(start).matchAll(/\S(\s{2,}|\t)(?=\S)/g)) {
    const at = start + gap.index + gap[0].length
    const label = letterLabelAt(text, at)
    if (label) return label
    const bare = /^(\p{L})\s(?=\S)/u.exec(text.slice(at))
    const value = bare?.[1] === undefined ? null : labelValue(bare[1])
    if (bare?.[1] && value)
      return {
        ...value,
        delimiter: ' ',
        upper: bare[1] !== bare[1].toLowerCase(),
        text: bare[1],
        from: at,
        to: at + bare[0].length,
      }
  }
  return null
}

/** The first of at least two option labels that stand behind a stem in its own line. */
export function inlineOptions(text: string, start: number): Label | null {
  for (const gap of text
    .slice(start)
    .matchAll(/(?:^|\s|[：:])(?=[(\[]?\s?[Aaа①Ａａア]\s?[).\]）．、])|\s(?=①)|(?=①)|^(?=[Aa]\s?[).])/gu)) {
    const at = start + gap.index + gap[0].length
    const label = letterLabelAt(text, at)
    if (label?.value === 0 && nextLabel(text, label)) return label
  }
  return null
}

/** Where two or more boxes behind a stem in its own line start; null where there are none. */
export function inlineBoxes(text: string, start: number): number | null {
  const first = nextBox(text, start)
  if (
    !first ||
    !text.slice(start, first.from).trim() ||
    !/[☐☑☒□■✅◻○●]|[[(]\s?[xX✓ ]?\s?[\])]/.test(text.charAt(first.from) + text.slice(first.from, first.box.to))
  )
    return null
  return nextBox(text, first.box.to) ? first.from : null
}

/** A later letter of the same dress behind a wide gap: options printed column by column. */
export function columnLabel(text: string, label: Label): Label | null {
  for (const gap of text.slice(label.to).matchAll(/\S(\s{2,}|\t)(?=\S)/g)) {
    const found = letterLabelAt(text, label.to + gap.index + gap[0].length)
    if (
      found &&
      found.script === label.script &&
      found.delimiter === label.delimiter &&
      found.delimiter !== ' ' &&
      found.upper === label.upper &&
      found.value > label.value + 1 &&
      found.value <= label.value + 5
    )
      return found
  }
  return null
}

export function nextBox(
  text: string,
  start: number,
): { readonly from: number; readonly box: NonNullable<ReturnType<typeof boxAt>> } | null {
  for (const gap of text.slice(start).matchAll(/\s(?=[[(☐☑☒□■●○◻✅])/g)) {
    const at = start + gap.index + 1
    const box = boxAt(text, at)
    if (box) return { from: at, box }
  }
  return null
}

export function bracketedKeyword(shape: Shape): Keyword | null {
  const open = /^[([]\s*/.exec(shape.line.text.slice(shape.body))
  if (!open) return null
  const keyword = keywordAt(shape.line.text, shape.body + open[0].length)
  if (keyword?.role !== 'answer') return keyword
  // "[Ans: B]" is a line of its own, "(Answer all questions)" is not one of keys.
  return /\S.*[)\]]\s*\.?\s*$/.test(shape.line.text.slice(keyword.end)) ? keyword : null
}

/** The entries of a list with their labels, a paragraph each. */
export function labelledPieces(list: RawList): Piece[] {
  return list.entries.flatMap((entry) =>
    entry.pieces.map((piece, index): Piece => {
      if (index > 0) return { ...piece, join: 'wrap' }
      const from = Math.max(0, piece.span.line.text.indexOf(entry.labelText))
      return { span: { ...piece.span, from }, join: 'paragraph' }
    }),
  )
}

/** The signature of a list whose boxes stand behind its options. */
export const BEHIND = 'box behind'

/** "oars ☐": an option with its box behind it; where the box starts. */
export function boxBehind(shape: Shape): { readonly from: number; readonly checked: boolean } | null {
  const found = /(?<=\S\s*)(?:[☐☑☒□]|\[\s?[xX✓✔]?\s?\])\s*$/u.exec(shape.line.text)
  const box = found && boxAt(found[0].trim(), 0)
  if (!found || !box || shape.box || shape.question || shape.letter) return null
  return { from: found.index, checked: box.checked }
}

/** "→ galley" below a question, ">>> a" below options. */
export function arrowAnswer(item: RawItem, shape: Shape): Keyword | null {
  const found = /^\s*(?:→|⇒|➜|=>|->|>{2,3}|=)\s*(?=\S)/.exec(shape.line.text)
  if (!found || !item.stem.length || item.keys.length || cues.asksMatch(stemText(item))) return null
  const value = shape.line.text.slice(found[0].length).trim()
  // An equation or a reaction goes on behind an arrow, too, but not where the stem has come to its end.
  const isAsked = /[?？:：.。_]\s*$/.test(stemText(item)) && value.length < 60 && /[\p{L}\d]/u.test(value)
  const isAnswer = item.lists.length ? /^\(?[A-Ha-h]\)?$/.test(value) : isAsked
  return isAnswer ? { role: 'answer', end: found[0].length, word: found[0].trim() } : null
}

export function trimBracket(span: Span): Span {
  const text = span.line.text.slice(span.from, span.to)
  return /^[^(]*\)\s*$/.test(text) ? { ...span, to: span.from + text.lastIndexOf(')') } : span
}

/** "*(Hint: …)*": the bracket before a glued statement belongs to the statement. */
export function bracketStart(text: string, at: number): number {
  const before = text.slice(0, at)
  const open = /[([]\s*$/.exec(before)
  return open ? open.index : at
}

export function isSettledKey(values: readonly Span[]): boolean {
  const text = values
    .map((span) => span.line.text.slice(span.from, span.to))
    .join(' ')
    .trim()
  return (
    /^[([]?[A-Za-z]\s?[)\].]?$/.test(text) ||
    truthOf(text, true) !== null ||
    (text !== '' && values.length > 0 && text.length < 60)
  )
}

/** A statement to judge, or a stem that ends in a bold answer, is whole with its paragraph. */
export function saysItsKey(item: RawItem): boolean {
  const first = item.stem[0]
  const last = item.stem.at(-1)
  if (!first || !last) return false
  if (
    trueFalseLead(first.span.line.text.slice(first.span.from, first.span.to).trimStart()) !== null &&
    stemText(item).length > 25
  )
    return true
  return boldAnswer(last.span) !== null
}

/** "… at sea level? **5500** (5000 to 6000)": where the bold answer behind the question starts and ends; null: there is none. */
export function boldAnswer(span: Span): { readonly from: number; readonly to: number } | null {
  const text = span.line.text
  for (const range of span.line.styles) {
    if (range.style !== 'strong' || range.from <= span.from || range.to > span.to) continue
    const before = text.slice(span.from, range.from)
    const behind = text.slice(range.to, span.to).trim()
    if (
      /[?？:：]\s*[-–—]?\s*$/.test(before) &&
      text.slice(range.from, range.to).trim() &&
      (behind === '' || /^\(.*\)\.?$/.test(behind))
    )
      return { from: range.from, to: range.to }
  }
  return null
}

/** "(Multiple choice, 2 points)" or "Multiple choice" behind a number: what it says of the item, and how long it is. */
export function remarksBehind(text: string): { readonly remarks: readonly Remark[]; readonly length: number } | null {
  const found =
    /^\s*(?:[([（]([^()[\]（）]{2,80})[)\]）]\s*[:：.–-]?|[-–:]?\s*([\p{L}][\p{L} /-]{2,40}?)\s*(?:[([]([^()[\]]{2,40})[)\]])?\s*$)\s*/u.exec(
      text,
    )
  const said = found && (found[1] ?? [found[2], found[3]].filter(Boolean).join(', '))
  const remarks = said ? remarksIn(said) : null
  return found && remarks ? { remarks, length: found[0].length } : null
}

/** Whether a line without a number leads the pairs, or the options or key, that stand below it. */
export function leadsAnswers(
  text: string,
  next: Shape,
  second: Shape | null,
): { readonly pairs: boolean; readonly listed: boolean } {
  const first = next.number?.value === 0
  const beside = next.number && first && wideLetter(next.line.text, next.number.to) !== null
  const joined = first && second?.number?.value === 1 && isPair(next) && isPair(second)
  const pairs = cues.asksMatch(text) && [beside, joined, next.tableRow].some(Boolean)
  const listed =
    (cues.asksOrder(text) && (next.bullet || next.letter?.value === 0)) ||
    (/[?？:：]$/.test(text) && next.letter?.value === 0) ||
    (/[?？]$/.test(text) && (next.box !== null || keywordAt(next.line.text, next.body)?.role === 'answer')) ||
    (/[.:_]$/.test(text) && saysAnswer(next))
  return { pairs, listed }
}

function saysAnswer({ line, body }: Shape): boolean {
  const keyword = keywordAt(line.text, body)
  return (
    keyword?.role === 'answer' &&
    /\p{L}|\d/u.test(line.text.slice(keyword.end)) &&
    !looksLikeEntries(line.text.slice(keyword.end))
  )
}

/** "Ebb → falling tide". */
function isPair(shape: Shape): boolean {
  return /\S\s*(?:→|⇒|↔|=>|<->|->|=)\s*\S/.test(bodyText(shape))
}

/** A question with its answer behind it in the same line: "How deep is it? (Answer: 4.5 m)". */
export function asksAndAnswers(shape: Shape): boolean {
  const { text } = shape.line
  if (shape.number || shape.letter || shape.bullet || shape.box || shape.tableRow) return false
  if (keywordAt(text, shape.body)) return false
  const glued = keywordsWithin(text, shape.body).find((keyword) => keyword.role === 'answer')
  if (!glued || !text.slice(glued.end).trim()) return false
  const asked = text.slice(shape.body, bracketStart(text, glued.start)).trim()
  return /[?？.:：_]$/.test(asked) && asked.split(/\s+/).length > 2
}

export function hasPlainOptions(item: RawItem): boolean {
  return item.stem.length > 2
}

export function endsSentence(item: RawItem): boolean {
  return item.stem.length > 1
}

export function takeTrailingSign(entry: RawEntry): void {
  const piece = entry.pieces.at(-1)
  if (!piece || entry.sign) return
  const sign = keySign(piece.span.line.text.slice(piece.span.from, piece.span.to))
  if (!sign || sign.before) return
  entry.sign = sign.sign
  entry.pieces[entry.pieces.length - 1] = { ...piece, span: { ...piece.span, to: piece.span.from + sign.end } }
}

/** "Difficulty: Easy | Level: Remember | Tags: joints, frames". */
export function takeMetadata(item: RawItem, text: string): void {
  for (const part of text.split(/\s*\|\s*|\s*\]\s*(?:\[\s*|$)/)) {
    const keyword = keywordAt(part, 0)
    if (!keyword) continue
    const value = part.slice(keyword.end).trim()
    if (keyword.role === 'difficulty') item.difficulty = value
    else if (keyword.role === 'level') item.level = value
    else if (keyword.role === 'outcome') item.outcome = value
    else if (keyword.role === 'tags') item.tags = value.split(/\s*[,;]\s*/).filter(Boolean)
  }
}

/** Its key is a list itself, of gaps or of pairs. */
export function hasParts(item: RawItem): boolean {
  return gapCount(item) > 1 || item.lists.length > 1 || cues.asksMatch(stemText(item))
}

/** "Assertion (A): … Reason (R): …": both are what the options are about. */
export function isAssertion(item: RawItem): boolean {
  return !item.lists.length && !item.keys.length && /^assertion\b/i.test(stemText(item))
}

/** "Tolerance: 0.5" below a number that is a key. */
export const TOLERANCE = /^(?:tolerance|toleranz|tolérance|tolerancia|tolleranza|margin)\s*[:=]\s*±?\s*\d/i

/** "| Question | Answer |" above rows of a number that an item has, and a key. */
export function headsKeyTable(shape: Shape, below: readonly Shape[], items: readonly RawItem[]): boolean {
  const [first = '', second = '', ...more] = shape.tableRow ? rowCells(shape) : []
  if (more.length || !cues.isAnswerWord(second) || cues.isAnswerWord(first)) return false
  const row = below.find((one) => !one.blank && !/^[\s|:-]+$/.test(one.line.text))
  const [number = '', key = ''] = row?.tableRow ? rowCells(row) : []
  return key !== '' && items.some((item) => item.number === number.replace(/[).]$/, ''))
}

function rowCells(shape: Shape): string[] {
  return bodyText(shape)
    .replace(/^\||\|$/g, '')
    .split('|')
    .map((cell) => cell.trim())
}

const TITLE_WORD =
  /^(?:(?:quiz|test|paper)\s+)?(?:title|titel|titre|título|titulo|titolo|tytuł|başlık|название|назва|标题|タイトル)\s*[:：]\s*(?=\S)/iu

/** "Title: Weather basics" without the word. */
export function withoutTitleWord(title: string): string {
  return title.replace(TITLE_WORD, '')
}
