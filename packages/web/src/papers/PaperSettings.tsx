import { useState } from 'react'
import { Button } from '../parts/Button'
import { MoveButtons } from '../parts/MoveButtons'
import type { ChangePaper } from './paper-state'
import type { Section } from './paper-parts'
import type { Entry, PaperState } from './paper-parts'
import { FIELD } from '../parts/field-class'

/** Settings for all items at once; exceptions are made on the item. */
export function PaperSettings({ state, change }: { readonly state: PaperState; readonly change: ChangePaper }) {
  const [points, setPoints] = useState('1')
  const all = (part: Partial<Entry>): void => change({ entries: state.entries.map((entry) => ({ ...entry, ...part })) })
  const required = state.entries.filter((entry) => entry.required).length
  return (
    <div className="grid gap-4">
      <h2 className="text-[15px] font-semibold">For all items</h2>
      <form
        className="flex items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          const value = Number(points)
          if (value >= 0 && value <= 1000) all({ points: value })
        }}
      >
        <label className="flex items-center gap-2">
          Points each{' '}
          <input
            type="number"
            min={0}
            max={1000}
            step="any"
            value={points}
            onChange={(event) => setPoints(event.target.value)}
            className="w-16 rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5 text-right"
          />
        </label>
        <Button type="submit">Set for all</Button>
      </form>
      <label>
        <input
          type="checkbox"
          checked={state.entries.length > 0 && required === state.entries.length}
          onChange={(event) => all({ required: event.target.checked })}
          className="mr-2 accent-ink"
        />
        Answer required{' '}
        <span className="text-muted">
          ({required} of {state.entries.length})
        </span>
      </label>
      <label>
        <input
          type="checkbox"
          checked={state.shuffleOptions}
          onChange={(event) => change({ shuffleOptions: event.target.checked })}
          className="mr-2 accent-ink"
        />
        Shuffle options, but those that must keep their order
      </label>
      <label>
        <input
          type="checkbox"
          checked={state.shuffleItems}
          onChange={(event) => change({ shuffleItems: event.target.checked })}
          className="mr-2 accent-ink"
        />
        Shuffle items
      </label>
      <label className="grid gap-1">
        Instructions
        <textarea
          rows={4}
          value={state.instructions}
          onChange={(event) => change({ instructions: event.target.value })}
          className="rounded-[3px] border border-edge bg-sheet px-2 py-1 font-text text-[15px]"
        />
      </label>
      <Sittings state={state} change={change} />
      <Sections state={state} change={change} />
      <p className="text-xs text-muted">
        Order: drag an item by its dots, or focus the dots, press space, move with the arrow keys, press space again.
      </p>
    </div>
  )
}

const FEEDBACK = [
  ['after', 'after handing in'],
  ['each', 'after each item'],
  ['never', 'not at all'],
] as const

/** Who takes it, how long and how often, and when they see feedback. */
function Sittings({ state, change }: { readonly state: PaperState; readonly change: ChangePaper }) {
  return (
    <>
      <label className="grid gap-1">
        Fields above the items, parted by commas
        <input
          defaultValue={state.identity.join(', ')}
          onChange={(event) =>
            change({
              identity: event.target.value
                .split(',')
                .map((field) => field.trim())
                .filter(Boolean)
                .slice(0, 6),
            })
          }
          className={FIELD}
        />
      </label>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        <Limit label="Time, minutes" value={state.timeLimit} set={(timeLimit) => change({ timeLimit })} />
        <Limit label="Attempts" value={state.attempts} set={(attempts) => change({ attempts })} />
      </div>
      <label>
        Feedback is shown{' '}
        <select
          value={state.feedbackWhen}
          onChange={(event) => {
            const chosen = FEEDBACK.find(([when]) => when === event.target.value)
            if (chosen) change({ feedbackWhen: chosen[0] })
          }}
          className={FIELD}
        >
          {FEEDBACK.map(([when, label]) => (
            <option key={when} value={when}>
              {label}
            </option>
          ))}
        </select>
      </label>
    </>
  )
}

function Limit({
  label,
  value,
  set,
}: {
  readonly label: string
  readonly value: number | null
  readonly set: (value: number | null) => void
}) {
  return (
    <label className="flex items-center gap-2">
      {label}
      <input
        type="number"
        min={1}
        placeholder="any"
        value={value ?? ''}
        onChange={(event) =>
          set(event.target.value === '' ? null : Math.max(1, Math.round(event.target.valueAsNumber)))
        }
        className={`${FIELD} w-16 text-right`}
      />
    </label>
  )
}

function Sections({ state, change }: { readonly state: PaperState; readonly change: ChangePaper }) {
  const set = (index: number, part: Partial<Section>): void =>
    change({ sections: state.sections.map((section, at) => (at === index ? { ...section, ...part } : section)) })
  const move = (index: number, step: number): void => {
    const sections = [...state.sections]
    const [moved] = sections.splice(index, 1)
    if (moved) sections.splice(index + step, 0, moved)
    change({ sections, entries: inOrder(state.entries, sections) })
  }
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 text-[15px] font-semibold">Sections</legend>
      {state.sections.map((section, index) => (
        <div key={section.id} className="grid gap-1 border-l-[3px] border-line pl-2">
          <div className="flex gap-1">
            <input
              aria-label={`Title of section ${index + 1}`}
              placeholder="Title"
              value={section.title}
              onChange={(event) => set(index, { title: event.target.value })}
              className={`${FIELD} min-w-0 flex-1`}
            />
            <MoveButtons what={`section ${index + 1}`} index={index} count={state.sections.length} move={move} />
            <button
              type="button"
              aria-label={`Take section ${index + 1} out; its items stay`}
              className="size-6 text-muted"
              onClick={() => {
                const sections = state.sections.filter((one) => one.id !== section.id)
                const entries = state.entries.map((entry) =>
                  entry.sectionId === section.id ? { ...entry, sectionId: null } : entry,
                )
                change({
                  sections,
                  entries: inOrder(entries, sections),
                  rules: state.rules.map((rule) =>
                    rule.sectionId === section.id ? { ...rule, sectionId: null } : rule,
                  ),
                })
              }}
            >
              ×
            </button>
          </div>
          <textarea
            aria-label={`Instructions of section ${index + 1}`}
            placeholder="Instructions"
            rows={2}
            value={section.instructions}
            onChange={(event) => set(index, { instructions: event.target.value })}
            className={`${FIELD} font-text text-[14.5px]`}
          />
        </div>
      ))}
      <div>
        <Button
          onClick={() =>
            change({ sections: [...state.sections, { id: crypto.randomUUID(), title: '', instructions: '' }] })
          }
        >
          Add a section
        </Button>
      </div>
    </fieldset>
  )
}

/** Entries before the first section, then those of each section. */
export function inOrder(entries: readonly Entry[], sections: readonly Section[]): Entry[] {
  const known = new Set(sections.map((section) => section.id))
  const placeOf = ({ sectionId }: Entry): string | null => (sectionId && known.has(sectionId) ? sectionId : null)
  return [null, ...known].flatMap((id) => entries.filter((entry) => placeOf(entry) === id))
}
