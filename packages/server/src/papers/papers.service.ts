import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable, UnprocessableEntityException } from '@nestjs/common'
import { CHECKS, expectedSeconds, inPaper, reviewSet, type Item } from '@zakuska/core'
import { Workspace } from '../accounts/accounts.entities.ts'
import { BankService, type BankItem } from '../bank/index.ts'
import type { SignedIn } from '../access/current-person.ts'
import { LOCKED } from '../database/locked.ts'
import { orNotFound } from '../http/id.ts'
import { RecordService } from '../record/record.service.ts'
import type { PaperDto, PaperEntryDto, PaperFindingDto, PaperSummaryDto, SavePaperDto } from './dto/paper.dto.ts'
import { Paper, type PaperEntry, type PaperSection } from './paper.entity.ts'

/** An item as a paper gives it: with the paper's points, and its options free to move or not. */
export interface PaperItem {
  readonly item: BankItem
  readonly body: Item
  readonly entry: PaperEntry
}

@Injectable()
export class PapersService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
    private readonly record: RecordService,
  ) {}

  async list(workspaceId: string): Promise<PaperSummaryDto[]> {
    const papers = await this.em.find(
      Paper,
      { workspaceId, deletedAt: null },
      { orderBy: { updatedAt: 'desc' }, limit: 500 },
    )
    return papers.map(toSummary)
  }

  async create(person: SignedIn, title: string, itemIds: readonly string[]): Promise<PaperDto> {
    const { workspaceId } = person
    const now = new Date()
    const entries = await this.#newEntries(workspaceId, itemIds)
    const paper = this.em.create(Paper, {
      id: randomUUID(),
      workspaceId,
      title: title.trim() || 'Untitled paper',
      instructions: '',
      entries,
      shuffleItems: false,
      shuffleOptions: true,
      version: 1,
      createdAt: now,
      updatedAt: now,
      updatedBy: person.name,
    })
    await this.em.flush()
    return this.#toDto(paper)
  }

  /** Puts items behind those that the paper has, into the section of the last; what it has already stays as it is. */
  async append(person: SignedIn, id: string, itemIds: readonly string[]): Promise<PaperDto> {
    const { workspaceId } = person
    const paper = await this.em.transactional(async () => {
      const paper = await this.findToChange(workspaceId, id)
      const there = new Set(paper.entries.map((entry) => entry.itemId))
      const sectionId = inSections(paper).at(-1)?.sectionId ?? null
      const more = await this.#newEntries(
        workspaceId,
        itemIds.filter((itemId) => !there.has(itemId)),
      )
      if (more.length) {
        paper.entries = [...paper.entries, ...more.map((entry) => ({ ...entry, sectionId }))]
        markChanged(paper, person)
      }
      return paper
    })
    return this.#toDto(paper)
  }

  /** Entries with the items' own points; items that are not in the bank are passed over. */
  async #newEntries(workspaceId: string, itemIds: readonly string[]): Promise<PaperEntry[]> {
    const items = new Map((await this.bank.findAll(workspaceId, itemIds)).map((item) => [item.id, item]))
    return [...new Set(itemIds)].flatMap((itemId) => {
      const item = items.get(itemId)
      return item ? [{ itemId, points: item.body.points, required: false }] : []
    })
  }

  async get(workspaceId: string, id: string): Promise<PaperDto> {
    return this.#toDto(await this.find(workspaceId, id))
  }

  /** Null where it is gone. */
  findAny(workspaceId: string, id: string): Promise<Paper | null> {
    return this.em.findOne(Paper, { id, workspaceId, deletedAt: null })
  }

  async find(workspaceId: string, id: string): Promise<Paper> {
    return orNotFound(await this.em.findOne(Paper, { id, workspaceId, deletedAt: null }), 'paper')
  }

  /** The paper, kept from everybody else until the transaction ends. */
  async findToChange(workspaceId: string, id: string): Promise<Paper> {
    return orNotFound(await this.em.findOne(Paper, { id, workspaceId, deletedAt: null }, LOCKED), 'paper')
  }

  /** @throws ConflictException naming who changed it, if it was saved elsewhere since `version`. */
  async save(person: SignedIn, id: string, given: SavePaperDto): Promise<PaperDto> {
    return this.#toDto(await this.em.transactional(() => this.#save(person, id, given)))
  }

  async #save(person: SignedIn, id: string, given: SavePaperDto): Promise<Paper> {
    const { workspaceId } = person
    const paper = await this.findToChange(workspaceId, id)
    if (paper.version !== given.version)
      throw new ConflictException(`${paper.updatedBy ?? 'Somebody'} changed this paper meanwhile.`)
    const known = await this.bank.findAll(
      workspaceId,
      given.entries.map((entry) => entry.itemId),
    )
    if (known.length !== given.entries.length)
      throw new UnprocessableEntityException('An item of this paper is no longer in the bank. Load the paper again.')
    const sections = (given.sections ?? paper.sections).map(({ id, title, instructions }) => ({
      id,
      title,
      instructions,
    }))
    const entries = given.entries.map((entry) => entryOf(entry, sections))
    Object.assign(paper, {
      sections,
      ...settingsIn(given),
      title: given.title.trim() || 'Untitled paper',
      instructions: given.instructions,
      entries,
      shuffleItems: given.shuffleItems,
      shuffleOptions: given.shuffleOptions,
    })
    markChanged(paper, person)
    return paper
  }

  async setDeleted(person: SignedIn, id: string, deleted: boolean): Promise<void> {
    const paper = orNotFound(await this.em.findOne(Paper, { id, workspaceId: person.workspaceId }), 'paper')
    this.record.note(person, 'deleted', `${deleted ? 'deleted' : 'brought back'} the paper “${paper.title}”`)
    paper.deletedAt = deleted ? new Date() : null
    await this.em.flush()
  }

  /** The paper's items in its order, section by section; items deleted from the bank meanwhile are gone from it. */
  async itemsOf(paper: Paper): Promise<PaperItem[]> {
    const items = new Map(
      (
        await this.bank.findAll(
          paper.workspaceId,
          paper.entries.map((entry) => entry.itemId),
        )
      ).map((item) => [item.id, item]),
    )
    return inSections(paper).flatMap((entry) => {
      const item = items.get(entry.itemId)
      return item ? [{ item, body: inPaper(item.body, entry, paper.shuffleOptions), entry }] : []
    })
  }

  async #toDto(paper: Paper): Promise<PaperDto> {
    const entries = inSections(paper)
    const dtos = await this.bank.toDtos(
      paper.workspaceId,
      entries.map((entry) => entry.itemId),
    )
    const present = new Set(dtos.map((dto) => dto.id))
    const { instructions, shuffleItems, shuffleOptions, sections, identity, timeLimit, attempts, feedbackWhen, rules } =
      paper
    const bodies = dtos.map((dto) => dto.body as Item)
    return {
      ...toSummary(paper),
      instructions,
      shuffleItems,
      shuffleOptions,
      sections,
      identity,
      timeLimit,
      attempts,
      feedbackWhen,
      rules: [...rules],
      version: paper.version,
      entries: entries.filter((entry) => present.has(entry.itemId)).map(toEntryDto),
      items: dtos,
      expectedSeconds: bodies.reduce((sum, body) => sum + expectedSeconds(body), 0),
      findings: await this.#findings(paper, bodies),
    }
  }

  /** What the checks say of all items together; what they say of one stands on the item. */
  async #findings(paper: Paper, bodies: readonly Item[]): Promise<PaperFindingDto[]> {
    const workspace = await this.em.findOne(Workspace, { id: paper.workspaceId })
    return reviewSet(bodies, { off: workspace?.settings.checksOff ?? [] })
      .filter((one) => CHECKS[one.code].on === 'set')
      .map(({ code, severity, message, items }) => ({ code, severity, message, items: [...items] }))
  }
}

