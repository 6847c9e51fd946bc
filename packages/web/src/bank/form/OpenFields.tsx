import type { EssayItem, ScaleItem } from '@zakuska/core'
import { Button } from '../../parts/Button'
import { RichField } from '../../parts/RichField'
import { FIELD, Labelled, LEGEND, type SetPart } from './field'

export function ScaleFields({ item, set }: { readonly item: ScaleItem; readonly set: SetPart }) {
  return (
    <div className="grid grid-cols-2 gap-3">
      {(['low', 'high'] as const).map((end) => (
        <div key={end} className="grid grid-cols-[5rem_1fr] gap-2">
          <Labelled name={end === 'low' ? 'From' : 'To'}>
            <input
              type="number"
              aria-label={end === 'low' ? 'Low end' : 'High end'}
              value={Number.isNaN(item[end]) ? '' : item[end]}
              onChange={(event) => set({ [end]: event.target.valueAsNumber })}
              className={FIELD}
            />
          </Labelled>
          <Labelled name="Label">
            <input
              aria-label={end === 'low' ? 'Label of the low end' : 'Label of the high end'}
              value={item[`${end}Label`] ?? ''}
              onChange={(event) => set({ [`${end}Label`]: event.target.value })}
              className={FIELD}
            />
          </Labelled>
        </div>
      ))}
    </div>
  )
}

export function EssayFields({ item, set }: { readonly item: EssayItem; readonly set: SetPart }) {
  const rubric = item.rubric ?? []
  return (
    <>
      <Labelled name="Sample answer, for whoever reads">
        <RichField slim label="Sample answer" value={item.sample ?? []} change={(sample) => set({ sample })} />
      </Labelled>
      <fieldset className="grid gap-1.5">
        <legend className={LEGEND}>Rubric: what is looked for, and what it is worth</legend>
        {rubric.map((line, index) => {
          const change = (part: Partial<typeof line>): void =>
            set({ rubric: rubric.map((one, at) => (at === index ? { ...one, ...part } : one)) })
          return (
            <div key={index} className="flex gap-2">
              <input
                aria-label={`Line ${index + 1} of the rubric`}
                value={line.says}
                onChange={(event) => change({ says: event.target.value })}
                className={`${FIELD} flex-1`}
              />
              <input
                type="number"
                min={0}
                step="any"
                aria-label={`Points of line ${index + 1}`}
                value={Number.isNaN(line.points) ? '' : line.points}
                onChange={(event) => change({ points: event.target.valueAsNumber })}
                className={`${FIELD} w-20`}
              />
              <button
                type="button"
                aria-label={`Take line ${index + 1} out`}
                onClick={() => set({ rubric: rubric.filter((_line, at) => at !== index) })}
                className="size-6 text-muted"
              >
                ×
              </button>
            </div>
          )
        })}
        <div>
          <Button onClick={() => set({ rubric: [...rubric, { says: '', points: 1 }] })}>Add a line</Button>
        </div>
      </fieldset>
    </>
  )
}
