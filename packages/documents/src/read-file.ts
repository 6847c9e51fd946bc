import {
  type Assets,
  decodeXml,
  type DocumentBlock,
  documentDraft,
  type DraftSource,
  type FormatData,
  FormatError,
  type FormatId,
  pagesToBlocks,
  type ReadResult,
  tablesInText,
} from '@zakuska/core'
import { DocumentPictures } from './common/pictures.ts'
import { readHtml } from './html/read-html.ts'
import { readOpenSheet, readOpenText } from './open-text/read-open-text.ts'
import { readRtf } from './rtf/read-rtf.ts'
import { csvDelimiter, readCsv } from './sheet/read-csv.ts'
import { readWord } from './word/read-word.ts'
import { readItemsJson } from './items-json.ts'
import { isZip, PackageError, unpackZip, type ZipEntry } from './common/zip.ts'
import { decodeText } from './common/decode-text.ts'

/** What a file turned out to be. */
export type DraftFileType = 'text' | 'word' | 'open-text' | 'rtf' | 'pdf' | 'workbook' | 'csv' | 'html'

/** What a file turned out to hold. `blocks` is the document that the draft was made from, where it was one. */
export type FileContents =
  | {
      readonly kind: 'draft'
      readonly type: DraftFileType
      readonly source: DraftSource
      readonly blocks?: readonly DocumentBlock[]
      /** Its pictures, by the names that its text gives them. */
      readonly assets?: Assets
    }
  | { readonly kind: 'items'; readonly format: FormatId | 'items'; readonly result: ReadResult }

export const MAX_FILE_BYTES = 20 * 1024 * 1024

/**
 * Opens a file by its contents, not its name: a document, spreadsheet, page or text as a draft, a QTI package, GIFT
 * or our own JSON as items.
 *
 * @throws PackageError or FormatError with one sentence for a person.
 */
export async function readFile(bytes: Uint8Array): Promise<FileContents> {
  if (bytes.length > MAX_FILE_BYTES)
    throw new PackageError(`The file is larger than ${MAX_FILE_BYTES / 1024 / 1024} MB.`)
  if (bytes.length === 0) throw new PackageError('The file is empty.')
  try {
    return (await readDocument(bytes)) ?? (await readTextFile(bytes))
  } catch (error) {
    if (error instanceof PackageError || error instanceof FormatError) throw error
    // A hostile document can nest deeper than the stack or break a reader in other ways; the person needs one line.
    throw new PackageError('The file is broken, or built in a way that cannot be read.', { cause: error })
  }
}

async function readDocument(bytes: Uint8Array): Promise<FileContents | null> {
  const start = String.fromCharCode(...bytes.subarray(0, 1024))
  if (isZip(bytes)) return readPackage(bytes)
  if (start.startsWith('\u00D0\u00CF\u0011\u00E0'))
    throw new PackageError(
      'This is an office file that is locked with a password or from an old program. Save it in today’s format without a password, and read that.',
    )
  if (start.includes('%PDF-')) {
    // Loaded when it is needed: most files are no PDF, and its reader is large.
    const { readPdf } = await import('./pdf/read-pdf.ts')
    return fromBlocks('pdf', pagesToBlocks(await readPdf(bytes)))
  }
  if (start.startsWith('{\\rtf')) return fromBlocks('rtf', readRtf(bytes))
  return null
}

/** The part by which a package is told (ECMA-376 part 2; OpenDocument 1.3 part 2). */
async function readPackage(bytes: Uint8Array): Promise<FileContents> {
  const files = unpackZip(bytes)
  const has = (path: string): boolean => files.some((file) => file.path === path)
  const pictures = new DocumentPictures(files)
  if (has('word/document.xml')) return fromBlocks('word', readWord(files, pictures), pictures)
  if (has('xl/workbook.xml')) {
    const { readWorkbook } = await import('./sheet/read-workbook.ts')
    return fromBlocks('workbook', await readWorkbook(bytes))
  }
  if (has('content.xml')) {
    if (textOf(files, 'META-INF/manifest.xml').includes('<manifest:encryption-data'))
      throw new PackageError(
        'This document is locked with a password. Save a copy without the password, and read that.',
      )
    const sheets = readOpenSheet(files)
    if (sheets) return fromBlocks('workbook', sheets)
    const blocks = readOpenText(files, pictures)
    if (!blocks.length)
      throw new PackageError(
        'There is no text in this document. Slides and drawings are read once they are saved as text.',
      )
    return fromBlocks('open-text', blocks, pictures)
  }
  return itemPackage({ form: 'package', files })
}

