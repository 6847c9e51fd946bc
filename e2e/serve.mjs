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
const breakwater = await startService(
  'Breakwater',
  'packages/standins/dist/breakwater/main.js',
  { BREAKWATER_PORT: '0', BREAKWATER_TOKEN: token },
  root,
)
const { seedDemo } = await import('../packages/server/dist/demo/seed.js')
await seedDemo({
  databaseUrl: cluster.href,
  breakwaterUrl: breakwater.url,
  breakwaterToken: token,
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
    ZAKUSKA_DESTINATIONS: breakwater.url,
    ZAKUSKA_WEB: join(root, 'packages/web/dist'),
    ZAKUSKA_SIGN_INS_PER_MINUTE: '1000',
  },
  root,
)
process.on('SIGTERM', () => void Promise.all([server.stop(), breakwater.stop()]).then(() => process.exit(0)))
