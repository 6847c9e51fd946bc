import { fingerprint } from '../item/fingerprint.ts'
import { followItems, type FollowedItem } from './follow.ts'
import { readDraft } from './read-draft.ts'

const item = (number: number, word: string): string => `${number}. Which is ${word}?\na) oak\nb) rye\nAnswer: b\n`

function start(text: string): FollowedItem[] {
  let next = 0
  return followItems([], readDraft({ text }), () => `r${next++}`).map((one) => ({
    ...one,
    signOff: { by: 'Iris', at: '2026-11-23T10:00:00Z', remark: '', fingerprint: one.fingerprint },
  }))
}

const shiftBy = (items: readonly FollowedItem[], units: number): FollowedItem[] =>
  items.map((one) => ({ ...one, from: one.from + units, to: one.to + units }))
const never = (): string => 'new'

describe('items are followed through edits', () => {
  const text = [item(1, 'a grain'), item(2, 'a tree')].join('\n')

  test('text put in front moves them and keeps their sign-off', () => {
    const moved = followItems(shiftBy(start(text), 7), readDraft({ text: `Title\n\n${text}` }), never)
    expect(moved.map((one) => [one.ref, one.signOff !== null])).toEqual([
      ['r0', true],
      ['r1', true],
    ])
  })

  test('a changed key takes the sign-off and says so', () => {
    const changed = followItems(start(text), readDraft({ text: text.replace('Answer: b', 'Answer: a') }), never)
    expect(changed.map((one) => [one.ref, one.signOff !== null, one.lostSignOff !== null])).toEqual([
      ['r0', false, true],
      ['r1', true, false],
    ])
  })

  test('and it comes back when the change is taken back', () => {
    const changed = followItems(start(text), readDraft({ text: text.replace('Answer: b', 'Answer: a') }), never)
    expect(followItems(changed, readDraft({ text }), never).map((one) => one.signOff?.by)).toEqual(['Iris', 'Iris'])
  })

  test('what was put in front and read as one with an item does not keep its sign-off when they are parted', () => {
    const more = '9. Bread is baked of ___.\nAnswer: rye\n\n'
    const joined = followItems(start(text), readDraft({ text: text.replace('Answer: b', 'Answer: a') }), never)
    const widened = joined.map((one, index) => (index === 0 ? { ...one, to: one.to + more.length } : one))
    const parted = followItems(widened, readDraft({ text: `${more}${text}` }), never)
    expect(parted.map((one) => [one.ref, one.signOff !== null])).toEqual([
      ['new', false],
      ['r0', true],
      ['r1', true],
    ])
  })

  test('a tag does not', () => {
    const tagged = followItems(
      start(text),
      readDraft({ text: text.replace('Answer: b', 'Answer: b\nTags: bread') }),
      never,
    )
    expect(tagged[0]).toMatchObject({ ref: 'r0', lostSignOff: null })
    expect(tagged[0]?.signOff).not.toBeNull()
  })

  test('items that change places keep their own sign-off', () => {
    const swapped = [item(1, 'a tree'), item(2, 'a grain')].join('\n')
    const reading = readDraft({ text: swapped })
    expect(
      followItems(start(text), reading, never).map(
        (one, index) => one.signOff?.fingerprint === fingerprint(reading.items[index]!.item),
      ),
    ).toEqual([true, true])
  })

  test('a new item gets a new reference', () => {
    expect(
      followItems(start(text), readDraft({ text: `${text}\n${item(3, 'new')}` }), never).map((one) => one.ref),
    ).toEqual(['r0', 'r1', 'new'])
  })
})
