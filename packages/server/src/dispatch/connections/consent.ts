import { createHash, randomBytes } from 'node:crypto'
import type { Grant } from './connection.entity.ts'

const CLIENT = 'zakuska'
const SCOPES = 'forms.write responses.read'

/** What has to be remembered from asking to being answered. */
export interface Asking {
  readonly url: string
  readonly name: string
  readonly state: string
  readonly verifier: string
  readonly redirect: string
  /** The connection that is made anew; null: it will be a new one. */
  readonly connectionId: string | null
}

/** Begins the authorization code grant with PKCE (RFC 6749, section 4.1.1; RFC 7636, section 4). */
export function askFor(given: Pick<Asking, 'url' | 'name' | 'redirect' | 'connectionId'>): {
  readonly asking: Asking
  readonly address: string
} {
  const asking: Asking = {
    ...given,
    state: randomBytes(16).toString('base64url'),
    verifier: randomBytes(32).toString('base64url'),
  }
  const query = new URLSearchParams({
    response_type: 'code',
    client_id: CLIENT,
    redirect_uri: asking.redirect,
    scope: SCOPES,
    state: asking.state,
    code_challenge: createHash('sha256').update(asking.verifier).digest('base64url'),
    code_challenge_method: 'S256',
  })
  return { asking, address: `${asking.url}/consent?${query.toString()}` }
}

/** @returns null where the destination says no; `unheard`: it did not say anything. */
export function grantFor(asking: Asking, code: string, timeoutMs: number): Promise<Grant | null | 'unheard'> {
  return ask(
    asking.url,
    {
      grant_type: 'authorization_code',
      code,
      redirect_uri: asking.redirect,
      client_id: CLIENT,
      code_verifier: asking.verifier,
    },
    timeoutMs,
  )
}

/** A new pair of tokens for an old one (RFC 6749, section 6). The old one is used up by it. */
export function refreshed(url: string, { refresh }: Grant, timeoutMs: number): Promise<Grant | null | 'unheard'> {
  return ask(url, { grant_type: 'refresh_token', refresh_token: refresh, client_id: CLIENT }, timeoutMs)
}

/** Says that the tokens are not needed any more (RFC 7009); whether it is heard is up to the destination. */
export async function revoke(url: string, { refresh }: Grant, timeoutMs: number): Promise<void> {
  await post(`${url}/revoke`, { token: refresh }, timeoutMs).catch(() => undefined)
}

async function ask(
  url: string,
  form: Readonly<Record<string, string>>,
  timeoutMs: number,
): Promise<Grant | null | 'unheard'> {
  try {
    const response = await post(`${url}/token`, form, timeoutMs)
    if (response.status >= 500 || response.status === 429) return 'unheard'
    if (!response.ok) return null
    const answer = (await response.json()) as {
      readonly access_token: string
      readonly refresh_token: string
      readonly expires_in: number
    }
    return {
      access: answer.access_token,
      refresh: answer.refresh_token,
      expires: new Date(Date.now() + answer.expires_in * 1000).toISOString(),
    }
  } catch {
    return 'unheard'
  }
}

function post(address: string, form: Readonly<Record<string, string>>, timeoutMs: number): Promise<Response> {
  return fetch(address, {
    method: 'POST',
    body: new URLSearchParams(form),
    signal: AbortSignal.timeout(timeoutMs),
    redirect: 'error',
  })
}
