import { randomUUID } from 'node:crypto'
import { EntityManager, type QBFilterQuery } from '@mikro-orm/postgresql'
import { ConflictException, Injectable } from '@nestjs/common'
import { fingerprint, stableJson, type Item, type SignOff } from '@zakuska/core'
import type { SignedIn } from '../accounts/current-person.ts'
import { orNotFound } from '../http/id.ts'
import { Paper } from '../papers/paper.entity.ts'
import { BankItem, ItemRevision, type CameFrom } from './bank.entities.ts'
import type { FacetDto, ItemDto, ItemPageDto, RevisionDto, SearchItemsDto } from './dto/bank.dto.ts'
import { asItem, differences, searchText, signOffAfter } from './item-text.ts'

const PAGE = 100

export interface KeepOptions {
  readonly signOff?: SignOff | null
  readonly cameFrom?: CameFrom
}

@Injectable()
export class BankService {
  constructor(private readonly em: EntityManager) {}

  async search(workspaceId: string, asked: SearchItemsDto): Promise<ItemPageDto> {
    const own = { workspaceId, deletedAt: null }
    const where: QBFilterQuery<BankItem> = {
      ...own,
      ...(asked.kind !== undefined && { kind: asked.kind as Item['kind'] }),
      ...(asked.tag !== undefined && { tags: { $contains: [asked.tag] } }),
      ...(asked.signedOff === 'yes' && { signOff: { $ne: null } }),
      ...(asked.signedOff === 'no' && { signOff: null }),
    }
    const query = this.em.createQueryBuilder(BankItem, 'i').where(where)
    const words = toPrefixQuery(asked.text ?? '')
    if (words) void query.andWhere(`i.search @@ to_tsquery('simple', ?)`, [words])
    const [items, total] = await query
      .orderBy({ updatedAt: 'desc', id: 'asc' })
      .limit(asked.limit ?? PAGE)
      .offset(asked.offset ?? 0)
      .getResultAndCount()
    const [all, waiting, kinds, tags] = await Promise.all([
      this.em.count(BankItem, own),
      this.em.count(BankItem, { ...own, signOff: null }),
      this.#kinds(workspaceId),
      this.#tags(workspaceId),
    ])
    return { total, all, waiting, kinds, tags, items: await this.#toDtos(workspaceId, items) }
  }

  async #kinds(workspaceId: string): Promise<FacetDto[]> {
    return this.em.execute<FacetDto[]>(
      `select kind as value, count(*)::int as count from bank_item where workspace_id = ? and deleted_at is null group by kind order by count desc, kind`,
      [workspaceId],
    )
  }

