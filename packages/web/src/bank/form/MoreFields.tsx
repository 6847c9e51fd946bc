import type { Item } from '@zakuska/core'
import { RichField } from '../../parts/RichField'
import { FIELD, Labelled } from './field'
import type { SetPart } from './field'

export const TEXT_FIELDS = [
  ['outcome', 'Outcome'],
  ['level', 'Cognitive level'],
  ['difficulty', 'Difficulty'],
  ['language', 'Language'],
] as const

export function MoreFields({ item, set }: { readonly item: Item; readonly set: SetPart }) {
  return (
    <>
      <Labelled name="Feedback, shown after answering">
        <RichField slim label="Feedback" value={item.feedback ?? []} change={(feedback) => set({ feedback })} />
      </Labelled>
      <Labelled name="Hint">
        <RichField slim label="Hint" value={item.hint ?? []} change={(hint) => set({ hint })} />
      </Labelled>
      <Labelled name="Passage, read before the stem">
        <RichField slim label="Passage" value={item.passage ?? []} change={(passage) => set({ passage })} />
      </Labelled>
      <div className="grid grid-cols-2 gap-3">
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Points</span>
          <input
            type="number"
            min={0}
            max={1000}
            step="any"
            value={Number.isNaN(item.points) ? '' : item.points}
            onChange={(event) => set({ points: event.target.valueAsNumber })}
            className={FIELD}
          />
        </label>
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Tags, parted by commas</span>
          <input
            defaultValue={item.tags.join(', ')}
            onChange={(event) =>
              set({
                tags: event.target.value
                  .split(',')
                  .map((tag) => tag.trim())
                  .filter(Boolean),
              })
            }
            className={FIELD}
          />
        </label>
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Time limit, in seconds</span>
          <input
            type="number"
            min={1}
            value={item.timeLimit ?? ''}
            onChange={(event) =>
              set({ timeLimit: event.target.value === '' ? undefined : event.target.valueAsNumber } as Partial<Item>)
            }
            className={FIELD}
          />
        </label>
        {TEXT_FIELDS.map(([name, label]) => (
          <label key={name} className="grid gap-0.5">
            <span className="text-xs font-semibold text-muted">{label}</span>
            <input
              value={item[name] ?? ''}
              onChange={(event) => set({ [name]: event.target.value })}
              className={FIELD}
            />
          </label>
        ))}
      </div>
    </>
  )
}
