import type { Item } from '@zakuska/core'
import { MoveButtons } from '../MoveButtons'
import { RichText } from '../RichText'
import type { AnswerProps } from './props'

/** Until something is moved the order counts as not answered. */
export function Ordered({
  body,
  name,
  response,
  answer,
  locked,
}: AnswerProps & { readonly body: Extract<Item, { kind: 'order' }> }) {
  const ids = response?.kind === 'order' && response.ids.length ? response.ids : body.options.map((option) => option.id)
  const move = (index: number, step: number): void => {
    const next = [...ids]
    const [moved] = next.splice(index, 1)
    if (moved !== undefined) next.splice(index + step, 0, moved)
    answer({ kind: 'order', ids: next })
  }
  return (
    <ol>
      {ids.map((id, index) => (
        <li key={id} className="flex items-baseline gap-2 border-b border-line py-0.5">
          <span className="w-5 font-ui text-[12.5px] text-muted">{index + 1}</span>
          <span className="min-w-0 flex-1">
            <RichText content={body.options.find((option) => option.id === id)?.content ?? []} inline />
          </span>
          {!locked && (
            <MoveButtons what={`entry ${index + 1} of item ${name}`} index={index} count={ids.length} move={move} />
          )}
        </li>
      ))}
    </ol>
  )
}

export function Steps({
  body,
  name,
  response,
  answer,
  locked,
}: AnswerProps & { readonly body: Extract<Item, { kind: 'scale' }> }) {
  const steps = Array.from({ length: body.high - body.low + 1 }, (_none, at) => body.low + at)
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
      {body.lowLabel && <span className="text-muted">{body.lowLabel}</span>}
      {steps.map((step) => (
        <label key={step} className="grid justify-items-center gap-0.5">
          {step}
          <input
            type="radio"
            name={`item-${name}`}
            disabled={locked}
            checked={response?.kind === 'step' && response.value === step}
            onChange={() => answer({ kind: 'step', value: step })}
            className="accent-ink"
          />
        </label>
      ))}
      {body.highLabel && <span className="text-muted">{body.highLabel}</span>}
    </div>
  )
}
