import { dirname } from 'node:path'
import { fileURLToPath } from 'node:url'
import { ownDatabase, ownFolder } from './database.mjs'
import { main, PlainError, say } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))

/** `npm run password -- ADDRESS`: a link by which somebody sets a new password, made by whoever runs the server. */
await main(async () => {
  const [address] = process.argv.slice(2).filter((one) => !one.startsWith('--'))
  if (!address) throw new PlainError('Say whose: npm run password -- ADDRESS')
  const own = process.env.DATABASE_URL
    ? null
    : await ownDatabase({ folder: ownFolder(root, process.argv.includes('--empty')) })
  try {
    const { makePasswordLink } = await import('../packages/server/dist/accounts/password-link.js')
    const token = await makePasswordLink(process.env.DATABASE_URL ?? own.url, address)
    if (token === null) throw new PlainError(`Nobody here has the address ${address}.`)
    say(`Open /link/${token} at the server’s address, within a day. It works once.`)
  } finally {
    await own?.stop()
  }
})
