import { createServer, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'

export interface ChatServer {
  readonly url: string
  /** Bodies of what was asked, with the key. */
  readonly asked: { readonly key: string; readonly body: Record<string, unknown> }[]
  readonly close: () => Promise<void>
}

/** What the small chat server says next: chunks as they go over the wire, or a status. */
export interface ChatScript {
  readonly chunks?: readonly object[]
  readonly status?: number
  readonly tear?: boolean
}

/** A server that speaks the common JSON of chat models, by a script, one entry an answer. */
export async function startChat(script: readonly ChatScript[]): Promise<ChatServer> {
  const asked: ChatServer['asked'] = []
  let turn = 0
  const server = createServer((request, response) => {
    void answer(request, response, asked, () => script[turn++])
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const { port } = server.address() as AddressInfo
  return {
    url: `http://127.0.0.1:${port}/api/v1`,
    asked,
    close: () =>
      new Promise((resolve) => {
        server.close(() => resolve())
        server.closeAllConnections()
      }),
  }
}

async function answer(
  request: IncomingMessage,
  response: ServerResponse,
  asked: ChatServer['asked'],
  next: () => ChatScript | undefined,
): Promise<void> {
  if (request.url === '/api/v1/models') return void response.end('{"data":[]}')
  let text = ''
  for await (const piece of request) text += String(piece)
  asked.push({ key: request.headers.authorization ?? '', body: JSON.parse(text) as Record<string, unknown> })
  const { chunks = [], status = 200, tear = false } = next() ?? {}
  if (status !== 200) return void response.writeHead(status).end('{"error":{"message":"No such model."}}')
  response.writeHead(200, { 'content-type': 'text/event-stream' })
  const wire = chunks.map((chunk) => `data: ${JSON.stringify(chunk)}\n\n`).join('')
  // In pieces that end anywhere, as a network brings them.
  for (let at = 0; at < wire.length; at += 37) {
    response.write(wire.slice(at, at + 37))
    await new Promise((resolve) => setTimeout(resolve, 2))
  }
  if (tear) return void request.socket.destroy()
  response.end('data: [DONE]\n\n')
}

/** Chunks of a reply in words. */
export function chunksOf(text: string, finish: 'stop' | 'length' | null, usage?: readonly [number, number]): object[] {
  const words = text.split(/(?<= )/).map((content) => ({ choices: [{ delta: { content }, finish_reason: null }] }))
  const ends = finish ? [{ choices: [{ delta: {}, finish_reason: finish }] }] : []
  const [prompt, completion] = usage ?? []
  return [
    ...words,
    ...ends,
    ...(usage ? [{ choices: [], usage: { prompt_tokens: prompt, completion_tokens: completion } }] : []),
  ]
}
