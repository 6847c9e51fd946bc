import { bytesOf } from '../../outward/bytes.ts'
import { WritingError, type WritingAccount } from './contract.ts'

interface Calling {
  readonly name: string
  readonly account: WritingAccount
  readonly path: string
  readonly body?: object
  readonly halt?: AbortSignal
}

/** Text of an answer as it comes, with an end to every silence. @throws WritingError */
export async function* streamed({ name, account, path, body, halt }: Calling): AsyncGenerator<string> {
  const silence = new AbortController()
  let timer = setTimeout(() => silence.abort(), account.timeoutMs)
  const isHalted = (): boolean => halt?.aborted ?? false
  try {
    const response = await fetch(account.url.replace(/\/$/, '') + path, {
      method: body ? 'POST' : 'GET',
      headers: {
        ...(account.key && { authorization: `Bearer ${account.key}` }),
        ...(body && { 'content-type': 'application/json' }),
      },
      body: body ? JSON.stringify(body) : null,
      signal: AbortSignal.any([silence.signal, ...(halt ? [halt] : [])]),
      redirect: 'error',
    }).catch(() => {
      throw new WritingError(`${name} does not answer at its address.`)
    })
    if (!response.ok) throw new WritingError(await refusalOf(name, response))
    const decoder = new TextDecoder()
    for await (const piece of bytesOf(response)) {
      clearTimeout(timer)
      timer = setTimeout(() => silence.abort(), account.timeoutMs)
      yield decoder.decode(piece, { stream: true })
    }
  } catch (error) {
    if (error instanceof WritingError) throw error
    throw new WritingError(
      isHalted()
        ? 'It was stopped.'
        : silence.signal.aborted
          ? `${name} fell silent in the middle of its reply.`
          : `${name} broke off in the middle of its reply.`,
    )
  } finally {
    clearTimeout(timer)
  }
}

async function refusalOf(name: string, response: globalThis.Response): Promise<string> {
  if (response.status === 401 || response.status === 403) return `${name} does not know this key.`
  if (response.status === 429) return `${name} has too much to do just now. Ask again in a minute.`
  const said = reasonIn(await response.text().catch(() => ''))
  return said ? `${name} refused: ${said}` : `${name} refused (status ${response.status}).`
}

/** `{"error": "…"}` or `{"error": {"message": "…"}}`. */
function reasonIn(text: string): string | null {
  try {
    const { error } = JSON.parse(text) as { error?: unknown }
    if (typeof error === 'string') return error.slice(0, 300)
    if (typeof error === 'object' && error !== null && 'message' in error) return String(error.message).slice(0, 300)
  } catch {
    // Not everything that refuses speaks JSON.
  }
  return null
}
