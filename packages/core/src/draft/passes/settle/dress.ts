import type { RawEntry, RawList } from '../raw.ts'

/** Filled squares or circles before every option are only bullets. */
export function isBulleted(list: RawList): boolean {
  return list.entries.length > 1 && list.entries.every((entry) => /^[■▣◼⬛●◉⦿•(\s)]+$/.test(entry.sign ?? ''))
}

export function coveringStyle(entry: RawEntry): keyof typeof COVERED | null {
  const styles = ['strong', 'highlight', 'underline', 'colour'] as const
  return styles.find((style) => coverage(entry, style) >= COVERED[style]) ?? null
}

/** Bold or underlined words inside an option may be stressed; a marker pen that slipped still marks the key. */
export const COVERED = { strong: 0.85, underline: 0.85, highlight: 0.4, colour: 0.5 } as const

/** The share of an option's letters that a style covers. */
export function coverage(entry: RawEntry, style: string): number {
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
