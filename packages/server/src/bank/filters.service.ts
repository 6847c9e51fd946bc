import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import type { BankFilter } from './bank-filter.ts'
import { SavedFilter } from './bank.entities.ts'
import type { SavedFilterDto } from './dto/bank.dto.ts'

/** Filters that a workspace has kept by name. */
@Injectable()
export class FiltersService {
  constructor(private readonly em: EntityManager) {}

  async list(workspaceId: string): Promise<SavedFilterDto[]> {
    const found = await this.em.find(SavedFilter, { workspaceId }, { orderBy: { name: 'asc' }, limit: 100 })
    return found.map(({ id, name, filter }) => ({ id, name, filter }))
  }

  /** A name that is there already takes the new filter. */
  async save(workspaceId: string, name: string, filter: BankFilter): Promise<SavedFilterDto[]> {
    const known = await this.em.findOne(SavedFilter, { workspaceId, name })
    if (known) known.filter = { ...filter }
    else this.em.create(SavedFilter, { id: randomUUID(), workspaceId, name, filter: { ...filter } })
    await this.em.flush()
    return this.list(workspaceId)
  }

  async remove(workspaceId: string, id: string): Promise<SavedFilterDto[]> {
    await this.em.nativeDelete(SavedFilter, { workspaceId, id })
    return this.list(workspaceId)
  }
}
