import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import { categoryChain, categoryPath, fingerprint, withPictures, type Item } from '@zakuska/core'
import { Membership, Workspace } from '../accounts/accounts.entities.ts'
import type { SignedIn } from '../access/current-person.ts'
import { keepPictures } from '../assets/pictures.ts'
import { BankItem, ItemRevision, SavedFilter } from '../bank/bank.entities.ts'
import { asItem, filedAs, signOffAfter } from '../bank/item-text.ts'
import { readEvidence } from '../bank/kept-evidence.ts'
import { addOutcomes } from '../bank/outcomes.service.ts'
import { ColumnLayout } from '../drafts/column-layout.entity.ts'
import { DraftsService } from '../drafts/drafts.service.ts'
import { KeptNotation } from '../drafts/kept-notation.entity.ts'
import { PapersService } from '../papers/index.ts'
import { RecordService } from '../record/record.service.ts'
import { WorkService } from '../work/work.service.ts'
import type { ArchiveDto, ArchivedItemDto, TakenInDto } from './archive.dto.ts'
import { writeArchive } from './write-archive.ts'

/** A whole workspace out, as a zip, and in again as a new one. */
@Injectable()
export class ArchiveService {
  constructor(
    private readonly em: EntityManager,
    private readonly drafts: DraftsService,
    private readonly papers: PapersService,
    private readonly record: RecordService,
    private readonly work: WorkService,
  ) {}

  async write(person: SignedIn): Promise<Uint8Array> {
    this.record.note(person, 'exported', 'took the whole workspace out as an archive')
    await this.em.flush()
    return writeArchive(this.em, person.workspaceId)
  }

  /**
   * Makes a workspace of an archive; whoever takes it in is its owner.
   *
   * @throws UnprocessableEntityException with the first thing that is wrong: then nothing was made.
   */
  async takeIn(person: SignedIn, bytes: Uint8Array): Promise<TakenInDto> {
    const { archive, pictures } = await this.work.run('openArchive', bytes)
    return this.em.transactional(async () => {
      const workspace = this.em.create(Workspace, {
        id: randomUUID(),
        name: archive.name,
        settings: { ...archive.settings },
      })
      const own: SignedIn = { ...person, workspaceId: workspace.id, workspace: workspace.name, role: 'owner' }
      this.em.create(Membership, { workspaceId: workspace.id, personId: person.id, role: 'owner', since: new Date() })
      this.record.note(own, 'workspace', 'made the workspace of an archive')
      await this.em.flush()
      const names = await keepPictures(this.em, workspace.id, pictures)
      const ids = this.#takeItems(workspace.id, archive.items, names)
      addOutcomes(this.em, workspace.id, archive.outcomes)
      this.#takeNamed(workspace.id, archive)
      await this.em.flush()
      for (const draft of archive.drafts) await this.drafts.create(own, draft)
      for (const paper of archive.papers) await this.#takePaper(own, paper, ids)
      const { items, drafts, papers } = archive
      return {
        id: workspace.id,
        itemCount: items.length,
        draftCount: drafts.length,
        paperCount: papers.length,
      }
    })
  }

  /** @returns ids of the items here by those in the archive */
  #takeItems(
    workspaceId: string,
    items: readonly ArchivedItemDto[],
    names: ReadonlyMap<string, string>,
  ): Map<string, string> {
    const ids = new Map(items.map(({ id }) => [id, randomUUID()]))
    const bodies = new Map(items.map((item) => [item.id, bodyOf(item, names)]))
    for (const given of items) {
      const body = bodies.get(given.id) as Item
      const id = ids.get(given.id) ?? randomUUID()
      const original = given.variantOf === null ? undefined : bodies.get(given.variantOf)
      const at = new Date(given.history[0]?.at ?? Date.now())
      this.em.create(BankItem, {
        id,
        workspaceId,
        ...filedAs(body),
        categories: categoryChain(categoryPath(given.category)),
        waived: [],
        variantOf: original ? (ids.get(given.variantOf ?? '') ?? null) : null,
        variantBase: original ? fingerprint(original) : null,
        signOff: signOffAfter(given.signOff, body),
        cameFrom: cameFromOf(given.cameFrom),
        revision: given.history.length,
        createdAt: at,
        updatedAt: new Date(given.history.at(-1)?.at ?? at),
      })
      given.history.forEach((one, index) =>
        this.em.create(ItemRevision, {
          id: randomUUID(),
          itemId: id,
          number: index + 1,
          body: index + 1 === given.history.length ? body : withPictures(asItem(one.body), names),
          says: one.says,
          byName: one.by,
          at: new Date(one.at),
        }),
      )
    }
    return ids
  }

  #takeNamed(workspaceId: string, { filters, notations, layouts }: ArchiveDto): void {
    for (const { name, filter } of filters)
      this.em.create(SavedFilter, { id: randomUUID(), workspaceId, name, filter: { ...filter } })
    for (const { name, rules } of notations)
      this.em.create(KeptNotation, {
        id: randomUUID(),
        workspaceId,
        name,
        rules: rules.map(({ look, was, part }) => ({ look: { ...look }, was, part })),
        createdAt: new Date(),
      })
    for (const { name, layout } of layouts)
      this.em.create(ColumnLayout, { id: randomUUID(), workspaceId, name, layout, createdAt: new Date() })
  }

  async #takePaper(
    own: SignedIn,
    given: ArchiveDto['papers'][number],
    ids: ReadonlyMap<string, string>,
  ): Promise<void> {
    const made = await this.papers.create(own, given.title, [])
    const entries = given.entries.flatMap((entry) => {
      const itemId = ids.get(entry.itemId)
      return itemId === undefined ? [] : [{ ...entry, itemId }]
    })
    await this.papers.save(own, made.id, { ...given, entries, version: made.version })
  }
}

function bodyOf({ history }: ArchivedItemDto, names: ReadonlyMap<string, string>): Item {
  return withPictures(asItem(history.at(-1)?.body), names)
}

function cameFromOf(given: ArchivedItemDto['cameFrom']): BankItem['cameFrom'] {
  if (!given) return null
  const { evidence, ...rest } = given
  const kept = readEvidence(evidence)
  return { ...rest, ...(kept && { evidence: kept }) }
}
