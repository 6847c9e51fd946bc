import { categoryPath } from '@zakuska/core'
import { useId } from 'react'
import { FIELD } from './form/field'
import { useFacets } from './queries'

/** Every category of the bank, in the order of their names. */
export function useCategories(): readonly string[] {
  const facets = useFacets({})
  const field = facets.data?.facets.find((one) => one.name === 'category')
  return [...(field?.values ?? [])].map((one) => one.value).sort((a, b) => a.localeCompare(b))
}

/** A place in the bank, known or new; parts go by slashes. */
export function CategoryField({
  value,
  change,
  label = 'Category',
}: {
  readonly value: string
  readonly change: (value: string) => void
  readonly label?: string
}) {
  const known = useCategories()
  const list = useId()
  return (
    <>
      <input
        aria-label={label}
        placeholder="such as Tides / Heights"
        maxLength={200}
        value={value}
        list={list}
        onChange={(event) => change(event.target.value)}
        onBlur={() => change(categoryPath(value))}
        className={`${FIELD} min-w-0 flex-1`}
      />
      <datalist id={list}>
        {known.map((one) => (
          <option key={one} value={one} />
        ))}
      </datalist>
    </>
  )
}
