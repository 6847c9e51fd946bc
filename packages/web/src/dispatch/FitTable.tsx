import {
  DESTINATIONS,
  fitPaper,
  KIND_NAMES,
  plainText,
  planOf,
  remedied,
  REMEDIES,
  type Destination,
  type Item,
  type RemedyId,
} from '@zakuska/core'
import { Fragment, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '../parts/Button'
import { counted } from '../parts/item-words'
import { ItemView } from '../parts/ItemView'
import type { Paper } from '../papers/queries'
import { toward, type Accepted, type Column, type Row } from './fit-rows'

export function ComparedWith({
  shown,
  show,
}: {
  readonly shown: readonly string[]
  readonly show: (id: string, on: boolean) => void
}) {
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1 px-1 pt-2 pb-1">
      <legend className="sr-only">Compared with</legend>
      <span className="text-muted">Compared with</span>
      {DESTINATIONS.map((destination) => (
        <label key={destination.id}>
          <input
            type="checkbox"
            checked={shown.includes(destination.id)}
            onChange={(event) => show(destination.id, event.target.checked)}
            className="mr-1 accent-ink"
          />
          {destination.name}
        </label>
      ))}
    </fieldset>
  )
}

interface FitTableProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly shown: readonly string[]
  readonly accepted: Accepted
  readonly accept: (accepted: Accepted) => void
}

