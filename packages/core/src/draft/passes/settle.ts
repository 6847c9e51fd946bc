import { contentOf, countGaps, isEmptyContent, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { DEFAULT_TEXT_RULES, optionId, type Item, type ItemCommon, type Option } from '../../item/model.ts'
import { labelValue } from '../labels.ts'
import { mark, type Mark, type MarkCode, type Mend } from '../marks.ts'
import { sourceOffset, sourceRange, type ItemPlaces, type Line, type Span } from '../model.ts'
import { cues, noteLength, truthOf } from '../words.ts'
import { acceptedAnswers, gapAnswers, partRemark, unitText } from './accepted-answers.ts'
import { compose, spanText, type Piece } from './compose.ts'
import { readNumberKey } from './numbers.ts'
import { readLabelPairs, readNamedPairs, readOptionKey, readPairs, sameSet, sameText } from './option-keys.ts'
import type { RawEntry, RawItem, RawList } from './raw.ts'
import { cellsOf, labelledCells, NO_CELLS } from './settle/cells.ts'
import { COVERED, coverage, coveringStyle, isBulleted } from './settle/dress.ts'
import { bracketBank, replaceSpans, trimContent } from './settle/pieces.ts'
import { entryRange, keepFirst, placeOf, spanPlace, statementRange, type Place } from './settle/places.ts'
import { statementsOf, type Statement } from './settle/statements.ts'
import { StemReader } from './settle/stem.ts'

/** An item with its kind settled, its key read and its marks. */
export interface SettledItem {
  readonly item: Item
  readonly places: ItemPlaces
  readonly marks: readonly Mark[]
}

/** Third pass, for one item: which kind it is, what its key means, and what a person should look at. */
export function settleItem(raw: RawItem): SettledItem {
  return new Settler(raw).settle()
}

const REFERS =
  /^(?:(?:all|none|both|neither|any)\b.{0,20}\b(?:above|these|them|those|of the others|options)|(?:both |only )?[A-H](?:\)|\.)?\s*(?:and|&|or|,|und|et|y|e|en|och|i|и)\s*(?:[A-H]\s*,\s*)*[A-H]\b.{0,6}$|alle (?:genannten|antworten|oben)|keine (?:der|von)|toutes? (?:les|ces)|aucune? de|todas? (?:las|los) anteriores|ningun[oa] de|tutte le precedenti|nessuna delle|geen van|alle bovenstaande|inget av|alla ovanstående|wszystkie powyższe|żadna z|все (?:вышеперечисленные|перечисленные)|ни один|以上皆|以上都)/i

