import type { MessagePort } from 'node:worker_threads'
import { FormatError } from '@zakuska/core'
import { PackageError } from '@zakuska/documents'
import { TASKS } from './tasks.ts'
import type { Outcome, TaskName } from './work/work.service.ts'

interface Asked {
  readonly name: TaskName
  readonly given: never
  /** Told when the task starts: its time runs from then. */
  readonly started: MessagePort
}

/** The entry of a worker thread. */
export default async function run({ name, given, started }: Asked): Promise<Outcome> {
  started.postMessage(null)
  started.close()
  try {
    return { done: await TASKS[name](given) }
  } catch (error) {
    if (error instanceof FormatError || error instanceof PackageError) return { refused: error.message }
    throw error
  }
}
