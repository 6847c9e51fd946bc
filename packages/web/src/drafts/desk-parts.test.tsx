import { readDraft, type FollowedItem } from '@zakuska/core'
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage } from '../testing/page'
import type { DeskItem } from './desk-state'
import { DeskCard } from './DeskCard'
import { KeyPane } from './KeyPane'
import { SendOn } from './SendOn'
import type { Desk } from './use-desk'

const TEXT =
  '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. True or false: Rye grows.\nAnswer: True\n\n3. Which has no key?\na) oak\nb) elm\n'
const SIGN_OFF = { by: 'Iris Holm', at: '2026-11-29T10:00:00.000Z', remark: '', fingerprint: 'f' }

function deskItems(signed: readonly number[], inBank: Readonly<Record<number, string>> = {}): DeskItem[] {
  return readDraft({ text: TEXT }).items.map((read, at) => {
    const followed: FollowedItem = {
      ...{ ref: `r${at}`, from: read.from, to: read.to, fingerprint: `f${at}`, lostSignOff: null },
      bankItemId: inBank[at] ?? null,
      signOff: signed.includes(at) ? SIGN_OFF : null,
    }
    return { read, followed }
  })
}

describe('a card', () => {
  const done = { goTo: jest.fn(), setKey: jest.fn(), signOff: jest.fn(), takeBack: jest.fn() }
  beforeEach(() => jest.clearAllMocks())
  const show = (at: number, signed: readonly number[] = [], person = OWNER) => {
    const item = deskItems(signed)[at]
    if (!item) throw new Error('no item')
    return showPage(<DeskCard item={item} index={at} here={false} asIn={new Map()} {...done} />, { person })
  }

  test('signs off by a click; one that is signed off is taken back by another, and keeps the focus', async () => {
    const waiting = show(0)
    await userEvent.click(screen.getByRole('button', { name: 'Sign off' }))
    expect(done.signOff).toHaveBeenCalledWith(0)
    waiting.unmount()
    show(0, [0])
    expect(screen.queryByRole('button', { name: 'Sign off' })).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: 'signed off' }))
    expect(done.takeBack).toHaveBeenCalledWith(0)
    expect(document.activeElement).toBe(screen.getByRole('article', { name: 'Item 1' }))
  })

  test('an item without a key says what to decide, by its letters', () => {
    show(2)
    expect(screen.getByText('to decide')).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Sign off' })).toBeNull()
    expect([screen.getByText('A').tagName, screen.getByText('B').tagName]).toEqual(['KBD', 'KBD'])
  })

  test('who looks on has nothing to press', () => {
    show(0, [], { ...OWNER, role: 'viewer', rights: ['see'] })
    expect(screen.queryByRole('button', { name: 'Sign off' })).toBeNull()
  })
})

describe('the key in a text of its own', () => {
  test('is typed and emptied by who may write, and only read by others', async () => {
    const change = jest.fn()
    const page = showPage(<KeyPane text="1. b" change={change} close={() => undefined} />)
    await userEvent.type(screen.getByRole('textbox', { name: 'Text of the key' }), '!')
    expect(change).toHaveBeenCalledWith('1. b!')
    await userEvent.click(screen.getByRole('button', { name: 'Empty it' }))
    expect(change).toHaveBeenLastCalledWith('')
    page.unmount()
    showPage(<KeyPane text="1. b" change={undefined} close={() => undefined} />)
    expect(screen.getByRole<HTMLTextAreaElement>('textbox', { name: 'Text of the key' }).readOnly).toBe(true)
    expect(screen.queryByRole('button', { name: 'Empty it' })).toBeNull()
  })
})

describe('straight on', () => {
  const followed = [
    { ref: 'r0', signOff: SIGN_OFF, bankItemId: 'b0' },
    { ref: 'r1', signOff: SIGN_OFF, bankItemId: 'b1' },
    { ref: 'r2', signOff: null, bankItemId: null },
  ]
  const desk = (items: readonly DeskItem[]) =>
    ({ items, title: 'Grains', flush: () => Promise.resolve(null), accept: jest.fn() }) as unknown as Desk
  const toBank = { created: 2, updated: 0, unchanged: 0, leftOut: [], draft: { followed } }
  const show = (answers: object, askBank = jest.fn()) => ({
    askBank,
    ...showPage(<SendOn draftId="d" desk={desk(deskItems([0, 1]))} signed={2} askBank={askBank} />, {
      answers: {
        'POST /api/items/near': [{ near: [] }, { near: [] }],
        'POST /api/drafts/d/bank': toBank,
        'GET /api/papers': [],
        'POST /api/papers': { id: 'p' },
        ...answers,
      },
    }),
  })

  test('signed items go to the bank, and a paper of them to where it is sent', async () => {
    const { calls, address } = show({})
    await userEvent.click(screen.getByRole('button', { name: 'Send the 2…' }))
    await waitFor(() => expect(address()).toBe('/dispatch/paper/p?straight'))
    expect(calls.find(({ asked }) => asked === 'POST /api/drafts/d/bank')?.body).toEqual({ includeUnsigned: false })
    expect(calls.find(({ asked }) => asked === 'POST /api/papers')?.body).toEqual({
      title: 'Grains',
      itemIds: ['b0', 'b1'],
    })
  })

  test('a paper that was made of them before is added to', async () => {
    const { calls, address } = show({
      'GET /api/papers': [
        { id: 'other', title: 'Grains', versionOf: null },
        { id: 'known', title: 'Grains', versionOf: null },
      ],
      'GET /api/papers/other': { entries: [{ itemId: 'x' }] },
      'GET /api/papers/known': { entries: [{ itemId: 'b0' }] },
      'POST /api/papers/known/items': { id: 'known' },
    })
    await userEvent.click(screen.getByRole('button', { name: 'Send the 2…' }))
    await waitFor(() => expect(address()).toBe('/dispatch/paper/known?straight'))
    expect(calls.some(({ asked }) => asked === 'POST /api/papers')).toBe(false)
  })

  test('what says nearly the same as an item of the bank is looked at first', async () => {
    const { calls, askBank } = show({ 'POST /api/items/near': [{ near: [{ itemId: 'x' }] }, { near: [] }] })
    await userEvent.click(screen.getByRole('button', { name: 'Send the 2…' }))
    await waitFor(() => expect(askBank).toHaveBeenCalled())
    expect(calls.some(({ asked }) => asked === 'POST /api/drafts/d/bank')).toBe(false)
  })

  test('where the server does not do it, that is said, and one can try again', async () => {
    show({ 'POST /api/drafts/d/bank': refused(503, 'The database does not answer.') })
    await userEvent.click(screen.getByRole('button', { name: 'Send the 2…' }))
    await screen.findByText('The database does not answer.')
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Send the 2…' }).disabled).toBe(false)
  })
})
