import type { EntityManager } from '@mikro-orm/postgresql'
import { contentsOf, inlinesOf, type Item } from '@zakuska/core'
import { Asset } from './asset.entity.ts'

/** The bytes of every picture that the items show, by the names that they give them. */
export async function picturesOf(
  em: EntityManager,
  workspaceId: string,
  items: readonly Item[],
): Promise<Map<string, Uint8Array>> {
  const ids = [...new Set(items.flatMap(namesIn))].filter((id) => /^[\da-f-]{36}$/i.test(id))
  if (!ids.length) return new Map()
  const found = await em.find(Asset, { id: { $in: ids }, workspaceId }, { populate: ['bytes'] })
  return new Map(found.map((asset) => [asset.id, new Uint8Array(asset.bytes)]))
}

function namesIn(item: Item): string[] {
  return contentsOf(item).flatMap((content) =>
    inlinesOf(content).flatMap((node) => (node.type === 'picture' && node.asset ? [node.asset] : [])),
  )
}
