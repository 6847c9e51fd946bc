import { startBreakwater } from './index.ts'

const site = await startBreakwater({
  port: Number(process.env['BREAKWATER_PORT'] ?? 0),
  file: process.env['BREAKWATER_FILE'] ?? null,
  token: process.env['BREAKWATER_TOKEN'] ?? 'demo-token',
})
console.log(`Breakwater: ${site.url}`)
process.on('SIGTERM', () => void site.close().then(() => process.exit(0)))
