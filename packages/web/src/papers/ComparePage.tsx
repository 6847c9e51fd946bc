import { useQueries } from '@tanstack/react-query'
import { keyText, plainText, withOptionOrder } from '@zakuska/core'
import { Link, useParams } from 'react-router'
import { Head } from '../parts/Head'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { pointsText } from '../parts/item-words'
import { KeyGlyph } from '../parts/KeyGlyph'
import { paperQuery, usePaper, useVersions, type Paper } from './queries'

/** The versions of a paper side by side, place by place, each with its key. */
export function ComparePage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  const versions = useVersions(id, paper.data?.version ?? 0)
  const ids = versions.data?.papers.filter((one) => one.label !== null).map((one) => one.id) ?? []
  const loaded = useQueries({ queries: ids.map((one) => paperQuery(one)) })
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  if (paper.isPending || versions.isPending || loaded.some((one) => one.isPending))
    return <Waiting what="the versions" />
  const papers = loaded.flatMap((one) => (one.data ? [one.data] : []))
  const length = Math.max(0, ...papers.map((one) => one.entries.length))
  return (
    <>
      <Head title={`Versions of ${paper.data.title}`} about="place by place; the key of each stands under it">
        <Link to={`/papers/${id}`} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
          Back to the paper
        </Link>
      </Head>
      {papers.length === 0 ? (
        <Empty title="Nothing is drawn yet">
          <Link to={`/papers/${id}`} className="underline">
            Draw versions on the paper
          </Link>
        </Empty>
      ) : (
        <div className="min-h-0 flex-1 overflow-auto">
          <table className="w-full table-fixed border-collapse" style={{ minWidth: papers.length * 260 + 40 }}>
            <thead className="sticky top-0 bg-paper">
              <tr className="border-b border-ink text-left">
                <th className="w-10 py-2" />
                {papers.map((one) => (
                  <th key={one.id} scope="col" className="px-3 py-2 font-semibold">
                    <Link to={`/papers/${one.id}`} className="underline">
                      Version {one.label}
                    </Link>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {Array.from({ length }, (_none, place) => (
                <tr key={place} className="border-b border-line align-top">
                  <th scope="row" className="py-2 text-right font-text text-muted">
                    {place + 1}
                  </th>
                  {papers.map((one) => (
                    <Cell key={one.id} paper={one} place={place} />
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  )
}

function Cell({ paper, place }: { readonly paper: Paper; readonly place: number }) {
  const [entry, item] = [paper.entries[place], paper.items[place]]
  if (!entry || !item) return <td className="px-3 py-2 text-muted">–</td>
  const body = withOptionOrder(item.body, entry.optionOrder)
  return (
    <td className="px-3 py-2">
      <p className="font-text text-[14.5px] leading-snug" dir="auto">
        {plainText(body.stem)}
      </p>
      <p className="mt-1 flex items-center gap-1.5 text-xs text-muted">
        <KeyGlyph /> {keyText(body) || 'not graded by a key'} · {pointsText(entry.points)}
      </p>
    </td>
  )
}
