import { WritingError, type WritingPiece, type WritingProvider } from './contract.ts'
import { streamed } from './stream.ts'

const NAME = 'Skerry'

/** The service that ships: lines of JSON. */
export const skerry: WritingProvider = {
  name: NAME,
  async check(account) {
    let text = ''
    for await (const piece of streamed({ name: NAME, account, path: '/v1/terms' })) text += piece
    const { limits } = jsonOf(text) as { limits?: { words?: unknown; units?: unknown } }
    const [words, units] = [wholeNumber(limits?.words), wholeNumber(limits?.units)]
    return { ...(words !== null && { words }), ...(units !== null && { units }) }
  },
  async *write(account, { request, soFar, units }, halt) {
    const body = { request, soFar, units }
    let rest = ''
    for await (const piece of streamed({ name: NAME, account, path: '/v1/write', body, halt })) {
      const lines = `${rest}${piece}`.split('\n')
      rest = lines.pop() ?? ''
      for (const line of lines) {
        const said = line.trim() ? pieceOf(line) : null
        if (said) yield said
      }
    }
  },
}

function pieceOf(line: string): WritingPiece | null {
  const said = jsonOf(line) as { text?: unknown; end?: unknown; units?: { asked?: unknown; written?: unknown } }
  if (typeof said.text === 'string') return { text: said.text }
  if (said.end !== 'whole' && said.end !== 'limit') return null
  const [asked, written] = [wholeNumber(said.units?.asked), wholeNumber(said.units?.written)]
  return { end: said.end, units: asked !== null && written !== null ? { asked, written } : null }
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new WritingError(`${NAME} said something that cannot be read.`)
  }
}

export function wholeNumber(given: unknown): number | null {
  return typeof given === 'number' && Number.isInteger(given) && given >= 0 ? given : null
}
