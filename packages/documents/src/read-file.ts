import { checkItem, FORMATS, type FormatData, type KeptItem, type ReadResult } from '@zakuska/core'
import { isZip, PackageError, unpackZip } from './zip.ts'

/** What a file turned out to hold. */
export type FileContents =
  | { readonly kind: 'draft'; readonly text: string }
  | { readonly kind: 'items'; readonly format: 'gift' | 'qti21' | 'items'; readonly result: ReadResult }

/** The part by which a package of an office format is told (ECMA-376 part 1; OpenDocument 1.3 part 2). */
const OFFICE_PARTS = [
  ['word/document.xml', 'a word processor file'],
  ['xl/workbook.xml', 'a spreadsheet'],
  ['content.xml', 'an office document'],
] as const

export const MAX_FILE_BYTES = 20 * 1024 * 1024

/**
 * Opens a file by its contents, not its name: a zip package or XML is read as QTI, text that is GIFT or
 * our own JSON as items, any other text as a draft.
 *
 * @throws PackageError or FormatError with one sentence for a person.
 */
export function readFile(bytes: Uint8Array): FileContents {
  if (bytes.length > MAX_FILE_BYTES)
    throw new PackageError(`The file is larger than ${MAX_FILE_BYTES / 1024 / 1024} MB.`)
  if (isZip(bytes)) {
    const files = unpackZip(bytes)
    const office = OFFICE_PARTS.find(([path]) => files.some((file) => file.path === path))
    if (office)
      throw new PackageError(
        `This is ${office[1]}, which cannot be read yet. Copy its text and save that as plain text.`,
      )
    const data: FormatData = { form: 'package', files }
    return { kind: 'items', format: 'qti21', result: FORMATS.qti21.read(data) }
  }
  const start = String.fromCharCode(...bytes.subarray(0, 5))
  if (start === '%PDF-' || start === '{\\rtf')
    throw new PackageError(
      `This is ${start === '%PDF-' ? 'a PDF' : 'an RTF'} file, which cannot be read yet. Copy its text and save that as plain text.`,
    )
  const text = decodeText(bytes)
  if (/^\s*<\?xml|^\s*<assessmentItem/.test(text)) {
    const data: FormatData = { form: 'package', files: [{ path: 'item.xml', bytes }] }
    return { kind: 'items', format: 'qti21', result: FORMATS.qti21.read(data) }
  }
  if (looksLikeGift(text)) return { kind: 'items', format: 'gift', result: FORMATS.gift.read({ form: 'text', text }) }
  const own = readItemsJson(text)
  if (own) return { kind: 'items', format: 'items', result: own }
  return { kind: 'draft', text }
}

/** UTF-8, UTF-16 by its byte order mark, else Windows-1252. @throws PackageError for bytes that are no text. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  if (bytes.includes(0)) throw new PackageError('This file holds no text that can be read.')
  try {
    return new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

/** A title between double colons before a block in braces, or a braces block that opens with an answer sign. */
function looksLikeGift(text: string): boolean {
  return (
    /^\s*(?:\/\/.*\n|\$CATEGORY:.*\n|\s)*::[^:\n]+::[\s\S]*?\{/.test(text) ||
    /^\$CATEGORY:/m.test(text) ||
    /[^\\]\{\s*(?:[=~][^{}]*\}|T\}|F\}|TRUE|FALSE)/.test(text)
  )
}

interface ItemsFile {
  readonly zakuska: 1
  readonly title: string | null
  readonly items: readonly KeptItem[]
}

/** Our own JSON: `{ "zakuska": 1, "title": …, "items": [ … ] }`. */
export function writeItemsJson(items: readonly KeptItem[], title: string | null): string {
  const file: ItemsFile = { zakuska: 1, title, items }
  return `${JSON.stringify(file, null, 2)}\n`
}

function readItemsJson(text: string): ReadResult | null {
  if (!text.trimStart().startsWith('{')) return null
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch {
    return null
  }
  if (
    typeof data !== 'object' ||
    data === null ||
    !('zakuska' in data) ||
    !('items' in data) ||
    !Array.isArray(data.items)
  )
    return null
  const read = data.items.map((item: unknown, index) => ({ item, index, problem: checkItem(item)[0] }))
  return {
    title: 'title' in data && typeof data.title === 'string' ? data.title : null,
    items: read.filter((one) => !one.problem).map((one) => one.item as KeptItem),
    unread: read
      .filter((one) => one.problem)
      .map((one) => ({
        where: `item ${one.index + 1}`,
        reason: `${one.problem?.path ?? ''} ${one.problem?.message ?? ''}`,
        source: JSON.stringify(one.item),
      })),
  }
}
