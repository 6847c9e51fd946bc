import { keyText, plainText, type Item } from '@zakuska/core'
import { useQuery } from '@tanstack/react-query'
import { useState, type Dispatch, type SetStateAction } from 'react'
import { api, dataOf } from '../api/client'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { Fault } from '../parts/fields'
import { kindLine } from '../parts/item-words'
import { mergeItems, withFacet, type Facet } from './merge-items'
import { bankKeys, type BankItem } from './queries'

/** Somebody changed the item that is being edited: what both changed stands side by side, and one chooses. */
export function ItemConflict({
  start,
  mine,
  save,
  close,
}: {
  readonly start: BankItem
  readonly mine: Item
  readonly save: (body: Item, revision: number) => void
  readonly close: () => void
}) {
  const path = { params: { path: { id: start.id } } }
  const theirs = useQuery({
    queryKey: [...bankKeys.one(start.id), 'theirs', start.revision],
    queryFn: async () => {
      const [item, history] = await Promise.all([
        dataOf(api.GET('/api/items/{id}', path)),
        dataOf(api.GET('/api/items/{id}/history', path)),
      ])
      return { item, by: history[0]?.by ?? 'Somebody' }
    },
    staleTime: 0,
    gcTime: 0,
  })
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set())
  if (theirs.isPending) return null
  if (theirs.isError)
    return (
      <Dialog open close={close} title="Somebody changed this item, too">
        <Fault error={theirs.error} />
      </Dialog>
    )
  const { item, by } = theirs.data
  const { item: merged, clashes, taken } = mergeItems(start.body, mine, item.body)
  const settle = (): void =>
    save(
      clashes.filter(({ name }) => chosen.has(name)).reduce((now, one) => withFacet(now, one.name, one.theirs), merged),
      item.revision,
    )
  return (
    <Dialog open close={close} title={`${by} changed this item, too`} wide>
      {taken.length > 0 && (
        <p className="mb-3 text-muted">
          From {by} comes what you did not touch: {taken.join(', ')}.
        </p>
      )}
      {clashes.length > 0 && <p className="mb-3">Both of you changed this. Say what is to stay.</p>}
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          settle()
        }}
      >
        {clashes.map((clash) => (
          <Clash key={clash.name} clash={clash} chosen={chosen} setChosen={setChosen} by={by} />
        ))}
        <div className="flex gap-2">
          <Button tone="lead" type="submit">
            Keep it so
          </Button>
          <Button tone="quiet" onClick={close}>
            Go on editing
          </Button>
        </div>
      </form>
    </Dialog>
  )
}

/** One field that both changed: which of the two stays. */
function Clash({
  clash,
  chosen,
  setChosen,
  by,
}: {
  readonly clash: Facet
  readonly chosen: ReadonlySet<string>
  readonly setChosen: Dispatch<SetStateAction<ReadonlySet<string>>>
  readonly by: string
}) {
  return (
    <fieldset className="border-t border-line pt-2">
      <legend className="text-xs font-semibold text-muted">{clash.name}</legend>
      <div className="grid gap-3 sm:grid-cols-2">
        {(['mine', 'theirs'] as const).map((side) => (
          <label key={side} className="flex items-start gap-2">
            <input
              type="radio"
              name={clash.name}
              checked={chosen.has(clash.name) === (side === 'theirs')}
              onChange={() =>
                setChosen((now) => {
                  const next = new Set(now)
                  if (side === 'theirs') next.add(clash.name)
                  else next.delete(clash.name)
                  return next
                })
              }
              className="mt-1 accent-ink"
            />
            <span className="min-w-0">
              <span className="block text-xs text-muted">{side === 'mine' ? 'Mine' : `${by}’s`}</span>
              <span className="font-text break-words whitespace-pre-line">{textOf(clash, side)}</span>
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** One side's part in plain text. */
function textOf(clash: Facet, side: 'mine' | 'theirs'): string {
  const facet = clash[side]
  if ('kind' in facet) {
    const item = { stem: [], tags: [], points: 1, ...facet } as unknown as Item
    const options = 'options' in item ? item.options.map((option) => plainText(option.content)).join('\n') : ''
    return [kindLine(item), options, `Key: ${keyText(item) || 'none'}`].filter(Boolean).join('\n')
  }
  const [value] = Object.values(facet) as unknown[]
  if (value === undefined) return '(taken out)'
  if (Array.isArray(value) && value.every((one) => typeof one === 'string')) return value.join(', ') || '(none)'
  if (Array.isArray(value)) return plainText(value as Item['stem'])
  return typeof value === 'string' ? value : JSON.stringify(value)
}
