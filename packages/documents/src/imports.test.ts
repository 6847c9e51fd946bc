import { hasKey, outlineOf, plainText, type ReadResult } from '@zakuska/core'
import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { readFile } from './read-file.ts'
import { packZip } from './common/zip.ts'

const FOLDER = join(__dirname, '../../core/samples/imports')
const GOLD = '.gold.json'

/**
 * Files as others write them, made by hand from the published descriptions of GIFT and Aiken, the QTI ASI Information
 * Model 1.2, the QTI Information Models 2.1, 2.2 and 3.0, and Content Packaging: other element orders, prefixes,
 * encodings, missing optional parts, several items a file, parts in folders of their own.
 */
const NAMES = readdirSync(FOLDER)
  .filter((name) => name.endsWith(GOLD))
  .map((name) => name.slice(0, -GOLD.length))

interface Gold {
  readonly passages?: readonly string[]
  readonly items: readonly Record<string, unknown>[]
  /** What is said to be left out, or not read. */
  readonly unread?: readonly string[]
}

function bytesOf(name: string): Uint8Array {
  const found = readdirSync(FOLDER, { withFileTypes: true }).find(
    (entry) => entry.name === name || (entry.name.startsWith(`${name}.`) && !entry.name.endsWith(GOLD)),
  )
  const path = join(FOLDER, found?.name ?? name)
  if (!found?.isDirectory()) return readFileSync(path)
  const files = readdirSync(path, { recursive: true, withFileTypes: true }).filter((entry) => entry.isFile())
  return packZip(
    files.map((entry) => {
      const own = join(entry.parentPath, entry.name)
      return { path: relative(path, own), bytes: readFileSync(own) }
    }),
  )
}

async function itemsOf(name: string): Promise<ReadResult> {
  const contents = await readFile(bytesOf(name))
  if (contents.kind !== 'items') throw new Error(`${name} was read as a draft.`)
  return contents.result
}

test.each(NAMES)('%s', async (name) => {
  const gold = JSON.parse(readFileSync(join(FOLDER, name + GOLD), 'utf8')) as Gold
  const { items, unread } = await itemsOf(name)
  expect(items.map((item) => outlineOf(item))).toMatchObject(gold.items)
  if (gold.passages) expect([...new Set(items.map((item) => plainText(item.passage)))]).toEqual(gold.passages)
  expect(items.every((item) => hasKey(item))).toBe(true)
  expect(unread.map(({ reason }) => reason)).toEqual(gold.unread ?? [])
})
