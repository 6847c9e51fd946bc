import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { readingOutline } from '../outline.ts'
import { notationOf, notationsFor, readDraft } from '../read-draft.ts'
import { LINE_PARTS, PART_KINDS, partOf, type LinePart } from '../roles/parts.ts'
import { ROLES } from '../roles/roles.ts'
import type { Notation, TaughtLine } from './model.ts'
import { NotationError, parseNotation } from './notation.ts'

/** What is said of lines, `7 key`, a line each counted from 1; `7 key alone` where no other line is to follow. */
function taught(text: string, ...said: readonly string[]): TaughtLine[] {
  const lines = text.split('\n')
  return said.map((one) => {
    const [number = '', part = '', alone] = one.split(' ')
    const from = lines.slice(0, Number(number) - 1).reduce((sum, line) => sum + line.length + 1, 0)
    return { from, to: from + (lines[Number(number) - 1]?.length ?? 0), part: part as LinePart, alike: !alone }
  })
}

const keysOf = (text: string, more: { taught?: readonly TaughtLine[]; notation?: Notation } = {}): unknown =>
  (readingOutline(readDraft({ text, ...more }))['items'] as readonly Record<string, unknown>[]).map((one) => one['key'])

// Ours: notations of nobody, each misread as it stands, and what one line has to be said to be.
const SIGNALS = readFileSync(join(__dirname, '../../../samples/taught/signals.txt'), 'utf8')
const SENTENCES = `Tide tables

Task. Which water is highest?
spring tide
neap tide
slack water
It is spring tide, at full and new moon.

Task. How long from high to low water?
three hours
six hours
twelve hours
It is six hours, a little more.
`

test('words that are not the key are taken out of all keys by one word about one line', () => {
  const right = [['starboard'], ['port'], ['I do not understand you']]
  expect(keysOf(SIGNALS)).not.toEqual(right)
  expect(keysOf(SIGNALS, { taught: taught(SIGNALS, '5 none') })).toEqual(right)
})

test('lines that look alike follow, others keep what they were', () => {
  const before = readDraft({ text: SENTENCES })
  const { parts, items } = readDraft({ text: SENTENCES, taught: taught(SENTENCES, '7 feedback') })
  const changed = parts.flatMap((part, at) => (part === before.parts[at] ? [] : [`${at + 1} ${String(part)}`]))
  expect(changed).toEqual(expect.arrayContaining(['7 feedback', '13 feedback']))
  expect(changed).toHaveLength(2)
  expect(items.map((read) => read.item.feedback !== undefined)).toEqual([true, true])
})

test('of one line alone no other follows', () => {
  const { parts } = readDraft({ text: SIGNALS, taught: taught(SIGNALS, '5 none alone') })
  expect([parts[4], parts[8]]).toEqual(['none', readDraft({ text: SIGNALS }).parts[8]])
})

test('what is said of a line holds against what was said of lines that look alike', () => {
  const { parts } = readDraft({ text: SIGNALS, taught: taught(SIGNALS, '5 none', '9 feedback alone') })
  expect([parts[4], parts[8], parts[12]]).toEqual(['none', 'feedback', 'none'])
})

test('what is no part of it says nothing about the items below; a heading does', () => {
  const text = 'Grain\n\nTrue or false:\n\nRye is a grain.\nAnswer: true\n\nOak is a grain.\nAnswer: false\n'
  const kindsOf = (part: string): unknown =>
    readDraft({ text, taught: taught(text, `3 ${part}`) }).aside.map((line) => line.reason)
  expect(kindsOf('heading')).toEqual(['title', 'section'])
  expect(kindsOf('none')).toEqual(['title', 'other'])
})

