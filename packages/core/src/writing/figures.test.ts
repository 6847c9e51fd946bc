import { readDraft } from '../draft/read-draft.ts'
import { draftFigures } from './figures.ts'

const SOURCE = 'The ebb runs out. The flood runs in. The range is 3 metres. Fog is cloud on the sea.'
const TEXT = `1. What runs out?
a) ebb
b) flood
c) fog
Answer: a

2. What runs in?
a) ebb
b) flood
c) fog
Answer: b

3. True or false: The flood runs in.
Answer: True

4. True or false: The range is 5 metres.
Answer: True
`
const items = readDraft({ text: TEXT }).items.map(({ item }) => item)

test('keys, truth, coverage and doubts of a draft are counted', () => {
  const figures = draftFigures(items, SOURCE)
  expect(figures).toMatchObject({
    items: 4,
    kinds: { single: 2, truefalse: 2 },
    keyPlaces: [1, 1, 0],
    trueKeys: 2,
    falseKeys: 0,
    coverage: { asked: [true, true, true, false], share: 0.75 },
  })
  expect(figures.evidence.map(({ verdict }) => verdict)).toEqual(['said', 'said', 'said', 'otherwise'])
  expect(figures.reading?.index).toBe('flesch-kincaid')
})

test('without a source there is no coverage, and of no items nothing to read', () => {
  expect(draftFigures(items, null)).toMatchObject({ coverage: null, evidence: [], verdicts: {} })
  expect(draftFigures([], SOURCE)).toMatchObject({ items: 0, reading: null, keyPlaces: [] })
})
