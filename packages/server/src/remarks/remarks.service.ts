import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import { plainText } from '@zakuska/core'
import type { SignedIn } from '../access/current-person.ts'
import { BankService } from '../bank/index.ts'
import { orNotFound } from '../http/id.ts'
import { Remark } from './remark.entity.ts'
import type { RemarkDto } from './remarks.dto.ts'

const MOST = 500
const LONGEST_STEM = 160

@Injectable()
export class RemarksService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
  ) {}

  /** Remarks that are open, newest first. */
  async open(workspaceId: string): Promise<RemarkDto[]> {
    return this.#toDtos(
      workspaceId,
      await this.em.find(Remark, { workspaceId, settledAt: null }, { orderBy: { at: 'desc' }, limit: MOST }),
    )
  }

  /** All remarks on an item, oldest first. */
  async on(workspaceId: string, itemId: string): Promise<RemarkDto[]> {
    await this.bank.find(workspaceId, itemId)
    return this.#toDtos(
      workspaceId,
      await this.em.find(Remark, { workspaceId, itemId }, { orderBy: { at: 'asc' }, limit: MOST }),
    )
  }

  async add(person: SignedIn, itemId: string, says: string): Promise<RemarkDto[]> {
    await this.bank.find(person.workspaceId, itemId)
    this.em.create(Remark, {
      id: randomUUID(),
      workspaceId: person.workspaceId,
      itemId,
      says: says.trim(),
      byName: person.name,
      at: new Date(),
    })
    await this.em.flush()
    return this.on(person.workspaceId, itemId)
  }

  async settle(person: SignedIn, id: string, settled: boolean): Promise<RemarkDto[]> {
    const remark = orNotFound(await this.em.findOne(Remark, { id, workspaceId: person.workspaceId }), 'remark')
    remark.settledBy = settled ? person.name : null
    remark.settledAt = settled ? new Date() : null
    await this.em.flush()
    return this.on(person.workspaceId, remark.itemId)
  }

  async #toDtos(workspaceId: string, remarks: readonly Remark[]): Promise<RemarkDto[]> {
    const items = await this.bank.findAll(
      workspaceId,
      remarks.map(({ itemId }) => itemId),
    )
    const stems = new Map(items.map(({ id, body }) => [id, plainText(body.stem).slice(0, LONGEST_STEM)]))
    return remarks.flatMap(({ id, itemId, says, byName, at, settledBy, settledAt }) => {
      const stem = stems.get(itemId)
      if (stem === undefined) return []
      return [
        {
          id,
          itemId,
          stem,
          says,
          by: byName,
          at: at.toISOString(),
          settledBy,
          settledAt: settledAt?.toISOString() ?? null,
        },
      ]
    })
  }
}
