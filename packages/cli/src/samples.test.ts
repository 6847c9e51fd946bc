import { execFile } from 'node:child_process'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { isExact, norm, type GoldItem } from '../../core/src/testing/score-reading.ts'
import type { OutlineItem } from '@zakuska/core'

const execute = promisify(execFile)
const folder = join(__dirname, '../../documents/samples')
const binary = join(__dirname, '../bin/zakuska.mjs')
const names = readdirSync(folder)
  .filter((file) => file.endsWith('.gold.json'))
  .map((file) => file.slice(0, -'.gold.json'.length))
const ENDINGS = ['docx', 'odt', 'rtf', 'pdf', 'xlsx', 'csv', 'tsv', 'html']

interface Gold {
  readonly expect?: string
  readonly items: readonly GoldItem[]
  readonly dropped: readonly string[]
  readonly mustFlag?: readonly number[]
}

function pathOf(name: string): string | undefined {
  return ENDINGS.map((ending) => join(folder, `${name}.${ending}`)).find((path) => existsSync(path))
}

const counts = { items: 0, wrong: 0, silent: 0, leaked: 0 }

// Documents, spreadsheets and pages whose right reading is known, read by the built command as a user would.
test.each(names)(
  '%s',
  async (name) => {
    const gold = JSON.parse(readFileSync(join(folder, `${name}.gold.json`), 'utf8')) as Gold
    const key = pathOf(`${name}.key`)
    const reading = execute(process.execPath, [
      binary,
      'read',
      pathOf(name) ?? '',
      ...(key ? ['--key', key] : []),
      '--as',
      'outline',
    ])
    if (gold.expect) {
      await expect(reading).rejects.toMatchObject({
        code: 1,
        stdout: '',
        stderr: expect.stringMatching(/^zakuska: .*scan.*\n$/) as string,
      })
      return
    }
    const { items } = JSON.parse((await reading).stdout) as { items: (OutlineItem & { flags: string[] })[] }
    const wrong = gold.items.filter((item, index) => !items[index] || !isExact(item, items[index]))
    const silent = wrong.filter((item) => items[gold.items.indexOf(item)]?.flags.length === 0)
    const everything = norm(JSON.stringify(items)).toLowerCase()
    const leaked = gold.dropped.filter((text) => everything.includes(norm(text).toLowerCase()))
    counts.items += gold.items.length
    counts.wrong += wrong.length
    counts.silent += silent.length
    counts.leaked += leaked.length
    // Most of every file comes out, whatever it is.
    expect(wrong.length).toBeLessThanOrEqual(Math.max(1, gold.items.length * 0.6))
  },
  20_000,
)

// Shares that only go up: what `npm run reading` says of these files.
test('of all items of these files nearly all come out exact', () => {
  expect(counts.wrong / counts.items).toBeLessThan(0.06)
  expect(counts.silent / counts.items).toBeLessThan(0.012)
  expect(counts.leaked).toBeLessThan(3)
})
