import { Link } from 'react-router'
import { Empty } from '../parts/Empty'
import type { Paper } from '../papers/queries'
import type { Accepted, Row } from './fit-rows'
import { ComparedWith, FitTable } from './FitTable'

/** Compared with besides where it goes, until somebody chooses. */
export const SHOWN_FIRST = ['qti21', 'gift', 'form']

export function Fit({
  rows,
  shown,
  show,
  paper,
  accepted,
  setAccepted,
}: {
  readonly rows: readonly Row[]
  readonly shown: readonly string[]
  readonly show: (id: string, on: boolean) => void
  readonly paper: Paper
  readonly accepted: Accepted
  readonly setAccepted: (next: Accepted) => void
}) {
  return (
    <section
      aria-label="Fit"
      className="order-2 min-w-0 overflow-x-auto px-2 py-1 lg:order-1 lg:overflow-y-auto"
      tabIndex={0}
    >
      {rows.length ? (
        <>
          <ComparedWith shown={shown} show={show} />
          <FitTable paper={paper} rows={rows} shown={shown} accepted={accepted} accept={setAccepted} />
        </>
      ) : (
        <Empty title="This paper has no items yet">
          <Link className="underline" to={`/papers/${paper.id}`}>
            Add items to it
          </Link>
        </Empty>
      )}
    </section>
  )
}
