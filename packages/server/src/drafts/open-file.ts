import { randomUUID } from 'node:crypto'
import { fitPaper, tidyText, withPictures, type Assets, type PaperLimits } from '@zakuska/core'
import { PackageError, readFile, withPictureNames, type FileContents } from '@zakuska/documents'
import { MOST_PICTURE_BYTES, pictureType } from '../assets/picture-type.ts'
import type { OpenedFileDto } from './dto/opened-file.dto.ts'

/** Letters of a draft; more than that nobody goes through on a desk. */
export const MOST_LETTERS = 2_000_000
/** More pictures of one file are not kept. */
const MOST_PICTURES = 300

export interface FoundPicture {
  readonly id: string
  /** Media type. */
  readonly type: string
  readonly bytes: Uint8Array
}

/** An opened file as it is answered, with the pictures that its text names. */
export interface OpenedFile {
  /** `OpenedFileDto` as JSON in UTF-8: it may be large, and is only passed on. */
  readonly json: Uint8Array
  readonly pictures: readonly FoundPicture[]
}

/** A draft holds items; what a test says besides them is to be set on the paper that they go into. */
const DRAFT_PAPER: PaperLimits = {
  sections: 'its sections are left out; the items keep their order',
  instructions: 'its instructions are left out',
  'time-limit': 'its time limit is left out',
  attempts: 'how often it may be taken is left out',
  'shuffle-items': 'that its items change places is left out',
}

/** @throws PackageError or FormatError with one sentence for a person. */
export async function openFile(bytes: Uint8Array): Promise<OpenedFile> {
  const contents = await readFile(bytes)
  const pictures = found(contents.kind === 'items' ? contents.result.assets : contents.assets)
  const names = new Map([...pictures].map(([name, { id }]) => [name, id]))
  const opened = contents.kind === 'items' ? itemsAsDraft(contents, names) : asDraft(contents, names)
  if (opened.text.length > MOST_LETTERS)
    throw new PackageError(
      `The file holds more text than a draft can: ${MOST_LETTERS.toLocaleString('en')} letters. Open a part of it.`,
    )
  return { json: new TextEncoder().encode(JSON.stringify(opened)), pictures: [...pictures.values()] }
}

type OfKind<Kind> = Extract<FileContents, { kind: Kind }>

function itemsAsDraft({ result }: OfKind<'items'>, names: ReadonlyMap<string, string>): OpenedFileDto {
  const { items, title, unread, plan } = result
  return {
    type: 'items',
    text: plain(
      tidyText(
        items.map((item) => withPictures(item, names)),
        title,
      ),
    ),
    styles: [],
    notes: [
      ...unread.map((one) => `${one.where}: ${one.reason}`),
      ...(plan ? fitPaper(plan, DRAFT_PAPER).map((one) => `the test itself: ${one.says}`) : []),
    ],
  }
}

function asDraft(contents: OfKind<'draft'>, names: ReadonlyMap<string, string>): OpenedFileDto {
  const { blocks = [], source } = contents.assets ? withPictureNames(contents.blocks ?? [], names) : contents
  return {
    type: contents.type,
    text: plain(source.text),
    styles: [...(source.styles ?? [])],
    ...(blocks.some((block) => block.type === 'table') && { blocks: [...blocks] }),
    notes: [],
  }
}

/** Without what no database keeps, letter for letter, so that styles stay at their places. */
function plain(text: string): string {
  return text.replaceAll('\0', '\ufffd').replace(/\p{Surrogate}/gu, '\ufffd')
}

/** Pictures by the names that the file gives them; what is none, or too large, is left out. */
function found(assets: Assets | undefined): Map<string, FoundPicture> {
  const pictures = new Map<string, FoundPicture>()
  for (const [name, bytes] of assets ?? []) {
    const type = bytes.length <= MOST_PICTURE_BYTES ? pictureType(Buffer.from(bytes.subarray(0, 12))) : null
    if (type && pictures.size < MOST_PICTURES) pictures.set(name, { id: randomUUID(), type, bytes })
  }
  return pictures
}