test('a line is what it is said to be, whatever it is said to be', () => {
  const text = SIGNALS
  const lines = text.split('\n').flatMap((line, at) => (line ? [at + 1] : []))
  fc.assert(
    fc.property(fc.constantFrom(...lines.slice(2)), fc.constantFrom(...LINE_PARTS), (line, part) => {
      const found = readDraft({ text, taught: taught(text, `${line} ${part} alone`) }).parts[line - 1]
      const isAside = (one: unknown): boolean => one === 'none' || one === 'heading'
      expect(found === part || (isAside(found) && isAside(part))).toBe(true)
    }),
    { numRuns: 40 },
  )
})

test('every role is a part in words, and every part has a role', () => {
  for (const role of ROLES) expect(LINE_PARTS).toContain(partOf(role))
  expect(LINE_PARTS.flatMap((part) => PART_KINDS[part].roles)).toEqual(expect.arrayContaining([...ROLES]))
})

describe('notations', () => {
  const kept = notationOf({ text: SIGNALS, taught: taught(SIGNALS, '5 none') }, 'Not these')
  const other = SIGNALS.replace('starboard', 'the left').replace('Signals', 'Signals again')
  const keys = [['the left'], ['port'], ['I do not understand you']]

  test('what was taught is kept as rules, by which another draft is read', () => {
    expect(kept.rules).toMatchObject([{ look: { word: 'key not' }, part: 'none' }])
    expect(keysOf(other)).not.toEqual(keys)
    expect(keysOf(other, { notation: kept })).toEqual(keys)
  })

  test('what is said of the draft itself counts more', () => {
    const reading = readDraft({ text: other, notation: kept, taught: taught(other, '5 feedback') })
    expect(reading.parts[4]).toBe('feedback')
  })

  test('rules stay when a draft that was read by them is taught more', () => {
    const more = notationOf({ text: other, notation: kept, taught: taught(other, '1 heading') }, 'Not these')
    expect(more.rules.map((rule) => rule.part)).toEqual(['none', 'heading'])
    expect(notationOf({ text: other }, 'Nothing').rules).toEqual([])
  })

  test('a draft of another kind is not touched by it', () => {
    const text = readFileSync(join(__dirname, '../../../samples/drafts/01-knots-ropework.txt'), 'utf8')
    expect(readDraft({ text, notation: kept })).toEqual(readDraft({ text }))
  })

  test('is tried only where a draft has lines that it is about', () => {
    const unlike = {
      name: 'Unlike',
      rules: [{ look: { sort: 'plain', sign: '¤¤' }, was: 'out', part: 'key' }],
    } as const
    expect(notationsFor({ text: other }, [unlike, kept]).map((one) => one.name)).toEqual(['Not these'])
    expect(notationsFor({ text: 'Who?\nme' }, [unlike, kept])).toEqual([])
    expect(notationsFor({ text: other }, [kept, kept, kept, kept])).toHaveLength(3)
  })

  test('goes to a file and back', () => {
    expect(parseNotation(JSON.parse(JSON.stringify(kept)))).toEqual(kept)
  })

  test.each<[string, unknown]>([
    ['no object', 'Two signs'],
    ['no name', { rules: [] }],
    ['an empty name', { name: ' ', rules: [] }],
    ['no rules', { name: 'x' }],
    ['a rule that is none', { name: 'x', rules: [7] }],
    ['a part that there is not', { name: 'x', rules: [{ look: { sort: 'plain' }, was: 'out', part: 'riddle' }] }],
    ['a role that there is not', { name: 'x', rules: [{ look: { sort: 'plain' }, was: 'riddle', part: 'key' }] }],
    ['a look without a sort', { name: 'x', rules: [{ look: {}, was: 'out', part: 'key' }] }],
    ['a sign that is no text', { name: 'x', rules: [{ look: { sort: 'plain', sign: 3 }, was: 'out', part: 'key' }] }],
    ['too many rules', { name: 'x', rules: new Array(501).fill(kept.rules[0]) }],
  ])('%s is refused with one sentence', (_name, value) => {
    expect(() => parseNotation(value)).toThrow(NotationError)
    expect(() => parseNotation(value)).toThrow(/\.$/)
  })
})
