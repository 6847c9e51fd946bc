import type { EntityManager } from '@mikro-orm/postgresql'
import { LOCKED } from '../../database/locked.ts'
import type { ServerSettings } from '../../settings/settings.ts'
import { ADAPTERS, DestinationError } from '../adapters/index.ts'
import type { Account } from '../adapters/contract.ts'
import { seal, unseal } from '../../outward/sealed.ts'
import { Connection, type Grant } from './connection.entity.ts'
import { refreshed } from './consent.ts'

/** A token that ends within this is not begun with. */
const EARLY_MS = 15_000

export type AccountSettings = Pick<ServerSettings, 'sessionSecret' | 'destinationTimeoutMs'>

/** The account behind a connection. Tokens of a consent are renewed as they run out, by one server at a time. */
export function accountOf(
  em: EntityManager,
  connection: Connection,
  settings: AccountSettings,
  halt?: AbortSignal,
): Account {
  const { sessionSecret: secret, destinationTimeoutMs: timeoutMs } = settings
  const { id, url, destination } = connection
  if (ADAPTERS[destination].connects === 'token')
    return { ...{ url, timeoutMs }, ...(halt && { halt }), token: () => Promise.resolve(unsealed(connection, secret)) }
  let known = connection
  return {
    ...{ url, timeoutMs },
    ...(halt && { halt }),
    token: async (anew = false) => {
      const grant = grantIn(known, secret)
      if (!anew && !runsOut(grant)) return grant.access
      known = await renewed(em, id, settings, grant)
      return grantIn(known, secret).access
    },
  }
}

/** @throws DestinationError where nothing can be sent in its name any more. */
async function renewed(em: EntityManager, id: string, settings: AccountSettings, last: Grant): Promise<Connection> {
  const { sessionSecret: secret, destinationTimeoutMs } = settings
  const inside = em.fork()
  const outcome = await inside.transactional(async (locked) => {
    const connection = await locked.findOneOrFail(Connection, { id }, LOCKED)
    const grant = grantIn(connection, secret)
    // Somebody else was quicker.
    if (grant.access !== last.access && !runsOut(grant)) return connection
    const fresh = await refreshed(connection.url, grant, destinationTimeoutMs)
    if (fresh === 'unheard') return fresh
    if (fresh) connection.token = seal(secret, JSON.stringify(fresh))
    else connection.ended = 'The consent was taken back there, or has run out.'
    return fresh ? connection : null
  })
  if (outcome === 'unheard') throw new DestinationError('The destination does not answer at its address.', true)
  if (!outcome)
    throw new DestinationError('The consent was taken back there, or has run out. Connect it anew in Dispatch.')
  return outcome
}

function runsOut({ expires }: Grant): boolean {
  return Date.parse(expires) - Date.now() < EARLY_MS
}

/** @throws DestinationError */
export function grantIn(connection: Connection, secret: string): Grant {
  if (connection.ended !== null) throw new DestinationError(`${connection.ended} Connect it anew in Dispatch.`)
  return JSON.parse(unsealed(connection, secret)) as Grant
}

function unsealed(connection: Connection, secret: string): string {
  const token = unseal(secret, connection.token)
  if (token === null)
    throw new DestinationError(
      `What “${connection.name}” is opened with was kept under another secret. Connect it anew in Dispatch.`,
    )
  return token
}
