import { fireEvent, render, screen } from '@testing-library/react'
import { readDraft, type FollowedItem } from '@zakuska/core'
import type { Desk } from '../use-desk'
import { paneKeys, usePane, useTextFirst, useTroubleKey, type Pane } from './pane'

const TEXT = [
  '1. Which is a grain?\na) oak\nb) rye\nc) elm\nAnswer: b',
  '2. True or false: Rye grows.\nAnswer: True',
  '3. How many strands has this rope?\nAnswer: 3',
].join('\n\n')

const done = {
  ...{ setKey: jest.fn(), signOff: jest.fn(), takeBack: jest.fn(), goTo: jest.fn(), undo: jest.fn(), redo: jest.fn() },
}
const focusText = jest.fn()

function deskOf(): Desk {
  const items = readDraft({ text: TEXT }).items.map((read, at) => ({
    read,
    followed: { ref: `r${at}`, bankItemId: null, signOff: null, lostSignOff: null } as unknown as FollowedItem,
  }))
  return { items, ...done, view: () => ({ focus: focusText }) } as unknown as Desk
}

let pane: Pane

/** The side of the items with a button in each card, and the next step beside it. */
function Shown({ desk, isEmpty = false }: { readonly desk: Desk; readonly isEmpty?: boolean }) {
  const own = usePane()
  pane = own
  useTextFirst(desk, isEmpty)
  return (
    <>
      <section ref={own.pane} onKeyDown={(event) => paneKeys(event, desk)}>
        {desk.items.map((_item, at) => (
          <article key={at} tabIndex={0} data-item={at} data-here={at === 1}>
            <button>in {at + 1}</button>
          </article>
        ))}
      </section>
      <div ref={own.onward}>
        <button data-lead>Send</button>
      </div>
    </>
  )
}

const card = (at: number): HTMLElement => screen.getAllByRole('article')[at] as HTMLElement

beforeEach(() => {
  jest.clearAllMocks()
  render(<Shown desk={deskOf()} />)
})

test.each<[string, number, string, keyof typeof done, readonly unknown[]]>([
  ['a letter is the key', 0, 'b', 'setKey', [0, 1]],
  ['a capital letter as well', 0, 'C', 'setKey', [0, 2]],
  ['t is true', 1, 't', 'setKey', [1, 0]],
  ['f is false', 1, 'f', 'setKey', [1, 1]],
  ['Enter signs off', 0, 'Enter', 'signOff', [0]],
  ['Backspace takes back', 2, 'Backspace', 'takeBack', [2]],
])('%s', (_name, at, key, call, given) => {
  const event = fireEvent.keyDown(card(at), { key })
  expect(done[call]).toHaveBeenCalledWith(...given)
  // Nothing else happens by that key.
  expect(event).toBe(false)
})

test.each<[string, number, string]>([
  ['a letter beyond the last option', 0, 'd'],
  ['a letter that judges nothing', 1, 'a'],
  ['a letter at a number', 2, 'a'],
  ['another key', 0, 'Tab'],
])('%s does nothing, and is left to the browser', (_name, at, key) => {
  expect(fireEvent.keyDown(card(at), { key })).toBe(true)
  for (const call of Object.values(done)) expect(call).not.toHaveBeenCalled()
})

test('keys of the browser and of the system stay theirs', () => {
  expect(fireEvent.keyDown(card(0), { key: 'b', ctrlKey: true })).toBe(true)
  expect(fireEvent.keyDown(card(0), { key: 'b', altKey: true })).toBe(true)
  expect(fireEvent.keyDown(card(0), { key: 'Enter', metaKey: true })).toBe(true)
  expect(done.setKey).not.toHaveBeenCalled()
})

test('undo and redo work from the items, too', () => {
  fireEvent.keyDown(card(0), { key: 'z', ctrlKey: true })
  fireEvent.keyDown(card(0), { key: 'Z', metaKey: true, shiftKey: true })
  expect([done.undo.mock.calls.length, done.redo.mock.calls.length]).toEqual([1, 1])
})

test('arrows walk from card to card, also from a button in one', () => {
  screen.getByRole('button', { name: 'in 2' }).focus()
  fireEvent.keyDown(screen.getByRole('button', { name: 'in 2' }), { key: 'ArrowDown' })
  expect(document.activeElement).toBe(card(2))
  fireEvent.keyDown(card(2), { key: 'ArrowUp' })
  expect(document.activeElement).toBe(card(1))
})

test('Enter on a button in a card is the button’s', () => {
  expect(fireEvent.keyDown(screen.getByRole('button', { name: 'in 1' }), { key: 'Enter' })).toBe(true)
  expect(done.signOff).not.toHaveBeenCalled()
})

test('Escape goes to the lines of the item', () => {
  fireEvent.keyDown(card(2), { key: 'Escape' })
  expect(done.goTo).toHaveBeenCalledWith(2)
  expect(focusText).toHaveBeenCalled()
})

test('after a sign-off the next that waits has the focus; after the last, the next step', () => {
  card(0).focus()
  pane.wentOn(2)
  expect(document.activeElement).toBe(card(2))
  pane.wentOn(null)
  expect(document.activeElement).toBe(screen.getByRole('button', { name: 'Send' }))
})

test('coming to the items goes to the one that is worked on', () => {
  pane.toItems()
  expect(document.activeElement).toBe(card(1))
})

test('an empty draft waits for what is pasted; another does not take the focus', () => {
  expect(focusText).not.toHaveBeenCalled()
  render(<Shown desk={deskOf()} isEmpty />)
  expect(focusText).toHaveBeenCalledTimes(1)
})

test('F8 goes to the next trouble from anywhere, backwards with the shift key, until the desk is left', () => {
  const next = jest.fn()
  const Listening = () => {
    useTroubleKey(next)
    return null
  }
  const { unmount } = render(<Listening />)
  fireEvent.keyDown(document.body, { key: 'F8' })
  fireEvent.keyDown(document.body, { key: 'F8', shiftKey: true })
  fireEvent.keyDown(document.body, { key: 'F7' })
  expect(next.mock.calls).toEqual([[1], [-1]])
  unmount()
  fireEvent.keyDown(document.body, { key: 'F8' })
  expect(next).toHaveBeenCalledTimes(2)
})
