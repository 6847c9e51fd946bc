import type { EntityManager } from '@mikro-orm/postgresql'
import { contentsOf, inlinesOf, type Item } from '@zakuska/core'
import { Asset } from './asset.entity.ts'

/** Where anybody can look at a picture, once it is public; its id cannot be guessed. */
export function pictureAddress(origin: string, asset: string): string {
  return `${origin}/pictures/${asset}`
}

/** Makes the pictures public that the items show: who answers them signs in nowhere. */
export async function publishShown(em: EntityManager, workspaceId: string, items: readonly Item[]): Promise<void> {
  const ids = items.flatMap((item) =>
    contentsOf(item).flatMap((content) =>
      [...inlinesOf(content)].flatMap((node) => (node.type === 'picture' && ID.test(node.asset) ? [node.asset] : [])),
    ),
  )
  if (ids.length) await em.nativeUpdate(Asset, { id: { $in: [...new Set(ids)] }, workspaceId }, { isPublic: true })
}

const ID = /^[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}$/

/** Makes the pictures public that the texts of these items lead to. */
export async function publishPictures(
  em: EntityManager,
  workspaceId: string,
  items: readonly { readonly body: Item }[],
  origin: string,
): Promise<void> {
  const start = pictureAddress(origin, '')
  const ids = items.flatMap(({ body }) =>
    contentsOf(body)
      .flatMap(textsIn)
      .flatMap((text) => linkedFrom(text, start)),
  )
  if (ids.length) await em.nativeUpdate(Asset, { id: { $in: [...new Set(ids)] }, workspaceId }, { isPublic: true })
}

function textsIn(content: Item['stem']): string[] {
  return [...inlinesOf(content)].flatMap((node) => (node.type === 'text' ? [node.text] : []))
}

function linkedFrom(text: string, start: string): string[] {
  return text
    .split(start)
    .slice(1)
    .flatMap((rest) => /^[\da-f]{8}(?:-[\da-f]{4}){3}-[\da-f]{12}/.exec(rest)?.[0] ?? [])
}
