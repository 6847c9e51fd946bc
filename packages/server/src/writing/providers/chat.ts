import { createParser, type EventSourceMessage } from 'eventsource-parser'
import { WritingError, type WritingProvider, type WrittenUnits } from './contract.ts'
import { wholeNumber } from './skerry.ts'
import { streamed } from './stream.ts'

const NAME = 'The service'
const GO_ON = 'Go on exactly where you stopped. Repeat nothing.'

interface Chunk {
  readonly choices?: readonly { readonly delta?: { readonly content?: unknown }; readonly finish_reason?: unknown }[]
  readonly usage?: { readonly prompt_tokens?: unknown; readonly completion_tokens?: unknown } | null
  readonly error?: unknown
}

/** Any service that speaks the common JSON of chat models over HTTP: `POST …/chat/completions`, streamed as events. */
export const chat: WritingProvider = {
  name: NAME,
  async check(account) {
    for await (const _piece of streamed({ name: NAME, account, path: '/models' })) break
    return {}
  },
  async *write(account, { request, soFar, units }, halt) {
    const messages = [
      { role: 'user', content: request },
      ...(soFar
        ? [
            { role: 'assistant', content: soFar },
            { role: 'user', content: GO_ON },
          ]
        : []),
    ]
    const body = {
      model: account.model,
      messages,
      max_tokens: units,
      stream: true,
      stream_options: { include_usage: true },
    }
    const events: EventSourceMessage[] = []
    const parser = createParser({ onEvent: (event) => events.push(event) })
    let end: 'whole' | 'limit' | null = null
    let counted: WrittenUnits | null = null
    for await (const piece of streamed({ name: NAME, account, path: '/chat/completions', body, halt })) {
      parser.feed(piece)
      for (const { data } of events.splice(0)) {
        if (data === '[DONE]') continue
        const { text, finished, units: told } = chunkIn(data)
        if (text) yield { text }
        end = finished ?? end
        counted = told ?? counted
      }
    }
    // Usage comes after the end; a reply whose end was never told broke off.
    if (end) yield { end, units: counted }
  },
}

function chunkIn(data: string) {
  let chunk: Chunk
  try {
    chunk = JSON.parse(data) as Chunk
  } catch {
    throw new WritingError(`${NAME} said something that cannot be read.`)
  }
  if (chunk.error) throw new WritingError(`${NAME} gave up in the middle of its reply.`)
  const [choice] = chunk.choices ?? []
  const [asked, written] = [wholeNumber(chunk.usage?.prompt_tokens), wholeNumber(chunk.usage?.completion_tokens)]
  const reason = choice?.finish_reason
  return {
    text: typeof choice?.delta?.content === 'string' ? choice.delta.content : '',
    finished: typeof reason === 'string' ? (reason === 'length' ? ('limit' as const) : ('whole' as const)) : null,
    units: asked !== null && written !== null ? { asked, written } : null,
  }
}
