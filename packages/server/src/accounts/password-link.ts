import { randomUUID } from 'node:crypto'
import { MikroORM } from '@mikro-orm/postgresql'
import { ormSettings } from '../database/settings.ts'
import { ACCOUNT_ENTITIES, OneTimeLink, Person } from './accounts.entities.ts'
import { newToken, tokenHash } from './tokens.ts'

const DAY_MS = 86_400_000

/** Made at the server itself, past the application. @returns the token, or null where nobody has the address */
export async function makePasswordLink(databaseUrl: string, address: string): Promise<string | null> {
  const orm = await MikroORM.init(ormSettings(databaseUrl, ACCOUNT_ENTITIES))
  try {
    const em = orm.em.fork()
    const person = await em.findOne(Person, { email: address.trim().toLowerCase() })
    if (!person) return null
    const token = newToken()
    em.create(OneTimeLink, {
      id: randomUUID(),
      tokenHash: tokenHash(token),
      kind: 'password',
      personId: person.id,
      note: person.name,
      madeBy: 'whoever runs the server',
      expiresAt: new Date(Date.now() + DAY_MS),
    })
    await em.flush()
    return token
  } finally {
    await orm.close(true)
  }
}
