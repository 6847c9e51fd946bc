import { contentOf, DEFAULT_TEXT_RULES, type Item, type Response } from '@zakuska/core'
import type { Schemas } from '../api/client'

/** Made-up answers of the server about results, for tests of its pages. */

export const KNOT: Item = {
  ...{ kind: 'short', stem: contentOf('Which knot makes a loop?'), points: 2, tags: ['knots'], key: ['bowline'] },
  rules: DEFAULT_TEXT_RULES,
}
export const BUOY: Item = {
  ...{
    kind: 'single',
    stem: contentOf('Which buoy is to port?'),
    points: 1,
    tags: ['buoys'],
    key: ['a'],
    shuffle: true,
  },
  options: ['can', 'cone'].map((text, at) => ({ id: 'ab'[at] ?? '', content: contentOf(text) })),
}
export const SHORE: Item = { kind: 'essay', stem: contentOf('Why is a lee shore dangerous?'), points: 4, tags: [] }

const typed = (text: string): Response => ({ kind: 'text', text })
const chosen = (id: string): Response => ({ kind: 'choice', chosen: [id] })

export function attempt(
  student: string,
  responses: readonly (Response | null)[],
  more: Partial<Schemas['AttemptDto']> = {},
): Schemas['AttemptDto'] {
  return {
    ...{
      id: `a-${student}`,
      student,
      person: student.toLowerCase(),
      fields: { Name: student },
      given: {},
      remarks: {},
    },
    ...{ history: [], isHandedIn: true, submittedAt: '2026-03-02T19:10:00.000Z', counts: true },
    responses: [...responses],
    ...more,
  }
}

/** Six people: one wrote "bowlin", one essay waits. */
export const ATTEMPTS = [
  attempt('Bente', [typed('bowline'), chosen('a'), typed('The wind drives the ship ashore.')]),
  attempt('Corvin', [typed('bowlin'), chosen('a'), null]),
  attempt('Dagny', [typed('reef'), chosen('b'), null]),
  attempt('Eskil', [typed('Bowline'), chosen('b'), null]),
  attempt('Fenja', [typed('bowlin'), chosen('a'), null]),
  attempt('Gisle', [null, chosen('a'), null]),
]

export function sitting(more: Partial<Schemas['SittingDto']> = {}): Schemas['SittingDto'] {
  return {
    ...{ id: 's', title: 'Week 2', source: 'file', paperId: 'p', deliveryId: null, destination: null, code: null },
    ...{
      attempts: 6,
      underWay: 0,
      underWayList: [],
      isOpen: false,
      fetchedAt: null,
      createdAt: '2026-03-02T18:00:00.000Z',
      version: 3,
    },
    items: [KNOT, BUOY, SHORE].map((item, at) => ({ itemId: `i${at}`, revision: 1, body: item, inBank: null })),
    attemptList: ATTEMPTS,
    settings: { which: 'last', threshold: 0.5, leftOut: [] },
    taking: null,
    regradings: [],
    ...more,
  }
}

export const TAKING: Schemas['TakingDto'] = {
  ...{ mode: 'test', isOpen: true, opensAt: null, closesAt: null, who: 'anyone', people: [], attempts: null },
  ...{ timeLimit: null, feedbackWhen: 'after', tries: null, shuffleItems: false, shuffleOptions: true },
}
