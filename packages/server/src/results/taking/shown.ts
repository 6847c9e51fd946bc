import { fromStudent, isGraded, keyInWords, samenessOf, scoreAttempts } from '@zakuska/core'
import type { Paper } from '../../papers/index.ts'
import { Attempt, type Practised, Sitting, type Taking } from '../sitting.entity.ts'
import { type Shown, shownTo } from './arranged.ts'
import type { ShownItemDto, ToldItemDto } from './take.dto.ts'
import { ForbiddenException, GoneException } from '@nestjs/common'
import { personOf } from '../person.ts'
import { stateOf } from './opening.ts'

/** How a paper is taken unless somebody says otherwise. */
export function takingOf(paper: Paper): Omit<Taking, 'mode' | 'places'> {
  const { timeLimit, attempts, instructions, identity, shuffleItems, shuffleOptions, feedbackWhen, sections } = paper
  return {
    ...{ isOpen: true, opensAt: null, closesAt: null, who: 'anyone', people: [], tries: null },
    ...{ timeLimit, attempts, instructions, identity, shuffleItems, shuffleOptions },
    feedbackWhen: feedbackWhen === 'never' ? 'never' : 'after',
    sections: sections.map(({ title, instructions: own }) => ({ title, instructions: own })),
  }
}

export function deadlineOf({ timeLimit, closesAt }: Taking, from: Date): Date | null {
  const ends = [
    ...(timeLimit === null ? [] : [from.getTime() + timeLimit * 60_000]),
    ...(closesAt === null ? [] : [Date.parse(closesAt)]),
  ]
  return ends.length ? new Date(Math.min(...ends)) : null
}

export function toShown(sitting: Opened, attempt: Attempt, shown: Shown, at: number, isTold: boolean): ShownItemDto {
  const { place, student, section, required } = shown
  const body = sitting.items[place]?.body ?? student.item
  const saved = attempt.answers[at]
  const practised = attempt.practised[place] ?? FIRST_PRACTISED
  const isPractice = sitting.taking.mode === 'practice'
  const hints = isPractice ? (body.hint ?? []).map((block) => [block]) : []
  const isSpent = sitting.taking.tries !== null && practised.tries >= sitting.taking.tries
  const isShown = isTold || (isPractice && isGraded(body.kind) && (practised.solved || isSpent))
  return {
    ...{ body: student.item, section, required },
    response: saved?.response ?? null,
    n: saved?.n ?? -1,
    same: samenessOf(body),
    hintCount: hints.length,
    hints: hints.slice(0, practised.hints),
    tries: practised.tries,
    solved: practised.solved,
    told: isShown ? toldOf(sitting, attempt, shown) : null,
  }
}

function toldOf(sitting: Opened, attempt: Attempt, { place, student }: Shown): ToldItemDto {
  const body = sitting.items[place]?.body ?? student.item
  const at = shownTo(sitting, attempt.seed).findIndex((one) => one.place === place)
  const saved = attempt.answers[at]?.response
  const response = attempt.isHandedIn ? (attempt.responses[place] ?? null) : saved ? fromStudent(student, saved) : null
  const [scored] = scoreAttempts([body], [{ student: '', responses: [response], ...givenAt(attempt, place) }])
  return {
    points: scored?.points[0] ?? null,
    of: body.points,
    key: isGraded(body.kind) ? keyInWords(body) : null,
    feedback: body.feedback ? [...body.feedback] : null,
    remark: attempt.remarks[place] ?? '',
  }
}

function givenAt({ given }: Attempt, place: number): { given?: Record<string, number> } {
  const own = given[place]
  return own === undefined ? {} : { given: { 0: own } }
}

export const FIRST_PRACTISED: Practised = { tries: 0, hints: 0, solved: false }

export type Opened = Sitting & { readonly taking: Taking }

/** Who is not known by a name cannot be told from others. */
export function fieldsOf({ identity, who }: Taking): string[] {
  if (identity.length === 0) return ['Name']
  return who === 'anyone' || identity.some((field) => /name/i.test(field)) ? [...identity] : ['Name', ...identity]
}

export function listedIn(
  { people }: Taking,
  fields: Readonly<Record<string, string>>,
): Taking['people'][number] | null {
  const given = [...Object.values(fields), Object.values(fields).join(' ')].map(personOf)
  return people.find(({ name }) => given.includes(personOf(name))) ?? null
}

export function tooOften(before: readonly Attempt[], most: number): string {
  if (before.some(({ isHandedIn }) => !isHandedIn))
    return 'Somebody of this name, or in this browser, has begun already. If that was not you, write your whole name.'
  return most === 1
    ? 'You have handed in already; once is all.'
    : `You have handed in ${before.length} times; that is all.`
}

export function sameCode(a: string, b: string): boolean {
  const plain = (code: string): string => code.toUpperCase().replace(/[^A-Z0-9]/g, '')
  return plain(a) !== '' && plain(a) === plain(b)
}

export function mustBeOpen(taking: Taking): void {
  const state = stateOf(taking, new Date())
  if (state === 'closed') throw new GoneException('This is closed.')
  if (state === 'early') throw new ForbiddenException('This is not open yet.')
}
