import { useMemo } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../parts/Head'
import { FileButton } from '../parts/FileButton'
import { May } from '../people/May'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { useOutcomes, useReplaceOutcomes } from './queries'

type Outcome = Schemas['OutcomeDto']

/** The tree of outcomes with how well the bank covers each. */
export function OutcomesPage() {
  const outcomes = useOutcomes()
  const replace = useReplaceOutcomes()
  const tell = useTell()
  const rows = useMemo(() => inDepth(outcomes.data ?? []), [outcomes.data])
  const bare = rows.filter((row) => row.total === 0).length
  const read = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return
    replace.mutate(await chosen.text(), {
      onSuccess: (list) => tell(`${counted(list.length, 'outcome was', 'outcomes were')} read.`),
      onError: (error) => tell(error.message, { tone: 'trouble' }),
    })
  }
  return (
    <>
      <Head
        title="Outcomes"
        about={rows.length > 0 && `${counted(rows.length, 'outcome', 'outcomes')} · ${bare} without an item`}
      >
        <May right="write" to="replace the outcomes">
          <FileButton
            name="File of outcomes"
            accept=".json,.csv,.tsv,.txt"
            tone={rows.length ? 'plain' : 'lead'}
            open={read}
          >
            {rows.length ? 'Read another file' : 'Read a file'}
          </FileButton>
        </May>
        <Link to="/bank" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge">
          Back to the bank
        </Link>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto">
        {outcomes.isPending && <Waiting what="the outcomes" />}
        {outcomes.isError && <Problem error={outcomes.error} again={() => void outcomes.refetch()} />}
        {outcomes.data?.length === 0 && (
          <Empty title="No outcomes yet">
            Read the open CASE format (JSON), or a table with a code, a statement and the code of the one above.
          </Empty>
        )}
        {rows.length > 0 && <OutcomeTable rows={rows} />}
      </div>
    </>
  )
}

function OutcomeTable({ rows }: { readonly rows: readonly OutcomeRow[] }) {
  return (
    <table className="w-full max-w-5xl">
      <thead>
        <tr className="text-left text-xs text-muted">
          <th className="px-[18px] py-2 font-semibold">Outcome</th>
          <th className="w-24 px-2 text-right font-semibold">Items</th>
          <th className="w-24 px-2 text-right font-semibold">Signed off</th>
          <th className="w-40 px-[18px]">
            <span className="sr-only">Coverage</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ outcome, depth, total, signed }) => (
          <tr key={outcome.id} className="border-t border-line align-baseline">
            <td className="py-1.5 pr-2" style={{ paddingLeft: 18 + depth * 22 }}>
              <b className="mr-2">{outcome.code}</b>
              <span className="font-text text-[15px]">{outcome.statement}</span>
            </td>
            <td className="px-2 text-right tabular-nums">
              {outcome.itemCount > 0 ? (
                <Link
                  to={{ pathname: '/bank', search: new URLSearchParams({ outcome: outcome.code }).toString() }}
                  className="underline"
                >
                  {total}
                </Link>
              ) : (
                total
              )}
            </td>
            <td className="px-2 text-right tabular-nums">{signed}</td>
            <td className="px-[18px]">
              <Bar total={total} signed={signed} most={Math.max(1, ...rows.map((row) => row.total))} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Bar({ total, signed, most }: { readonly total: number; readonly signed: number; readonly most: number }) {
  if (total === 0)
    return (
      <span className="text-xs text-beet">
        <span aria-hidden="true">◆ </span>no item
      </span>
    )
  return (
    <span aria-hidden="true" className="flex h-2.5 w-full bg-rye">
      <span className="bg-dill" style={{ width: `${(signed / most) * 100}%` }} />
      <span className="bg-mustard" style={{ width: `${((total - signed) / most) * 100}%` }} />
    </span>
  )
}

interface OutcomeRow {
  readonly outcome: Outcome
  readonly depth: number
  /** Items of it and of all below. */
  readonly total: number
  readonly signed: number
}

/** Parents come before their children, so one pass gives depths and one backwards the sums. */
function inDepth(outcomes: readonly Outcome[]): OutcomeRow[] {
  const depths = new Map<string, number>()
  for (const one of outcomes) depths.set(one.id, one.parentId === null ? 0 : (depths.get(one.parentId) ?? -1) + 1)
  const totals = new Map(outcomes.map((one) => [one.id, { total: one.itemCount, signed: one.signedCount }]))
  for (const one of [...outcomes].reverse()) {
    const [own, above] = [totals.get(one.id), totals.get(one.parentId ?? '')]
    if (own && above) {
      above.total += own.total
      above.signed += own.signed
    }
  }
  return outcomes.map((outcome) => ({
    outcome,
    depth: depths.get(outcome.id) ?? 0,
    ...(totals.get(outcome.id) ?? { total: 0, signed: 0 }),
  }))
}
