import { contentOf, type Item } from '@zakuska/core'
import type { Schemas } from '../api/client'

/** Made-up answers of the server about dispatch, for tests of its pages. */

export const DESTINATIONS: Schemas['DestinationDto'][] = [
  {
    ...{ id: 'inlet', name: 'Inlet', connects: 'consent', replaces: true, noun: 'form', knowsPeople: true },
    into: ['new', 'add'],
    address: 'http://127.0.0.1:4420',
  },
  {
    ...{ id: 'breakwater', name: 'Breakwater', connects: 'token', replaces: true, noun: 'quiz', knowsPeople: false },
    into: ['new', 'add', 'bank'],
    address: '',
  },
  {
    ...{ id: 'foghorn', name: 'Foghorn', connects: 'token', replaces: false, noun: 'game', knowsPeople: false },
    into: ['new'],
    address: '',
  },
]

export const FORMS: Schemas['ConnectionDto'] = {
  ...{ id: 'c-forms', destination: 'inlet', name: 'Class forms', url: 'http://127.0.0.1:4420', ended: null },
  told: {},
}
export const COURSE: Schemas['ConnectionDto'] = {
  ...{ id: 'c-course', destination: 'breakwater', name: 'Pilotage course', url: 'http://127.0.0.1:4410', ended: null },
  told: {},
}

export function connections(...known: Schemas['ConnectionDto'][]): Schemas['ConnectionsDto'] {
  return { connections: known, destinations: DESTINATIONS, allowed: [] }
}

export const RYE: Item = {
  ...{ kind: 'truefalse', stem: contentOf('Rye is a grain.'), points: 1, tags: [], key: [true] },
}
export const DEPTH: Item = {
  ...{ kind: 'numeric', stem: contentOf('How deep is it?'), points: 1, tags: [] },
  key: [{ value: 3.2, tolerance: 0.1 }],
}

function kept(id: string, body: Item, isSigned: boolean): object {
  return { id, body, revision: 1, signOff: isSigned ? { by: 'Iris Holm' } : null }
}

/** A paper of a signed true-or-false item and an unsigned number. */
export function paper(more: object = {}): object {
  const items = [kept('i-rye', RYE, true), kept('i-depth', DEPTH, false)]
  return {
    ...{ id: 'p', title: 'Week 2', instructions: '', version: 1, versionOf: null, rules: [], sections: [] },
    ...{ identity: ['Name'], timeLimit: null, attempts: null, feedbackWhen: 'after' },
    ...{ shuffleItems: false, shuffleOptions: true, items },
    entries: [
      { itemId: 'i-rye', points: 1, required: true, sectionId: null },
      { itemId: 'i-depth', points: 1, required: true, sectionId: null },
    ],
    ...more,
  }
}

export function delivery(more: Partial<Schemas['DeliveryDto']> = {}): Schemas['DeliveryDto'] {
  return {
    ...{ id: 'd', paperId: 'p', title: 'Week 2', destination: 'inlet', connectionId: 'c-forms' },
    ...{ connectionName: 'Class forms', into: 'new', state: 'done', done: 1, total: 1, why: null },
    ...{
      address: 'http://127.0.0.1:4420/f/form-1',
      manage: null,
      joinCode: null,
      isOpen: true,
      again: null,
      opensAt: null,
      closesAt: null,
      people: null,
    },
    ...{ provenAt: '2026-11-29T10:00:00.000Z', disagreeing: 0 },
    ...{ sentBy: 'Iris Holm', createdAt: '2026-11-29T09:59:00.000Z' },
    items: [
      {
        itemId: 'i-rye',
        revision: 1,
        name: 'item-1',
        body: RYE,
        outcome: 'created',
        why: null,
        changes: [],
        since: null,
      },
    ],
    proof: [
      {
        item: 0,
        verdict: 'proven',
        probes: [{ kind: 'key', response: { kind: 'truth', value: true }, share: 1, got: 1, verdict: 'agrees' }],
      },
    ],
    since: { edited: 0, keys: 0, added: 0, removed: 0 },
    asked: { remedies: '', includeUnsigned: false, forAll: null },
    ...more,
  }
}
