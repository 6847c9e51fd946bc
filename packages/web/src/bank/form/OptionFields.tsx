import { type ChoiceItem, type Content, type Item, optionId, type Option } from '@zakuska/core'
import { Button } from '../../parts/Button'
import { letterOf } from '../../parts/item-words'
import { MoveButtons } from '../../parts/MoveButtons'
import { RichField } from '../../parts/RichField'
import { FIELD } from './field'
import type { SetPart } from './field'

export function OptionFields({ item, set }: { readonly item: ChoiceItem; readonly set: SetPart }) {
  const change = (index: number, content: Content): void =>
    set({ options: item.options.map((option, at) => (at === index ? { ...option, content } : option)) })
  const note = (index: number, feedback: Content): void =>
    set({ options: item.options.map((option, at) => (at === index ? { ...option, feedback } : option)) })
  const move = (index: number, step: number): void => {
    const options = [...item.options]
    const [moved] = options.splice(index, 1)
    if (moved) options.splice(index + step, 0, moved)
    set({ options })
  }
  const keyed = (id: string, on: boolean): void =>
    set({
      key:
        item.kind === 'single'
          ? [id]
          : item.options.map((option) => option.id).filter((one) => (one === id ? on : item.key.includes(one))),
    })
  const weigh = (id: string, percent: number): void => set({ weights: { ...item.weights, [id]: percent / 100 } })
  const add = (): void => {
    const used = new Set(item.options.map((option) => option.id))
    let next = 0
    while (used.has(optionId(next))) next++
    set({ options: [...item.options, { id: optionId(next), content: [] }] })
  }
  const without = (id: string): void =>
    set({
      options: item.options.filter((option) => option.id !== id),
      key: item.key.filter((one) => one !== id),
      ...(item.weights && {
        weights: Object.fromEntries(Object.entries(item.weights).filter(([name]) => name !== id)),
      }),
    })
  return (
    <fieldset className="grid gap-1.5">
      <legend className="mb-0.5 text-xs font-semibold text-muted">
        Options; the marked {item.kind === 'single' ? 'one is' : 'ones are'} the key
      </legend>
      {item.options.map((option, index) => (
        <OptionField
          key={option.id}
          option={option}
          item={item}
          index={index}
          keyed={keyed}
          change={change}
          note={note}
          weigh={weigh}
          move={move}
          without={without}
        />
      ))}
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <Button onClick={add}>Add an option</Button>
        <label>
          <input
            type="checkbox"
            checked={item.shuffle}
            onChange={(event) => set({ shuffle: event.target.checked })}
            className="mr-1.5 accent-ink"
          />
          options may be shuffled
        </label>
        <CreditField item={item} set={set} />
      </div>
    </fieldset>
  )
}

/** One option with its mark, share and feedback. */
function OptionField({
  option,
  item,
  index,
  keyed,
  change,
  note,
  weigh,
  move,
  without,
}: {
  readonly option: Option
  readonly item: ChoiceItem
  readonly index: number
  readonly keyed: (id: string, on: boolean) => void
  readonly change: (index: number, content: Content) => void
  readonly note: (index: number, feedback: Content) => void
  readonly weigh: (id: string, percent: number) => void
  readonly move: (index: number, step: number) => void
  readonly without: (id: string) => void
}) {
  return (
    <div className="flex items-start gap-1.5">
      <input
        type={item.kind === 'single' ? 'radio' : 'checkbox'}
        name="key"
        aria-label={`Option ${letterOf(index)} is the key`}
        checked={item.key.includes(option.id)}
        onChange={(event) => keyed(option.id, event.target.checked)}
        className="mt-2 accent-ink"
      />
      <div className="grid min-w-0 flex-1 gap-1">
        <RichField
          slim
          label={`Option ${letterOf(index)}`}
          value={option.content}
          change={(content) => change(index, content)}
        />
        {option.feedback && (
          <RichField
            slim
            label={`Feedback to option ${letterOf(index)}`}
            value={option.feedback}
            change={(feedback) => note(index, feedback)}
          />
        )}
      </div>
      {takesWeight(item, option.id) && (
        <label className="flex items-center gap-1 pt-1 text-xs text-muted">
          <input
            type="number"
            min={item.kind === 'single' ? 0 : -100}
            max={100}
            step="any"
            aria-label={`Share of the points for option ${letterOf(index)}, in percent`}
            value={percentOf(item, option.id)}
            onChange={(event) => weigh(option.id, event.target.valueAsNumber)}
            className={`${FIELD} w-20 !py-0.5 text-right`}
          />
          %
        </label>
      )}
      <OptionButtons index={index} item={item} move={move} option={option} note={note} without={without} />
    </div>
  )
}

function OptionButtons({
  index,
  item,
  move,
  option,
  note,
  without,
}: {
  readonly index: number
  readonly item: ChoiceItem
  readonly move: (index: number, step: number) => void
  readonly option: Option
  readonly note: (index: number, feedback: Content) => void
  readonly without: (id: string) => void
}) {
  return (
    <div className="flex gap-0.5 pt-1 text-muted">
      <MoveButtons what={`option ${letterOf(index)}`} index={index} count={item.options.length} move={move} />
      {!option.feedback && (
        <button
          type="button"
          aria-label={`Add feedback to option ${letterOf(index)}`}
          title="Feedback"
          onClick={() => note(index, [])}
          className="size-6"
        >
          ¶
        </button>
      )}
      <button
        type="button"
        aria-label={`Take option ${letterOf(index)} out`}
        onClick={() => without(option.id)}
        className="size-6"
      >
        ×
      </button>
    </div>
  )
}

function takesWeight(item: ChoiceItem, id: string): boolean {
  if (item.kind === 'multiple') return item.credit === 'weights'
  return item.weights !== undefined && !item.key.includes(id)
}

function percentOf(item: ChoiceItem, id: string): number | '' {
  const weight = item.weights?.[id] ?? 0
  return Number.isNaN(weight) ? '' : Number((weight * 100).toFixed(4))
}

const CREDITS = [
  ['all', 'all or nothing'],
  ['each', 'for each option'],
  ['weights', 'by weights'],
] as const

/** What part of the key earns. Weights begin as what `each` gives, to be changed from there. */
function CreditField({ item, set }: { readonly item: ChoiceItem; readonly set: SetPart }) {
  if (item.kind === 'single')
    return (
      <label>
        <input
          type="checkbox"
          checked={item.weights !== undefined}
          onChange={(event) => set({ weights: event.target.checked ? {} : undefined } as Partial<Item>)}
          className="mr-1.5 accent-ink"
        />
        a wrong option may earn a share
      </label>
    )
  const share = 1 / Math.max(1, item.key.length)
  const even = (): Record<string, number> =>
    Object.fromEntries(
      item.options.map(({ id }) => [id, Number((item.key.includes(id) ? share : -share).toFixed(4))] as const),
    )
  const choose = (credit: (typeof CREDITS)[number][0]): void =>
    set({ credit, weights: credit === 'weights' ? (item.weights ?? even()) : undefined } as Partial<Item>)
  return (
    <label>
      credit{' '}
      <select
        value={item.credit}
        onChange={(event) => {
          const chosen = CREDITS.find(([credit]) => credit === event.target.value)
          if (chosen) choose(chosen[0])
        }}
        className={`${FIELD} !py-0`}
      >
        {CREDITS.map(([credit, label]) => (
          <option key={credit} value={credit}>
            {label}
          </option>
        ))}
      </select>
    </label>
  )
}
