import { Link } from 'react-router'
import { counted } from '../parts/item-words'
import type { Schemas } from '../api/client'
import type { Paper } from '../papers/queries'
import { ForAll, type ForAllSettings } from './ForAll'
import type { Row } from './fit-rows'
import { usePlaces, type Connection, type DestinationKind } from './queries'
import { UnsignedQuestion } from './UnsignedQuestion'
import { serviceName } from './words'

const SELECT = 'mt-0.5 w-full rounded-[3px] border border-edge bg-sheet px-1.5 py-1'

/** Where a paper goes, as what, and what is set for this time alone. */
export interface Course {
  readonly connectionId: string
  readonly into: DestinationKind['into'][number]
  readonly addTo: string
  /** Where in it, counted from 0; null: at its end. */
  readonly addAt: number | null
  readonly includeUnsigned: boolean
  readonly forAll: ForAllSettings
  /** Versions of the paper that go instead of it, each on its own. */
  readonly versions: readonly string[]
}

export const NO_COURSE: Course = {
  connectionId: '',
  into: 'new',
  addTo: '',
  addAt: null,
  includeUnsigned: false,
  forAll: { exceptions: [] },
  versions: [],
}

export function GoesTo({
  course,
  change,
  connections,
  kind,
  rows,
  versions,
}: {
  readonly course: Course
  readonly change: (part: Partial<Course>) => void
  readonly connections: readonly Connection[]
  /** Of the connection that is chosen. */
  readonly kind: DestinationKind | undefined
  readonly rows: readonly Row[]
  readonly versions: readonly Pick<Paper, 'id' | 'title'>[]
}) {
  const unsigned = rows.filter((row) => !row.signed).length
  return (
    <section aria-label="Where it goes" className="grid gap-3">
      {connections.length ? (
        <label className="block font-semibold">
          Goes to
          <select
            className={`${SELECT} font-normal`}
            value={course.connectionId}
            onChange={(event) => change({ connectionId: event.target.value, into: 'new', addTo: '', addAt: null })}
          >
            {connections.map((one) => (
              <option key={one.id} value={one.id} disabled={one.ended !== null}>
                {one.name} · {serviceName(one.destination)}
                {one.ended === null ? '' : ' (connect anew)'}
              </option>
            ))}
          </select>
        </label>
      ) : (
        <p className="border-l-4 border-mustard pl-3">
          Nothing is connected yet.{' '}
          <Link className="underline" to="/dispatch">
            Connect a form, course site or game
          </Link>
          , or take the paper as a file.
        </p>
      )}
      {kind && (
        <>
          <fieldset>
            <legend className="text-xs font-semibold text-muted">As</legend>
            {kind.into.map((into) => (
              <label key={into} className="block">
                <input
                  type="radio"
                  name="into"
                  className="mr-2 accent-ink"
                  checked={course.into === into}
                  onChange={() => change({ into })}
                />
                {INTO_WORDS[into](kind.noun)}
              </label>
            ))}
          </fieldset>
          {course.into === 'add' && <AddTo course={course} change={change} kind={kind} />}
          {versions.length > 0 && course.into === 'new' && (
            <Versions course={course} change={change} versions={versions} noun={kind.noun} />
          )}
        </>
      )}
      <UnsignedQuestion
        unsigned={unsigned}
        include={course.includeUnsigned}
        set={(includeUnsigned) => change({ includeUnsigned })}
      />
      <ForAll settings={course.forAll} change={(forAll) => change({ forAll })} rows={rows} />
    </section>
  )
}

const INTO_WORDS: Readonly<Record<Course['into'], (noun: string) => string>> = {
  new: (noun) => `a new ${noun}`,
  add: (noun) => `added to a ${noun} that is there`,
  bank: () => 'items in its item bank',
}

function AddTo({
  course,
  change,
  kind,
}: {
  readonly course: Course
  readonly change: (part: Partial<Course>) => void
  readonly kind: DestinationKind
}) {
  const places = usePlaces(course.connectionId, true)
  const chosen = places.data?.find(({ id }) => id === course.addTo)
  if (places.isPending) return <p className="text-muted">Asking what is there …</p>
  if (places.isError)
    return (
      <p role="alert" className="text-beet">
        ◆ {places.error.message}
      </p>
    )
  if (!places.data.length) return <p className="text-muted">There is no {kind.noun} yet.</p>
  return (
    <div className="grid gap-2">
      <label className="block">
        Which
        <select
          className={SELECT}
          value={course.addTo}
          onChange={(event) => change({ addTo: event.target.value, addAt: null })}
        >
          <option value="">choose</option>
          {places.data.map((one) => (
            <option key={one.id} value={one.id}>
              {one.title} ({counted(one.count, 'question', 'questions')})
            </option>
          ))}
        </select>
      </label>
      {chosen && chosen.entries.length > 0 && (
        <label className="block">
          Where
          <select
            className={SELECT}
            value={course.addAt ?? ''}
            onChange={(event) => change({ addAt: event.target.value === '' ? null : Number(event.target.value) })}
          >
            <option value="">at its end</option>
            {chosen.entries.map((_entry, at) => (
              <option key={at} value={at}>
                before {entryName(chosen.entries, at)}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  )
}

/** A question by its number among the questions, with the beginning of its text; sections and texts by theirs. */
function entryName(entries: Schemas['RemoteChoiceDto']['entries'], at: number): string {
  const { kind = 'question', title = '' } = entries[at] ?? {}
  const text = title.length > MOST_LETTERS ? `${title.slice(0, MOST_LETTERS).trimEnd()}…` : title
  if (kind === 'part') return `the section “${text}”`
  if (kind === 'text') return `the text “${text}”`
  const number = entries.slice(0, at + 1).filter((entry) => entry.kind === 'question').length
  return `question ${number}, “${text}”`
}

const MOST_LETTERS = 40

function Versions({
  course,
  change,
  versions,
  noun,
}: {
  readonly course: Course
  readonly change: (part: Partial<Course>) => void
  readonly versions: readonly Pick<Paper, 'id' | 'title'>[]
  readonly noun: string
}) {
  const all = versions.map(({ id }) => id)
  return (
    <fieldset>
      <legend className="text-xs font-semibold text-muted">Versions, each as a {noun} of its own</legend>
      {versions.map(({ id, title }) => (
        <label key={id} className="mr-3 inline-block">
          <input
            type="checkbox"
            className="mr-1 accent-ink"
            checked={course.versions.includes(id)}
            onChange={(event) =>
              change({
                versions: all.filter((one) => (one === id ? event.target.checked : course.versions.includes(one))),
              })
            }
          />
          {title}
        </label>
      ))}
    </fieldset>
  )
}
