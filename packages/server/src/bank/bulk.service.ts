import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable, UnprocessableEntityException } from '@nestjs/common'
import {
  categoryChain,
  categoryPath,
  fingerprint,
  hasKey,
  rebalanceKeys,
  stableJson,
  type Item,
  type SignOff,
} from '@zakuska/core'
import { demand, type SignedIn } from '../access/current-person.ts'
import { LOCKED } from '../database/locked.ts'
import { orNotFound } from '../http/id.ts'
import { RecordService } from '../record/record.service.ts'
import { BankItem, BulkChange, categoryOf, ItemRevision, type BeforeBulk, type BulkState } from './bank.entities.ts'
import { BankService } from './bank.service.ts'
import type { BulkDto, BulkFieldsDto, BulkResultDto, UndoneDto } from './dto/bulk.dto.ts'

const MOST_ITEMS = 5000

/** Changes of many items at once; each can be undone as one. */
@Injectable()
export class BulkService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
    private readonly record: RecordService,
  ) {}

  /** @throws UnprocessableEntityException where a filter finds more than can be changed at once. */
  async change(person: SignedIn, asked: BulkDto): Promise<BulkResultDto> {
    const { signedOff: _signedOff, deleted, ...fields } = asked.change
    if (Object.values(fields).some((field) => field !== undefined)) demand(person, 'write')
    if (deleted !== undefined) demand(person, 'delete')
    if (asked.change.signedOff && !asked.shown)
      throw new UnprocessableEntityException(
        'Choose the items that you looked at: what was not shown is not signed off.',
      )
    return this.em.transactional(() => this.#change(person, asked))
  }

  async #change(person: SignedIn, asked: BulkDto): Promise<BulkResultDto> {
    const ids = asked.ids ?? (await this.bank.idsOf(person.workspaceId, asked.filter ?? {}, MOST_ITEMS + 1))
    if (ids.length > MOST_ITEMS)
      throw new UnprocessableEntityException(
        `More than ${MOST_ITEMS} items would change. Narrow the filter, and change them in parts.`,
      )
    const items = await this.bank.findToChange(person.workspaceId, ids)
    const result = { changed: 0, unchanged: 0, signOffsLost: 0, changedMeanwhile: 0 }
    const before: BeforeBulk[] = []
    for (const item of items) {
      if (asked.change.signedOff && asked.shown?.[item.id] !== item.revision) {
        result.changedMeanwhile++
        continue
      }
      const was = stateOf(item)
      this.#changeOne(person, item, asked.change)
      if (isAs(item, was)) result.unchanged++
      else {
        result.changed++
        if (was.signOff && !item.signOff && asked.change.signedOff !== false) result.signOffsLost++
        before.push(beforeOf(item, was))
      }
    }
    const what = asked.change.deleted ? 'deleted' : asked.change.signedOff === undefined ? null : 'sign-off'
    if (what && before.length) this.record.note(person, what, `${says(asked.change)}: ${before.length} items`)
    const kept = this.#keep(person, says(asked.change), before)
    await this.em.flush()
    return { id: kept.id, ...result }
  }

  #changeOne(person: SignedIn, item: BankItem, change: BulkFieldsDto): void {
    const body = changed(item.body, change)
    this.bank.keepChange(person, item, body, item.signOff, says(change))
    if (change.signedOff !== undefined) item.signOff = change.signedOff ? signOff(person, item) : null
    if (change.deleted !== undefined) item.deletedAt = change.deleted ? new Date() : null
    if (change.category !== undefined) item.categories = categoryChain(categoryPath(change.category ?? ''))
  }

  /** Spreads the keys of single-choice items over their places; what keeps its order is not touched. */
  rebalance(person: SignedIn, ids: readonly string[]): Promise<BulkResultDto> {
    return this.em.transactional(() => this.#rebalance(person, ids))
  }

  async #rebalance(person: SignedIn, ids: readonly string[]): Promise<BulkResultDto> {
    const found = new Map((await this.bank.findToChange(person.workspaceId, ids)).map((item) => [item.id, item]))
    const items = ids.flatMap((id) => found.get(id) ?? [])
    const before: BeforeBulk[] = []
    let signOffsLost = 0
    for (const { at, item: body } of rebalanceKeys(items.map((item) => item.body))) {
      const item = items[at]
      if (!item) continue
      const was = stateOf(item)
      // The options and the key are the same, only their order is another, so who vouched for them still does.
      const signedOff = item.signOff && { ...item.signOff, fingerprint: fingerprint(body) }
      this.bank.keepChange(person, item, body, signedOff, 'options moved to spread the keys')
      if (was.signOff && !item.signOff) signOffsLost++
      before.push(beforeOf(item, was))
    }
    const kept = this.#keep(person, 'keys spread', before)
    await this.em.flush()
    return {
      id: kept.id,
      changed: before.length,
      unchanged: items.length - before.length,
      signOffsLost,
      changedMeanwhile: 0,
    }
  }

  #keep(person: SignedIn, what: string, before: BeforeBulk[]): BulkChange {
    return this.em.create(BulkChange, {
      id: randomUUID(),
      workspaceId: person.workspaceId,
      says: what,
      byName: person.name,
      at: new Date(),
      before,
    })
  }

  /** Puts every item back as it was; one that somebody changed since is left alone, and counted. */
  undo(person: SignedIn, id: string): Promise<UndoneDto> {
    return this.em.transactional(() => this.#undo(person, id))
  }

  async #undo(person: SignedIn, id: string): Promise<UndoneDto> {
    const bulk = orNotFound(
      await this.em.findOne(BulkChange, { id, workspaceId: person.workspaceId }, LOCKED),
      'change',
    )
    if (bulk.byName !== person.name) demand(person, 'write')
    if (bulk.undoneAt) throw new ConflictException('This change is undone already.')
    const items = await this.em.find(
      BankItem,
      { id: { $in: bulk.before.map((one) => one.itemId) }, workspaceId: person.workspaceId },
      { orderBy: { id: 'asc' }, ...LOCKED },
    )
    const byId = new Map(items.map((item) => [item.id, item]))
    const revisions = await this.em.find(ItemRevision, { itemId: { $in: items.map((item) => item.id) } })
    const bodyAt = new Map(revisions.map((one) => [`${one.itemId} ${one.number}`, one.body]))
    let restored = 0
    for (const was of bulk.before) {
      const item = byId.get(was.itemId)
      const body = bodyAt.get(`${was.itemId} ${was.revision}`)
      if (!item || !body || item.revision !== was.made) continue
      // Signing off, deleting and moving make no revision.
      if (was.became && !isAs(item, was.became)) continue
      this.bank.keepChange(person, item, body, was.signOff, 'a change of many undone')
      item.signOff = was.signOff
      item.deletedAt = was.deleted ? (item.deletedAt ?? new Date()) : null
      if (was.category !== undefined) item.categories = categoryChain(was.category)
      restored++
    }
    bulk.undoneAt = new Date()
    await this.em.flush()
    return { restored, left: bulk.before.length - restored }
  }
}

