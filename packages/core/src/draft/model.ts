import type { Content, TextStyle } from '../content/model.ts'
import type { Item } from '../item/model.ts'
import type { Mark } from './marks.ts'
import type { LinePart } from './roles/parts.ts'
import type { Notation, TaughtLine } from './teaching/model.ts'

/** Signals that a document gave beside its text; offsets are UTF-16 units of the draft's text. */
export interface SourceStyle {
  readonly from: number
  readonly to: number
  readonly style: TextStyle | 'highlight' | 'colour'
}

/** What the reader reads: text as the person sees it, and the layer of styles over it. */
export interface DraftSource {
  readonly text: string
  readonly styles?: readonly SourceStyle[]
  /** Text of a separate key file, read like a block of keys at the end. */
  readonly keyText?: string
  /** What a person said that lines are, in the order in which it was said. */
  readonly taught?: readonly TaughtLine[]
  /** What was taught about drafts that are written in the same way. */
  readonly notation?: Notation
}

export type LineStyle = TextStyle | 'highlight' | 'colour' | 'tex' | 'picture'

/** A style over a line's cleaned text, half-open. */
export interface StyleRange {
  readonly from: number
  readonly to: number
  readonly style: LineStyle
  /** Of a picture: where it is, as the draft names it. */
  readonly target?: string
}

/** One line after cleaning: what is read, with the way back to the text as given. */
export interface Line {
  /** 1-based; of a line that was joined again, its first. */
  readonly number: number
  /** The last of the lines that were joined into this one. */
  readonly lastNumber?: number
  /** Where the text of the last joined line starts. */
  readonly joinedAt?: number
  /** Half-open offsets in the draft's text, without the line end. */
  readonly from: number
  readonly to: number
  readonly text: string
  /** Source offset of each unit of `text`, and of its end, from the line's own start; null where `text` is the source as given. */
  readonly map: readonly number[] | null
  readonly styles: readonly StyleRange[]
  /** Columns before the first character; a tab goes to the next multiple of four. */
  readonly indent: number
  /** Lies between code fences that hold program text. */
  readonly preformatted: boolean
}

/** A stretch of one line, half-open, in units of its cleaned text. */
export interface Span {
  readonly line: Line
  readonly from: number
  readonly to: number
}

/** Where in the source a span lies. */
export function sourceRange(span: Span): { readonly from: number; readonly to: number } {
  return { from: sourceOffset(span.line, span.from), to: sourceOffset(span.line, span.to) }
}

export function sourceOffset(line: Line, at: number): number {
  return line.map ? line.from + (line.map[at] ?? line.to - line.from) : line.from + at
}

export function spanText(span: Span): string {
  return span.line.text.slice(span.from, span.to)
}

/** An item with its place in the draft. */
export interface ReadItem {
  readonly item: Item
  /** First and last line, 1-based, both included. */
  readonly lines: readonly [number, number]
  readonly from: number
  readonly to: number
  /** As the draft writes it; null where it has none. Never part of the stem. */
  readonly number: string | null
  /** True where the draft itself says how many points the item is worth. */
  readonly pointsSaid: boolean
  readonly passageId: string | null
  readonly places: ItemPlaces
  readonly marks: readonly Mark[]
}

/** Where the parts of an item stand in the text, for edits made on the item. */
export interface ItemPlaces {
  readonly stem: readonly SourceSpan[]
  readonly options: readonly SourceSpan[]
  /** Label of each option as the draft writes it, for instance `b)`; empty where it has none. */
  readonly labels: readonly string[]
  /** Everything that says which answer is right: whole statements, from their keyword on. */
  readonly keys: readonly SourceSpan[]
  /** Where a new key line would go: the offset behind the item's last option or stem line. */
  readonly keyAt: number
}

export interface SourceSpan {
  readonly from: number
  readonly to: number
}

export interface ReadPassage {
  readonly id: string
  readonly title: string | null
  readonly content: Content
  readonly lines: readonly [number, number]
}

/** Why a line is in no item. */
export type AsideReason =
  'chatter' | 'title' | 'section' | 'instruction' | 'identity' | 'page' | 'rule' | 'keys' | 'source' | 'other'

export interface AsideLine {
  readonly line: number
  readonly from: number
  readonly to: number
  readonly reason: AsideReason
}

/** All that the reader makes of a draft. Every line with text on it is in an item, in a passage or set aside. */
export interface Reading {
  readonly title: string | null
  readonly passages: readonly ReadPassage[]
  readonly items: readonly ReadItem[]
  readonly aside: readonly AsideLine[]
  /** Marks about the draft as a whole; those about an item are with the item. */
  readonly marks: readonly Mark[]
  /** What each line was taken for, from the first line on; null where it has no text. */
  readonly parts: readonly (LinePart | null)[]
}
