import { readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { main, PlainError } from './say.mjs'

const docs = join(dirname(dirname(fileURLToPath(import.meta.url))), 'docs')

const ASKS = { trouble: 'to decide', doubt: 'to look at', told: 'only told' }

/** docs/formats.md, docs/marks.md and docs/checks.md, made from the tables that the code itself obeys. */
await main(async () => {
  const core = await import('../packages/core/dist/index.js')
  const { format, resolveConfig } = await import('prettier')
  for (const [name, lines] of [
    ['formats.md', formats(core)],
    ['marks.md', marks(core.MARKS)],
    ['checks.md', checks(core.CHECKS)],
  ]) {
    const target = join(docs, name)
    const pretty = await format(lines.join('\n'), { ...(await resolveConfig(target)), parser: 'markdown' })
    if (!process.argv.includes('--check')) writeFileSync(target, pretty)
    else if (readFileSync(target, 'utf8') !== pretty)
      throw new PlainError(`docs/${name} is not what the code says: run \`npm run docs\`.`)
  }
})

function formats({ DESTINATIONS, ITEM_KINDS, KIND_NAMES, PAPER_FEATURES, REMEDIES }) {
  const word = (limit) => (limit ? limit.verdict : 'as is')
  return [
    '# What each destination holds',
    '',
    'Made by `npm run docs` from the limits that the writers obey and the fit report speaks from.',
    '',
    '## Kinds',
    '',
    'A kind *as is* is held with its key; below stands what becomes of particular features of it.',
    '',
    `| kind | ${DESTINATIONS.map((one) => one.name).join(' | ')} |`,
    `|---|${DESTINATIONS.map(() => '---').join('|')}|`,
    ...ITEM_KINDS.map(
      (kind) => `| ${KIND_NAMES[kind]} | ${DESTINATIONS.map((one) => word(one.limits[`kind-${kind}`])).join(' | ')} |`,
    ),
    '',
    '## Papers',
    '',
    'What of a paper itself goes along with its items; what does not is said in the fit report.',
    '',
    `| of the paper | ${DESTINATIONS.map((one) => one.name).join(' | ')} |`,
    `|---|${DESTINATIONS.map(() => '---').join('|')}|`,
    ...PAPER_FEATURES.map(
      (feature) => `| ${feature} | ${DESTINATIONS.map((one) => (one.paper[feature] ? 'no' : 'yes')).join(' | ')} |`,
    ),
    '',
    ...DESTINATIONS.flatMap((one) => [
      `## ${one.name}, ${one.what}`,
      '',
      'A feature that is not listed is held as it is.',
      '',
      '| feature | verdict | what becomes of it | remedy |',
      '|---|---|---|---|',
      ...Object.entries(one.limits).map(
        ([feature, limit]) =>
          `| ${feature}${limit.over === undefined ? '' : ` over ${limit.over}`} | ${limit.verdict} | ${limit.says} | ${limit.remedy ? REMEDIES[limit.remedy].label : ''} |`,
      ),
      '',
    ]),
  ]
}

function marks(table) {
  return [
    '# Marks',
    '',
    'Made by `npm run docs` from `packages/core/src/draft/marks.ts`. A mark is what the reader says about a place in a',
    'draft: a code that never changes, a sentence with its lines, and, where there is one, a mend to take. *To decide*',
    'keeps an item from being signed off, *to look at* does not, and what is *only told* asks for nothing.',
    '',
    '| code | asks | sentence | mend |',
    '|---|---|---|---|',
    ...Object.entries(table).map(
      ([code, one]) => `| \`${code}\` | ${ASKS[one.severity]} | ${one.says} | ${one.mends ?? ''} |`,
    ),
    '',
    '## A draft for each',
    '',
    'A test reads each of them and finds its mark.',
    '',
    ...Object.keys(table).flatMap((code) => [`### ${code}`, '', '```text', markSample(code), '```', '']),
  ]
}

function markSample(code) {
  return readFileSync(join(docs, `../packages/core/samples/marks/${code}.txt`), 'utf8').trimEnd()
}

function checks(table) {
  return [
    '# Writing checks',
    '',
    'Made by `npm run docs` from `packages/core/src/review/checks-table.ts`. A check looks at one item or at all items of a',
    'paper together. Each can be switched off for a workspace, and waived on an item with a reason. Checks that rest on',
    'words know English, German, French, Spanish, Swedish, Dutch, Italian and Portuguese; of other languages they say nothing.',
    '',
    '| code | asks | looks at | what it finds | source |',
    '|---|---|---|---|---|',
    ...Object.entries(table).map(
      ([code, one]) =>
        `| \`${code}\` | ${ASKS[one.severity]} | ${one.on === 'set' ? 'all together' : 'one item'} | ${one.name} | ${one.source} |`,
    ),
    '',
  ]
}
