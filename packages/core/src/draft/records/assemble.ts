import type { Facts } from '../facts/facts.ts'
import type { RunPart } from '../facts/runs.ts'
import type { Unit } from '../facts/units.ts'
import type { AsideLine, AsideReason } from '../model.ts'
import type { Piece } from '../text/compose.ts'
import type { ReadRoles } from '../roles/read-roles.ts'
import { type Role, ROLES } from '../roles/roles.ts'
import { roleOfHeader } from '../columns/layout.ts'
import { formKind } from '../words.ts'
import { cellsBehind } from './cells-behind.ts'
import { entriesIn, inLabelOrder, isOptionsField, isOptionWithKey, takeOption, takeWrapped } from './entries.ts'
import { takeFacts } from './facts-lines.ts'
import { type DraftRecord, newRecord, NO_SECTION, type Section, spanOf } from './record.ts'
import { sectionFrom } from './sections.ts'
import { takeGlued, takeStatement } from './statements.ts'
import { inNumberOrder } from './number-order.ts'
import { namesItems } from './passage-heads.ts'
import { isPicture, isTitleLike } from './title-lines.ts'

export interface Passage {
  readonly pieces: Piece[]
  readonly units: Unit[]
  /** The instruction above it, where it names the items that it is for. */
  readonly heads: readonly Facts[]
}

/** Lines of a list of keys, with how many items stand before them. */
export interface KeyLines {
  readonly facts: Facts[]
  readonly after: number
  readonly section: Section
}

export interface Assembled {
  readonly records: readonly DraftRecord[]
  readonly passages: readonly Passage[]
  readonly keys: readonly KeyLines[]
  readonly aside: readonly AsideLine[]
  readonly title: string | null
}

/** Roles → records: what each line gives to which item. */
export function assemble(read: ReadRoles): Assembled {
  return new Assembler(read).assemble()
}

/** In how many stems bare words in wide gaps are options: behind one alone they may be anything. */
const FEWEST_CELLED = 2

const FACTS: ReadonlySet<Role> = new Set(['facts'])
const BETWEEN: ReadonlySet<Role> = new Set(['facts', 'passage'])

/** A line shorter than this was not wrapped behind a sentence. */
const SHORTEST_FULL = 60

class Assembler {
  readonly #facts: readonly Facts[]
  readonly #roles: readonly Role[]
  readonly #width: number
  readonly #said: ReadRoles['said']
  readonly #records: DraftRecord[] = []
  readonly #passages: Passage[] = []
  readonly #keys: { facts: Facts[]; after: number; section: Section }[] = []
  readonly #aside: AsideLine[] = []
  #section: Section = NO_SECTION
  /** Lines set aside since the last item, and label lines that belong to the next one. */
  #heads: Facts[] = []
  #before: Facts[] = []
  #title: string | null = null
  #record: DraftRecord | null = null
  #passage: number | null = null
  #isOfQuestion = false
  /** How many stems have a word with a colon before them; null: nobody asked yet. */
  #worded: number | null = null
  /** How many stems have bare options behind them; null: nobody asked yet. */
  #celled: number | null = null
  #last: Role | null = null

  constructor(read: ReadRoles) {
    this.#facts = read.draft.facts
    this.#width = read.draft.width
    this.#said = read.said
    this.#roles = [...read.roles].map((role) => ROLES[role] ?? 'out')
  }

