import type { EntityManager } from '@mikro-orm/postgresql'
import { UnprocessableEntityException } from '@nestjs/common'

/** Bytes of pictures that a workspace may keep. */
export const MOST_WORKSPACE_BYTES = 1024 ** 3

/** @throws UnprocessableEntityException where a workspace would keep more pictures than it may. */
export async function demandRoom(em: EntityManager, workspaceId: string, more: number): Promise<void> {
  if (more === 0) return
  // Told by the length that the database keeps beside a value: no picture is read.
  const [row] = await em.execute<{ bytes: string }[]>(
    'select coalesce(sum(octet_length(bytes)), 0)::bigint bytes from asset where workspace_id = ?',
    [workspaceId],
  )
  if (Number(row?.bytes ?? 0) + more > MOST_WORKSPACE_BYTES)
    throw new UnprocessableEntityException(
      'The pictures of this workspace fill the 1 GB that it has. Use smaller pictures, or go on in a new workspace.',
    )
}
