import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import ts from 'typescript'
import { main, PlainError } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const target = join(root, 'packages/web/src/api/schema.d.ts')

const CORE_TYPES = ['Block', 'Item', 'ItemProof', 'Response']

/** Core's own type where the description means one; undefined: as it is described. */
function coreType(schema, path) {
  const [, declared] = /^#\/components\/schemas\/(\w+)$/.exec(path ?? '') ?? []
  const [, meant] = /^#\/components\/schemas\/(\w+)$/.exec(schema.allOf?.[0]?.$ref ?? '') ?? []
  const name = [declared, meant].find((one) => CORE_TYPES.includes(one))
  if (!name) return undefined
  const type = ts.factory.createTypeReferenceNode(`Core.${name}`)
  if (!schema.nullable) return type
  return ts.factory.createUnionTypeNode([type, ts.factory.createLiteralTypeNode(ts.factory.createNull())])
}

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
    const types = await openapiTypescript(JSON.parse(readFileSync(file, 'utf8')), {
      alphabetize: true,
      inject: "import type * as Core from '@zakuska/core'\n",
      transform: (schema, { path }) => coreType(schema, path),
    })
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
