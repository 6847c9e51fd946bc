import { ShareQueue } from './share-queue.ts'
import { TaskProcess, type Outcome, type SystemLimits } from './task-process.ts'

export interface PoolSettings extends SystemLimits {
  readonly most: number
  /** Tasks that may wait. */
  readonly mostWaiting: number
  /** A process that has done so much, or holds so much memory, is replaced by a fresh one. */
  readonly retire: { readonly tasks: number; readonly processorSeconds: number; readonly residentMegabytes: number }
}

/** More waits already than may. */
export class PoolFull extends Error {
  override readonly name = 'PoolFull'
}

const IDLE_MS = 60_000

/**
 * A small pool of processes, one task at a time in each. People take turns, and one person has at most half of it.
 *
 * Ours, since pools in packages hold their tasks to no limit of the system, and know one queue for everybody.
 */
export class TaskProcesses {
  readonly #settings: PoolSettings
  readonly #queue: ShareQueue<TaskProcess>
  readonly #all = new Set<TaskProcess>()
  readonly #idle: TaskProcess[] = []
  #isClosed = false
  #shrink: NodeJS.Timeout | undefined

  constructor(settings: PoolSettings) {
    this.#settings = settings
    this.#queue = new ShareQueue(Math.max(1, Math.floor(settings.most / 2)))
  }

  /**
   * @param share whose turn it takes: a person, or an address.
   * @throws PoolFull where too much waits.
   * @throws ProcessEnded where the task took more than it may.
   */
  async run(task: object, share: string, deadlineMs: number): Promise<Outcome> {
    if (this.#queue.waiting >= this.#settings.mostWaiting) throw new PoolFull('Too much waits.')
    const turn = this.#queue.enter(share)
    this.#assign()
    const one = await turn
    try {
      return await one.run(task, deadlineMs)
    } finally {
      this.#queue.leave(share)
      this.#takeBack(one)
    }
  }

  close(): void {
    this.#isClosed = true
    clearTimeout(this.#shrink)
    for (const one of this.#all) one.end('stopped')
    this.#all.clear()
  }

  #assign(): void {
    while (!this.#isClosed && this.#queue.hasNext) {
      const one = this.#idle.pop() ?? (this.#all.size < this.#settings.most ? this.#started() : null)
      if (!one) return
      if (one.isAlive) this.#queue.next(one)
      else this.#all.delete(one)
    }
  }

  #started(): TaskProcess {
    const one = new TaskProcess(this.#settings)
    this.#all.add(one)
    void one.lowerPriority().catch(() => undefined)
    return one
  }

  #takeBack(one: TaskProcess): void {
    if (this.#isClosed) return
    const { retire } = this.#settings
    const { processorSeconds, residentMegabytes } = one.spent
    const isWorn =
      one.tasksDone >= retire.tasks ||
      processorSeconds >= retire.processorSeconds ||
      residentMegabytes >= retire.residentMegabytes
    if (one.isAlive && !isWorn) this.#idle.push(one)
    else {
      one.end('stopped')
      this.#all.delete(one)
      // Kept warm, and taken last: the next task waits for no start.
      this.#idle.unshift(this.#started())
    }
    this.#assign()
    clearTimeout(this.#shrink)
    this.#shrink = setTimeout(() => this.#keepOne(), IDLE_MS)
    this.#shrink.unref()
  }

  /** Of those that have nothing to do one stays. */
  #keepOne(): void {
    while (this.#idle.length > 1) {
      const one = this.#idle.pop()
      if (!one) return
      one.end('stopped')
      this.#all.delete(one)
    }
  }
}
