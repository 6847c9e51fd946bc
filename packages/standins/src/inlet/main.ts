import { startInlet } from './index.ts'

const site = await startInlet({
  port: Number(process.env['INLET_PORT'] ?? 0),
  file: process.env['INLET_FILE'] ?? null,
  tokenSeconds: Number(process.env['INLET_TOKEN_SECONDS'] ?? 3600),
})
console.log(`Inlet: ${site.url}`)
process.on('SIGTERM', () => void site.close().then(() => process.exit(0)))
