import { File as NodeFile } from 'node:buffer'
import { fireEvent, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { OWNER, refused, showPage, type Answers } from '../testing/page'
import { DraftsPage } from './DraftsPage'

const draft = (id: string, more: object = {}) => ({
  ...{ id, title: `Draft ${id}`, itemCount: 3, signedCount: 3, troubleCount: 0 },
  ...{ updatedAt: '2026-11-29T10:00:00Z', updatedBy: null },
  ...more,
})
const show = (drafts: readonly object[], answers: Answers = {}, person = OWNER) =>
  showPage(<DraftsPage />, {
    at: '/drafts',
    path: '/drafts',
    person,
    answers: {
      'GET /api/drafts': drafts,
      'GET /api/items/facets': { all: 0, waiting: 0, facets: [] },
      'GET /api/deliveries': [],
      'GET /api/sittings': [],
      ...answers,
    },
  })
const box = () => screen.findByRole<HTMLTextAreaElement>('textbox', { name: /^Paste questions here/ })
const pasted = (plain: string, html = '') => ({
  clipboardData: { getData: (type: string) => (type === 'text/html' ? html : plain) },
})

describe('beginning a draft', () => {
  test('what is pasted is on its desk at once', async () => {
    const { calls, address } = show([], { 'POST /api/drafts': { id: 'd1' } })
    fireEvent.paste(await box(), pasted('1. What?\nAnswer: a'))
    await waitFor(() => expect(address()).toBe('/drafts/d1'))
    expect(calls.find(({ asked }) => asked === 'POST /api/drafts')?.body).toMatchObject({ text: '1. What?\nAnswer: a' })
  })

  test('with its bold words, where they may tell; as plain text, where those cannot be read', async () => {
    const opened = { type: 'html', text: 'a) x\nb) y', styles: [{ from: 0, to: 4, style: 'strong' }], notes: [] }
    const first = show([], { 'POST /api/drafts': { id: 'd1' }, 'POST /api/files': opened })
    fireEvent.paste(await box(), pasted('a) x\nb) y', '<ol><li><b>x</b></li></ol>'))
    await waitFor(() => expect(first.address()).toBe('/drafts/d1'))
    expect(first.calls.find(({ asked }) => asked === 'POST /api/drafts')?.body).toMatchObject({ styles: opened.styles })
    first.unmount()
    const second = show([], {
      'POST /api/drafts': { id: 'd2' },
      'POST /api/files': refused(422, 'This file cannot be read.'),
    })
    fireEvent.paste(await box(), pasted('a) x\nb) y', '<ol><li><b>x</b></li></ol>'))
    await waitFor(() => expect(second.address()).toBe('/drafts/d2'))
    expect(second.calls.findLast(({ asked }) => asked === 'POST /api/drafts')?.body).toMatchObject({
      text: 'a) x\nb) y',
      styles: [],
    })
  })

  test('what is typed is read by a press; what the server refuses stays in the box', async () => {
    show([], { 'POST /api/drafts': refused(503, 'Try again in a minute.') })
    await userEvent.type(await box(), '1. What?')
    await userEvent.click(screen.getByRole('button', { name: 'Read it' }))
    expect(await screen.findByText('Try again in a minute.')).toBeTruthy()
    expect((await box()).value).toBe('1. What?')
  })

  test('a file that is dropped is opened', async () => {
    const { address } = show([], {
      'POST /api/drafts': { id: 'd3' },
      'POST /api/files': { type: 'text', text: '1. What?', styles: [], notes: [] },
    })
    // The browser of these tests cannot read the text of a file; Node's can be.
    const files = [new NodeFile(['1. What?'], 'quiz.txt')]
    fireEvent.drop(await screen.findByRole('form', { name: 'Begin a draft' }), {
      dataTransfer: { files, types: ['Files'] },
    })
    await waitFor(() => expect(address()).toBe('/drafts/d3'))
  })

  test('a sample is a press away', async () => {
    const { address } = show([], { 'POST /api/drafts': { id: 'd4' } })
    await userEvent.click(await screen.findByRole('button', { name: 'Try a sample' }))
    await waitFor(() => expect(address()).toBe('/drafts/d4'))
  })

  test('who may not write sees who could, and no box', async () => {
    show([], {}, { ...OWNER, role: 'viewer', rights: ['see'] })
    expect(await screen.findAllByText(/to begin a draft takes an editor/)).toHaveLength(1)
    expect(screen.queryByRole('form', { name: 'Begin a draft' })).toBeNull()
  })
})

describe('what waits', () => {
  test('each station says what waits there, and leads to it', async () => {
    show(
      [draft('a', { troubleCount: 2 }), draft('b', { signedCount: 1 }), draft('c', { signedCount: 0 }), draft('d')],
      {
        'GET /api/items/facets': { all: 9, waiting: 4, facets: [] },
        'GET /api/deliveries': [
          { id: 'x', state: 'done', disagreeing: 1 },
          { id: 'y', state: 'done', disagreeing: 0 },
        ],
        'GET /api/sittings': [
          { id: 's', isOpen: true, underWay: 2 },
          { id: 't', isOpen: false, underWay: 1 },
        ],
      },
    )
    const links = async () =>
      (await screen.findAllByRole('link', { name: /to decide|to sign off|not proven|just now/ })).map((one) => [
        one.textContent?.replace(/^[◆◐] /, ''),
        one.getAttribute('href'),
      ])
    await waitFor(async () =>
      expect(await links()).toEqual([
        ['1 draft with something to decide', '/drafts/a'],
        ['2 drafts to sign off', '/drafts'],
        ['4 items of the bank to sign off', '/bank/sign-off'],
        ['1 delivery not proven', '/dispatch/x'],
        ['1 paper being taken just now', '/results/s'],
      ]),
    )
  })

  test('where nothing does, it says so', async () => {
    show([draft('d')])
    expect(await screen.findByText(/^Nothing\. What is decided/)).toBeTruthy()
  })
})

test('two to four drafts are chosen to stand side by side', async () => {
  show(['a', 'b', 'c', 'd', 'e'].map((id) => draft(id)))
  const choose = async (id: string) =>
    userEvent.click(await screen.findByRole('checkbox', { name: `Choose Draft ${id}` }))
  await choose('a')
  expect(screen.queryByRole('link', { name: /side by side/ })).toBeNull()
  await choose('c')
  expect(screen.getByRole('link', { name: '2 side by side' }).getAttribute('href')).toBe(
    '/drafts/side-by-side?drafts=a,c',
  )
  for (const id of ['b', 'd', 'e']) await choose(id)
  expect(screen.getByText('four at most stand side by side')).toBeTruthy()
})
