import { contentOf } from '../content/model.ts'
import type { Format } from '../formats/format.ts'
import { FORMATS } from '../formats/index.ts'
import type { Item } from '../item/model.ts'
import { proofSummary, proveFormat } from './prove-format.ts'

const option = (id: string, text: string) => ({ id, content: contentOf(text) })
const common = { points: 1, tags: [] }
const SINGLE: Item = {
  ...{ ...common, kind: 'single', stem: contentOf('Which?'), key: ['b'], shuffle: true },
  options: [option('a', 'ebb'), option('b', 'flood')],
}
const TRUE: Item = { ...common, kind: 'truefalse', stem: contentOf('It floats.'), key: [true] }
const ESSAY: Item = { ...common, kind: 'essay', stem: contentOf('Why?') }
const GRID: Item = {
  ...{ ...common, kind: 'grid', stem: contentOf('Each:'), key: [[0, 1]] },
  rows: [contentOf('r')],
  columns: [contentOf('x'), contentOf('y')],
}
const ITEMS = [SINGLE, TRUE, ESSAY]
const { gift } = FORMATS

/** The format, whose reader brings the items back otherwise. */
const bringing = (change: (items: readonly Item[]) => readonly Item[], more: Partial<Format> = {}): Format => ({
  ...gift,
  read: (data) => ({ ...gift.read(data), items: [...change(gift.read(data).items)] }),
  ...more,
})

test('what comes back as it was has its key proven; what nobody grades is counted apart', () => {
  const proof = proveFormat(ITEMS, gift, 'Tides')
  expect(proof.changedKeys).toEqual([])
  const summary = proofSummary(proof)
  expect(summary).toMatchObject({ sent: 2, wrong: [], ungraded: 1, notSent: 0, announced: 0 })
  expect(summary.agreeing).toBe(summary.probes)
  expect(summary.probes).toBeGreaterThan(3)
})

test('another key is named, even where every probe would still agree', () => {
  const proof = proveFormat(
    ITEMS,
    bringing(([first, ...rest]) => [{ ...first, key: ['a'] } as Item, ...rest]),
    'Tides',
  )
  expect(proof.changedKeys).toEqual([0])
  expect(proofSummary(proof).wrong).toEqual([0])
})

test('an item that does not come back has no key there', () => {
  const proof = proveFormat(
    ITEMS,
    bringing((items) => items.slice(0, 1)),
    'Tides',
  )
  expect(proof.changedKeys).toEqual([1, 2])
})

test('a kind that becomes another counts as changed, unless the limits said so before', () => {
  const asShort = bringing(([first, second, ...rest]) => [
    first as Item,
    { ...second, kind: 'short', key: ['true'], rules: { letterCase: 'ignore', accents: 'respect' } } as Item,
    ...rest,
  ])
  expect(proveFormat(ITEMS, asShort, 'Tides').changedKeys).toEqual([1])
  const said = { ...gift.limits, 'kind-truefalse': { verdict: 'changes', says: 'A typed answer.' } } as Format['limits']
  expect(proveFormat(ITEMS, { ...asShort, limits: said }, 'Tides').changedKeys).toEqual([])
})

test('a verdict alone excuses no key: the same kind with another key is changed', () => {
  const said = { ...gift.limits, 'kind-truefalse': { verdict: 'changes', says: 'A typed answer.' } } as Format['limits']
  const turned = bringing(([first, second, ...rest]) => [first as Item, { ...second, key: [false] } as Item, ...rest])
  expect(proveFormat(ITEMS, { ...turned, limits: said }, 'Tides').changedKeys).toEqual([1])
})

test('what a format cannot hold is not sent, and is proven nowhere', () => {
  const proof = proveFormat([SINGLE, GRID], FORMATS.aiken, 'Tides')
  expect(proof.proofs.map(({ verdict }) => verdict)).toEqual(['proven', 'not-sent'])
  expect(proofSummary(proof)).toMatchObject({ sent: 1, notSent: 1, wrong: [] })
})
