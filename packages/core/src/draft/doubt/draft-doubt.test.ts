import { mark } from '../marks.ts'
import type { ReadItem } from '../model.ts'
import { readDraft } from '../read-draft.ts'
import { doubtAsWhole } from './draft-doubt.ts'

const PLACE = { lines: [1, 1] as const, from: 0, to: 1 }
const [SURE] = readDraft({ text: '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n' }).items
const sure = { ...(SURE as ReadItem), marks: [] }
const unsure: ReadItem = { ...sure, marks: [mark('reading-unsure', PLACE, { why: 'of a reason' })] }
const keyless: ReadItem = { ...sure, marks: [mark('key-missing', PLACE)] }
const codes = (items: readonly ReadItem[]) => items.map((read) => read.marks.map((one) => one.code).join())

test('of a draft most of whose items are doubtful the others are doubtful, too, for one cause', () => {
  const items = doubtAsWhole([unsure, sure, unsure, unsure, sure])
  expect(codes(items)).toEqual(Array(5).fill('reading-unsure'))
  expect(items[1]?.marks[0]?.message).toContain('most items of this draft are doubtful')
  expect(new Set(items.flatMap((read) => read.marks.map((one) => one.cause ?? 'own')))).toEqual(
    new Set(['own', 'most items']),
  )
})

test.each([
  ['half of the items', [unsure, unsure, sure, sure]],
  ['two items alone', [unsure, sure]],
  ['keys that are missing', [keyless, keyless, keyless, sure]],
])('%s say nothing of the others', (_what, items) => {
  expect(codes(doubtAsWhole(items))).toEqual(codes(items))
})

test('an item that is marked for something else keeps to that', () => {
  expect(codes(doubtAsWhole([unsure, unsure, unsure, keyless]))[3]).toBe('key-missing')
})
