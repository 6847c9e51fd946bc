import { format } from 'date-fns'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { Fault } from '../parts/fields'
import { May } from './May'
import { useRemarkChanges, useRemarks } from './queries'

type Remark = Schemas['RemarkDto']

/** What is said of one item, and room to say more. */
export function ItemRemarks({ itemId }: { readonly itemId: string }) {
  const remarks = useRemarks(itemId)
  const { add } = useRemarkChanges()
  const [says, setSays] = useState('')
  const open = (remarks.data ?? []).filter((one) => one.settledBy === null).length
  return (
    <section aria-label="Remarks" className="mt-4 border-t border-line pt-3">
      <h3 className="mb-1 text-xs font-semibold text-muted">Remarks{open > 0 && ` · ${open} open`}</h3>
      <ul>
        {remarks.data?.map((remark) => (
          <RemarkLine key={remark.id} remark={remark} />
        ))}
      </ul>
      <May right="remark" to="make a remark">
        <form
          className="mt-1.5 flex gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            if (says.trim()) add.mutate({ itemId, says }, { onSuccess: () => setSays('') })
          }}
        >
          <input
            aria-label="New remark"
            placeholder="say something about this item"
            value={says}
            maxLength={2000}
            onChange={(event) => setSays(event.target.value)}
            className="min-w-0 flex-1 rounded-[3px] border border-edge bg-sheet px-2"
          />
          <Button type="submit" disabled={add.isPending}>
            Say it
          </Button>
        </form>
      </May>
      <Fault error={add.error} />
    </section>
  )
}

function RemarkLine({ remark, children }: { readonly remark: Remark; readonly children?: React.ReactNode }) {
  const { settle } = useRemarkChanges()
  const isSettled = remark.settledBy !== null
  return (
    <li className="flex items-start gap-2 border-b border-line py-1.5">
      <span className="min-w-0 flex-1 break-words">
        {children}
        <span className={isSettled ? 'text-muted line-through' : ''}>{remark.says}</span>
        <span className="block text-xs text-muted">
          {remark.by}, {format(remark.at, 'd MMM, HH:mm')}
          {isSettled && ` · settled by ${remark.settledBy ?? ''}`}
        </span>
      </span>
      <May right="remark">
        <Button tone="quiet" onClick={() => settle.mutate({ id: remark.id, settled: !isSettled })}>
          {isSettled ? 'Open again' : 'Settle'}
        </Button>
      </May>
    </li>
  )
}

/** The remarks that are open, on whatever item. */
export function RemarksPage() {
  const remarks = useRemarks(null)
  if (remarks.isPending) return <Waiting what="the remarks" />
  if (remarks.isError) return <Problem error={remarks.error} again={() => void remarks.refetch()} />
  return (
    <>
      <Head title="Remarks" about={counted(remarks.data.length, 'is open', 'are open')}>
        <Link to="/bank" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge">
          Back to the bank
        </Link>
      </Head>
      {remarks.data.length === 0 ? (
        <Empty title="No remark is open">What somebody says of an item stands here until it is settled.</Empty>
      ) : (
        <ul className="min-h-0 max-w-3xl flex-1 overflow-y-auto px-3 py-3 sm:px-[18px]">
          {remarks.data.map((remark) => (
            <RemarkLine key={remark.id} remark={remark}>
              <Link to={`/bank/${remark.itemId}`} className="block font-text text-[15px] underline">
                {remark.stem}
              </Link>
            </RemarkLine>
          ))}
        </ul>
      )}
    </>
  )
}
