import { useEffect, useRef, useState } from 'react'
import { type BankSearch, chipName, FILTER_FIELDS, SORT_NAMES } from '../search'

interface SearchProps {
  readonly search: BankSearch
  readonly set: (name: string, value: string | null) => void
}

export function SearchLine({
  search,
  set,
  found,
  all,
}: SearchProps & {
  readonly found: { readonly total: number; readonly isMore: boolean } | undefined
  readonly all: number | undefined
}) {
  const input = useRef<HTMLInputElement>(null)
  const [text, type] = useTypedText(search.filter.text ?? '', (typed) => set('text', typed || null))
  useEffect(() => {
    const slash = (event: globalThis.KeyboardEvent): void => {
      if (
        event.key !== '/' ||
        (event.target instanceof HTMLElement &&
          (event.target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName)))
      )
        return
      event.preventDefault()
      input.current?.focus()
    }
    window.addEventListener('keydown', slash)
    return () => window.removeEventListener('keydown', slash)
  }, [])
  const chips = FILTER_FIELDS.flatMap(([field]) => {
    const value = search.filter[field]
    return value === undefined ? [] : [{ field, says: chipName(field, value) }]
  })
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-2.5 border-b border-line px-3 py-2 sm:px-[18px]">
      <div className="flex min-w-0 flex-1 flex-wrap items-center gap-2 rounded-[3px] border border-ink bg-sheet px-2.5 py-1">
        {chips.map(({ field, says }) => (
          <button
            key={field}
            type="button"
            aria-label={`Do without ${says}`}
            onClick={() => set(field, null)}
            className="rounded-[2px] border border-mustard bg-mustard-wash px-1.5 text-[12.5px]"
          >
            {says} ×
          </button>
        ))}
        <input
          ref={input}
          type="search"
          aria-label="Search the bank"
          placeholder="Search words"
          title="Words match at their start. Put a phrase in quotes, a minus before a word to do without it."
          value={text}
          onChange={(event) => type(event.target.value)}
          className="min-w-24 flex-1 bg-transparent outline-none"
        />
      </div>
      <label className="hidden text-xs text-muted sm:block">
        Order{' '}
        <select
          value={search.sort}
          onChange={(event) => set('sort', event.target.value === 'newest' ? null : event.target.value)}
          className="rounded-[3px] border border-line bg-sheet px-1 py-0.5 text-ink"
        >
          {Object.entries(SORT_NAMES).map(([sort, name]) => (
            <option key={sort} value={sort}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <span className="text-xs text-muted tabular-nums" role="status">
        {found && `${found.isMore ? 'over ' : ''}${found.total} of ${all ?? found.total}`}
      </span>
    </div>
  )
}

const PUT_AFTER_MS = 150

/** What is typed stands at once; the address takes it shortly after, and changes it when it is changed otherwise. */
function useTypedText(put: string, change: (text: string) => void): readonly [string, (text: string) => void] {
  const [text, setText] = useState(put)
  const [seen, setSeen] = useState(put)
  const [sent, setSent] = useState(put)
  const timer = useRef(0)
  if (put !== seen) {
    setSeen(put)
    // What came back from here is behind what is typed by now.
    if (put !== sent) setText(put)
  }
  useEffect(() => () => window.clearTimeout(timer.current), [])
  const type = (typed: string): void => {
    setText(typed)
    window.clearTimeout(timer.current)
    timer.current = window.setTimeout(() => {
      setSent(typed)
      change(typed)
    }, PUT_AFTER_MS)
  }
  return [text, type]
}
