import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import pg from 'pg'
import { startService } from '../scripts/services.mjs'

// The application as people run it, over a database of its own with the demo in it.
const root = dirname(dirname(fileURLToPath(import.meta.url)))
const cluster = new URL(process.env.TEST_DATABASE_URL ?? '')
const admin = new pg.Client({ connectionString: cluster.href })
await admin.connect()
await admin.query('drop database if exists e2e')
await admin.query('create database e2e')
await admin.end()
cluster.pathname = '/e2e'

const token = 'e2e-token'
const standIn = (name) =>
  startService(
    name,
    `packages/standins/dist/${name.toLowerCase()}/main.js`,
    { [`${name.toUpperCase()}_PORT`]: '0', [`${name.toUpperCase()}_TOKEN`]: token },
    root,
  )
const [breakwater, inlet, foghorn, skerry] = await Promise.all(
  ['Breakwater', 'Inlet', 'Foghorn', 'Skerry'].map(standIn),
)
// Drafts come at once, and the same each time.
await fetch(`${skerry.url}/temper`, {
  method: 'PUT',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ wordsPerSecond: 2000, mistakes: 0, manner: 'greeting' }),
})
const { seedDemo } = await import('../packages/server/dist/demo/seed.js')
await seedDemo({
  databaseUrl: cluster.href,
  breakwaterUrl: breakwater.url,
  breakwaterToken: token,
  foghornUrl: foghorn.url,
  foghornToken: token,
  skerryUrl: skerry.url,
  skerryToken: token,
  secret: 'a secret for the browser tests only',
  reset: false,
  say: () => undefined,
})
const server = await startService(
  'The server',
  'packages/server/dist/main.js',
  {
    DATABASE_URL: cluster.href,
    PORT: process.env.E2E_PORT,
    SESSION_SECRET: 'a secret for the browser tests only',
    ZAKUSKA_DESTINATIONS: `inlet=${inlet.url},breakwater=${breakwater.url},foghorn=${foghorn.url}`,
    ZAKUSKA_WRITING: skerry.url,
    ZAKUSKA_PAGES: skerry.url,
    ZAKUSKA_WEB: join(root, 'packages/web/dist'),
    ZAKUSKA_SIGN_INS_PER_MINUTE: '1000',
  },
  root,
)
const all = [server, breakwater, inlet, foghorn, skerry]
process.on('SIGTERM', () => void Promise.all(all.map((one) => one.stop())).then(() => process.exit(0)))
