import { counted } from '../parts/item-words'

/** Items that nobody has vouched for go only where that was said. */
export function UnsignedQuestion({
  unsigned,
  include,
  set,
}: {
  readonly unsigned: number
  readonly include: boolean
  readonly set: (include: boolean) => void
}) {
  if (!unsigned) return null
  return (
    <div className="my-3 border-l-4 border-beet pl-3">
      <p>
        <b>{counted(unsigned, 'item is', 'items are')} not signed off.</b> Nobody has vouched for{' '}
        {unsigned === 1 ? 'it' : 'them'} yet.
      </p>
      <label className="block pt-1">
        <input type="radio" checked={!include} onChange={() => set(false)} className="mr-2 accent-ink" />
        Leave {unsigned === 1 ? 'it' : 'them'} out
      </label>
      <label className="block">
        <input type="radio" checked={include} onChange={() => set(true)} className="mr-2 accent-ink" />
        Take {unsigned === 1 ? 'it' : 'them'} along
      </label>
    </div>
  )
}
