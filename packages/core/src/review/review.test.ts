import { contentOf, paragraph, styledText } from '../content/model.ts'
import { optionId, type Item, type SingleItem } from '../item/model.ts'
import { readDraft } from '../draft/read-draft.ts'
import { atLeast, chiSquareTail } from './chance.ts'
import { CHECK_CODES, CHECKS } from './checks-table.ts'
import { nearDuplicates } from './near-duplicates.ts'
import { gradeOf, readability, syllables } from './readability.ts'
import { rebalanceKeys } from './rebalance.ts'
import { reviewItem } from './review-item.ts'
import { reviewSet } from './review-set.ts'

const item = (text: string): Item => {
  const [read] = readDraft({ text }).items
  if (!read) throw new Error(`nothing was read from ${text}`)
  return read.item
}
const codes = (text: string): string[] => reviewItem(item(text)).map((one) => one.code)

// Right examples and near misses for each guideline of Haladyna, Downing & Rodriguez (2002), with wording of our own.
describe('one item', () => {
  test.each([
    ['no key', 'What dries a rope best?\na) sun\nb) shade and wind\nc) a stove', ['no-key']],
    ['two options that are one number', 'What is half of one?\na) 0.5\nb) 1/2\nc) 2\nAnswer: a', ['same-options']],
    [
      'the key far longer',
      'Why is the chart corrected?\na) habit\nb) because lights and buoys are moved, renamed or taken out\nc) law\nAnswer: b',
      ['longest-is-key'],
    ],
    ['all of the above', 'What floats?\na) cork\nb) pine\nc) All of the above\nAnswer: c', ['all-of-the-above']],
    [
      'none of the above, as the key',
      'Which of these is a knot?\na) anchor\nb) mast\nc) None of the above\nAnswer: c',
      ['none-of-the-above'],
    ],
    [
      'a negative in small letters',
      'Which of these is not a knot?\na) bowline\nb) keel\nc) sheet bend\nAnswer: b',
      ['negative-unstressed'],
    ],
    ['an exception in small letters', 'These are all knots except\na) bowline\nb) keel\nc) sheet bend\nAnswer: b', []],
    [
      'a false statement with an absolute',
      'True or false: A bowline never comes undone.\nAnswer: False',
      ['absolute-words'],
    ],
    [
      'an article that fits the key alone',
      'A heavy hook on the sea bed is an\na) anchor\nb) keel\nc) mast\nAnswer: a',
      ['grammar-clue'],
    ],
    [
      'words that belong in the stem',
      'A tide gauge\na) is used to measure the height of water\nb) is used to measure the wind\nc) is used to measure depth of mud\nAnswer: a',
      ['repeated-words'],
    ],
    [
      'bands that share an end',
      'How deep is the harbour?\na) 2-4 m\nb) 4-6 m\nc) 6-8 m\nAnswer: b',
      ['overlapping-options'],
    ],
    [
      'numbers in no order',
      'How many points has a compass rose?\na) 32\nb) 8\nc) 64\nAnswer: a',
      ['options-out-of-order'],
    ],
    [
      'a stem that asks nothing',
      'Tides\na) come twice a day\nb) come twice a week\nc) come each month\nAnswer: a',
      ['stem-asks-nothing'],
    ],
    [
      'a stem that leaves all to the options',
      'Which of the following is true?\na) Ebb is rising water.\nb) Flood is rising water.\nc) Slack water runs fast.\nAnswer: b',
      ['stem-asks-nothing'],
    ],
  ])('%s', (_name, text, found) => {
    expect(codes(text)).toEqual(found)
  })

  test.each([
    ['a negative in capitals', 'Which of these is NOT a knot?\na) bowline\nb) keel\nc) sheet bend\nAnswer: b'],
    [
      'a condition is no negative question',
      'If the light is not seen, what is done?\na) anchor\nb) sound the horn\nc) go on\nAnswer: b',
    ],
    [
      'a contrast inside the question',
      'What does a chart show that a map does not?\na) depths\nb) roads\nc) towns\nAnswer: a',
    ],
    ['an option that only says how often', 'How often is the log read?\na) hourly\nb) weekly\nc) never\nAnswer: a'],
    ['an article that stands open', 'A heavy hook on the sea bed is a/an\na) anchor\nb) keel\nc) mast\nAnswer: a'],
    ['a sound that is no vowel', 'What is worn by a crew is a\na) uniform\nb) hat\nc) badge\nAnswer: a'],
    ['bands that touch nothing', 'How deep is it?\na) 0-3 m\nb) 4-6 m\nc) 7-9 m\nAnswer: b'],
    ['numbers that fall', 'How many?\na) 64\nb) 32\nc) 8\nAnswer: b'],
    ['a completion of two words', '"Port" means\na) left\nb) right\nc) ahead\nAnswer: a'],
    ['letter case that counts', 'Which is a megavolt?\na) mV\nb) MV\nc) kV\nAnswer: b'],
  ])('says nothing of %s', (_name, text) => {
    expect(codes(text)).toEqual([])
  })

  test('a negative in bold is stressed', () => {
    const plain = item('Which of these is not a knot?\na) bowline\nb) keel\nc) sheet bend\nAnswer: b')
    const bold = {
      ...plain,
      stem: [
        paragraph([styledText('Which of these is ', []), styledText('not', ['strong']), styledText(' a knot?', [])]),
      ],
    }
    expect([reviewItem(plain).length, reviewItem(bold).length]).toEqual([1, 0])
  })

  test('what is switched off is not looked for', () => {
    const [text] = ['Tides\na) rise\nb) fall\nc) stay\nAnswer: a']
    expect(reviewItem(item(text ?? ''), { off: ['stem-asks-nothing'] })).toEqual([])
  })

  test('reading level is measured against the target only where there is enough to read', () => {
    const passage = contentOf(
      'Notwithstanding considerable meteorological uncertainty, experienced navigators systematically evaluate atmospheric observations, hydrographic publications, navigational warnings, vessel characteristics, crew capabilities and anticipated operational circumstances before authorising departure from sheltered accommodation, and subsequently reconsider alternatives continuously throughout the passage itself.',
    )
    const hard: Item = { ...item('What is checked first?\na) the sky\nb) the crew\nc) the boat\nAnswer: a'), passage }
    expect(reviewItem(hard, { targetGrade: 6 }).map((one) => one.code)).toEqual(['reading-level'])
    expect(reviewItem(hard)).toEqual([])
  })

  test('and in other languages by LIX', () => {
    const words = 'Navigationsutrustningens kalibreringsförfarande förutsätter dokumenterade kontrollmätningar'
    const passage = contentOf(`${[words, words, words, words, words, words, words, words, words, words].join(' ')}.`)
    const hard: Item = { ...item('Vad mäts?\na) djup\nb) fart\nAnswer: a'), passage, language: 'sv' }
    const easy: Item = { ...hard, passage: contentOf('Vi ser en röd prick och en grön prick i viken. '.repeat(5)) }
    const said = (one: Item): string[] => reviewItem(one, { targetGrade: 6 }).map((found) => found.message)
    expect(said(hard)).toEqual(['It reads like grade 13 by LIX; the target is grade 6.'])
    expect(said(easy)).toEqual([])
  })
})

