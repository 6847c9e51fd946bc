import { act } from 'react'
import { createRoot } from 'react-dom/client'
import { MergeDialog } from './MergeDialog'
import type { Choice } from './merge-texts'

const CLASHES = [
  { mine: 'b) rye corn', theirs: 'b) rye grass' },
  { mine: 'Answer: a', theirs: '' },
]

async function shown(settle: (choices: readonly Choice[]) => void, close = (): void => undefined): Promise<void> {
  document.body.innerHTML = ''
  const place = document.body.appendChild(document.createElement('div'))
  await act(async () => {
    createRoot(place).render(<MergeDialog by="Torben" clashes={CLASHES} settle={settle} close={close} />)
    await Promise.resolve()
  })
}

function press(name: string): void {
  const button = [...document.querySelectorAll('button')].find((one) => one.textContent === name)
  act(() => button?.click())
}

test('both texts stand side by side, and what is not chosen is both', async () => {
  let settled: readonly Choice[] = []
  await shown((choices) => (settled = choices))
  const dialog = document.querySelector('[role="dialog"]')
  expect(dialog?.textContent).toContain('Torben changed the same lines')
  for (const text of ['b) rye corn', 'b) rye grass', 'Answer: a', '(taken out)'])
    expect(dialog?.textContent).toContain(text)
  press('Put together')
  expect(settled).toEqual(['both', 'both'])
})

test('each place has its own choice', async () => {
  let settled: readonly Choice[] = []
  await shown((choices) => (settled = choices))
  const second = [...document.querySelectorAll<HTMLInputElement>('input[name="place-1"]')]
  act(() => second[1]?.click())
  press('Put together')
  expect(settled).toEqual(['both', 'mine'])
})

test('it can wait', async () => {
  let isClosed = false
  await shown(
    () => undefined,
    () => (isClosed = true),
  )
  press('Not yet')
  expect(isClosed).toBe(true)
})
