import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import type { RecordPageDto } from './record.dto.ts'
import { RecordEntry, type Recorded } from './record.entity.ts'

const PAGE = 100

/** Who did what, when: written with the change itself, in its transaction where there is one. */
@Injectable()
export class RecordService {
  constructor(private readonly em: EntityManager) {}

  /** Kept with the next flush. */
  note(by: { readonly workspaceId: string | null; readonly name: string }, what: Recorded, says: string): void {
    this.em.create(RecordEntry, { workspaceId: by.workspaceId, byName: by.name, what, says: says.slice(0, 500) })
  }

  /** Newest first; `before` is the id of the last line of the page before. */
  async search(workspaceId: string, text: string, before: string | null): Promise<RecordPageDto> {
    const words = text.trim().replace(/[\\%_]/g, '\\$&')
    const pattern = { $ilike: `%${words}%` }
    const entries = await this.em.find(
      RecordEntry,
      {
        workspaceId,
        ...(words && { $or: [{ says: pattern }, { byName: pattern }, { what: pattern }] }),
        ...(before !== null && { id: { $lt: before } }),
      },
      { orderBy: { id: 'desc' }, limit: PAGE + 1 },
    )
    return {
      entries: entries
        .slice(0, PAGE)
        .map(({ id, at, byName, what, says }) => ({ id, at: at.toISOString(), by: byName, what, says })),
      isMore: entries.length > PAGE,
    }
  }
}
