import { type NumericKey, readNumber } from '@zakuska/core'

/** A band as people write it: "3.2", "3.2 ± 0.1", "3.2 ± 5 %", "3 to 3.5". Null: it cannot be read. */
export function bandOf(text: string): NumericKey | null {
  const plain = text.trim()
  const range = /^(.+?)\s*(?:\bto\b|\.\.\.?|…|–)\s*(.+)$/.exec(plain)
  const spread = /^(.+?)\s*(?:±|\+\/-)\s*([\d.,]+)\s*(%)?$/.exec(plain)
  const number = (part: string | undefined): number => {
    const read = readNumber(part ?? '')
    return read?.unit === '' ? read.value : NaN
  }
  if (spread) {
    const [value, width] = [number(spread[1]), number(spread[2])]
    if (Number.isNaN(value) || Number.isNaN(width)) return null
    return { value, tolerance: spread[3] ? Number(((Math.abs(value) * width) / 100).toPrecision(12)) : width }
  }
  if (range) {
    const [min, max] = [number(range[1]), number(range[2])]
    return Number.isNaN(min) || Number.isNaN(max) || min > max ? null : { min, max }
  }
  const value = number(plain)
  return Number.isNaN(value) ? null : { value, tolerance: 0 }
}

export function bandText(band: NumericKey): string {
  if ('min' in band) return `${band.min} to ${band.max}`
  return band.tolerance ? `${band.value} ± ${band.tolerance}` : String(band.value)
}

export function creditOf(band: NumericKey | undefined): { readonly credit?: number } {
  return band?.credit === undefined ? {} : { credit: band.credit }
}

export function withCredit(band: NumericKey, percent: number): NumericKey {
  const { credit: _credit, ...rest } = band
  return percent > 0 && percent < 100 ? { ...rest, credit: percent / 100 } : rest
}
