import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { main, PlainError } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const target = join(root, 'packages/web/src/api/schema.d.ts')

/** The web client's types, made from the server's own OpenAPI description. */
async function makeTypes() {
  const folder = mkdtempSync(join(tmpdir(), 'zakuska-api-'))
  try {
    const file = join(folder, 'openapi.json')
    const done = spawnSync(process.execPath, ['packages/server/dist/describe-api.js', file], {
      cwd: root,
      stdio: ['ignore', 'ignore', 'inherit'],
    })
    if (done.status !== 0) throw new PlainError('The server could not describe its API. Is it built?')
    const { default: openapiTypescript, astToString } = await import('openapi-typescript')
    const types = await openapiTypescript(JSON.parse(readFileSync(file, 'utf8')), { alphabetize: true })
    return `// Made by \`npm run api\` from the server's own description. Do not edit.\n\n${astToString(types)}`
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

await main(async () => {
  const types = await makeTypes()
  if (!process.argv.includes('--check')) return writeFileSync(target, types)
  const { format, resolveConfig } = await import('prettier')
  const settings = { ...(await resolveConfig(target)), parser: 'typescript' }
  if ((await format(readFileSync(target, 'utf8'), settings)) !== (await format(types, settings)))
    throw new PlainError('packages/web/src/api/schema.d.ts is not what the server describes: run `npm run api`.')
})
