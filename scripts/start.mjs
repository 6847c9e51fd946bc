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
/** The stand-ins that ship: what they are, on which port, and whether they are opened by a token that we make. */
const STAND_INS = [
  { id: 'breakwater', name: 'Breakwater', what: 'course site', port: 4410, hasToken: true },
  { id: 'inlet', name: 'Inlet', what: 'online forms', port: 4420, hasToken: false },
  { id: 'foghorn', name: 'Foghorn', what: 'live game', port: 4430, hasToken: true },
  { id: 'skerry', name: 'Skerry', what: 'writing service', port: 4440, hasToken: true },
]
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
  if (process.argv.includes('--reset-demo'))
    for (const { id } of STAND_INS) rmSync(join(data, `${id}.json`), { force: true })
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
  const sites = []
  for (const standIn of STAND_INS) {
    const site = await startStandIn(standIn)
    running.push(site)
    sites.push({ ...standIn, ...site })
  }
  const isEmpty = process.argv.includes('--empty')
  const firstRunToken = isEmpty
    ? keptSecret(join(data, 'first-run-token'), () => randomBytes(24).toString('hex'))
    : null
  const environment = {
    ...(firstRunToken && { ZAKUSKA_FIRST_RUN_TOKEN: firstRunToken }),
    DATABASE_URL: database.url,
    SESSION_SECRET: keptSecret(join(data, 'session-secret'), () => randomBytes(32).toString('hex')),
    ZAKUSKA_DESTINATIONS: sites
      .filter(({ id }) => id !== 'skerry')
      .map(({ id, url }) => `${id}=${url}`)
      .join(','),
    ZAKUSKA_WRITING: sites.find(({ id }) => id === 'skerry').url,
    ZAKUSKA_PAGES: sites.find(({ id }) => id === 'skerry').url,
    ZAKUSKA_WEB: join(root, 'packages/web/dist'),
    PORT: String(await chosenPort(FIRST_PORT)),
    NODE_ENV: 'production',
  }
  if (!isEmpty) await seed(environment, sites)
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
    `\n  Zakuska is at ${server.url}\n  ${signIn}\n  ${sites.map(({ name, what, url }) => `${name}, ${what}, is at ${url}.`).join(' ')}\n  Ctrl-C stops everything.\n  What the server has to say is in ${server.log}\n\n`,
  )
})

async function startStandIn({ id, name, port, hasToken }) {
  const token = hasToken ? keptSecret(join(data, `${id}-token`), () => randomBytes(12).toString('hex')) : ''
  const prefix = id.toUpperCase()
  const site = await startService(
    name,
    `packages/standins/dist/${id}/main.js`,
    {
      [`${prefix}_PORT`]: String(await chosenPort(port)),
      [`${prefix}_FILE`]: join(data, `${id}.json`),
      ...(hasToken && { [`${prefix}_TOKEN`]: token }),
    },
    root,
  )
  return { ...site, token }
}

async function chosenPort(wanted) {
  const port = await freePort(wanted)
  if (port !== wanted) say(`Port ${wanted} is in use; taking ${port}.`)
  return port
}

/** Fills an empty database with the demo; with --reset-demo, an old demo is taken out first. */
async function seed(environment, sites) {
  const { seedDemo } = await import('../packages/server/dist/demo/seed.js')
  const site = (id) => sites.find((one) => one.id === id)
  await seedDemo({
    databaseUrl: environment.DATABASE_URL,
    breakwaterUrl: site('breakwater').url,
    breakwaterToken: site('breakwater').token,
    foghornUrl: site('foghorn').url,
    foghornToken: site('foghorn').token,
    skerryUrl: site('skerry').url,
    skerryToken: site('skerry').token,
    secret: environment.SESSION_SECRET,
    reset: process.argv.includes('--reset-demo'),
    say,
  })
}
