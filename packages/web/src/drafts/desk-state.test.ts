import { readDraft } from '@zakuska/core'
import { bracketState, deskItems, followAll, troubleGroups, whyNotSigned } from './desk-state'

const TEXT =
  '1. Which is a grain?\na) oak\nb) rye\nAnswer: d\n\n2. Which is a tree?\na) oak\nb) rye\n\n3. Which?\na) oak\nb) rye\nAnswer: a\n'

function items(text: string) {
  const reading = readDraft({ text })
  return deskItems(reading, followAll([], reading))
}

test('what is left to decide is grouped by kind of trouble, with a count', () => {
  expect(troubleGroups(items(TEXT)).map((group) => [group.code, group.label, group.severity])).toEqual([
    ['key-names-no-option', '1 key names no option', 'trouble'],
    ['key-missing', '1 item without a key', 'trouble'],
  ])
})

test('an item with trouble cannot be signed off, and says why', () => {
  const [first, , third] = items(TEXT)
  expect(first && whyNotSigned(first)).toMatch(/D/i)
  expect(third && whyNotSigned(third)).toBeNull()
  expect(first && bracketState(first)).toBe('trouble')
  expect(third && bracketState(third)).toBe('waits')
})

test('a signed item waits for nothing any more', () => {
  const signed = items('1. How many are 6 x 1023?\na) few\nb) many\nAnswer: b\n').map((item) => ({
    ...item,
    followed: { ...item.followed, signOff: { by: 'Iris', at: '', remark: '', fingerprint: '' } },
  }))
  expect(troubleGroups(signed)).toEqual([])
  expect(signed[0] && bracketState(signed[0])).toBe('signed')
})
