import { startFoghorn } from './index.ts'

const site = await startFoghorn({
  port: Number(process.env['FOGHORN_PORT'] ?? 0),
  file: process.env['FOGHORN_FILE'] ?? null,
  token: process.env['FOGHORN_TOKEN'] ?? 'demo-token',
})
console.log(`Foghorn: ${site.url}`)
process.on('SIGTERM', () => void site.close().then(() => process.exit(0)))
