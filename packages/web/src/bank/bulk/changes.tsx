import { categoryPath } from '@zakuska/core'
import { useState } from 'react'
import { Button } from '../../parts/Button'
import { CategoryField } from '../CategoryField'
import { FIELD } from '../form/field'
import { Row } from './Row'

/** Where the items lie in the bank: in a category, or in none. */
export function CategoryChange({ move }: { readonly move: (category: string | null) => void }) {
  const [category, setCategory] = useState('')
  return (
    <Row label="Category">
      <form
        className="flex min-w-0 flex-1 gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (category.trim()) move(categoryPath(category))
        }}
      >
        <CategoryField value={category} change={setCategory} />
        <Button type="submit" disabled={!category.trim()}>
          Move
        </Button>
        <Button tone="quiet" onClick={() => move(null)}>
          None
        </Button>
      </form>
    </Row>
  )
}

export function TextChange({
  label,
  apply,
  clear,
  known,
  button = 'Set',
}: {
  readonly label: string
  readonly apply: (text: string) => void
  readonly clear?: () => void
  readonly known?: readonly string[] | undefined
  readonly button?: string
}) {
  const [text, setText] = useState('')
  const list = `known-${label.replace(/\W+/g, '-')}`
  return (
    <Row label={label}>
      <form
        className="flex min-w-0 flex-1 gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (text.trim()) apply(text.trim())
        }}
      >
        <input
          aria-label={label}
          value={text}
          list={known?.length ? list : undefined}
          onChange={(event) => setText(event.target.value)}
          className={`${FIELD} min-w-0 flex-1`}
        />
        {known && (
          <datalist id={list}>
            {known.map((one) => (
              <option key={one} value={one} />
            ))}
          </datalist>
        )}
        <Button type="submit" disabled={!text.trim()}>
          {button}
        </Button>
        {clear && (
          <Button tone="quiet" onClick={clear}>
            None
          </Button>
        )}
      </form>
    </Row>
  )
}

export function NumberChange({
  label,
  least,
  apply,
  clear,
}: {
  readonly label: string
  readonly least: number
  readonly apply: (value: number) => void
  readonly clear?: () => void
}) {
  const [text, setText] = useState('')
  const value = Number(text)
  const isFit = text !== '' && value >= least
  return (
    <Row label={label}>
      <form
        className="flex gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (isFit) apply(value)
        }}
      >
        <input
          type="number"
          aria-label={label}
          min={least}
          step="any"
          value={text}
          onChange={(event) => setText(event.target.value)}
          className={`${FIELD} w-24`}
        />
        <Button type="submit" disabled={!isFit}>
          Set
        </Button>
        {clear && (
          <Button tone="quiet" onClick={clear}>
            None
          </Button>
        )}
      </form>
    </Row>
  )
}
