import { writeFileSync } from 'node:fs'
import { createApplication, describeApi } from './application.ts'

// Needs no database: nothing is asked of it before the application listens.
const [, , target] = process.argv
if (!target) throw new RangeError('Say which file to write.')
const app = await createApplication({
  databaseUrl: 'postgresql://nobody@127.0.0.1:1/none',
  host: '127.0.0.1',
  port: 0,
  sessionSecret: 'none',
  destinationOrigins: [],
  destinationTimeoutMs: 1000,
  webFolder: null,
  signInsPerMinute: 10,
  firstRunToken: null,
  proxies: 0,
  isHttpsOnly: false,
  offline: true,
})
writeFileSync(target, `${JSON.stringify(describeApi(app), null, 2)}\n`)
process.exit(0)
