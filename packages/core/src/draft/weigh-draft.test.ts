import { leastCpuTime } from '../testing/cpu-time.ts'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { scoreReading } from '../labelled/score.ts'
import type { Gold } from '../labelled/gold.ts'
import { readingOutline } from './outline.ts'
import { parseWeights } from './roles/weights.ts'
import { WEIGHTS_TABLE } from './roles/weights-table.ts'
import { readDraft } from './read-draft.ts'
import { weighDraft } from './weigh-draft.ts'

const WEIGHTS = parseWeights(WEIGHTS_TABLE)

function read(text: string): ReturnType<typeof weighDraft> {
  return weighDraft({ text }, WEIGHTS)
}

const outline = (text: string): readonly Record<string, unknown>[] =>
  readingOutline(read(text))['items'] as readonly Record<string, unknown>[]

/** Text that looks like drafts now and then: labels, words of keys, signs, blanks. */
const draftish = fc
  .array(
    fc.constantFrom(
      '1. ',
      '2) ',
      'a) ',
      'b) ',
      '\n',
      '\n\n',
      'Answer: ',
      'b',
      'Which rope?',
      '____',
      ' | ',
      '[x] ',
      '* ',
      '→ ',
      '  ',
      '(2 points)',
      'True',
      '- ',
      '#',
      'Key',
      '1 b 2 c',
      '\t',
    ),
    { maxLength: 60 },
  )
  .map((parts) => parts.join(''))

test('no text throws, and every line with text is in an item, in a passage or set aside', () => {
  fc.assert(
    fc.property(fc.oneof(draftish, fc.string({ unit: 'grapheme', maxLength: 200 })), (text) => {
      const reading = read(text)
      const kept = new Set(reading.aside.map((aside) => aside.line))
      for (const owner of [...reading.items, ...reading.passages])
        for (let line = owner.lines[0]; line <= owner.lines[1]; line++) kept.add(line)
      text.split(/\r\n|[\n\r\u2028\u2029\f\v]/).forEach((line, at) => {
        if (/[\p{L}\p{N}]/u.test(line)) expect(kept.has(at + 1)).toBe(true)
      })
    }),
    { numRuns: 150 },
  )
})

// Twice the text may take little more than twice the time: families of text that patterns with nested repetition choke on.
// What takes a few hundredths of a second says nothing of how it grows.
test.each([
  ['blanks', (size: number) => `1. What${' '.repeat(size)}x`],
  ['stars', (size: number) => '*'.repeat(size)],
  ['brackets', (size: number) => '('.repeat(size)],
  ['labels', (size: number) => 'a) '.repeat(size / 3)],
  ['numbers', (size: number) => '1 b '.repeat(size / 4)],
  ['underscores', (size: number) => '_ '.repeat(size / 2)],
  ['prose without an end', (size: number) => 'the tide comes in and '.repeat(size / 22)],
  ['one number again and again', (size: number) => '1. '.repeat(size / 3)],
  ['formulas without an end', (size: number) => '\\('.repeat(size / 2)],
  ['one-letter lines', (size: number) => 'a\n'.repeat(size / 2)],
])('%s: time is linear in the text', (_name, make) => {
  const time = (size: number): number => {
    const text = make(size)
    return leastCpuTime(() => read(text))
  }
  time(2000)
  const [small, large] = [time(6000), time(24_000)]
  expect(large).toBeLessThan(Math.max(80, small * 4 * 1.8))
})

test.each<[string, string, Record<string, unknown>]>([
  [
    'a sign behind the option',
    '1. Which?\na) one\nb) two <<\n\n2. Who?\na) me <<\nb) you',
    { kind: 'single', options: ['one', 'two'], key: [1] },
  ],
  [
    'a judgement before the number',
    'Weather\n\nF  1. Hail falls only in winter.\nT  2. Wind is moving air.\nT  3. Clouds are made of drops of water.\nF  4. Thunder comes before lightning.\nT  5. A barometer falls before a storm.',
    { kind: 'truefalse', stem: 'Hail falls only in winter.', key: [false] },
  ],
  [
    'keys at the end',
    '1. Which rope?\na) hemp\nb) nylon\n\n2. How many strands?\n\nKey: 1b 2 3',
    { kind: 'single', key: [1] },
  ],
  [
    'numbered options under numbered questions',
    '1. Which is a mammal?\n   1) shark\n   2) dolphin\n   3) tuna\n   Answer: 2\n\n2. Which lays eggs?\n   1) hen\n   2) cow\n   Answer: 1',
    { kind: 'single', options: ['shark', 'dolphin', 'tuna'], key: [1] },
  ],
])('%s', (_name, text, expected) => {
  expect(outline(text)[0]).toMatchObject(expected)
})

test('prose, a letter and a plan hold no items', () => {
  expect(
    outline(
      'Dear parents,\n\nnext Thursday the class goes to the salt mine. Please bring a warm jumper.\n\nKind regards\nM. Lind',
    ),
  ).toEqual([])
})

// The share that has to stay read right; it only goes up.
test('labelled drafts stay read as they were', () => {
  const folder = join(__dirname, '../../samples/first-reads')
  const names = readdirSync(folder).filter((file) => file.endsWith('.gold.json'))
  const scores = names.map((file) => {
    const gold = JSON.parse(readFileSync(join(folder, file), 'utf8')) as Gold
    const draft = ['.txt', '.md'].map((ending) => join(folder, file.replace('.gold.json', ending))).find(existsSync)
    return scoreReading(read(readFileSync(draft ?? '', 'utf8')), gold)
  })
  const sum = (field: 'gold' | 'exact' | 'silent'): number => scores.reduce((total, score) => total + score[field], 0)
  expect(sum('exact') / sum('gold')).toBeGreaterThan(0.75)
  expect(sum('silent') / sum('gold')).toBeLessThan(0.06)
})

// What somebody has typed when the first item stands there and nothing else yet.
test.each([
  ['1. Which is a grain?\n- **oak**\n- rye\n', 2],
  ['1. Which?\n- oak\n- rye\n- elm\n', 3],
  ['1. Which?\n☐ oak\n☐ rye\n', 2],
])('a numbered question with its list alone is an item: %j', (text, count) => {
  const [read, ...others] = readDraft({ text }).items
  expect(others).toEqual([])
  expect(read?.item).toMatchObject({ kind: 'single', options: { length: count } })
})
