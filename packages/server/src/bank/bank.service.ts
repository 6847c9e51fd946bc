import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable } from '@nestjs/common'
import {
  categoryChain,
  categoryPath,
  type CheckCode,
  fingerprint,
  type Item,
  likeness,
  NEARLY_SAME,
  plainText,
  shapeOf,
  type SignOff,
  stableJson,
} from '@zakuska/core'
import type { SignedIn } from '../access/current-person.ts'
import { LOCKED } from '../database/locked.ts'
import { orNotFound } from '../http/id.ts'
import { BankItem, type CameFrom, ItemRevision } from './bank.entities.ts'
import { type BankFilter, type Condition, conditionOf, isOfShapes, SORTS } from './bank-filter.ts'
import type { BankFacetsDto, ItemDto, ItemPageDto, RevisionDto, SearchItemsDto, SetSignOffDto } from './dto/bank.dto.ts'
import type { NearItemDto } from './dto/near.dto.ts'
import { countFacets } from './facets.ts'
import { countOfShapes, KeptCounts } from './kept-counts.ts'
import { RecordService } from '../record/record.service.ts'
import { asItem, differences, filedAs, searchText, signOffAfter } from './item-text.ts'
import { shownItems } from './item-rows.ts'

const PAGE = 50

/** As many as are gathered and sorted in no time; beyond it nobody needs to know how many exactly. */
const MOST_COUNTED = 5000

interface Page {
  readonly order: string
  readonly limit: number
  readonly offset: number
}

const MAX_CANDIDATES = 20

/** Letters that are compared at most; a passage of pages says nothing more of what an item asks. */
const MAX_COMPARED = 2000

export interface KeepOptions {
  readonly signOff?: SignOff | null
  readonly cameFrom?: CameFrom
  /** The item that the new one is a variant of; it lies where that one does. */
  readonly variantOf?: BankItem
  /** Where it is to lie: `Tides/Heights`. */
  readonly category?: string
  /** The first line of its history. */
  readonly says?: string
}

@Injectable()
export class BankService {
  constructor(
    private readonly em: EntityManager,
    private readonly record: RecordService,
  ) {}

  /** Items that a filter finds, a page of them, and how many there are. */
  async search(workspaceId: string, asked: SearchItemsDto): Promise<ItemPageDto> {
    const { sort, offset, limit, ...filter } = asked
    const page = { order: SORTS[sort ?? 'newest'], limit: limit ?? PAGE, offset: offset ?? 0 }
    const kept = await this.#counted(workspaceId, filter)
    const condition = conditionOf(workspaceId, filter)
    const few = kept === null || kept <= MOST_COUNTED ? await this.#pageOfFew(condition, page) : null
    const ids = few?.ids ?? (await this.#pageOfMany(condition, page))
    const total = few?.total ?? kept ?? MOST_COUNTED
    return { total, isMore: few === null && kept === null, items: await this.toDtos(workspaceId, ids) }
  }

  /** How many items a filter finds, where that is known without gathering them. */
  async #counted(workspaceId: string, filter: BankFilter): Promise<number | null> {
    if (!isOfShapes(filter)) return null
    if (!KeptCounts.answers(filter)) return countOfShapes(this.em, workspaceId, filter)
    return (await KeptCounts.read(this.em, workspaceId)).found(filter)
  }

