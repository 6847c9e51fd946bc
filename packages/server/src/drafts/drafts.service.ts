import { randomUUID } from 'node:crypto'
import { setTimeout as sleep } from 'node:timers/promises'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, HttpException, Injectable, Logger } from '@nestjs/common'
import {
  checkItem,
  type DraftSource,
  type FollowedItem,
  followItems,
  followPlaces,
  type Reading,
  type ReadItem,
} from '@zakuska/core'
import { demand, type SignedIn } from '../access/current-person.ts'
import { type BankItem, BankService } from '../bank/index.ts'
import { evidenceIn, type EvidenceIn } from './evidence.ts'
import { LOCKED } from '../database/locked.ts'
import { orNotFound } from '../http/id.ts'
import { Draft } from './draft.entity.ts'
import { RecordService } from '../record/record.service.ts'
import { WorkService } from '../work/work.service.ts'
import type { PlacedDraft } from './placed-draft.ts'
import type {
  DraftDto,
  DraftSummaryDto,
  FollowedDto,
  LeftOutDto,
  NewDraftDto,
  SaveDraftDto,
  ToBankDto,
  ToBankResultDto,
} from './dto/draft.dto.ts'
import { countsOf, isSameDraft, linesOf, lostBefore, sourceOf, toDto, toSummary } from './draft-dto.ts'

interface Kept {
  /** The bank's item, where the draft's is in the bank already. */
  readonly item: BankItem | undefined
  /** The bank item that a new one is a variant of. */
  readonly of: string | undefined
  readonly category: string | undefined
  readonly evidenceOf: EvidenceIn
}

/** Milliseconds that a save waits for the reader; its process may have to start first. */
const PLACED_MS = 5000

const WHOLE = ['text', 'styles', 'keyText', 'source', 'taught', 'notation', 'followed'] as const

