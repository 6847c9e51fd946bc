import { contentOf, countGaps, isEmptyContent, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import {
  DEFAULT_TEXT_RULES,
  optionId,
  type Item,
  type ItemCommon,
  type ItemKind,
  type Option,
} from '../../item/model.ts'
import { labelValue } from '../labels.ts'
import { mark, type Mark, type MarkCode, type Mend } from '../marks.ts'
import { sourceOffset, sourceRange, type ItemPlaces, type Line, type Span } from '../model.ts'
import {
  cues,
  kindLabelAt,
  kindNamed,
  noteLength,
  remarksIn,
  trueFalseJudged,
  trueFalseLead,
  trueFalseTail,
  truthOf,
  type Remark,
} from '../words.ts'
import { compose, spanText, type Piece } from './compose.ts'
import { acceptedAnswers, gapAnswers, partRemark, unitText } from './accepted-answers.ts'
import { readNumberKey } from './numbers.ts'
import { readLabelPairs, readNamedPairs, readOptionKey, readPairs, sameSet, sameText } from './option-keys.ts'
import { boldAnswer } from './line-findings.ts'
import type { RawEntry, RawItem, RawKey, RawList } from './raw.ts'

/** An item with its kind settled, its key read and its marks. */
export interface SettledItem {
  readonly item: Item
  readonly places: ItemPlaces
  readonly marks: readonly Mark[]
}

/** A key as written, ready to be read against the options. */
interface Statement {
  readonly text: string
  readonly raw: RawKey
}

interface Place {
  readonly lines: readonly [number, number]
  readonly from: number
  readonly to: number
}

/** Third pass, for one item: which kind it is, what its key means, and what a person should look at. */
export function settleItem(raw: RawItem): SettledItem {
  return new Settler(raw).settle()
}

const REFERS =
  /^(?:(?:all|none|both|neither|any)\b.{0,20}\b(?:above|these|them|those|of the others|options)|(?:both |only )?[A-H](?:\)|\.)?\s*(?:and|&|or|,|und|et|y|e|en|och|i|и)\s*(?:[A-H]\s*,\s*)*[A-H]\b.{0,6}$|alle (?:genannten|antworten|oben)|keine (?:der|von)|toutes? (?:les|ces)|aucune? de|todas? (?:las|los) anteriores|ningun[oa] de|tutte le precedenti|nessuna delle|geen van|alle bovenstaande|inget av|alla ovanstående|wszystkie powyższe|żadna z|все (?:вышеперечисленные|перечисленные)|ни один|以上皆|以上都)/i

class Settler {
  readonly #raw: RawItem
  readonly #marks: Mark[] = []
  readonly #place: Place
  #stem: Piece[]
  #options: RawList | null = null
  #truthCue: boolean
  #ownKey: RawKey | null = null
  /** The kind that a label before the stem names. */
  #saidKind: ItemKind | null = null

  constructor(raw: RawItem) {
    this.#raw = raw
    this.#stem = [...raw.stem]
    this.#place = placeOf(raw.lines)
    this.#saidKind = raw.kindSaid
    this.#truthCue =
      raw.kindSaid === 'truefalse' || raw.section.trueFalse || raw.keys.some((key) => key.source === 'lead')
  }

  settle(): SettledItem {
    this.#trimStem()
    this.#options = this.#raw.lists.at(-1) ?? null
    if (!this.#raw.lists.length && !this.#raw.table.length && !this.#scale(compose(this.#stem)))
      this.#findPlainOptions()
    const item = this.#decide()
    this.#markItem(item)
    return { item, places: this.#places(), marks: this.#marks }
  }

  #mark(code: MarkCode, values: Readonly<Record<string, string>> = {}, place: Place = this.#place, mend?: Mend): void {
    this.#marks.push(mark(code, place, values, mend ? { mend } : {}))
  }

  // The stem

  #trimStem(): void {
    const first = this.#stem[0]
    if (!first) return
    const label = kindLabelAt(spanText(first.span))
    if (label) {
      this.#saidKind = label.kind
      this.#stem[0] = trimStart(first, label.length)
      if (label.kind === 'truefalse') this.#truthCue = true
    }
    this.#takeRemarks()
    this.#takeTruthCue()
    this.#takeLetterInBrackets()
    this.#takeBracketedKey()
    this.#dropCitations()
    this.#dropRoomForTruth()
  }

