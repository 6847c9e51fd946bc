import fc from 'fast-check'
import { contentOf } from '../content/model.ts'
import { plainText } from '../content/plain.ts'
import { FORMATS } from '../formats/index.ts'
import { checkItem } from '../item/check.ts'
import { hasKey, type Item } from '../item/model.ts'
import { anyItem } from '../testing/arbitraries.ts'
import { DESTINATIONS } from '../destinations/destinations.ts'
import { fitItem } from './fit.ts'
import type { RemedyId } from './remedy-id.ts'
import { remedied, REMEDIES } from './remedies.ts'

const match: Item = {
  kind: 'match',
  stem: contentOf('Match each signal.'),
  points: 3,
  tags: ['signals'],
  left: ['one blast', 'two blasts', 'three blasts'].map((text) => contentOf(text)),
  right: ['port', 'astern', 'starboard', 'at anchor'].map((text) => contentOf(text)),
  key: [
    [0, 2],
    [1, 0],
    [2, 1],
  ],
}

describe('remedies', () => {
  test('whatever is remedied is well formed, keeps its key, and never changes the item that it came from', () => {
    fc.assert(
      fc.property(anyItem, fc.constantFrom(...(Object.keys(REMEDIES) as RemedyId[])), (item, remedy) => {
        const before = JSON.stringify(item)
        for (const part of remedied(item, [remedy])) {
          expect(checkItem(part)).toEqual([])
          expect(hasKey(part)).toBe(true)
        }
        expect(JSON.stringify(item)).toBe(before)
      }),
      { numRuns: 400 },
    )
  })

  test('a matching item becomes a single choice item per pair, and the points are shared out', () => {
    const parts = remedied(match, ['split'])
    expect(parts.map((part) => [part.kind, part.points])).toEqual([
      ['single', 1],
      ['single', 1],
      ['single', 1],
    ])
    const [first] = parts
    expect(
      first?.kind === 'single' && first.key.map((id) => plainText(first.options.find((one) => one.id === id)?.content)),
    ).toEqual(['starboard'])
  })

  test('the gaps of a cloze are asked one by one, the others filled in', () => {
    const cloze: Item = {
      kind: 'cloze',
      stem: [{ type: 'paragraph', content: [{ type: 'gap' }, { type: 'text', text: ' then ' }, { type: 'gap' }] }],
      points: 1,
      tags: [],
      gaps: [{ key: ['ebb'] }, { key: ['flood'], choices: ['flood', 'slack'] }],
      rules: { letterCase: 'ignore', accents: 'respect' },
    }
    expect(remedied(cloze, ['split']).map((part) => [part.kind, plainText(part.stem)])).toEqual([
      ['short', '___ then flood'],
      ['single', 'ebb then ___'],
    ])
  })

  test('a remedy that a limit names takes that limit away, where it suits', () => {
    fc.assert(
      fc.property(anyItem, fc.constantFrom(...DESTINATIONS), (item, { limits }) => {
        for (const reason of fitItem(item, limits).reasons) {
          if (!reason.remedy || !REMEDIES[reason.remedy].suits(item)) continue
          for (const part of remedied(item, [reason.remedy], { limits }))
            expect(fitItem(part, limits).reasons.map((one) => one.feature)).not.toContain(reason.feature)
        }
      }),
      { numRuns: 400 },
    )
  })
})

describe('the fit report and the writers say the same', () => {
  test('an item is left out exactly where the report says that it cannot go, and every loss was announced', () => {
    fc.assert(
      fc.property(anyItem, fc.constantFrom(...Object.values(FORMATS)), (item, format) => {
        const written = format.write([item], { title: 'A bank', as: 'bank' })
        const fit = fitItem(item, format.limits)
        expect(written.written.length === 0).toBe(fit.verdict === 'cannot')
        expect(written.losses.map((loss) => loss.says)).toEqual(fit.reasons.map((reason) => reason.says))
      }),
      { numRuns: 300 },
    )
  })
})
