import type { Unit } from '../draft/facts/units.ts'

/** Where a text was found: units, both included, and offsets in the letters and figures of the draft, half-open. */
export interface Found {
  readonly first: number
  readonly last: number
  readonly from: number
  readonly to: number
}

/** Letters and figures alone, lower case: what stays the same however a text is wrapped, dressed and punctuated. */
export function bare(text: string): string {
  return text
    .normalize('NFKC')
    .toLowerCase()
    .replace(/\\(?:frac|sqrt|times|cdot|text|mathrm|left|right)/g, '')
    .replace(/[^\p{L}\p{N}]+/gu, '')
}

/** Finds texts in a draft by their letters and figures. */
export class TextFinder {
  readonly #text: string
  readonly #unitAt: readonly number[]
  readonly #starts: ReadonlySet<number>

  constructor(units: readonly Unit[]) {
    let text = ''
    const unitAt: number[] = []
    const starts = new Set<number>()
    for (const unit of units)
      for (const word of unit.text.split(/[^\p{L}\p{N}]+/u)) {
        const plain = bare(word)
        if (!plain) continue
        starts.add(text.length)
        text += plain
        for (let at = 0; at < plain.length; at++) unitAt.push(unit.index)
      }
    this.#text = text
    this.#unitAt = unitAt
    this.#starts = starts
  }

  get length(): number {
    return this.#text.length
  }

  /** The first place of a text at or behind `from` that starts with a word; null where there is none before `end`. */
  find(text: string, from: number, end = this.#text.length): Found | null {
    const plain = bare(text)
    if (!plain) return null
    for (
      let at = this.#text.indexOf(plain, from);
      at >= 0 && at + plain.length <= end;
      at = this.#text.indexOf(plain, at + 1)
    )
      if (
        this.#starts.has(at) &&
        (plain.length > 3 || this.#starts.has(at + plain.length) || at + plain.length === this.#text.length)
      )
        return {
          first: this.#unitAt[at] ?? 0,
          last: this.#unitAt[at + plain.length - 1] ?? 0,
          from: at,
          to: at + plain.length,
        }
    return null
  }

  /** A text with gaps in it, which the draft may fill with anything: its pieces, one behind the other. */
  findGapped(text: string, from: number, end = this.#text.length): Found | null {
    const whole = this.find(text, from, end)
    if (whole) return whole
    const pieces = text.split('___').filter((piece) => bare(piece))
    let first: Found | null = null
    let last: Found | null = null
    for (const piece of pieces) {
      const limit = last ? Math.min(end, last.to + 120 + bare(piece).length) : end
      const found: Found | null = this.find(piece, last ? last.to : from, limit)
      if (!found) return null
      first ??= found
      last = found
    }
    return first && last ? { first: first.first, last: last.last, from: first.from, to: last.to } : null
  }

  textOf(found: Found): string {
    return this.#text.slice(found.from, found.to)
  }

  /** Offset of the first letter or figure of a unit or of what stands behind it. */
  startOf(unit: number): number {
    const at = this.#unitAt.findIndex((one) => one >= unit)
    return at < 0 ? this.#text.length : at
  }
}