@Injectable()
export class DraftsService {
  readonly #log = new Logger('drafts')

  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
    private readonly work: WorkService,
    private readonly record: RecordService,
  ) {}

  async list(workspaceId: string): Promise<DraftSummaryDto[]> {
    const drafts = await this.em.find(
      Draft,
      { workspaceId, deletedAt: null },
      { orderBy: { updatedAt: 'desc' }, limit: 500 },
    )
    return drafts.map(toSummary)
  }

  async create(person: SignedIn, given: NewDraftDto): Promise<DraftDto> {
    const now = new Date()
    const source = sourceOf(given)
    const placing = this.#place(source)
    const placed = await placing.soon
    const followed = followPlaces([], placed?.places ?? [], randomUUID)
    const draft = this.em.create(Draft, {
      id: randomUUID(),
      workspaceId: person.workspaceId,
      title: given.title.trim() || placed?.title || 'Untitled draft',
      text: given.text,
      styles: [...(source.styles ?? [])],
      keyText: given.keyText ?? null,
      source: given.source?.trim() ? given.source : null,
      taught: [...(source.taught ?? [])],
      notation: source.notation ?? null,
      followed,
      ...countsOf(placed, followed),
      version: 1,
      createdAt: now,
      updatedAt: now,
      updatedBy: person.name,
    })
    await this.em.flush()
    if (!placed) this.#placeLater(draft, placing.all)
    return toDto(draft)
  }

  /** Where its items stand: `soon` is null where that takes longer than a save waits, or cannot be told at all. */
  #place(source: DraftSource): {
    readonly soon: Promise<PlacedDraft | null>
    readonly all: Promise<PlacedDraft | null>
  } {
    const all = this.work.run('placeDraft', source).catch((error: unknown) => {
      // What is too much for the reader is kept all the same: it is the person's text.
      if (error instanceof HttpException) return null
      throw error
    })
    return { all, soon: Promise.race([all, sleep(PLACED_MS, null, { ref: false })]) }
  }

  /** Follows the items once they are known, as long as the draft is still the one that was read. */
  #placeLater({ id, version }: Draft, placing: Promise<PlacedDraft | null>): void {
    const place = async (): Promise<void> => {
      const placed = await placing
      if (!placed) return
      await this.em.fork().transactional(async (em) => {
        const draft = await em.findOne(Draft, { id, version }, { ...LOCKED, populate: WHOLE })
        if (!draft) return
        const followed = followPlaces(draft.followed, placed.places, randomUUID)
        Object.assign(draft, { followed, ...countsOf(placed, followed) })
      })
    }
    // A later save follows them, too.
    place().catch((error: unknown) => this.#log.error(error instanceof Error ? error.stack : String(error)))
  }

  async get(workspaceId: string, id: string): Promise<DraftDto> {
    return toDto(await this.#find(workspaceId, id))
  }

  async #find(workspaceId: string, id: string): Promise<Draft> {
    return orNotFound(
      await this.em.findOne(Draft, { id, workspaceId, deletedAt: null }, { populate: WHOLE, refresh: true }),
      'draft',
    )
  }

  /** The whole draft, kept from everybody else until the transaction ends. */
  async #findToChange(workspaceId: string, id: string): Promise<Draft> {
    return orNotFound(
      await this.em.findOne(Draft, { id, workspaceId, deletedAt: null }, { ...LOCKED, populate: WHOLE }),
      'draft',
    )
  }

  /**
   * Saves the text and reads it again with the same code as the desk. A sign-off is stamped here, with
   * the name and time of the request, and only on the very item that was vouched for.
   *
   * @throws ForbiddenException where more than sign-offs changed, and the role lets one only sign off.
   * @throws ConflictException if the draft was saved elsewhere since `version`.
   */
  async save(person: SignedIn, id: string, given: SaveDraftDto): Promise<DraftDto> {
    const source = sourceOf(given)
    const placing = this.#place(source)
    const placed = await placing.soon
    const draft = await this.em.transactional(async () => {
      const draft = await this.#findToChange(person.workspaceId, id)
      if (draft.version !== given.version)
        throw new ConflictException(
          `${draft.updatedBy ?? 'Somebody'} saved this draft meanwhile. Your text is kept here.`,
        )
      if (!isSameDraft(draft, given, source)) demand(person, 'write')
      const vouched = this.#vouched(person, given.followed, draft.followed)
      // Without a reading the desk's word is kept; nothing goes into the bank before its items are read again.
      const followed = placed ? followPlaces(vouched, placed.places, randomUUID) : vouched
      return Object.assign(draft, {
        title: given.title.trim() || 'Untitled draft',
        text: given.text,
        styles: [...(source.styles ?? [])],
        keyText: given.keyText ?? null,
        taught: [...(source.taught ?? [])],
        notation: source.notation ?? null,
        followed,
        ...countsOf(placed, followed),
        version: draft.version + 1,
        updatedAt: new Date(),
        updatedBy: person.name,
      })
    })
    if (!placed) this.#placeLater(draft, placing.all)
    return toDto(draft)
  }

  /** Puts a reply that no desk has taken into its draft, as long as nobody has written in it. */
  async takeReply(
    id: string,
    by: { readonly workspaceId: string; readonly name: string },
    text: string,
  ): Promise<boolean> {
    const placed = await this.work.run('placeDraft', { text })
    const em = this.em.fork()
    return em.transactional(async (inside) => {
      const draft = await inside.findOne(
        Draft,
        { id, workspaceId: by.workspaceId, deletedAt: null },
        { ...LOCKED, populate: WHOLE },
      )
      if (!draft || draft.text !== '') return false
      const followed = followPlaces([], placed.places, randomUUID)
      Object.assign(draft, {
        ...{ text, followed, ...countsOf(placed, followed) },
        version: draft.version + 1,
        updatedAt: new Date(),
        updatedBy: by.name,
      })
      return true
    })
  }

  #vouched(person: SignedIn, given: readonly FollowedDto[], stored: readonly FollowedItem[]): FollowedItem[] {
    const known = new Map(stored.map((item) => [item.ref, item]))
    return given.map(({ ref, from, to, fingerprint, signedOff }): FollowedItem => {
      const before = known.get(ref)
      const earlier = [before?.signOff, before?.lostSignOff].find((one) => one?.fingerprint === fingerprint)
      const fresh = { by: person.name, at: new Date().toISOString(), remark: '', fingerprint }
      return {
        ref,
        from,
        to,
        fingerprint,
        bankItemId: before?.bankItemId ?? null,
        signOff: signedOff ? (earlier ?? fresh) : null,
        lostSignOff: signedOff ? null : lostBefore(before, fingerprint),
      }
    })
  }

  /** Puts items into the bank: new ones are made, known ones updated where they changed. */
  async toBank(person: SignedIn, id: string, asked: ToBankDto): Promise<ToBankResultDto> {
    const asItIs = await this.#find(person.workspaceId, id)
    const [version, read] = [asItIs.version, await this.work.run('readDraft', sourceOf(asItIs))]
    return this.em.transactional(async () => {
      const draft = await this.#findToChange(person.workspaceId, id)
      const isSame = draft.version === version
      return this.#toBank(person, draft, isSame ? read : await this.work.run('readDraft', sourceOf(draft)), asked)
    })
  }

  async #toBank(person: SignedIn, draft: Draft, reading: Reading, asked: ToBankDto): Promise<ToBankResultDto> {
    const followed = followItems(draft.followed, reading, randomUUID)
    const known = followed.flatMap(({ bankItemId }) => bankItemId ?? [])
    const stored = new Map((await this.bank.findToChange(person.workspaceId, known)).map((item) => [item.id, item]))
    const result = { created: 0, updated: 0, unchanged: 0 }
    const leftOut: LeftOutDto[] = []
    const evidenceOf = evidenceIn(draft.source)
    const next: FollowedItem[] = []
    for (const [index, known] of followed.entries()) {
      const read = reading.items[index]
      const why =
        read &&
        (asked.refs && !asked.refs.includes(known.ref)
          ? 'not chosen'
          : this.#whyNot(read, known, asked.includeUnsigned))
      if (!read || why) {
        if (read && why && why !== 'not chosen') leftOut.push({ line: read.lines[0], why })
        next.push(known)
        continue
      }
      const of = asked.variants?.find((one) => one.ref === known.ref)?.of
      const kept = await this.#keep(person, draft, read, known, {
        item: stored.get(known.bankItemId ?? ''),
        of,
        category: asked.category,
        evidenceOf,
      })
      result[kept.what]++
      next.push({ ...known, bankItemId: kept.id })
    }
    draft.followed = next
    draft.version++
    draft.updatedAt = new Date()
    draft.updatedBy = person.name
    await this.em.flush()
    return { ...result, leftOut, draft: toDto(draft) }
  }

  #whyNot(read: ReadItem, known: FollowedItem, includeUnsigned: boolean): string | null {
    if (!known.signOff && !includeUnsigned) return 'Not signed off.'
    const broken = read.marks.find((mark) => mark.code === 'stem-empty' || mark.code === 'option-single')
    if (broken) return broken.message
    const [problem] = checkItem(read.item)
    return problem ? `It is not whole: ${problem.path.replace(/^\$\.?/, '')} ${problem.message}.` : null
  }

  async #keep(
    person: SignedIn,
    draft: Draft,
    read: ReadItem,
    known: FollowedItem,
    { item, of: variantOf, category, evidenceOf }: Kept,
  ): Promise<{ readonly id: string; readonly what: 'created' | 'updated' | 'unchanged' }> {
    if (item)
      return {
        id: item.id,
        what: this.bank.keepChange(
          person,
          item,
          { ...read.item, tags: read.item.tags.length ? read.item.tags : item.body.tags },
          known.signOff,
        )
          ? 'updated'
          : 'unchanged',
      }
    const [original] = variantOf === undefined ? [] : await this.bank.findAll(person.workspaceId, [variantOf])
    const made = this.bank.keepNew(person, read.item, {
      signOff: known.signOff,
      ...(original && { variantOf: original }),
      ...(category !== undefined && { category }),
      cameFrom: {
        ...{ draftId: draft.id, title: draft.title, lines: read.lines },
        text: linesOf(draft.text, read.lines),
        ...evidenceOf(read.item),
      },
    })
    return { id: made.id, what: 'created' }
  }

  async setDeleted(person: SignedIn, id: string, deleted: boolean): Promise<void> {
    const draft = orNotFound(await this.em.findOne(Draft, { id, workspaceId: person.workspaceId }), 'draft')
    this.record.note(person, 'deleted', `${deleted ? 'deleted' : 'brought back'} the draft “${draft.title}”`)
    draft.deletedAt = deleted ? new Date() : null
    await this.em.flush()
  }
}
