import { addressOf } from './address.ts'
import { bytesOf } from './bytes.ts'

const LARGEST_PAGE = 5 * 1024 * 1024
const LONGEST_MS = 15_000

/** A page could not be read; the message is one sentence for a person. */
export class PageError extends Error {
  override readonly name = 'PageError'
}

/**
 * The bytes of a page of an origin that the settings name. It is not followed elsewhere, not waited for long, and not
 * taken where it is larger than 5 MB.
 *
 * @throws PageError
 */
export async function fetchPage(url: string, allowed: readonly string[], timeoutMs = LONGEST_MS): Promise<Uint8Array> {
  if (!allowed.length) throw new PageError('This server reads no pages: its settings name none.')
  const checked = addressOf(url, allowed)
  if ('why' in checked) throw new PageError(checked.why.replace('sends to', 'reads from'))
  let response: globalThis.Response
  try {
    response = await fetch(url, {
      headers: { accept: 'text/html, text/plain, application/pdf;q=0.9, */*;q=0.5' },
      redirect: 'error',
      signal: AbortSignal.timeout(timeoutMs),
    })
  } catch {
    throw new PageError('Nothing answers at this address, or it leads elsewhere.')
  }
  if (!response.ok) throw new PageError(`There is no page at this address (status ${response.status}).`)
  return bodyOf(response)
}

async function bodyOf(response: globalThis.Response): Promise<Uint8Array> {
  const pieces: Uint8Array[] = []
  let size = 0
  try {
    for await (const piece of bytesOf(response)) {
      size += piece.length
      if (size > LARGEST_PAGE) break
      pieces.push(piece)
    }
  } catch {
    throw new PageError('The page broke off while it was read.')
  }
  if (size > LARGEST_PAGE) throw new PageError('The page is larger than 5 MB.')
  return Buffer.concat(pieces)
}
