import { spawn } from 'node:child_process'
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { chromium } from '@playwright/test'
import pixelmatch from 'pixelmatch'
import { PNG } from 'pngjs'
import { freePort, startDatabase } from './database.mjs'
import { ensurePackages } from './packages.mjs'
import { main, say } from './say.mjs'
import { VIEWS } from './screenshots/views.mjs'
import { findBrowser } from './system.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const SIZE = { width: 1280, height: 800 }
/** Share of the pixels that may differ: times and dates of the demo are those of the day. */
const SAME = 0.004

/**
 * Takes the pictures of docs/screenshots from the demo and says which differ from those that are there:
 *
 *   npm run screenshots                 puts new ones in the place of those that differ
 *   npm run screenshots -- --look       only says which would
 *   npm run screenshots -- bank paper   these alone
 */
await main(async () => {
  ensurePackages(root)
  const args = process.argv.slice(2)
  const names = args.filter((arg) => !arg.startsWith('--'))
  const views = VIEWS.filter(([name]) => !names.length || names.includes(name))
  const database = await startDatabase({ folder: join(root, '.data', `pictures-${process.pid}`), durable: false })
  const port = String(await freePort(0))
  const server = spawn(process.execPath, ['e2e/serve.mjs'], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, TEST_DATABASE_URL: database.url, E2E_PORT: port },
  })
  try {
    const base = `http://127.0.0.1:${port}`
    await answering(`${base}/icon.svg`)
    const browser = await chromium.launch({ executablePath: findBrowser(), args: ['--no-sandbox', '--disable-gpu'] })
    const page = await (await browser.newContext({ baseURL: base, viewport: SIZE })).newPage()
    await page.request.post('/api/session', { data: { email: 'iris@skarnholm.example', password: 'lighthouse' } })
    for (const [name, open] of views) {
      const shown = (await open(page)) ?? page
      await shown.waitForTimeout(600)
      const share = differing(name, await shown.screenshot(), args.includes('--look'))
      if (shown !== page) await shown.close()
      say(
        share === null
          ? `${name}: new`
          : `${name}: ${share > SAME ? `${(100 * share).toFixed(1)} % differ` : 'as it was'}`,
      )
    }
    await browser.close()
  } finally {
    server.kill('SIGTERM')
    await new Promise((resolve) => server.once('exit', resolve))
    await database.stop()
    database.remove()
  }
})

async function answering(address) {
  for (let turn = 0; turn < 120; turn++) {
    if (
      await fetch(address).then(
        ({ ok }) => ok,
        () => false,
      )
    )
      return
    await new Promise((resolve) => setTimeout(resolve, 500))
  }
}

/** @returns the share of pixels that differ from the picture that is there; null: there is none of that size. */
function differing(name, bytes, isOnlyLooked) {
  const file = join(root, 'docs/screenshots', `${name}.png`)
  const fresh = PNG.sync.read(bytes)
  const known = existsSync(file) ? PNG.sync.read(readFileSync(file)) : null
  const isComparable = known?.width === fresh.width && known.height === fresh.height
  const share = isComparable
    ? pixelmatch(known.data, fresh.data, undefined, fresh.width, fresh.height) / (fresh.width * fresh.height)
    : null
  if (!isOnlyLooked && (share === null || share > SAME)) writeFileSync(file, bytes)
  return share
}
