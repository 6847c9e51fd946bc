import { isOpenAt } from './openings.ts'

const at = (hour: number): Date => new Date(Date.UTC(2026, 10, 27, hour))

test.each<[number, number | null, number | null, boolean]>([
  [12, null, null, true],
  [12, 13, null, false],
  [12, 12, null, true],
  [12, null, 13, true],
  [12, null, 12, false],
  [12, 11, 13, true],
  [14, 11, 13, false],
  [10, 11, 13, false],
])('at %d, open from %p until %p: %p', (now, from, until, isOpen) => {
  const time = (hour: number | null): Date | null => (hour === null ? null : at(hour))
  expect(isOpenAt(at(now), time(from), time(until))).toBe(isOpen)
})
