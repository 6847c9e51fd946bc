import { applyEdits, readDraft, type Mark, type Reading } from '@zakuska/core'
import { savedDraft } from '../../testing/desk'
import { keepBackup } from '../backup'
import { deskItems, followAll, type DeskItem } from '../desk-state'
import type { ReadAnswer } from '../reader.worker'
import { keyEdits } from './key-edits'
import { nextStop } from './next-stop'
import { nextWaiting } from './next-waiting'
import { startingText } from './starting-text'
import { sameMarks } from './use-mending'
import { wholeReading } from './whole-reading'

const stop = (from: number) => ({ item: 0, mark: { from, to: from + 1, message: `at ${from}` } as Mark })

describe('the next stop', () => {
  const stops = [stop(10), stop(20), stop(30)]
  const from = (shown: Mark | null, cursor: number, step: 1 | -1) => nextStop(stops, shown, cursor, step)?.mark.from

  test('is the one after or before the one that is shown, round the end', () => {
    expect(from(stops[0]!.mark, 0, 1)).toBe(20)
    expect(from(stops[2]!.mark, 0, 1)).toBe(10)
    expect(from(stops[0]!.mark, 0, -1)).toBe(30)
  })
  test('is the first from the cursor on where none is shown', () => {
    expect(from(null, 15, 1)).toBe(20)
    expect(from(null, 20, 1)).toBe(20)
    expect(from(null, 31, 1)).toBe(10)
    expect(from(null, 25, -1)).toBe(20)
    expect(from(null, 5, -1)).toBe(30)
  })
  test('is none where nothing is left', () => expect(nextStop([], null, 0, 1)).toBeUndefined())
})

describe('the next item that waits', () => {
  const item = (ref: string, isSigned: boolean) =>
    ({ followed: { ref, signOff: isSigned ? {} : null } }) as unknown as DeskItem

  test('is the next one, from the first on again', () => {
    const items = [item('a', false), item('b', true), item('c', false)]
    expect(nextWaiting(items, items[0]!)).toBe(2)
    expect(nextWaiting(items, items[2]!)).toBe(0)
  })
  test('is none where all are signed off, or only this one waits', () => {
    const items = [item('a', true), item('b', false)]
    expect(nextWaiting(items, items[1]!)).toBeNull()
    expect(nextWaiting([item('a', true)], item('a', true))).toBeNull()
  })
  test('an item that is there no more: the first that waits', () => {
    expect(nextWaiting([item('a', true), item('b', false)], item('gone', true))).toBe(1)
  })
})

describe('the edits that set a key', () => {
  const after = (text: string, option: number): string => {
    const [read] = readDraft({ text }).items
    return applyEdits(text, keyEdits(text, read!, option))
  }
  const keyOf = (text: string) => {
    const [read] = readDraft({ text }).items
    return read && 'key' in read.item ? read.item.key : null
  }

  test('of a single choice', () => {
    expect(keyOf(after('1. Which is a grain?\na) oak\nb) rye\nc) ash\nAnswer: a\n', 1))).toEqual(['b'])
  })
  test('of a multiple choice: one more, or one less, and never none', () => {
    const text = '1. Which are grains? (pick two)\na) oak\nb) rye\nc) wheat\nAnswer: b, c\n'
    expect(keyOf(after(text, 0))).toEqual(['a', 'b', 'c'])
    expect(keyOf(after(text, 2))).toEqual(['b'])
    const [read] = readDraft({ text: after(text, 2) }).items
    if (read?.item.kind === 'multiple') expect(keyEdits(after(text, 2), read, 1)).toEqual([])
  })
  test('of a true/false item', () => {
    const text = '1. True or false: Rye is a grain.\nAnswer: False\n'
    expect(keyOf(after(text, 0))).toEqual([true])
    expect(keyOf(after(text, 1))).toEqual([false])
  })
  test('nothing for an option that is not there, and for kinds without options', () => {
    const text = '1. Which is a grain?\na) oak\nb) rye\nAnswer: a\n'
    expect(keyEdits(text, readDraft({ text }).items[0]!, 7)).toEqual([])
    const typed = '1. What is the capital of rye? ____\nAnswer: field\n'
    expect(keyEdits(typed, readDraft({ text: typed }).items[0]!, 0)).toEqual([])
  })
})

describe('what a desk begins with', () => {
  beforeEach(() => localStorage.clear())
  const draft = savedDraft('as saved', { version: 5 })
  const kept = { title: 'Mine', text: 'as typed', version: 5, base: 'as saved' }

  test('is the saved draft where nothing is kept, or the same', () => {
    expect(startingText(draft)).toMatchObject({ text: 'as saved', restored: false, version: 5, base: 'as saved' })
    keepBackup('d1', { ...kept, text: 'as saved' })
    expect(startingText(draft).restored).toBe(false)
  })
  test('is what the browser kept, from the version that it goes on from', () => {
    keepBackup('d1', { ...kept, version: 4, base: 'older' })
    expect(startingText(draft)).toMatchObject({ text: 'as typed', title: 'Mine', version: 4, base: 'older' })
  })
  test('what is older and says not from what it goes on is left: it cannot be put together', () => {
    const { base: _none, ...bare } = kept
    keepBackup('d1', { ...bare, version: 4 })
    expect(startingText(draft).restored).toBe(false)
    keepBackup('d1', bare)
    expect(startingText(draft)).toMatchObject({ text: 'as typed', base: 'as saved', restored: true })
  })
  test('a key or a taught line that was not saved is brought back, too', () => {
    keepBackup('d1', { ...kept, text: 'as saved', keyText: '1 b' })
    expect(startingText(draft)).toMatchObject({ restored: true, keyText: '1 b' })
    keepBackup('d1', {
      ...kept,
      text: 'as saved',
      taught: { lines: [{ from: 0, to: 2, part: 'stem' }], notation: null } as never,
    })
    expect(startingText(draft).taught.lines).toHaveLength(1)
  })
})

describe('a reading that comes in parts', () => {
  const text = '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. Which is a tree?\na) oak\nb) rye\nAnswer: a\n'
  const reading: Reading = readDraft({ text })
  const answer = (since: number, known: number[]): ReadAnswer => ({
    version: 2,
    answer: 2,
    since,
    reading: {
      ...reading,
      items: reading.items.map((read, at) => {
        const { item: _item, ...rest } = read
        return known.includes(at) ? { ...rest, known: at } : read
      }),
    },
  })

  test('items that were not sent again are the very same objects', () => {
    const last = { answer: 1, reading }
    const whole = wholeReading(answer(1, [0]), last)
    expect(whole.items[0]?.item).toBe(reading.items[0]?.item)
    expect(whole.items).toHaveLength(2)
  })
  test('of an answer that goes on from another one than the last, only what was sent is there', () => {
    expect(wholeReading(answer(1, [0]), { answer: 5, reading }).items).toHaveLength(1)
    expect(wholeReading(answer(0, []), { answer: 0, reading: null }).items).toHaveLength(2)
  })
})

test('marks of an older reading are found again by themselves, else by what they say', () => {
  const [a, b, again] = [stop(1).mark, stop(2).mark, { ...stop(2).mark, from: 9 }]
  expect(sameMarks([a, b], [again, a])).toEqual([a, again])
  expect(sameMarks([stop(7).mark], [a])).toEqual([])
})

test('items are followed by place, and known by their sign-off', () => {
  const text = '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n'
  const reading = readDraft({ text })
  const followed = followAll([], reading)
  expect(deskItems(reading, followed)).toHaveLength(1)
  expect(deskItems(reading, [])).toHaveLength(0)
})
