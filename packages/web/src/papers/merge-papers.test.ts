import { mergePapers } from './merge-papers'
import type { Entry, PaperState } from './paper-parts'

const entry = (itemId: string, points = 1): Entry => ({
  itemId,
  points,
  required: false,
  sectionId: null,
  optionOrder: null,
})
const BASE: PaperState = {
  title: 'Tides',
  instructions: '',
  entries: [entry('a'), entry('b'), entry('c')],
  shuffleItems: false,
  shuffleOptions: true,
  sections: [],
  identity: ['Name'],
  timeLimit: null,
  attempts: null,
  feedbackWhen: 'after',
  rules: [],
}

test('what only one changed is taken from that one', () => {
  const { state, clashes } = mergePapers(BASE, { ...BASE, title: 'Tides 2' }, { ...BASE, timeLimit: 20 })
  expect([state.title, state.timeLimit, clashes]).toEqual(['Tides 2', 20, []])
})

test('what both changed is mine, and said', () => {
  const { state, clashes } = mergePapers(BASE, { ...BASE, title: 'Mine' }, { ...BASE, title: 'Theirs' })
  expect([state.title, clashes]).toEqual(['Mine', ['title']])
})

test('items that either added are there, and those that either took out are gone', () => {
  const mine = { ...BASE, entries: [entry('c'), entry('a'), entry('mine')] }
  const theirs = { ...BASE, entries: [entry('a', 3), entry('b'), entry('theirs')] }
  const { state, clashes } = mergePapers(BASE, mine, theirs)
  expect(state.entries).toEqual([entry('a', 3), entry('mine'), entry('theirs')])
  expect(clashes).toEqual([])
})

test('points that I changed stay mine', () => {
  const mine = { ...BASE, entries: [entry('a', 2), entry('b'), entry('c')] }
  const theirs = { ...BASE, entries: [entry('a', 5), entry('b', 4), entry('c')] }
  expect(mergePapers(BASE, mine, theirs).state.entries).toEqual([entry('a', 2), entry('b', 4), entry('c')])
})
