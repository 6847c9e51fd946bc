import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'

const SOURCES = [
  'package-lock.json',
  'tsconfig.base.json',
  ...['core', 'documents', 'cli', 'standins', 'server', 'web'].flatMap((name) => [
    `packages/${name}/src`,
    `packages/${name}/tsconfig.json`,
  ]),
  'packages/web/index.html',
  'packages/web/vite.config.ts',
]

function stateOf(root) {
  const hash = createHash('sha256')
  const visit = (path) => {
    if (!existsSync(path)) return
    if (statSync(path).isDirectory()) for (const name of readdirSync(path).sort()) visit(join(path, name))
    else hash.update(path).update(readFileSync(path))
  }
  for (const source of SOURCES) visit(join(root, source))
  return hash.digest('hex')
}

const stampOf = (root) => join(root, 'packages', 'web', 'dist', '.built-from')

/** Whether a source changed since the last build. */
export function needsBuild(root) {
  const stamp = stampOf(root)
  return !existsSync(stamp) || readFileSync(stamp, 'utf8') !== stateOf(root)
}

export function noteBuild(root) {
  writeFileSync(stampOf(root), stateOf(root))
}