/** Items down, destinations across: as is, with changes, or not at all, each with what can be done about it. */
export function FitTable({ paper, rows, shown, accepted, accept }: FitTableProps) {
  const [open, setOpen] = useState<string | null>(null)
  const columns = DESTINATIONS.filter((destination) => shown.includes(destination.id))
  return (
    <table className="w-full border-collapse" style={{ minWidth: `${280 + columns.length * 108}px` }}>
      <thead>
        <tr className="border-b border-ink text-left align-bottom">
          <th className="w-10 py-2">
            <span className="sr-only">Number</span>
          </th>
          <th className="py-2 font-semibold">Item</th>
          {columns.map((destination) => (
            <th key={destination.id} className="w-32 py-2 pr-2 font-semibold">
              {destination.name}
              <span className="block text-[11px] font-normal text-muted">{destination.what}</span>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <PaperFit paper={paper} columns={columns} />
        {rows.map((row, index) => {
          const own = row.columns.filter((column) => shown.includes(column.destination.id))
          const opened = own.find((column) => open === `${row.id}:${column.destination.id}`)
          return (
            <Fragment key={row.id}>
              <tr className={`border-b border-line align-top ${opened ? 'bg-here' : ''}`}>
                <td className="py-2 pr-3 text-right font-text font-semibold text-muted">{index + 1}</td>
                <td className="py-2 pr-3">
                  <Link to={`/bank/${row.id}`} className="font-text text-[15.5px] leading-snug hover:underline">
                    {plainText(row.body.stem)}
                  </Link>
                  <span className="block text-xs text-muted">
                    {KIND_NAMES[row.body.kind]} · {row.body.points}
                    {!row.signed && <span className="text-beet"> · not signed off</span>}
                  </span>
                </td>
                {own.map((column) => {
                  const id = `${row.id}:${column.destination.id}`
                  return (
                    <td key={id} className="py-2 pr-2">
                      <FitCell column={column} open={open === id} toggle={() => setOpen(open === id ? null : id)} />
                    </td>
                  )
                })}
              </tr>
              {opened && (
                <OpenFit row={row} column={opened} rows={rows} span={own.length} accepted={accepted} accept={accept} />
              )}
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}

/** What of the paper itself does not arrive: its sections, instructions, time and the like. */
function PaperFit({ paper, columns }: { readonly paper: Paper; readonly columns: readonly Destination[] }) {
  const [open, setOpen] = useState<string | null>(null)
  const plan = planOf(paper, paper.entries)
  const about = [
    paper.sections.length ? counted(paper.sections.length, 'section', 'sections') : '',
    plan.instructions.trim() ? 'instructions' : '',
    paper.identity.join(', '),
    paper.timeLimit === null ? '' : counted(paper.timeLimit, 'minute', 'minutes'),
    paper.attempts === null ? '' : counted(paper.attempts, 'attempt', 'attempts'),
    paper.shuffleItems ? 'items mixed' : '',
  ]
  const opened = columns.find((destination) => destination.id === open)
  const losses = opened ? fitPaper(plan, opened.paper) : []
  return (
    <>
      <tr className={`border-b border-line align-top ${opened ? 'bg-here' : ''}`}>
        <td />
        <td className="py-2 pr-3">
          The paper itself
          <span className="block text-xs text-muted">{about.filter(Boolean).join(' · ') || 'its items in order'}</span>
        </td>
        {columns.map((destination) => {
          const count = fitPaper(plan, destination.paper).length
          return (
            <td key={destination.id} className="py-2 pr-2">
              {count === 0 ? (
                <AsIs />
              ) : (
                <button
                  type="button"
                  aria-expanded={open === destination.id}
                  aria-label={`The paper itself, ${destination.name}: changes`}
                  onClick={() => setOpen(open === destination.id ? null : destination.id)}
                  className="text-left text-mustard-ink underline decoration-dotted underline-offset-2"
                >
                  <span aria-hidden="true">◐ </span>
                  {counted(count, 'change', 'changes')}
                </button>
              )}
            </td>
          )
        })}
      </tr>
      {opened && (
        <tr className="border-b border-line bg-here">
          <td />
          <td colSpan={1 + columns.length} className="pb-3">
            <p className="text-muted">What {opened.name} does not take over from the paper:</p>
            <ul className="grid gap-1 pt-1">
              {losses.map((loss) => (
                <li key={loss.feature}>– {loss.says}.</li>
              ))}
            </ul>
          </td>
        </tr>
      )}
    </>
  )
}

function AsIs() {
  return (
    <span className="text-muted">
      <span aria-hidden="true">· </span>as is
    </span>
  )
}

function FitCell({
  column: { destination, fit, taken, becomes },
  open,
  toggle,
}: {
  readonly column: Column
  readonly open: boolean
  readonly toggle: () => void
}) {
  if (fit.verdict === 'as-is' && !taken.length) return <AsIs />
  const cannot = fit.verdict === 'cannot'
  const tone = cannot
    ? 'font-semibold text-beet'
    : taken.length && fit.verdict === 'as-is'
      ? 'text-dill'
      : 'text-mustard-ink'
  return (
    <button
      type="button"
      aria-expanded={open}
      aria-label={`${destination.name}: ${fit.verdict === 'as-is' ? 'fits with a remedy' : cannot ? 'cannot' : 'changes'}`}
      onClick={toggle}
      className={`text-left ${tone} underline decoration-dotted underline-offset-2`}
    >
      <span aria-hidden="true">{cannot ? '◆ ' : fit.verdict === 'as-is' ? '✓ ' : '◐ '}</span>
      {cannot ? (
        'cannot'
      ) : fit.verdict === 'as-is' ? (
        'fits'
      ) : fit.reasons.length === 1 ? (
        <span className="text-xs">{fit.reasons[0]?.says}</span>
      ) : (
        counted(fit.reasons.length, 'change', 'changes')
      )}
      {taken.length > 0 && (
        <span className="block text-xs font-normal">{becomes > 1 ? `as ${becomes} items` : 'with a remedy'}</span>
      )}
    </button>
  )
}

interface OpenFitProps {
  readonly row: Row
  readonly column: Column
  readonly rows: readonly Row[]
  readonly span: number
  readonly accepted: Accepted
  readonly accept: (accepted: Accepted) => void
}

/** The items that it becomes, as their texts and keys go out. */
function AsItArrives({ parts }: { readonly parts: readonly Item[] }) {
  return (
    <details className="max-w-2xl pt-1">
      <summary className="cursor-pointer text-muted">As it arrives</summary>
      {parts.map((part, at) => (
        <div key={at} className="mt-1 border border-line bg-sheet px-3 py-2">
          <ItemView item={part} small />
        </div>
      ))}
    </details>
  )
}

function OpenFit({ row, column, rows, span, accepted, accept }: OpenFitProps) {
  const { destination, fit, taken } = column
  const name = (id: string): string => `${destination.id}:${id}`
  const take = (remedy: RemedyId, ids: readonly string[]): void =>
    accept({
      ...accepted,
      ...Object.fromEntries(ids.map((id) => [name(id), [...(accepted[name(id)] ?? []), remedy]])),
    })
  const alike = (remedy: RemedyId): string[] =>
    rows.flatMap((one) => {
      const there = one.columns.find((other) => other.destination === destination)
      const asks = there?.fit.reasons.some((reason) => reason.remedy === remedy || reason.orRemedy === remedy)
      return asks && REMEDIES[remedy].suits(one.body) ? [one.id] : []
    })
  return (
    <tr className="border-b border-line bg-here">
      <td />
      <td colSpan={1 + span} className="pb-3">
        <p className="text-muted">For {destination.name} only; the bank stays as it is.</p>
        <ul className="grid gap-1 pt-1">
          {fit.reasons.map((reason) => {
            const offered = [reason.remedy, reason.orRemedy].flatMap((one) =>
              one !== undefined && REMEDIES[one].suits(row.body) ? [{ remedy: one, others: alike(one) }] : [],
            )
            return (
              <li key={reason.feature} className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
                <span>– {reason.says}.</span>
                {offered.map(({ remedy, others }) => (
                  <Fragment key={remedy}>
                    <Button className="!py-0" onClick={() => take(remedy, [row.id])}>
                      {REMEDIES[remedy].label}
                    </Button>
                    {others.length > 1 && (
                      <Button tone="quiet" className="!py-0" onClick={() => take(remedy, others)}>
                        the same for all {others.length}
                      </Button>
                    )}
                  </Fragment>
                ))}
                {reason.feature === 'no-key' && (
                  <Link to={`/bank/${row.id}`} className="underline">
                    Give it a key
                  </Link>
                )}
              </li>
            )
          })}
        </ul>
        {fit.verdict !== 'cannot' && <AsItArrives parts={remedied(row.body, taken, toward(destination))} />}
        {taken.length > 0 && (
          <p className="flex flex-wrap items-baseline gap-3 pt-1">
            <span>
              Accepted: {taken.map((id) => REMEDIES[id].label.toLowerCase()).join(', ')}
              {column.becomes > 1 && `; it becomes ${column.becomes} items`}.
            </span>
            <Button tone="quiet" className="!py-0" onClick={() => accept({ ...accepted, [name(row.id)]: [] })}>
              Take back
            </Button>
          </p>
        )}
      </td>
    </tr>
  )
}
