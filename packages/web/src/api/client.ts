import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** The API, typed from the server's own description. */
export const api = createClient<paths>({ baseUrl: '/' })

/** What the server said instead of doing it, as one sentence for a person. */
export class ApiProblem extends Error {
  override readonly name = 'ApiProblem'
  readonly status: number

  constructor(status: number, message: string) {
    super(message)
    this.status = status
  }
}

interface Answer<Data> {
  readonly data?: Data | undefined
  readonly error?: unknown
  readonly response: Response
}

/** The data of an answer. @throws ApiProblem if the server refused or could not be reached. */
export async function dataOf<Data>(asked: Promise<Answer<Data>>): Promise<Data> {
  let answer: Answer<Data>
  try {
    answer = await asked
  } catch {
    throw new ApiProblem(0, 'The server does not answer. What you typed is kept here.')
  }
  if (answer.response.ok) return answer.data as Data
  const said = answer.error
  const message =
    typeof said === 'object' && said !== null && 'message' in said ? String(said.message) : 'The server did not do it.'
  throw new ApiProblem(answer.response.status, message)
}
