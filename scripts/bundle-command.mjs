import { readdirSync, rmSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { join } from 'node:path'
import { rolldown } from 'rolldown'
import { main } from './say.mjs'

const DIST = fileURLToPath(new URL('../packages/cli/dist/', import.meta.url))
/** What only some files need is loaded when one does. */
const HEAVY = [/^pdfjs-dist/, /^exceljs/, /^pdfmake/, /^pptxgenjs/, /^mathjax-full/, /^fontkit/]
const PREFIX = 'zakuska-'

/** The command as one file: looking up and loading some hundred modules takes longer than reading a page. */
await main(async () => {
  for (const name of readdirSync(DIST)) if (name.startsWith(PREFIX)) rmSync(join(DIST, name))
  const bundle = await rolldown({ input: join(DIST, 'main.js'), platform: 'node', external: HEAVY, logLevel: 'warn' })
  await bundle.write({
    dir: DIST,
    format: 'esm',
    minify: true,
    entryFileNames: `${PREFIX}command.js`,
    chunkFileNames: `${PREFIX}[name]-[hash].js`,
  })
})