  /** "Define drift. [Remember] (Easy)": what brackets at the end of the stem say about the item. */
  #takeRemarks(): void {
    for (let rounds = 0; rounds < 4; rounds++) {
      const index = this.#stem.length - 1
      const last = this.#stem[index]
      const found = last && /\s*[([]([^()[\]]{2,60})[)\]]\s*$/.exec(spanText(last.span))
      const remarks = found?.[1] ? remarksIn(found[1]) : null
      if (!last || !found || !remarks || found.index === 0 || remarks.some((remark) => remark.role === 'points')) return
      for (const remark of remarks) this.#takeRemarkOf(remark)
      this.#stem[index] = { ...last, span: { ...last.span, to: last.span.from + found.index } }
    }
  }

  #takeRemarkOf(remark: Remark): void {
    if (remark.role === 'kind') this.#saidKind = kindNamed(remark.value)
    else if (remark.role !== 'points') this.#raw[remark.role] ??= remark.value
  }

  /** "下列哪种动物是哺乳动物？（ B ）": the key stands in the brackets where it is to be written. */
  #takeLetterInBrackets(): void {
    const list = this.#raw.lists.at(-1)
    if (!list || list.style !== 'letter' || this.#raw.keys.length) return
    for (let index = 0; index < this.#stem.length; index++) {
      const piece = this.#stem[index]
      if (!piece) continue
      const text = spanText(piece.span)
      const found =
        /[（(]\s*([A-Ha-hА-Еа-еア-オ]{1,5})\s*[)）]\s*([。.]?)\s*$/u.exec(text) ?? /（\s*([A-H]{1,5})\s*）/u.exec(text)
      if (!found?.[1] || (!text.includes('（') && !/\(\s+\p{L}+\s+\)/u.test(found[0]))) continue
      const from = piece.span.from + found.index
      const value = from + found[0].indexOf(found[1])
      this.#ownKey = {
        statement: { ...piece.span, from, to: from + found[0].length },
        values: [{ ...piece.span, from: value, to: value + found[1].length }],
        source: 'glued',
      }
      const behind = found.index + found[0].length
      const asked = /[?？。.]\s*$/.test(text.slice(0, found.index)) && text.slice(behind).trim() === ''
      const hole = { ...piece.span, from, to: piece.span.from + behind - (found[2]?.length ?? 0) }
      if (asked) this.#stem[index] = { ...piece, span: { ...piece.span, to: from } }
      else this.#stem.splice(index, 1, ...replaceSpans([piece], [hole]))
      return
    }
  }

  #takeTruthCue(): void {
    const first = this.#stem[0]
    if (!first) return
    const lead = trueFalseLead(spanText(first.span))
    if (lead) {
      this.#truthCue = true
      const rest = spanText(first.span).slice(lead.to)
      if (rest.trim()) this.#stem[0] = trimStart(first, lead.to)
      else this.#stem.shift()
      return
    }
    for (let index = 0; index < this.#stem.length; index++) {
      const piece = this.#stem[index]
      if (!piece || this.#raw.lists.length) return
      const text = spanText(piece.span)
      // "True   False" on a line of its own, to be circled.
      if (index > 0 && trueFalseTail(`- ${text}`)?.from === 1) {
        this.#truthCue = true
        this.#stem.splice(index, 1)
        return
      }
      const judged = trueFalseJudged(text)
      if (judged) {
        this.#truthCue = true
        this.#ownKey ??= {
          statement: { ...piece.span, from: piece.span.from + judged.from },
          values: [
            { ...piece.span, from: piece.span.from + judged.value, to: piece.span.from + text.trimEnd().length },
          ],
          source: 'glued',
        }
        this.#stem[index] = { ...piece, span: { ...piece.span, to: piece.span.from + judged.from } }
        return
      }
      const tail = trueFalseTail(text)
      if (tail) {
        this.#truthCue = true
        const keep = tail.from + (/^[.?!]/.exec(text.slice(tail.from)) ? 1 : 0)
        this.#stem[index] = { ...piece, span: { ...piece.span, to: piece.span.from + keep } }
      }
    }
  }

  /** "Statement. （ √ ）" and "Statement. **true** ": the key stands behind the stem. */
  #takeBracketedKey(): void {
    const index = this.#stem.length - 1
    const last = this.#stem[index]
    if (!last || this.#raw.keys.length) return
    const text = spanText(last.span)
    const bracketed = /[（([]\s*([^\s()[\]（）]{1,12})\s*[)）\]]\s*$/.exec(text)
    const certain =
      bracketed?.[1] !== undefined &&
      bracketed[1].length > 3 &&
      truthOf(bracketed[1], false) !== null &&
      !/[?？]\s*$/.test(text.slice(0, bracketed.index))
    if (
      bracketed?.[1] &&
      (certain || this.#truthCue || /[√×✓✗]/.test(bracketed[1])) &&
      truthOf(bracketed[1]) !== null
    ) {
      const from = last.span.from + bracketed.index
      this.#ownKey = {
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
      this.#stem[index] = { ...last, span: { ...last.span, to: from } }
      return
    }
    const answer = this.#raw.lists.length ? null : boldAnswer(last.span)
    if (answer) {
      this.#ownKey = {
        statement: { ...last.span, from: answer.from },
        values: [{ line: last.span.line, from: answer.from, to: last.span.to }],
        source: 'glued',
      }
      this.#stem[index] = { ...last, span: { ...last.span, to: answer.from } }
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
    if (!this.#truthCue || truthOf(value, false) === null) return
    this.#ownKey = {
      statement: { ...last.span, from: strong.from },
      values: [{ line: last.span.line, from: strong.from, to: strong.to }],
      source: 'glued',
    }
    this.#stem[index] = { ...last, span: { ...last.span, to: strong.from } }
  }

  /** "____ The Sun is a star.": the line to write T or F on is no gap of the statement. */
  #dropRoomForTruth(): void {
    const first = this.#stem[0]
    const room =
      first && this.#truthCue ? /^\s*(?:_{2,}|\.{4,}|[(（[]\s*[)）\]])\s*(?=\S)/.exec(spanText(first.span)) : null
    if (first && room) this.#stem[0] = trimStart(first, room[0].length)
  }

  #dropCitations(): void {
    const index = this.#stem.length - 1
    const last = this.#stem[index]
    const found = last && /\s*(?:\[\d{1,2}\])+\s*$/.exec(spanText(last.span))
    if (last && found && /[?.!:？。]\s*$/.test(spanText(last.span).slice(0, found.index)))
      this.#stem[index] = { ...last, span: { ...last.span, to: last.span.from + found.index } }
  }

  /** Options that stand below the stem without any label, one a line. */
  #findPlainOptions(): void {
    const lines = this.#stem
    if (lines.length < 2) return
    const statements = this.#statements()
    const signed = lines.slice(1).some((piece) => startsWithStar(piece) || endsWithStar(piece))
    const named = statements.some((key) => lines.slice(1).some((piece) => sameText(spanText(piece.span), key.text)))
    const first = lines[0] ? spanText(lines[0].span) : ''
    if (
      this.#truthCue &&
      lines.length === 2 &&
      lines[1] &&
      truthOf(spanText(lines[1].span).replace(/\*$/, '')) !== null
    )
      return this.#takePlainKey()
    const asks = /[?？:：]\s*$/.test(first.trim())
    const plain =
      lines.length >= 3 &&
      !this.#truthCue &&
      (signed || named || (this.#raw.start === 'none' && asks && lines.length <= 9))
    if (plain) {
      const from = signed || named ? this.#firstOptionLine() : 1
      const entries = lines.slice(from).map((piece) => plainEntry(piece))
      this.#options = { signature: 'plain', style: 'plain', entries }
      this.#stem = lines.slice(0, from)
    } else if (
      lines.length === 2 &&
      this.#raw.start === 'none' &&
      !statements.length &&
      lines[1] &&
      spanText(lines[1].span).length < 60
    )
      this.#takePlainKey()
  }

  #firstOptionLine(): number {
    const asked = this.#stem.findIndex((piece) => /[?？:：]\s*$|_{2,}/.test(spanText(piece.span).trim()))
    return asked >= 0 && asked < this.#stem.length - 2 ? asked + 1 : 1
  }

  /** "Name the hall where a guild met." with "guildhall" below it. */
  #takePlainKey(): void {
    const last = this.#stem.at(-1)
    if (!last) return
    this.#ownKey = { statement: last.span, values: [last.span], source: 'line' }
    this.#stem = this.#stem.slice(0, -1)
  }

  // Kinds

  #statements(): Statement[] {
    const keys = this.#ownKey ? [this.#ownKey, ...this.#raw.keys] : this.#raw.keys
    return keys.map((raw) => ({
      raw,
      text: raw.values
        .map((span) => spanText(span).trim())
        .filter(Boolean)
        .join(' ')
        .trim(),
    }))
  }

  #decide(): Item {
    const raw = this.#raw
    const stem = compose(this.#stem)
    const text = plainText(stem)
    const note = noteLength(text)
    if (note && !raw.keys.length && !raw.lists.length)
      return { ...this.#common(trimContent(this.#stem, note)), kind: 'note', points: 0 }
    const scale = this.#scale(stem)
    if (scale) return scale
    if (raw.table.length) return this.#fromTable(stem)
    if (raw.lists.length >= 2) {
      const matched = this.#match(stem)
      if (matched) return matched
    }
    const pairs = this.#pairs(stem)
    if (pairs) return pairs
    if (this.#options) return this.#fromOptions(stem, this.#options)
    return this.#open(stem, text)
  }

  #common(stem: Content): ItemCommon {
    const raw = this.#raw
    const points = raw.points ?? raw.section.pointsEach ?? 1
    return {
      stem,
      points,
      tags: raw.tags,
      ...(raw.feedback.length > 0 && { feedback: compose(raw.feedback) }),
      ...(raw.hint.length > 0 && { hint: compose(raw.hint) }),
      ...(raw.timeLimit !== null && { timeLimit: raw.timeLimit }),
      ...(raw.difficulty !== null && { difficulty: raw.difficulty }),
      ...(raw.level !== null && { level: raw.level }),
      ...(raw.outcome !== null && { outcome: raw.outcome }),
    }
  }

  #fromOptions(stem: Content, list: RawList): Item {
    this.#partOptionRemarks(list)
    const options = list.entries.map((entry, index) => this.#option(entry, index))
    const text = plainText(stem)
    const signed = options.filter((_option, index) => this.#isSigned(list, index)).map((option) => option.id)
    const stated = this.#statedOptions(list, options)
    const truth = this.#asTrueFalse(stem, options, signed, stated)
    if (truth) return truth
    if (this.#isOrder(text, list, stated)) return { ...this.#common(stem), kind: 'order', options, key: stated ?? [] }
    const key = stated ?? signed
    if (signed.length > 0 && stated && !sameSet(signed, stated))
      this.#mark('keys-disagree', { inline: this.#lettersOf(list, signed), listed: this.#lettersOf(list, stated) })
    const ordered = options.map((option) => option.id).filter((id) => key.includes(id))
    const several =
      ordered.length > 1 ||
      this.#saidKind === 'multiple' ||
      (cues.asksSeveral(text) && ordered.length !== 1) ||
      this.#saysSeveral(text, ordered.length)
    const shuffle = !options.some((option) => REFERS.test(plainText(option.content)))
    if (!several) return { ...this.#common(stem), kind: 'single', options, key: ordered, shuffle }
    return { ...this.#common(stem), kind: 'multiple', options, key: ordered, shuffle, credit: 'all' }
  }

  /** The stem asks for two or more, but one is keyed: the kind is as asked, and the key is doubtful. */
  #saysSeveral(text: string, keyed: number): boolean {
    const asked = /\b(?:choose|select|pick|which|tick|mark|name|circle)\s+(?:the\s+|any\s+)?(?:two|three|four)\b/i.test(
      text,
    )
    if (asked && keyed === 1) this.#mark('key-count', { count: '1' })
    return keyed === 1 && (asked || /all that apply|alle richtigen|toutes les réponses/i.test(text))
  }

  /** "high water - Correct! …" beside "high wind - No, …": each option carries its own feedback, which says what is right. */
  #partOptionRemarks(list: RawList): void {
    const [only, ...others] = list.entries.filter((entry) => entry.feedback.length)
    // Below the last option alone, an indented explanation is that of the item.
    if (only && !others.length && only === list.entries.at(-1) && list.style !== 'bullet' && !this.#raw.feedback.length)
      this.#raw.feedback.push(...only.feedback.splice(0))
    if (list.entries.length < 2 || list.entries.some((entry) => entry.pieces.length > 1 || entry.feedback.length))
      return
    const parted = list.entries.map((entry) => {
      const piece = entry.pieces[0]
      const found = piece && /\s+(?:[-–—]+|→|\(|\|)\s*(\p{L}+)[\s,.!;:](?=.*\S)/u.exec(spanText(piece.span))
      const truth = found?.[1] ? verdictOf(found[1]) : null
      return piece && found && truth !== null
        ? { entry, piece, at: found.index, text: found.index + found[0].indexOf(found[1] ?? ''), truth }
        : null
    })
    if (!parted.every((one) => one !== null) || !parted.some((one) => one.truth)) return
    for (const { entry, piece, at, text, truth } of parted) {
      const { span } = piece
      const end = spanText(span).replace(/\s*\)\s*$/, '').length
      entry.pieces[0] = { ...piece, span: { ...span, to: span.from + at } }
      entry.feedback.push({ span: { ...span, from: span.from + text, to: span.from + end }, join: 'paragraph' })
      if (truth) entry.sign = '✓'
    }
  }

  #option(entry: RawEntry, index: number): Option {
    const note = this.#raw.optionNotes.find((one) => labelValue(one.letter)?.value === index)
    const feedback = entry.feedback.length ? entry.feedback : note?.pieces
    return { id: optionId(index), content: compose(entry.pieces), ...(feedback && { feedback: compose(feedback) }) }
  }

  #isSigned(list: RawList, index: number): boolean {
    const entry = list.entries[index]
    if (!entry) return false
    return (entry.sign !== null && !isBulleted(list)) || this.#standsOut(list, index)
  }

  /** Bold, highlighted, underlined or coloured as a whole, while another option is not. */
  #standsOut(list: RawList, index: number): boolean {
    if (list.entries.some((entry) => entry.sign)) return false
    if (list.entries.every((entry) => entry.pieces.every(({ span }) => span.line.styles.length === 0))) return false
    const covered = list.entries.map((entry) => coveringStyle(entry))
    return covered[index] !== null && covered.some((style) => style === null)
  }

  /** Option ids that the key statements name, in the order they are named; null where nothing is stated. */
  #statedOptions(list: RawList, options: readonly Option[]): string[] | null {
    let found: string[] | null = null
    for (const statement of this.#statements()) {
      const named = readOptionKey(statement.text, list, options)
      if (named.contradicts !== null)
        this.#mark(
          'keys-disagree',
          { inline: this.#lettersOf(list, named.ids), listed: this.#lettersOf(list, [named.contradicts]) },
          spanPlace(statement.raw.statement),
        )
      if (named.ids.length) {
        if (found && !sameSet(found, named.ids))
          this.#mark(
            'keys-disagree',
            { inline: this.#lettersOf(list, found), listed: this.#lettersOf(list, named.ids) },
            spanPlace(statement.raw.statement),
          )
        found ??= named.ids
        this.#takeRemark(statement, named.rest)
        if (statement.raw.source === 'glued' && this.#raw.keys.includes(statement.raw))
          this.#mark('key-parted', {}, spanPlace(statement.raw.statement))
      }
      if (!named.ids.length || named.unknown) {
        if (statement.text && truthOf(statement.text, this.#truthCue) === null)
          this.#mark(
            'key-names-no-option',
            { key: named.unknown ?? statement.text },
            spanPlace(statement.raw.statement),
          )
      }
    }
    return found
  }

  /** What stands behind a key is its explanation. */
  #takeRemark(statement: Statement, rest: string): void {
    if (!rest || this.#raw.feedback.length) return
    const last = statement.raw.values.at(-1)
    if (!last) return
    const at = spanText(last).indexOf(rest)
    if (at >= 0) this.#raw.feedback.push({ span: { ...last, from: last.from + at }, join: 'paragraph' })
  }

  #asTrueFalse(
    stem: Content,
    options: readonly Option[],
    signed: readonly string[],
    stated: readonly string[] | null,
  ): Item | null {
    const words = options.map((option) => truthOf(plainText(option.content), this.#truthCue))
    const both = options.length <= 2 && words.includes(true) && (words.includes(false) || options.length === 1)
    const one = options.length === 1 && words[0] !== null && this.#truthCue
    if (!(both && (options.length === 2 || this.#truthCue)) && !one) return null
    // "Yes / No" answer a question; only words for true and false answer a statement.
    if (
      !this.#truthCue &&
      options.some((option) =>
        /^(?:yes|no|ja|nein|oui|non|sí|si|sim|não|tak|nie|да|нет|так|ні|nee|nej|evet|hayır|نعم|لا|是|否|כן|לא)$/i.test(
          plainText(option.content),
        ),
      )
    )
      return null
    const ids = stated ?? signed
    const truths = ids
      .map((id) => words[options.findIndex((option) => option.id === id)])
      .filter((word) => word !== undefined && word !== null)
    const spoken = this.#statements()
      .map((statement) => truthOf(statement.text))
      .filter((word) => word !== null)
    const key = truths.length ? truths : spoken
    return { ...this.#common(stem), kind: 'truefalse', key: key.slice(0, 1) }
  }

  #isOrder(text: string, list: RawList, stated: readonly string[] | null): boolean {
    if (!cues.asksOrder(text) || list.style === 'box') return false
    return stated === null ? true : stated.length === list.entries.length && list.entries.length > 2
  }

  #lettersOf(list: RawList, ids: readonly string[]): string {
    return ids.map((id) => (list.entries[optionIndex(id)]?.label?.text ?? id).toUpperCase()).join(', ')
  }

  #match(stem: Content): Item | null {
    const [left, right] = this.#raw.lists
    if (!left || !right || this.#raw.lists.length > 2) return null
    const statement = this.#statements()
      .map((one) => one.text)
      .join(' ')
    const pairs = readPairs(statement, left, right)
    if (!pairs.length && !cues.asksMatch(plainText(stem)) && left.style === right.style) return null
    return { ...this.#common(stem), kind: 'match', left: contents(left), right: contents(right), key: pairs }
  }

  /** "Cobalt oxide = blue" or "warten → auf", a pair a line, with extras named after them. */
  #pairs(stem: Content): Item | null {
    const lines =
      this.#options && this.#options.style !== 'plain' && this.#options.style !== 'letter'
        ? this.#options.entries.map((entry) => entry.pieces[0])
        : this.#stem.slice(1)
    const texts = lines.map((piece) => (piece ? spanText(piece.span).trim() : ''))
    const parted = texts.map((text) => /^(.{1,80}?)\s*(?:=|→|->|⇒|=>|—>|\s[–—]\s)\s*(.{1,120})$/.exec(text))
    const pairs = parted.filter((pair) => pair !== null)
    const extras = texts
      .map(
        (text) =>
          /^\(?(?:extra|extras|left over|spare|übrig|en trop|sobrante|di troppo|over)\s*[:：]\s*(.+?)\)?$/i.exec(
            text,
          )?.[1],
      )
      .filter((extra) => extra !== undefined)
    if (pairs.length < 2 || pairs.length + extras.length < texts.length) return null
    if (!this.#options) this.#stem = this.#stem.slice(0, 1)
    const right = [...pairs.map((pair) => pair[2] ?? ''), ...extras]
    const unique = [...new Set(right)]
    const head = this.#options ? stem : compose(this.#stem)
    return {
      ...this.#common(head),
      kind: 'match',
      left: pairs.map((pair) => contentOf(pair[1] ?? '')),
      right: unique.map((text) => contentOf(text)),
      key: pairs.map((pair, index) => [index, unique.indexOf(pair[2] ?? '')] as const),
    }
  }

  #fromTable(stem: Content): Item {
    const rows = this.#raw.table
      .map((line) => cellsOf(line))
      .filter((cells) => !cells.every((cell) => /^:?-{2,}:?$|^$/.test(cell)))
    const [header, ...body] = rows
    if (!header) return this.#open(stem, plainText(stem))
    const ticks = /^(?:x|✓|✔|✗|☑|●|o|•)$/i
    const ticked = body.some((cells) => cells.slice(1).some((cell) => ticks.test(cell)))
    if (header.length > 2 || ticked) {
      const key = body.flatMap((cells, row) =>
        cells.slice(1).flatMap((cell, column) => (ticks.test(cell) ? [[row, column] as const] : [])),
      )
      return {
        ...this.#common(stem),
        kind: 'grid',
        rows: body.map((cells) => contentOf(cells[0] ?? '')),
        columns: header.slice(1).map((cell) => contentOf(cell)),
        key,
      }
    }
    const columns = [0, 1].map((at) => labelledCells(body.map((cells) => cells[at] ?? '')))
    const [left = NO_CELLS, right = NO_CELLS] = columns
    const statement = this.#statements()
      .map((one) => one.text)
      .join(' ')
    const named = readNamedPairs(statement, left.texts, right.texts)
    return {
      ...this.#common(stem),
      kind: 'match',
      left: left.texts.map((cell) => contentOf(cell)),
      right: right.texts.map((cell) => contentOf(cell)),
      key: named.length ? named : readLabelPairs(statement, left.labels, right.labels),
    }
  }

  #open(stem: Content, text: string): Item {
    const raw = this.#raw
    const statements = this.#statements()
    const said = statements.map((statement) => statement.text).filter(Boolean)
    if (raw.sample.length) return { ...this.#common(stem), kind: 'essay', sample: compose(raw.sample) }
    const own = this.#gapsInText()
    if (own) return own
    const listed = this.#listedOrder(text, said)
    if (listed) return listed
    const truth = this.#truth(stem, statements)
    if (truth) return truth
    const gaps = countGaps(stem)
    if (gaps > 1 || raw.wordBank !== null || bracketBank(this.#stem)) return this.#cloze(said)
    if (this.#saidKind === 'essay')
      return {
        ...this.#common(stem),
        kind: 'essay',
        ...(said[0] !== undefined && { sample: contentOf(said.join(' ')) }),
      }
    if (said[0] !== undefined) return this.#typed(stem, this.#agreed(statements))
    if (gaps === 0 && (cues.asksEssay(text) || raw.answerLines > 0)) return { ...this.#common(stem), kind: 'essay' }
    return { ...this.#common(stem), kind: 'short', key: [], rules: DEFAULT_TEXT_RULES }
  }

  #truth(stem: Content, statements: readonly Statement[]): Item | null {
    for (const statement of statements) {
      const head = /^[*_(（\s]*([^\s.,;:，。—–-]+(?:\s(?!\p{Lu})[^\s.,;:]+)?)/u.exec(statement.text)
      const words = [statement.text, head?.[1] ?? '', (head?.[1] ?? '').split(/\s/)[0] ?? '']
      const truth = words.map((word) => truthOf(word, this.#truthCue)).find((word) => word !== null)
      if (truth === undefined || truth === null) continue
      const whole = truthOf(statement.text, this.#truthCue) !== null
      if (!whole && !this.#truthCue && !/^[^\s.]+\.\s+\S/.test(statement.text)) continue
      if (!whole)
        this.#takeRemark(statement, statement.text.replace(/^[^\s.,;:，。—–-]+(?:\s*[.,;:—–-]+)?\s*/u, '').trim())
      return { ...this.#common(stem), kind: 'truefalse', key: [truth] }
    }
    return this.#truthCue && !statements.some((statement) => statement.text) && !cues.asksEssay(plainText(stem))
      ? { ...this.#common(stem), kind: 'truefalse', key: [] }
      : null
  }

  /** The first of several statements; a mark where another one differs. */
  #agreed(statements: readonly Statement[]): string {
    const [first, ...others] = statements.filter((statement) => statement.text)
    if (!first) return ''
    const other = others.find((statement) => !sameText(statement.text, first.text))
    if (other) this.#mark('keys-disagree', { inline: first.text, listed: other.text }, spanPlace(other.raw.statement))
    return first.text
  }

  #typed(stem: Content, said: string): Item {
    const { text, remark } = partRemark(said)
    const number = readNumberKey(text)
    const asksFraction = /fraction|bruch|frazione|fracción|ułam/i.test(plainText(stem))
    if (number && !asksFraction) {
      if (remark && !this.#raw.feedback.length) this.#takeRemarkText(remark)
      return {
        ...this.#common(stem),
        kind: 'numeric',
        key: [number.key],
        ...(number.unit && { unit: unitText(number.unit) }),
      }
    }
    const sentence = text.split(/\s+/).length > 9 || (/[.。]$/.test(text) && text.split(/\s+/).length > 5)
    if (cues.asksEssay(plainText(stem)) && sentence)
      return { ...this.#common(stem), kind: 'essay', sample: contentOf(said) }
    return { ...this.#common(stem), kind: 'short', key: acceptedAnswers(text), rules: DEFAULT_TEXT_RULES }
  }

  #takeRemarkText(remark: string): void {
    const values = this.#raw.keys.flatMap((key) => key.values)
    const span = values.find((value) => spanText(value).includes(remark))
    if (span)
      this.#raw.feedback.push({
        span: { ...span, from: span.from + spanText(span).indexOf(remark) },
        join: 'paragraph',
      })
  }

  #cloze(said: readonly string[]): Item {
    const bank = bracketBank(this.#stem)
    const words = bank?.words ?? this.#raw.wordBank?.split(/\s*[,;/·|]\s*|\s+[–—-]\s+|\s{3,}/).filter(Boolean)
    const stem = compose(bank ? this.#stem.filter((piece) => piece !== bank.piece) : this.#stem)
    const values = gapAnswers(said.join(' '), countGaps(stem))
    return {
      ...this.#common(stem),
      kind: 'cloze',
      gaps: values.map((key) => ({ key })),
      rules: DEFAULT_TEXT_RULES,
      ...(words && { wordBank: words }),
    }
  }

  /** "{ins}" or "[bank]" holds the answer, "(camber / kerb)" the choices, in the text itself. */
  #gapsInText(): Item | null {
    const found: { readonly at: Span; readonly answers: string[]; readonly choices: string[] | null }[] = []
    for (const piece of this.#stem)
      for (const hole of spanText(piece.span).matchAll(
        /\{([^{}]{1,60})\}|\[([\p{L}][^[\]:]{0,40})\]|\(([^()/]{1,30}(?:\s*\/\s*[^()/]{1,30})+)\)/gu,
      )) {
        const at = {
          line: piece.span.line,
          from: piece.span.from + hole.index,
          to: piece.span.from + hole.index + hole[0].length,
        }
        if (piece.span.line.styles.some((range) => range.style === 'tex' && range.from <= at.from && range.to >= at.to))
          continue
        if (hole[3] === undefined) {
          const inside = (hole[1] ?? hole[2] ?? '').trim()
          if (/^(?:image|blank|gap)\b/i.test(inside)) continue
          found.push({ at, answers: inside.split(/\s*[|/]\s*/), choices: null })
        } else found.push({ at, answers: [], choices: hole[3].split(/\s*\/\s*/).map((choice) => choice.trim()) })
      }
    if (!found.length || (found.length === 1 && found[0]?.choices && !this.#statements().length)) return null
    if (countGaps(compose(this.#stem)) > 0 || this.#truthCue) return null
    const stem = compose(
      replaceSpans(
        this.#stem,
        found.map((hole) => hole.at),
      ),
    )
    const said = gapAnswers(
      this.#statements()
        .map((one) => one.text)
        .join(' '),
      found.length,
    )
    const gaps = found.map((hole, index) => ({
      key: hole.answers.length ? hole.answers : (said[index] ?? []),
      ...(hole.choices && { choices: hole.choices }),
    }))
    const single = gaps.length === 1 ? gaps[0] : undefined
    if (single && !('choices' in single))
      return { ...this.#common(stem), kind: 'short', key: single.key, rules: DEFAULT_TEXT_RULES }
    return { ...this.#common(stem), kind: 'cloze', gaps, rules: DEFAULT_TEXT_RULES }
  }

  /** "…, slowest first: Allegro – Andante – Largo – Presto" with the order as its key. */
  #listedOrder(text: string, said: readonly string[]): Item | null {
    const key = said.join(' ')
    if (!cues.asksOrder(text)) return null
    const last = this.#stem.at(-1)
    if (!last) return null
    const line = spanText(last.span)
    const colon = this.#stem.length > 1 ? 0 : line.lastIndexOf(':') + 1
    const listed = line
      .slice(colon)
      .split(/\s+[–—-]\s+|\s+\/\s+|\s*[;|]\s*|\s{3,}/)
      .map((entry) => entry.trim())
      .filter(Boolean)
    // Commas part the entries only where the key names the same ones.
    const commas = line
      .slice(colon)
      .split(/\s*[,、，]\s*/)
      .map((entry) => entry.replace(/[.。]$/, '').trim())
      .filter(Boolean)
    const named = key.split(/\s*[,、，]\s*/)
    const matches =
      commas.length === named.length && commas.every((entry) => named.some((known) => sameText(known, entry)))
    const entries = listed.length < 3 && matches ? commas : listed
    if (entries.length < 3) return null
    const options = entries.map((entry, index) => ({ id: optionId(index), content: contentOf(entry) }))
    const head =
      this.#stem.length > 1
        ? this.#stem.slice(0, -1)
        : [{ ...last, span: { ...last.span, to: last.span.from + colon } }]
    const order = key
      .split(/\s*(?:,|–|—|;|→|>|\s-\s|\/)\s*/)
      .map((entry) => entries.findIndex((known) => sameText(known, entry)))
    return {
      ...this.#common(compose(head)),
      kind: 'order',
      options,
      key: order.length === entries.length && !order.includes(-1) ? order.map(optionId) : [],
    }
  }

  #scale(stem: Content): Item | null {
    const text = plainText(stem)
    const found =
      /[([]?\s*(\d{1,2})\s*=\s*([^,;…)\]]+?)\s*(?:,|;|…|\.{2,}|-|–|to|bis)\s*(\d{1,2})\s*=\s*([^)\]]+?)\s*[)\]]?(?:\s+\d{1,2}){0,10}\s*$/.exec(
        text,
      )
    const figures = this.#raw.lists.every((list) =>
      list.entries.every((entry) => entry.pieces.every((piece) => /^[\d\s☐○◯]*$/.test(spanText(piece.span)))),
    )
    if (!found?.[1] || !found[3] || this.#raw.keys.length || !figures) return null
    const head = contentOf(text.slice(0, found.index).trim())
    return {
      ...this.#common(head),
      kind: 'scale',
      points: 0,
      low: Number(found[1]),
      high: Number(found[3]),
      lowLabel: (found[2] ?? '').trim(),
      highLabel: (found[4] ?? '').trim(),
    }
  }

  // Marks

  #markItem(item: Item): void {
    const raw = this.#raw
    if (isEmptyContent(item.stem)) this.#mark('stem-empty')
    if (item.kind === 'single' || item.kind === 'multiple') this.#markOptions(item.options, item.shuffle)
    if (missesKey(item) && !this.#marks.some((one) => one.code === 'key-names-no-option')) this.#mark('key-missing')
    const lost = this.#lostPowers()
    for (const one of lost) this.#marks.push(one)
    for (const line of raw.lines) {
      const picture = /\[image: ([^\]]*)\]/.exec(line.text)
      const kept = line.styles.some((range) => range.style === 'picture' && /^asset:/.test(range.target ?? ''))
      if (picture && !kept) this.#mark('picture-missing', { alt: picture[1] ?? '' })
    }
  }

  #markOptions(options: readonly Option[], shuffle: boolean): void {
    const texts = options.map((option) => plainText(option.content).toLowerCase())
    const twin = texts.findIndex((text, index) => texts.indexOf(text) < index)
    if (twin > 0)
      this.#mark('option-duplicate', { first: letter(texts.indexOf(texts[twin] ?? '')), second: letter(twin) })
    if (options.length === 1) this.#mark('option-single')
    if (!shuffle) this.#mark('options-refer')
    const labels = this.#options?.entries.map((entry) => entry.label?.value) ?? []
    labels.forEach((value, index) => {
      const before = labels[index - 1]
      if (value !== undefined && before !== undefined && value > before + 1)
        this.#mark('option-letter-gap', { before: letter(before), after: letter(value) })
    })
  }

  /** "6.25 × 1018", "1.6 x 10-19", "1023 molecules": powers of ten whose raised figures fell down. */
  #lostPowers(): Mark[] {
    const marks: Mark[] = []
    for (const line of this.#raw.lines)
      for (const found of line.text.matchAll(
        /((?:\d+[.,])?\d+\s*[×x*·]\s*10)([-−]\d{1,2}|\d{1,2})(?![\d.,%]|\s*[×x*]\s*\d)/g,
      )) {
        const at = found.index + (found[1] ?? '').length
        if (line.styles.some((range) => range.style === 'sup' && range.from <= at && range.to > at)) continue
        const power = (found[2] ?? '').replace('−', '-')
        const from = sourceOffset(line, found.index)
        const place = {
          lines: [line.number, line.number] as const,
          from,
          to: sourceOffset(line, found.index + found[0].length),
        }
        const insert = `^${power}`
        marks.push(
          mark(
            'script-lost',
            place,
            { text: found[0], mended: `${found[1]}^${power}` },
            {
              mend: {
                label: 'Raise the power',
                edits: [{ from: sourceOffset(line, at), to: sourceOffset(line, at + power.length), insert }],
              },
            },
          ),
        )
      }
    return marks
  }

  #places(): ItemPlaces {
    const list = this.#options
    const keys = this.#ownKey ? [this.#ownKey, ...this.#raw.keys] : this.#raw.keys
    const bodyLines = [
      ...this.#stem.map((piece) => piece.span.line),
      ...(list?.entries.flatMap((entry) => entry.pieces.map((piece) => piece.span.line)) ?? []),
    ]
    const last =
      bodyLines.reduce<Line | null>((latest, line) => (!latest || line.number > latest.number ? line : latest), null) ??
      this.#raw.lines.at(-1)
    return {
      stem: this.#stem.map((piece) => sourceRange(piece.span)),
      options: list?.entries.map((entry) => entryRange(entry)) ?? [],
      labels: list?.entries.map((entry) => entry.labelText) ?? [],
      keys: keys.map((key) => statementRange(key)),
      keyAt: last?.to ?? this.#place.to,
    }
  }
}

/** Filled squares or circles before every option are only bullets. */
function isBulleted(list: RawList): boolean {
  return list.entries.length > 1 && list.entries.every((entry) => /^[■▣◼⬛●◉⦿•(\s)]+$/.test(entry.sign ?? ''))
}

function entryRange(entry: RawEntry): { from: number; to: number } {
  const ranges = entry.pieces.map((piece) => sourceRange(piece.span))
  return { from: ranges[0]?.from ?? 0, to: ranges.at(-1)?.to ?? 0 }
}

function statementRange(key: RawKey): { from: number; to: number } {
  const start = sourceRange(key.statement)
  const last = key.values.at(-1)
  return {
    from: start.from,
    to: Math.max(start.to, last && last.line === key.statement.line ? start.to : last ? sourceRange(last).to : 0),
  }
}

function placeOf(lines: readonly Line[]): Place {
  const first = lines[0]
  const last = lines.at(-1)
  return {
    lines: [first?.number ?? 1, last?.lastNumber ?? last?.number ?? 1],
    from: first?.from ?? 0,
    to: last?.to ?? 0,
  }
}

function spanPlace(span: Span): Place {
  return { lines: [span.line.number, span.line.lastNumber ?? span.line.number], ...sourceRange(span) }
}

function letter(index: number): string {
  return String.fromCharCode(65 + index)
}

function optionIndex(id: string): number {
  return id.length === 1 ? id.charCodeAt(0) - 97 : Number(id.slice(1)) - 1
}

function trimStart(piece: Piece, units: number): Piece {
  return { ...piece, span: { ...piece.span, from: piece.span.from + units } }
}

function trimContent(pieces: readonly Piece[], units: number): Content {
  const [first, ...rest] = pieces
  return first ? compose([trimStart(first, units), ...rest]) : []
}

function startsWithStar(piece: Piece): boolean {
  return /^\s*[*✓✔✅→](?=\S)/u.test(spanText(piece.span))
}

function endsWithStar(piece: Piece): boolean {
  return /\S\s*(?:[*✓✔✅←])\s*$/u.test(spanText(piece.span))
}

function plainEntry(piece: Piece): RawEntry {
  const text = spanText(piece.span)
  const sign = startsWithStar(piece) ? text.trim().charAt(0) : endsWithStar(piece) ? text.trim().slice(-1) : null
  const before = startsWithStar(piece) ? text.length - text.trimStart().length + 1 : 0
  const end = !before && sign ? text.lastIndexOf(sign) : text.length
  return {
    label: null,
    labelText: '',
    pieces: [
      {
        ...piece,
        join: 'paragraph',
        span: { ...piece.span, from: piece.span.from + before, to: piece.span.from + end },
      },
    ],
    feedback: [],
    sign,
    indent: piece.span.line.indent,
  }
}

function coveringStyle(entry: RawEntry): string | null {
  const styles = ['strong', 'highlight', 'underline', 'colour'] as const
  return styles.find((style) => coverage(entry, style) >= COVERED[style]) ?? null
}

/** Bold or underlined words inside an option may be stressed; a marker pen that slipped still marks the key. */
const COVERED = { strong: 0.85, underline: 0.85, highlight: 0.4, colour: 0.5 } as const

/** The share of an option's letters that a style covers. */
function coverage(entry: RawEntry, style: string): number {
  let letters = 0
  let covered = 0
  for (const { span } of entry.pieces)
    for (let at = span.from; at < span.to; at++) {
      if (/\s/.test(span.line.text.charAt(at))) continue
      letters++
      if (span.line.styles.some((range) => range.style === style && range.from <= at && range.to > at)) covered++
    }
  return letters ? covered / letters : 0
}

function contents(list: RawList): Content[] {
  return list.entries.map((entry) => compose(entry.pieces))
}

function cellsOf(line: Line): string[] {
  return line.text
    .trim()
    .replace(/^\||\|$/g, '')
    .split('|')
    .map((cell) => cell.trim())
}

/** "Correct", "No", "Richtig": what the first word of an option's feedback says of it. */
function verdictOf(word: string): boolean | null {
  if (
    /^(?:correct|right|yes|exactly|richtig|genau|correcto|correcta|exacto|juist|goed|rätt|dobrze|верно|правильно)$/i.test(
      word,
    )
  )
    return true
  if (
    /^(?:no|non|nein|nee|nej|nie|нет|incorrect|wrong|not|nope|falsch|leider|faux|incorrecto|incorreto|fout|fel|źle|неверно|неправильно)$/i.test(
      word,
    )
  )
    return false
  return word.length > 1 ? truthOf(word, false) : null
}

interface Cells {
  readonly texts: readonly string[]
  /** Lower case; counted where the cells have none: 1, 2 … */
  readonly labels: readonly string[]
}

const NO_CELLS: Cells = { texts: [], labels: [] }

/** A column of a matching table without the numbers or letters that its cells start with; empty cells are none. */
function labelledCells(cells: readonly string[]): Cells {
  const filled = cells.map((cell) => cell.trim()).filter(Boolean)
  const parted = filled.map((cell) => /^\(?(\d{1,2}|\p{L})[).:]\s*(\S.*)$/u.exec(cell))
  if (filled.length > 1 && parted.every((one) => one !== null))
    return { texts: parted.map((one) => one[2] ?? ''), labels: parted.map((one) => (one[1] ?? '').toLowerCase()) }
  return { texts: filled, labels: filled.map((_cell, index) => String(index + 1)) }
}

interface WordBox {
  readonly piece: Piece
  readonly words: readonly string[]
}

/** "[ ditch   gravel   legions ]" on a line of its own above the text. */
function bracketBank(pieces: readonly Piece[]): WordBox | null {
  for (const piece of pieces) {
    const found = /^\s*[[({]\s*(.+?)\s*[\])}]\s*$/.exec(spanText(piece.span))
    const words = found?.[1]?.split(/\s{2,}|\s*[,;|/·]\s*/).filter(Boolean)
    if (words && words.length >= 3) return { piece, words }
  }
  return null
}

function replaceSpans(pieces: readonly Piece[], holes: readonly Span[]): Piece[] {
  return pieces.flatMap((piece) => {
    const inside = holes.filter(
      (hole) => hole.line === piece.span.line && hole.from >= piece.span.from && hole.to <= piece.span.to,
    )
    if (!inside.length) return [piece]
    let text = ''
    let at = piece.span.from
    for (const hole of inside) {
      text += `${piece.span.line.text.slice(at, hole.from)}___`
      at = hole.to
    }
    text += piece.span.line.text.slice(at, piece.span.to)
    return [{ ...piece, span: { line: { ...piece.span.line, text, styles: [], map: null }, from: 0, to: text.length } }]
  })
}

function missesKey(item: Item): boolean {
  switch (item.kind) {
    case 'essay':
    case 'note':
    case 'scale':
      return false
    case 'cloze':
      return item.gaps.some((gap) => gap.key.length === 0)
    default:
      return item.key.length === 0
  }
}
