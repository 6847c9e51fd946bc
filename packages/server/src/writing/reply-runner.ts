import { setTimeout as sleep } from 'node:timers/promises'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common'
import { estimateUnits } from '@zakuska/core'
import { DraftsService } from '../drafts/drafts.service.ts'
import { safeToLog } from '../http/problem.filter.ts'
import { WRITING_PROVIDERS, WritingError, type WritingAccount, type WrittenUnits } from './providers/index.ts'
import { WritingReply, type ProviderId } from './writing.entities.ts'

/** How often what came is written down, in ms. */
const WRITE_DOWN_EVERY = 250

const ALIVE_EVERY_MS = 15_000

/** A desk that takes the reply has so long to save it, in ms, before the server puts it into the draft. */
const DESK_FIRST_MS = 4000

export interface Run {
  readonly provider: ProviderId
  readonly account: WritingAccount
  /** Units that the reply may have. */
  readonly units: number
  /** Of 1,000 units. */
  readonly price: number
  /** What it took before, where it is gone on with. */
  readonly before: WrittenUnits
}

/** How a reply ended, with the units that the service counted. */
interface End {
  readonly state: 'done' | 'cut' | 'failed' | 'stopped'
  readonly units: WrittenUnits | null
  /** In one sentence, where it is not whole. */
  readonly why: string | null
}

interface Running {
  readonly halt: AbortController
  readonly ended: Promise<Writing | null>
}

/** Writes replies down as they come; who looks at them may be on another server, and reads the database. */
@Injectable()
export class ReplyRunner implements OnApplicationShutdown {
  readonly #log = new Logger('writing')
  readonly #closing = new AbortController()
  readonly #under = new Map<string, Running>()

  constructor(
    private readonly em: EntityManager,
    private readonly drafts: DraftsService,
  ) {}

  begin(reply: WritingReply, run: Run): void {
    const halt = new AbortController()
    const running = { halt, ended: this.#write(reply, run, halt) }
    this.#under.set(reply.id, running)
    void this.#follow(reply.id, running)
  }

  /** Ends one that runs here; what came is written down when it returns. */
  async halt(id: string): Promise<void> {
    const running = this.#under.get(id)
    running?.halt.abort()
    await running?.ended
  }

  /** Once it is written down, a draft that no desk has taken it for gets it. */
  async #follow(id: string, running: Running): Promise<void> {
    try {
      const writing = await running.ended
      // Whoever goes on with it has begun anew under the same id.
      if (this.#under.get(id) === running) this.#under.delete(id)
      if (writing) await this.#intoDraft(writing)
    } catch (error) {
      this.#log.error(safeToLog(error))
    }
  }

  /** @returns what was written, once its end is in the database. */
  async #write(reply: WritingReply, run: Run, halt: AbortController): Promise<Writing | null> {
    const writing = new Writing(this.em.fork(), reply, run, halt)
    // A service may think for longer than a server counts as alive.
    const alive = setInterval(() => void writing.touch().catch(() => undefined), ALIVE_EVERY_MS)
    const end = await this.#read(writing, run, halt).finally(() => clearInterval(alive))
    try {
      await writing.end(end)
      return writing
    } catch (error) {
      this.#log.error(safeToLog(error))
      return null
    }
  }

  /** Takes down what comes. @returns how it ended; nothing of it is thrown. */
  async #read(writing: Writing, run: Run, halt: AbortController): Promise<End> {
    try {
      const asked = { request: writing.request, soFar: writing.text, units: run.units }
      for await (const piece of WRITING_PROVIDERS[run.provider].write(run.account, asked, halt.signal)) {
        if ('text' in piece) await writing.add(piece.text)
        else return { state: piece.end === 'whole' ? 'done' : 'cut', units: piece.units, why: null }
      }
      return { state: 'failed', units: null, why: 'The reply broke off before its end.' }
    } catch (error) {
      if (!(error instanceof WritingError)) this.#log.error(safeToLog(error))
      const why = error instanceof WritingError ? error.message : 'The reply could not be written down.'
      return { state: halt.signal.aborted ? 'stopped' : 'failed', units: null, why }
    }
  }

  async #intoDraft(writing: Writing): Promise<void> {
    const { draftId, text, isForDraft, workspaceId, byName } = writing
    if (draftId === null || !isForDraft || !text.trim()) return
    await sleep(DESK_FIRST_MS, undefined, { signal: this.#closing.signal }).catch(() => undefined)
    if (await this.drafts.takeReply(draftId, { workspaceId, name: byName }, text)) await writing.setTaken()
  }

  async onApplicationShutdown(): Promise<void> {
    this.#closing.abort()
    for (const { halt } of this.#under.values()) halt.abort()
    await Promise.allSettled([...this.#under.values()].map(({ ended }) => ended))
  }
}

/** One reply while it comes. */
class Writing {
  readonly #start: number
  #last = Date.now()
  text: string

  constructor(
    private readonly em: EntityManager,
    private readonly reply: WritingReply,
    private readonly run: Run,
    private readonly halt: AbortController,
  ) {
    this.text = reply.text
    this.#start = reply.text.length
  }

  get request(): string {
    return this.reply.request
  }

  get draftId(): string | null {
    return this.reply.draftId
  }

  get workspaceId(): string {
    return this.reply.workspaceId
  }

  get byName(): string {
    return this.reply.byName
  }

  get isForDraft(): boolean {
    return this.reply.purpose === 'items'
  }

  async add(text: string): Promise<void> {
    this.text += text
    if (Date.now() - this.#last < WRITE_DOWN_EVERY) return
    this.#last = Date.now()
    const { id } = this.reply
    const stays = await this.em.nativeUpdate(
      WritingReply,
      { id, state: 'writing' },
      { text: this.text, touchedAt: new Date() },
    )
    // Somebody stopped it, here or on another server.
    if (!stays) this.halt.abort()
  }

  async touch(): Promise<void> {
    const { id } = this.reply
    await this.em.fork().nativeUpdate(WritingReply, { id, state: 'writing' }, { touchedAt: new Date() })
  }

  async setTaken(): Promise<void> {
    await this.em.nativeUpdate(WritingReply, { id: this.reply.id }, { isTaken: true })
  }

  /** What a service did not count is counted by its letters: it may have to be paid for all the same. */
  async end({ state, units, why }: End): Promise<void> {
    const { before, price } = this.run
    const own = units ?? {
      asked: this.text.length > this.#start || state !== 'failed' ? estimateUnits(this.reply.request) : 0,
      written: estimateUnits(this.text.slice(this.#start)),
    }
    const [unitsAsked, unitsWritten] = [before.asked + own.asked, before.written + own.written]
    await this.em.nativeUpdate(
      WritingReply,
      { id: this.reply.id },
      {
        ...{ state, why, unitsAsked, unitsWritten },
        text: this.text,
        cost: ((unitsAsked + unitsWritten) / 1000) * price,
        touchedAt: new Date(),
      },
    )
  }
}
