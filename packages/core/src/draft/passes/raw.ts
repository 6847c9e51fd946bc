import type { ItemKind } from '../../item/model.ts'
import type { Label } from '../labels.ts'
import type { Line, Span } from '../model.ts'
import type { Piece } from './compose.ts'

/** An item as its lines were sorted, before its kind is settled. */
export interface RawItem {
  readonly number: string | null
  readonly section: Section
  /** How it was told from what stands before it. */
  readonly start: 'question' | 'number' | 'none'
  readonly stem: Piece[]
  readonly lists: RawList[]
  readonly keys: RawKey[]
  readonly feedback: Piece[]
  readonly hint: Piece[]
  readonly sample: Piece[]
  readonly table: Line[]
  readonly optionNotes: { readonly letter: string; readonly pieces: Piece[] }[]
  readonly lines: Line[]
  points: number | null
  difficulty: string | null
  level: string | null
  outcome: string | null
  tags: string[]
  /** Seconds. */
  timeLimit: number | null
  wordBank: string | null
  /** The kind that the draft names beside the number. */
  kindSaid: ItemKind | null
  /** Dotted or underscored lines to write on. */
  answerLines: number
  passage: number | null
  passageAllowed: boolean
  /** An empty line stood between the last line taken and now. */
  gapBefore: boolean
}

export interface RawList {
  /** Lists with equal signatures continue each other. */
  readonly signature: string
  readonly style: 'letter' | 'number' | 'bullet' | 'box' | 'plain'
  readonly entries: RawEntry[]
}

export interface RawEntry {
  readonly label: Label | null
  /** As written before the text: `b)`, `[x]`. */
  readonly labelText: string
  readonly pieces: Piece[]
  readonly feedback: Piece[]
  /** Ticked box, star, arrow: the sign as written. */
  sign: string | null
  readonly indent: number
}

/** A statement of the key: the whole statement with its keyword, and the value alone. */
export interface RawKey {
  readonly statement: Span
  readonly values: Span[]
  readonly source: 'line' | 'glued' | 'block' | 'lead' | 'behind'
}

export interface Section {
  readonly title: string
  /** Its roman numeral, letter or number, lower case; null where it has none. */
  readonly label: string | null
  readonly pointsEach: number | null
  /** Points of the whole section, where its title says them. */
  readonly pointsInAll: number | null
  readonly trueFalse: boolean
  /** Its title says that its items are answered at length. */
  readonly essay: boolean
}

export const NO_SECTION: Section = {
  title: '',
  label: null,
  pointsEach: null,
  pointsInAll: null,
  trueFalse: false,
  essay: false,
}

export function newRawItem(number: string | null, section: Section, start: RawItem['start']): RawItem {
  return {
    number,
    section,
    start,
    stem: [],
    lists: [],
    keys: [],
    feedback: [],
    hint: [],
    sample: [],
    table: [],
    optionNotes: [],
    lines: [],
    points: null,
    difficulty: null,
    level: null,
    outcome: null,
    tags: [],
    timeLimit: null,
    wordBank: null,
    kindSaid: null,
    answerLines: 0,
    passage: null,
    passageAllowed: true,
    gapBefore: false,
  }
}

/** Has what an item needs after its stem, so that new text no longer belongs to the stem. */
export function isComplete(item: RawItem): boolean {
  return (
    item.lists.length > 0 ||
    item.keys.length > 0 ||
    item.feedback.length > 0 ||
    item.sample.length > 0 ||
    item.table.length > 0 ||
    item.answerLines > 0
  )
}
