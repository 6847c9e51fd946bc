import type { DocumentStyle } from '../document/blocks.ts'

/** A run of text as a page prints it; lengths in points, from the page's upper left corner. */
export interface PlacedText {
  readonly text: string
  readonly x: number
  /** Baseline. */
  readonly y: number
  readonly width: number
  /** Font size. */
  readonly size: number
  readonly styles: readonly DocumentStyle[]
}

export interface PageText {
  readonly width: number
  readonly height: number
  readonly texts: readonly PlacedText[]
}

/** Part of a line between two wide gaps. */
export interface Segment {
  readonly from: number
  readonly to: number
  readonly texts: readonly PlacedText[]
}

/** Texts on one baseline, from left to right. */
export interface PageLine {
  readonly y: number
  readonly size: number
  readonly segments: readonly Segment[]
}

export function segmentText(segment: Segment): string {
  return segment.texts.map((text) => text.text).join('')
}
