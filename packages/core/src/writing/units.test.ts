import { requestText } from './request.ts'
import { estimateReply, estimateUnits } from './units.ts'

test('units are estimated by letters, and of a reply by its kinds', () => {
  expect([estimateUnits(''), estimateUnits('abcd'), estimateUnits('abcde')]).toEqual([0, 1, 2])
  expect(estimateReply({ counts: {} })).toBe(0)
  expect(estimateReply({ counts: { single: 2 } })).toBeGreaterThan(estimateReply({ counts: { truefalse: 2 } }))
  const request = { counts: { single: 10 }, level: '', language: '', remarks: '' }
  expect(estimateUnits(requestText(request, 'x'.repeat(4000)))).toBeGreaterThan(1000)
})
