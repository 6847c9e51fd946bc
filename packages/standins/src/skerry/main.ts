import { startSkerry } from './index.ts'

const site = await startSkerry({
  port: Number(process.env['SKERRY_PORT'] ?? 0),
  token: process.env['SKERRY_TOKEN'] ?? 'demo-token',
})
console.log(`Skerry: ${site.url}`)
process.on('SIGTERM', () => void site.close().then(() => process.exit(0)))