  assemble(): Assembled {
    this.#facts.forEach((facts, at) => {
      const own = this.#roles[at] ?? 'out'
      const isHead = own === 'passage' && this.#last !== 'passage' && namesItems(facts.unit.text)
      const given = this.#said.has(at) ? own : isHead ? 'out' : saidRole(facts, own)
      const role = this.#record && isPicture(facts) && given !== 'option' && given !== 'stem' ? 'more' : given
      this.#take(facts, role, at)
      this.#last = role
    })
    for (const facts of this.#before) this.#setAside(facts, 'other')
    for (const record of this.#records) inLabelOrder(record.entries)
    return {
      records: inNumberOrder(this.#records),
      passages: this.#passages,
      keys: this.#keys,
      aside: this.#aside,
      title: this.#title,
    }
  }

  #take(facts: Facts, role: Role, at: number): void {
    const record = this.#record
    if (role === 'stem') this.#begin(facts)
    else if (role === 'out') this.#out(facts, at)
    else if (role === 'passage') this.#takePassage(facts)
    else if (role === 'keys') this.#takeKeys(facts)
    else if (role === 'bank' && !record) this.#out(facts, at)
    else if (role === 'facts' && this.#isAhead(at)) this.#putBefore(facts)
    else if (role === 'row' && !record) this.#beginRows(facts)
    else if (record) this.#inside(record, facts, role)
    else this.#out(facts, at)
  }

  /** Facts above a stem: no line of another role but facts and set-aside lines stands between. */
  #isAhead(at: number): boolean {
    if (this.#record === null) return true
    const script = this.#facts[at]?.label?.script
    const isLabelled = script === 'number' || script === 'word'
    // What all parts of a question are about stands between its number and the first of them.
    const between = isLabelled ? BETWEEN : FACTS
    const next = this.#roles.findIndex((role, index) => index > at && !between.has(role))
    const isFirst = this.#facts[at]?.unit.gap !== 0
    return this.#roles[next] === 'stem' && (isLabelled || isFirst || this.#before.length > 0)
  }

  #putBefore(facts: Facts): void {
    this.#leaveQuestion(facts)
    this.#before.push(facts)
  }

  /** What stands below the number of a question and above its parts is for these parts only. */
  #leaveQuestion({ label }: Facts): void {
    if (!this.#isOfQuestion || (label?.script !== 'number' && label?.script !== 'word')) return
    this.#passage = null
    this.#isOfQuestion = false
  }

  #out(facts: Facts, at: number): void {
    const said = this.#said.get(at)
    if (said === 'none') return this.#setAside(facts, 'other')
    this.#heads.push(facts)
    const isTitle = this.#title === null && !this.#records.length && facts.words > 0 && isTitleLike(facts)
    if (isTitle)
      this.#title =
        facts.unit.text
          .replace(/^#+\s*/, '')
          .split(/\s{3,}|\t/)[0]
          ?.trim() ?? null
    this.#setAside(facts, isTitle ? 'title' : said === 'heading' ? 'section' : reasonOf(facts))
  }

  #setAside({ unit }: Facts, reason: AsideReason): void {
    this.#aside.push({ line: unit.line.number, from: unit.line.from, to: unit.line.to, reason })
  }

  /** Two sides to be joined with nothing that asks for it are an item all the same. */
  #beginRows(facts: Facts): void {
    const record = this.#open()
    record.units.push(facts.unit)
    record.rows.push(facts.unit)
  }

  #begin(facts: Facts): void {
    this.#leaveQuestion(facts)
    const record = this.#open()
    record.units.push(facts.unit)
    this.#stemLine(record, facts)
  }

  #open(): DraftRecord {
    if (this.#heads.length) this.#section = sectionFrom(this.#heads, this.#section)
    this.#heads = []
    const record = newRecord(this.#section)
    this.#record = record
    this.#records.push(record)
    record.passage = this.#passage
    for (const before of this.#before) {
      record.units.push(before.unit)
      record.label ??= [before.label].find((label) => label?.script === 'number' || label?.script === 'word') ?? null
      record.labelUnit = before.unit
      record.facts.push(before.unit)
      takeFacts(record, before)
      takeGlued(record, before)
    }
    this.#before = []
    return record
  }

  #stemLine(record: DraftRecord, facts: Facts): void {
    const label = stemLabel(facts)
    if (label) {
      record.label = label
      record.labelUnit = facts.unit
    }
    const isStatement = facts.cue !== null && facts.cue.role === 'other' && !label && this.#isStemWord(facts.cue.word)
    const from = label
      ? label.to
      : isStatement
        ? (facts.cue?.to ?? 0)
        : facts.bullet || facts.box || facts.heading
          ? facts.body
          : 0
    const labelled = optionsBehind(facts, from)
    const run = labelled.length ? labelled : this.#cellsBehind(facts, from)
    const to = run[0]?.label ?? facts.unit.text.length
    const start = from + (/^\s*[:：.)\]–—]\s+/u.exec(facts.unit.text.slice(from, to))?.[0].length ?? 0)
    if (to > start) record.stem.push({ span: spanOf(facts.unit, start, to), join: 'paragraph' })
    if (run.length) record.entries.push(...entriesIn(facts, run, 'run'))
  }

  /** "STEM: …": a word that heads columns of questions, or one of those before several stems; "A cut finger: …" is none. */
  #isStemWord(word: string): boolean {
    this.#worded ??= this.#facts.filter(
      ({ cue, label }, at) => this.#roles[at] === 'stem' && !label && cue?.from === 0 && cue.role === 'other',
    ).length
    return word.length <= LONGEST_STEM_WORD && (roleOfHeader(word) === 'stem' || this.#worded > 1)
  }

  /** Bare options in wide gaps behind a stem, where several stems have them. */
  #cellsBehind(facts: Facts, from: number): readonly RunPart[] {
    this.#celled ??= this.#facts.filter(
      (one, at) => this.#roles[at] === 'stem' && cellsBehind(one, one.body).length > 0,
    ).length
    return this.#celled >= FEWEST_CELLED ? cellsBehind(facts, from) : []
  }

  #inside(record: DraftRecord, facts: Facts, given: Role): void {
    // "Type: checkboxes" says of what kind the item is, whatever it stands among.
    const role = formKind(facts.unit.text) !== null && !this.#said.has(facts.unit.index) ? 'facts' : given
    const { unit } = facts
    record.units.push(unit)
    const whole = spanOf(unit, 0, unit.text.length)
    switch (role) {
      case 'more':
        record.stem.push({
          span: facts.bullet ? spanOf(unit, facts.body, unit.text.length) : whole,
          join: this.#joinOf(facts, this.#last === 'stem' || this.#last === 'more'),
        })
        return
      case 'option':
        takeOption(record, facts)
        return
      case 'wrapped':
        takeWrapped(record, facts)
        return
      case 'remark':
        record.entries.at(-1)?.remarks.push({ span: spanOf(unit, remarkFrom(facts), unit.text.length), join: 'wrap' })
        return
      case 'row':
        record.rows.push(unit)
        return
      case 'lines':
        record.lines++
        return
      case 'bank':
        record.banks.push(unit)
        return
      case 'facts':
        record.facts.push(unit)
        takeFacts(record, facts)
        takeGlued(record, facts)
        return
      default:
        if (role === 'answer' && isOptionWithKey(record, facts)) takeOption(record, facts)
        else takeStatement(record, facts, role, this.#last)
    }
  }

  /** A line goes on with the one above where that was full or breaks off, or where it starts small; else it stands alone. */
  #joinOf(facts: Facts, follows: boolean): Piece['join'] {
    if (facts.flags.has('code')) return 'preformatted'
    const before = this.#facts[facts.unit.index - 1]
    if (!follows || facts.unit.gap > 0 || !before) return 'paragraph'
    if (facts.flags.has('lowercase')) return 'wrap'
    const isFull = before.unit.to >= this.#width * 0.72
    const isShut = before.end === 'stop' || before.end === 'asks' || before.end === 'colon'
    if (facts.label && !isFull) return 'paragraph'
    // A sentence may end where a line is full; it mostly does so where it is not.
    const isVeryFull = before.unit.to >= Math.max(SHORTEST_FULL, this.#width * 0.9)
    return isShut ? (isVeryFull ? 'wrap' : 'paragraph') : 'wrap'
  }

  #takePassage(facts: Facts): void {
    this.#record = null
    if (this.#last !== 'passage') {
      this.#passages.push({ pieces: [], units: [], heads: this.#heads.slice(-2) })
      this.#passage = this.#passages.length - 1
      this.#isOfQuestion = this.#before.length > 0
    }
    const passage = this.#passages.at(-1)
    const unit = facts.unit
    passage?.units.push(unit)
    passage?.pieces.push({
      span: spanOf(unit, 0, unit.text.length),
      join: this.#joinOf(facts, this.#last === 'passage'),
    })
  }

  #takeKeys(facts: Facts): void {
    this.#record = null
    this.#setAside(facts, 'keys')
    const last = this.#keys.at(-1)
    if (last && (this.#last === 'keys' || last.after === this.#records.length)) last.facts.push(facts)
    else this.#keys.push({ facts: [facts], after: this.#records.length, section: this.#section })
  }
}

