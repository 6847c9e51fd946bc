import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable, UnprocessableEntityException } from '@nestjs/common'
import type { Item } from '@zakuska/core'
import { BankService, type BankItem } from '../bank/index.ts'
import { orNotFound } from '../http/id.ts'
import type { PaperDto, PaperSummaryDto, SavePaperDto } from './dto/paper.dto.ts'
import { Paper, type PaperEntry } from './paper.entity.ts'

/** An item as a paper gives it: with the paper's points, and its options free to move or not. */
export interface PaperItem {
  readonly item: BankItem
  readonly body: Item
}

@Injectable()
export class PapersService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
  ) {}

  async list(workspaceId: string): Promise<PaperSummaryDto[]> {
    const papers = await this.em.find(
      Paper,
      { workspaceId, deletedAt: null },
      { orderBy: { updatedAt: 'desc' }, limit: 500 },
    )
    return papers.map(toSummary)
  }

  async create(workspaceId: string, title: string, itemIds: readonly string[]): Promise<PaperDto> {
    const items = new Map((await this.bank.findAll(workspaceId, itemIds)).map((item) => [item.id, item]))
    const now = new Date()
    const entries = [...new Set(itemIds)].flatMap((id) => {
      const item = items.get(id)
      return item ? [{ itemId: id, points: item.body.points, required: false }] : []
    })
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
    })
    await this.em.flush()
    return this.#toDto(paper)
  }

  async get(workspaceId: string, id: string): Promise<PaperDto> {
    return this.#toDto(await this.find(workspaceId, id))
  }

  async find(workspaceId: string, id: string): Promise<Paper> {
    return orNotFound(await this.em.findOne(Paper, { id, workspaceId, deletedAt: null }), 'paper')
  }

  async save(workspaceId: string, id: string, given: SavePaperDto): Promise<PaperDto> {
    const paper = await this.find(workspaceId, id)
    if (paper.version !== given.version)
      throw new ConflictException(
        'This paper was changed in another window meanwhile. Load it again to go on from there.',
      )
    const known = await this.bank.findAll(
      workspaceId,
      given.entries.map((entry) => entry.itemId),
    )
    if (known.length !== given.entries.length)
      throw new UnprocessableEntityException('An item of this paper is no longer in the bank. Load the paper again.')
    const entries: PaperEntry[] = given.entries.map(({ itemId, points, required }) => ({ itemId, points, required }))
    Object.assign(paper, {
      title: given.title.trim() || 'Untitled paper',
      instructions: given.instructions,
      entries,
      shuffleItems: given.shuffleItems,
      shuffleOptions: given.shuffleOptions,
      version: paper.version + 1,
      updatedAt: new Date(),
    })
    await this.em.flush()
    return this.#toDto(paper)
  }

  async setDeleted(workspaceId: string, id: string, deleted: boolean): Promise<void> {
    const paper = orNotFound(await this.em.findOne(Paper, { id, workspaceId }), 'paper')
    paper.deletedAt = deleted ? new Date() : null
    await this.em.flush()
  }

  /** The paper's items in its order; items deleted from the bank meanwhile are gone from it. */
  async itemsOf(paper: Paper): Promise<PaperItem[]> {
    const items = new Map(
      (
        await this.bank.findAll(
          paper.workspaceId,
          paper.entries.map((entry) => entry.itemId),
        )
      ).map((item) => [item.id, item]),
    )
    return paper.entries.flatMap((entry) => {
      const item = items.get(entry.itemId)
      return item ? [{ item, body: inPaper(item.body, entry, paper.shuffleOptions) }] : []
    })
  }

  async #toDto(paper: Paper): Promise<PaperDto> {
    const dtos = await Promise.all(
      (await this.itemsOf(paper)).map(({ item }) => this.bank.get(paper.workspaceId, item.id)),
    )
    const present = new Set(dtos.map((dto) => dto.id))
    const { instructions, shuffleItems, shuffleOptions, version } = paper
    return {
      ...toSummary(paper),
      instructions,
      shuffleItems,
      shuffleOptions,
      version,
      entries: paper.entries.filter((entry) => present.has(entry.itemId)),
      items: dtos,
    }
  }
}

function inPaper(body: Item, entry: PaperEntry, shuffleOptions: boolean): Item {
  const own = { ...body, points: entry.points }
  return 'shuffle' in own ? { ...own, shuffle: own.shuffle && shuffleOptions } : own
}

function toSummary(paper: Paper): PaperSummaryDto {
  const points = paper.entries.reduce((sum, entry) => sum + entry.points, 0)
  return {
    id: paper.id,
    title: paper.title,
    itemCount: paper.entries.length,
    points,
    updatedAt: paper.updatedAt.toISOString(),
  }
}
