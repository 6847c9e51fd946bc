import { randomBytes } from 'node:crypto'
import { mkdirSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { freePort, keptSecret, startDatabase } from './database.mjs'
import { ensurePackages } from './packages.mjs'
import { main, say } from './say.mjs'
import { startService } from './services.mjs'
import { needsBuild, noteBuild } from './freshness.mjs'

const FIRST_PORT = 4400
const BREAKWATER_PORT = 4410
const root = dirname(dirname(fileURLToPath(import.meta.url)))
const data = join(root, '.data')

await main(async () => {
  process.stdout.write('\nZakuska\n')
  ensurePackages(root)
  if (needsBuild(root)) {
    say('Building …')
    const { build } = await import('./build.mjs')
    build()
    noteBuild(root)
  }
  mkdirSync(data, { recursive: true })
  if (process.argv.includes('--reset-demo')) rmSync(join(data, 'breakwater.json'), { force: true })
  const running = []
  const stopAll = async () => {
    for (const service of running.reverse()) await service.stop()
    process.exit(0)
  }
  process.on('SIGINT', () => void stopAll())
  process.on('SIGTERM', () => void stopAll())
  const database = await startDatabase({
    folder: join(data, process.argv.includes('--empty') ? 'postgres-empty' : 'postgres'),
    durable: true,
  })
  running.push(database)
  const token = keptSecret(join(data, 'breakwater-token'), () => randomBytes(12).toString('hex'))
  const breakwater = await startService(
    'Breakwater',
    'packages/standins/dist/breakwater/main.js',
    {
      BREAKWATER_PORT: String(await chosenPort(BREAKWATER_PORT)),
      BREAKWATER_FILE: join(data, 'breakwater.json'),
      BREAKWATER_TOKEN: token,
    },
    root,
  )
  running.push(breakwater)
  const isEmpty = process.argv.includes('--empty')
  const firstRunToken = isEmpty
    ? keptSecret(join(data, 'first-run-token'), () => randomBytes(24).toString('hex'))
    : null
  const environment = {
    ...(firstRunToken && { ZAKUSKA_FIRST_RUN_TOKEN: firstRunToken }),
    DATABASE_URL: database.url,
    SESSION_SECRET: keptSecret(join(data, 'session-secret'), () => randomBytes(32).toString('hex')),
    ZAKUSKA_DESTINATIONS: breakwater.url,
    ZAKUSKA_WEB: join(root, 'packages/web/dist'),
    BREAKWATER_URL: breakwater.url,
    BREAKWATER_TOKEN: token,
    PORT: String(await chosenPort(FIRST_PORT)),
    NODE_ENV: 'production',
  }
  if (!isEmpty) await seed(environment)
  const server = await startService(
    'The server',
    'packages/server/dist/main.js',
    environment,
    root,
    join(data, 'server.log'),
  )
  running.push(server)
  const signIn = isEmpty
    ? `Make the first owner at ${server.url}/first?token=${firstRunToken} (once; after that, sign in).`
    : 'Sign in as iris@skarnholm.example with the password “lighthouse” (the demo).'
  process.stdout.write(
    `\n  Zakuska is at ${server.url}\n  ${signIn}\n  The course site Breakwater is at ${breakwater.url}. Ctrl-C stops everything.\n  What the server has to say is in ${server.log}\n\n`,
  )
})

async function chosenPort(wanted) {
  const port = await freePort(wanted)
  if (port !== wanted) say(`Port ${wanted} is in use; taking ${port}.`)
  return port
}

/** Fills an empty database with the demo; with --reset-demo, an old demo is taken out first. */
async function seed(environment) {
  const { seedDemo } = await import('../packages/server/dist/demo/seed.js')
  await seedDemo({
    databaseUrl: environment.DATABASE_URL,
    breakwaterUrl: environment.BREAKWATER_URL,
    breakwaterToken: environment.BREAKWATER_TOKEN,
    secret: environment.SESSION_SECRET,
    reset: process.argv.includes('--reset-demo'),
    say,
  })
}
