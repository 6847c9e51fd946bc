import { useId, useRef, type ReactNode } from 'react'
import { useTell } from '../notices'
import { download } from './picture'

/** A chart with its name, the same figures as a table, and pictures of it to take along. */
export function Chart({
  name,
  says,
  children,
  table,
}: {
  readonly name: string
  /** What it shows, in one sentence. */
  readonly says: string
  readonly children: ReactNode
  readonly table: ReactNode
}) {
  const figure = useRef<HTMLElement>(null)
  const id = useId()
  const tell = useTell()
  const take = async (as: 'svg' | 'png'): Promise<void> => {
    const drawing = figure.current?.querySelector('svg')
    if (!drawing) return
    try {
      await download(drawing, name, as)
    } catch {
      tell('The picture could not be made.', { tone: 'trouble' })
    }
  }
  return (
    <figure ref={figure} aria-labelledby={id} className="break-inside-avoid">
      <figcaption>
        <h2 id={id} className="text-[15px] font-semibold">
          {name}
        </h2>
        <p className="text-xs text-muted">{says}</p>
      </figcaption>
      <div className="overflow-x-auto pt-1" tabIndex={0} role="group" aria-label={`${name}, drawn`}>
        {children}
      </div>
      <div className="flex flex-wrap items-baseline gap-x-4 pt-1 text-xs print:hidden">
        <details>
          <summary className="text-muted underline">As a table</summary>
          <div className="max-h-80 overflow-auto pt-1" tabIndex={0} role="group" aria-label={`${name}, as a table`}>
            {table}
          </div>
        </details>
        <button type="button" className="text-muted underline" onClick={() => void take('svg')}>
          SVG
        </button>
        <button type="button" className="text-muted underline" onClick={() => void take('png')}>
          PNG
        </button>
      </div>
    </figure>
  )
}

/** Rows of a table beside a chart, the first column a heading of its row. */
export function Figures({
  head,
  rows,
}: {
  readonly head: readonly string[]
  readonly rows: readonly (readonly (string | number)[])[]
}) {
  return (
    <table className="border-collapse text-left">
      <thead>
        <tr className="border-b border-ink">
          {head.map((name) => (
            <th key={name} scope="col" className="py-0.5 pr-4 font-semibold">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([first, ...rest], at) => (
          <tr key={at} className="border-b border-line">
            <th scope="row" className="py-0.5 pr-4 font-normal">
              {first}
            </th>
            {rest.map((cell, place) => (
              <td key={place} className="pr-4 tabular-nums">
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
