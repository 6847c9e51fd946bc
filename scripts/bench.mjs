import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { cpus, tmpdir } from 'node:os'
import { join } from 'node:path'
import { startDatabase } from './database.mjs'
import { main } from './say.mjs'

const ITEMS = 5000
const DESK_ITEMS = 500
const KEY_STROKES = 40
const RUNS = 5
const TURNS = 15
const FRAME_MS = 16
const MIXED_ITEMS = 2000
const BANK_ITEMS = 100_000
const SENT_ITEMS = 500
const QUERIES = 100
const WARM_UP = 20
const WORDS =
  'tide buoy light chart knot ebb flood keel mast sail rope anchor channel harbour bearing compass depth wind fog gale'.split(
    ' ',
  )

/** Speed as ratios measured in one run: a line per figure, on standard output. */
await main(async () => {
  const { readDraft, rereadDraft } = await import('../packages/core/dist/index.js')
  const { fromMarkdown } = await import('mdast-util-from-markdown')
  const version = JSON.parse(
    readFileSync(new URL('../node_modules/mdast-util-from-markdown/package.json', import.meta.url), 'utf8'),
  ).version
  process.stdout.write(`Node.js ${process.version}, ${cpus().length} × ${cpus()[0]?.model ?? 'unknown'}\n`)

  const draft = draftOf(ITEMS)
  // Another text each run, so that nothing is remembered from the run before.
  const reading = best((run) => readDraft({ text: draft.replaceAll('north', `north${run}`) }))
  const parsing = best((run) => fromMarkdown(draft.replaceAll('north', `north${run}`)))
  line(
    `reading ${ITEMS} items (${Math.round(draft.length / 1024)} KiB)`,
    `${reading.toFixed(0)} ms; mdast-util-from-markdown ${version} on the same bytes ${parsing.toFixed(0)} ms`,
    reading / parsing,
    1,
  )

  let text = draftOf(DESK_ITEMS)
  let reading500 = readDraft({ text })
  const strokes = []
  for (let stroke = 0; stroke < KEY_STROKES; stroke++) {
    const at = text.indexOf(`number ${stroke * 7},`)
    text = `${text.slice(0, at)}x${text.slice(at)}`
    const start = performance.now()
    reading500 = rereadDraft(reading500, { text })
    strokes.push(performance.now() - start)
  }
  const median = strokes.sort((a, b) => a - b)[KEY_STROKES / 2]
  line(
    `re-reading ${DESK_ITEMS} items after a key stroke`,
    `median ${median.toFixed(1)} ms of ${KEY_STROKES}; a frame is ${FRAME_MS} ms`,
    median / FRAME_MS,
    1,
  )
  const items = await mixedItems()
  await formats(items)
  await drafts(items)
  await bank()
  const { results } = await import('./bench-results.mjs')
  await results(items, line)
  const { dispatch } = await import('./bench-dispatch.mjs')
  await dispatch(items.slice(0, SENT_ITEMS), line)
})

/** Items of every kind, no two of which say the same, as in a bank; otherwise zipping would have next to nothing to do. */
async function mixedItems() {
  const { paragraph, readDraft, styledText } = await import('../packages/core/dist/index.js')
  const sample = readFileSync(new URL('../packages/core/samples/layouts/all-kinds.txt', import.meta.url), 'utf8')
  const some = readDraft({ text: sample }).items.map((read) => read.item)
  return Array.from({ length: MIXED_ITEMS }, (_none, at) => {
    const item = some[at % some.length]
    return { ...item, stem: [...item.stem, paragraph([styledText(remark(at), [])])] }
  })
}

/** Each format written and read back, against zipping and unzipping, or JSON-printing and parsing, the same content. */
async function formats(items) {
  const { FORMATS } = await import('../packages/core/dist/index.js')
  const { packZip, readItemsJson, unpackZip, writeItemsJson } = await import('../packages/documents/dist/index.js')
  const asJson = () => JSON.parse(JSON.stringify(items))
  const own = sideBySide(() => readItemsJson(writeItemsJson(items, 'Bench')), asJson)
  line(
    `our JSON, ${MIXED_ITEMS} items written, read and checked`,
    `${own.ours.toFixed(0)} ms; JSON printed and parsed ${own.plain.toFixed(0)} ms`,
    own.ours / own.plain,
    3,
  )
  for (const format of Object.values(FORMATS)) {
    const settings = { title: 'Bench', as: 'bank' }
    const { data } = format.write(items, settings)
    const isText = data.form === 'text'
    const { ours, plain } = sideBySide(
      () => {
        const written = format.write(items, settings).data
        const carried = isText ? written : { form: 'package', files: unpackZip(packZip(written.files)) }
        format.read(carried)
      },
      isText ? asJson : () => unpackZip(packZip(data.files)),
    )
    line(
      `${format.name}, ${MIXED_ITEMS} items written and read`,
      `${ours.toFixed(0)} ms; ${isText ? 'JSON printed and parsed' : 'the same files zipped and unzipped'} ${plain.toFixed(0)} ms`,
      ours / plain,
      3,
    )
  }
}

