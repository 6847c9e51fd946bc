import { randomUUID } from 'node:crypto'
import { fitPaper, tidyText, withPictures, type Assets, type PaperLimits } from '@zakuska/core'
import {
  checkPicture,
  PackageError,
  PICTURE_LIMITS,
  pictureHead,
  readFile,
  withPictureNames,
  type FileContents,
} from '@zakuska/documents'
import { MOST_PICTURE_BYTES } from '../assets/picture-type.ts'
import type { OpenedFileDto } from './dto/opened-file.dto.ts'

/** Letters of a draft; more than that nobody goes through on a desk. */
export const MOST_LETTERS = 2_000_000
/** More pictures of one file are not kept. */
const MOST_PICTURES = 300
const TOO_MANY = `of one file ${MOST_PICTURES} are kept.`
/** For decoding pictures, of the time that a file has. */
const DECODING_MS = 1500

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
  const { pictures, notes } = await found(contents.kind === 'items' ? contents.result.assets : contents.assets)
  const names = new Map([...pictures].map(([name, { id }]) => [name, id]))
  const opened = contents.kind === 'items' ? itemsAsDraft(contents, names) : asDraft(contents, names)
  if (opened.text.length > MOST_LETTERS)
    throw new PackageError(
      `The file holds more text than a draft can: ${MOST_LETTERS.toLocaleString('en')} letters. Open a part of it.`,
    )
  const said = { ...opened, notes: [...opened.notes, ...notes] }
  return { json: new TextEncoder().encode(JSON.stringify(said)), pictures: [...pictures.values()] }
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

interface FoundPictures {
  /** By the names that the file gives them. */
  readonly pictures: ReadonlyMap<string, FoundPicture>
  /** What was left out, and why. */
  readonly notes: readonly string[]
}

async function found(assets: Assets | undefined): Promise<FoundPictures> {
  const pictures = new Map<string, FoundPicture>()
  const reasons = new Map<string, number>()
  const until = performance.now() + DECODING_MS
  for (const [name, bytes] of assets ?? []) {
    const kept = pictures.size < MOST_PICTURES ? await asKept(bytes, performance.now() < until) : TOO_MANY
    if (typeof kept === 'string') reasons.set(kept, (reasons.get(kept) ?? 0) + 1)
    else pictures.set(name, { id: randomUUID(), type: kept.type, bytes: kept.bytes })
  }
  const notes = [...reasons].map(
    ([why, count]) => `${count === 1 ? 'A picture was' : `${count} pictures were`} left out: ${why}`,
  )
  return { pictures, notes }
}

/** The picture as it is kept, or why it is not. */
async function asKept(bytes: Uint8Array, mayDecode: boolean): Promise<Pick<FoundPicture, 'type' | 'bytes'> | string> {
  if (bytes.length > MOST_PICTURE_BYTES) return 'a picture has at most 5 MB.'
  const head = pictureHead(bytes)
  const isSmall = head !== null && Math.max(head.width, head.height) <= PICTURE_LIMITS.longestSide
  // When there is no time left for all of them, print decodes what is small, and leaves out what is broken.
  if (!mayDecode && isSmall) return { type: head.type, bytes }
  try {
    return await checkPicture(bytes)
  } catch (error) {
    if (error instanceof PackageError) return error.message
    throw error
  }
}