  async #tags(workspaceId: string): Promise<FacetDto[]> {
    return this.em.execute<FacetDto[]>(
      `select tag as value, count(*)::int as count from bank_item, unnest(tags) tag where workspace_id = ? and deleted_at is null group by tag order by count desc, tag limit 30`,
      [workspaceId],
    )
  }

  async get(workspaceId: string, id: string): Promise<ItemDto> {
    const [dto] = await this.#toDtos(workspaceId, [await this.find(workspaceId, id)])
    return orNotFound(dto ?? null, 'item')
  }

  async find(workspaceId: string, id: string): Promise<BankItem> {
    return orNotFound(await this.em.findOne(BankItem, { id, workspaceId, deletedAt: null }), 'item')
  }

  /** Items by id, in no order; ids of other workspaces are simply not there. */
  findAll(workspaceId: string, ids: readonly string[]): Promise<BankItem[]> {
    return this.em.find(BankItem, { id: { $in: [...ids] }, workspaceId, deletedAt: null })
  }

  /** Makes a bank item and its first revision; they are stored with the next flush. */
  keepNew(person: SignedIn, given: unknown, options: KeepOptions = {}): BankItem {
    const body = asItem(given)
    const now = new Date()
    const item = this.em.create(BankItem, {
      id: randomUUID(),
      workspaceId: person.workspaceId,
      kind: body.kind,
      body,
      plain: searchText(body),
      tags: [...body.tags],
      signOff: signOffAfter(options.signOff ?? null, body),
      cameFrom: options.cameFrom ?? null,
      revision: 1,
      createdAt: now,
      updatedAt: now,
    })
    this.#revise(item, person, 'first kept')
    return item
  }

  /** Changes a bank item where it differs; says whether it did. */
  keepChange(person: SignedIn, item: BankItem, given: unknown, signOff: SignOff | null, says?: string): boolean {
    const body = asItem(given)
    const what = differences(item.body, body)
    const left = signOffAfter(signOff, body)
    const signOffChanged = stableJson(left) !== stableJson(item.signOff)
    if (what === 'nothing' && !signOffChanged) return false
    item.signOff = left
    if (what === 'nothing') return true
    Object.assign(item, {
      kind: body.kind,
      body,
      plain: searchText(body),
      tags: [...body.tags],
      revision: item.revision + 1,
      updatedAt: new Date(),
    })
    this.#revise(item, person, says ?? what)
    return true
  }

  #revise(item: BankItem, person: SignedIn, says: string): void {
    this.em.create(ItemRevision, {
      id: randomUUID(),
      itemId: item.id,
      number: item.revision,
      body: item.body,
      says,
      byName: person.name,
      at: new Date(),
    })
  }

  async create(person: SignedIn, body: unknown): Promise<ItemDto> {
    const item = this.keepNew(person, body)
    await this.em.flush()
    return this.get(person.workspaceId, item.id)
  }

  /** @throws ConflictException if somebody changed the item since that revision. */
  async change(person: SignedIn, id: string, body: unknown, revision: number): Promise<ItemDto> {
    const item = await this.find(person.workspaceId, id)
    if (item.revision !== revision)
      throw new ConflictException(
        'Somebody changed this item meanwhile. Your text is still here; look at theirs in the history before you save again.',
      )
    this.keepChange(person, item, body, item.signOff)
    await this.em.flush()
    return this.get(person.workspaceId, id)
  }

  async signOff(person: SignedIn, id: string, signedOff: boolean, remark: string): Promise<ItemDto> {
    const item = await this.find(person.workspaceId, id)
    item.signOff = signedOff
      ? { by: person.name, at: new Date().toISOString(), remark, fingerprint: fingerprint(item.body) }
      : null
    await this.em.flush()
    return this.get(person.workspaceId, id)
  }

  async history(workspaceId: string, id: string): Promise<RevisionDto[]> {
    const item = await this.find(workspaceId, id)
    const revisions = await this.em.find(ItemRevision, { itemId: item.id }, { orderBy: { number: 'desc' } })
    return revisions.map(({ number, body, says, byName, at }) => ({
      number,
      body,
      says,
      by: byName,
      at: at.toISOString(),
    }))
  }

  async restore(person: SignedIn, id: string, number: number): Promise<ItemDto> {
    const item = await this.find(person.workspaceId, id)
    const revision = orNotFound(await this.em.findOne(ItemRevision, { itemId: item.id, number }), 'revision')
    this.keepChange(person, item, revision.body, item.signOff, `as in revision ${number}`)
    await this.em.flush()
    return this.get(person.workspaceId, id)
  }

  async setDeleted(workspaceId: string, id: string, deleted: boolean): Promise<void> {
    const item = orNotFound(await this.em.findOne(BankItem, { id, workspaceId }), 'item')
    item.deletedAt = deleted ? new Date() : null
    await this.em.flush()
  }

  async #toDtos(workspaceId: string, items: readonly BankItem[]): Promise<ItemDto[]> {
    const papers = await this.em.find(Paper, { workspaceId, deletedAt: null }, { fields: ['title', 'entries'] })
    return items.map((item) => ({
      id: item.id,
      body: item.body,
      revision: item.revision,
      signOff: item.signOff && { by: item.signOff.by, at: item.signOff.at, remark: item.signOff.remark },
      cameFrom: item.cameFrom,
      usedIn: papers
        .filter((paper) => paper.entries.some((entry) => entry.itemId === item.id))
        .map((paper) => paper.title),
      updatedAt: item.updatedAt.toISOString(),
    }))
  }
}

/** "flash whit" finds what has a word that starts with each of them. */
function toPrefixQuery(text: string): string {
  return (text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? []).map((word) => `${word}:*`).join(' & ')
}
