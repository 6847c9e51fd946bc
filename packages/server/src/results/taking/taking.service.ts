import { randomInt, randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import {
  ConflictException,
  ForbiddenException,
  GoneException,
  Injectable,
  NotFoundException,
  UnauthorizedException,
  UnprocessableEntityException,
} from '@nestjs/common'
import { fitsItem, fromStudent, isGraded, pointsPossible, scoreAttempts, shareEarned } from '@zakuska/core'
import type { SignedIn } from '../../access/current-person.ts'
import { publishShown } from '../../assets/public-pictures.ts'
import { LOCKED } from '../../database/locked.ts'
import { orNotFound } from '../../http/id.ts'
import { PapersService } from '../../papers/index.ts'
import { RecordService } from '../../record/record.service.ts'
import type { SittingDto } from '../dto/sittings.dto.ts'
import type { OpenHereDto, TakingDto } from '../dto/taking-settings.dto.ts'
import { personOf } from '../person.ts'
import { Attempt, type Practised, Sitting, type SittingItem } from '../sitting.entity.ts'
import { SittingsService } from '../sittings.service.ts'
import { handIn, type Shown, shownTo } from './arranged.ts'
import { GRACE_MS, isShut, stateOf } from './opening.ts'
import {
  type AnswerDto,
  asResponse,
  type BeginDto,
  type BegunDto,
  type SavedDto,
  type ShownItemDto,
  type TakeAboutDto,
  type TakingAttemptDto,
} from './take.dto.ts'
import { hashOf, newCode, newToken } from './tokens.ts'
import { takeOver } from './moving.service.ts'
import { TakingLimits } from './taking-limits.ts'
import { deadlineOf, fieldsOf, FIRST_PRACTISED, mustBeOpen, type Opened, takingOf, tooOften, toShown } from './shown.ts'
import { filledIn, isShortCode, LEAST_CODE_SIGNS, whoBegins } from './who-begins.ts'

/** A sitting is looked up once in so long, however many save an answer. */
const KNOWN_MS = 2000

/** Nobody fills the database by beginning without end. */
const MOST_ATTEMPTS = 20_000

/** Papers taken on our own pages. */
@Injectable()
export class TakingService {
  readonly #known = new Map<string, { readonly sitting: Sitting; readonly until: number }>()

  constructor(
    private readonly em: EntityManager,
    private readonly papers: PapersService,
    private readonly sittings: SittingsService,
    private readonly record: RecordService,
    private readonly limits: TakingLimits,
  ) {}

  /** Opens a paper on our own pages. */
  async open(person: SignedIn, asked: OpenHereDto): Promise<SittingDto> {
    const known = await this.em.findOne(Sitting, { id: asked.id, workspaceId: person.workspaceId })
    if (known) return this.sittings.get(person.workspaceId, known.id)
    const paper = await this.papers.find(person.workspaceId, asked.paperId)
    const chosen = (await this.papers.itemsOf(paper)).filter(({ item }) => asked.includeUnsigned || item.signOff)
    if (!chosen.length) throw new UnprocessableEntityException('There is no signed-off item on this paper to open.')
    const items = chosen.map(({ item, body }): SittingItem => ({ itemId: item.id, revision: item.revision, body }))
    const sections = paper.sections.map(({ id }) => id)
    const places = chosen.map(({ entry }) => {
      const section = sections.indexOf(entry.sectionId ?? '')
      return { section: section < 0 ? null : section, required: entry.required }
    })
    this.em.create(Sitting, {
      ...{
        id: asked.id,
        workspaceId: person.workspaceId,
        paperId: paper.id,
        title: paper.title,
        source: 'here',
        items,
      },
      ...{ taking: { ...takingOf(paper), mode: asked.mode, places }, code: await this.#freeCode() },
      ...{ createdBy: person.name, createdAt: new Date() },
    })
    await publishShown(
      this.em,
      person.workspaceId,
      items.map(({ body }) => body),
    )
    this.record.note(
      person,
      'graded',
      `opened “${paper.title}” to be ${asked.mode === 'practice' ? 'practised' : 'taken'} here`,
    )
    await this.em.flush()
    return this.sittings.get(person.workspaceId, asked.id)
  }

  /** Whether, when, by whom and how it can be taken; closing it hands in what was saved. */
  async set(person: SignedIn, id: string, given: TakingDto): Promise<SittingDto> {
    const sitting = await this.sittings.find(person.workspaceId, id)
    if (!sitting.taking) throw new UnprocessableEntityException('This is not taken on our own pages.')
    if (given.opensAt !== null && given.closesAt !== null && given.opensAt >= given.closesAt)
      throw new UnprocessableEntityException('It would close before it opens. Choose a later end.')
    if (given.who !== 'anyone' && !given.people.length)
      throw new UnprocessableEntityException('Give the list of who may take it.')
    if (given.who === 'code' && given.people.some(({ code }) => !code.trim()))
      throw new UnprocessableEntityException('Everybody on the list needs a code.')
    const short = given.who === 'code' && given.people.find(({ code }) => isShortCode(code))
    if (short)
      throw new UnprocessableEntityException(
        `The code of ${short.name} can be guessed. A code has at least ${LEAST_CODE_SIGNS} letters or figures.`,
      )
    const { instructions, identity, sections, places } = sitting.taking
    sitting.taking = {
      ...given,
      people: given.people.map((one) => ({ ...one })),
      instructions,
      identity,
      sections,
      places,
    }
    sitting.version++
    const state = stateOf(sitting.taking, new Date())
    this.record.note(person, 'graded', `“${sitting.title}” is ${state === 'early' ? 'not open yet' : state}`)
    await this.em.flush()
    this.#known.delete(sitting.code ?? '')
    return this.sittings.get(person.workspaceId, id)
  }

  async about(code: string, address: string): Promise<TakeAboutDto> {
    const sitting = await this.#byCodeTyped(code, address)
    const { mode, opensAt, closesAt, instructions, who, timeLimit, attempts } = sitting.taking
    return {
      ...{ title: sitting.title, mode, opensAt, closesAt, instructions, who, timeLimit, attempts },
      state: stateOf(sitting.taking, new Date()),
      identity: fieldsOf(sitting.taking),
      itemCount: sitting.items.filter(({ body }) => body.kind !== 'note').length,
    }
  }

  async begin(code: string, { fields, code: own, device }: BeginDto, address: string): Promise<BegunDto> {
    const sitting = await this.#byCodeTyped(code, address)
    const { taking } = sitting
    mustBeOpen(taking)
    const given = filledIn(taking, fields)
    const student = Object.values(given).join(', ')
    const who = (): ReturnType<typeof whoBegins> => whoBegins(taking, given, own)
    const listed =
      taking.who === 'code' ? await this.limits.guarded(sitting.id, personOf(student) ?? '', address, who) : who()
    await this.limits.countBegun(sitting.id, address)
    const name = personOf(listed?.name ?? student)
    // Two of one name are two, as far as their browsers tell; where each may hand in once, the name alone is what counts.
    const person = !listed && name !== null && device && taking.attempts === null ? `${name} ${device}` : name
    const token = newToken()
    await this.em.transactional(async (em) => {
      // One after the other, so that two windows do not both begin the last attempt.
      await em.execute('select pg_advisory_xact_lock(hashtext(?))', [`${sitting.id}:${person ?? device}`])
      const same = [...(person === null ? [] : [{ person }]), ...(device ? [{ device }] : [])]
      const before = same.length ? await em.find(Attempt, { sittingId: sitting.id, $or: same }) : []
      // Two of one name are told apart by their browsers, where no list says who is who.
      const isOwn = (one: Attempt): boolean => (listed ? one.person === person : device !== '' && one.device === device)
      const underWay = before.find((one) => !one.isHandedIn && isOwn(one))
      if (underWay && taking.who === 'code') return takeOver(underWay, device, hashOf(token))
      if (underWay)
        throw new ConflictException(
          'You have begun already. Go on in the browser where you began, or type the code to go on that you were shown there.',
        )
      if (taking.attempts !== null && before.length >= taking.attempts)
        throw new ConflictException(tooOften(before, taking.attempts))
      if ((await em.count(Attempt, { sittingId: sitting.id })) >= MOST_ATTEMPTS)
        throw new ConflictException('This has been begun more often than any class does. Tell your teacher.')
      const startedAt = new Date()
      em.create(Attempt, {
        ...{ id: randomUUID(), sittingId: sitting.id, student: listed?.name ?? student, person, fields: given },
        ...{ isHandedIn: false, startedAt, deadline: deadlineOf(taking, startedAt), device: device || null },
        ...{ seed: randomInt(2 ** 31 - 1), tokenHash: hashOf(token) },
      })
    })
    return { token }
  }

  /** The attempt that a token opens. */
  async attempt(code: string, token: string): Promise<TakingAttemptDto> {
    const { sitting, attempt } = await this.#opened(code, token)
    const now = new Date()
    const isOver = attempt.deadline !== null && attempt.deadline.getTime() + GRACE_MS < now.getTime()
    if (!attempt.isHandedIn && (isOver || isShut(sitting.taking, now)))
      return this.#toDto(sitting, await this.#handedIn(sitting, token), now)
    return this.#toDto(sitting, attempt, now)
  }

  /** Keeps answers in one statement; what is older than what is kept is passed over. */
  async save(code: string, token: string, answers: readonly AnswerDto[]): Promise<SavedDto> {
    const sitting = await this.#byCode(code)
    if (isShut(sitting.taking, new Date()))
      throw new GoneException('It was closed. What was saved before is handed in.')
    const known = answers.filter(({ at }) => at < sitting.items.length)
    const given = Object.fromEntries(known.map(({ at, n, response }) => [at, { n, response }]))
    const [row] = await this.em.execute<{ kept: number }[]>(
      `update attempt a set answers = a.answers || coalesce((
         select jsonb_object_agg(fresh.key, fresh.value) from jsonb_each(?::jsonb) fresh
         where coalesce((a.answers -> fresh.key ->> 'n')::bigint, -1) < (fresh.value ->> 'n')::bigint
       ), '{}')
       where a.token_hash = ? and a.sitting_id = ? and not a.is_handed_in
         and (a.deadline is null or a.deadline + make_interval(secs => ?) > now())
       returning (select count(*)::int from jsonb_object_keys(a.answers)) kept`,
      [JSON.stringify(given), hashOf(token), sitting.id, GRACE_MS / 1000],
    )
    if (row) return { kept: row.kept }
    const { attempt } = await this.#opened(code, token)
    throw new GoneException(
      attempt.isHandedIn ? 'This was handed in already.' : 'The time is over. What was saved before is handed in.',
    )
  }

  async handIn(code: string, token: string, answers: readonly AnswerDto[]): Promise<TakingAttemptDto> {
    if (answers.length)
      await this.save(code, token, answers).catch((error: unknown) => {
        // What came too late is lost by rule, not by accident; what was saved is handed in.
        if (!(error instanceof GoneException)) throw error
      })
    const sitting = await this.#byCode(code)
    return this.#toDto(sitting, await this.#handedIn(sitting, token), new Date())
  }

  /** Under a lock: what is being saved meanwhile is handed in too, or refused. */
  #handedIn(sitting: Opened, token: string): Promise<Attempt> {
    return this.em.transactional(async (em) => {
      const own = await em.findOne(Attempt, { tokenHash: hashOf(token), sittingId: sitting.id }, LOCKED)
      if (!own) throw new UnauthorizedException(NO_ATTEMPT)
      if (!own.isHandedIn) handIn(sitting, own, new Date())
      return own
    })
  }

  /** Of practice: grades one answer, and tells what may be told. */
  async check(code: string, token: string, answer: AnswerDto): Promise<ShownItemDto> {
    await this.save(code, token, [answer])
    return this.#practise(code, token, answer.at, (now, { shown, sitting }) => {
      const body = sitting.items[shown.place]?.body
      const { tries: most } = sitting.taking
      if (!body || !isGraded(body.kind)) throw new UnprocessableEntityException('This is not graded by a key.')
      if (now.solved || (most !== null && now.tries >= most)) return now
      const response = fromStudent(shown.student, asResponse(answer.response))
      const isRight = fitsItem(body, response) && shareEarned(body, response) === 1
      return { ...now, tries: now.tries + 1, solved: isRight }
    })
  }

  /** Of practice: one hint more. */
  hint(code: string, token: string, at: number): Promise<ShownItemDto> {
    return this.#practise(code, token, at, (now, { shown, sitting }) => ({
      ...now,
      hints: Math.min(now.hints + 1, sitting.items[shown.place]?.body.hint?.length ?? 0),
    }))
  }

  async #practise(
    code: string,
    token: string,
    at: number,
    change: (now: Practised, about: { readonly shown: Shown; readonly sitting: Opened }) => Practised,
  ): Promise<ShownItemDto> {
    const sitting = await this.#byCode(code)
    if (sitting.taking.mode !== 'practice')
      throw new ForbiddenException('This is a test: nothing is told before it is handed in.')
    return this.em.transactional(async (em) => {
      const attempt = await em.findOne(Attempt, { tokenHash: hashOf(token), sittingId: sitting.id }, LOCKED)
      if (!attempt) throw new UnauthorizedException(NO_ATTEMPT)
      const shown = shownTo(sitting, attempt.seed)[at]
      if (!shown) throw new NotFoundException('There is no such item.')
      const next = change(attempt.practised[shown.place] ?? FIRST_PRACTISED, { shown, sitting })
      attempt.practised = { ...attempt.practised, [shown.place]: next }
      return toShown(sitting, attempt, shown, at, false)
    })
  }

  #toDto(sitting: Opened, attempt: Attempt, now: Date): TakingAttemptDto {
    const { taking } = sitting
    const tells = taking.mode === 'practice' || taking.feedbackWhen === 'after' ? 'now' : taking.feedbackWhen
    const isTold = attempt.isHandedIn && (tells === 'now' || (tells === 'closed' && stateOf(taking, now) === 'closed'))
    const bodies = sitting.items.map(({ body }) => body)
    const [scored] = isTold ? scoreAttempts(bodies, [attempt], sitting.settings) : []
    return {
      ...{ title: sitting.title, student: attempt.student, mode: taking.mode, instructions: taking.instructions },
      sections: taking.sections.map((one) => ({ ...one })),
      items: shownTo(sitting, attempt.seed).map((shown, at) => toShown(sitting, attempt, shown, at, isTold)),
      secondsLeft:
        attempt.deadline === null ? null : Math.max(0, Math.round((attempt.deadline.getTime() - now.getTime()) / 1000)),
      tries: taking.tries,
      isHandedIn: attempt.isHandedIn,
      tells,
      total: scored?.total ?? null,
      possible: pointsPossible(bodies, sitting.settings),
    }
  }

  async #opened(code: string, token: string): Promise<{ readonly sitting: Opened; readonly attempt: Attempt }> {
    const sitting = await this.#byCode(code)
    const attempt = await this.em.findOne(Attempt, { tokenHash: hashOf(token), sittingId: sitting.id })
    if (!attempt) throw new UnauthorizedException(NO_ATTEMPT)
    return { sitting, attempt }
  }

  /** A code as somebody typed it: who guesses is held off. */
  async #byCodeTyped(code: string, address: string): Promise<Opened> {
    try {
      return await this.#byCode(code)
    } catch (error) {
      if (error instanceof NotFoundException) await this.limits.countUnknown(address)
      throw error
    }
  }

  async #byCode(given: string): Promise<Opened> {
    const code = given.toUpperCase().replace(/[^A-Z0-9]/g, '')
    const known = this.#known.get(code)
    if (known && known.until > Date.now()) return known.sitting as Opened
    const sitting = orNotFound(await this.em.fork().findOne(Sitting, { code, deletedAt: null }), 'check')
    if (this.#known.size > 1000) this.#known.clear()
    this.#known.set(code, { sitting, until: Date.now() + KNOWN_MS })
    return sitting as Opened
  }

  async #freeCode(): Promise<string> {
    for (;;) {
      const code = newCode()
      if (!(await this.em.count(Sitting, { code }))) return code
    }
  }
}

const NO_ATTEMPT = 'This opens no attempt here. Begin anew, or look at the code to go on once more.'
