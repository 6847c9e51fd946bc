import { readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'
import { main, PlainError } from './say.mjs'

const root = dirname(dirname(fileURLToPath(import.meta.url)))
const dist = join(root, 'packages/web/dist')

/** Most kilobytes (1,000 bytes, gzip) of script that a page may ask for before it shows; the reader's worker is apart. */
const MOST = {
  'src/drafts/DraftsPage.tsx': 200,
  'src/take/TakePage.tsx': 220,
  // With the text editor.
  'src/drafts/DraftDesk.tsx': 330,
  // With what shows PDF.
  'src/drafts/PagesPage.tsx': 340,
  // With the reader itself, as they read beside what is chosen there.
  'src/drafts/ColumnsPage.tsx': 560,
  'src/drafts/writing/SideBySidePage.tsx': 560,
}
const MOST_OF_OTHERS = 250

const known = new Map()
function gzipped(file) {
  if (!known.has(file)) known.set(file, gzipSync(readFileSync(join(dist, file))).length)
  return known.get(file)
}

/** All script that a page asks for: its own chunk and the entry, with what they import, each once. */
function scriptsOf(manifest, names) {
  const found = new Set()
  const visit = (name) => {
    const { file, imports = [] } = manifest[name]
    if (found.has(file)) return
    found.add(file)
    imports.forEach(visit)
  }
  names.forEach(visit)
  return [...found]
}

/** @returns kilobytes by page, the largest first. */
export function bundleSizes() {
  const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'))
  const entry = Object.keys(manifest).find((name) => manifest[name].isEntry)
  return Object.keys(manifest)
    .filter((name) => manifest[name].isDynamicEntry && /Page\.tsx$|Desk\.tsx$|BankToPapers\.tsx$/.test(name))
    .map((page) => {
      const bytes = scriptsOf(manifest, [entry, page]).reduce((sum, file) => sum + gzipped(file), 0)
      return { page, kilobytes: bytes / 1000, most: MOST[page] ?? MOST_OF_OTHERS }
    })
    .sort((a, b) => b.kilobytes - a.kilobytes)
}

/** Prints what each page asks for. @throws PlainError where one asks for more than it may. */
export function sayBundleSizes() {
  const sizes = bundleSizes()
  for (const { page, kilobytes, most } of sizes)
    process.stdout.write(`  ${page.replace('src/', '').padEnd(36)}${kilobytes.toFixed(0).padStart(5)} kB of ${most}\n`)
  const over = sizes.filter(({ kilobytes, most }) => kilobytes > most)
  if (over.length) throw new PlainError(`${over.map(({ page }) => page).join(', ')}: more script than it may ask for.`)
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await main(async () => sayBundleSizes())
