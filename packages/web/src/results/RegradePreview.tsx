import { scoreChanges, type Item, type ScoreChange } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { Fault } from '../parts/fields'
import { useSittingChanges, type Sitting } from './queries'
import { points } from './words'

/** What is to be graded otherwise. */
export interface Regrade {
  /** Items by their place. */
  readonly items: ReadonlyMap<number, Item>
  readonly leftOut: readonly number[]
  readonly why: string
}

export function changesOf(sitting: Sitting, { items, leftOut }: Regrade): ScoreChange[] {
  const before = sitting.items.map(({ body }) => body)
  return scoreChanges(
    sitting.attemptList,
    { items: before, settings: sitting.settings },
    { items: before.map((body, place) => items.get(place) ?? body), settings: { leftOut } },
  )
}

/** What would change for whom, before anything does. */
export function RegradePreview({
  sitting,
  regrade,
  close,
}: {
  readonly sitting: Sitting
  readonly regrade: Regrade | null
  readonly close: (done: boolean) => void
}) {
  return (
    <Dialog open={regrade !== null} close={() => close(false)} title="What changes for whom" wide>
      {regrade && <Preview sitting={sitting} regrade={regrade} close={close} />}
    </Dialog>
  )
}

function Preview({
  sitting,
  regrade,
  close,
}: {
  readonly sitting: Sitting
  readonly regrade: Regrade
  readonly close: (done: boolean) => void
}) {
  const changes = useMemo(() => changesOf(sitting, regrade), [sitting, regrade])
  const [why, setWhy] = useState(regrade.why)
  const { regrade: send } = useSittingChanges(sitting.id)
  const tell = useTell()
  const more = changes.filter(({ before, after }) => after > before).length
  const less = changes.filter(({ before, after }) => after < before).length
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        send.mutate(
          {
            version: sitting.version,
            items: [...regrade.items].map(([item, body]) => ({ item, body })),
            leftOut: [...regrade.leftOut],
            why: why.trim(),
          },
          {
            onSuccess: () => {
              tell(`${counted(changes.length, 'score was', 'scores were')} changed.`)
              close(true)
            },
          },
        )
      }}
    >
      <p>
        {changes.length === 0
          ? 'No score changes.'
          : `${counted(more, 'score rises', 'scores rise')}, ${less === 0 ? 'none falls' : `${counted(less, 'falls', 'fall')}`}; the other ${sitting.attemptList.length - changes.length} stay.`}
      </p>
      {changes.length > 0 && <ScoresThatChange changes={changes} />}
      <label className="mt-3 block">
        Why
        <input
          className="mt-0.5 w-full rounded-[3px] border border-edge bg-sheet px-2.5 py-1.5"
          value={why}
          maxLength={500}
          required
          onChange={(event) => setWhy(event.target.value)}
        />
      </label>
      <Fault error={send.error} />
      <div className="mt-3 flex flex-wrap gap-2">
        <Button tone="lead" type="submit" disabled={send.isPending || !why.trim()}>
          {send.isPending ? 'Grading …' : 'Grade so'}
        </Button>
        <Button onClick={() => close(false)}>Leave it as it is</Button>
      </div>
      <p className="pt-2 text-xs text-muted">
        Kept with the sitting: who, when, why, and each score before and after. The items in the bank stay as they are.
      </p>
    </form>
  )
}

function ScoresThatChange({ changes }: { readonly changes: readonly ScoreChange[] }) {
  return (
    <div className="mt-2 max-h-64 overflow-y-auto" tabIndex={0} role="group" aria-label="Scores that change">
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-ink text-left text-xs">
            <th className="py-1 font-semibold">Person</th>
            <th className="py-1 text-right font-semibold">Now</th>
            <th className="py-1 text-right font-semibold">Then</th>
            <th className="py-1 text-right font-semibold">Items</th>
          </tr>
        </thead>
        <tbody>
          {changes.map(({ attempt, student, before, after, items }) => (
            <tr key={attempt} className="border-b border-line">
              <th scope="row" className="py-1 text-left font-normal">
                {student}
              </th>
              <td className="text-right tabular-nums">{points(before)}</td>
              <td className={`text-right tabular-nums ${after > before ? 'text-dill' : 'text-beet'}`}>
                {after > before ? '↑' : after < before ? '↓' : ''} {points(after)}
              </td>
              <td className="text-right text-muted">{items.map(({ item }) => item + 1).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