const choice = (
  stem: string,
  key: number,
  options: readonly string[] = ['ash', 'elm', 'oak', 'fir'],
  shuffle = true,
): SingleItem => ({
  kind: 'single',
  stem: contentOf(stem),
  points: 1,
  tags: [],
  options: options.map((text, index) => ({ id: optionId(index), content: contentOf(text) })),
  key: [optionId(key)],
  shuffle,
})
const STEMS = [
  'Masts are of',
  'Keels are of',
  'Oars are of',
  'Ribs are of',
  'Decks are of',
  'Blocks are of',
  'Tillers are of',
  'Planks are of',
]
const SUBJECTS = STEMS.map((stem, index) => `${stem} which wood on ship ${index * 7}?`)

describe('a set', () => {
  test('all keys at one place', () => {
    const found = reviewSet(SUBJECTS.map((stem) => choice(stem, 1)))
    expect(found.filter((one) => one.code === 'key-position')).toMatchObject([{ items: [0, 1, 2, 3, 4, 5, 6, 7] }])
  })

  test('keys spread out are left alone', () => {
    expect(reviewSet(SUBJECTS.map((stem, index) => choice(stem, index % 4))).map((one) => one.code)).not.toContain(
      'key-position',
    )
  })

  test('all statements true', () => {
    const truth = (stem: string, key: boolean): Item => ({
      kind: 'truefalse',
      stem: contentOf(stem),
      points: 1,
      tags: [],
      key: [key],
    })
    expect(reviewSet(SUBJECTS.map((stem) => truth(stem, true))).map((one) => one.code)).toContain('truth-balance')
    expect(reviewSet(SUBJECTS.map((stem, index) => truth(stem, index % 2 > 0))).map((one) => one.code)).not.toContain(
      'truth-balance',
    )
  })

  test('the longest option is the key more often than chance has it', () => {
    const long = ['ash', 'elm', 'oak that was felled in winter and laid in salt water', 'fir']
    expect(reviewSet(SUBJECTS.map((stem) => choice(stem, 2, long))).map((one) => one.code)).toContain(
      'longest-too-often',
    )
  })

  test('an item that answers another (guideline 4)', () => {
    const found = reviewSet([
      choice('Which buoy marks safe water at the harbour entrance?', 0, [
        'the landfall buoy',
        'the wreck buoy',
        'the spar',
      ]),
      item(
        'The landfall buoy stands in safe water off the entrance. What is its topmark?\na) a red ball\nb) two cones\nc) a cross\nAnswer: a',
      ),
    ])
    expect(found.filter((one) => one.code === 'answers-another')).toMatchObject([{ items: [1, 0] }])
  })

  test('every check names what it rests on', () => {
    expect(CHECK_CODES.filter((code) => CHECKS[code].source === '')).toEqual([])
  })
})

