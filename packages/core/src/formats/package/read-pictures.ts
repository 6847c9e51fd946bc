import { mapInlines } from '../../content/map.ts'
import { mapContents } from '../../item/contents.ts'
import type { Item } from '../../item/model.ts'
import type { PackageFile } from '../format.ts'
import type { Assets } from '../../fit/limits.ts'

/** The pictures that the items of a package show, found by the paths that the items give. */
export class PackedPictures {
  readonly #files: ReadonlyMap<string, PackageFile>
  readonly #found = new Map<string, Uint8Array>()

  constructor(files: readonly PackageFile[]) {
    this.#files = new Map(files.filter((file) => !/\.xml$/i.test(file.path)).map((file) => [file.path, file]))
  }

  /** The item with each picture that is in the package named by its whole path; others keep what they are called. */
  take(item: Item, from: string): Item {
    if (!this.#files.size) return item
    let any = false
    const placed = mapContents(item, (content) =>
      mapInlines(content, (node) => {
        if (node.type !== 'picture' || node.asset === '') return node
        const path = resolvedPath(from, node.asset)
        const file = this.#files.get(path)
        if (!file) return node
        any = true
        this.#found.set(path, file.bytes)
        return { ...node, asset: path }
      }),
    )
    return any ? placed : item
  }

  /** What was found, by path; undefined: nothing. */
  assets(): Assets | undefined {
    return this.#found.size ? this.#found : undefined
  }
}

/** A path as seen from a file of the package; a variable in front of it stands for the root (common practice). */
export function resolvedPath(from: string, href: string): string {
  const fromRoot = /^(?:\$[\w-]+\$|%24[\w-]+%24)?\//.exec(href)
  const parts = fromRoot ? [] : from.split('/').slice(0, -1)
  for (const part of decoded(href.slice(fromRoot?.[0].length ?? 0)).split('/')) {
    if (part === '..') parts.pop()
    else if (part !== '.' && part !== '') parts.push(part)
  }
  return parts.join('/')
}

function decoded(href: string): string {
  try {
    return decodeURIComponent(href)
  } catch {
    return href
  }
}
