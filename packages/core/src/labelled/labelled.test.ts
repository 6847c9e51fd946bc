import { readDraft } from '../draft/read-draft.ts'
import { ROLE_INDEX, ROLES } from '../draft/roles/roles.ts'
import type { Counts } from '../draft/doubt/worth.ts'
import { exampleOf } from './fit-roles.ts'
import { fitWorth } from './fit-worth.ts'
import { makeDraft } from './generate/draft.ts'
import { ownDrafts } from './generate/own-notation.ts'
import { redressed } from './generate/redress.ts'
import type { GoldItem } from './gold.ts'
import { madeExamples, ownExamples, stockOf } from './made-examples.ts'

const TEXT =
  'Ropes\n\n1. Which rope floats?\na) hemp\nb) nylon\nc) polypropylene\nAnswer: c\n\n2. Name the knot.\nAnswer: bowline'
const items: readonly GoldItem[] = [
  { kind: 'single', stem: 'Which rope floats?', options: ['hemp', 'nylon', 'polypropylene'], key: [2] },
  { kind: 'short', stem: 'Name the knot.', key: ['bowline'] },
]
const labelled = { name: 'ropes', source: { text: TEXT }, gold: { title: 'Ropes', items } }
const example = exampleOf(labelled)
const stock = {
  ...stockOf([labelled], [example]),
  outLines: ['Read all of it first.', 'Hand it in.'],
  passages: ['A text.'],
}

test('the gold gives each line its role', () => {
  expect(example.allowed.map((bits) => ROLES.find((_role, at) => bits & (1 << at)))).toEqual([
    'out',
    'stem',
    'option',
    'option',
    'option',
    'answer',
    'stem',
    'answer',
  ])
})

test('a draft in other dress keeps its lines and their roles', () => {
  const others = Array.from({ length: 20 }, (_none, seed) => redressed(example, seed)).filter((one) => one !== null)
  expect(others.length).toBeGreaterThan(15)
  const texts = new Set(others.map((other) => other.draft.facts.map((facts) => facts.unit.text).join('\n')))
  expect(texts.size).toBeGreaterThan(8)
  for (const other of others) {
    expect(other.allowed).toBe(example.allowed)
    expect(other.draft.facts.every((facts, at) => at > 0 || facts.unit.text === 'Ropes')).toBe(true)
  }
})

test('a made draft has a role for each of its lines, and the same seed makes the same', () => {
  for (let seed = 1; seed < 60; seed++) {
    const made = makeDraft(seed, stock)
    expect(makeDraft(seed, stock).text).toBe(made.text)
    expect(made.text.split('\n').filter((line) => line.trim()).length).toBe(made.roles.length)
    for (const item of made.items) if (item.options) expect(item.options.length).toBeGreaterThan(1)
  }
  expect(madeExamples(stock, 30, 1).length).toBeGreaterThan(20)
})

test('our own notation is known line by line', () => {
  const reading = readDraft({ text: TEXT })
  const [own] = ownDrafts(reading, 1)
  expect(own?.roles).toEqual(example.allowed.map((bits) => ROLES.find((_role, at) => bits & (1 << at))))
  expect(ownExamples([reading], 1).every((one) => one.allowed.length === one.draft.facts.length)).toBe(true)
  expect(ROLE_INDEX.out).toBe(0)
})

const none: Counts = {
  items: 2,
  kinds: 1,
  choices: 1,
  keyed: 1,
  keyless: 1,
  bare: 0,
  odd: 0,
  namesNone: 0,
  stemless: 0,
  unnumbered: 0,
  holes: 0,
}

test('what tells right readings from wrong ones comes to count', () => {
  const drafts = Array.from({ length: 12 }, (_draft, at) => [
    { counts: none, loss: 0, right: 1 },
    { counts: { ...none, keyed: 2, keyless: 0 }, loss: 1 + (at % 3), right: 2 },
    { counts: { ...none, odd: 2 }, loss: 1, right: 0 },
  ])
  const worth = fitWorth(drafts)
  expect(worth.counts['keyed']).toBeGreaterThan(0.2)
  expect(worth.counts['odd']).toBeLessThan(0)
  expect(worth.counts['holes']).toBeCloseTo(0, 6)
})
