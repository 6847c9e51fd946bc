import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { extname, join } from 'node:path'
import { main } from './say.mjs'

/**
 * How drafts are read, measured:
 *
 *   npm run reading                  all labelled drafts, and made drafts in notations never fitted on
 *   npm run reading -- --folds       each fifth of the drafts, fitted on the others (some minutes)
 *   npm run reading -- --fit         fits the weights on all drafts and writes packages/core/src/draft/roles/weights-table.ts
 *   npm run reading -- --worth       fits how readings are weighed against each other, for packages/core/src/draft/doubt/worth.ts
 *   npm run reading -- --right-roles what does not come out even where each line has its right role, for a test
 *   npm run reading -- --show NAME   what was read wrongly in the drafts whose name holds NAME
 */
const core = new URL('../packages/core/dist/', import.meta.url)
const root = new URL('../', import.meta.url).pathname
const FOLDERS = [
  'packages/core/samples/drafts',
  'packages/core/samples/layouts',
  'packages/documents/samples',
  'packages/documents/samples/reading',
  'packages/core/samples/first-reads',
]
const TABLE = join(root, 'packages/core/src/draft/roles/weights-table.ts')
const MADE = 2000
/** Fits whose mean is taken, each with made drafts of its own. */
const FITS = 3
const DRESSES = 3
const FOLDS = 5
const KEPT_OUT = 60

await main(async () => {
  const args = process.argv.slice(2)
  const drafts = await labelledDrafts()
  const show = args.indexOf('--show') >= 0 ? args[args.indexOf('--show') + 1] : null
  if (args.includes('--fit')) await fit(drafts)
  else if (args.includes('--folds')) await folds(drafts)
  else if (args.includes('--worth')) await worth(drafts)
  else if (args.includes('--right-roles')) await rightRoles(drafts)
  else await compare(drafts, show)
})

async function part(path) {
  return import(new URL(path, core).href)
}

async function labelledDrafts() {
  const { readFile } = await import('../packages/documents/dist/index.js')
  const drafts = []
  for (const folder of FOLDERS) {
    if (!existsSync(join(root, folder))) continue
    const files = readdirSync(join(root, folder))
    for (const file of files.filter((one) => one.endsWith('.gold.json'))) {
      const name = file.slice(0, -'.gold.json'.length)
      const beside = files.filter((one) => one.startsWith(`${name}.`) && !one.endsWith('.gold.json'))
      const key = beside.find((one) => one.startsWith(`${name}.key.`))
      const draft = beside.find((one) => one === name + extname(one))
      const read = async (one) => readFile(new Uint8Array(readFileSync(join(root, folder, one))))
      const gold = JSON.parse(readFileSync(join(root, folder, file), 'utf8'))
      if (!draft || gold.expect) continue
      const contents = await read(draft)
      if (contents.kind !== 'draft') continue
      const keyText = key ? (await read(key)).source.text : undefined
      drafts.push({
        name,
        file: join(root, folder, draft),
        set: folder.split('/').slice(-1)[0],
        source: { ...contents.source, ...(keyText !== undefined && { keyText }) },
        gold,
      })
    }
  }
  return drafts.sort((a, b) => (a.name < b.name ? -1 : 1))
}

function told(label, scores) {
  const sum = (field) => scores.reduce((total, one) => total + one[field], 0)
  const share = (count, whole) => `${((100 * count) / Math.max(1, whole)).toFixed(1)} %`
  const gold = sum('gold')
  process.stdout.write(
    `${label}: ${scores.length} drafts, ${gold} items: exact ${share(sum('exact'), gold)}, key ${share(sum('keyRight'), gold)}, silently wrong ${share(sum('silent'), gold)}, marked though right ${share(sum('crying'), sum('exact'))}, missed ${sum('missed')}, spurious ${sum('spurious')}, leaked ${sum('leaked')}, not flagged ${sum('unflagged')}, extras ${share(sum('extrasRight'), sum('extras'))}\n`,
  )
}

async function scored(drafts, read) {
  const { scoreReading } = await part('labelled/score.js')
  return drafts.map((draft) => ({ draft, ...scoreReading(read(draft.source), draft.gold) }))
}

async function compare(drafts, show) {
  const { readDraft } = await part('draft/read-draft.js')
  const scores = await scored(show ? drafts.filter((draft) => draft.name.includes(show)) : drafts, readDraft)
  for (const set of new Set(drafts.map((draft) => draft.set))) {
    const own = scores.filter((one) => one.draft.set === set)
    if (own.length) told(set, own)
  }
  if (show)
    for (const one of scores)
      process.stdout.write(`${one.draft.name}\n${one.told.map((line) => `  ${line}\n`).join('')}`)
  else await keptOut(drafts)
}

