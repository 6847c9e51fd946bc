import { assembleText } from '../../testing/records.ts'
import type { DraftRecord } from '../records/record.ts'
import { expectationOf, fitOf } from './fit.ts'

function recordOf(text: string, more: Partial<DraftRecord> = {}): DraftRecord {
  return Object.assign(assembleText(text, '').records[0] as DraftRecord, more)
}

const OPTIONS = '1. Which rope floats?\na) hemp\nb) nylon\nc) polypropylene'
const STEPS = '1. Put in order: how to reef.\na) hoist\nb) tie\nc) lower'
const JUDGED = '1. Ropes float.\na) True\nb) False'
const TYPED = '1. What is the left side called?'
const STATEMENT = '1. True or false: ropes float.'
const GAPS = '1. The ____ is left, the ____ is right.'

test.each<[string, string, Partial<DraftRecord>, string]>([
  ['options', OPTIONS, {}, 'option'],
  ['options that are said to be put in order', OPTIONS, { kindSaid: 'order' }, 'order'],
  ['a stem that asks for an order', STEPS, {}, 'order'],
  ['the two judgements as options', JUDGED, {}, 'judgement'],
  ['a question', TYPED, {}, 'text'],
  ['"True or false:" before a statement', STATEMENT, {}, 'judgement'],
  ['what is said to be judged', '1. Ropes float.', { kindSaid: 'truefalse' }, 'judgement'],
  ['several gaps', GAPS, {}, 'gaps'],
  ['one gap', '1. The ____ is left.', {}, 'text'],
])('of %s the key is expected to be of its kind', (_name, text, more, expected) =>
  expect(expectationOf(recordOf(text, more))).toBe(expected),
)

test('what a heading says of statements holds for statements, and not for questions', () => {
  const under = (text: string): string => {
    const record = recordOf(text)
    record.section = { ...record.section, truth: true }
    return expectationOf(record)
  }
  expect(under('1. Ropes float.')).toBe('judgement')
  expect(under('1. Do ropes float?')).toBe('text')
})

test('a heading that asks for an order holds for options, unless it asks to match as well', () => {
  const under = (order: boolean, match: boolean): string => {
    const record = recordOf(OPTIONS)
    record.section = { ...record.section, order, match }
    return expectationOf(record)
  }
  expect(under(true, false)).toBe('order')
  expect(under(true, true)).toBe('option')
  expect(under(false, false)).toBe('option')
})

test('a second list beside the first, or rows, expect pairs', () => {
  const record = recordOf(OPTIONS)
  expect(expectationOf({ ...record, lists: [record.entries] })).toBe('pairs')
  expect(expectationOf({ ...record, rows: record.units.slice(0, 2) })).toBe('pairs')
  expect(expectationOf({ ...record, rows: record.units.slice(0, 1) })).toBe('option')
})

// Only their order and their distance from one half count: fitting keys lie above it.
test.each<[string, string, string, number]>([
  ['a letter of the options', 'b', OPTIONS, 1],
  ['an option by its words', 'nylon', OPTIONS, 1],
  ['a letter with a remark', 'b (it is smooth)', OPTIONS, 0.8],
  ['a judgement of options', 'true', OPTIONS, 0.1],
  ['another word', 'cotton', OPTIONS, 0],
  ['nothing', '  ', OPTIONS, 0],
  ['all steps', 'c, b, a', STEPS, 1],
  ['some of the steps', 'c, b', STEPS, 0.4],
  ['no step', 'furl', STEPS, 0],
  ['a judgement', 'true', STATEMENT, 1],
  ['a letter that judges', 'T', STATEMENT, 1],
  ['no judgement', 'often', STATEMENT, 0],
  ['several gaps parted', 'port, starboard', GAPS, 0.8],
  ['several gaps by numbers', '(1) port (2) starboard', GAPS, 0.8],
  ['several gaps by blanks', 'port   starboard', GAPS, 0.8],
  ['one word for several gaps', 'port', GAPS, 0.3],
  ['a word', 'port', TYPED, 0.7],
  ['six words', 'the side on the left hand', TYPED, 0.7],
  ['seven words', 'the side on the left hand there', TYPED, 0.55],
  ['fourteen words', 'one two three four five six seven eight nine ten eleven twelve more again', TYPED, 0.55],
  ['fifteen words', 'one two three four five six seven eight nine ten eleven twelve more again end', TYPED, 0.3],
  ['a number', '12', TYPED, 0.9],
  ['a number with its unit', '12 m', TYPED, 0.9],
  ['one letter', 'b', TYPED, 0.2],
  ['points', '2 points', TYPED, 0],
  ['a judgement of a question', 'true', TYPED, 0.7],
  ['a judgement of a statement', 'true', '1. Ropes float.', 0.9],
])('%s fits: %j', (_name, key, text, fit) => expect(fitOf(key, recordOf(text))).toBe(fit))

test('pairs fit the better the more sides they have', () => {
  const record = recordOf('1. Match.\na) rear\nb) front\nc) width\nd) depth')
  const left = recordOf('2. Match.\n1) bow\n2) stern\n3) beam\n4) draught').entries
  const matching = { ...record, lists: [left] }
  const [all, half, none] = ['1b 2a 3c 4d', '1b 2a', 'port'].map((key) => fitOf(key, matching))
  expect(all).toBeCloseTo(0.95, 9)
  expect(half).toBeCloseTo(0.775, 9)
  expect(none).toBe(0)
  expect(fitOf('stem = fore', matching)).toBe(0.7)
  expect(fitOf('1b 2a 3c 4d', { ...record, rows: record.units.slice(0, 3) })).toBeCloseTo(0.95, 9)
})

test('a stem that changed is read anew', () => {
  const record = recordOf('1. The ____ is left, the ____ is right.')
  expect(expectationOf(record)).toBe('gaps')
  record.stem.splice(0, 1)
  expect(expectationOf(record)).toBe('text')
})
