import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { fingerprint, readDraft } from '@zakuska/core'
import { showPage, type Answers } from '../../testing/page'
import type { DeskItem } from '../desk-state'
import type { Desk } from '../use-desk'
import { AgainDialog, standingOf } from './AgainDialog'
import { BesideItem, sameBeside, type Beside } from './BesideItem'
import { ReadingDialog } from './ReadingDialog'
import { matched, type Again } from './use-again'

const TEXT = `1. What runs out?
a) ebb
b) flood
Answer: a

2. True or false: Fog is dry.
Answer: False

3. What is the word for a short rope?
Answer: lanyard
`
const read = readDraft({ text: TEXT }).items
const SIGNED = { by: 'Iris', at: '2026-11-29T10:00:00Z', remark: '', fingerprint: '' }
const items = (signed: readonly number[] = []): DeskItem[] =>
  read.map((one, at) => ({
    read: one,
    followed: { ref: `r${at}`, signOff: signed.includes(at) ? SIGNED : null },
  })) as unknown as DeskItem[]
const fresh = (text: string) => readDraft({ text }).items.map(({ item }) => item)

describe('what takes the place of what', () => {
  test('the same kind first, then whatever is left', () => {
    const came = fresh(
      '1. What is the word for a long rope?\nAnswer: warp\n\n2. True or false: Fog is wet.\nAnswer: True\n',
    )
    const found = matched(items(), ['r1', 'r2'], came)
    expect([...found].map(([at, item]) => [at, item.kind])).toEqual([
      [1, 'truefalse'],
      [2, 'short'],
    ])
    expect([...matched(items(), ['r0'], came)].map(([at, item]) => [at, item.kind])).toEqual([[0, 'short']])
  })

  test('of fewer that came, the others stay; of none, all do', () => {
    expect(matched(items(), ['r0', 'r1', 'r2'], fresh('1. What?\nAnswer: b')).size).toBe(1)
    expect(matched(items(), ['r0'], []).size).toBe(0)
  })
})

test('what is signed off or was changed by hand is told apart', () => {
  const drafted = new Set(read.slice(0, 2).map(({ item }) => fingerprint(item)))
  expect(items([0]).map((item) => standingOf(item, drafted))).toEqual(['signed', 'drafted', 'edited'])
  expect(items().map((item) => standingOf(item, new Set()))).toEqual(['drafted', 'drafted', 'drafted'])
})

describe('the dialog', () => {
  const writing = {
    service: {
      provider: 'skerry',
      name: 'Skerry',
      url: 'http://x',
      model: '',
      hasKey: true,
      words: 900,
      units: 900,
      price: 0,
      currency: '',
      cap: 9000,
    },
    ...{ whyNot: null, used: 0, cap: 9000, isNear: false, allowed: [], pages: ['http://x'] },
  }
  const show = (signed: readonly number[], answers: Answers = {}, first = 0) => {
    const desk = { items: items(signed), view: () => ({ state: { doc: { toString: () => TEXT } } }) } as unknown as Desk
    const again = { asked: null, reply: undefined, begin: jest.fn() } satisfies Again
    const close = jest.fn()
    const page = showPage(
      <AgainDialog
        draftId="d1"
        source="The ebb runs out."
        desk={desk}
        drafted={[]}
        found={null}
        first={first}
        again={again}
        close={close}
      />,
      { answers: { 'GET /api/writing': writing, ...answers } },
    )
    return { ...page, again, close }
  }

  test('the item that is worked on is chosen; a signed one cannot be', async () => {
    show([1])
    await screen.findByText(/go to Skerry/)
    expect(
      screen.getAllByRole<HTMLInputElement>('checkbox').map(({ checked, disabled }) => [checked, disabled]),
    ).toEqual([
      [true, false],
      [false, true],
      [false, false],
    ])
    await userEvent.click(screen.getByRole('button', { name: 'All that nobody signed off or changed (2)' }))
    expect(screen.getByRole('button', { name: 'Draft 2 items again' })).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'None' }))
    expect(screen.getByText('Choose what is to be drafted again.')).toBeTruthy()
  })

  test('what is asked for says what goes, what stays, and the remark', async () => {
    const { calls, again } = show([], { 'POST /api/writing/replies': { id: 'r7', state: 'writing', text: '' } })
    await screen.findByText(/go to Skerry/)
    await userEvent.type(screen.getByRole('textbox', { name: 'What is to be different' }), 'ask about the flood{Enter}')
    await waitFor(() => expect(again.begin).toHaveBeenCalledWith({ id: 'r7', refs: ['r0'] }))
    const { request, purpose } = calls.find(({ asked }) => asked === 'POST /api/writing/replies')?.body as {
      request: string
      purpose: string
    }
    expect(purpose).toBe('again')
    expect(request).toMatch(
      /^Write 1 other question[\s\S]*Besides: ask about the flood[\s\S]*In place of these[\s\S]*What runs out\?[\s\S]*not to be asked twice:[\s\S]*Fog is dry/,
    )
  })

  test('without a service it says what works', async () => {
    show([], { 'GET /api/writing': { ...writing, service: null } })
    expect(await screen.findByText(/The request sheet works without one/)).toBeTruthy()
  })
})

describe('beside an item', () => {
  const beside = (more: Partial<Beside> = {}): Beside => ({
    ...{ verdict: 'said', sentences: [{ text: 'The ebb runs out.', time: 65 }], show: jest.fn(), near: null },
    ...more,
  })

  test('its sentence with its time leads into the reading', async () => {
    const one = beside()
    showPage(<BesideItem beside={one} />)
    await userEvent.click(screen.getByRole('button', { name: /\[1:05\] The ebb runs out/ }))
    expect(one.show).toHaveBeenCalled()
  })

  test('what is wrong is said, and so is what the bank has', () => {
    showPage(
      <BesideItem
        beside={beside({ verdict: 'not-found', sentences: [], near: { itemId: 'i1', stem: 'What runs out?' } })}
      />,
    )
    expect(screen.getByText(/no sentence of the reading is about it/)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'What runs out?' }).getAttribute('href')).toBe('/bank/i1')
  })

  test('only what shows counts for drawing it anew', () => {
    expect(sameBeside(beside(), beside())).toBe(true)
    expect(sameBeside(beside(), beside({ verdict: 'unsure' }))).toBe(false)
    expect(sameBeside(beside(), beside({ near: { itemId: 'i', stem: '' } }))).toBe(false)
    expect(sameBeside(undefined, undefined)).toBe(true)
  })

  test('the reading has its sentences marked, and loses nothing', () => {
    Element.prototype.scrollIntoView = jest.fn()
    const source = 'Tides.\n\nThe ebb runs out. The flood runs in.'
    const at = source.indexOf('The ebb')
    showPage(
      <ReadingDialog
        source={source}
        sentences={[{ text: '', from: at, to: at + 17, time: null }]}
        close={() => undefined}
      />,
    )
    expect(document.querySelector('mark')?.textContent).toBe('The ebb runs out.')
    expect(screen.getByRole('dialog').textContent).toContain('Tides.\n\nThe ebb runs out. The flood runs in.')
  })
})
