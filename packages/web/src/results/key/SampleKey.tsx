import { type Item, keyInWords, responseText, type SampleDifference, sampleDifferences } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import type { ViewProps } from '../view-props'
import { stemLine } from '../words'
import { FIELD } from '../../parts/field-class'
import type { Looked } from '../queries'

/** The key out of one person's answers: what disagrees with the items' own keys is decided one by one. */
export function SampleKey({
  sitting,
  looked,
  change,
}: ViewProps & { readonly change: (place: number, body: Item, because: string) => void }) {
  const [chosen, setChosen] = useState('')
  const [decided, setDecided] = useState<ReadonlySet<number>>(new Set())
  const sample = sitting.attemptList.find(({ id }) => id === chosen)
  const differences = useMemo(
    () => (sample ? sampleDifferences(looked.bodies, sample.responses) : []),
    [looked.bodies, sample],
  )
  const open = differences.filter(({ item }) => !decided.has(item))
  const decide = (difference: SampleDifference, take: boolean): void => {
    if (take && difference.changed)
      change(
        difference.item,
        difference.changed,
        `item ${difference.item + 1}: the key as ${sample?.student ?? ''} answered`,
      )
    setDecided((now) => new Set([...now, difference.item]))
  }
  return (
    <section aria-label="Key from a sample submission">
      <h2 className="text-[15px] font-semibold">Key from a sample submission</h2>
      <p className="text-muted">Somebody answered as it should be? Compare with the key before anything is graded.</p>
      <select
        className={`${FIELD} mt-1 w-full`}
        aria-label="Whose answers"
        value={chosen}
        onChange={(event) => {
          setChosen(event.target.value)
          setDecided(new Set())
        }}
      >
        <option value="">whose answers?</option>
        {sitting.attemptList.map(({ id, student }) => (
          <option key={id} value={id}>
            {student}
          </option>
        ))}
      </select>
      {sample && (
        <p role="status" className="pt-1">
          {differences.length === 0
            ? '✓ These answers and the key say the same.'
            : `◐ They disagree in ${counted(differences.length, 'item', 'items')}; ${open.length ? `${open.length} to decide.` : 'all decided.'}`}
        </p>
      )}
      <Differences open={open} looked={looked} decide={decide} />
    </section>
  )
}

function Differences({
  open,
  looked,
  decide,
}: {
  readonly open: readonly SampleDifference[]
  readonly looked: Looked
  readonly decide: (difference: SampleDifference, take: boolean) => void
}) {
  return (
    <ul>
      {open.map((difference) => {
        const body = looked.bodies[difference.item]
        if (!body) return null
        return (
          <li key={difference.item} className="border-b border-line py-2">
            <p className="font-text">
              {difference.item + 1}. {stemLine(body, 90)}
            </p>
            <dl className="grid grid-cols-[70px_1fr] gap-x-2">
              <dt className="text-muted">key</dt>
              <dd>{difference.key ? keyInWords(body) : 'none'}</dd>
              <dt className="text-muted">sample</dt>
              <dd>{difference.sample ? responseText(body, difference.sample) : 'left open'}</dd>
            </dl>
            <div className="flex flex-wrap gap-2 pt-1">
              {difference.changed && (
                <Button className="!py-0" onClick={() => decide(difference, true)}>
                  Take the sample’s
                </Button>
              )}
              <Button tone="quiet" className="!py-0" onClick={() => decide(difference, false)}>
                Keep the key
              </Button>
            </div>
          </li>
        )
      })}
    </ul>
  )
}
