import fc from 'fast-check'
import { contentOf } from '../content/model.ts'
import { isSameItem } from '../item/same-item.ts'
import { DEFAULT_TEXT_RULES, optionId, type Item } from '../item/model.ts'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { outlineOf } from '../item/outline.ts'
import { isExact } from '../testing/score-reading.ts'
import { readDraft } from './read-draft.ts'
import { tidyReading, tidyText } from './tidy.ts'

const words = fc
  .array(fc.constantFrom('tide', 'buoy', 'harbour', 'light', 'red', 'chart', 'rope'), { minLength: 2, maxLength: 6 })
  .map((list) => list.join(' '))
const question = words.map((text) => contentOf(`Which ${text} is meant?`))
const base = fc.record({
  stem: question,
  points: fc.constantFrom(1, 2, 3),
  tags: fc.constantFrom<readonly string[]>([], ['tides']),
})
const plainItem: fc.Arbitrary<Item> = fc.oneof(
  fc.tuple(base, fc.uniqueArray(words, { minLength: 2, maxLength: 6 }), fc.nat()).map(([own, texts, at]): Item => ({
    ...own,
    kind: 'single',
    shuffle: true,
    options: texts.map((text, index) => ({ id: optionId(index), content: contentOf(text) })),
    key: [optionId(at % texts.length)],
  })),
  fc.tuple(base, fc.boolean()).map(([own, value]): Item => ({
    ...own,
    stem: contentOf('The tide turns twice.'),
    kind: 'truefalse',
    key: [value],
  })),
  fc
    .tuple(base, fc.uniqueArray(words, { minLength: 1, maxLength: 3 }))
    .map(([own, key]): Item => ({ ...own, kind: 'short', key, rules: DEFAULT_TEXT_RULES })),
)

test('tidy text reads back to the same items, and tidy twice is tidy once', () => {
  fc.assert(
    fc.property(fc.array(plainItem, { minLength: 2, maxLength: 6 }), (items) => {
      const text = tidyText(items, 'A check')
      const back = readDraft({ text }).items.map((read) => read.item)
      expect(back).toHaveLength(items.length)
      back.forEach((item, index) => expect(isSameItem(item, items[index]!)).toEqual({ stem: true, key: true }))
      expect(back.map((item) => item.points)).toEqual(items.map((item) => item.points))
      expect(tidyText(back, 'A check')).toBe(text)
    }),
    { numRuns: 150 },
  )
})

const samples = ['drafts', 'layouts'].flatMap((set) => {
  const folder = join(__dirname, '../../samples', set)
  return readdirSync(folder)
    .filter((file) => /\.(?:txt|md)$/.test(file) && !file.includes('.key.'))
    .map((file) => [file, readFileSync(join(folder, file), 'utf8')] as const)
})

// Every kind of item, in every language and with every artefact of the samples: tidied, each reads back to itself.
test.each(samples)('%s, tidied, reads back to the same items and passages', (_name, text) => {
  const reading = readDraft({ text })
  const back = readDraft({ text: tidyReading(reading) })
  const outlines = reading.items.map((read) => outlineOf(read.item, false))
  const wrong = back.items
    .map((read) => outlineOf(read.item, false))
    .filter((item, index) => !outlines[index] || !isExact(outlines[index], item))
  expect(wrong).toEqual([])
  expect(back.items).toHaveLength(reading.items.length)
  expect(back.items.map((read) => read.passageId)).toEqual(reading.items.map((read) => read.passageId))
})
