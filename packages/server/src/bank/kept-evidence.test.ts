import { readEvidence } from './kept-evidence.ts'

const SENTENCE = { text: 'The ebb runs out.', place: 2, time: null }

test('evidence comes out of an archive as it went in', () => {
  const evidence = { verdict: 'said', source: 'Tides', sentences: [SENTENCE, { ...SENTENCE, time: 65 }] }
  expect(readEvidence(JSON.parse(JSON.stringify(evidence)))).toEqual(evidence)
})

test.each([
  [null],
  [undefined],
  ['said'],
  [{}],
  [{ verdict: 'constructor', source: '', sentences: [] }],
  [{ verdict: 'said', source: '', sentences: 'none' }],
])('what is none is left out: %j', (given) => {
  expect(readEvidence(given)).toBeNull()
})

test('sentences that are none are left out, and a source that is no text is empty', () => {
  const given = {
    verdict: 'said',
    source: 7,
    sentences: [null, { text: 3, place: 1 }, SENTENCE, { text: 'x', place: 'y' }],
  }
  expect(readEvidence(given)).toEqual({ verdict: 'said', source: '', sentences: [SENTENCE] })
})
