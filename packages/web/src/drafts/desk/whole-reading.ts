import type { Reading, ReadItem } from '@zakuska/core'
import type { ReadAnswer } from '../reader.worker'

export interface LastAnswer {
  readonly answer: number
  readonly reading: Reading | null
}

/** Puts the items that were not sent again back in; they stay the same objects, so that their cards need not be drawn. */
export function wholeReading(answer: ReadAnswer, last: LastAnswer): Reading {
  const before = last.answer === answer.since ? (last.reading?.items ?? []) : []
  const items = answer.reading.items.flatMap((sent): ReadItem[] => {
    if ('item' in sent) return [sent]
    const known = before[sent.known]
    return known ? [{ ...sent, item: known.item }] : []
  })
  return { ...answer.reading, items }
}
