import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { usePaper } from '../papers/queries'
import { Fault } from '../parts/fields'
import { May } from '../people/May'
import { useSittingChanges } from './queries'

const MODES = [
  ['test', 'A test', 'Answered and handed in; points and feedback are told when you say.'],
  ['practice', 'Practice', 'Each answer can be checked, with hints one by one, and tried again.'],
] as const

/** Opens a paper on this server’s own pages: for a class that has no form, course site or game. */
export function HandHerePage() {
  const { id = '' } = useParams()
  const paper = usePaper(id)
  const { openHere } = useSittingChanges()
  const navigate = useNavigate()
  const [mode, setMode] = useState<'test' | 'practice'>('test')
  const [include, setInclude] = useState(false)
  const [sittingId] = useState(() => crypto.randomUUID())
  if (paper.isPending) return <Waiting what="the paper" />
  if (paper.isError) return <Problem error={paper.error} again={() => void paper.refetch()} />
  const { items, title } = paper.data
  const unsigned = items.filter(({ signOff }) => signOff === null).length
  const going = include ? items.length : items.length - unsigned
  return (
    <>
      <Head title="Hand out here" about={title} />
      <form
        className="grid min-h-0 flex-1 content-start gap-4 overflow-y-auto px-3 py-4 sm:px-[18px]"
        onSubmit={(event) => {
          event.preventDefault()
          openHere.mutate(
            { id: sittingId, paperId: id, mode, includeUnsigned: include },
            { onSuccess: (sitting) => void navigate(`/results/${sitting.id}/taking`) },
          )
        }}
      >
        <p className="max-w-xl">
          The class takes it on a page of this server: by a link, a code to point a phone at, or a code to type. Nobody
          signs in. Who may take it, when and how often is set on the next page, and can be changed at any time.
        </p>
        <fieldset>
          <legend className="text-xs font-semibold text-muted">As</legend>
          {MODES.map(([name, label, says], at) => (
            <label key={name} className="flex items-baseline gap-2 py-0.5">
              <input
                type="radio"
                name="mode"
                autoFocus={at === 0}
                className="accent-ink"
                checked={mode === name}
                onChange={() => setMode(name)}
              />
              <span>
                <b>{label}</b> <span className="text-muted">{says}</span>
              </span>
            </label>
          ))}
        </fieldset>
        {unsigned > 0 && (
          <label>
            <input
              type="checkbox"
              className="mr-1.5 accent-ink"
              checked={include}
              onChange={(event) => setInclude(event.target.checked)}
            />
            Take {counted(unsigned, 'item', 'items')} along that nobody has signed off
          </label>
        )}
        <Fault error={openHere.error} />
        <div className="flex gap-2">
          <May right="dispatch" to="hand it out">
            <Button tone="lead" type="submit" disabled={!going || openHere.isPending}>
              {openHere.isPending ? 'Opening …' : `Open it with ${counted(going, 'item', 'items')}`}
            </Button>
          </May>
          <Link to={`/papers/${id}`} className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
            Back to the paper
          </Link>
        </div>
      </form>
    </>
  )
}
