import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readDraft } from '../draft/read-draft.ts'
import { EvidenceFinder, type EvidenceVerdict } from './evidence.ts'
import { countWords, sentencesOf } from './sentences.ts'

const SOURCE = readFileSync(join(__dirname, '../../samples/readings/anchoring.txt'), 'utf8')
const SENTENCES = sentencesOf(SOURCE, 'en')
const finder = new EvidenceFinder(SENTENCES)

/** Items as they are drafted, each with what the reading says of it and the beginning of the sentence; ours. */
const CASES: readonly (readonly [string, EvidenceVerdict, string])[] = [
  // All its words stand in a sentence about the chart; that another one says it better is not seen.
  [
    'Which kind of bottom is the worst for an anchor?\na) sand\nb) mud\nc) rock\nd) weed\nAnswer: d',
    'unsure',
    'On the chart',
  ],
  ['What is the length of chain that is let out called?\nAnswer: scope', 'said', 'For this reason'],
  [
    'How many times the depth must the scope be with rope, at least?\na) two\nb) four\nc) seven\nd) ten\nAnswer: c',
    'unsure',
    'In quiet weather',
  ],
  ['In which year was the cable to the island laid?\nAnswer: 1987', 'said', 'It was laid in 1987'],
  [
    'In which year was the cable to the island laid?\na) 1978\nb) 1987\nc) 1897\nAnswer: a',
    'otherwise',
    'It was laid in 1987',
  ],
  [
    'What does a vessel at anchor show by day?\na) a white light\nb) a black ball\nc) a bell\nAnswer: b',
    'unsure',
    'By night a vessel',
  ],
  ['True or false: In fog a bell is rung for five seconds in every minute.\nAnswer: True', 'said', 'In fog a bell'],
  [
    'True or false: In fog a bell is rung for five seconds in every minute.\nAnswer: False',
    'otherwise',
    'In fog a bell',
  ],
  ['True or false: An anchor holds because it is heavy.\nAnswer: False', 'said', 'An anchor holds'],
  [
    'True or false: The cable has been caught by an anchor 12 times since it was laid in 1987.\nAnswer: True',
    'otherwise',
    'It was laid in 1987',
  ],
  [
    'Where does the office of the harbour master stand?\na) on the north quay\nb) on the south quay\nc) on the yellow buoy\nAnswer: a',
    'said',
    'The harbour master',
  ],
  ['A dragging anchor makes the chain _____.\nAnswer: tremble', 'said', 'A hand on the chain'],
  ['On the chart, which letters stand for weed?\na) S\nb) M\nc) R\nd) Wd\nAnswer: d', 'said', 'On the chart'],
  ['Who wrote the first book about sailing round the world alone?\nAnswer: Joshua', 'not-found', ''],
  ['What is the capital of the neighbouring kingdom?\na) Oldport\nb) Newport\nAnswer: a', 'not-found', ''],
]

test.each(CASES)('%s', (text, verdict, begins) => {
  const [read] = readDraft({ text: `1. ${text}\n` }).items
  if (!read) throw new Error('The case is no item.')
  const evidence = finder.evidenceOf(read.item)
  expect(evidence.verdict).toBe(verdict)
  const rests = evidence.sentences.map((place) => SENTENCES[place]?.text ?? '')
  if (begins) expect(rests.some((sentence) => sentence.startsWith(begins))).toBe(true)
  else expect(rests).toEqual([])
})

test('an essay, or an item without a key, has nothing to look for; without a source nothing is found', () => {
  const texts = ['1. Why does an anchor hold? (4 points)\n', '1. Which?\na) x\nb) y\n']
  for (const text of texts) {
    const [read] = readDraft({ text }).items
    expect(read && finder.evidenceOf(read.item)).toEqual({ verdict: 'nothing-to-find', sentences: [] })
  }
  const [keyed] = readDraft({ text: '1. What is it called?\nAnswer: scope\n' }).items
  expect(keyed && new EvidenceFinder([]).evidenceOf(keyed.item).verdict).toBe('not-found')
})

describe('sentences', () => {
  test('stand where they say', () => {
    for (const { text, from, to } of SENTENCES) expect(SOURCE.slice(from, to).replace(/\s+/g, ' ')).toBe(text)
    expect(SENTENCES.at(0)?.text).toBe('Anchoring off Skarnholm')
    expect(SENTENCES).toHaveLength(24)
  })

  // Times as subtitles (WebVTT, section 4) and people write them.
  test.each<[string, (readonly [string, number | null])[]]>([
    [
      '[00:01:23] The tide turns. It ebbs.\n[00:01:40] Then it floods.',
      [
        ['The tide turns.', 83],
        ['It ebbs.', 83],
        ['Then it floods.', 100],
      ],
    ],
    [
      '1:05 - Cast off.\nThen steer north.',
      [
        ['Cast off.', 65],
        ['Then steer north.', 65],
      ],
    ],
    ['00:00:04.000 --> 00:00:07.000\nLook astern.', [['Look astern.', 4]]],
    [
      'At 10 the boat\nsails. Depth 3.5 m.',
      [
        ['At 10 the boat sails.', null],
        ['Depth 3.5 m.', null],
      ],
    ],
    ['***\n\n', []],
  ])('%j', (source, found) => {
    expect(sentencesOf(source).map(({ text, time }) => [text, time])).toEqual(found)
  })

  test('words are counted as people count them', () => {
    expect([countWords(''), countWords('  one – two,three 4 '), countWords('it’s')]).toEqual([0, 3, 1])
  })
})

