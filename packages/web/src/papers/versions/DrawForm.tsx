import { useState } from 'react'
import { Button } from '../../parts/Button'
import { May } from '../../people/May'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import { type Paper, useDraw, usePapers } from '../queries'
import { FIELD } from '../../parts/field-class'
import type { Schemas } from '../../api/client'

const MOST_VERSIONS = 26

export function DrawForm({
  paper,
  flush,
  drawn,
  total,
}: {
  readonly paper: Paper
  readonly flush: () => Promise<void>
  readonly drawn: number
  readonly total: number
}) {
  const draw = useDraw(paper.id)
  const papers = usePapers()
  const tell = useTell()
  const [wanted, setWanted] = useState<number | null>(null)
  const count = wanted ?? Math.max(2, drawn)
  const [apart, setApart] = useState(false)
  const [seed, setSeed] = useState('')
  const [avoid, setAvoid] = useState<readonly string[]>([])
  const others = papers.data?.filter((one) => one.id !== paper.id && one.versionOf === null) ?? []
  const start = async (): Promise<void> => {
    // Drawn from what is saved; where that fails, it was said.
    if (
      !(await flush().then(
        () => true,
        () => false,
      ))
    )
      return
    draw.mutate(
      { versions: count, apart, avoid: [...avoid], ...(seed.trim() && { seed: Number(seed) }) },
      {
        onSuccess: () => tell(`${counted(count, 'version was', 'versions were')} drawn; they stay until drawn again.`),
      },
    )
  }
  return (
    <form
      aria-label="Draw versions"
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        void start()
      }}
    >
      <CountAndSeed count={count} setWanted={setWanted} seed={seed} setSeed={setSeed} />
      <label>
        <input
          type="checkbox"
          checked={apart}
          onChange={(event) => setApart(event.target.checked)}
          className="mr-2 accent-ink"
        />
        No version draws what another has
      </label>
      {others.length > 0 && <AvoidChoice setAvoid={setAvoid} avoid={avoid} others={others} />}
      {avoid.length > 0 && <Avoided avoid={avoid} setAvoid={setAvoid} others={others} />}
      <div className="flex items-center gap-2">
        <May right="draw" to="draw versions">
          <Button tone="lead" type="submit" disabled={draw.isPending || total === 0}>
            {draw.isPending ? 'Drawing …' : drawn ? 'Draw again' : 'Draw'}
          </Button>
        </May>
        <span className="text-xs text-muted">{counted(total, 'item', 'items')} each</span>
      </div>
      {draw.error && (
        <p role="alert" className="text-beet">
          ◆ {draw.error.message}
        </p>
      )}
    </form>
  )
}

function AvoidChoice({
  setAvoid,
  avoid,
  others,
}: {
  readonly setAvoid: (next: readonly string[]) => void
  readonly avoid: readonly string[]
  readonly others: readonly Schemas['PaperSummaryDto'][]
}) {
  return (
    <label className="flex items-center gap-2">
      Not what was on
      <select
        value=""
        aria-label="Do not draw what was on a paper"
        onChange={(event) => setAvoid([...new Set([...avoid, event.target.value])])}
        className={`${FIELD} min-w-0 flex-1`}
      >
        <option value="">{avoid.length ? 'another paper …' : 'a paper …'}</option>
        {others.map((one) => (
          <option key={one.id} value={one.id}>
            {one.title}
          </option>
        ))}
      </select>
    </label>
  )
}

function Avoided({
  avoid,
  setAvoid,
  others,
}: {
  readonly avoid: readonly string[]
  readonly setAvoid: (next: readonly string[]) => void
  readonly others: readonly Schemas['PaperSummaryDto'][]
}) {
  return (
    <p className="flex flex-wrap gap-1.5">
      {avoid.map((id) => (
        <button
          key={id}
          type="button"
          onClick={() => setAvoid(avoid.filter((one) => one !== id))}
          className="rounded-[2px] border border-mustard bg-mustard-wash px-1.5 text-[12.5px]"
        >
          {others.find((one) => one.id === id)?.title} ×
        </button>
      ))}
    </p>
  )
}

function CountAndSeed({
  count,
  setWanted,
  seed,
  setSeed,
}: {
  readonly count: number
  readonly setWanted: (next: number | null) => void
  readonly seed: string
  readonly setSeed: (next: string) => void
}) {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <label>
        Versions{' '}
        <input
          type="number"
          min={1}
          max={MOST_VERSIONS}
          value={count}
          onChange={(event) => {
            const value = Math.round(event.target.valueAsNumber)
            if (value >= 1 && value <= MOST_VERSIONS) setWanted(value)
          }}
          className={`${FIELD} w-14 text-right`}
        />
      </label>
      <label>
        Seed{' '}
        <input
          inputMode="numeric"
          placeholder="a new one"
          value={seed}
          onChange={(event) => setSeed(event.target.value.replace(/\D/g, '').slice(0, 9))}
          className={`${FIELD} w-24`}
        />
      </label>
    </div>
  )
}
