import { randomUUID } from 'node:crypto'
import { prepareDatabase } from '../database/prepare.ts'
import type { ServerSettings } from '../settings/settings.ts'
import { SignInLimits } from './sign-in-limits.ts'
import { AccountConnections } from './account-connections.ts'
import { Tries } from './tries.ts'

const databaseUrl = process.env['TEST_DATABASE_URL'] ?? ''
const all: AccountConnections[] = []
const limitsOf = (signInsPerMinute: number): SignInLimits => {
  const settings = { databaseUrl, signInsPerMinute } as ServerSettings
  const connections = new AccountConnections(settings)
  all.push(connections)
  return new SignInLimits(new Tries(connections), settings)
}
const email = (): string => `${randomUUID()}@skarnholm.example`
const address = (): string => `10.${[1, 2, 3].map(() => Math.floor(Math.random() * 250)).join('.')}`

beforeAll(() => prepareDatabase(databaseUrl))
afterAll(async () => {
  await Promise.all(all.map((one) => one.onApplicationShutdown()))
})

test('tries from one address are held off, those from others are not', async () => {
  const limit = limitsOf(3)
  const from = address()
  for (let turn = 0; turn < 3; turn++) await limit.count(from, email())
  await expect(limit.count(from, email())).rejects.toMatchObject({ status: 429 })
  await expect(limit.count(from, email())).rejects.toThrow('Wait a minute, then try again.')
  await expect(limit.count(address(), email())).resolves.toBeUndefined()
})

test('tries of one account are held off from wherever they come, however it is written', async () => {
  const limit = limitsOf(1000)
  const who = email()
  for (let turn = 0; turn < 20; turn++) await limit.count(address(), turn % 2 ? who : ` ${who.toUpperCase()} `)
  await expect(limit.count(address(), who)).rejects.toThrow(/Wait \d+ minutes/)
  await expect(limit.count(address(), email())).resolves.toBeUndefined()
})

test('who signed in begins anew; several servers count together', async () => {
  const [one, other] = [limitsOf(1000), limitsOf(1000)]
  const who = email()
  for (let turn = 0; turn < 19; turn++) await one.count(address(), who)
  await one.forget(who)
  for (let turn = 0; turn < 10; turn++) await one.count(address(), who)
  for (let turn = 0; turn < 10; turn++) await other.count(address(), who)
  await expect(one.count(address(), who)).rejects.toMatchObject({ status: 429 })
  await expect(other.count(address(), who)).rejects.toMatchObject({ status: 429 })
})
