import { pointsBehind } from '../points.ts'
import { spanText } from '../model.ts'
import type { DraftRecord, Statement } from '../records/record.ts'

const FEWEST = 2
const LEAST_SHARE = 0.5

/** "8 (1)", "A and C (1 mark each)": what stands behind key after key in brackets is how much each is worth. */
export function takeSharedPoints(records: readonly DraftRecord[]): void {
  const all = records.flatMap((record) => record.statements.map((statement) => ({ record, statement })))
  const worth = all.flatMap(({ record, statement }) => {
    const found = pointsBehind(spanText(lastOf(statement)))
    return found ? [{ record, statement, found }] : []
  })
  if (worth.length < FEWEST || worth.length < all.length * LEAST_SHARE) return
  for (const { record, statement, found } of worth) {
    const span = lastOf(statement)
    const short = { ...span, to: span.from + found.from }
    const last = statement.more.at(-1)
    record.statements[record.statements.indexOf(statement)] = last
      ? { ...statement, more: [...statement.more.slice(0, -1), { ...last, span: short }] }
      : { ...statement, value: short }
    if (!found.isEach) record.points ??= found.points
  }
}

function lastOf({ value, more }: Statement): Statement['value'] {
  return more.at(-1)?.span ?? value
}
