import { writeFileSync } from 'node:fs'
import { createApplication, describeApi } from './application.ts'
import { OFFLINE } from './offline.ts'

const [, , target] = process.argv
if (!target) throw new RangeError('Say which file to write.')
const app = await createApplication(OFFLINE)
writeFileSync(target, `${JSON.stringify(describeApi(app), null, 2)}\n`)
process.exit(0)
