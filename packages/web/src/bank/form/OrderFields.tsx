import { optionId, type OrderItem } from '@zakuska/core'
import { Button } from '../../parts/Button'
import { MoveButtons } from '../../parts/MoveButtons'
import { RichField } from '../../parts/RichField'
import { LEGEND, type SetPart, Tick } from './field'

/** The entries stand in the right order here; they are shuffled for whoever answers. */
export function OrderFields({ item, set }: { readonly item: OrderItem; readonly set: SetPart }) {
  const ids = item.key.length ? item.key : item.options.map((option) => option.id)
  const ordered = ids.flatMap((id) => item.options.filter((option) => option.id === id))
  const keep = (options: readonly OrderItem['options'][number][]): void =>
    set({ options: [...options], key: options.map((option) => option.id) })
  const move = (index: number, step: number): void => {
    const next = [...ordered]
    const [moved] = next.splice(index, 1)
    if (moved) next.splice(index + step, 0, moved)
    keep(next)
  }
  const add = (): void => {
    const used = new Set(item.options.map((option) => option.id))
    let next = 0
    while (used.has(optionId(next))) next++
    keep([...ordered, { id: optionId(next), content: [] }])
  }
  return (
    <fieldset className="grid gap-1.5">
      <legend className={LEGEND}>Entries in the right order</legend>
      {ordered.map((option, index) => (
        <div key={option.id} className="flex items-start gap-1.5">
          <span className="w-5 pt-1 text-muted">{index + 1}</span>
          <div className="min-w-0 flex-1">
            <RichField
              slim
              label={`Entry ${index + 1}`}
              value={option.content}
              change={(content) => keep(ordered.map((one, at) => (at === index ? { ...one, content } : one)))}
            />
          </div>
          <div className="flex gap-0.5 pt-1 text-muted">
            <MoveButtons what={`entry ${index + 1}`} index={index} count={ordered.length} move={move} />
            <button
              type="button"
              aria-label={`Take entry ${index + 1} out`}
              onClick={() => keep(ordered.filter((one) => one !== option))}
              className="size-6"
            >
              ×
            </button>
          </div>
        </div>
      ))}
      <div className="flex flex-wrap items-center gap-5">
        <Button onClick={add}>Add an entry</Button>
        <Tick
          label="credit for neighbours in the right order"
          on={item.credit === 'neighbours'}
          set={(on) => set({ credit: on ? 'neighbours' : 'all' })}
        />
      </div>
    </fieldset>
  )
}
