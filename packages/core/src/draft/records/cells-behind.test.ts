import { factsOf } from '../facts/facts.ts'
import { unitsOf } from '../facts/units.ts'
import { cleanLines } from '../text/clean.ts'
import { signedItems } from '../../testing/role-text.ts'
import { cellsBehind } from './cells-behind.ts'

function cellsIn(text: string): string[] {
  const [unit] = unitsOf(cleanLines({ text }))
  if (!unit) return []
  const facts = factsOf(unit)
  return cellsBehind(facts, facts.body).map((cell) => unit.text.slice(cell.from, cell.to))
}

test.each([
  ['a) A week has      five days      seven days', ['five days', 'seven days']],
  ['Which floats?\tiron\tcork\tlead', ['iron', 'cork', 'lead']],
  ['1. What is the capital?      Bergen', []],
  ['1. go      went      gone', []],
  ['1. Which floats?      ______      iron', []],
  ['1. Which floats?      a) iron      b) cork', []],
  ['1. Which floats?      cork      (2 points)', []],
])('%j', (text, expected) => {
  expect(cellsIn(text)).toEqual(expected)
})

test('bare words behind two stems are their options', () => {
  const items = signedItems(
    'S|a) A week has      five days      seven days\nS|b) A year has      ten months      twelve months\nL|a) seven days b) twelve months',
  )
  expect(items).toMatchObject([
    { kind: 'single', stem: 'A week has', options: ['five days', 'seven days'] },
    { kind: 'single', stem: 'A year has', options: ['ten months', 'twelve months'] },
  ])
})

test('behind one stem alone they stay in it', () => {
  expect(signedItems('S|1. A week has      five days      seven days\nS|2. Who?')).toMatchObject([
    { kind: 'short' },
    { kind: 'short' },
  ])
})
