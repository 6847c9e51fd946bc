import { FormatError } from '@zakuska/core'
import { PackageError } from '@zakuska/documents'
import { TASKS } from './tasks.ts'
import type { Outcome } from './work/task-process.ts'
import type { TaskName } from './work/work.service.ts'

interface Asked {
  readonly name: TaskName
  readonly given: never
}

/** The program of a process that does tasks, one after the other, for the server that started it. */
async function outcomeOf({ name, given }: Asked): Promise<Outcome> {
  try {
    return { done: await TASKS[name](given) }
  } catch (error) {
    if (error instanceof FormatError || error instanceof PackageError) return { refused: error.message }
    return { broke: error instanceof Error ? (error.stack ?? error.message) : String(error) }
  }
}

process.on('message', (asked: Asked) => {
  void outcomeOf(asked).then((outcome) => {
    const { user, system } = process.cpuUsage()
    const residentMegabytes = process.memoryUsage.rss() / 1e6
    process.send?.({ outcome, processorSeconds: (user + system) / 1e6, residentMegabytes })
  })
})
// The server is gone: nobody waits for anything.
process.on('disconnect', () => process.exit())
process.send?.('ready')
