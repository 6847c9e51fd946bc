import { contentOf, type Item, type Response } from '@zakuska/core'
import type { Sitting, Taking } from '../sitting.entity.ts'
import { handIn, responsesOf, shownTo } from './arranged.ts'
import { GRACE_MS, isOpenNow, isShut, stateOf } from './opening.ts'
import { hashOf, newCode, newToken } from './tokens.ts'

const option = (id: string, text: string) => ({ id, content: contentOf(text) })
const ITEMS: Item[] = Array.from({ length: 6 }, (_none, at) => ({
  ...{ kind: 'single', stem: contentOf(`Question ${at}?`), points: 1, tags: [], shuffle: true, key: ['b'] },
  ...{ options: [option('a', 'oak'), option('b', 'rye'), option('c', 'ash')], hint: contentOf('bread') },
  feedback: contentOf('Rye is a grain.'),
}))
const taking = (more: Partial<Taking> = {}): Taking => ({
  ...{
    mode: 'test',
    isOpen: true,
    opensAt: null,
    closesAt: null,
    who: 'anyone',
    people: [],
    attempts: null,
    timeLimit: null,
  },
  ...{ instructions: '', identity: [], shuffleItems: true, shuffleOptions: true, feedbackWhen: 'after', tries: null },
  ...{ sections: [], places: ITEMS.map(() => ({ section: null, required: true })) },
  ...(more as object),
})
const sitting = (more: Partial<Taking> = {}): Sitting =>
  ({ items: ITEMS.map((body, at) => ({ itemId: `i${at}`, body })), taking: taking(more) }) as unknown as Sitting

describe('what one person sees', () => {
  test('is the same each time, and another order for others', () => {
    const places = (seed: number) => shownTo(sitting(), seed).map(({ place }) => place)
    expect(places(7)).toEqual(places(7))
    expect(new Set([1, 2, 3, 4, 5].map((seed) => places(seed).join())).size).toBeGreaterThan(1)
    expect([...places(7)].sort()).toEqual([0, 1, 2, 3, 4, 5])
  })
  test('stays in the order of the paper where that is set, section by section', () => {
    const set = sitting({ shuffleItems: false })
    expect(shownTo(set, 3).map(({ place }) => place)).toEqual([0, 1, 2, 3, 4, 5])
    const parted = sitting({ places: ITEMS.map((_item, at) => ({ section: at < 3 ? 0 : 1, required: at !== 2 })) })
    const sections = shownTo(parted, 11).map(({ section }) => section)
    expect(sections).toEqual([0, 0, 0, 1, 1, 1])
    expect(shownTo(parted, 11).filter(({ required }) => !required)).toHaveLength(1)
  })
  test('says nothing of the key', () => {
    const shown = JSON.stringify(shownTo(sitting(), 5).map(({ student }) => student.item))
    expect(shown).not.toContain('Rye is a grain')
    expect(shown).not.toContain('bread')
    expect(shown).not.toContain('"key":["b"]')
  })
})

describe('what was saved, as responses to the items', () => {
  /** Picks the option that reads so, as it is shown to this person. */
  const picked = (one: Sitting, seed: number, at: number, says: string): Response => {
    const { item } = shownTo(one, seed)[at]?.student ?? {}
    if (item?.kind !== 'single') throw new Error('It is no choice.')
    const found = item.options.find(({ content }) => JSON.stringify(content).includes(says))
    return { kind: 'choice', chosen: found ? [found.id] : [] }
  }
  test('come back to their places and earn what they should, whatever the order was', () => {
    for (const seed of [1, 2, 3, 99]) {
      const one = sitting()
      const answers = Object.fromEntries(
        ITEMS.map((_item, at) => [at, { n: 1, response: picked(one, seed, at, at % 2 ? 'rye' : 'ash') }]),
      )
      const responses = responsesOf(one, { seed, answers })
      const right = responses.filter(
        (response, at) => response?.kind === 'choice' && response.chosen.join() === 'b' && ITEMS[at],
      )
      expect(right).toHaveLength(3)
      expect(responses.every((response) => response !== null)).toBe(true)
    }
  })
  test('what fits no item, and what is no answer, is passed over', () => {
    const answers = {
      0: { n: 1, response: { kind: 'truth', value: true } },
      1: { n: 1, response: { kind: 'choice', chosen: [] } },
      99: { n: 1, response: { kind: 'text', text: 'x' } },
    } as never
    expect(responsesOf(sitting(), { seed: 1, answers })).toEqual(ITEMS.map(() => null))
  })
  test('handing in keeps them with their time', () => {
    const attempt = { seed: 4, answers: {}, isHandedIn: false } as never as Parameters<typeof handIn>[1]
    const at = new Date('2026-11-29T10:00:00Z')
    handIn(sitting(), attempt, at)
    expect(attempt).toMatchObject({ isHandedIn: true, submittedAt: at })
    expect(attempt.responses).toHaveLength(6)
  })
})

describe('open and closed', () => {
  const now = new Date('2026-11-29T10:00:00Z')
  const at = (seconds: number): string => new Date(now.getTime() + seconds * 1000).toISOString()
  test.each<[string, Partial<Taking>, string]>([
    ['by hand', {}, 'open'],
    ['closed by hand', { isOpen: false }, 'closed'],
    ['not yet', { opensAt: at(60) }, 'early'],
    ['since a minute', { opensAt: at(-60) }, 'open'],
    ['until a minute ago', { closesAt: at(-60) }, 'closed'],
    ['until this very moment', { closesAt: at(0) }, 'closed'],
    ['closed before it opens', { opensAt: at(60), closesAt: at(-60) }, 'closed'],
  ])('%s', (_what, more, state) => {
    expect(stateOf(taking(more), now)).toBe(state)
    expect(isOpenNow(taking(more), now)).toBe(state === 'open')
  })
  test('what is on its way when it closes is still taken, and no longer', () => {
    expect(isShut(taking({ closesAt: at(-GRACE_MS / 1000 + 1) }), now)).toBe(false)
    expect(isShut(taking({ closesAt: at(-GRACE_MS / 1000 - 1) }), now)).toBe(true)
    expect(isShut(taking({ isOpen: false }), now)).toBe(true)
    expect(isShut(taking(), now)).toBe(false)
  })
})

describe('codes and tokens that people type', () => {
  test('hold no signs that are mistaken for one another', () => {
    for (let turn = 0; turn < 50; turn++) {
      expect(newCode()).toMatch(/^[A-HJ-NP-Z2-9]{6}$/)
      expect(newToken()).toMatch(/^[A-HJ-NP-Z2-9]{4}(?:-[A-HJ-NP-Z2-9]{4}){2}$/)
    }
  })
  test('open the same attempt however they are typed, and nothing is kept of them', () => {
    const token = newToken()
    expect(hashOf(token.toLowerCase().replaceAll('-', ' '))).toBe(hashOf(token))
    expect(hashOf(newToken())).not.toBe(hashOf(token))
    expect(hashOf(token)).not.toContain(token.replaceAll('-', ''))
  })
})
