import { asRoman, boxAt, keySign, letterLabelAt, numberLabelAt, type Label } from '../labels.ts'
import type { AsideReason, Line, Span } from '../model.ts'
import {
  answerLetterAt,
  cues,
  findPoints,
  formKind,
  formStem,
  type Keyword,
  keywordAt,
  keywordsWithin,
  pairLetterAt,
  pairOf,
  timeLimitIn,
  trueFalseBoxed,
  trueFalseLead,
  trueFalseTail,
} from '../words.ts'
import type { Piece } from './compose.ts'
import { entryLabel, LINES_BELOW, outcomeOf } from './entry-labels.ts'
import { findFurniture } from './furniture.ts'
import {
  arrowAnswer,
  asksAndAnswers,
  BEHIND,
  boxBehind,
  bareKeyNumbers,
  bracketedKeyword,
  bracketStart,
  columnLabel,
  endsSentence,
  from,
  gapCount,
  hasBracketedPoints,
  hasParts,
  hasPlainOptions,
  headsKeyTable,
  headsText,
  howLabelled,
  inlineBoxes,
  inlineOptions,
  isAssertion,
  isKindAlone,
  isSettledKey,
  itemRange,
  isTextWithGaps,
  type Labelling,
  labelledPieces,
  leadsAnswers,
  LEADS_OPTIONS,
  LED,
  looksLikeEntries,
  nextBox,
  nextLabel,
  paragraphWords,
  remarksBehind,
  saysItsKey,
  saysMoreThanSection,
  sectionOf,
  startsLikeEntry,
  stemText,
  takeMetadata,
  takeTrailingSign,
  TOLERANCE,
  whole,
  wideLetter,
  withoutMargin,
  withoutTitleWord,
  withTitle,
} from './line-findings.ts'
import { isComplete, newRawItem, NO_SECTION, type RawEntry, type RawItem, type RawList, type Section } from './raw.ts'
import { headsSection, isHeaded } from './sections.ts'
import { bodyText, type Shape } from './shape.ts'
import { giveStatement, type OpenStatement } from './statement.ts'
import { couldBeTitle, isStart, isTitleLike, startLabel, type LastLabel } from './starts.ts'
import { giveRemark, keyCells, type KeyBlock, type RawPassage, type SortedLines } from './sorted.ts'

/** Second pass: every line with text is given to an item, a passage, a block of keys, or set aside. */
export function sortLines(shapes: readonly Shape[], after = 0): SortedLines {
  return new Sorter(shapes, after).sort()
}

const LONG_PASSAGE_WORDS = 25
const MOST_REMARKS = 4
/** Columns by which no wrapped line stands behind the line that it goes on from; it is centred instead. */
const FAR_INDENT = 16

class Sorter {
  readonly #shapes: readonly Shape[]
  readonly #places: ReadonlyMap<Shape, number>
  readonly #furniture: ReadonlySet<number>
  readonly #items: RawItem[] = []
  readonly #passages: RawPassage[] = []
  readonly #keyBlocks: KeyBlock[] = []
  readonly #aside: { line: Line; reason: AsideReason }[] = []
  readonly #labelled: Labelling
  readonly #bracketedPoints: boolean
  /** Letters for question and answer, where the draft is a list of such pairs. */
  readonly #pair: readonly [string, string] | null
  #title: string | null = null
  /** The title comes from a heading, not from a loose line above one. */
  #titleHeaded = false
  #item: RawItem | null = null
  #section: Section = NO_SECTION
  /** The last section that a roman numeral counts, from 0. */
  #roman: number | null = null
  #block: KeyBlock | null = null
  #blockSince = 0
  #last: LastLabel | null = null
  #passage: RawPassage | null = null
  #range: readonly [number, number] | null = null
  /** "Text B" stands above: what follows is a passage, however short. */
  #textAhead = false
  /** The last line, where it was set aside. */
  #heading: Shape | null = null
  /** The item whose two lists stand beside each other, with room for letters before them. */
  #matching: RawItem | null = null
  #blanks = 1
  /** The statement that the next plain line continues. */
  #open: OpenStatement | null = null
  #openIndent = 0
  #afterRule = false

