import type { ItemKind } from '../../../item/model.ts'
import {
  kindLabelAt,
  kindNamed,
  remarksIn,
  trueFalseJudged,
  trueFalseLead,
  trueFalseTail,
  truthOf,
  type Remark,
} from '../../words.ts'
import { keySign } from '../../labels.ts'
import { spanText, type Piece } from '../compose.ts'
import { boldAnswer } from '../line-findings.ts'
import { sameText } from '../option-keys.ts'
import type { RawItem, RawKey, RawList } from '../raw.ts'
import { endsWithStar, plainEntry, replaceSpans, startsWithStar, trimStart } from './pieces.ts'
import { statementsOf } from './statements.ts'

/** A word for a column, its letter or number, and the same again for the next. */
const COLUMN_HEADS = /^\s*(\p{L}{3,12})\s*(?:A|1|I)\b[\s|:.]+\1\s*(?:B|2|II)[\s|:.]*$/iu

/**
 * An answer behind the stem without any word for it: "A raft has a keel. F", "The rear is the ____. [stern]",
 * "The left side: p______ (port)". Where the stem ends, and the answer.
 */
function answerBehind(text: string, judged: boolean): { readonly end: number; readonly word: string } | null {
  const truth = judged ? /[.!?]\s+(\p{L}{1,12})\s*$/u.exec(text) : null
  if (truth?.[1] && truthOf(truth[1]) !== null) return { end: truth.index + 1, word: truth[1] }
  if (judged || !/_{3,}/.test(text)) return null
  const square = /[.!?]\s*\[\s*((?=[^\]]*\p{L})[^[\]]{1,40}?)\s*\]\s*$/u.exec(text)
  if (square?.[1]) return { end: square.index + 1, word: square[1] }
  const started = /(\p{L}{1,3})_{3,}[.\s]*(\(\s*(\p{L}[\p{L}'’ -]{1,30}?)\s*\)\s*)$/u.exec(text)
  const [, start = '', bracket = '', word = ''] = started ?? []
  return start && word.toLowerCase().startsWith(start.toLowerCase())
    ? { end: text.length - bracket.length, word }
    : null
}

/** The stem of an item on its way: labels, remarks, judgements and keys that stand in it are parted from the question. */
export class StemReader {
  readonly raw: RawItem
  stem: Piece[]
  /** Options without labels that stood in the stem's lines. */
  options: RawList | null = null
  truthCue: boolean
  /** A key that stood in the stem. */
  ownKey: RawKey | null = null
  /** The kind that a label before the stem names. */
  saidKind: ItemKind | null

  constructor(raw: RawItem) {
    this.raw = raw
    this.stem = [...raw.stem]
    this.saidKind = raw.kindSaid
    this.truthCue =
      raw.kindSaid === 'truefalse' || raw.section.trueFalse || raw.keys.some((key) => key.source === 'lead')
  }

  /** Takes off the stem what is no part of the question. */
  trim(): void {
    const first = this.stem[0]
    if (!first) return
    const label = kindLabelAt(spanText(first.span))
    if (label) {
      this.saidKind = label.kind
      this.stem[0] = trimStart(first, label.length)
      if (label.kind === 'truefalse') this.truthCue = true
    }
    this.#takeRemarks()
    this.#dropColumnHeads()
    this.#takeTruthCue()
    this.#takeLetterInBrackets()
    this.#takeBracketedKey()
    this.#dropCitations()
    this.#dropRoomForTruth()
  }

  /** "Column A   Column B" over two lists that stand side by side is not part of the question. */
  #dropColumnHeads(): void {
    const last = this.stem.at(-1)
    if (this.stem.length < 2 || this.raw.lists.length !== 2 || !last) return
    if (COLUMN_HEADS.test(spanText(last.span))) this.stem.pop()
  }

  /** "Define drift. [Remember] (Easy)": what brackets at the end of the stem say about the item. */
  #takeRemarks(): void {
    for (let rounds = 0; rounds < 4; rounds++) {
      const index = this.stem.length - 1
      const last = this.stem[index]
      const found = last && /\s*[([（]([^()[\]（）]{2,60})[)\]）]\s*$/.exec(spanText(last.span))
      const remarks = found?.[1] ? remarksIn(found[1]) : null
      if (!last || !found || !remarks || found.index === 0 || remarks.some((remark) => remark.role === 'points')) return
      for (const remark of remarks) this.#takeRemarkOf(remark)
      this.stem[index] = { ...last, span: { ...last.span, to: last.span.from + found.index } }
    }
  }

  #takeRemarkOf(remark: Remark): void {
    if (remark.role === 'kind') {
      this.saidKind = kindNamed(remark.value)
      this.truthCue ||= this.saidKind === 'truefalse'
    } else if (remark.role !== 'points') this.raw[remark.role] ??= remark.value
  }

  /** "下列哪种动物是哺乳动物？（ B ）": the key stands in the brackets where it is to be written. */
  #takeLetterInBrackets(): void {
    const list = this.raw.lists.at(-1)
    if (!list || list.style !== 'letter' || this.raw.keys.length) return
    for (let index = 0; index < this.stem.length; index++) {
      const piece = this.stem[index]
      if (!piece) continue
      const text = spanText(piece.span)
      const found =
        /[（(]\s*([A-Ha-hА-Еа-еア-オ]{1,5})\s*[)）]\s*([。.]?)\s*$/u.exec(text) ?? /（\s*([A-H]{1,5})\s*）/u.exec(text)
      if (!found?.[1] || (!text.includes('（') && !/\(\s+\p{L}+\s+\)/u.test(found[0]))) continue
      const from = piece.span.from + found.index
      const value = from + found[0].indexOf(found[1])
      this.ownKey = {
        statement: { ...piece.span, from, to: from + found[0].length },
        values: [{ ...piece.span, from: value, to: value + found[1].length }],
        source: 'glued',
      }
      const behind = found.index + found[0].length
      const asked = /[?？。.]\s*$/.test(text.slice(0, found.index)) && text.slice(behind).trim() === ''
      const hole = { ...piece.span, from, to: piece.span.from + behind - (found[2]?.length ?? 0) }
      if (asked) this.stem[index] = { ...piece, span: { ...piece.span, to: from } }
      else this.stem.splice(index, 1, ...replaceSpans([piece], [hole]))
      return
    }
  }

  /** There are no options, or none but true and false themselves. */
  #offersTruthsOnly(): boolean {
    return this.raw.lists.every((list) =>
      list.entries.every(({ pieces: [piece] }) => piece && truthOf(spanText(piece.span), true) !== null),
    )
  }

  #takeTruthCue(): void {
    const first = this.stem[0]
    if (!first) return
    const lead = trueFalseLead(spanText(first.span))
    if (lead) {
      this.truthCue = true
      const rest = spanText(first.span).slice(lead.to)
      if (rest.trim()) this.stem[0] = trimStart(first, lead.to)
      else this.stem.shift()
      return
    }
    for (let index = 0; index < this.stem.length; index++) {
      const piece = this.stem[index]
      if (!piece || !this.#offersTruthsOnly()) return
      const text = spanText(piece.span)
      // "True   False" on a line of its own, to be circled.
      if (index > 0 && trueFalseTail(`- ${text}`)?.from === 1) {
        this.truthCue = true
        this.stem.splice(index, 1)
        return
      }
      const judged = trueFalseJudged(text)
      if (judged) {
        this.truthCue = true
        this.ownKey ??= {
          statement: { ...piece.span, from: piece.span.from + judged.from },
          values: [
            { ...piece.span, from: piece.span.from + judged.value, to: piece.span.from + text.trimEnd().length },
          ],
          source: 'glued',
        }
        this.stem[index] = { ...piece, span: { ...piece.span, to: piece.span.from + judged.from } }
        return
      }
      const tail = trueFalseTail(text)
      if (tail) {
        this.truthCue = true
        const keep = tail.from + (/^[.?!]/.exec(text.slice(tail.from)) ? 1 : 0)
        this.stem[index] = { ...piece, span: { ...piece.span, to: piece.span.from + keep } }
      }
    }
  }

  /** "Statement. （ √ ）" and "Statement. **true** ": the key stands behind the stem. */
  #takeBracketedKey(): void {
    const index = this.stem.length - 1
    const last = this.stem[index]
    if (!last || this.raw.keys.length) return
    const text = spanText(last.span)
    const bracketed = /[（([]\s*([^\s()[\]（）]{1,12})\s*[)）\]]\s*$/.exec(text)
    const certain =
      bracketed?.[1] !== undefined &&
      bracketed[1].length > 3 &&
      truthOf(bracketed[1], false) !== null &&
      !/[?？]\s*$/.test(text.slice(0, bracketed.index))
    if (bracketed?.[1] && (certain || this.truthCue || /[√×✓✗]/.test(bracketed[1])) && truthOf(bracketed[1]) !== null) {
      const from = last.span.from + bracketed.index
      this.ownKey = {
        statement: { ...last.span, from },
        values: [
          {
            line: last.span.line,
            from: from + bracketed[0].indexOf(bracketed[1]),
            to: from + bracketed[0].indexOf(bracketed[1]) + bracketed[1].length,
          },
        ],
        source: 'glued',
      }
      this.stem[index] = { ...last, span: { ...last.span, to: from } }
      return
    }
    const behind = this.raw.lists.length ? null : answerBehind(text, this.truthCue)
    if (behind) {
      const from = last.span.from + behind.end
      const value = last.span.from + text.lastIndexOf(behind.word)
      this.ownKey = {
        statement: { ...last.span, from },
        values: [{ ...last.span, from: value, to: value + behind.word.length }],
        source: 'glued',
      }
      this.stem[index] = { ...last, span: { ...last.span, to: from } }
      return
    }
    const answer = this.raw.lists.length ? null : boldAnswer(last.span)
    if (answer) {
      this.ownKey = {
        statement: { ...last.span, from: answer.from },
        values: [{ line: last.span.line, from: answer.from, to: last.span.to }],
        source: 'glued',
      }
      this.stem[index] = { ...last, span: { ...last.span, to: answer.from } }
      return
    }
    const end = text.replace(/[\s–—-]+$/, '').length
    const strong = last.span.line.styles
      .filter(
        (range) => range.style === 'strong' && range.from > last.span.from && range.to >= last.span.from + end - 1,
      )
      .at(-1)
    if (!strong) return
    const value = last.span.line.text.slice(strong.from, strong.to)
    if (!this.truthCue || truthOf(value, false) === null) return
    this.ownKey = {
      statement: { ...last.span, from: strong.from },
      values: [{ line: last.span.line, from: strong.from, to: strong.to }],
      source: 'glued',
    }
    this.stem[index] = { ...last, span: { ...last.span, to: strong.from } }
  }

  /** "____ The Sun is a star.": the line to write T or F on is no gap of the statement. */
  #dropRoomForTruth(): void {
    const first = this.stem[0]
    const room =
      first && this.truthCue ? /^\s*(?:_{2,}|\.{4,}|[(（[]\s*[)）\]])\s*(?=\S)/.exec(spanText(first.span)) : null
    if (first && room) this.stem[0] = trimStart(first, room[0].length)
    const index = this.stem.length - 1
    const last = this.stem[index]
    const judged = this.truthCue || (this.raw.lists.length > 0 && this.#offersTruthsOnly())
    const behind = last && judged ? /\s*(?:[(（[]\s*[)）\]]|_{2,})\s*$/.exec(spanText(last.span)) : null
    if (last && behind?.index) this.stem[index] = { ...last, span: { ...last.span, to: last.span.from + behind.index } }
  }

  #dropCitations(): void {
    const index = this.stem.length - 1
    const last = this.stem[index]
    const found = last && /\s*(?:\[\d{1,2}\])+\s*$/.exec(spanText(last.span))
    if (last && found && /[?.!:？。]\s*$/.test(spanText(last.span).slice(0, found.index)))
      this.stem[index] = { ...last, span: { ...last.span, to: last.span.from + found.index } }
  }

  /** Options that stand below the stem without any label, one a line. */
  findPlainOptions(): void {
    const lines = this.stem
    if (lines.length < 2) return
    const statements = statementsOf(this.raw, this.ownKey)
    const signed = lines.slice(1).some((piece) => startsWithStar(piece) || endsWithStar(piece))
    const named = statements.some((key) => lines.slice(1).some((piece) => sameText(spanText(piece.span), key.text)))
    const first = lines[0] ? spanText(lines[0].span) : ''
    if (this.truthCue && lines.length === 2 && lines[1] && truthOf(spanText(lines[1].span).replace(/\*$/, '')) !== null)
      return this.#takePlainKey()
    // "False *" and "True" below the statement.
    const truths = lines.slice(-2)
    const signs = truths.map((piece) => keySign(spanText(piece.span).trim()))
    const pair = truths.map((piece, at) =>
      truthOf(spanText(piece.span).trim().slice(signs[at]?.before, signs[at]?.end)),
    )
    const chosen = signs.filter((sign) => sign !== null)
    if (this.truthCue && lines.length > 2 && chosen.length === 1 && pair.includes(true) && pair.includes(false)) {
      this.options = { signature: 'plain', style: 'plain', entries: truths.map((piece) => plainEntry(piece)) }
      this.stem = lines.slice(0, -2)
      return
    }
    const asks = /[?？:：]\s*$/.test(first.trim())
    const plain =
      lines.length >= 3 &&
      !this.truthCue &&
      (signed || named || (this.raw.start === 'none' && asks && lines.length <= 9))
    if (plain) {
      const from = signed || named ? this.#firstOptionLine() : 1
      const entries = lines.slice(from).map((piece) => plainEntry(piece))
      this.options = { signature: 'plain', style: 'plain', entries }
      this.stem = lines.slice(0, from)
    } else if (
      lines.length === 2 &&
      this.raw.start === 'none' &&
      !statements.length &&
      lines[1] &&
      spanText(lines[1].span).length < 60
    )
      this.#takePlainKey()
  }

  #firstOptionLine(): number {
    const asked = this.stem.findIndex((piece) => /[?？:：]\s*$|_{2,}/.test(spanText(piece.span).trim()))
    return asked >= 0 && asked < this.stem.length - 2 ? asked + 1 : 1
  }

  /** "Name the hall where a guild met." with "guildhall" below it. */
  #takePlainKey(): void {
    const last = this.stem.at(-1)
    if (!last) return
    this.ownKey = { statement: last.span, values: [last.span], source: 'line' }
    this.stem = this.stem.slice(0, -1)
  }
}
