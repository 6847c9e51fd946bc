import { understand } from './asked.ts'
import { factsIn } from './facts.ts'
import { MANNERS } from './manners.ts'
import { shippedReadings } from './readings.ts'
import { sentencesIn, standsAlone } from './source.ts'
import { variantOf } from './variants.ts'
import { write } from './write.ts'

const READINGS = shippedReadings()
const KINDS = [
  'single choice',
  'multiple response',
  'true/false',
  'short answer',
  'numeric',
  'cloze',
  'matching',
  'ordering',
]
const request = (source: string, lines = KINDS.map((kind) => `- 2 × ${kind}`).join('\n'), more = '') =>
  `Write questions about the text at the end.\n\n${lines}\n\n${more}The text:\n\n${source}`
const temper = { manner: 'as-asked', mistakes: 0, seed: 1 } as const

test('five readings ship, of 400 to 1,200 words', () => {
  const words = READINGS.map(({ text }) => text.split(/\s+/).length)
  expect(words).toHaveLength(5)
  expect(words.every((count) => count >= 400 && count <= 1200)).toBe(true)
})

describe.each(READINGS)('$id: whatever the seed', ({ text }) => {
  const seeds = Array.from({ length: 5 }, (_, seed) => seed)
  const made = seeds.flatMap((seed) => write(request(text), { ...temper, seed }, READINGS).items)

  test('each item rests on a sentence that stands there', () => {
    const flat = text.replace(/\s+/g, ' ')
    expect(made.length).toBeGreaterThan(25)
    expect(made.filter(({ sentence }) => !flat.includes(sentence))).toEqual([])
  })

  test('options differ, the key is one of them, and none holds another', () => {
    for (const { kind, options, key } of made) {
      expect(new Set(options.map((option) => option.toLowerCase())).size).toBe(options.length)
      if (kind !== 'single') continue
      expect(key).toHaveLength(1)
      expect(options[Number(key[0])]).toBeTruthy()
      expect(options.length).toBeGreaterThanOrEqual(3)
    }
  })

  test('the answer does not stand in the question', () => {
    for (const { kind, stem, options, key } of made) {
      if (kind !== 'single' && kind !== 'short') continue
      const answer = kind === 'single' ? (options[Number(key[0])] ?? '') : String(key[0])
      expect(` ${stem.toLowerCase()} `).not.toContain(` ${answer.toLowerCase()} `)
    }
  })

  test('of true and false statements both occur, and a true one is the sentence itself', () => {
    const statements = made.filter(({ kind }) => kind === 'truefalse')
    expect(new Set(statements.map(({ key }) => key[0]))).toEqual(new Set(['True', 'False']))
    for (const { stem, key, sentence } of statements)
      expect(stem.replace('True or false: ', '') === sentence).toBe(key[0] === 'True')
  })
})

test.each(MANNERS)('laid out %s, every item is there', (manner) => {
  const { text, items } = write(request(READINGS[0]?.text ?? ''), { ...temper, manner }, READINGS)
  for (const { stem, options } of items) {
    expect(text).toContain(stem)
    for (const option of options) expect(text).toContain(option)
  }
})

test('about as many are wrong on purpose as are asked for, and each says how', () => {
  const all = Array.from({ length: 6 }, (_, seed) =>
    READINGS.flatMap(({ text }) => write(request(text), { ...temper, seed, mistakes: 0.3 }, READINGS).items),
  ).flat()
  const share = all.filter(({ mistake }) => mistake !== null).length / all.length
  expect(share).toBeGreaterThan(0.2)
  expect(share).toBeLessThan(0.35)
})

test('what was asked already is not asked again, and a wish goes first', () => {
  const [tides] = READINGS.filter(({ id }) => id === 'tides')
  const first = write(request(tides?.text ?? '', '- 3 × numeric'), temper, READINGS)
  const known = first.items.map(({ stem }) => `    ${stem}`).join('\n')
  const again = write(
    request(tides?.text ?? '', '- 3 × numeric', `Asked already, not to be asked twice:\n\n${known}\n\n`),
    temper,
    READINGS,
  )
  const sentences = first.items.map(({ sentence }) => sentence)
  expect(again.items.length).toBeGreaterThan(0)
  expect(again.items.filter(({ sentence }) => sentences.includes(sentence))).toEqual([])
  for (let seed = 0; seed < 4; seed++) {
    const wish = write(
      request(tides?.text ?? '', '- 1 × numeric', 'Besides: ask about the storm\n\n'),
      { ...temper, seed },
      READINGS,
    )
    expect(wish.items[0]?.sentence).toContain('storm of 1968')
  }
})

test('it says what the text does not give', () => {
  const { text } = write(
    request('The sea is wide. It is blue.', '- 2 × matching\n- 1 × single choice'),
    temper,
    READINGS,
  )
  expect(text).toContain('Note: the text gives no matching questions.')
})

test.each([
  ['A buoy is a floating mark that is held by a chain.', 'definition', 'buoy'],
  ['The distance over which it blows is called the fetch.', 'none', ''],
  ['The distance over which the wind blows is called the fetch.', 'definition', 'fetch'],
  ['The lifeboat is called on channel 16.', 'number', '16'],
  ['The quay is closed because the crane fell.', 'cause', 'the crane fell'],
  ['The lamp has burned since 1954.', 'number', '1954'],
  ['Today rope is made of nylon, polyester or polypropylene.', 'list', 'nylon'],
])('%j states: %s', (text, type, part) => {
  const facts = factsIn(sentencesIn(text))
  if (type === 'none') return expect(facts).toEqual([])
  const found = facts.find((fact) => fact.type === type)
  expect(JSON.stringify(found)).toContain(part)
})

test.each([
  ['The range is small.', true],
  ['These tides are called neap tides.', false],
  ['The difference between the two is called the range.', false],
  ['It blows hard.', false],
  ['The air above it rises.', false],
  ['Would you go?', false],
])('%j stands alone: %s', (text, wanted) => {
  expect(standsAlone(text)).toBe(wanted)
})

test('times of a transcript and headings are no sentences', () => {
  const found = sentencesIn('Tides\n\n[00:03] The sea rises.\n[00:09] The sea falls.')
  expect(found.map(({ text, paragraph }) => [text, paragraph])).toEqual([
    ['The sea rises.', 1],
    ['The sea falls.', 2],
  ])
})

test('variants: easier in shorter words and with fewer options, harder without them; the same stays right', () => {
  const item = '1. Approximately where does the vessel commence?\nA) fetch\nB) bank\nC) swell\nD) gale\nAnswer: C'
  expect(variantOf(item, 'easier')).toBe('1. About where does the boat begin?\na) fetch\nb) bank\nc) swell\nAnswer: c')
  expect(variantOf(item, 'harder')).toBe('1. Approximately where does the vessel commence?\nAnswer: swell')
  expect(variantOf('1. True or false: Fog is dry.\nAnswer: False', 'harder')).toContain('Answer: False')
  expect(() => understand('Translate this question into German.\n\nThe question:\n\n1. What?')).toThrow('English only')
})
