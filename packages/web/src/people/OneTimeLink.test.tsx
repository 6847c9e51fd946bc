import { act } from 'react'
import { createRoot } from 'react-dom/client'
import { OneTimeLink } from './OneTimeLink'

async function shown(writeText: (text: string) => Promise<void>): Promise<void> {
  Object.defineProperty(navigator, 'clipboard', { configurable: true, value: { writeText } })
  document.body.innerHTML = ''
  const place = document.body.appendChild(document.createElement('div'))
  await act(async () => {
    createRoot(place).render(
      <OneTimeLink title="The invitation" about="It works once." path="/link/token" close={() => undefined} />,
    )
    await Promise.resolve()
  })
}

async function copy(): Promise<void> {
  const button = [...document.querySelectorAll('button')].find((one) => one.textContent === 'Copy the link')
  await act(async () => {
    button?.click()
    await Promise.resolve()
  })
}

test('the whole address is copied, and that is said', async () => {
  const copied: string[] = []
  await shown((text) => {
    copied.push(text)
    return Promise.resolve()
  })
  expect(document.querySelector('input')?.value).toBe('http://localhost/link/token')
  await copy()
  expect(copied).toEqual(['http://localhost/link/token'])
  expect(document.querySelector('[role="status"]')?.textContent).toBe('Copied.')
})

test('without leave to copy the address stands selected, and nothing is claimed', async () => {
  await shown(() => Promise.reject(new Error('not allowed')))
  await copy()
  const field = document.querySelector('input')
  expect([field?.selectionStart, field?.selectionEnd]).toEqual([0, 'http://localhost/link/token'.length])
  expect(document.querySelector('[role="status"]')?.textContent).toBe('')
})
