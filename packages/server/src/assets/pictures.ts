import { randomUUID } from 'node:crypto'
import type { EntityManager } from '@mikro-orm/postgresql'
import { contentsOf, inlinesOf, type Assets, type Item } from '@zakuska/core'
import { Asset } from './asset.entity.ts'
import { MOST_PICTURE_BYTES, pictureType } from './picture-type.ts'
import { demandRoom } from './room.ts'

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

/** Keeps pictures under the ids that they have already. */
export async function keepFound(
  em: EntityManager,
  workspaceId: string,
  pictures: readonly { readonly id: string; readonly type: string; readonly bytes: Uint8Array }[],
): Promise<void> {
  const size = pictures.reduce((all, { bytes }) => all + bytes.length, 0)
  await demandRoom(em, workspaceId, size)
  for (const { id, type, bytes } of pictures)
    em.create(Asset, { id, workspaceId, type, bytes: Buffer.from(bytes), createdAt: new Date() })
  if (pictures.length) await em.flush()
}

/** More pictures of one file are not kept. */
const MOST_PICTURES = 300

/**
 * Keeps the pictures that came with a file.
 *
 * @returns the ids that they have here, by the names that the file gives them; what is no picture, or too large, has none.
 */
export async function keepPictures(
  em: EntityManager,
  workspaceId: string,
  pictures: Assets | undefined,
): Promise<Map<string, string>> {
  const ids = new Map<string, string>()
  let size = 0
  for (const [name, bytes] of pictures ?? []) {
    const body = Buffer.from(bytes)
    const type = body.length <= MOST_PICTURE_BYTES ? pictureType(body) : null
    if (!type || ids.size >= MOST_PICTURES) continue
    const id = randomUUID()
    size += body.length
    em.create(Asset, { id, workspaceId, type, bytes: body, createdAt: new Date() })
    ids.set(name, id)
  }
  await demandRoom(em, workspaceId, size)
  if (ids.size) await em.flush()
  return ids
}
