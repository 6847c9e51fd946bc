import { documentDraft, type Assets, type DocumentBlock, type DocumentCell, type DraftSource } from '@zakuska/core'
import type { ZipEntry } from './zip.ts'

/** A picture as it stands in draft text: its description, and its name where its bytes are at hand. */
export function pictureText(alt: string | undefined, name: string | null = null): string {
  const says = (alt ?? '').replace(/[[\]\n]/g, ' ').trim()
  return `![${says}](${name === null ? 'picture' : `asset:${name}`})`
}

/** The pictures that a document shows, each kept once under a name of its own. */
export class DocumentPictures {
  readonly #files: ReadonlyMap<string, Uint8Array>
  readonly #names = new Map<string, string>()
  readonly #assets = new Map<string, Uint8Array>()

  /** @param files the package that the document came in; a document that is no package has none. */
  constructor(files: readonly ZipEntry[] = []) {
    this.#files = new Map(files.map((file) => [file.path, file.bytes]))
  }

  /** What stands for the picture at a path of the package; a picture of a kind that is not kept has its description only. */
  at(path: string | null, alt: string | undefined): string {
    const bytes = path === null ? undefined : this.#files.get(path)
    return path === null || !bytes ? pictureText(alt) : this.#kept(path, bytes, alt)
  }

  /** The same for one that stands in the page itself, as `data:image/png;base64,…` (RFC 2397). */
  inline(address: string | undefined, alt: string | undefined): string {
    const data = /^data:image\/[\w.+-]{1,20};base64,([A-Za-z0-9+/=\s]+)$/.exec(address ?? '')?.[1]
    return data === undefined || address === undefined
      ? pictureText(alt)
      : this.#kept(address, new Uint8Array(Buffer.from(data, 'base64')), alt)
  }

  assets(): Assets {
    return this.#assets
  }

  #kept(key: string, bytes: Uint8Array, alt: string | undefined): string {
    if (!isPicture(bytes)) return pictureText(alt)
    const known = this.#names.get(key)
    const name = known ?? `picture-${this.#names.size + 1}`
    this.#names.set(key, name)
    this.#assets.set(name, bytes)
    return pictureText(alt, name)
  }
}

/** By the first bytes: PNG (ISO 15948, 5.2), JPEG (ITU-T T.81, B.1.1.3), GIF89a section 17, WebP (RFC 9649, 2.4). */
function isPicture(bytes: Uint8Array): boolean {
  const start = String.fromCharCode(...bytes.subarray(0, 12))
  return /^\u0089PNG\r\n|^\u00ff\u00d8\u00ff|^GIF8[79]a|^RIFF....WEBP$/s.test(start)
}

/** A document whose pictures have other names, as where they are kept; one without a new name has its description only. */
export function withPictureNames(
  blocks: readonly DocumentBlock[],
  names: ReadonlyMap<string, string>,
): { readonly blocks: DocumentBlock[]; readonly source: DraftSource } {
  const renamed = (text: string): string =>
    text.replace(/\]\(asset:([\w-]{1,64})\)/g, (_whole, name: string) => {
      const now = names.get(name)
      return now === undefined ? '](picture)' : `](asset:${now})`
    })
  const cell = (runs: DocumentCell): DocumentCell => runs.map((run) => ({ ...run, text: renamed(run.text) }))
  const changed = blocks.map((block): DocumentBlock =>
    block.type === 'paragraph'
      ? { ...block, runs: cell(block.runs) }
      : { ...block, rows: block.rows.map((row) => row.map(cell)) },
  )
  return { blocks: changed, source: documentDraft(changed) }
}