/** Counts a change of a paper, and says whose. */
export function markChanged(paper: Paper, person: SignedIn): void {
  paper.version += 1
  paper.updatedAt = new Date()
  paper.updatedBy = person.name
}

/** Entries before the first section, then those of each section; one whose section is gone stands first. */
export function inSections(paper: Pick<Paper, 'entries' | 'sections'>): PaperEntry[] {
  const known = new Set(paper.sections.map((section) => section.id))
  const placeOf = (entry: PaperEntry): string | null => {
    const { sectionId } = entry
    return sectionId !== undefined && sectionId !== null && known.has(sectionId) ? sectionId : null
  }
  return [null, ...known].flatMap((id) => paper.entries.filter((entry) => placeOf(entry) === id))
}

function entryOf(given: PaperEntry, sections: readonly PaperSection[]): PaperEntry {
  const { itemId, points, required, sectionId, optionOrder } = given
  const isKnown = sections.some((section) => section.id === sectionId)
  return {
    itemId,
    points,
    required,
    ...(isKnown && { sectionId: sectionId ?? null }),
    ...(optionOrder && { optionOrder: [...optionOrder] }),
  }
}

function toEntryDto({ itemId, points, required, sectionId, optionOrder }: PaperEntry): PaperEntryDto {
  return { itemId, points, required, sectionId: sectionId ?? null, optionOrder: optionOrder ? [...optionOrder] : null }
}

/** What a save may leave out stays as it is. */
function settingsIn({ identity, timeLimit, attempts, feedbackWhen, rules }: SavePaperDto): object {
  return {
    ...(identity && { identity: identity.map((field) => field.trim()).filter(Boolean) }),
    ...(timeLimit !== undefined && { timeLimit }),
    ...(attempts !== undefined && { attempts }),
    ...(feedbackWhen && { feedbackWhen }),
    ...(rules && {
      rules: rules.map(({ id, count, filter, sectionId, points }) => ({
        id,
        count,
        filter: { ...filter },
        sectionId,
        points,
      })),
    }),
  }
}

function toSummary(paper: Paper): PaperSummaryDto {
  const points = paper.entries.reduce((sum, entry) => sum + entry.points, 0)
  return {
    id: paper.id,
    title: paper.title,
    itemCount: paper.entries.length,
    points,
    versionOf: paper.versionOf,
    label: paper.label,
    seed: paper.seed,
    updatedAt: paper.updatedAt.toISOString(),
    updatedBy: paper.updatedBy,
  }
}
