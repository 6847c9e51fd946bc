import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, type RenderResult } from '@testing-library/react'
import type { ReactElement } from 'react'
import { createMemoryRouter, RouterProvider } from 'react-router'
import type { Schemas } from '../api/client'
import { sessionKeys } from '../people/session'
import { Notices } from '../parts/notices'

/** One call of the page to the server. */
export interface Call {
  readonly asked: string
  readonly body: unknown
}

/** What the server says: its answer, or how it is made from the call. An answer with a `status` and a `says` is a refusal. */
export type Answers = Readonly<Record<string, object | string | null | ((body: unknown, url: URL) => unknown)>>

export const OWNER: Schemas['PersonDto'] = {
  id: 'p',
  name: 'Iris Holm',
  email: 'iris@skarnholm.example',
  workspace: 'Coastal pilotage',
  workspaceId: 'w',
  role: 'owner',
  rights: ['see', 'remark', 'sign-off', 'results', 'write', 'delete', 'draw', 'dispatch', 'people'],
  workspaces: [],
}

/** `refused(409, 'Somebody else …')`: an answer that says no. */
export function refused(status: number, message: string, more: object = {}): object {
  return { refused: status, body: { message, ...more } }
}

/**
 * A page at an address, with a server that answers by "GET /api/items" (queries and origins left out) and a person who
 * is signed in. @returns what Testing Library renders, with the calls made and the address the page went to.
 */
export function showPage(
  element: ReactElement,
  {
    at = '/',
    path = '*',
    answers = {},
    person = OWNER,
  }: {
    readonly at?: string
    readonly path?: string
    readonly answers?: Answers
    readonly person?: Schemas['PersonDto'] | null
  } = {},
): RenderResult & { readonly calls: Call[]; readonly address: () => string } {
  const calls: Call[] = []
  Object.assign(globalThis, {
    zakuskaAnswers: async (request: Request): Promise<Response> => {
      const asked = `${request.method} ${new URL(request.url).pathname}`
      const text = await request.text()
      const body: unknown = text && request.headers.get('content-type')?.includes('json') ? JSON.parse(text) : text
      calls.push({ asked, body })
      if (!(asked in answers)) throw new Error(`Nobody answers ${asked}.`)
      const given = answers[asked]
      const answer: unknown = await (typeof given === 'function' ? given(body, new URL(request.url)) : given)
      if (typeof answer === 'object' && answer !== null && 'refused' in answer && 'body' in answer)
        return Response.json(answer.body, { status: Number(answer.refused) })
      return answer === null || answer === undefined ? new Response(null, { status: 204 }) : Response.json(answer)
    },
  })
  const client = new QueryClient({ defaultOptions: { queries: { retry: false }, mutations: { retry: false } } })
  if (person) client.setQueryData(sessionKeys.who, person)
  const router = createMemoryRouter(
    [{ path, element }, ...(path === '*' ? [] : [{ path: '*', element: <p>elsewhere</p> }])],
    { initialEntries: [at] },
  )
  const rendered = render(
    <QueryClientProvider client={client}>
      <Notices>
        <RouterProvider router={router} />
      </Notices>
    </QueryClientProvider>,
  )
  const address = (): string => `${router.state.location.pathname}${router.state.location.search}`
  return { ...rendered, calls, address }
}
