import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { readDraft, type Item } from '@zakuska/core'
import { act } from 'react'
import { createRoot } from 'react-dom/client'
import { ItemConflict } from './ItemConflict'
import { bankKeys, type BankItem } from './queries'

const BASE = readDraft({ text: '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\nTags: farm\n' }).items[0]?.item as Item
const asItem = (body: Item, revision: number): BankItem =>
  ({ id: 'i', revision, body: body as unknown as Record<string, never> }) as unknown as BankItem

interface Kept {
  readonly body: Item
  readonly revision: number
}

/** The dialog over what Torben made of the item; the answers of the server are there already. */
async function shown(mine: Item, theirs: Item): Promise<() => Kept | null> {
  let kept: Kept | null = null
  const client = new QueryClient({ defaultOptions: { queries: { enabled: false } } })
  client.setQueryData([...bankKeys.one('i'), 'theirs', 1], { item: asItem(theirs, 2), by: 'Torben' })
  document.body.innerHTML = ''
  const place = document.body.appendChild(document.createElement('div'))
  await act(async () => {
    createRoot(place).render(
      <QueryClientProvider client={client}>
        <ItemConflict
          start={asItem(BASE, 1)}
          mine={mine}
          save={(body, revision) => (kept = { body, revision })}
          close={() => undefined}
        />
      </QueryClientProvider>,
    )
    await Promise.resolve()
  })
  return () => kept
}

function keep(): void {
  const button = [...document.querySelectorAll('button')].find((one) => one.textContent === 'Keep it so')
  act(() => button?.click())
}

test('what only the other one changed is said and taken, on top of their revision', async () => {
  const kept = await shown({ ...BASE, points: 3 }, { ...BASE, tags: ['farm', 'bread'] })
  expect(document.body.textContent).toContain('From Torben comes what you did not touch: tags.')
  keep()
  expect(kept()).toMatchObject({ revision: 2, body: { points: 3, tags: ['farm', 'bread'] } })
})

test('what both changed is mine until theirs is chosen', async () => {
  const [mine, theirs] = [
    { ...BASE, tags: ['mine'] },
    { ...BASE, tags: ['theirs'] },
  ]
  const first = await shown(mine, theirs)
  keep()
  expect(first()?.body.tags).toEqual(['mine'])
  const second = await shown(mine, theirs)
  const [, radio] = document.querySelectorAll<HTMLInputElement>('input[name="tags"]')
  act(() => radio?.click())
  keep()
  expect(second()?.body.tags).toEqual(['theirs'])
})