  constructor(shapes: readonly Shape[], after: number) {
    this.#shapes = shapes
    this.#places = new Map(shapes.map((shape, index) => [shape, index]))
    this.#furniture = findFurniture(shapes)
    this.#pair = pairOf(
      shapes.flatMap((shape) => pairLetterAt(shape.line.text, shape.number?.to ?? shape.start)?.letter ?? []),
    )
    this.#labelled = howLabelled(shapes, after)
    this.#bracketedPoints = hasBracketedPoints(shapes)
  }

  sort(): SortedLines {
    this.#shapes.forEach((shape, index) => {
      if (shape.blank) {
        this.#blanks++
        if (this.#item) this.#item.gapBefore = true
        return
      }
      this.#take(shape, index)
      // A line drawn across the page parts what stands round it as an empty line does.
      this.#blanks = this.#afterRule ? 1 : 0
      this.#afterRule = false
    })
    return {
      items: this.#items,
      passages: this.#passages,
      keyBlocks: this.#keyBlocks,
      aside: this.#aside,
      title: this.#title && withoutTitleWord(this.#title),
    }
  }

  #take(shape: Shape, index: number): void {
    if (this.#furniture.has(index)) this.#setAside(shape, 'page')
    else if (shape.line.preformatted) this.#takeCode(shape)
    else if (this.#block && this.#takeForBlock(shape, index)) return
    else if (shape.rule) this.#takeRule(shape)
    else if (this.#startsBlock(shape, index)) this.#openBlock(shape)
    else if (shape.tableRow) this.#takeTable(shape, index)
    else if (this.#takeStart(shape, index)) return
    else if (this.#startsByAnswer(shape)) return
    else if (cues.isIdentity(bodyText(shape)) && !shape.question) this.#setAside(shape, 'identity')
    else if (this.#takeSection(shape, index)) return
    else if (this.#item && this.#takePart(this.#item, shape, index)) return
    else this.#takeLoose(shape, index)
  }

  #setAside(shape: Shape, reason: AsideReason): void {
    this.#aside.push({ line: shape.line, reason })
    if (reason === 'page') return
    this.#open = null
    this.#heading = shape
  }

  #takeCode(shape: Shape): void {
    if (!this.#item) return this.#setAside(shape, 'other')
    this.#claim(this.#item, shape)
    this.#item.stem.push({ span: whole(shape), join: 'preformatted' })
  }

  #takeRule(shape: Shape): void {
    const dotted = /^[\s._…·＿]+$/.test(shape.line.text) && !/^\s*_{3}\s*$/.test(shape.line.text)
    const open = this.#item && !isComplete(this.#item) && this.#blanks === 0 ? stemText(this.#item).trim() : ''
    if (dotted && this.#item && shape.line.text.trim().length < 40 && /[\p{L}\p{N},]$/u.test(open)) {
      // The gap of a sentence that was wrapped right before it.
      this.#claim(this.#item, shape)
      this.#pushStem(this.#item, whole(shape), 'wrap')
      return
    }
    if (dotted && this.#item && !this.#item.lists.length) {
      this.#item.answerLines++
      this.#claim(this.#item, shape)
    } else this.#setAside(shape, 'rule')
    this.#open = null
    this.#afterRule = true
  }

  #takeTable(shape: Shape, index: number): void {
    if (this.#item && (this.#item.stem.length > 0 || this.#item.table.length > 0)) {
      this.#item.table.push(shape.line)
      this.#claim(this.#item, shape)
    } else this.#takeLoose(shape, index)
  }

  // Blocks of keys

  #startsBlock(shape: Shape, index: number): boolean {
    const text = bodyText(shape)
    if (!this.#items.length || this.#letterAnswer(shape)) return false
    if (headsKeyTable(shape, this.#shapes.slice(index + 1, index + 4), this.#items)) return true
    if (!cues.isKeyTitle(text)) return this.#isBareKeyLine(text)
    if (shape.tableRow) return keyCells(text).length > 0
    const keyword = keywordAt(shape.line.text, shape.start)
    const value = keyword ? shape.line.text.slice(keyword.end).trim() : ''
    if (text.length > 90 && !(looksLikeEntries(value) && text.length < 400)) return false
    if (value && this.#item && gapCount(this.#item) > 1 && !this.#item.keys.length) return false
    if (looksLikeEntries(value)) return !(this.#item && hasParts(this.#item))
    if (value && keyword && (!value.startsWith('(') || /^\(\s?\p{L}\s?\)/u.test(value))) return false
    const next = this.#nextText(index)
    if (next === null || this.#isOrdinaryItem(next)) return false
    return this.#isEntry(next) || this.#headsEntries(next) || this.#namesKeys(next)
  }

  /** "Test: chapter 7" between the title of the keys and the keys. */
  #namesKeys(shape: Shape): boolean {
    const text = bodyText(shape)
    if (text.length > 40 || shape.letter || shape.bullet || shape.question || /[?？]$/.test(text)) return false
    const next = this.#nextText(this.#indexOf(shape))
    if (!next?.number || this.#isOrdinaryItem(next)) return false
    return this.#items.some((item) => item.number === next.number?.text)
  }

  /** "1-a; 2-b; 3-a" below everything else: keys without a title, each of an item that stands above. */
  #isBareKeyLine(text: string): boolean {
    const item = this.#item
    const numbers = this.#blanks > 0 ? bareKeyNumbers(text) : []
    if (item && hasParts(item)) return false
    return (
      numbers.length > 1 &&
      numbers.every((number) => this.#items.some((one) => one.number === number && !one.keys.length))
    )
  }

  #isEntry(shape: Shape): boolean {
    const text = bodyText(shape)
    // "Q3 B" is an entry only where the items are called so, too.
    if (startsLikeEntry(text)) return true
    return this.#labelled === 'question' && shape.question !== null && (text.length <= 90 || this.#hasItem(shape))
  }

  /** An item with the line's number stands above: the line is its key, however long. */
  #hasItem(shape: Shape): boolean {
    const number = shape.question?.number
    return number !== undefined && this.#items.some((item) => item.number === number)
  }

  /** "Part B" above its keys, or "Part A  1 T, 2 F" with them. */
  #headsEntries(shape: Shape): boolean {
    const text = bodyText(shape)
    const section = isKindAlone(text) ? text.length : cues.sectionEnd(text)
    if (!section || text.length > 120) return false
    const rest = text.slice(section).replace(/^[\s:.)–-]+/, '')
    if (rest) return startsLikeEntry(rest) && /\d/.test(rest)
    const next = this.#nextText(this.#indexOf(shape))
    return next !== null && this.#isEntry(next) && !this.#isOrdinaryItem(next)
  }

  #isOrdinaryItem(shape: Shape): boolean {
    const at = this.#indexOf(shape)
    const after = this.#nextText(at)
    return Boolean(shape.number && after?.letter?.value === 0)
  }

  /** Behind a list of keys and an empty line: the number that comes next, which no item has had. */
  #isNextItem(shape: Shape): boolean {
    const { number } = shape
    const block = this.#block
    if (!number || !block?.lines.length || this.#blanks === 0 || this.#last?.value !== number.value - 1) return false
    return bodyText(shape).slice(number.to).split(/\s+/).length > 3
  }

  #openBlock(shape: Shape): void {
    const section = cues.sectionLabel(shape.line.text)
    this.#block = { lines: [], after: this.#items.length, since: this.#blockSince, section }
    this.#keyBlocks.push(this.#block)
    this.#blockSince = this.#items.length
    const keyword = keywordAt(shape.line.text, shape.start)
    const bare = !cues.isKeyTitle(bodyText(shape))
    if (bare || shape.tableRow || (keyword && looksLikeEntries(shape.line.text.slice(keyword.end))))
      this.#block.lines.push({ ...shape.line })
    this.#setAside(shape, 'keys')
    this.#item = null
    this.#open = null
  }

  #takeForBlock(shape: Shape, index: number): boolean {
    const block = this.#block
    if (!block) return false
    const text = bodyText(shape)
    if (
      /^[©®]/.test(text) ||
      (block.lines.at(-1)?.text.trimStart().startsWith('|') && !shape.tableRow && !this.#isEntry(shape))
    ) {
      this.#block = null
      return false
    }
    const entry =
      this.#isEntry(shape) ||
      this.#headsEntries(shape) ||
      shape.tableRow ||
      (this.#blanks === 0 && block.lines.length > 0) ||
      (shape.line.indent > 0 && this.#blanks === 0)
    const leaves =
      this.#isOrdinaryItem(shape) ||
      this.#isNextItem(shape) ||
      (shape.heading > 0 && !entry) ||
      shape.rule ||
      (shape.question !== null && !shape.tableRow && text.length > 90 && !this.#hasItem(shape))
    const named = !entry && !block.lines.length && this.#namesKeys(shape)
    if ((entry && !leaves) || named) {
      if (entry) block.lines.push(shape.line)
      this.#setAside(shape, 'keys')
      return true
    }
    if (!leaves && this.#nextText(index) === null && !shape.number) return false
    this.#block = null
    return false
  }

  #indexOf(shape: Shape): number {
    return this.#places.get(shape) ?? -1
  }

  #nextText(index: number): Shape | null {
    for (let at = index + 1; at < this.#shapes.length; at++) {
      const shape = this.#shapes[at]
      if (shape && !shape.blank && !shape.rule && !this.#furniture.has(at)) return shape
    }
    return null
  }

  // Starts of items

  #takeStart(shape: Shape, index: number): boolean {
    if (this.#item && outcomeOf(this.#item, shape, this.#textsBelow(index, 2))) return false
    if (this.#pair) {
      const pair = pairLetterAt(shape.line.text, shape.number?.to ?? shape.start)
      if (pair?.letter === this.#pair[0]) {
        this.#startItem(shape, shape.number?.text ?? null, pair.end, 'question')
        return true
      }
    }
    const question = shape.question
    if (question && (this.#labelled === 'question' || shape.heading > 0 || question.number === 'bonus')) {
      this.#startItem(shape, question.number, question.end, 'question')
      return true
    }
    if (this.#labelled === 'question') return false
    if (this.#labelled === 'asked') {
      if (shape.bareQuestion < 0) return false
      this.#startItem(shape, null, shape.bareQuestion, 'question')
      return true
    }
    if (this.#labelled === 'dotted') {
      if (!shape.dotted) return false
      this.#startItem(shape, shape.dotted.text, shape.dotted.end, 'number')
      return true
    }
    const led = LED.exec(shape.line.text)
    if (led) {
      const label = numberLabelAt(shape.line.text, led[0].length)
      if (label && !led[1] && this.#takeSideBySide(shape, label)) return true
      if (label) {
        const item = this.#startItem(shape, label.text, label.to, 'number')
        const given = led[1] ?? ''
        const from = led[0].indexOf(given)
        if (given)
          item.keys.push({
            statement: { line: shape.line, from: 0, to: led[0].length },
            values: [{ line: shape.line, from, to: from + given.length }],
            source: 'lead',
          })
        this.#last = { value: label.value, delimiter: label.delimiter, indent: shape.line.indent }
        return true
      }
    }
    const around = { item: this.#item, section: this.#section, last: this.#last, blanks: this.#blanks }
    const label = shape.bullet ? null : startLabel(shape, this.#labelled, around)
    if (!label || !isStart(label, shape, index, around)) return false
    this.#last = { value: label.value, delimiter: label.delimiter, indent: shape.line.indent }
    this.#startItem(shape, label.text, label.to, 'number')
    return true
  }

  /** "___ 1. bow      a. rear of the boat" below "Match …": a line of two lists, with room for the letter of the pair. */
  #takeSideBySide(shape: Shape, label: Label): boolean {
    const right = wideLetter(shape.line.text, label.to)
    const heading = this.#heading
    if (!right || (!heading && !this.#matching)) return false
    if (heading) {
      if (label.value !== 0 || right.value !== 0 || !cues.asksMatch(bodyText(heading))) return false
      const item = this.#startItem(heading, null, heading.start, 'number')
      this.#aside.splice(0, this.#aside.length, ...this.#aside.filter((one) => one.line !== heading.line))
      this.#heading = null
      this.#matching = item
    }
    const item = this.#matching
    if (!item || item !== this.#item) return false
    this.#claim(item, shape)
    this.#addLabelled(item, shape, label, label.from)
    this.#last = { value: label.value, delimiter: label.delimiter, indent: shape.line.indent }
    return true
  }

  #startItem(shape: Shape, number: string | null, at: number, start: RawItem['start']): RawItem {
    const item = newRawItem(number, this.#section, start)
    this.#items.push(item)
    this.#item = item
    this.#open = null
    this.#block = null
    this.#closePassage(item)
    this.#claim(item, shape)
    this.#takeStemText(item, shape, this.#takeRemarks(item, shape, at), 'paragraph')
    return item
  }

  /** Takes what the brackets or the rest of the line say about the item. Returns where its text starts. */
  #takeRemarks(item: RawItem, shape: Shape, at: number): number {
    let end = at
    // "(2 points) [Apply] …": one pair of brackets after the other.
    for (let rounds = 0; rounds < MOST_REMARKS; rounds++) {
      const behind = remarksBehind(shape.line.text.slice(end))
      if (!behind) break
      for (const remark of behind.remarks) giveRemark(item, remark)
      end += behind.length
    }
    return end
  }

  #closePassage(item: RawItem): void {
    this.#textAhead = false
    if (this.#passage) {
      this.#passages.push(this.#passage)
      this.#passage = null
    }
    const passage = this.#passages.at(-1)
    if (!passage) return
    const number = Number(item.number)
    if (!passage.range || (number >= passage.range[0] && number <= passage.range[1]))
      item.passage = this.#passages.length - 1
  }

  // Sections, titles, passages and what is set aside

  #takeSection(shape: Shape, index: number): boolean {
    const text = bodyText(shape)
    const around = {
      labelled: this.#labelled,
      item: this.#item,
      last: this.#last,
      roman: this.#roman,
      blanks: this.#blanks,
      below: this.#textsBelow(index, 3),
    }
    if (!headsSection(shape, around)) return false
    if (shape.heading > 0 && !this.#titleHeaded && !this.#items.length && !cues.isSection(text)) {
      this.#title = text
      this.#titleHeaded = true
    }
    const isFirst = this.#aside.every(({ reason }) => reason === 'identity') && !this.#items.length
    if (this.#title === null && isFirst && saysMoreThanSection(text)) this.#title = text
    this.#section = sectionOf(text)
    this.#roman = (shape.letter?.upper ? asRoman(shape.letter)?.value : null) ?? this.#roman
    this.#item = null
    this.#open = null
    const isTitle = this.#title === text || (index === 0 && !isHeaded(shape, around))
    this.#setAside(shape, isTitle ? 'title' : 'section')
    return true
  }

  #textsBelow(index: number, most: number): Shape[] {
    const found: Shape[] = []
    for (let next = this.#nextText(index); next && found.length < most; next = this.#nextText(this.#indexOf(next)))
      found.push(next)
    return found
  }

  #takeLoose(shape: Shape, index: number): void {
    const text = bodyText(shape)
    if (this.#isChat(text, index)) return this.#setAside(shape, 'chatter')
    if (cues.isLegend(text)) return this.#setAside(shape, 'instruction')
    if (/^[©®]|^\(c\)\s/i.test(text)) return this.#setAside(shape, 'source')
    const range = itemRange(text)
    if (range) {
      this.#range = range
      this.#item = null
      return this.#setAside(shape, 'instruction')
    }
    if (this.#labelled !== 'none' && this.#startsWithoutNumber(shape, text, index)) return
    if (this.#labelled !== 'none') return this.#takeUnnumbered(shape, text, index)
    if (shape.tableRow) return this.#setAside(shape, 'other')
    if (this.#title === null && !this.#items.length && couldBeTitle(shape, this.#shapes[index + 1])) {
      this.#title = text
      return this.#setAside(shape, 'title')
    }
    const instruction = cues.isInstruction(text) || (/^\(.*\)$/.test(text) && (!this.#item || this.#blanks > 0))
    if (instruction) {
      this.#item = null
      return this.#setAside(shape, 'instruction')
    }
    this.#last = null
    this.#startItem(shape, null, shape.body, 'none')
  }

  /** In a numbered draft an item may lack its number: its options, pairs or key follow all the same. */
  #startsWithoutNumber(shape: Shape, text: string, index: number): boolean {
    const next = this.#nextText(index)
    if (!next || shape.heading || (this.#blanks === 0 && !(next.tableRow && !this.#item))) return false
    const { pairs, listed } = leadsAnswers(text, next, this.#nextText(this.#indexOf(next)))
    if (!pairs && !listed) return false
    if (pairs) this.#last = { value: 0, delimiter: 'pairs', indent: shape.line.indent }
    this.#startItem(shape, null, shape.body, 'number')
    return true
  }

  /** "How deep is it? Answer: 4.5 m" below an item that is whole: a line that asks and answers is one by itself. */
  #startsByAnswer(shape: Shape): boolean {
    if (this.#labelled === 'none' || this.#blanks === 0 || !asksAndAnswers(shape)) return false
    if (this.#item && this.#item.number !== null && !isComplete(this.#item)) return false
    this.#startItem(shape, null, shape.body, 'number')
    return true
  }

  /** Loose text in a draft whose items are numbered: a title, an instruction, a passage. */
  #takeUnnumbered(shape: Shape, text: string, index: number): void {
    if (shape.tableRow) return this.#setAside(shape, 'other')
    if (asksAndAnswers(shape)) return void this.#startItem(shape, null, shape.body, 'number')
    const words = paragraphWords(this.#shapes, index)
    if (headsText(shape, this.#nextText(index))) {
      this.#textAhead = true
      this.#item = null
      return this.#setAside(shape, 'section')
    }
    const isTitle =
      isTitleLike(shape) && !this.#textAhead && !this.#range && !this.#passage && words < LONG_PASSAGE_WORDS
    if (this.#title === null && !this.#items.length && isTitle) {
      this.#title = text
      this.#section = withTitle(text, this.#section)
      return this.#setAside(shape, 'title')
    }
    if (this.#range || this.#passage || this.#textAhead || words >= LONG_PASSAGE_WORDS) {
      this.#textAhead = false
      this.#passage ??= { pieces: [], lines: [], range: this.#range }
      this.#passage.pieces.push({ span: whole(shape), join: this.#blanks > 0 ? 'paragraph' : 'wrap' })
      this.#passage.lines.push(shape.line)
      this.#range = null
      this.#item = null
      return
    }
    if (isTextWithGaps(text, this.#nextText(index))) {
      this.#startItem(shape, null, shape.start, 'number')
      return
    }
    if (trueFalseTail(text) || trueFalseLead(text))
      this.#section = { ...sectionOf(text), pointsEach: this.#section.pointsEach }
    this.#setAside(shape, cues.isInstruction(text) ? 'instruction' : 'other')
  }

  #isChat(text: string, index: number): boolean {
    if (!cues.isChatter(text)) return false
    const near = this.#items.length === 0 || this.#blanks > 0
    const next = this.#shapes[index + 1]
    const leadsOptions = Boolean(next?.letter?.value === 0 || next?.box)
    return near && !leadsOptions
  }

  // Parts of the current item

  #takePart(item: RawItem, shape: Shape, index: number): boolean {
    const seconds = timeLimitIn(bodyText(shape))
    if (seconds !== null) {
      item.timeLimit = seconds
      this.#claim(item, shape)
      this.#open = null
      return true
    }
    if (this.#takeFormLine(item, shape)) return true
    if (!item.lists.length && item.stem.length && LEADS_OPTIONS.test(bodyText(shape))) {
      this.#setAside(shape, 'instruction')
      return true
    }
    const key = TOLERANCE.test(bodyText(shape)) ? item.keys.at(-1) : undefined
    if (key) {
      this.#claim(item, shape)
      key.values.push(from(shape, shape.body))
      return true
    }
    if (this.#takeKeyword(item, shape)) return true
    if (this.#takeEntry(item, shape)) return true
    if (this.#takeContinuation(item, shape)) return true
    return this.#takeStemLine(item, shape, index)
  }

  /** "Type: …" and "Stem: …" below the number of an item that is filled in like a form. */
  #takeFormLine(item: RawItem, shape: Shape): boolean {
    if (item.stem.length || item.lists.length) return false
    const text = bodyText(shape)
    const kind = formKind(text)
    const stem = kind ? 0 : formStem(text)
    if (!kind && !stem) return false
    this.#claim(item, shape)
    if (kind) item.kindSaid = kind
    else this.#takeStemText(item, shape, shape.body + stem, 'paragraph')
    return true
  }

  #takeKeyword(item: RawItem, shape: Shape): boolean {
    // "✅ Correct answer: B": a tick before a statement is an ornament.
    const keyword =
      keywordAt(shape.line.text, shape.body) ??
      (shape.box ? keywordAt(shape.line.text, shape.box.to) : null) ??
      bracketedKeyword(shape) ??
      this.#letterAnswer(shape) ??
      arrowAnswer(item, shape) ??
      this.#pairedAnswer(shape)
    if (!keyword) return shape.quote && isComplete(item) && this.#takeQuote(item, shape)
    if (keyword.role === 'feedback' && isAssertion(item)) return false
    const metadata =
      keyword.role === 'difficulty' || keyword.role === 'level' || keyword.role === 'tags' || keyword.role === 'outcome'
    if (metadata && shape.line.text.length < 200) {
      this.#claim(item, shape)
      takeMetadata(item, shape.line.text.slice(shape.body))
      this.#open = null
      return true
    }
    this.#claim(item, shape)
    this.#takeStatement(item, shape, keyword, shape.body)
    return true
  }

  /** "Lösung A" below options. */
  #letterAnswer(shape: Shape): Keyword | null {
    const below = this.#item?.lists.length && !shape.bullet && !shape.letter && !shape.number
    return below ? answerLetterAt(shape.line.text, shape.body) : null
  }

  /** "A: barometer" below "Q: …"; where "B: …" follows it is an option. */
  #pairedAnswer(shape: Shape): Keyword | null {
    const pair = this.#pair && pairLetterAt(shape.line.text, shape.start)
    if (!pair || pair.letter !== this.#pair?.[1]) return null
    const next = this.#nextText(this.#indexOf(shape))
    if (next?.letter?.value === 1 && shape.letter?.value === 0) return null
    return { role: 'answer', end: pair.end, word: pair.letter }
  }

  #takeQuote(item: RawItem, shape: Shape): boolean {
    this.#claim(item, shape)
    item.feedback.push({ span: from(shape, shape.start), join: item.feedback.length ? 'wrap' : 'paragraph' })
    return true
  }

  /** Reads a statement and the ones glued behind it in the same line. */
  #takeStatement(item: RawItem, shape: Shape, keyword: Keyword, start: number): void {
    const later = keywordsWithin(shape.line.text, keyword.end).filter((next) => next.role !== keyword.role)
    const end = later[0]?.start ?? shape.line.text.length
    this.#addStatement(item, shape, keyword, start, end)
    const next = later[0]
    if (next) this.#takeStatement(item, shape, next, next.start)
  }

  #addStatement(item: RawItem, shape: Shape, keyword: Keyword, start: number, end: number): void {
    this.#openIndent = shape.line.indent
    const open = giveStatement(item, shape, keyword, start, end)
    if (open) this.#open = open
  }

  #takeEntry(item: RawItem, shape: Shape): boolean {
    const text = shape.line.text
    const note = item.keys.length > 0 && shape.bullet ? /^([A-Za-z])\s*[:：]\s+/.exec(text.slice(shape.body)) : null
    if (note?.[1]) {
      this.#claim(item, shape)
      const pieces: Piece[] = [{ span: from(shape, shape.body + note[0].length), join: 'paragraph' }]
      item.optionNotes.push({ letter: note[1], pieces })
      this.#open = { pieces }
      return true
    }
    const label = entryLabel(item, shape, this.#textsBelow(this.#indexOf(shape), LINES_BELOW))
    if (label && shape.letter?.delimiter === '-' && !this.#goesOn(label, shape, item)) return false
    if (label) {
      this.#claim(item, shape)
      this.#addLabelled(item, shape, label)
      return true
    }
    if (shape.box && (shape.bullet || shape.box.to > shape.body) && !(item.keys.length && !item.lists.length)) {
      this.#claim(item, shape)
      this.#addBoxes(item, shape, shape.bullet ? shape.body : shape.start, text.length)
      return true
    }
    const behind = item.stem.length ? boxBehind(shape) : null
    if (
      behind &&
      (item.lists.at(-1)?.signature === BEHIND || this.#textsBelow(this.#indexOf(shape), 1).some(boxBehind))
    ) {
      this.#claim(item, shape)
      const entry = this.#addEntry(item, shape, 'box', BEHIND, null, shape.body, shape.body, behind.from)
      entry.sign = behind.checked ? text.slice(behind.from).trim() : null
      return true
    }
    if (shape.bullet && !shape.rule && item.stem.length > 0) {
      this.#claim(item, shape)
      this.#addEntry(item, shape, 'bullet', 'bullet', null, shape.start, shape.body, text.length)
      return true
    }
    return false
  }

  /** "a - cotton" is an option only in a run of such lines. */
  #goesOn(label: Label, shape: Shape, item: RawItem): boolean {
    if (label.value > 0) return item.lists.some((list) => list.entries.at(-1)?.label?.delimiter === '-')
    const next = this.#nextText(this.#indexOf(shape))
    return next?.letter?.delimiter === '-' && next.letter.value === 1
  }

  #addLabelled(item: RawItem, shape: Shape, label: Label, from = shape.start): void {
    const text = shape.line.text
    const style = label.script === 'number' ? 'number' : 'letter'
    let at = from
    let current = label
    for (;;) {
      const next = nextLabel(text, current) ?? (style === 'letter' ? columnLabel(text, current) : null)
      const isLeft = style === 'number' || current.script === 'circled' || current.script === 'roman'
      const other = isLeft ? wideLetter(text, current.to) : null
      const end = next?.from ?? other?.from ?? text.length
      this.#addEntry(item, shape, style, `${style}:${current.script}`, current, at, current.to, end)
      if (other && !next) {
        this.#addEntry(item, shape, 'letter', `letter:${other.script}`, other, other.from, other.to, text.length)
        return
      }
      if (!next) return
      at = next.from
      current = next
    }
  }

  #addBoxes(item: RawItem, shape: Shape, start: number, end: number): void {
    const text = shape.line.text.slice(0, end)
    for (let at: number | null = start; at !== null;) {
      const box = boxAt(text, at)
      if (!box) return
      const next = nextBox(text, box.to)
      const inner = letterLabelAt(text, box.to)
      const entry = this.#addEntry(item, shape, 'box', 'box', null, at, inner ? inner.to : box.to, next?.from ?? end)
      if (box.checked) entry.sign = text.slice(at, box.to).trim()
      at = next?.from ?? null
    }
  }

  #addEntry(
    item: RawItem,
    shape: Shape,
    style: RawList['style'],
    signature: string,
    label: Label | null,
    labelFrom: number,
    start: number,
    end: number,
  ): RawEntry {
    let list = item.lists.find((known) => known.signature === signature)
    if (!list) {
      list = { signature, style, entries: [] }
      item.lists.push(list)
    }
    const line = shape.line
    const glued = keywordsWithin(line.text.slice(0, end), start)[0]
    let to = glued ? bracketStart(line.text, glued.start) : end
    // "a) ( ) Sola", "b) (X) Dorim": the place for a tick behind the label.
    const place = label ? /^[([]\s?[xX✓✔*]?\s?[)\]]\s+(?=\S)/.exec(line.text.slice(start, to)) : null
    let begin = start + (place?.[0].length ?? 0)
    const ticked = place && /[xX✓✔*]/.test(place[0]) ? place[0].trim() : null
    const sign = keySign(line.text.slice(begin, to))
    if (sign) {
      to = begin + sign.end
      begin += sign.before
    }
    const entry: RawEntry = {
      label,
      labelText: line.text.slice(labelFrom, start).trim(),
      pieces: [{ span: { line, from: begin, to }, join: 'paragraph' }],
      feedback: [],
      sign: sign?.sign ?? ticked ?? (labelFrom <= shape.body ? shape.sign : null),
      indent: line.indent,
    }
    const at = label ? list.entries.findIndex((known) => (known.label?.value ?? -1) > label.value) : -1
    if (at >= 0 && style === 'letter') list.entries.splice(at, 0, entry)
    else list.entries.push(entry)
    this.#open = { pieces: entry.pieces }
    this.#openIndent = line.indent
    if (glued) this.#takeStatement(item, shape, glued, glued.start)
    return entry
  }

  /** A plain line right below a statement or an option goes on with it. */
  #takeContinuation(item: RawItem, shape: Shape): boolean {
    const open = this.#open
    if (!open || this.#blanks > 0 || shape.heading) return false
    if (shape.line.indent > this.#openIndent + FAR_INDENT) return false
    if ('keyOf' in open) {
      const key = item.keys.at(-1)
      if (!key || isSettledKey(key.values) || this.#looksLikeNewStem(item, shape)) return false
      this.#claim(item, shape)
      key.values.push(from(shape, shape.start))
      return true
    }
    const entry = item.lists.at(-1)?.entries.at(-1)
    const inEntry = entry?.pieces === open.pieces
    if (inEntry && /^\(.{3,80}\)$/.test(bodyText(shape)) && cues.asksSeveral(bodyText(shape)))
      return this.#appendToStem(item, shape)
    const outdented = inEntry && entry !== undefined && shape.line.indent < entry.indent
    if (
      /[?？]\s*$/.test(shape.line.text) &&
      inEntry &&
      ((outdented && entry.label?.script === 'number') ||
        (entry?.label?.script === 'roman' && shape.line.indent <= entry.indent))
    )
      return this.#foldListIntoStem(item, shape)
    if (inEntry && this.#looksLikeNewStem(item, shape)) return false
    if (
      inEntry &&
      entry &&
      item.lists.at(-1)?.style === 'bullet' &&
      this.#labelled === 'none' &&
      /[?？]\s*$/.test(shape.line.text)
    )
      return false
    this.#claim(item, shape)
    const parted = keywordsWithin(shape.line.text, shape.start)[0]
    const end = parted?.start ?? shape.line.text.length
    open.pieces.push({ span: { line: shape.line, from: shape.start, to: end }, join: 'wrap' })
    if (inEntry && entry) takeTrailingSign(entry)
    if (parted) this.#takeStatement(item, shape, parted, parted.start)
    return true
  }

  #looksLikeNewStem(item: RawItem, shape: Shape): boolean {
    if (shape.line.indent > this.#openIndent) return false
    const asks = /[?？:：]\s*$/.test(shape.line.text) || trueFalseLead(bodyText(shape)) !== null
    return asks && item.start === 'none'
  }

  #takeStemLine(item: RawItem, shape: Shape, index: number): boolean {
    const text = bodyText(shape)
    const complete = isComplete(item)
    if (
      item.start === 'none' &&
      this.#blanks > 0 &&
      (complete || saysItsKey(item) || hasPlainOptions(item) || endsSentence(item))
    )
      return false
    if (complete && this.#blanks > 0) {
      if (/^\(.{3,80}\)$/.test(text) && cues.asksSeveral(text)) return this.#appendToStem(item, shape)
      return false
    }
    if (complete && item.lists.length && this.#blanks === 0) {
      if (item.start !== 'none' && /^\(.{3,80}\)$/.test(text)) return this.#appendToStem(item, shape)
      const nested = item.lists.at(-1)
      const isStatements =
        nested && nested.entries.every((entry) => entry.label?.script === 'roman' || entry.label?.script === 'number')
      if (isStatements && item.lists.length === 1 && !item.keys.length) return this.#foldListIntoStem(item, shape)
      return false
    }
    if (complete) return false
    if (item.start === 'none' && this.#blanks === 0 && item.stem.length > 2 && /[?？]\s*$/.test(text)) return false
    if (this.#blanks > 0 && this.#isChat(text, index)) return false
    if (
      this.#blanks > 0 &&
      item.stem.length &&
      this.#labelled !== 'none' &&
      shape.line.indent < 4 &&
      cues.isInstruction(text)
    )
      return false
    this.#claim(item, shape)
    this.#takeStemText(
      item,
      shape,
      shape.start,
      this.#blanks > 0 || (item.start === 'none' && !shape.bullet) ? 'paragraph' : 'wrap',
    )
    return true
  }

  #appendToStem(item: RawItem, shape: Shape): boolean {
    this.#claim(item, shape)
    item.stem.push({ span: whole(shape), join: 'wrap' })
    return true
  }

  /** "I. … II. … Which are true?": numbered statements that belong to the stem. */
  #foldListIntoStem(item: RawItem, shape: Shape): boolean {
    const list = item.lists.pop()
    if (list) item.stem.push(...labelledPieces(list))
    this.#claim(item, shape)
    this.#open = null
    this.#takeStemText(item, shape, shape.start, 'paragraph')
    return true
  }

  /** The stem's part of a line, with points, keys and options that stand in the same line parted from it. */
  #takeStemText(item: RawItem, shape: Shape, start: number, join: Piece['join']): void {
    const line = shape.line
    let end = line.text.length
    const statement = start >= line.text.length ? null : keywordAt(line.text, start)
    if (statement && statement.role !== 'answer' && statement.role !== 'feedback')
      return this.#takeStatement(item, shape, statement, start)
    const glued = keywordsWithin(line.text, start)[0]
    if (glued) end = bracketStart(line.text, glued.start)
    const truths = trueFalseBoxed(line.text.slice(start, end))
    if (truths) return this.#addBoxedTruths(item, shape, start, truths, join)
    const boxes = inlineBoxes(line.text.slice(0, end), start)
    if (boxes !== null) {
      this.#pushStem(item, { line, from: start, to: boxes }, join)
      this.#addBoxes(item, shape, boxes, end)
      if (glued) this.#takeStatement(item, shape, glued, glued.start)
      return
    }
    const options = inlineOptions(line.text.slice(0, end), start)
    const stemEnd = options ? options.from : end
    this.#pushStem(item, { line, from: start, to: stemEnd }, join)
    if (options) this.#addLabelledInline(item, shape, options, end)
    if (glued) this.#takeStatement(item, shape, glued, glued.start)
    this.#openIndent = line.indent
    if (!options && !glued) this.#open = null
  }

  /** "… True ☐ False ☑": the box stands behind its word. */
  #addBoxedTruths(
    item: RawItem,
    shape: Shape,
    start: number,
    truths: NonNullable<ReturnType<typeof trueFalseBoxed>>,
    join: Piece['join'],
  ): void {
    this.#pushStem(item, { line: shape.line, from: start, to: start + (truths[0]?.from ?? 0) }, join)
    for (const { from, word, box } of truths) {
      const at = start + from
      const entry = this.#addEntry(item, shape, 'box', 'box', null, at, at, at + word.length)
      entry.sign = boxAt(box, 0)?.checked ? box : null
    }
  }

  #addLabelledInline(item: RawItem, shape: Shape, first: Label, end: number): void {
    const text = shape.line.text.slice(0, end)
    let current: Label | null = first
    while (current) {
      const next = nextLabel(text, current)
      this.#addEntry(
        item,
        shape,
        'letter',
        `letter:${current.script}`,
        current,
        current.from,
        current.to,
        next?.from ?? end,
      )
      current = next
    }
  }

  #pushStem(item: RawItem, whole: Span, join: Piece['join']): void {
    const span = withoutMargin(whole, item.number)
    const text = span.line.text.slice(span.from, span.to)
    const figure = this.#bracketedPoints ? /\s*[[(](\d{1,2})[\])]\s*$/.exec(text) : null
    const points = figure
      ? { points: Number(figure[1]), from: figure.index, to: figure.index + figure[0].length }
      : findPoints(text)
    if (!points) {
      if (text.trim()) item.stem.push({ span, join })
      return
    }
    item.points = points.points
    const before: Span = { ...span, to: span.from + points.from }
    const after: Span = { ...span, from: span.from + points.to }
    if (text.slice(0, points.from).trim()) item.stem.push({ span: before, join })
    if (text.slice(points.to).trim())
      item.stem.push({ span: after, join: text.slice(0, points.from).trim() ? 'wrap' : join })
  }

  #claim(item: RawItem, shape: Shape): void {
    this.#heading = null
    if (item.lines.at(-1) !== shape.line) item.lines.push(shape.line)
    item.gapBefore = false
  }
}
