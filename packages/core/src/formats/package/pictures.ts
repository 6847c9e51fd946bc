import { mapInlines } from '../../content/map.ts'
import { inlinesOf, type Content } from '../../content/model.ts'
import { mapContents } from '../../item/contents.ts'
import type { Item } from '../../item/model.ts'
import type { PackageFile } from '../format.ts'
import type { Assets } from '../../fit/limits.ts'

/** Collects the pictures that the items of a package show, and names them by where they lie in it. */
export class PicturePack {
  readonly #assets: Assets | undefined
  readonly #prefix: string
  readonly #files = new Map<string, PackageFile>()

  /** @param prefix the way from the file that shows a picture to the root of the package: `../` or nothing. */
  constructor(assets: Assets | undefined, prefix: string) {
    this.#assets = assets
    this.#prefix = prefix
  }

  /**
   * The item with its pictures named by their paths; what one shows that is not at hand stands as text. `used` takes
   * the paths. Without any assets names stay as they are.
   */
  place(item: Item, used?: Set<string>): Item {
    return mapContents(item, (content) => this.#rename(content, used))
  }

  files(): PackageFile[] {
    return [...this.#files.values()]
  }

  #rename(content: Content, used: Set<string> | undefined): Content {
    if (!hasPicture(content)) return content
    return mapInlines(content, (node) => {
      if (node.type !== 'picture') return node
      const path = this.#pathOf(node.asset)
      if (path === null)
        return node.asset && !this.#assets ? node : { type: 'text', text: `[${node.alt || 'picture'}]` }
      used?.add(path)
      return { ...node, asset: `${this.#prefix}${path}` }
    })
  }

  #pathOf(asset: string): string | null {
    const bytes = this.#assets?.get(asset)
    if (!bytes) return null
    const known = this.#files.get(asset)
    const path = known?.path ?? `media/${this.#files.size + 1}-${safeName(asset)}`
    if (!known) this.#files.set(asset, { path, bytes })
    return path
  }
}

function hasPicture(content: Content): boolean {
  return inlinesOf(content).some((node) => node.type === 'picture')
}

function safeName(asset: string): string {
  return asset.replace(/^.*[/:]/, '').replace(/[^A-Za-z0-9._-]/g, '-') || 'picture'
}
