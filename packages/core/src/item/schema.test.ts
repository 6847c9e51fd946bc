import { Ajv2020 } from 'ajv/dist/2020.js'
import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { barePlan } from '../formats/paper-plan.ts'
import { anyItem } from '../testing/arbitraries.ts'
import { checkItem } from './check.ts'

// The published schema (JSON Schema 2020-12) against the check that the code uses, by a general validator.
const schema = JSON.parse(readFileSync(join(__dirname, '../../../../docs/items.schema.json'), 'utf8')) as object
const validate = new Ajv2020({ strictTypes: false, allowUnionTypes: true }).compile(schema)
const isValid = (item: unknown): boolean => validate({ zakuska: 1, title: null, items: [item] })

test('every item that can be made is valid', () => {
  fc.assert(
    fc.property(anyItem, (item) => {
      expect(isValid(item)).toBe(true)
    }),
    { numRuns: 300 },
  )
})

test('an item that lacks a field is refused by both, and never by one alone for its shape', () => {
  fc.assert(
    fc.property(anyItem, fc.nat(), (item, at) => {
      const names = Object.keys(item)
      const { [names[at % names.length] as keyof typeof item]: _gone, ...rest } = item
      expect(isValid(rest)).toBe(checkItem(rest).length === 0)
    }),
    { numRuns: 300 },
  )
})

test.each<[string, object]>([
  ['points below nothing', { points: -1 }],
  ['tags that are no list', { tags: 'buoys' }],
  ['an unknown kind', { kind: 'riddle' }],
  ['text of an unknown sort', { stem: [{ type: 'script', text: 'x' }] }],
])('%s: refused by both', (_name, part) => {
  const [item] = fc.sample(anyItem, { numRuns: 1, seed: 3 })
  const broken = { ...item, ...part }
  expect([isValid(broken), checkItem(broken).length === 0]).toEqual([false, false])
})

test('a paper is held by the schema as it is written, and not with parts that are none', () => {
  const paper = {
    ...barePlan(1),
    identity: ['Name'],
    timeLimit: 600,
    sections: [{ title: 'One', instructions: 'Read it.' }],
    places: [{ section: 0, required: false }],
  }
  const [item] = fc.sample(anyItem, { numRuns: 1, seed: 4 })
  const isFile = (said: object): boolean => validate({ zakuska: 1, title: null, paper: said, items: [item] })
  expect(isFile(paper)).toBe(true)
  expect(isFile({ ...paper, timeLimit: 0 })).toBe(false)
  expect(isFile({ ...paper, feedbackWhen: 'later' })).toBe(false)
  expect(isFile({ ...paper, colour: 'red' })).toBe(false)
})
