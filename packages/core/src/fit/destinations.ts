import type { FormatId } from '../formats/format.ts'
import type { FormatLimits } from '../formats/limits.ts'
import { GIFT_LIMITS } from '../formats/gift/limits.ts'
import { QTI21_LIMITS } from '../formats/qti21/limits.ts'

/** A kind of place that items go to: a file in a format, or a service that takes such files. */
export interface Destination {
  readonly id: 'gift' | 'qti21' | 'breakwater'
  readonly name: string
  readonly what: string
  readonly format: FormatId
  readonly limits: FormatLimits
}

// Breakwater folds blanks in typed answers before it compares them, which QTI itself leaves open.
const { 'blanks-folded': _held, ...BREAKWATER_LIMITS } = QTI21_LIMITS

export const DESTINATIONS: readonly Destination[] = [
  { id: 'breakwater', name: 'Breakwater', what: 'course site', format: 'qti21', limits: BREAKWATER_LIMITS },
  { id: 'qti21', name: 'QTI 2.1', what: 'content package', format: 'qti21', limits: QTI21_LIMITS },
  { id: 'gift', name: 'GIFT', what: 'text file', format: 'gift', limits: GIFT_LIMITS },
]
