import fc from 'fast-check'
import { fitItem } from '../fit/fit.ts'
import { proveFormat } from '../grade/prove-format.ts'
import type { KeptItem } from '../item/model.ts'
import { plainText } from '../content/plain.ts'
import { keptItem } from '../testing/arbitraries.ts'
import type { FormatId } from './format.ts'
import { FORMATS } from './index.ts'

/** An item as the format announces that it arrives: what its limits name is changed, and nothing else. */
function asAnnounced(item: KeptItem, format: FormatId): KeptItem {
  const { hint: _hint, outcome: _outcome, level: _level, difficulty: _difficulty, ...left } = item
  const plain = (left.kind === 'short' ? { ...left, rules: { ...left.rules, accents: 'respect' } } : left) as KeptItem
  if (format === 'qti21') return plain
  const { language: _language, passage, ...rest } = plain
  const moved = { ...rest, points: 1, stem: passage ? [...passage, ...rest.stem] : rest.stem } as KeptItem
  if (moved.kind === 'short') return { ...moved, rules: { letterCase: 'ignore', accents: 'respect' } }
  if (moved.kind === 'single') return { ...moved, shuffle: true }
  return moved.kind === 'multiple' ? { ...moved, shuffle: true, credit: 'each' } : moved
}

describe.each<FormatId>(['gift', 'qti21'])('%s', (id) => {
  const format = FORMATS[id]

  test('what fits comes back equal, what changes comes back changed as announced', () => {
    fc.assert(
      fc.property(
        fc.array(
          keptItem.filter((item) => fitItem(item, format.limits).verdict !== 'cannot'),
          { minLength: 1, maxLength: 4 },
        ),
        (items) => {
          const written = format.write(items, { title: 'A bank', as: 'bank' })
          const back = format.read(written.data)
          expect(back.unread).toEqual([])
          expect(back.items).toEqual(items.map((item) => asAnnounced(item, id)))
        },
      ),
      { numRuns: 150 },
    )
  })

  test('writing what was read gives the same bytes', () => {
    fc.assert(
      fc.property(fc.array(keptItem, { minLength: 1, maxLength: 3 }), (items) => {
        const first = format.write(format.read(format.write(items, { title: 'A bank', as: 'bank' }).data).items, {
          title: 'A bank',
          as: 'bank',
        })
        const second = format.write(format.read(first.data).items, { title: 'A bank', as: 'bank' })
        expect(second.data).toEqual(first.data)
      }),
      { numRuns: 60 },
    )
  })

  test('every key is proven, and only what was announced grades otherwise', () => {
    fc.assert(
      fc.property(fc.array(keptItem, { minLength: 1, maxLength: 3 }), (items) => {
        const { proofs, changedKeys } = proveFormat(items, format, 'A bank')
        expect(changedKeys).toEqual([])
        proofs.forEach((proof, index) => {
          const item = items[index]!
          if (fitItem(item, format.limits).verdict === 'cannot') return expect(proof.verdict).toBe('not-sent')
          const affected = fitItem(item, format.limits).reasons.some((reason) => reason.affects?.length)
          expect(proof.verdict).toBe(
            proof.probes.some((probe) => probe.verdict === 'announced') && affected ? 'announced' : 'proven',
          )
        })
      }),
      { numRuns: 150 },
    )
  })

  test('an item without a key is left out and said to be', () => {
    const item: KeptItem = {
      kind: 'truefalse',
      stem: [{ type: 'paragraph', content: [{ type: 'text', text: 'Rye is a grain.' }] }],
      points: 1,
      tags: [],
      key: [],
    }
    const written = format.write([item], { title: 'A bank', as: 'bank' })
    expect(written.written).toEqual([])
    expect(written.losses.map((loss) => loss.feature)).toContain('no-key')
    expect(plainText(item.stem)).toBe('Rye is a grain.')
  })
})
