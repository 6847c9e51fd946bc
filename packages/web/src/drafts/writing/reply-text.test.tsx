import { EditorState } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { act, renderHook, screen, waitFor } from '@testing-library/react'
import { fingerprint, readDraft } from '@zakuska/core'
import { showPage } from '../../testing/page'
import type { Reply } from '../../writing/queries'
import type { DeskItem } from '../desk-state'
import type { Desk } from '../use-desk'
import { useAgain, type Again } from './use-again'
import { useReplyText } from './use-reply-text'

const editorWith = (doc: string) => new EditorView({ state: EditorState.create({ doc }) })
const reply = (text: string, more: Partial<Reply> = {}): Reply =>
  ({
    id: 'r1',
    draftId: 'd',
    purpose: 'items',
    what: '2 questions',
    state: 'writing',
    text,
    isTaken: false,
    why: null,
    sentTo: 'Skerry, x',
    ...more,
  }) as Reply

describe('a reply on its way into the text', () => {
  const start = (doc: string, first: Reply | undefined, mayWrite = true) => {
    const view = editorWith(doc)
    const whole = jest.fn()
    const target = { view: () => view, mayWrite, whole }
    const hook = renderHook(({ now }: { now: Reply | undefined }) => useReplyText(now, target), {
      initialProps: { now: first },
    })
    return { view, whole, ...hook, text: () => view.state.doc.toString() }
  }

  test('grows in an empty draft, and is said to be whole once', () => {
    const { rerender, text, whole } = start('', reply('1. Wh'))
    rerender({ now: reply('1. What?') })
    rerender({ now: reply('1. What?\nAnswer: a', { state: 'done' }) })
    expect(text()).toBe('1. What?\nAnswer: a')
    expect(whole).toHaveBeenCalledTimes(1)
  })

  test('what is typed before it meanwhile stays where it is', () => {
    const { rerender, text, view } = start('', reply('1. What'))
    view.dispatch({ changes: { from: 0, insert: 'Mine. ' } })
    rerender({ now: reply('1. What?\n') })
    expect(text()).toBe('Mine. 1. What?\n')
  })

  test('goes on after it was cut', () => {
    const { rerender, text } = start('', reply('1. What', { state: 'cut' }))
    rerender({ now: reply('1. What', { state: 'writing' }) })
    rerender({ now: reply('1. What is it?', { state: 'done' }) })
    expect(text()).toBe('1. What is it?')
  })

  test('waits where there is text already, until it is put in: only what is missing', () => {
    const there = '1. What is the ebb called?\nAnswer: ebb'
    const { result, text, whole } = start(
      there,
      reply(`${there}\n\n2. What is the flood called?\nAnswer: flood`, { state: 'done' }),
    )
    expect(text()).toBe(there)
    act(() => result.current.putIn())
    expect(text().match(/What is the ebb called/g)).toHaveLength(1)
    expect(text()).toContain('2. What is the flood called?')
    expect(whole).toHaveBeenCalledTimes(1)
  })

  test('is not put in twice, where it was taken, nor where one may not write', () => {
    expect(start('', reply('1. What?', { state: 'done', isTaken: true })).text()).toBe('')
    expect(start('', reply('1. What?'), false).text()).toBe('')
    expect(start('', undefined).text()).toBe('')
  })
})

describe('items drafted again', () => {
  const TEXT =
    '1. What runs out of the bay?\na) ebb\nb) flood\nc) neap\nAnswer: a\n\n2. What is the word for a short rope?\nAnswer: lanyard\n'
  const NEW = 'Sure!\n\n1. What runs into the bay?\na) ebb\nb) flood\nc) neap\nAnswer: b\n'

  function start(answer: Partial<Reply>, saved: object | null = {}) {
    const view = editorWith(TEXT)
    const reading = readDraft({ text: TEXT })
    const items = reading.items.map((read, at) => ({
      read,
      followed: { ref: `r${at}`, signOff: null },
    })) as unknown as DeskItem[]
    const desk = {
      view: () => view,
      reading,
      items,
      flush: () => Promise.resolve(saved),
      undo: jest.fn(),
    } as unknown as Desk
    const done = jest.fn()
    let again: Again | undefined
    function Page() {
      again = useAgain(desk, done)
      return null
    }
    const page = showPage(<Page />, {
      answers: {
        'GET /api/writing/replies/r1': reply(NEW, { purpose: 'again', state: 'done', ...answer }),
        'POST /api/writing/replies/r1/taken': null,
      },
    })
    act(() => again?.begin({ id: 'r1', refs: ['r0'] }))
    return { ...page, view, done }
  }

  test('the new one stands where the old one stood, the rest as it was', async () => {
    const { view, done, calls } = start({})
    await waitFor(() => expect(done).toHaveBeenCalled())
    const now = readDraft({ text: view.state.doc.toString() }).items.map(({ item }) => fingerprint(item))
    expect(now).toEqual([
      ...readDraft({ text: NEW }).items.map(({ item }) => fingerprint(item)),
      ...readDraft({ text: TEXT })
        .items.slice(1)
        .map(({ item }) => fingerprint(item)),
    ])
    await waitFor(() => expect(calls.some(({ asked }) => asked.endsWith('/taken'))).toBe(true))
    expect(screen.getByText('1 item was drafted again.')).toBeTruthy()
  })

  test('what could not be saved is not said to be taken', async () => {
    const { done, calls } = start({}, null)
    await waitFor(() => expect(done).toHaveBeenCalled())
    expect(calls.some(({ asked }) => asked.endsWith('/taken'))).toBe(false)
  })

  test.each([
    [
      { text: 'Note: the text gives no more.' },
      /No question came instead; Skerry says: “Note: the text gives no more\.”/,
    ],
    [{ state: 'failed' as const, why: 'Skerry fell silent.', text: '' }, 'Skerry fell silent.'],
    [{ text: '' }, 'Nothing came instead.'],
  ])('where nothing came, the item stays and it is said: %j', async (answer, says) => {
    const { view, done, calls } = start(answer)
    expect(await screen.findByText(says)).toBeTruthy()
    expect(view.state.doc.toString()).toBe(TEXT)
    // It is not offered once more when the draft is opened again.
    await waitFor(() => expect(calls.some(({ asked }) => asked.endsWith('/taken'))).toBe(true))
    expect(done).not.toHaveBeenCalled()
  })
})