const SAID: Readonly<Record<string, Role>> = { answer: 'answer', feedback: 'feedback', hint: 'hint', wordBank: 'bank' }

/** Of a statement about an item its own first word says which it is. */
function saidRole(facts: Facts, role: Role): Role {
  if (isOptionsField(facts, role)) return 'option'
  const { cue } = facts
  const isStatement = role === 'answer' || role === 'feedback' || role === 'hint' || role === 'bank'
  if (role === 'more' && cue?.from === 0 && cue.role === 'hint') return 'hint'
  return (isStatement && cue?.from === 0 ? SAID[cue.role] : undefined) ?? role
}

function reasonOf({ flags, heading }: Facts): AsideReason {
  if (flags.has('rule')) return 'rule'
  if (flags.has('identity')) return 'identity'
  if (flags.has('chatter')) return 'chatter'
  if (flags.has('instruction')) return 'instruction'
  if (flags.has('section') || heading) return 'section'
  return 'other'
}

/** The label that numbers an item: of two before a stem, the one with a mark before it. */
function stemLabel(facts: Facts): Facts['label'] {
  const marked = facts.labels.find((label) => label.lead !== '' && label.script === 'number' && !label.weak)
  return marked ?? facts.label
}

const LONGEST_STEM_WORD = 16

/** Options that stand in a row behind a stem. */
function optionsBehind(facts: Facts, from: number): readonly RunPart[] {
  const run = facts.run.filter((part) => part.label >= from)
  const first = run[0]
  if (!first || run.length < 2 || (first.value !== 0 && !first.box)) return []
  return first.label > from || run.length > 1 ? run : []
}

function remarkFrom(facts: Facts): number {
  if (facts.cue) return facts.cue.to
  return facts.bullet ? facts.body : (/^[([>»\s]*/.exec(facts.unit.text)?.[0].length ?? 0)
}
