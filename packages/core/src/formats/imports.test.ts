import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { probesOf } from '../grade/probes.ts'
import type { FormatData, FormatId, PackageFile } from './format.ts'
import { FORMATS } from './index.ts'

/** Files as others write them, made by hand from the standards; what they say is held by the golds beside them. */
const FOLDER = join(__dirname, '../../samples/imports')
const READ = join(__dirname, '../../samples/imports-read')

const NAMES = readdirSync(FOLDER, { withFileTypes: true })
  .filter((entry) => entry.isDirectory() || /\.(?:xml|txt)$/.test(entry.name))
  .map((entry) => entry.name)

function filesOf(name: string): PackageFile[] {
  const path = join(FOLDER, name)
  if (!readdirSync(FOLDER, { withFileTypes: true }).some((entry) => entry.name === name && entry.isDirectory()))
    return [{ path: name, bytes: readFileSync(path) }]
  const files = readdirSync(path, { recursive: true, withFileTypes: true }).filter((entry) => entry.isFile())
  return files
    .map((entry) => join(entry.parentPath, entry.name))
    .sort()
    .map((own) => ({ path: relative(path, own), bytes: readFileSync(own) }))
}

/** What a file is, and its data; who opens files tells it by what stands in them, here their names say it. */
function dataOf(name: string): readonly [FormatId, FormatData] {
  if (name.endsWith('.txt')) {
    const bytes = readFileSync(join(FOLDER, name))
    const text = new TextDecoder(bytes[0] === 0xff ? 'utf-16le' : 'utf-8').decode(bytes)
    return [name.includes('aiken') ? 'aiken' : 'gift', { form: 'text', text }]
  }
  const files = filesOf(name)
  const isFirst = /qti12|cartridge|^q12/.test(name)
  return [isFirst ? 'qti12' : 'qti21', { form: 'package', files }]
}

/** The items in full, what else was read, and what their own key earns by the rules of the file. */
function readIn([id, data]: readonly [FormatId, FormatData]): string {
  const { items, assets, ...rest } = FORMATS[id].read(data)
  const pictures = [...(assets ?? [])].map(([name, bytes]) => `${name} ${bytes.length}`)
  return `${[id, ...items.map((item) => JSON.stringify(item)), JSON.stringify(rest), ...pictures].join('\n')}\n`
}

// To be written anew with WRITE_SAMPLES=1, and read before it is kept.
test.each(NAMES)('%s is read as it was, in full', (name) => {
  const text = readIn(dataOf(name))
  const file = join(READ, `${name.replace(/\.\w+$/, '')}.txt`)
  if (process.env['WRITE_SAMPLES']) writeFileSync(file, text)
  expect(text.split('\n')).toEqual(readFileSync(file, 'utf8').split('\n'))
})

test('each item that others wrote has a key that can be proven', () => {
  const items = NAMES.flatMap((name) => {
    const [id, data] = dataOf(name)
    return FORMATS[id].read(data).items
  })
  expect(items.length).toBeGreaterThan(130)
  const unproven = items.filter((item) => probesOf(item).some(({ kind, share }) => kind === 'key' && share !== 1))
  expect(unproven).toEqual([])
})
