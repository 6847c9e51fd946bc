import type { LinePart } from '../roles/parts.ts'
import type { Role } from '../roles/roles.ts'

/** What a person said that a line is. It stays with the line while the text changes. */
export interface TaughtLine {
  /** Half-open, in the draft's text; the line is the one that holds `from`. */
  readonly from: number
  readonly to: number
  readonly part: LinePart
  /** Whether lines that look alike, and were taken for the same, are to be read the same way. */
  readonly alike: boolean
}

/**
 * How a line looks, as far as lines of other items and other drafts can look the same: by the notation that it bears,
 * a label, a word, a sign; of a line that bears none, by its dress and where it stands.
 */
export interface LineLook {
  /** `number-0`, `letter`, `box`, `bullet`, `cue-answer`, `phrase`, … */
  readonly sort: string
  /** What is written round its label, with `x` for the label: `x)`. */
  readonly label?: string
  /** The word that it starts with, where that says what it is: `answer`. */
  readonly word?: string
  /** The signs before its text, and behind it. */
  readonly sign?: string
  readonly tail?: string
  /** Of a line without notation: how it ends, how it is dressed, and where in its paragraph it stands. */
  readonly end?: string
  readonly dress?: 'bold' | 'slanted' | 'coloured'
  readonly place?: 'first' | 'inside' | 'last' | 'alone'
}

/** Lines that look so and were taken for `was` are `part`. */
export interface NotationRule {
  readonly look: LineLook
  readonly was: Role
  readonly part: LinePart
}

/** How somebody writes drafts, as far as it had to be taught. */
export interface Notation {
  readonly name: string
  readonly rules: readonly NotationRule[]
}
