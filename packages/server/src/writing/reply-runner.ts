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

/** Writes replies down as they come; who looks at them may be on another server, and reads the database. */
@Injectable()
export class ReplyRunner implements OnApplicationShutdown {
  readonly #log = new Logger('writing')
  readonly #closing = new AbortController()
  readonly #under = new Map<string, { readonly halt: AbortController; readonly ended: Promise<void> }>()

  constructor(
    private readonly em: EntityManager,
    private readonly drafts: DraftsService,
  ) {}

  begin(reply: WritingReply, run: Run): void {
    const halt = new AbortController()
    const ended = this.#write(reply, run, halt)
      .catch((error: unknown) => this.#log.error(safeToLog(error)))
      .finally(() => this.#under.delete(reply.id))
    this.#under.set(reply.id, { halt, ended })
  }

  /** Ends one that runs here. */
  async halt(id: string): Promise<void> {
    const running = this.#under.get(id)
    running?.halt.abort()
    await running?.ended
  }

  async #write(reply: WritingReply, run: Run, halt: AbortController): Promise<void> {
    const em = this.em.fork()
    const writing = new Writing(em, reply, run, halt)
    try {
      const asked = { request: reply.request, soFar: reply.text, units: run.units }
      for await (const piece of WRITING_PROVIDERS[run.provider].write(run.account, asked, halt.signal)) {
        if ('text' in piece) await writing.add(piece.text)
        else return await this.#end(writing, piece.end === 'whole' ? 'done' : 'cut', piece.units, null)
      }
      await this.#end(writing, 'failed', null, 'The reply broke off before its end.')
    } catch (error) {
      if (!(error instanceof WritingError)) this.#log.error(safeToLog(error))
      const why = error instanceof WritingError ? error.message : 'The reply could not be written down.'
      await this.#end(writing, halt.signal.aborted ? 'stopped' : 'failed', null, why)
    }
  }

  async #end(
    writing: Writing,
    state: 'done' | 'cut' | 'failed' | 'stopped',
    units: WrittenUnits | null,
    why: string | null,
  ): Promise<void> {
    await writing.end(state, units, why)
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

  async setTaken(): Promise<void> {
    await this.em.nativeUpdate(WritingReply, { id: this.reply.id }, { isTaken: true })
  }

  /** What a service did not count is counted by its letters: it may have to be paid for all the same. */
  async end(state: WritingReply['state'], units: WrittenUnits | null, why: string | null): Promise<void> {
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
