import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, NotFoundException, UnprocessableEntityException } from '@nestjs/common'
import { isUUID } from 'class-validator'
import { withPictures } from '@zakuska/core'
import { Workspace } from '../accounts/accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import { newToken, tokenHash } from '../accounts/tokens.ts'
import { keepPictures, picturesOf } from '../assets/pictures.ts'
import { BankItem, BankService, categoryOf } from '../bank/index.ts'
import { LOCKED } from '../database/locked.ts'
import { Draft } from '../drafts/draft.entity.ts'
import { orNotFound } from '../http/id.ts'
import { inSections, PapersService } from '../papers/papers.service.ts'
import { Paper } from '../papers/paper.entity.ts'
import { RecordService } from '../record/record.service.ts'
import type {
  CopiedDto,
  CopyLinkDto,
  CopyPreviewDto,
  NewCopyLinkDto,
  NewCopyLinkMadeDto,
  ReadyMadeSetDto,
} from './copies.dto.ts'
import { CopyLink } from './copy-link.entity.ts'

const DAYS = 30
const DAY_MS = 86_400_000
const WHOLE_DRAFT = ['text', 'styles', 'keyText', 'source', 'taught', 'notation', 'followed'] as const

/** Hands items, papers and drafts over to other workspaces: a link makes a copy, and nothing stays shared. */
@Injectable()
export class CopiesService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
    private readonly papers: PapersService,
    private readonly record: RecordService,
  ) {}

  async list(workspaceId: string): Promise<CopyLinkDto[]> {
    const links = await this.em.find(
      CopyLink,
      { workspaceId, outcome: null, takenBackAt: null, $or: [{ expiresAt: null }, { expiresAt: { $gt: new Date() } }] },
      { orderBy: { madeAt: 'desc' }, limit: 200 },
    )
    return links.map(toDto)
  }

  /** @throws UnprocessableEntityException where what is to be handed over is not there. */
  async make(person: SignedIn, { kind, ids, title, days }: NewCopyLinkDto): Promise<NewCopyLinkMadeDto> {
    const own = await this.#titleOf(person.workspaceId, kind, ids)
    const token = newToken()
    const link = this.em.create(CopyLink, {
      id: randomUUID(),
      tokenHash: tokenHash(token),
      workspaceId: person.workspaceId,
      kind,
      title: title?.trim() || own,
      ids: kind === 'items' ? ids : ids.slice(0, 1),
      madeBy: person.name,
      madeAt: new Date(),
      expiresAt: new Date(Date.now() + (days ?? DAYS) * DAY_MS),
    })
    this.record.note(person, 'copied', `made a link to copy “${link.title}”`)
    await this.em.flush()
    return { ...toDto(link), token }
  }

  async #titleOf(workspaceId: string, kind: CopyLink['kind'], ids: readonly string[]): Promise<string> {
    const [id = ''] = ids
    if (kind === 'paper') return (await this.papers.find(workspaceId, id)).title
    if (kind === 'draft')
      return orNotFound(await this.em.findOne(Draft, { id, workspaceId, deletedAt: null }), 'draft').title
    const found = await this.bank.findAll(workspaceId, ids)
    if (!found.length) throw new UnprocessableEntityException('None of these items is in the bank.')
    return found.length === 1 ? 'One item' : `${found.length} items`
  }

  async takeBack(person: SignedIn, id: string): Promise<void> {
    const link = orNotFound(await this.em.findOne(CopyLink, { id, workspaceId: person.workspaceId }), 'link')
    link.takenBackAt ??= new Date()
    this.record.note(person, 'copied', `took back the link to copy “${link.title}”`)
    await this.em.flush()
  }

  /** The sets that are there for everybody on this server, by outcome. */
  async readyMade(workspaceId: string): Promise<ReadyMadeSetDto[]> {
    const links = await this.em.find(
      CopyLink,
      { outcome: { $ne: null }, takenBackAt: null },
      { orderBy: { outcome: 'asc', title: 'asc' } },
    )
    const names = new Map(
      (await this.em.find(Workspace, { id: { $in: links.map((link) => link.workspaceId) } })).map((one) => [
        one.id,
        one.name,
      ]),
    )
    return Promise.all(
      links.map(async (link) => ({
        id: link.id,
        title: link.title,
        outcome: link.outcome ?? '',
        from: names.get(link.workspaceId) ?? '',
        kinds: (await this.#itemsOf(link)).map(({ body }) => body.kind),
        here: await this.em.count(BankItem, { workspaceId, deletedAt: null, cameFrom: { title: link.title } }),
      })),
    )
  }

  async preview(token: string): Promise<CopyPreviewDto> {
    const link = await this.#find(token)
    const { name } = await this.em.findOneOrFail(Workspace, { id: link.workspaceId })
    const items = link.kind === 'draft' ? [] : await this.#itemsOf(link)
    const draft = link.kind === 'draft' ? await this.#draftOf(link) : null
    return {
      kind: link.kind,
      title: link.title,
      from: name,
      madeBy: link.madeBy,
      items: items.map((item) => ({ body: item.body, category: categoryOf(item) })),
      text: draft?.text ?? null,
    }
  }

  /** Copies into the workspace of who asks. What comes along: see `#copyItems`. */
  copy(person: SignedIn, token: string): Promise<CopiedDto> {
    return this.em.transactional(async () => {
      const link = await this.#find(token, LOCKED)
      const made = await this.#copyKind(person, link)
      link.copies++
      this.record.note(person, 'copied', `copied “${link.title}” by a link from ${link.madeBy}`)
      return { kind: link.kind, ...made }
    })
  }

  async #copyKind(person: SignedIn, link: CopyLink): Promise<Pick<CopiedDto, 'id' | 'itemCount'>> {
    if (link.kind === 'draft') return { id: await this.#copyDraft(person, link), itemCount: 0 }
    const made = await this.#copyItems(person, await this.#itemsOf(link), link)
    if (link.kind === 'items') return { id: null, itemCount: made.size }
    return { id: await this.#copyPaper(person, link, made), itemCount: made.size }
  }

  /**
   * The items with their pictures, categories, sign-off and source; how students did with them stays behind, and of the
   * history comes the first line: where the copy is from.
   *
   * @returns ids of the copies by those of the originals.
   */
  async #copyItems(person: SignedIn, items: readonly BankItem[], link: CopyLink): Promise<Map<string, string>> {
    const bodies = items.map(({ body }) => body)
    const pictures = await picturesOf(this.em, link.workspaceId, bodies)
    const names = await keepPictures(this.em, person.workspaceId, pictures)
    const made = new Map<string, string>()
    for (const item of items) {
      const copy = this.bank.keepNew(person, withPictures(item.body, names), {
        category: categoryOf(item),
        ...(item.cameFrom && { cameFrom: item.cameFrom }),
        signOff: item.signOff,
        says: `copied from “${link.title}”, handed over by ${link.madeBy}`,
      })
      made.set(item.id, copy.id)
    }
    return made
  }

  async #copyPaper(person: SignedIn, link: CopyLink, made: ReadonlyMap<string, string>): Promise<string> {
    const paper = await this.papers.find(link.workspaceId, link.ids[0] ?? '')
    const now = new Date()
    const { instructions, sections, identity, timeLimit, attempts, feedbackWhen, shuffleItems, shuffleOptions } = paper
    const copy = this.em.create(Paper, {
      ...{ instructions, sections, identity, timeLimit, attempts, feedbackWhen, shuffleItems, shuffleOptions },
      id: randomUUID(),
      workspaceId: person.workspaceId,
      title: paper.title,
      entries: inSections(paper).flatMap((entry) => {
        const itemId = made.get(entry.itemId)
        return itemId === undefined ? [] : [{ ...entry, itemId }]
      }),
      rules: paper.rules,
      version: 1,
      createdAt: now,
      updatedAt: now,
      updatedBy: person.name,
    })
    return copy.id
  }

  async #copyDraft(person: SignedIn, link: CopyLink): Promise<string> {
    const draft = await this.#draftOf(link)
    const now = new Date()
    const { title, text, styles, keyText, source, taught, notation, followed, itemCount, signedCount, troubleCount } =
      draft
    const copy = this.em.create(Draft, {
      ...{ title, text, styles, keyText, source, taught, notation, itemCount, signedCount, troubleCount },
      // The items of the draft are not in this bank.
      followed: followed.map((one) => ({ ...one, bankItemId: null })),
      id: randomUUID(),
      workspaceId: person.workspaceId,
      version: 1,
      createdAt: now,
      updatedAt: now,
      updatedBy: person.name,
    })
    return copy.id
  }

  async #itemsOf({ kind, workspaceId, ids }: CopyLink): Promise<BankItem[]> {
    const wanted =
      kind === 'items' ? ids : inSections(await this.papers.find(workspaceId, ids[0] ?? '')).map(({ itemId }) => itemId)
    const found = new Map((await this.bank.findAll(workspaceId, wanted)).map((item) => [item.id, item]))
    return wanted.flatMap((id) => found.get(id) ?? [])
  }

  async #draftOf({ workspaceId, ids }: CopyLink): Promise<Draft> {
    return orNotFound(
      await this.em.findOne(Draft, { id: ids[0] ?? '', workspaceId, deletedAt: null }, { populate: WHOLE_DRAFT }),
      'draft',
    )
  }

  async #find(token: string, lock: object = {}): Promise<CopyLink> {
    const link = await this.em.findOne(
      CopyLink,
      isUUID(token) ? { id: token, outcome: { $ne: null } } : { tokenHash: tokenHash(token) },
      lock,
    )
    if (!link || link.takenBackAt || (link.expiresAt && link.expiresAt < new Date()))
      throw new NotFoundException('This link was taken back, or has expired. Ask for a new one.')
    return link
  }
}

function toDto({ id, kind, title, madeBy, expiresAt, copies }: CopyLink): CopyLinkDto {
  return { id, kind, title, madeBy, expiresAt: expiresAt?.toISOString() ?? null, copies }
}