function stateOf(item: BankItem): BulkState {
  return {
    revision: item.revision,
    signOff: item.signOff,
    deleted: item.deletedAt !== null,
    category: categoryOf(item),
  }
}

function beforeOf(item: BankItem, was: BulkState): BeforeBulk {
  return { ...was, itemId: item.id, made: item.revision, became: stateOf(item) }
}

function isAs(item: BankItem, state: BulkState): boolean {
  return stableJson(stateOf(item)) === stableJson(state)
}

function signOff(person: SignedIn, item: BankItem): SignOff | null {
  if (!hasKey(item.body)) return null
  return (
    item.signOff ?? {
      by: person.name,
      at: new Date().toISOString(),
      remark: '',
      fingerprint: fingerprint(item.body),
    }
  )
}

function changed(body: Item, change: BulkFieldsDto): Item {
  const { addTags = [], dropTags = [], points, outcome, level, difficulty, shuffle, timeLimit } = change
  const tags = [...new Set([...body.tags.filter((tag) => !dropTags.includes(tag)), ...addTags])]
  const fields = {
    tags,
    ...(points !== undefined && body.kind !== 'scale' && body.kind !== 'note' && { points }),
    ...(shuffle !== undefined && 'shuffle' in body && { shuffle }),
  }
  return withOptional({ ...body, ...fields }, { outcome, level, difficulty, timeLimit })
}

/** Undefined leaves a field as it is, null takes it out. */
function withOptional(body: Item, fields: Readonly<Record<string, string | number | null | undefined>>): Item {
  const next: Record<string, unknown> = { ...body }
  for (const [name, value] of Object.entries(fields)) {
    if (value === null) Reflect.deleteProperty(next, name)
    else if (value !== undefined) next[name] = value
  }
  return next as unknown as Item
}

function says(change: BulkFieldsDto): string {
  return `${Object.keys(change).join(', ')}, for many at once`
}
