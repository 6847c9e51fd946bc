import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { MessageChannel } from 'node:worker_threads'
import {
  Inject,
  Injectable,
  Logger,
  ServiceUnavailableException,
  UnprocessableEntityException,
  type OnApplicationShutdown,
} from '@nestjs/common'
import { Piscina } from 'piscina'

// Under tests the sources run as they are, but a thread needs what was built.
const WORKER = fileURLToPath(new URL('../worker.js', import.meta.url)).replace('/server/src/', '/server/dist/')
/** Tasks that wait: short ones of a full house, long ones of a few. */
const MOST_WAITING = { quick: 2000, heavy: 60 }
const IDLE_MS = 60_000

/** What a task came to; a refusal is data, since errors lose their class between threads. */
export type Outcome = { readonly done: unknown } | { readonly refused: string }

/** The tasks that there are: the program that is put together of the features declares them (`tasks.ts`). */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- filled by declaration merging
export interface Tasks {}
export type TaskName = keyof Tasks

export interface Terms {
  /** Seconds, waiting in the line not counted. */
  readonly seconds: number
  /** What it was, for who asked: "This file". */
  readonly what: string
  /** Typing waits for it: it has threads of its own. */
  readonly quick?: true
}

export type TermsOf = Readonly<Record<TaskName, Terms>>
/** Injection token of the terms. */
export const WORK_TERMS = Symbol('WORK_TERMS')

/**
 * Runs what computes for long in threads with a deadline and a limit of memory, so that nobody's file or draft keeps
 * another person waiting.
 */
@Injectable()
export class WorkService implements OnApplicationShutdown {
  readonly #log = new Logger('work')
  readonly #heavy = pool(Math.max(1, availableParallelism() - 1), 768)
  readonly #quick = pool(Math.max(1, Math.floor(availableParallelism() / 2)), 512)

  constructor(@Inject(WORK_TERMS) private readonly terms: TermsOf) {}

  /**
   * @throws UnprocessableEntityException where the task refuses, or takes more time or memory than it may.
   * @throws ServiceUnavailableException where too much waits already.
   */
  async run<Name extends TaskName>(
    name: Name,
    given: Parameters<Tasks[Name]>[0],
  ): Promise<Awaited<ReturnType<Tasks[Name]>>> {
    const { seconds, what, quick } = this.terms[name]
    const threads = quick ? this.#quick : this.#heavy
    if (threads.queueSize >= MOST_WAITING[quick ? 'quick' : 'heavy'])
      throw new ServiceUnavailableException('The server has too much to do right now. Try again in a minute.')
    const outcome = await this.#outcome(threads, { name, given }, seconds, what)
    if ('refused' in outcome) throw new UnprocessableEntityException(outcome.refused)
    return outcome.done as Awaited<ReturnType<Tasks[Name]>>
  }

  async #outcome(threads: Piscina, task: object, seconds: number, what: string): Promise<Outcome> {
    const deadline = new AbortController()
    const { port1: here, port2: there } = new MessageChannel()
    let timer: NodeJS.Timeout | undefined
    here.once('message', () => (timer = setTimeout(() => deadline.abort(), seconds * 1000)))
    try {
      return (await threads.run(
        { ...task, started: there },
        { signal: deadline.signal, transferList: [there] },
      )) as Outcome
    } catch (error) {
      if (deadline.signal.aborted)
        throw new UnprocessableEntityException(
          `${what} takes longer than ${seconds} seconds to work through, so it was left. Try a part of it.`,
        )
      if (isOutOfMemory(error))
        throw new UnprocessableEntityException(
          `${what} takes more memory than the server gives to one. Try a part of it.`,
        )
      this.#log.error(error instanceof Error ? error.stack : String(error))
      throw error
    } finally {
      clearTimeout(timer)
      here.close()
    }
  }

  async onApplicationShutdown(): Promise<void> {
    await Promise.all([this.#heavy.destroy(), this.#quick.destroy()])
  }
}

function pool(threads: number, megabytes: number): Piscina {
  return new Piscina({
    filename: WORKER,
    minThreads: 0,
    maxThreads: threads,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: megabytes },
  })
}

function isOutOfMemory(error: unknown): boolean {
  return typeof error === 'object' && error !== null && 'code' in error && error.code === 'ERR_WORKER_OUT_OF_MEMORY'
}