describe('near duplicates', () => {
  test('reworded, but the same', () => {
    const pairs = nearDuplicates([
      choice('Which wood is best for the mast of a small boat?', 3),
      choice('What is the tide?', 1),
      choice('Which wood is best for a mast of a small boat?', 3),
    ])
    expect(pairs).toMatchObject([{ first: 0, second: 2 }])
  })

  test.each([
    ['another number', 'How long is a rope of 20 m cut once?', 'How long is a rope of 30 m cut once?', 1, 1],
    [
      'turned round',
      'Which of these woods is for the port side?',
      'Which of these woods is for the starboard side?',
      1,
      1,
    ],
    [
      'another subject in the same words',
      'What does fog do to the watch below?',
      'What does ice do to the watch below?',
      1,
      1,
    ],
    ['another key', 'What is the unit of force?', 'What is the unit of power?', 1, 2],
  ])('%s is another item', (_name, first, second, a, b) => {
    expect(nearDuplicates([choice(first, a), choice(second, b)])).toEqual([])
  })
})

describe('rebalancing', () => {
  const set = [...SUBJECTS.map((stem) => choice(stem, 0)), choice('Kept as it stands?', 1, undefined, false)]
  const moved = rebalanceKeys(set)
  const after = set.map((one, at) => moved.find((change) => change.at === at)?.item ?? one)

  test('spreads the keys as evenly as it goes, in one step', () => {
    const places = after.map((one) => one.options.findIndex((option) => option.id === one.key[0]))
    const counts = [0, 1, 2, 3].map((place) => places.filter((at) => at === place).length)
    expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1)
    expect(rebalanceKeys(after)).toEqual([])
  })

  test('leaves what keeps its order, and changes nothing but the order', () => {
    expect(after[8]).toBe(set[8])
    for (const change of moved) {
      const before = set[change.at]
      expect([...change.item.options].sort((a, b) => (a.id < b.id ? -1 : 1))).toEqual(before?.options)
      expect({ ...change.item, options: [] }).toEqual({ ...before, options: [] })
    }
  })
})

// Kincaid et al. (1975) and Björnsson (1968): values by hand from the formulas; syllables by the dictionary.
describe('readability', () => {
  test('Flesch-Kincaid and reading ease of one plain sentence', () => {
    expect(readability('The cat sat on the mat.', 'en')).toEqual({
      index: 'flesch-kincaid',
      value: -1.4,
      ease: 116.1,
      words: 6,
      sentences: 1,
    })
  })

  test('LIX: 5 words a sentence, two of ten long', () => {
    expect(readability('Båten ligger vid den gamla. Sjömännen sover i sina vagnshallar.', 'sv')).toMatchObject({
      index: 'lix',
      value: 25,
    })
  })

  // Anderson (1983), table of grade equivalents; from memory.
  test.each([
    [9, 1],
    [10, 2],
    [25, 5],
    [44, 10],
    [56, 13],
  ])('LIX %s reads like grade %s', (value, grade) =>
    expect(gradeOf({ index: 'lix', value, ease: null, words: 100, sentences: 9 })).toBe(grade),
  )

  test.each([
    ['water', 2],
    ['navigation', 4],
    ['tide', 1],
    ['compasses', 3],
    ['horizontal', 4],
    ['rope', 1],
    ['buoy', 1],
  ])('syllables of %s', (word, count) => {
    expect(Math.abs(syllables(word) - count)).toBeLessThanOrEqual(word === 'buoy' ? 1 : 0)
  })
})

// Upper critical values of the chi-square distribution: NIST/SEMATECH e-Handbook of Statistical Methods, table 1.3.6.7.4.
test.each([
  [3.841, 1, 0.05],
  [7.815, 3, 0.05],
  [13.277, 4, 0.01],
  [16.919, 9, 0.05],
])('chi-square %d with %d degrees leaves %d', (chi, degrees, tail) => {
  expect(chiSquareTail(chi, degrees)).toBeCloseTo(tail, 4)
})

test('nine heads or ten of ten: 11 of 1,024', () => {
  expect(atLeast(9, 10, 0.5)).toBeCloseTo(11 / 1024, 10)
})
