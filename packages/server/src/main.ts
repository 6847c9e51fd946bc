import type { AddressInfo } from 'node:net'
import { createApplication } from './application.ts'
import { prepareDatabase } from './database/prepare.ts'
import { readSettings } from './settings.ts'

const settings = readSettings(process.env)
await prepareDatabase(settings.databaseUrl)
const app = await createApplication(settings)
await app.listen(settings.port, settings.host)
const address = app.getHttpServer().address() as AddressInfo
console.log(`Zakuska: http://${settings.host}:${address.port}`)