  /** Gathers what is found and sorts it; null: there is more of it than that is good for. */
  async #pageOfFew(
    { sql, values }: Condition,
    { order, limit, offset }: Page,
  ): Promise<{ readonly total: number; readonly ids: string[] } | null> {
    const rows = await this.em.execute<{ id: string | null; total: number }[]>(
      `with i as materialized (select i.id, i.updated_at, i.share_right, i.points, i.last_sent_at from bank_item i where ${sql} limit ${MOST_COUNTED + 1})
       select page.id, counted.total from (select count(*)::int as total from i) counted
       left join lateral (select i.id from i where counted.total <= ${MOST_COUNTED} order by ${order} limit ? offset ?) page on true`,
      [...values, limit, offset],
    )
    const total = rows[0]?.total ?? 0
    return total > MOST_COUNTED ? null : { total, ids: rows.flatMap(({ id }) => id ?? []) }
  }

  /** Walks the order until the page is full. */
  async #pageOfMany({ sql, values }: Condition, { order, limit, offset }: Page): Promise<string[]> {
    const rows = await this.em.execute<{ id: string }[]>(
      `select i.id from bank_item i where ${sql} order by ${order} limit ? offset ?`,
      [...values, limit, offset],
    )
    return rows.map((row) => row.id)
  }

  /** Ids that a filter finds, in an order that does not change while the same items are found. */
  async idsOf(workspaceId: string, filter: BankFilter, limit: number): Promise<string[]> {
    const { sql, values } = conditionOf(workspaceId, filter)
    const rows = await this.em.execute<{ id: string }[]>(
      `select i.id from bank_item i where ${sql} order by i.id limit ?`,
      [...values, limit],
    )
    return rows.map((row) => row.id)
  }

  async facets(workspaceId: string, filter: BankFilter): Promise<BankFacetsDto> {
    const kept = await KeptCounts.read(this.em, workspaceId)
    const facets = await countFacets(this.em, workspaceId, filter, kept)
    return {
      all: kept.all,
      waiting: kept.found({ signedOff: 'no' }) ?? 0,
      facets: facets.map(({ name, values }) => ({ name, values: [...values] })),
    }
  }

  async get(workspaceId: string, id: string): Promise<ItemDto> {
    const [dto] = await this.toDtos(workspaceId, [id])
    return orNotFound(dto ?? null, 'item')
  }

  async find(workspaceId: string, id: string): Promise<BankItem> {
    return orNotFound(await this.em.findOne(BankItem, { id, workspaceId, deletedAt: null }), 'item')
  }

  /** Items by id, in no order; ids of other workspaces are simply not there. */
  findAll(workspaceId: string, ids: readonly string[]): Promise<BankItem[]> {
    return this.em.find(BankItem, { id: { $in: [...ids] }, workspaceId, deletedAt: null })
  }

  /** Items kept from everybody else until the transaction ends; locked in one order, so that no two wait for each other. */
  findToChange(workspaceId: string, ids: readonly string[]): Promise<BankItem[]> {
    return this.em.find(
      BankItem,
      { id: { $in: [...ids] }, workspaceId, deletedAt: null },
      { orderBy: { id: 'asc' }, ...LOCKED },
    )
  }

  /** Changes one item that nobody else changes meanwhile, and shows it as it is then. */
  async #changing(workspaceId: string, id: string, change: (item: BankItem) => Promise<void> | void): Promise<ItemDto> {
    await this.em.transactional(async () => {
      const [item] = await this.findToChange(workspaceId, [id])
      await change(orNotFound(item ?? null, 'item'))
    })
    return this.get(workspaceId, id)
  }

  /** Makes a bank item and its first revision; they are stored with the next flush. */
  keepNew(person: SignedIn, given: unknown, options: KeepOptions = {}): BankItem {
    const body = asItem(given)
    const now = new Date()
    const item = this.em.create(BankItem, {
      id: randomUUID(),
      workspaceId: person.workspaceId,
      ...filedAs(body),
      categories: options.variantOf?.categories ?? categoryChain(categoryPath(options.category ?? '')),
      waived: [],
      variantOf: options.variantOf?.id ?? null,
      variantBase: options.variantOf ? fingerprint(options.variantOf.body) : null,
      signOff: signOffAfter(options.signOff ?? null, body),
      cameFrom: options.cameFrom ?? null,
      revision: 1,
      createdAt: now,
      updatedAt: now,
    })
    this.#revise(item, person, options.says ?? 'first kept')
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
    if (keyOf(item.body) !== keyOf(body)) this.record.note(person, 'key', `changed the key of ${nameOf(item)}`)
    Object.assign(item, {
      ...filedAs(body, item.waived),
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

  async create(person: SignedIn, body: unknown, category = ''): Promise<ItemDto> {
    const item = this.keepNew(person, body, { category })
    await this.em.flush()
    return this.get(person.workspaceId, item.id)
  }

  /** @throws ConflictException naming who changed the item since that revision. */
  async change(person: SignedIn, id: string, body: unknown, revision: number): Promise<ItemDto> {
    return this.#changing(person.workspaceId, id, async (item) => {
      if (item.revision !== revision)
        throw new ConflictException(
          `${await this.#changedBy(item)} changed this item meanwhile. Your text is still here.`,
        )
      this.keepChange(person, item, body, item.signOff)
    })
  }

  async #changedBy(item: BankItem): Promise<string> {
    const newest = await this.em.findOne(ItemRevision, { itemId: item.id, number: item.revision })
    return newest?.byName ?? 'Somebody'
  }

  /**
   * Vouches for an item as it was shown, or takes that back.
   *
   * @throws ConflictException where it is not the same any more.
   */
  async signOff(person: SignedIn, id: string, given: SetSignOffDto): Promise<ItemDto> {
    return this.#changing(person.workspaceId, id, async (item) => {
      const now = fingerprint(item.body)
      if (given.signedOff && given.fingerprint !== now)
        throw new ConflictException(
          `${await this.#changedBy(item)} changed this item after it was shown to you. Look at it again, then sign it off.`,
        )
      item.signOff = given.signedOff
        ? { by: person.name, at: new Date().toISOString(), remark: given.remark ?? '', fingerprint: now }
        : null
      this.record.note(
        person,
        'sign-off',
        `${given.signedOff ? 'signed off' : 'took the sign-off back from'} ${nameOf(item)}`,
      )
    })
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
    return this.#changing(person.workspaceId, id, async (item) => {
      const revision = orNotFound(await this.em.findOne(ItemRevision, { itemId: item.id, number }), 'revision')
      this.keepChange(person, item, revision.body, item.signOff, `as in revision ${number}`)
    })
  }

  async setDeleted(person: SignedIn, id: string, deleted: boolean): Promise<void> {
    await this.em.transactional(async () => {
      const { workspaceId } = person
      const item = orNotFound(await this.em.findOne(BankItem, { id, workspaceId }, LOCKED), 'item')
      item.deletedAt = deleted ? new Date() : null
      this.record.note(person, 'deleted', `${deleted ? 'deleted' : 'brought back'} ${nameOf(item)}`)
    })
  }

  /** Waives a writing check on an item, or takes the waiver back (`reason` null). */
  async waive(person: SignedIn, id: string, code: CheckCode, reason: string | null): Promise<ItemDto> {
    return this.#changing(person.workspaceId, id, (item) => {
      const others = item.waived.filter((one) => one.code !== code)
      item.waived =
        reason === null ? others : [...others, { code, reason, by: person.name, at: new Date().toISOString() }]
      item.findings = filedAs(item.body, item.waived).findings
    })
  }

  /**
   * Items nearly the same as the bodies given, a list per body, most alike first; an item is not near itself, and a body
   * that is not whole (null) is near nothing.
   */
  async near(workspaceId: string, bodies: readonly (Item | null)[], except?: string): Promise<NearItemDto[][]> {
    const found: NearItemDto[][] = []
    for (const body of bodies) {
      if (!body) {
        found.push([])
        continue
      }
      const plain = searchText(body).slice(0, MAX_COMPARED)
      const rows = await this.em.transactional(async (em) => {
        // Candidates by shared trigrams of all text; how alike two items really are is core's to say.
        await em.execute(`set local pg_trgm.similarity_threshold = 0.3`)
        return em.execute<{ id: string; body: Item }[]>(
          `select i.id, i.body from bank_item i where i.workspace_id = ? and i.deleted_at is null and i.plain % ? order by similarity(i.plain, ?) desc limit ${MAX_CANDIDATES}`,
          [workspaceId, plain, plain],
        )
      })
      const shape = shapeOf(body)
      found.push(
        rows
          .filter((row) => row.id !== except)
          .map((row) => ({ itemId: row.id, body: row.body, likeness: likeness(shape, shapeOf(row.body)) }))
          .filter((row) => row.likeness >= NEARLY_SAME)
          .sort((a, b) => b.likeness - a.likeness),
      )
    }
    return found
  }

  /** Makes a variant: the same item to be reworded in another language or for other readers. */
  async addVariant(person: SignedIn, id: string, language: string | null, said?: Item): Promise<ItemDto> {
    const original = await this.find(person.workspaceId, id)
    const own = said ?? original.body
    const body = language === null ? own : { ...own, language }
    const made = this.keepNew(person, body, { variantOf: original })
    await this.em.flush()
    return this.get(person.workspaceId, made.id)
  }

  /** Says that a variant is in line with its original as that is now. */
  async bringInLine(person: SignedIn, id: string): Promise<ItemDto> {
    return this.#changing(person.workspaceId, id, async (item) => {
      if (item.variantOf === null) return
      const original = await this.find(person.workspaceId, item.variantOf)
      item.variantBase = fingerprint(original.body)
    })
  }

  /** Items as they are shown, in the order of the ids; ids that are not there are passed over. */
  toDtos(workspaceId: string, ids: readonly string[]): Promise<ItemDto[]> {
    return shownItems(this.em, workspaceId, ids)
  }
}

/** An item as a person knows it: the start of its stem. */
function nameOf({ body }: BankItem): string {
  return `“${plainText(body.stem).replace(/\s+/g, ' ').slice(0, 80)}”`
}

function keyOf(body: Item): string {
  return stableJson('key' in body ? body.key : 'gaps' in body ? body.gaps : null)
}
