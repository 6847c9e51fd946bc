import { NotFoundException } from '@nestjs/common'

/** What is not there and what belongs to another workspace look the same from outside. */
export function orNotFound<Row>(row: Row | null, what: string): Row {
  if (row === null) throw new NotFoundException(`There is no such ${what}.`)
  return row
}
