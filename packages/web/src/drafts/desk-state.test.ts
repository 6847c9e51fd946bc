import { readDraft, type LinePart, type Mark, type MarkCode, type Mend } from '@zakuska/core'
import {
  bracketState,
  deskItems,
  followAll,
  isOneCause,
  linesLeftOut,
  sameDoubts,
  stopsOf,
  troubleGroups,
  whyNotSigned,
  type DeskItem,
} from './desk-state'

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

test('a list of keys whose items have them is not left out, a line of no item is', () => {
  const text =
    'Please hand this in.\n\n1. Which is a grain?\na) oak\nb) rye\n\n2. Which is a tree?\na) oak\nb) rye\n\nKey\n1 b\n2 a\n'
  const left = linesLeftOut(readDraft({ text })).map(({ from, to }) => text.slice(from, to))
  expect(left).toContain('Please hand this in.')
  expect(left).not.toContain('1 b')
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

describe('lines that are doubtful in the same way', () => {
  const doubt = (line: number, cause: string): Mark => {
    const place = { from: line * 10, to: line * 10 + 9 }
    const says = (part: LinePart): Mend => ({ label: '', edits: [], says: [{ ...place, part }] })
    return {
      code: 'reading-unsure',
      severity: 'doubt',
      lines: [line, line],
      ...place,
      message: `line ${line}`,
      cause,
      mend: says('feedback'),
      stays: says('key'),
    }
  }
  const [one] = items('1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n')
  const marked = (...marks: readonly Mark[]): DeskItem[] =>
    marks.flatMap((mark) => (one ? [{ ...one, read: { ...one.read, marks: [mark] } }] : []))

  test('are one thing to decide, said once', () => {
    const three = marked(doubt(4, 'a'), doubt(8, 'a'), doubt(12, 'b'))
    expect(troubleGroups(three).map((group) => group.label)).toEqual([
      '2 lines, read as a key, may be feedback',
      'Line 12, read as a key, may be feedback',
    ])
    expect([...sameDoubts(three)].map(([mark, at]) => [mark.message, at])).toEqual([['line 8', 0]])
    expect(stopsOf(troubleGroups(three)).map(({ mark }) => mark.message)).toEqual(['line 4', 'line 12'])
    const [group] = troubleGroups(three)
    expect(group && isOneCause(group.places)).toBe(true)
  })

  test('and so is one line between two items', () => {
    expect(troubleGroups(marked(doubt(4, 'a'), doubt(4, 'a'))).map((group) => group.label)).toEqual([
      'Line 4, read as a key, may be feedback',
    ])
  })

  test('and what an item and the draft doubt alike; once the item is signed off, the draft still says it', () => {
    const aside: Mark = { ...doubt(4, 'aside'), code: 'aside-unsure' }
    const [own] = marked(doubt(4, 'a')) as [DeskItem]
    const codes = (item: DeskItem): MarkCode[] => troubleGroups([item], [aside]).map(({ code }) => code)
    expect(codes(own)).toEqual(['reading-unsure'])
    const signOff = { by: 'Iris', at: '', remark: '', fingerprint: '' }
    expect(codes({ ...own, followed: { ...own.followed, signOff } })).toEqual(['aside-unsure'])
    expect(troubleGroups(marked(doubt(8, 'a')), [aside]).map(({ code }) => code)).toEqual([
      'aside-unsure',
      'reading-unsure',
    ])
  })

  test('others are not settled together', () => {
    const [group] = troubleGroups(marked(doubt(4, 'a'), doubt(8, 'b')))
    expect(group?.places).toHaveLength(2)
    expect(stopsOf(group ? [group] : []).map(({ mark }) => mark.message)).toEqual(['line 4', 'line 8'])
    expect(group && isOneCause(group.places)).toBe(false)
  })
})

test('what is said of the draft as a whole is decided with the rest', () => {
  const place = { lines: [9, 9] as const, from: 80, to: 90 }
  const mark = (code: MarkCode): Mark => ({ code, severity: 'doubt', message: 'said', ...place })
  const groups = troubleGroups(items(TEXT), [mark('key-for-no-item'), mark('no-items')])
  expect(groups.map((group) => group.code)).toEqual(['key-names-no-option', 'key-missing', 'key-for-no-item'])
  expect(groups.at(-1)?.places).toMatchObject([{ item: -1 }])
})