/** The version of QTI is told by the roots and namespaces of the files: 1.2 has one document for all items. */
function itemPackage(data: Extract<FormatData, { form: 'package' }>): Promise<FileContents> {
  const heads = data.files
    .filter((file) => file.path.endsWith('.xml'))
    .map((file) => decodeXml(file.bytes.subarray(0, 1500)))
  const says = (pattern: RegExp): boolean => heads.some((head) => pattern.test(head))
  const format: FormatId = says(/<(?:\w+:)?schema>\s*IMS Common Cartridge|imsccv1p\d/)
    ? 'cc13'
    : says(/<(?:\w+:)?questestinterop/)
      ? 'qti12'
      : says(/imsqtiasi_v3p0|qti-assessment-item/)
        ? 'qti30'
        : says(/imsqti_v2p2/)
          ? 'qti22'
          : 'qti21'
  return readItems(format, data)
}

/** The formats are loaded when a file is of one: most are drafts. @throws FormatError if it is none after all. */
async function readItems(format: FormatId, data: FormatData): Promise<Extract<FileContents, { kind: 'items' }>> {
  const { FORMATS } = await import('./item-formats.ts')
  return { kind: 'items', format, result: FORMATS[format].read(data) }
}

function textOf(files: readonly ZipEntry[], path: string): string {
  const file = files.find((one) => one.path === path)
  return file ? new TextDecoder().decode(file.bytes) : ''
}

function fromBlocks(
  type: DraftFileType,
  blocks: readonly DocumentBlock[],
  pictures = new DocumentPictures(),
): FileContents {
  const assets = pictures.assets()
  return { kind: 'draft', type, source: documentDraft(blocks), blocks, ...(assets.size > 0 && { assets }) }
}

async function readTextFile(bytes: Uint8Array): Promise<FileContents> {
  const text = decodeText(bytes)
  if (
    /^\s*(?:<\?xml|<!DOCTYPE questestinterop|<(?:[\w.-]+:)?(?:(?:qti-)?assessment-?item|questestinterop))/i.test(
      text,
    ) &&
    !/<html[\s>]/i.test(text.slice(0, 2000))
  )
    return itemPackage({ form: 'package', files: [{ path: 'item.xml', bytes }] })
  if (looksLikeGift(text)) return readItems('gift', { form: 'text', text })
  if (looksLikeAiken(text)) {
    const read = await readItems('aiken', { form: 'text', text })
    if (!read.result.unread.length) return read
  }
  const own = readItemsJson(text)
  if (own) return { kind: 'items', format: 'items', result: own }
  if (looksLikeHtml(text)) {
    const pictures = new DocumentPictures()
    return fromBlocks('html', readHtml(text, pictures), pictures)
  }
  const tables = tablesInText(text)
  if (tables) return fromBlocks('text', tables)
  const delimiter = csvDelimiter(text)
  if (delimiter !== null) {
    const blocks = readCsv(text, delimiter)
    const draft = documentDraft(blocks)
    if (!draft.text.startsWith('|') || /\n\d+\. /.test(draft.text))
      return { kind: 'draft', type: 'csv', source: draft, blocks }
  }
  return { kind: 'draft', type: 'text', source: { text } }
}

function looksLikeHtml(text: string): boolean {
  const start = text.slice(0, 4000)
  return (
    /<!doctype html|<html[\s>]|<body[\s>]/i.test(start) ||
    (text.match(/<(?:p|li|div|h[1-6]|ol|td)[\s>]/gi)?.length ?? 0) > 3
  )
}

/** A title between double colons before a block in braces, or a braces block that opens with an answer sign. */
function looksLikeGift(text: string): boolean {
  const isNamed = /^\$CATEGORY:/m.test(text) || /^\s*::/m.test(text)
  return (isNamed || holdsGiftAnswers(text)) && hasGiftStart(text)
}

/** In a draft of somebody's own, braces hold other things as well: "{falls*, rises}". */
function holdsGiftAnswers(text: string): boolean {
  const blocks = [...text.matchAll(/(?<!\\)\{([^{}]*)\}/g)].map((found) => (found[1] ?? '').trim())
  const strange = blocks.filter((inner) => !/^(?:$|[=~#]|\/\/|(?:T|F|TRUE|FALSE)(?:$|\s*#))/i.test(inner)).length
  return strange <= blocks.length * MOST_STRANGE
}

const MOST_STRANGE = 0.2

function hasGiftStart(text: string): boolean {
  return (
    /^\s*(?:\/\/.*\n|\$CATEGORY:.*\n|\s)*::[^:\n]+::[\s\S]*?\{/.test(text) ||
    /^\$CATEGORY:/m.test(text) ||
    /[^\\]\{\s*(?:[=~][^{}]*\}|T\}|F\}|TRUE|FALSE)/.test(text)
  )
}

/** A key line behind at least two lettered lines, and that for every block. */
function looksLikeAiken(text: string): boolean {
  return /^[A-D][.)] .+\r?\n(?:[A-Z][.)] .+\r?\n)+ANSWER: [A-Z]\s*$/m.test(text)
}
