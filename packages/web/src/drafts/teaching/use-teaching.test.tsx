import { history } from '@codemirror/commands'
import { EditorState } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { act, renderHook, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { notationOf, readDraft, type DraftSource, type Notation } from '@zakuska/core'
import { useState } from 'react'
import { Notices } from '../../parts/notices'
import type { Reader } from '../use-reader'
import { previewLayer } from './preview-layer'
import { taughtIn, taughtLayer, type Taught } from './taught-layer'
import { useTeaching } from './use-teaching'
import { outcomeOf } from './what-follows'

const TEXT = 'Which is a grain?\n/ oak\n/ rye\n// rye\n\nWhich is a tree?\n/ elm\n/ oats\n// elm\n'

/** The reader's worker, answering at once. */
const reader = {
  ask: jest.fn(
    async (asked: {
      what: string
      sources?: DraftSource[]
      source?: DraftSource
      name?: string
      notations?: Notation[]
    }) => {
      await Promise.resolve()
      if (asked.what === 'outcomes') return asked.sources?.map((source) => outcomeOf(readDraft(source)))
      if (asked.what === 'fitting') return asked.notations
      return notationOf(asked.source as DraftSource, asked.name ?? '')
    },
  ),
}

function begin() {
  const view = new EditorView({
    state: EditorState.create({
      doc: TEXT,
      extensions: [history(), taughtLayer({ lines: [], notation: null }, TEXT.length), previewLayer],
    }),
  })
  const ref = { current: view }
  const sourceWith = (taught: Taught): DraftSource => ({
    text: view.state.doc.toString(),
    taught: taught.lines,
    ...(taught.notation && { notation: taught.notation }),
  })
  const { result } = renderHook(
    () => {
      const [taught] = useState<Taught>({ lines: [], notation: null })
      const [reading] = useState(() => readDraft({ text: TEXT }))
      return useTeaching({ view: ref, reader: reader as unknown as Reader, sourceWith, reading, taught })
    },
    { wrapper: Notices },
  )
  const open = (...numbers: number[]) =>
    act(() =>
      result.current.openLines({
        lines: numbers,
        places: numbers.map((number) => view.state.doc.line(number).from),
        at: { left: 0, top: 0 },
      }),
    )
  /** "4 key~" is the fourth line with what was said of it, alike ones following. */
  const said = () =>
    taughtIn(view.state).lines.map(
      ({ from, part, alike }) => `${view.state.doc.lineAt(from).number} ${part}${alike ? '~' : ''}`,
    )
  return { view, teaching: () => result.current, open, said }
}

test('what would follow is known before it is said', async () => {
  const { teaching, open } = begin()
  open(4)
  act(() => teaching().consider('key'))
  await waitFor(() => expect(teaching().following).not.toBeNull())
  expect(teaching().following?.holds).toBe(true)
  act(() => teaching().leave())
  expect(teaching().following).toBeNull()
})

test('what is said of a line is told, and undone in one step', async () => {
  const { teaching, open, said } = begin()
  open(4)
  act(() => teaching().settle('key'))
  expect(said()).toEqual(['4 key~'])
  expect(teaching().open).toBeNull()
  expect((await screen.findByText(/^Line 4/)).textContent).toMatch(/key|answer/)
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
  expect(said()).toEqual([])
})

test('only this line, where lines that look alike are not to follow', async () => {
  const { teaching, open, said } = begin()
  open(4)
  act(() => teaching().setAlike(false))
  act(() => teaching().settle('key'))
  expect(said()).toEqual(['4 key'])
  open(4)
  expect(teaching().alike).toBe(true)
  act(() => teaching().settle(null))
  expect(said()).toEqual([])
  await screen.findByText(/is taken back/)
})

test('lines of one part say it; of several, they say nothing', () => {
  const { teaching, open } = begin()
  open(2, 3)
  const alone = teaching().current
  open(1, 4)
  expect(alone).not.toBeNull()
  expect(teaching().current).toBeNull()
})

test('where no line has text, nothing opens', async () => {
  const { teaching, open } = begin()
  open()
  expect(teaching().open).toBeNull()
  await screen.findByText('There is no text on that line.')
})

test('several lines said at once are one step', async () => {
  const { view, teaching, said } = begin()
  const from = (number: number) => view.state.doc.line(number).from
  const keyAt = (number: number) => ({ from: from(number), to: view.state.doc.line(number).to, part: 'key' as const })
  act(() => teaching().say([keyAt(4), keyAt(9)]))
  expect(said()).toEqual(['4 key', '9 key'])
  await screen.findByText(/^2 lines: /)
  act(() => teaching().takeBack([from(4), from(9)]))
  expect(said()).toEqual([])
  await screen.findByText('What was said of 2 lines is taken back.')
})

test('a notation is made of what was taught, read by, and left off again', async () => {
  const { view, teaching } = begin()
  const notation: Notation = { name: 'Slashes', rules: [] }
  act(() => teaching().readBy(notation))
  expect(taughtIn(view.state).notation?.name).toBe('Slashes')
  await screen.findByText('Read by the notation “Slashes”.')
  act(() => teaching().readBy(null))
  expect(taughtIn(view.state).notation).toBeNull()
  await screen.findByText('Read without “Slashes”.')
  await expect(teaching().notation('Mine')).resolves.toMatchObject({ name: 'Mine' })
})

test('of kept notations, each is offered with what would follow', async () => {
  const { teaching } = begin()
  const offers = await teaching().offers([{ name: 'Slashes', rules: [] }])
  expect(offers.map(({ notation, following }) => [notation.name, following.holds])).toEqual([['Slashes', true]])
  await expect(teaching().offers([])).resolves.toEqual([])
})
