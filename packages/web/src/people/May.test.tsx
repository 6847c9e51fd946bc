import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act } from 'react'
import { createRoot } from 'react-dom/client'
import type { Schemas } from '../api/client'
import { sessionKeys } from './session'
import { May } from './May'

const PERSON: Schemas['PersonDto'] = {
  id: 'p',
  name: 'Ode Renfeld',
  email: 'ode@skarnholm.example',
  workspace: 'Pilotage',
  workspaceId: 'w',
  role: 'viewer',
  rights: ['see'],
  workspaces: [],
}

async function shown(person: Schemas['PersonDto'], to?: string): Promise<string> {
  const client = new QueryClient()
  client.setQueryData(sessionKeys.who, person)
  const place = document.createElement('div')
  await act(async () => {
    createRoot(place).render(
      <QueryClientProvider client={client}>
        <May right="write" {...(to !== undefined && { to })}>
          <button type="button">Edit</button>
        </May>
      </QueryClientProvider>,
    )
    await Promise.resolve()
  })
  return place.textContent
}

test('who may sees the thing itself', async () => {
  expect(await shown({ ...PERSON, role: 'editor', rights: ['see', 'write'] }, 'edit it')).toBe('Edit')
})

test('who may not sees who could, and nothing to press', async () => {
  expect(await shown(PERSON, 'edit it')).toBe('You are a viewer; to edit it takes an editor.')
  expect(await shown(PERSON)).toBe('')
})
