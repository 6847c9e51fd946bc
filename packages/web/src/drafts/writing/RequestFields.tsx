import {
  ASKED_KINDS,
  COGNITIVE_LEVELS,
  DIFFICULTIES,
  KIND_NAMES,
  type AskedKind,
  type Difficulty,
  type WritingRequest,
} from '@zakuska/core'
import { useState } from 'react'
import { Button } from '../../parts/Button'
import { useTell } from '../../parts/notices'
import { Field } from '../../parts/fields'
import { May } from '../../people/May'
import { useKeptRequests, useWritingChanges } from '../../writing/queries'
import { AREA, FIELD } from './form'

const MOST_EACH = 50

interface Fields {
  readonly request: WritingRequest
  readonly set: (request: WritingRequest) => void
}

/** What is wanted of a reading. */
export function RequestFields({ request, set }: Fields) {
  return (
    <>
      <ByName request={request} set={set} />
      <fieldset>
        <legend className="text-xs font-semibold text-muted">How many of each</legend>
        <div className="grid grid-cols-2 gap-x-5 gap-y-1 sm:grid-cols-3">
          {ASKED_KINDS.map((kind) => (
            <Count key={kind} kind={kind} request={request} set={set} />
          ))}
        </div>
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-2">
        <Field
          name="For whom"
          placeholder="grade 9, or B1"
          maxLength={120}
          value={request.level}
          onChange={(event) => set({ ...request, level: event.target.value })}
        />
        <Field
          name="In which language"
          placeholder="as the reading"
          maxLength={60}
          value={request.language}
          onChange={(event) => set({ ...request, language: event.target.value })}
        />
      </div>
      <details>
        <summary className="cursor-pointer text-muted underline">Outcomes, difficulty, cognitive levels</summary>
        <Finer request={request} set={set} />
      </details>
      <Field
        name="Anything besides"
        maxLength={500}
        value={request.remarks}
        onChange={(event) => set({ ...request, remarks: event.target.value })}
      />
      <KeepAs request={request} />
    </>
  )
}

function Finer({ request, set }: Fields) {
  const cognitive = request.cognitive ?? []
  return (
    <div className="grid gap-3 pt-2">
      <label className="block">
        Students are to be able to, one a line
        <textarea
          className={AREA}
          rows={2}
          maxLength={2000}
          placeholder="tell the marks of a channel apart"
          value={request.outcomes ?? ''}
          onChange={(event) => set({ ...request, outcomes: event.target.value })}
        />
      </label>
      <label className="block">
        Difficulty
        <select
          className={FIELD}
          value={request.difficulty ?? ''}
          onChange={({ target: { value } }) => {
            const { difficulty: _before, ...rest } = request
            set(value ? { ...rest, difficulty: value as Difficulty } : rest)
          }}
        >
          <option value="">as it comes</option>
          {DIFFICULTIES.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      <fieldset>
        <legend className="text-xs font-semibold text-muted">They ask students to</legend>
        <div className="flex flex-wrap gap-x-4">
          {COGNITIVE_LEVELS.map((level) => (
            <label key={level} className="flex items-baseline gap-1.5">
              <input
                type="checkbox"
                checked={cognitive.includes(level)}
                onChange={(event) =>
                  set({
                    ...request,
                    cognitive: COGNITIVE_LEVELS.filter((one) =>
                      one === level ? event.target.checked : cognitive.includes(one),
                    ),
                  })
                }
              />
              {level}
            </label>
          ))}
        </div>
      </fieldset>
    </div>
  )
}

/** Takes up a request that is kept by name. */
function ByName({ request, set }: Fields) {
  const kept = useKeptRequests().data ?? []
  if (!kept.length) return null
  const same = kept.find((one) => JSON.stringify(one.request) === JSON.stringify(request))
  return (
    <label className="block">
      A request by name
      <select
        className={`${FIELD} block max-w-72`}
        value={same?.id ?? ''}
        onChange={({ target: { value } }) => {
          const one = kept.find(({ id }) => id === value)
          if (one) set(one.request as WritingRequest)
        }}
      >
        <option value="">as below</option>
        {kept.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
    </label>
  )
}

/** Keeps the request by a name, for the next time. */
function KeepAs({ request }: Pick<Fields, 'request'>) {
  const kept = useKeptRequests().data ?? []
  const { keepRequest, deleteRequest } = useWritingChanges()
  const [name, setName] = useState('')
  const tell = useTell()
  const known = kept.find((one) => one.name === name.trim())
  const keep = (): void =>
    keepRequest.mutate(
      { name: name.trim(), request },
      {
        onSuccess: () => tell(`The request is kept as “${name.trim()}”.`),
        onError: (error) => tell(error.message, { tone: 'trouble' }),
      },
    )
  return (
    <May right="write">
      <div className="flex flex-wrap items-end gap-2">
        <label className="block">
          Keep this request as
          <input
            className={`${FIELD} block w-52`}
            maxLength={80}
            list="kept-requests"
            placeholder="weekly check"
            value={name}
            onChange={(event) => setName(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter') return
              event.preventDefault()
              if (name.trim()) keep()
            }}
          />
        </label>
        <datalist id="kept-requests">
          {kept.map((one) => (
            <option key={one.id} value={one.name} />
          ))}
        </datalist>
        <Button disabled={!name.trim() || keepRequest.isPending} onClick={keep}>
          {known ? 'Keep it anew' : 'Keep'}
        </Button>
        {known && (
          <Button tone="quiet" onClick={() => deleteRequest.mutate(known.id, { onSuccess: () => setName('') })}>
            Delete “{known.name}”
          </Button>
        )}
      </div>
    </May>
  )
}

function Count({ kind, request, set }: Fields & { readonly kind: AskedKind }) {
  return (
    <label className="flex items-baseline gap-1.5">
      <input
        type="number"
        min={0}
        max={MOST_EACH}
        className="w-14 rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5 text-right"
        value={request.counts[kind] ?? 0}
        onChange={(event) => {
          const count = Math.min(MOST_EACH, Math.max(0, Math.round(Number(event.target.value)) || 0))
          set({ ...request, counts: { ...request.counts, [kind]: count } })
        }}
      />
      {KIND_NAMES[kind].toLowerCase()}
    </label>
  )
}
