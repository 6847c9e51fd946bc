import type { Severity } from '../draft/marks.ts'
import { CHECKS, type CheckCode } from './checks-table.ts'

/** What a writing check has to say. */
export interface Finding {
  readonly code: CheckCode
  readonly severity: Severity
  /** Places in the set, from 0, of the items that it is about; `[0]` where one item alone was checked. */
  readonly items: readonly number[]
  /** A sentence for a person, with what was found in it. */
  readonly message: string
}

export function finding(code: CheckCode, items: readonly number[], message: string): Finding {
  return { code, severity: CHECKS[code].severity, items, message }
}

/** What a check of one item finds: the sentence, or null where there is nothing to say. */
export type ItemCheck<Checked> = (item: Checked, settings: ReviewSettings) => string | null

export interface ReviewSettings {
  /** Codes that are not looked for. */
  readonly off?: readonly CheckCode[]
  /** Years of school that the readers have; absent: reading level is not checked. */
  readonly targetGrade?: number
}
