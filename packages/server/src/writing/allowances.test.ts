import { isNear, monthOf, unitsLeft, whyNotAsk } from './allowances.ts'
import { bookAsCsv } from './book.ts'

const allowance = (used: number, cap: number, isAllowed = true) => ({ isAllowed, used, cap })

test.each([
  ['2026-11-29T18:00:00Z', '2026-11-01T00:00:00.000Z'],
  ['2026-12-01T00:00:00Z', '2026-12-01T00:00:00.000Z'],
  // Midnight of the school is not midnight UTC; the month is that of UTC.
  ['2026-12-01T00:30:00+01:00', '2026-11-01T00:00:00.000Z'],
])('the month of %s begins at %s', (day, month) => {
  expect(monthOf(new Date(day)).toISOString()).toBe(month)
})

test('four fifths are near the end, and a cap of nothing is at it', () => {
  expect([isNear(allowance(79, 100)), isNear(allowance(80, 100)), isNear(allowance(0, 0))]).toEqual([false, true, true])
})

test('why somebody cannot ask', () => {
  expect(whyNotAsk(allowance(0, 10))).toBeNull()
  expect(whyNotAsk(allowance(10, 10))).toContain('Your 10 units of this month are used up')
  expect(whyNotAsk(allowance(0, 10, false))).toContain('not open to you')
})

test('a reply has what is left once its request is paid for, and never more than the service gives', () => {
  expect(unitsLeft(allowance(0, 10_000), 400, 2500)).toBe(2500)
  expect(unitsLeft(allowance(9000, 10_000), 400, 2500)).toBe(600)
  expect(() => unitsLeft(allowance(9700, 10_000), 400, 2500)).toThrow(
    'takes about 400 units, and of your 10,000 of this month 300 are left',
  )
  expect(() => unitsLeft(allowance(10_000, 10_000), 1, 2500)).toThrow('used up')
})

test('the book as CSV: a head, quotes where they are needed, and no formulas', () => {
  const entry = {
    ...{
      id: '1',
      draftId: null,
      purpose: 'items' as const,
      what: '=HYPERLINK("x"), 2 questions',
      by: 'Iris "I." Holm',
    },
    ...{ at: '2026-11-29T10:00:00.000Z', sentTo: 'Skerry', state: 'done' as const, why: null, units: 1200, cost: 0.6 },
    ...{ currency: 'SKM', isTaken: true },
  }
  const [head, row, end] = bookAsCsv([entry]).split('\r\n')
  expect(head).toBe('time,person,what,purpose,sent to,state,units,cost,currency')
  expect(row).toBe(
    `2026-11-29T10:00:00.000Z,"Iris ""I."" Holm","'=HYPERLINK(""x""), 2 questions",items,Skerry,done,1200,0.6000,SKM`,
  )
  expect(end).toBe('')
  expect(bookAsCsv([])).toBe(`${head}\r\n`)
})
