import type { AddressInfo } from 'node:net'
import { createApplication } from './application.ts'
import { safeToLog } from './http/problem.filter.ts'
import { prepareDatabase } from './database/prepare.ts'
import { readSettings } from './settings/settings.ts'

// The database may be away for a while; what waits for it then fails by itself and is tried again.
process.on('unhandledRejection', (reason) => console.error(safeToLog(reason)))

const settings = readSettings(process.env)
await prepareDatabase(settings.databaseUrl)
const app = await createApplication(settings)
await app.listen(settings.port, settings.host)
const address = app.getHttpServer().address() as AddressInfo
console.log(`Zakuska: http://${settings.host}:${address.port}`)
