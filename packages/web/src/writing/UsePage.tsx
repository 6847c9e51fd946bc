import { format } from 'date-fns'
import { Link } from 'react-router'
import { Head } from '../parts/Head'
import { useSession } from '../people/session'
import { Empty, Problem, Waiting } from '../parts/Empty'
import { May } from '../people/May'
import { useUse, useWriting, type ReplySummary } from './queries'
import { ServiceForm } from './ServiceForm'
import { UnitsChart } from './UnitsChart'
import { UseOfUnits } from './UseOfUnits'
import { PURPOSE_WORDS, STATE_WORDS } from './words'
import { WhoMay } from './WhoMay'

/** Writing help of a workspace: the service, who may use it, and the book of what was used. */
export function UsePage() {
  const writing = useWriting()
  const use = useUse()
  const isOwner = useSession().data?.rights.includes('people') ?? false
  if (writing.isPending || use.isPending) return <Waiting what="the usage book" />
  const problem = writing.error ?? use.error
  if (problem || !writing.data || !use.data) return <Problem error={problem ?? new Error('It could not be loaded.')} />
  const { service } = writing.data
  const { entries, isMore } = use.data
  return (
    <>
      <Head title="Writing help" about={service ? service.name : 'none is set up; nothing is sent'}>
        {entries.length > 0 && (
          <a
            href="/api/writing/use/file"
            download
            className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge"
          >
            The book as CSV
          </a>
        )}
        <Link to="/workspace" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge">
          The workspace
        </Link>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto px-3 py-5 sm:px-[18px]">
        <div className="grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-8 xl:grid-cols-[minmax(0,1fr)_360px]">
          <div className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-6">
            {service && (
              <section aria-label="Your units">
                <h2 className="mb-1 text-xs font-semibold text-muted">Your units</h2>
                <UseOfUnits writing={writing.data} />
                <p className="text-xs text-muted">
                  A unit is about four letters of what is sent and of what comes back; the service counts them.
                </p>
              </section>
            )}
            {entries.length > 0 ? (
              <>
                <UnitsChart entries={entries} />
                <Book entries={entries} isEverybody={isOwner} />
                {isMore && <p className="text-muted">Older entries are in the file.</p>}
              </>
            ) : (
              <Empty title="Nothing was asked for yet">
                <Link to="/drafts/request" className="underline">
                  Have questions drafted from a reading
                </Link>
              </Empty>
            )}
          </div>
          <div className="grid content-start gap-8">
            <May right="people" to="set the service, and who may use it,">
              <ServiceForm writing={writing.data} key={service?.url ?? 'none'} />
              {service && <WhoMay service={service} />}
            </May>
          </div>
        </div>
      </div>
    </>
  )
}

function Book({ entries, isEverybody }: { readonly entries: readonly ReplySummary[]; readonly isEverybody: boolean }) {
  return (
    <section aria-label="Usage book">
      <h2 className="mb-1 text-xs font-semibold text-muted">
        {isEverybody ? 'What was asked for, by everybody' : 'What you asked for'}
      </h2>
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Usage book, a table">
        <table className="w-full min-w-[640px] border-collapse text-left">
          <thead>
            <tr className="border-b border-ink text-xs">
              {['When', 'Who', 'What', 'Sent to', 'Reply', 'Units', 'Cost'].map((name) => (
                <th
                  key={name}
                  scope="col"
                  className={`py-1 pr-3 font-semibold ${name === 'Units' || name === 'Cost' ? 'text-right' : ''}`}
                >
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {entries.map((one) => (
              <tr key={one.id} className="border-b border-line align-baseline">
                <td className="py-1 pr-3 whitespace-nowrap tabular-nums">{format(one.at, 'd MMM, HH:mm')}</td>
                <td className="pr-3 whitespace-nowrap">{one.by}</td>
                <td className="pr-3">
                  {one.draftId ? (
                    <Link to={`/drafts/${one.draftId}`} className="underline">
                      {one.what}
                    </Link>
                  ) : (
                    one.what
                  )}
                  <span className="sr-only"> ({PURPOSE_WORDS[one.purpose]})</span>
                </td>
                <td className="pr-3 text-muted">{one.sentTo}</td>
                <td
                  className={`pr-3 ${one.state === 'failed' ? 'text-beet' : 'text-muted'}`}
                  title={one.why ?? undefined}
                >
                  {STATE_WORDS[one.state]}
                </td>
                <td className="pr-3 text-right tabular-nums">{one.units.toLocaleString('en')}</td>
                <td className="pr-3 text-right whitespace-nowrap tabular-nums">
                  {one.cost > 0 ? `${one.cost.toFixed(2)} ${one.currency}` : '–'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
