import { stringify } from 'csv-stringify/sync'
import type { ReplySummaryDto } from './dto/reply.dto.ts'

/** The usage book as CSV (RFC 4180), newest first. */
export function bookAsCsv(entries: readonly ReplySummaryDto[]): string {
  return stringify(
    entries.map(({ at, by, what, purpose, sentTo, state, units, cost, currency }) => [
      ...[at, by, what, purpose, sentTo, state, units],
      ...[cost.toFixed(4), currency],
    ]),
    {
      header: true,
      columns: ['time', 'person', 'what', 'purpose', 'sent to', 'state', 'units', 'cost', 'currency'],
      // What begins like a formula is text to a spreadsheet.
      escape_formulas: true,
      record_delimiter: '\r\n',
    },
  )
}
