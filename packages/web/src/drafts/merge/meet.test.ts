import type { FollowedItem, SignOff } from '@zakuska/core'
import type { SavedDraft } from '../queries'
import { clashesWith, meet, type OnDesk } from './meet'

const BASE = '1. Which is a grain?\na) oak\nb) rye\n\n2. Which is a tree?\na) oak\nb) rye'

const signOff = (by: string): SignOff => ({ by, at: '2026-11-29T08:00:00.000Z', remark: '', fingerprint: 'print' })

function followed(ref: string, more: Partial<FollowedItem> = {}): FollowedItem {
  return { ref, from: 0, to: 20, fingerprint: 'print', signOff: null, bankItemId: null, lostSignOff: null, ...more }
}

function desk(more: Partial<OnDesk> = {}): OnDesk {
  return { title: 'Grains', text: BASE, keyText: null, followed: [], styles: [], taught: [], ...more }
}

function saved(more: Partial<SavedDraft> = {}): SavedDraft {
  return {
    id: 'd',
    title: 'Grains',
    text: BASE,
    keyText: null,
    source: null,
    styles: [],
    taught: [],
    notation: null,
    followed: [],
    version: 2,
    itemCount: 2,
    signedCount: 0,
    troubleCount: 0,
    updatedAt: '2026-11-29T08:00:00.000Z',
    updatedBy: 'Torben',
    ...more,
  }
}

test('a title that only the other one changed is theirs, one that I changed is mine', () => {
  expect(meet(desk(), desk(), saved({ title: 'Theirs' })).title).toBe('Theirs')
  expect(meet(desk(), desk({ title: 'Mine' }), saved({ title: 'Theirs' })).title).toBe('Mine')
})

test('texts and keys are put together each for itself, and the choices go to their places', () => {
  const mine = desk({ text: BASE.replace('grain', 'corn'), keyText: '1 a' })
  const theirs = saved({ text: BASE.replace('grain', 'cereal'), keyText: '1 b' })
  const base = desk({ keyText: '1 c' })
  expect(clashesWith(base, mine, theirs)).toEqual([
    { mine: '1. Which is a corn?', theirs: '1. Which is a cereal?' },
    { mine: '1 a', theirs: '1 b' },
  ])
  const met = meet(base, mine, theirs, ['theirs', 'mine'])
  expect(met.text).toBe(theirs.text)
  expect(met.keyText).toBe('1 a')
})

test('a key that is taken out by one is gone', () => {
  expect(meet(desk({ keyText: '1 b' }), desk({ keyText: '1 b' }), saved({ keyText: null })).keyText).toBeNull()
})

test('dress and what was taught of both stand at their lines', () => {
  const mine = desk({
    text: `Title\n${BASE}`,
    styles: [{ from: 6, to: 10, style: 'strong' }],
    taught: [{ from: 0, to: 5, part: 'title', alike: false }] as unknown as OnDesk['taught'],
  })
  const at = BASE.indexOf('2. Which')
  const met = meet(desk(), mine, saved({ styles: [{ from: at, to: at + 8, style: 'underline' }] }))
  expect(met.text).toBe(mine.text)
  expect(met.styles).toEqual([
    { from: 6, to: 10, style: 'strong' },
    { from: at + 6, to: at + 14, style: 'underline' },
  ])
  expect(met.taught).toHaveLength(1)
})

describe('sign-offs', () => {
  test('one that only the other gave counts, and so does one that only they took back', () => {
    const given = meet(
      desk({ followed: [followed('a')] }),
      desk({ followed: [followed('a')] }),
      saved({ followed: [followed('a', { signOff: signOff('Torben') })] }),
    )
    expect(given.followed[0]?.signOff?.by).toBe('Torben')
    const was = followed('a', { signOff: signOff('Iris') })
    const back = meet(desk({ followed: [was] }), desk({ followed: [was] }), saved({ followed: [followed('a')] }))
    expect(back.followed[0]?.signOff).toBeNull()
  })

  test('one that I gave stays mine', () => {
    const met = meet(
      desk({ followed: [followed('a')] }),
      desk({ followed: [followed('a', { signOff: signOff('Iris') })] }),
      saved({ followed: [followed('a')] }),
    )
    expect(met.followed[0]?.signOff?.by).toBe('Iris')
  })

  test('items that only the other one has are known where they stand now', () => {
    const at = BASE.indexOf('2. Which')
    const met = meet(
      desk(),
      desk({ text: `Title\n${BASE}` }),
      saved({ followed: [followed('b', { from: at, to: at + 10, bankItemId: 'bank' })] }),
    )
    expect(met.theirItems).toMatchObject([{ ref: 'b', from: at + 6, to: at + 16, bankItemId: 'bank' }])
  })
})
