import { api, dataOf, type Schemas } from '../api/client'
import type { Pending, Sent } from './answer-queue'
import { shelf } from './shelf'

export type About = Schemas['TakeAboutDto']
export type Attempt = Schemas['TakingAttemptDto']
export type ShownItem = Schemas['ShownItemDto']

/** Calls of who takes a paper: no session, one token. */
export function takeCalls(code: string, token: string) {
  const path = { params: { path: { code } }, headers: { authorization: `Bearer ${token}` } }
  const answersOf = (answers: readonly Pending[]) => ({
    answers: answers.map(({ at, n, response }) => ({
      at,
      n,
      response: response,
    })),
  })
  return {
    attempt: (): Promise<Attempt> => dataOf(api.GET('/api/take/{code}/attempt', path)),
    handIn: (answers: readonly Pending[]): Promise<Attempt> =>
      dataOf(api.POST('/api/take/{code}/attempt/hand-in', { ...path, body: answersOf(answers) })),
    check: ({ at, n, response }: Pending): Promise<ShownItem> =>
      dataOf(
        api.POST('/api/take/{code}/attempt/check', {
          ...path,
          body: { at, n, response: response },
        }),
      ),
    hint: (at: number): Promise<ShownItem> =>
      dataOf(api.POST('/api/take/{code}/attempt/hint', { ...path, body: { at } })),
    /** Refusals end it; anything else may pass. */
    save: async (answers: readonly Pending[]): Promise<Sent> => {
      const { response, error } = await api.PUT('/api/take/{code}/attempt/answers', {
        ...path,
        body: answersOf(answers),
      })
      if (response.ok) return 'kept'
      if (![401, 404, 410].includes(response.status)) return 'unheard'
      const { message } = (error ?? {}) as { readonly message?: string }
      return { ended: message ?? 'Nothing more is taken here.' }
    },
  }
}

const TOKEN = 'zakuska.take.'
const DEVICE = 'zakuska.device'

export function keptToken(code: string): string | null {
  return shelf.getItem(TOKEN + code)
}

export function keepToken(code: string, token: string | null): void {
  if (token === null) shelf.removeItem(TOKEN + code)
  else shelf.setItem(TOKEN + code, token)
}

/** A name of this browser, made the first time. */
export function deviceName(): string {
  const known = shelf.getItem(DEVICE)
  if (known) return known
  const fresh = crypto.randomUUID()
  shelf.setItem(DEVICE, fresh)
  return fresh
}
