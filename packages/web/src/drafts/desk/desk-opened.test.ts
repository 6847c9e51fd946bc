import { act, renderHook } from '@testing-library/react'
import { useDeskOpened } from './desk-opened'

test('of a new desk nothing is open, and the text is shown', () => {
  const { result } = renderHook(useDeskOpened)
  expect(result.current).toMatchObject({
    dialog: null,
    sentences: null,
    keyShown: false,
    side: 'text',
    meetsLater: false,
  })
})

test('one dialog at a time, closed by the same function for as long as the desk stands', () => {
  const { result } = renderHook(useDeskOpened)
  const { close } = result.current
  act(() => result.current.open('keys'))
  act(() => result.current.open('bank'))
  expect(result.current.dialog).toBe('bank')
  expect(result.current.close).toBe(close)
  act(close)
  expect(result.current.dialog).toBeNull()
})

test('on a narrow screen it turns from the text to the items, and back', () => {
  const { result } = renderHook(useDeskOpened)
  act(() => result.current.turn())
  expect(result.current.side).toBe('items')
  act(() => result.current.turn())
  expect(result.current.side).toBe('text')
})

test('the key, the reading and what is put together later are open or not, each for itself', () => {
  const { result } = renderHook(useDeskOpened)
  act(() => {
    result.current.showKey(true)
    result.current.showSentences([])
    result.current.meetLater(true)
  })
  expect(result.current).toMatchObject({ keyShown: true, sentences: [], meetsLater: true, dialog: null })
  act(() => result.current.showSentences(null))
  expect(result.current).toMatchObject({ keyShown: true, sentences: null })
})
