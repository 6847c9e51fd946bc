import { Fragment, type ReactNode } from 'react'

export interface ItemColumn {
  readonly name: string
  /** A width in the words of Tailwind, `w-24`. */
  readonly width?: string
  /** Figures stand one below the other at the right. */
  readonly figures?: boolean
  /** Left out where the page is narrow. */
  readonly wideOnly?: boolean
  /** What the figure is, in the words of the trade. */
  readonly title?: string
}

/** One item of a table: its number, what is asked, a cell for each column, and what is opened below it. */
export interface ItemLine {
  readonly key: string | number
  /** From 1. */
  readonly number: number
  readonly item: ReactNode
  readonly cells: readonly ReactNode[]
  readonly below?: ReactNode
}

/** Items one below the other, as results and proofs list them. */
export function ItemTable({
  columns,
  lines,
  className = '',
}: {
  readonly columns: readonly ItemColumn[]
  readonly lines: readonly ItemLine[]
  readonly className?: string
}) {
  return (
    <table className={`w-full border-collapse ${className}`}>
      <thead>
        <tr className="border-b border-ink text-left align-bottom text-xs">
          <th className="w-9 py-1.5">
            <span className="sr-only">Number</span>
          </th>
          <th className="py-1.5 font-semibold">Item</th>
          {columns.map((column) => (
            <th
              key={column.name}
              title={column.title}
              className={`py-1.5 pl-3 font-semibold ${column.width ?? ''} ${looksOf(column)}`}
            >
              {column.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {lines.map(({ key, number, item, cells, below }) => (
          <Fragment key={key}>
            <tr className={`border-b border-line align-top ${below ? 'bg-here' : ''}`}>
              <td className="py-1.5 pr-3 text-right font-text text-muted">{number}</td>
              <td className="py-1.5 font-text text-[15px] leading-snug">{item}</td>
              {columns.map((column, at) => (
                <td key={column.name} className={`py-1.5 pl-3 ${looksOf(column)}`}>
                  {cells[at]}
                </td>
              ))}
            </tr>
            {below && (
              <tr className="border-b border-line bg-here">
                <td />
                <td colSpan={columns.length + 1} className="pb-4">
                  {below}
                </td>
              </tr>
            )}
          </Fragment>
        ))}
      </tbody>
    </table>
  )
}

function looksOf({ figures, wideOnly }: ItemColumn): string {
  return `${figures ? 'text-right tabular-nums' : ''} ${wideOnly ? 'hidden sm:table-cell' : ''}`
}