/** Share of the lines of made drafts, in notations that nothing is fitted on, whose role comes out right. */
async function keptOut(drafts) {
  const { parseWeights } = await part('draft/roles/weights.js')
  const { WEIGHTS_TABLE } = await part('draft/roles/weights-table.js')
  const weights = parseWeights(WEIGHTS_TABLE)
  const { exampleOf } = await part('labelled/fit-roles.js')
  const { madeExamples, stockOf } = await part('labelled/made-examples.js')
  const { readRoles } = await part('draft/roles/read-roles.js')
  const examples = madeExamples(stockOf(drafts, drafts.map(exampleOf)), KEPT_OUT, 900_001, true)
  let lines = 0
  let right = 0
  for (const example of examples) {
    const { roles } = readRoles(example.draft, weights)
    lines += roles.length
    roles.forEach((role, at) => (right += (example.allowed[at] >> role) & 1))
  }
  process.stdout.write(
    `made drafts in notations kept out of the fit: ${examples.length} drafts, ${lines} lines, role right ${((100 * right) / lines).toFixed(1)} %\n`,
  )
}

async function fitted(drafts) {
  const { exampleOf, fitReader, meanOf } = await part('labelled/fit-roles.js')
  const { madeExamples, ownExamples, redressedExamples, stockOf } = await part('labelled/made-examples.js')
  const { readDraft } = await part('draft/read-draft.js')
  const examples = drafts.map(exampleOf)
  const own = ownExamples(
    drafts.map((draft) => readDraft(draft.source)),
    1,
  )
  const stock = stockOf(drafts, examples)
  const fits = Array.from({ length: FITS }, (_none, at) => {
    const made = madeExamples(stock, MADE, 5000 + 10_000 * at)
    return fitReader([...examples, ...redressedExamples(examples, DRESSES, 1 + at), ...own, ...made])
  })
  return meanOf(fits)
}

async function folds(drafts) {
  const { weighDraft } = await part('draft/weigh-draft.js')
  const all = []
  for (let fold = 0; fold < FOLDS; fold++) {
    const weights = await fitted(drafts.filter((_draft, at) => at % FOLDS !== fold))
    all.push(
      ...(await scored(
        drafts.filter((_draft, at) => at % FOLDS === fold),
        (source) => weighDraft(source, weights),
      )),
    )
    process.stderr.write(`fold ${fold + 1} of ${FOLDS}\n`)
  }
  for (const set of new Set(drafts.map((draft) => draft.set)))
    told(
      `left out of the fit, ${set}`,
      all.filter((one) => one.draft.set === set),
    )
  told('left out of the fit, all', all)
}

async function fit(drafts) {
  const { printWeights } = await part('draft/roles/weights.js')
  const table = printWeights(await fitted(drafts))
  writeFileSync(
    TABLE,
    `/**\n * What each feature of a line says for and against its roles, in hundredths: made by \`npm run reading -- --fit\` from the\n * labelled drafts, and not changed by hand.\n */\nexport const WEIGHTS_TABLE = \`${table.replaceAll('\\', '\\\\').replaceAll('`', '\\`')}\n\`\n`,
  )
  process.stdout.write(`${table.split('\n').length} lines of weights written\n`)
}

/** What counts how much, from readings of each fifth of the drafts by roles fitted on the others. */
async function worth(drafts) {
  const { waysOf } = await part('draft/weigh-draft.js')
  const { scoreReading } = await part('labelled/score.js')
  const { fitWorth } = await part('labelled/fit-worth.js')
  const all = []
  for (let fold = 0; fold < FOLDS; fold++) {
    const weights = await fitted(drafts.filter((_draft, at) => at % FOLDS !== fold))
    for (const { source, gold } of drafts.filter((_draft, at) => at % FOLDS === fold))
      all.push(
        waysOf(source, weights).map(({ reading, counts, loss }) => {
          const { exact, spurious } = scoreReading(reading, gold)
          return { counts, loss, right: exact - spurious / 2 }
        }),
      )
    process.stderr.write(`fold ${fold + 1} of ${FOLDS}\n`)
  }
  process.stdout.write(`${JSON.stringify(fitWorth(all), null, 2)}\n`)
}

/** Drafts in text that do not come out whole where every line has its right role. */
async function rightRoles(drafts) {
  const { heldOf, isWhole, readByRightRoles } = await part('labelled/right-roles.js')
  const { scoreReading } = await part('labelled/score.js')
  const inText = drafts.filter(({ set }) => ['drafts', 'layouts', 'first-reads'].includes(set))
  const scores = inText.map((draft) => {
    // As it is written: what is a table or a page to who opens files is text here.
    const { keyText } = draft.source
    const source = { text: readFileSync(draft.file, 'utf8'), ...(keyText !== undefined && { keyText }) }
    return { draft, ...scoreReading(readByRightRoles({ ...draft, source }), draft.gold) }
  })
  told('by their right roles', scores)
  const open = scores.filter((score) => !isWhole(score))
  const file = join(root, 'packages/core/samples/right-roles.json')
  const held = Object.fromEntries(open.map((score) => [score.draft.name, heldOf(score)]))
  writeFileSync(file, `${JSON.stringify(held, null, 2)}\n`)
}
