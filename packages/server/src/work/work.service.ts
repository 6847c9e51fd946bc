import { availableParallelism } from 'node:os'
import {
  Inject,
  Injectable,
  Logger,
  ServiceUnavailableException,
  UnprocessableEntityException,
  type OnApplicationShutdown,
} from '@nestjs/common'
import { whoAsks } from './asker.ts'
import { ProcessEnded, type Outcome } from './task-process.ts'
import { PoolFull, TaskProcesses, type PoolSettings } from './task-processes.ts'

/** The tasks that there are: the program that is put together of the features declares them (`tasks.ts`). */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- filled by declaration merging
export interface Tasks {}
export type TaskName = keyof Tasks

export interface Terms {
  /** Seconds, waiting in the line not counted. */
  readonly seconds: number
  /** What it was, for who asked: "This file". */
  readonly what: string
  /** `draft`: typing waits for it. `file`: somebody else made it, and nothing about it is sure. */
  readonly room?: 'draft' | 'file'
}

export type TermsOf = Readonly<Record<TaskName, Terms>>
/** Injection token of the terms. */
export const WORK_TERMS = Symbol('WORK_TERMS')

type Room = NonNullable<Terms['room']> | 'own'

const RETIRE = { tasks: 200, processorSeconds: 60, residentMegabytes: 400 }
const LIMITS = { heapMegabytes: 768, dataMegabytes: 1536, processorSeconds: 300, retire: RETIRE }
const MOST = Math.max(2, availableParallelism())
/** Tasks that wait: short ones of a full house, long ones of a few. */
const ROOMS: Readonly<Record<Room, PoolSettings>> = {
  draft: { ...LIMITS, most: MOST, mostWaiting: 2000 },
  file: { ...LIMITS, most: MOST, mostWaiting: 60, processorSeconds: 60, retire: { ...RETIRE, processorSeconds: 20 } },
  own: { ...LIMITS, most: Math.max(1, MOST - 1), mostWaiting: 60 },
}

/**
 * Runs what computes for long in processes of its own, with a deadline and limits of memory, so that nobody's file or draft
 * ends the server or keeps another person waiting.
 */
@Injectable()
export class WorkService implements OnApplicationShutdown {
  readonly #log = new Logger('work')
  readonly #rooms = new Map<Room, TaskProcesses>()

  constructor(@Inject(WORK_TERMS) private readonly terms: TermsOf) {}

  /**
   * @throws UnprocessableEntityException where the task refuses, or takes more time or memory than it may.
   * @throws ServiceUnavailableException where too much waits already.
   */
  async run<Name extends TaskName>(
    name: Name,
    given: Parameters<Tasks[Name]>[0],
  ): Promise<Awaited<ReturnType<Tasks[Name]>>> {
    const { room = 'own' } = this.terms[name]
    const outcome = await this.#outcome(name, given)
    if ('done' in outcome) return outcome.done as Awaited<ReturnType<Tasks[Name]>>
    if ('refused' in outcome) throw new UnprocessableEntityException(outcome.refused)
    this.#log.error(outcome.broke)
    // What others made may break a reader in ways that nobody thought of: it is the file's fault for who opened it.
    if (room === 'file')
      throw new UnprocessableEntityException(`${this.terms[name].what} is broken and cannot be opened.`)
    throw new Error(`The task ${name} broke.`)
  }

  async #outcome(name: TaskName, given: unknown): Promise<Outcome> {
    const { seconds, what, room = 'own' } = this.terms[name]
    try {
      return await this.#room(room).run({ name, given }, whoAsks(), seconds * 1000)
    } catch (error) {
      if (error instanceof PoolFull)
        throw new ServiceUnavailableException('The server has too much to do right now. Try again in a minute.')
      if (!(error instanceof ProcessEnded)) throw error
      if (error.why === 'stopped') throw new ServiceUnavailableException('The server stops. Try again in a minute.')
      throw new UnprocessableEntityException(
        error.why === 'time'
          ? `${what} takes longer than ${seconds} seconds to work through, so it was left. Try a part of it.`
          : `${what} takes more memory than the server gives to one. Try a part of it.`,
      )
    }
  }

  #room(name: Room): TaskProcesses {
    const room = this.#rooms.get(name) ?? new TaskProcesses(ROOMS[name])
    this.#rooms.set(name, room)
    return room
  }

  onApplicationShutdown(): void {
    for (const room of this.#rooms.values()) room.close()
  }
}