describe('pairs, steps, figures', () => {
  const SOURCE =
    'First the sail is hoisted. Then the anchor is weighed. Finally the boat is steered out. Alfa stands for A, and Bravo stands for B. The light stands 41 metres above the sea.'
  const verdict = (text: string) => {
    const [read] = readDraft({ text: `1. ${text}` }).items
    if (!read) throw new Error('Nothing was read.')
    return new EvidenceFinder(sentencesOf(SOURCE)).evidenceOf(read.item)
  }

  test.each([
    [
      'Put in order:\na) the anchor is weighed\nb) the sail is hoisted\nc) the boat is steered out\nAnswer: b, a, c',
      'said',
    ],
    [
      'Put in order:\na) the anchor is weighed\nb) the sail is hoisted\nc) the boat is steered out\nAnswer: a, b, c',
      'otherwise',
    ],
    [
      'Put in order:\na) the cook is paid\nb) the sail is hoisted\nc) the boat is steered out\nAnswer: b, a, c',
      'unsure',
    ],
    ['How many metres above the sea does the light stand?\nAnswer: 41', 'said'],
    ['How many metres above the sea does the light stand?\nAnswer: 14', 'otherwise'],
  ])('%j', (text, wanted) => {
    expect(verdict(text).verdict).toBe(wanted)
  })

  test('each step brings its sentence', () => {
    const steps =
      'Put in order:\na) the anchor is weighed\nb) the sail is hoisted\nc) the boat is steered out\nAnswer: b, a, c'
    expect(verdict(steps).sentences).toEqual([0, 1, 2])
  })

  test('a statement in other words is not said to be borne out', () => {
    expect(verdict('True or false: The light stands 41 metres above the sand.\nAnswer: True').verdict).toBe('unsure')
    expect(verdict('True or false: The light stands 41 metres above the sand.\nAnswer: False').verdict).toBe('unsure')
  })
})

test('subtitles: numbers of cues and heads are no sentences, and each has its time', () => {
  const srt =
    '1\n00:00:01,000 --> 00:00:04,000\nThe ebb runs out.\n\n2\n00:01:05,500 --> 00:01:07,000\nThe range is\n12 metres.\n'
  const told = (text: string) => sentencesOf(text).map((one) => [one.text, one.time])
  const wanted = [
    ['The ebb runs out.', 1],
    ['The range is 12 metres.', 65],
  ]
  expect(told(srt)).toEqual(wanted)
  expect(told(`WEBVTT\n\n${srt.replaceAll(',', '.')}`)).toEqual(wanted)
  for (const { from, to } of sentencesOf(srt)) expect(srt.slice(from, to)).toMatch(/^The [\s\S]*\.$/)
})

/** A right key and a wrong one out of the same reading; ours. What is borne out is never the wrong one. */
const PAIRS: readonly (readonly [stem: string, right: string, wrong: string])[] = [
  ['How many times the depth is enough with chain in quiet weather?', '4', '7'],
  ['How many seconds is the bell rung in fog?', '5', '3'],
  ['In what year did the cable come to the island?', '1987', '3'],
  ['What is the length of chain let out called?', 'scope', 'cable'],
  ['Which letters on a chart mean weed?', 'Wd', 'M'],
  ['Where is the depth counted from?', 'the bow roller', 'the surface'],
  ['What colour are the two buoys near the cable?', 'yellow', 'black'],
  ['On which quay is the harbour master’s office?', 'north', 'yellow'],
  ['What does a dragging anchor make tremble?', 'the chain', 'the engine'],
  ['What goes astern until the chain stands straight?', 'the engine', 'the boat'],
  ['What does a vessel at anchor show by night?', 'a white light', 'a black ball'],
  ['What is shown by day in the forepart?', 'a black ball', 'a white light'],
  ['Which letter stands for rock?', 'R', 'S'],
  ['Which bottom holds badly because flukes find a crack?', 'rock', 'sand'],
  ['What is rung in fog?', 'a bell', 'a light'],
]
const verdictOf = (stem: string, key: string): EvidenceVerdict | undefined => {
  const [read] = readDraft({ text: `1. ${stem}\nAnswer: ${key}\n` }).items
  return read && finder.evidenceOf(read.item).verdict
}

test.each(PAIRS)('%s: %s, and not %s', (stem, _right, wrong) => expect(verdictOf(stem, wrong)).not.toBe('said'))

test('of right keys whose question keeps to the words of the reading, most are borne out', () => {
  const said = PAIRS.filter(([stem, right]) => verdictOf(stem, right) === 'said')
  expect(said.length).toBeGreaterThanOrEqual(8)
})

test.each([
  ['With rope, a scope of four times the depth is the least.', 'True'],
  ['Because of its weight alone an anchor holds.', 'True'],
  ['Firm mud is good holding ground.', 'False'],
  ['The cable was laid in 1978.', 'True'],
  ['A trembling chain shows that the anchor drags.', 'False'],
])('a statement in words of its own is not borne out by a wrong key: %s %s', (stem, key) =>
  expect(verdictOf(`True or false: ${stem}`, key)).not.toBe('said'),
)
