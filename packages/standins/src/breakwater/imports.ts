import { setImmediate as nextTurn } from 'node:timers/promises'
import { ImportError } from './dom.ts'
import { openUpload } from './package.ts'
import { takeItem } from './site-item.ts'
import type { Collection, ImportJob, Store } from './store.ts'

export interface ImportRequest {
  readonly bytes: Uint8Array
  readonly into: 'quiz' | 'bank'
  readonly title: string | null
  /** An existing quiz or bank to append to. */
  readonly appendTo: string | null
  readonly key: string | null
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
      takeOne(store, job, collection, item)
      await nextTurn()
    }
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

function takeOne(
  store: Store,
  job: ImportJob,
  collection: Collection,
  item: { readonly path: string; readonly source: string },
): void {
  const id = store.newId('item-')
  try {
    const taken = takeItem(id, item.source)
    store.state.items[id] = taken
    collection.itemIds.push(id)
    job.outcomes.push({ path: item.path, identifier: taken.identifier, outcome: 'created', itemId: id, why: null })
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    job.outcomes.push({ path: item.path, identifier: '', outcome: 'refused', itemId: null, why: error.message })
  }
  job.done++
}
