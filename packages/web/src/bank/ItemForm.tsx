import { checkItem, type Item, ITEM_KINDS, KIND_NAMES } from '@zakuska/core'
import { useState } from 'react'
import { Button } from '../parts/Button'
import { RichField } from '../parts/RichField'
import { KindFields } from './KindFields'
import { FIELD, Labelled } from './form/field'
import { asKind, gapsFor } from './form/empty-item'
import { OptionFields } from './form/OptionFields'
import { MoreFields } from './form/MoreFields'
import { sentence } from './form/field-problem'
import { tidied } from './form/tidied'

interface FormProps {
  readonly start: Item
  /** Made anew: its kind can be chosen. */
  readonly fresh?: boolean
  readonly saving: boolean
  readonly problem: string | undefined
  readonly save: (item: Item) => void
  readonly cancel: () => void
}

/** Every field that an item has. */
export function ItemForm({ start, fresh = false, saving, problem, save, cancel }: FormProps) {
  const [item, setItem] = useState(start)
  const [tried, setTried] = useState(false)
  const ready = tidied(item)
  const wrong = checkItem(ready)[0]
  const set = (part: Partial<Item>): void => setItem((now) => ({ ...now, ...part }) as Item)
  const submit = (): void => {
    setTried(true)
    if (!wrong) save(ready)
  }
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        submit()
      }}
    >
      <Labelled name="Kind">
        <select
          aria-label="Kind"
          value={item.kind}
          onChange={(event) => setItem(asKind(item, event.target.value as Item['kind']))}
          className={FIELD}
        >
          {ITEM_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {KIND_NAMES[kind]}
            </option>
          ))}
        </select>
      </Labelled>
      <Labelled name="Stem">
        <RichField
          label="Stem"
          value={item.stem}
          change={(stem) => set(item.kind === 'cloze' ? { stem, gaps: gapsFor(item.gaps, stem) } : { stem })}
        />
      </Labelled>
      {(item.kind === 'single' || item.kind === 'multiple') && <OptionFields item={item} set={set} />}
      <KindFields key={item.kind} item={item} set={set} />
      <MoreFields item={item} set={set} />
      {(problem ?? (tried && wrong)) && (
        <p role="alert" className="text-beet">
          <span aria-hidden="true">◆ </span>
          {problem ?? sentence(wrong)}
        </p>
      )}
      <div className="flex gap-2">
        <Button tone="lead" type="submit" disabled={saving}>
          {fresh ? 'Put in the bank' : 'Save'}
        </Button>
        <Button onClick={cancel}>Cancel</Button>
      </div>
    </form>
  )
}
