import { setImmediate as nextTurn } from 'node:timers/promises'
import { ImportError } from './dom.ts'
import { openUpload, type Incoming } from './package.ts'
import type { IncomingItem } from './incoming.ts'
import { takeItem } from './site-item.ts'
import type { Collection, ImportJob, Store } from './store.ts'

export interface ImportRequest {
  readonly bytes: Uint8Array
  readonly into: 'quiz' | 'bank'
  readonly title: string | null
  /** An existing quiz or bank: items that are known there by their identifier are replaced in place, others added. */
  readonly appendTo: string | null
  /** Identifiers of items that go out of it. */
  readonly without: readonly string[]
  /** How often a quiz may be taken. */
  readonly attempts: number | null
  readonly key: string | null
  /** Whether the item that comes in now is to be refused, whatever it is. */
  readonly refusesNext?: () => boolean
}

/** Starts an import, or finds the one that the same key started before. */
export function startImport(store: Store, request: ImportRequest): ImportJob {
  const known = request.key ? Object.values(store.state.jobs).find((job) => job.key === request.key) : undefined
  // One that a stop of the site cut off is begun anew by whoever sends it again.
  const isCutOff = known !== undefined && /waiting|running/.test(known.state) && !underWay.has(known.id)
  if (known && !isCutOff) return known
  const job: ImportJob = known ?? {
    id: store.newId('import-'),
    key: request.key,
    state: 'waiting',
    done: 0,
    total: 0,
    why: null,
    outcomes: [],
    collectionId: null,
  }
  Object.assign(job, { state: 'waiting', done: 0, outcomes: [] })
  store.state.jobs[job.id] = job
  store.save()
  underWay.add(job.id)
  void runImport(store, job, request).finally(() => underWay.delete(job.id))
  return job
}

/** Imports that this run of the site works on. */
const underWay = new Set<string>()

async function runImport(store: Store, job: ImportJob, request: ImportRequest): Promise<void> {
  await nextTurn()
  job.state = 'running'
  try {
    const incoming = openUpload(request.bytes)
    job.total = incoming.items.length
    const collection = openCollection(store, request, incoming.title)
    job.collectionId = collection.id
    for (const item of incoming.items) {
      takeOne(store, job, collection, item, request.refusesNext?.() === true)
      await nextTurn()
    }
    takeOut(store, collection, request.without)
    arrange(job, collection, incoming, request)
    job.state = 'done'
  } catch (error) {
    job.state = 'failed'
    job.why = error instanceof Error ? error.message : String(error)
  }
  store.save()
}

function openCollection(store: Store, request: ImportRequest, title: string): Collection {
  const known = request.appendTo === null ? undefined : store.state.collections[request.appendTo]
  if (request.appendTo !== null && !known) throw new ImportError(`there is no ${request.appendTo} to append to`)
  if (known) return known
  const collection: Collection = {
    id: store.newId(`${request.into}-`),
    kind: request.into,
    title: request.title ?? title,
    itemIds: [],
  }
  store.state.collections[collection.id] = collection
  return collection
}

function takeOne(store: Store, job: ImportJob, collection: Collection, item: IncomingItem, isRefused: boolean): void {
  try {
    if (isRefused) throw new ImportError('not this one')
    if (item.why !== undefined) throw new ImportError(item.why)
    const fresh = takeItem('', item.source, item.media)
    const known = collection.itemIds.find((id) => store.state.items[id]?.identifier === fresh.identifier)
    const id = known ?? store.newId('item-')
    store.state.items[id] = { ...fresh, id }
    if (known === undefined) collection.itemIds.push(id)
    const outcome = known === undefined ? 'created' : 'replaced'
    job.outcomes.push({ path: item.path, identifier: fresh.identifier, outcome, itemId: id, why: null })
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    job.outcomes.push({ path: item.path, identifier: '', outcome: 'refused', itemId: null, why: error.message })
  }
  job.done++
}

function takeOut(store: Store, collection: Collection, without: readonly string[]): void {
  const isOut = (id: string): boolean => without.includes(store.state.items[id]?.identifier ?? '')
  collection.itemIds = collection.itemIds.filter((id) => !isOut(id))
  if (collection.sections)
    collection.sections = collection.sections.map((section) => ({
      ...section,
      itemIds: section.itemIds.filter((id) => !isOut(id)),
    }))
}

/** Sections, order and time of a quiz, from its test; items of an existing quiz that are new stand behind the others. */
function arrange(job: ImportJob, collection: Collection, incoming: Incoming, request: ImportRequest): void {
  if (collection.kind !== 'quiz') return
  if (request.attempts !== null) collection.attempts = request.attempts
  if (incoming.seconds !== null) collection.seconds = incoming.seconds
  const ids = new Map(job.outcomes.map(({ path, itemId }) => [path, itemId]))
  const sections = incoming.sections.map(({ title, texts, shuffle, paths }) => ({
    ...{ title, texts, shuffle },
    itemIds: paths.flatMap((path) => ids.get(path) ?? []),
  }))
  const held = new Set(sections.flatMap(({ itemIds }) => itemIds))
  const kept = (collection.sections ?? [])
    .map((section) => ({ ...section, itemIds: section.itemIds.filter((id) => !held.has(id)) }))
    .filter(({ itemIds }) => itemIds.length)
  collection.sections = [...kept, ...sections]
}