/** "Answers will vary": what stands where the key would says that none can be given. */
const VARIES =
  /^\W*(?:(?:(?:student|pupil)s?['’]?s? )?(?:own )?(?:answers?|responses?) (?:will|may|can|might) vary|students?['’]? own (?:answers?|words)|(?:individuelle|eigene) (?:antwort|lösung)|antworten (?:können )?variieren|réponses? (?:libres?|personnelles?|variées?)|les réponses (?:peuvent )?vari|respuestas? (?:libres?|personal(?:es)?|abiertas?)|las respuestas (?:pueden )?var|risposte? (?:liber[ae]|personal[ei])|eigen antwoord|egna svar|odpowiedzi (?:mogą się różnić|własne)|свой ответ|свободный ответ)/i

/** "e.g. flashing, fixed": examples of what is right, not all of it. */
const EXAMPLE =
  /^\W*(?:e\.\s?g\.|for (?:example|instance)|z\.\s?B\.|zum Beispiel|p\.\s?ex\.|par exemple|p\.\s?ej\.|por ej(?:emplo)?|bijv\.|bijvoorbeeld|t\.\s?ex\.|till exempel|f\.\s?eks\.|np\.|na przykład|напр\.|например|ad es\.|per esempio|例如)/iu

/** "1 mark each for: collision; grounding": how an answer in sentences earns its marks. */
const GIVES_MARKS = /\b(?:\d|one|two|three) marks? (?:each|for|if|per)\b|\bmarks? each\b/i

class Settler {
  readonly #raw: RawItem
  readonly #marks: Mark[] = []
  readonly #place: Place
  readonly #head: StemReader
  #options: RawList | null = null

  constructor(raw: RawItem) {
    this.#raw = raw
    this.#head = new StemReader(raw)
    this.#place = placeOf(raw.lines)
  }

  settle(): SettledItem {
    this.#head.trim()
    if (!this.#raw.lists.length && !this.#raw.table.length && !this.#scale(compose(this.#head.stem)))
      this.#head.findPlainOptions()
    this.#options = this.#head.options ?? this.#raw.lists.at(-1) ?? null
    const item = this.#decide()
    this.#markItem(item)
    return { item, places: this.#places(), marks: this.#marks }
  }

  #mark(code: MarkCode, values: Readonly<Record<string, string>> = {}, place: Place = this.#place, mend?: Mend): void {
    this.#marks.push(mark(code, place, values, mend ? { mend } : {}))
  }

  // Kinds

  #statements(): Statement[] {
    return statementsOf(this.#raw, this.#head.ownKey)
  }

  #decide(): Item {
    const raw = this.#raw
    const stem = compose(this.#head.stem)
    const text = plainText(stem)
    const note = noteLength(text)
    if (note && !raw.keys.length && !raw.lists.length)
      return { ...this.#common(trimContent(this.#head.stem, note)), kind: 'note', points: 0 }
    const scale = this.#scale(stem)
    if (scale) return scale
    if (raw.table.length) return this.#fromTable(stem)
    if (raw.lists.length >= 2) {
      const matched = this.#match(stem)
      if (matched) return matched
    }
    const pairs = this.#pairs(stem)
    if (pairs) return pairs
    if (this.#options && this.#isDialogue(this.#options)) {
      const lines = this.#options.entries.flatMap((entry) => entry.pieces)
      this.#options = null
      this.#head.stem = [...this.#head.stem, ...lines]
      const whole = compose(this.#head.stem)
      return this.#open(whole, plainText(whole))
    }
    if (this.#options) return this.#fromOptions(this.#withStatements(stem), this.#options)
    return this.#open(stem, text)
  }

  /** "– Where ____ you from? – I ____ from Lumar.": lines with gaps behind dashes are text to fill, no options. */
  #isDialogue(list: RawList): boolean {
    if (list.style !== 'bullet' || countGaps(compose(this.#head.stem)) > 0) return false
    if (list.entries.some((entry) => entry.sign !== null)) return false
    return list.entries.every((entry) => countGaps(compose(entry.pieces)) > 0)
  }

  /** Lists before the options are statements that the stem is about; none of their lines is lost. */
  #withStatements(stem: Content): Content {
    const statements = this.#raw.lists.filter((list) => list !== this.#options)
    if (!statements.length || this.#options?.style === 'plain') return stem
    const pieces = statements.flatMap((list) =>
      list.entries.flatMap((entry) =>
        entry.pieces.map((piece, index): Piece => {
          if (index > 0) return { ...piece, join: 'wrap' }
          const from = entry.labelText
            ? Math.max(0, piece.span.line.text.lastIndexOf(entry.labelText, piece.span.from))
            : piece.span.from
          return { join: 'paragraph', span: { ...piece.span, from } }
        }),
      ),
    )
    return compose([...this.#head.stem, ...pieces])
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
    this.#dropCrosses(list)
    const options = list.entries.map((entry, index) => this.#option(entry, index))
    const text = plainText(stem)
    const signed = options.filter((_option, index) => this.#isSigned(list, index)).map((option) => option.id)
    const stated = this.#statedOptions(list, options)
    const truth = this.#asTrueFalse(stem, options, signed, stated)
    if (!stated) this.#markPartlyDressed(list)
    if (truth) return truth
    if (this.#isOrder(text, list, stated)) return { ...this.#common(stem), kind: 'order', options, key: stated ?? [] }
    const key = stated ?? signed
    if (signed.length > 0 && stated && !sameSet(signed, stated))
      this.#mark('keys-disagree', { inline: this.#lettersOf(list, signed), listed: this.#lettersOf(list, stated) })
    const ordered = options.map((option) => option.id).filter((id) => key.includes(id))
    const several =
      ordered.length > 1 ||
      this.#head.saidKind === 'multiple' ||
      (cues.asksSeveral(text) && ordered.length !== 1) ||
      this.#saysSeveral(text, ordered.length)
    const shuffle = !options.some((option) => REFERS.test(plainText(option.content)))
    if (!several) return { ...this.#common(stem), kind: 'single', options, key: ordered, shuffle }
    return { ...this.#common(stem), kind: 'multiple', options, key: ordered, shuffle, credit: 'all' }
  }

  /** "a. 6 ❌  b. 16 ✅": a cross says that an option is wrong, where every other one is ticked or goes without. */
  #dropCrosses(list: RawList): void {
    const crossed = list.entries.filter(isCrossed)
    const others = list.entries.filter((entry) => !crossed.includes(entry))
    if (!crossed.length || !others.length || crossed.some((entry) => entry.sign)) return
    const ticked = others.filter((entry) => entry.sign)
    if (ticked.length && ticked.length < others.length) return
    for (const entry of crossed) withoutCross(entry)
    if (ticked.length) return
    for (const entry of others) entry.sign = '✓'
    this.#mark('key-guessed', { sign: 'a cross at every other option' })
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
      const found =
        piece && /\s+(?:[-–—]+|→|\(|\|)\s*(\p{L}+)(?:[\s,.!;:](?=.*\S)|[)\s.!]*$)/u.exec(spanText(piece.span))
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
      // "jib - correct": the verdict alone is the key and no feedback.
      const said = /^\p{L}+[\s.!)]*$/u.test(spanText(span).slice(text))
      if (!said)
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

  /** A marker pen that covers only part of an option probably slipped, but may stress a word. */
  #markPartlyDressed(list: RawList): void {
    for (const entry of list.entries) {
      const style = entry.sign === null ? coveringStyle(entry) : null
      if (style && coverage(entry, style) < COVERED.strong && list.entries.some((other) => !coveringStyle(other)))
        this.#mark('key-guessed', {
          sign: `${style === 'highlight' ? 'a highlight' : `a ${style}`} that covers only part of the option`,
        })
    }
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
            keepFirst(this.#lettersOf(list, found), statement.raw),
          )
        found ??= named.ids
        this.#takeRemark(statement, named.rest)
        if (statement.raw.source === 'glued' && this.#raw.keys.includes(statement.raw))
          this.#mark('key-parted', {}, spanPlace(statement.raw.statement))
      }
      if (!named.ids.length || named.unknown) {
        if (statement.text && truthOf(statement.text, this.#head.truthCue) === null)
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
    const words = options.map((option) => truthOf(plainText(option.content), this.#head.truthCue))
    const both = options.length <= 2 && words.includes(true) && (words.includes(false) || options.length === 1)
    const one = options.length === 1 && words[0] !== null && this.#head.truthCue
    if (!(both && (options.length === 2 || this.#head.truthCue)) && !one) return null
    // "Yes / No" answer a question; only words for true and false answer a statement.
    if (
      !this.#head.truthCue &&
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
    const asked = cues.asksOrder(text) && !cues.asksMatch(text) && list.style !== 'box'
    if (this.#head.saidKind !== 'order' && !asked) return false
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
    const asked = cues.asksMatch(plainText(stem))
    const written = asked ? this.#writtenSides(stem) : null
    if (written) return written
    const joined = asked ? PAIR_ASKED : PAIR
    const [first] = this.#head.stem
    // "(Matching)" above nothing but pairs: no line of them is the question.
    const ownStem = this.#head.saidKind === 'match' && first && joined.test(spanText(first.span).trim()) ? 0 : 1
    const lines =
      this.#options && this.#options.style !== 'plain' && (this.#options.style !== 'letter' || asked)
        ? this.#options.entries.map((entry) => entry.pieces[0])
        : this.#head.stem.slice(ownStem)
    const texts = lines.map((piece) => (piece ? spanText(piece.span).trim() : ''))
    const parted = texts.map((text) => joined.exec(text))
    const pairs = parted.filter((pair) => pair !== null)
    const extras = texts
      .map(
        (text) =>
          /^\(?(?:extra|extras|left over|spare|distractors?|übrig|en trop|sobrante|di troppo|over)\s*[:：]\s*(.+?)\)?$/i.exec(
            text,
          )?.[1],
      )
      .filter((extra) => extra !== undefined)
    if (pairs.length < 2 || pairs.length + extras.length < texts.length) return null
    const sides = this.#labelledSides(stem, pairs)
    if (sides) return sides
    if (!this.#options) this.#head.stem = this.#head.stem.slice(0, ownStem)
    const right = [...pairs.map((pair) => pair[2] ?? ''), ...extras]
    const unique = [...new Set(right)]
    const head = this.#options ? stem : compose(this.#head.stem)
    return {
      ...this.#common(head),
      kind: 'match',
      left: pairs.map((pair) => contentOf(pair[1] ?? '')),
      right: unique.map((text) => contentOf(text)),
      key: pairs.map((pair, index) => [index, unique.indexOf(pair[2] ?? '')] as const),
    }
  }

  /** "1. Pleamar  ( ) marea baja": in the brackets goes the number of what stands on the left. */
  #writtenSides(stem: Content): Item | null {
    const list = this.#options
    const sides = list?.entries.map((entry) => BRACKET_BETWEEN.exec(entryText(entry))) ?? []
    if (!list || sides.length < 2 || sides.some((side) => side === null)) return null
    const labels = list.entries.map((entry) => entry.label?.text.toLowerCase() ?? '')
    const said = this.#statements()
      .flatMap((one) => one.text.toLowerCase().split(/[\s,;]+/))
      .filter(Boolean)
    const key = said.length === sides.length ? said.map((label, at) => [labels.indexOf(label), at] as const) : []
    return {
      ...this.#common(stem),
      kind: 'match',
      left: sides.map((side) => contentOf(side?.[1] ?? '')),
      right: sides.map((side) => contentOf(side?.[2] ?? '')),
      key: key.every(([left]) => left >= 0) ? [...key].sort((a, b) => a[0] - b[0]) : [],
    }
  }

  /** "1. flot — a. la mer descend": two lists side by side, joined by a key below them and not by their lines. */
  #labelledSides(stem: Content, pairs: readonly RegExpExecArray[]): Item | null {
    const rights = pairs.map((pair) => /^\(?([a-z])[.)]\s+(\S.*)$/i.exec(pair[2] ?? ''))
    const labels = rights.map((right) => right?.[1]?.toLowerCase() ?? '')
    if (labels.some((label, index) => label !== String.fromCharCode(97 + index))) return null
    const statement = this.#statements()
      .map((one) => one.text)
      .join(' ')
    const numbers = this.#options?.entries.map((entry) => entry.label?.text ?? '') ?? []
    const head = this.#options ? stem : compose(this.#head.stem.slice(0, 1))
    return {
      ...this.#common(head),
      kind: 'match',
      left: pairs.map((pair) => contentOf(pair[1] ?? '')),
      right: rights.map((right) => contentOf(right?.[2] ?? '')),
      key: readLabelPairs(statement, numbers, labels),
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
    if (gaps > 1 || raw.wordBank !== null || bracketBank(this.#head.stem)) return this.#cloze(said)
    if (this.#head.saidKind === 'essay' || (raw.section.essay && gaps === 0))
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
      const truth = words.map((word) => truthOf(word, this.#head.truthCue)).find((word) => word !== null)
      if (truth === undefined || truth === null) continue
      const whole = truthOf(statement.text, this.#head.truthCue) !== null
      if (!whole && !this.#head.truthCue && !/^[^\s.]+\.\s+\S/.test(statement.text)) continue
      if (!whole)
        this.#takeRemark(statement, statement.text.replace(/^[^\s.,;:，。—–-]+(?:\s*[.,;:—–-]+)?\s*/u, '').trim())
      return { ...this.#common(stem), kind: 'truefalse', key: [truth] }
    }
    return this.#head.truthCue && !statements.some((statement) => statement.text) && !cues.asksEssay(plainText(stem))
      ? { ...this.#common(stem), kind: 'truefalse', key: [] }
      : null
  }

  /** The first of several statements; a mark where another one differs. */
  #agreed(statements: readonly Statement[]): string {
    const [first, ...others] = statements.filter((statement) => statement.text)
    if (!first) return ''
    const other = others.find((statement) => !sameText(statement.text, first.text))
    if (other)
      this.#mark(
        'keys-disagree',
        { inline: first.text, listed: other.text },
        spanPlace(other.raw.statement),
        keepFirst(first.text, other.raw),
      )
    return first.text
  }

  #typed(stem: Content, said: string): Item {
    if ([VARIES, GIVES_MARKS, EXAMPLE].some((form) => form.test(said)))
      return { ...this.#common(stem), kind: 'essay', sample: contentOf(said) }
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
    const bank = bracketBank(this.#head.stem)
    const words = bank?.words ?? this.#raw.wordBank?.split(/\s*[,;/·|]\s*|\s+[–—-]\s+|\s{3,}/).filter(Boolean)
    const stem = compose(bank ? this.#head.stem.filter((piece) => piece !== bank.piece) : this.#head.stem)
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
    for (const piece of this.#head.stem)
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
          const offered = hole[2]?.split(/\s*[/|]\s*/)
          if (offered && offered.length > 1 && this.#statements().length) {
            found.push({ at, answers: [], choices: offered })
            continue
          }
          if (/^(?:image|blank|gap)\b/i.test(inside)) continue
          found.push({ at, answers: inside.split(/\s*[|/]\s*/), choices: null })
        } else if (!isQuantity(hole[3]))
          found.push({ at, answers: [], choices: hole[3].split(/\s*\/\s*/).map((choice) => choice.trim()) })
      }
    if (!found.length || (found.length === 1 && found[0]?.choices && !this.#statements().length)) return null
    if (countGaps(compose(this.#head.stem)) > 0 || this.#head.truthCue) return null
    const stem = compose(
      replaceSpans(
        this.#head.stem,
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
    const last = this.#head.stem.at(-1)
    if (!last) return null
    const line = spanText(last.span)
    const colon = this.#head.stem.length > 1 ? 0 : line.lastIndexOf(':') + 1
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
      this.#head.stem.length > 1
        ? this.#head.stem.slice(0, -1)
        : [{ ...last, span: { ...last.span, to: last.span.from + colon } }]
    const parted = key
      .split(/\s*(?:,|–|—|;|→|>|\s-\s|\/)\s*/)
      .map((entry) => entries.findIndex((known) => sameText(known, entry)))
    const order = parted.length === entries.length && !parted.includes(-1) ? parted : orderInSentence(key, entries)
    return {
      ...this.#common(compose(head)),
      kind: 'order',
      options,
      key: order.length === entries.length && !order.includes(-1) ? order.map(optionId) : [],
    }
  }

  /** "Strongly disagree / Disagree / Neutral / Agree": the steps of an opinion behind the statement. */
  #opinion(text: string): Item | null {
    const found = /^(.*?[.?!:])\s+\(?((?:[^/|.?!()]{2,40}\s*[/|]\s*){2,10}[^/|.?!()]{2,40})\)?\s*$/su.exec(text)
    const steps = found?.[2]?.split(/\s*[/|]\s*/).map((step) => step.trim()) ?? []
    const [low, high] = [steps[0], steps.at(-1)]
    if (!found?.[1] || !low || !high || this.#raw.keys.length || this.#raw.lists.length) return null
    if (!cues.isOpinion(low) || !cues.isOpinion(high)) return null
    const common = this.#common(contentOf(found[1].trim()))
    return { ...common, kind: 'scale', points: 0, low: 1, high: steps.length, lowLabel: low, highLabel: high }
  }

  /** The same steps as options, none of them keyed. */
  #opinionList(stem: Content): Item | null {
    const [list] = this.#raw.lists
    if (!list || this.#raw.lists.length > 1 || list.entries.length < 3 || this.#raw.keys.length) return null
    if (list.entries.some((entry) => entry.sign !== null)) return null
    const low = plainText(compose(list.entries[0]?.pieces ?? []))
    const high = plainText(compose(list.entries.at(-1)?.pieces ?? []))
    if (!cues.isOpinion(low) || !cues.isOpinion(high)) return null
    const ends = { low: 1, high: list.entries.length, lowLabel: low, highLabel: high }
    return { ...this.#common(stem), kind: 'scale', points: 0, ...ends }
  }

  #scale(stem: Content): Item | null {
    const text = plainText(stem)
    const opinion = this.#opinion(text) ?? this.#opinionList(stem)
    if (opinion) return opinion
    const found = SCALE_BY_SIGN.exec(text) ?? SCALE_IN_BRACKETS.exec(text)
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
    const behind = raw.keys.find((key) => key.source === 'behind')
    if (behind) this.#mark('key-guessed', { sign: 'what stands behind the question' }, spanPlace(behind.statement))
    const open = unkeyedParts(item)
    if (open.length) this.#mark('key-incomplete', { parts: open.map((part) => `“${part}”`).join(', ') })
    const [only] = item.kind === 'short' ? item.key : []
    if (only && /^\(?(?:[A-Z]|[a-h])\)?\.?$/.test(only)) this.#mark('key-letter-alone', { letter: only })
    const lost = this.#lostPowers()
    for (const one of lost) this.#marks.push(one)
    for (const line of raw.lines) {
      const picture = /\[image: ([^\]]*)\]/.exec(line.text)
      const kept = line.styles.some((range) => range.style === 'picture' && (range.target ?? '').startsWith('asset:'))
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
    const keys = this.#head.ownKey ? [this.#head.ownKey, ...this.#raw.keys] : this.#raw.keys
    const bodyLines = [
      ...this.#head.stem.map((piece) => piece.span.line),
      ...(list?.entries.flatMap((entry) => entry.pieces.map((piece) => piece.span.line)) ?? []),
    ]
    const last =
      bodyLines.reduce<Line | null>((latest, line) => (!latest || line.number > latest.number ? line : latest), null) ??
      this.#raw.lines.at(-1)
    return {
      stem: this.#head.stem.map((piece) => sourceRange(piece.span)),
      options: list?.entries.map((entry) => entryRange(entry)) ?? [],
      labels: list?.entries.map((entry) => entry.labelText) ?? [],
      keys: keys.map((key) => statementRange(key)),
      keyAt: last?.to ?? this.#place.to,
    }
  }
}

function letter(index: number): string {
  return String.fromCharCode(65 + index)
}

function optionIndex(id: string): number {
  return id.length === 1 ? id.charCodeAt(0) - 97 : Number(id.slice(1)) - 1
}

function contents(list: RawList): Content[] {
  return list.entries.map((entry) => compose(entry.pieces))
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

/** "She always gets up early." orders "always / she / early / gets up", where the sentence is made of these words only. */
function orderInSentence(sentence: string, entries: readonly string[]): number[] {
  const plain = (text: string): string =>
    ` ${text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}'’]+/gu, ' ')
      .trim()} `
  const text = plain(sentence)
  const places = entries.map((entry) => text.indexOf(plain(entry)))
  const length = entries.reduce((sum, entry) => sum + plain(entry).length - 1, 1)
  if (places.includes(-1) || new Set(places).size < places.length || length !== text.length) return []
  return entries.map((_entry, index) => index).sort((a, b) => (places[a] ?? 0) - (places[b] ?? 0))
}

/** Left sides of a matching item, or rows of a grid, that the key leaves out although it names others. */
function unkeyedParts(item: Item): string[] {
  if ((item.kind !== 'match' && item.kind !== 'grid') || !item.key.length) return []
  const parts = item.kind === 'match' ? item.left : item.rows
  const keyed = new Set(item.key.map(([part]) => part))
  return parts.flatMap((part, index) => (keyed.has(index) ? [] : [plainText(part)]))
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

const UNIT =
  /(?:^|\s)(?:[kcmµ]?m|k?g|mg|m?l|[kM]?[JWN]|mol|sm|nm|kn)\/(?:s|h|min|d|k?g|m?[lL]|c?m|mol|K)[²³\d^]*(?:\s|$)/u

/** "(1 kn = 1.852 km/h)", "(in m/s)", "(9.81 m/s²)": the stroke of a unit parts no choices. */
function isQuantity(text: string): boolean {
  return text.includes('=') || /\d\s*\p{L}{1,4}\/\p{L}{1,3}/u.test(text) || UNIT.test(text)
}

const BRACKET_BETWEEN = /^\s*(\S.*?)\s*(?:[([]\s*[)\]]|\s_{2,}\s)\s*(\S.*?)\s*$/

/** "(1 = never, 5 = always)" and ": 1 (not at all) to 5 (very)". */
const SCALE_BY_SIGN =
  /[([]?\s*(\d{1,2})\s*=\s*([^,;…)\]]+?)\s*(?:,|;|…|\.{2,}|-|–|to|bis)\s*(\d{1,2})\s*=\s*([^)\]]+?)\s*[)\]]?(?:\s+\d{1,2}){0,10}\s*$/
const SCALE_IN_BRACKETS =
  /[:：,]?\s+(?:from\s+|von\s+|de\s+)?(\d{1,2})\s*\(([^()]{2,40})\)\s*(?:to|bis|à|a|al|till|до|–|-|…|\.{2,3})\s*(\d{1,2})\s*\(([^()]{2,40})\)\s*[.:]?\s*$/u

/** Two sides of a line; a plain hyphen joins them only where the stem asks for pairs. */
const PAIR = /^(.{1,80}?)\s*(?:=|→|->|⇒|=>|—>|\s[–—]\s)\s*(.{1,120})$/
const PAIR_ASKED = /^(.{1,80}?)\s*(?:=|→|->|⇒|=>|—>|\s[–—-]\s)\s*(.{1,120})$/

const CROSS_BEFORE = /^\s*[❌❎✗✘✖]\uFE0F?\s*(?=\S)/u
const CROSS_BEHIND = /\s*[❌❎✗✘✖]\uFE0F?\s*$/u

function entryText(entry: RawEntry): string {
  return entry.pieces.map((piece) => spanText(piece.span)).join(' ')
}

function isCrossed(entry: RawEntry): boolean {
  const text = entryText(entry)
  return CROSS_BEFORE.test(text) || CROSS_BEHIND.test(text)
}

function withoutCross(entry: RawEntry): void {
  const [first, last] = [entry.pieces[0], entry.pieces.at(-1)]
  const before = first ? (CROSS_BEFORE.exec(spanText(first.span))?.[0].length ?? 0) : 0
  if (first && before) entry.pieces[0] = { ...first, span: { ...first.span, from: first.span.from + before } }
  else if (last) {
    const end = CROSS_BEHIND.exec(spanText(last.span))?.index ?? spanText(last.span).length
    entry.pieces[entry.pieces.length - 1] = { ...last, span: { ...last.span, to: last.span.from + end } }
  }
}
