import { readDraft } from '../draft/read-draft.ts'
import { fingerprint } from '../item/fingerprint.ts'
import { editsForItems } from './replace.ts'

/** One draft of three items in the manners in which assistants lay them out. */
const MANNERS = {
  plain:
    '1. Which of the streams runs out of the harbour?\na) ebb\nb) flood\nAnswer: a\n\n2. True or false: Fog is dry.\nAnswer: False\n\n3. What is the word for a short rope?\nAnswer: lanyard\n',
  bold: 'Here you go:\n\n**Question 1:** Which of the streams runs out of the harbour?\nA) ebb\nB) flood\n**Correct answer: A**\n\n**Question 2:** True or false: Fog is dry.\n**Correct answer: False**\n\n**Question 3:** What is the word for a short rope?\n**Correct answer: lanyard**\n',
  bare: 'Which of the streams runs out of the harbour?\nA. ebb\nB. flood\nAnswer: A\n\nTrue or false: Fog is dry.\nAnswer: False\n\nWhat is the word for a short rope?\nAnswer: lanyard\n',
  keys: '1. Which of the streams runs out of the harbour?\na) ebb\nb) flood\n\n2. True or false: Fog is dry.\n\n3. What is the word for a short rope?\n\nAnswers:\n1. a\n2. False\n3. lanyard\n',
} as const

const [other] = readDraft({ text: '1. Which runs in?\na) ebb\nb) flood\nc) neap\nAnswer: b\n' }).items

function replaced(text: string, at: number): string {
  if (!other) throw new Error('The other item was not read.')
  const reading = readDraft({ text })
  return editsForItems({ text }, reading, new Map([[at, other.item]]))
    .sort((a, b) => b.from - a.from)
    .reduce((now, { from, to, insert }) => now.slice(0, from) + insert + now.slice(to), text)
}

const prints = (text: string) => readDraft({ text }).items.map(({ item }) => fingerprint(item))

test.each(Object.entries(MANNERS))(
  'in a draft laid out %s, another item takes the place and the rest stays',
  (_name, text) => {
    for (const at of [0, 1, 2]) {
      const before = prints(text)
      expect(before).toHaveLength(3)
      const wanted = before.map((print, place) => (place === at && other ? fingerprint(other.item) : print))
      expect(prints(replaced(text, at))).toEqual(wanted)
    }
  },
)

test('the number of the old one is kept, and a place that is not there changes nothing', () => {
  expect(replaced(MANNERS.plain, 2)).toMatch(/\n3\. Which runs in\?/)
  expect(replaced(MANNERS.plain, 9)).toBe(MANNERS.plain)
})
