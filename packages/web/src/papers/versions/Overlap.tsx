import { Link } from 'react-router'
import { counted } from '../../parts/item-words'

export function Overlap({
  papers,
  overlap,
  seed,
  paperId,
}: {
  readonly papers: readonly {
    readonly id: string
    readonly title: string
    readonly label: string | null
    readonly itemCount: number
  }[]
  readonly seed: number | null
  readonly overlap: readonly (readonly number[])[]
  readonly paperId: string
}) {
  const versions = papers.filter((one) => one.label !== null)
  return (
    <section aria-label="Versions" className="grid gap-2">
      <h2 className="text-[15px] font-semibold">Versions</h2>
      <ul className="grid gap-1">
        {versions.map((one) => (
          <li key={one.id} className="flex items-baseline gap-2">
            <Link to={`/papers/${one.id}`} className="font-semibold underline">
              Version {one.label}
            </Link>
            <span className="text-xs text-muted">{counted(one.itemCount, 'item', 'items')}</span>
          </li>
        ))}
      </ul>
      {seed !== null && (
        <p className="text-xs text-muted">Drawn with seed {seed}: the same seed draws the same from the same bank.</p>
      )}
      <p>
        <Link to={`/papers/${paperId}/compare`} className="underline">
          Compare them side by side
        </Link>
      </p>
      <div className="relative overflow-x-auto">
        <table className="text-right tabular-nums">
          <caption className="pb-1 text-left text-xs text-muted">Items that two papers share</caption>
          <thead>
            <tr className="text-xs text-muted">
              <td />
              {papers.map((one) => (
                <th key={one.id} scope="col" className="max-w-24 px-2 align-bottom font-semibold">
                  {one.label ?? one.title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {papers.map((one, row) => (
              <tr key={one.id} className="border-t border-line">
                <th scope="row" className="max-w-36 py-1 pr-2 text-left text-xs font-semibold text-muted">
                  {one.label ?? one.title}
                </th>
                {papers.map((other, column) => (
                  <td
                    key={other.id}
                    className={`px-2 ${row === column ? 'text-muted' : (overlap[row]?.[column] ?? 0) > 0 ? 'font-semibold text-mustard-ink' : ''}`}
                  >
                    {overlap[row]?.[column] ?? 0}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
