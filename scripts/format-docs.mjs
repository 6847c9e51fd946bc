import { readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { main, PlainError } from './say.mjs'

const target = join(dirname(dirname(fileURLToPath(import.meta.url))), 'docs', 'formats.md')

/** docs/formats.md, made from the limits that the writers obey. */
await main(async () => {
  const { DESTINATIONS } = await import('../packages/core/dist/index.js')
  const { format, resolveConfig } = await import('prettier')
  const features = [...new Set(DESTINATIONS.flatMap((one) => Object.keys(one.limits)))]
  const cell = (limit) =>
    limit ? `${limit.verdict}: ${limit.says.charAt(0).toLowerCase()}${limit.says.slice(1)}` : 'as is'
  const rows = features.map(
    (feature) => `| ${feature} | ${DESTINATIONS.map((one) => cell(one.limits[feature])).join(' | ')} |`,
  )
  const text = [
    '# What each destination holds',
    '',
    'Made by `npm run docs` from the limits that the writers obey. A feature that is not listed is held as it is.',
    '',
    `| feature of an item | ${DESTINATIONS.map((one) => one.name).join(' | ')} |`,
    `|---|${DESTINATIONS.map(() => '---').join('|')}|`,
    ...rows,
    '',
  ].join('\n')
  const pretty = await format(text, { ...(await resolveConfig(target)), parser: 'markdown' })
  if (!process.argv.includes('--check')) return writeFileSync(target, pretty)
  if (readFileSync(target, 'utf8') !== pretty)
    throw new PlainError('docs/formats.md is not what the limits say: run `npm run docs`.')
})
