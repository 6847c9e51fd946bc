import type { ItemKind } from '../../item/model.ts'
import type { LabelFact } from '../facts/labels.ts'
import type { Unit } from '../facts/units.ts'
import type { Span } from '../model.ts'
import type { Piece } from '../text/compose.ts'

/** One alternative as the draft lists it. */
export interface Entry {
  /** As the draft labels it, lower case; empty where it has no label. */
  readonly id: string
  /** Place in its series; −1 without a label. */
  readonly value: number
  readonly dress: string
  /** As written, for edits. */
  readonly labelText: string
  readonly pieces: Piece[]
  /** Said about this alternative only. */
  readonly remarks: Piece[]
  /** Marks round it that may say that it is the key. */
  readonly lead: string
  readonly ticked: boolean
  readonly boxed: boolean
  readonly unit: Unit
  /** Stands in one line with others. */
  readonly inRow: boolean
}

/** What could say the key of one item: the value, and the whole statement with its word. */
export interface Statement {
  readonly value: Span
  readonly statement: Span
  /** Continuations on further lines. */
  readonly more: Piece[]
  readonly source: 'line' | 'sample' | 'glued' | 'slot' | 'list'
}

/** What headings say about the items below them. */
export interface Section {
  readonly index: number
  readonly text: string
  /** `a` of "Part A", `ii` of "II."; empty where it has none. */
  readonly id: string
  readonly truth: boolean
  readonly essay: boolean
  readonly match: boolean
  readonly order: boolean
  readonly pointsEach: number | null
  readonly pointsInAll: number | null
}

/** An item as its lines were read, before its key and kind are settled. */
export interface DraftRecord {
  readonly units: Unit[]
  label: LabelFact | null
  labelUnit: Unit | null
  section: Section
  readonly stem: Piece[]
  readonly entries: Entry[]
  /** Lists after the first: a second list beside the first is the other side of a matching. */
  readonly lists: Entry[][]
  readonly rows: Unit[]
  readonly statements: Statement[]
  readonly feedback: Piece[]
  readonly hint: Piece[]
  readonly facts: Unit[]
  readonly banks: Unit[]
  lines: number
  passage: number | null
  kindSaid: ItemKind | null
  /** Judged by a tick in one of two columns of boxes; null where it is not. */
  judged: boolean | null
  /** What single letters mean as judgements of this item and its neighbours; null where they mean what they always do. */
  truths: ReadonlyMap<string, boolean> | null
  points: number | null
  difficulty: string | null
  level: string | null
  outcome: string | null
  tags: string[]
  timeLimit: number | null
  /** What a line of facts says beside what is kept of it. */
  unsaid: string | null
}

export const NO_SECTION: Section = {
  index: 0,
  text: '',
  id: '',
  truth: false,
  essay: false,
  match: false,
  order: false,
  pointsEach: null,
  pointsInAll: null,
}

export function newRecord(section: Section): DraftRecord {
  return {
    units: [],
    label: null,
    labelUnit: null,
    section,
    stem: [],
    entries: [],
    lists: [],
    rows: [],
    statements: [],
    feedback: [],
    hint: [],
    facts: [],
    banks: [],
    lines: 0,
    passage: null,
    kindSaid: null,
    judged: null,
    truths: null,
    points: null,
    difficulty: null,
    level: null,
    outcome: null,
    tags: [],
    timeLimit: null,
    unsaid: null,
  }
}

/** A stretch of a unit's text as a span of its line. */
export function spanOf(unit: Unit, from: number, to: number): Span {
  return { line: unit.line, from: unit.from + from, to: unit.from + to }
}