/** Tables and the tidy text, which are read as any draft is, against the same: to zip, or to JSON. */
async function drafts(items) {
  const { readDraft } = await import('../packages/core/dist/index.js')
  const { packZip, readFile, unpackZip, writeFileAs } = await import('../packages/documents/dist/index.js')
  const asJson = () => JSON.parse(JSON.stringify(items))
  for (const [target, name] of [
    ['csv', 'CSV'],
    ['xlsx', 'XLSX'],
    ['draft', 'tidy text'],
  ]) {
    const write = () => writeFileAs(items, target, { title: 'Bench', as: 'bank' })
    const { bytes } = await write()
    const files = target === 'xlsx' ? unpackZip(bytes) : null
    let ours = Number.POSITIVE_INFINITY
    let plain = Number.POSITIVE_INFINITY
    for (let run = 0; run < RUNS; run++) {
      const start = performance.now()
      readDraft((await readFile((await write()).bytes)).source)
      ours = Math.min(ours, performance.now() - start)
      plain = Math.min(plain, took(files ? () => unpackZip(packZip(files)) : asJson))
    }
    line(
      `${name}, ${MIXED_ITEMS} items written and read as a draft`,
      `${ours.toFixed(0)} ms; ${files ? 'the same files zipped and unzipped' : 'JSON printed and parsed'} ${plain.toFixed(0)} ms`,
      ours / plain,
      3,
    )
  }
}

/** Searching and filtering a bank of generated items, through the server's own service, against a primary-key look-up. */
async function bank() {
  const folder = mkdtempSync(join(tmpdir(), 'zakuska-bench-'))
  const database = await startDatabase({ folder, durable: false })
  try {
    const { openBank } = await import('../packages/server/dist/demo/large-bank.js')
    const { find, search, facets, close } = await openBank(database.url, BANK_ITEMS)
    const lookUp = await p95((at) => find(at * 37))
    const figure = async (what, work) => {
      const took = await p95(work)
      line(
        `bank of ${BANK_ITEMS} items, ${what}`,
        `p95 ${took.toFixed(2)} ms of ${QUERIES}; a primary-key look-up p95 ${lookUp.toFixed(2)} ms`,
        took / lookUp,
        20,
      )
    }
    await figure('searched by words', (at) =>
      search({ text: `${WORDS[at % WORDS.length]} ${WORDS[(at * 7 + 3) % WORDS.length]}${at % 97}` }),
    )
    await figure('searched by one common word', (at) => search({ text: WORDS[at % WORDS.length] }))
    await figure('filtered by kind and tag', (at) => search({ kind: 'single', tag: `topic ${at % 40}` }))
    await figure('not signed off', () => search({ signedOff: 'no' }))
    await figure('not narrowed', (at) => search({ offset: (at % 10) * 100 }))
    await figure('all counts of a narrow filter', (at) => facets({ tag: `topic ${at % 40}` }))
    await figure('all counts, not narrowed', () => facets({}))
    await figure('all counts of a broad filter', () => facets({ kind: 'single' }))
    await close()
  } finally {
    await database.stop()
    database.remove()
    rmSync(folder, { recursive: true, force: true })
  }
}

async function p95(work) {
  for (let at = 0; at < WARM_UP; at++) await work(at)
  const took = []
  for (let at = 0; at < QUERIES; at++) {
    const start = performance.now()
    await work(at)
    took.push(performance.now() - start)
  }
  return took.sort((a, b) => a - b)[Math.floor(QUERIES * 0.95)]
}

/** Twelve words that differ from item to item, the same in every run. */
function remark(at) {
  let state = at + 1
  const next = () => (state = (state * 48271) % 2147483647)
  return Array.from({ length: 12 }, () => `${WORDS[next() % WORDS.length]}${next() % 97}`).join(' ')
}

function draftOf(count) {
  return Array.from(
    { length: count },
    (_none, at) =>
      `${at + 1}. Which of these is a grain number ${at}, grown in the north?\na) oak tree ${at}\nb) rye\nc) elm\nd) birch bark\nAnswer: ${'abcd'[at % 4]}\nExplanation: It is baked into bread, in the ${at}th year.\n`,
  ).join('\n')
}

/** The least of each, run in turns, so that a machine that slows down slows both. */
function sideBySide(ourWork, plainWork) {
  let ours = Number.POSITIVE_INFINITY
  let plain = Number.POSITIVE_INFINITY
  for (let run = 0; run < TURNS; run++) {
    ours = Math.min(ours, took(ourWork))
    plain = Math.min(plain, took(plainWork))
  }
  return { ours, plain }
}

function took(work) {
  const start = performance.now()
  work()
  return performance.now() - start
}

function best(work) {
  let least = Number.POSITIVE_INFINITY
  for (let run = 0; run < RUNS; run++) {
    const start = performance.now()
    work(run)
    least = Math.min(least, performance.now() - start)
  }
  return least
}

function line(what, figures, ratio, aim) {
  process.stdout.write(`${what}: ${ratio.toFixed(2)} (aim ≤ ${aim.toFixed(1)}): ${figures}\n`)
}
