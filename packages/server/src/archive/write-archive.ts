import type { EntityManager } from '@mikro-orm/postgresql'
import { packZip, writeFileAs, type ZipEntry } from '@zakuska/documents'
import { Workspace } from '../accounts/accounts.entities.ts'
import { Asset } from '../assets/asset.entity.ts'
import { BankItem, categoryOf, ItemRevision } from '../bank/index.ts'
import { Outcome, SavedFilter } from '../bank/bank.entities.ts'
import { ColumnLayout } from '../drafts/column-layout.entity.ts'
import { Draft } from '../drafts/draft.entity.ts'
import { KeptNotation } from '../drafts/kept-notation.entity.ts'
import { Paper } from '../papers/paper.entity.ts'
import { MAIN_FILE, PICTURES, type ArchiveDto } from './archive.dto.ts'

const WHOLE_DRAFT = ['text', 'styles', 'keyText', 'source', 'taught', 'notation', 'followed'] as const

/**
 * A workspace as a zip: `workspace.json`, from which it can be made again, its pictures, and the same in open formats for
 * other programs: the bank as QTI 3.0 and as our JSON, each draft as text.
 */
export async function writeArchive(em: EntityManager, workspaceId: string): Promise<Uint8Array> {
  const archive = await contentsOf(em, workspaceId)
  const pictures = await em.find(Asset, { workspaceId }, { populate: ['bytes'] })
  const assets = new Map(pictures.map((one) => [one.id, new Uint8Array(one.bytes)]))
  const items = await em.find(BankItem, { workspaceId, deletedAt: null }, { orderBy: { createdAt: 'asc', id: 'asc' } })
  const settings = {
    title: archive.name,
    as: 'bank' as const,
    assets,
    categories: items.map((item) => categoryOf(item)),
  }
  const bodies = items.map((item) => item.body)
  const open = bodies.length
    ? await Promise.all(
        (['qti30', 'items'] as const).map(async (target): Promise<ZipEntry> => {
          const { bytes, ending } = await writeFileAs(bodies, target, settings)
          return { path: `open/bank.${ending}`, bytes }
        }),
      )
    : []
  const text = (path: string, contents: string): ZipEntry => ({ path, bytes: new TextEncoder().encode(contents) })
  return packZip([
    text(MAIN_FILE, JSON.stringify(archive)),
    ...[...assets].map(([id, bytes]): ZipEntry => ({ path: `${PICTURES}${id}`, bytes })),
    ...open,
    ...archive.drafts.map((draft, at) => text(`open/drafts/${at + 1}.txt`, draft.text)),
  ])
}

async function contentsOf(em: EntityManager, workspaceId: string): Promise<ArchiveDto> {
  const own = { workspaceId, deletedAt: null }
  const { name, settings } = await em.findOneOrFail(Workspace, { id: workspaceId })
  const items = await em.find(BankItem, own, { orderBy: { createdAt: 'asc', id: 'asc' } })
  const revisions = await em.find(
    ItemRevision,
    { itemId: { $in: items.map(({ id }) => id) } },
    { orderBy: { number: 'asc' } },
  )
  const historyOf = new Map<string, ItemRevision[]>(items.map(({ id }) => [id, []]))
  for (const one of revisions) historyOf.get(one.itemId)?.push(one)
  const drafts = await em.find(Draft, own, { populate: WHOLE_DRAFT, orderBy: { createdAt: 'asc' } })
  const papers = await em.find(Paper, { ...own, versionOf: null }, { orderBy: { createdAt: 'asc' } })
  const outcomes = await em.find(Outcome, { workspaceId }, { orderBy: { place: 'asc' } })
  return {
    archive: 1,
    name,
    settings: { ...settings },
    outcomes: outcomes.map(({ id, parentId, code, statement }) => ({ id, parent: parentId, code, statement })),
    items: items.map((item) => itemIn(item, historyOf.get(item.id) ?? [])),
    drafts: drafts.map(({ title, text, styles, keyText, source, taught, notation }) => ({
      title,
      text,
      styles,
      source,
      keyText,
      taught,
      notation: notation && { name: notation.name, rules: [...notation.rules] },
    })),
    papers: papers.map(paperIn),
    filters: (await em.find(SavedFilter, { workspaceId })).map((one) => ({ name: one.name, filter: one.filter })),
    notations: (await em.find(KeptNotation, { workspaceId })).map((one) => ({ name: one.name, rules: [...one.rules] })),
    layouts: (await em.find(ColumnLayout, { workspaceId })).map(({ name: called, layout }) => ({
      name: called,
      layout: { ...layout, roles: [...layout.roles] },
    })),
  }
}

function itemIn(item: BankItem, history: readonly ItemRevision[]): ArchiveDto['items'][number] {
  return {
    id: item.id,
    category: categoryOf(item),
    history: history.map(({ body, says, byName, at }) => ({ body, says, by: byName, at: at.toISOString() })),
    signOff: item.signOff,
    cameFrom: item.cameFrom && { ...item.cameFrom, lines: [...item.cameFrom.lines] },
    variantOf: item.variantOf,
  }
}

function paperIn(paper: Paper): ArchiveDto['papers'][number] {
  return {
    id: paper.id,
    version: paper.version,
    title: paper.title,
    instructions: paper.instructions,
    entries: paper.entries.map((entry) => ({
      ...entry,
      sectionId: entry.sectionId ?? null,
      optionOrder: entry.optionOrder ? [...entry.optionOrder] : null,
    })),
    shuffleItems: paper.shuffleItems,
    shuffleOptions: paper.shuffleOptions,
    sections: paper.sections,
    identity: paper.identity,
    timeLimit: paper.timeLimit,
    attempts: paper.attempts,
    feedbackWhen: paper.feedbackWhen,
    rules: [...paper.rules],
  }
}
