import { DESTINATIONS, isFormatId, isService, type Destination } from '@zakuska/core'
import { useState } from 'react'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import type { Paper } from '../papers/queries'
import { remedyList, type Accepted, type Row } from './fit-rows'
import { useColumnLayouts, useFileProofs, type FileProof } from './queries'
import { UnsignedQuestion } from './UnsignedQuestion'

export interface AskProps {
  readonly paper: Paper
  readonly rows: readonly Row[]
  readonly unsigned: number
  readonly accepted: Accepted
  readonly open: boolean
  readonly close: () => void
}

const FILES = DESTINATIONS.filter((destination) => destination.file !== null && !isService(destination.id))

/** The paper as files; each is written, read back and proven before it is downloaded. */
export function DownloadDialog({ paper, rows, unsigned, accepted, open, close }: AskProps) {
  const [include, setInclude] = useState(false)
  const [chosen, setChosen] = useState<readonly string[]>([])
  const layouts = useColumnLayouts()
  const [layout, setLayout] = useState('')
  const hasTable = chosen.includes('csv') || chosen.includes('xlsx')
  const tell = useTell()
  const going = rows.filter((row) => include || row.signed)
  const asked = {
    formats: chosen.join(','),
    unsigned: include ? ('true' as const) : ('false' as const),
    remedies: remedyList(accepted, (destination) => chosen.includes(destination)),
    ...(hasTable && layout && { layout }),
  }
  const query = new URLSearchParams(asked)
  const proofs = useFileProofs(paper, asked)
  const toggle = (id: string, on: boolean): void =>
    setChosen(FILES.map((one) => one.id as string).filter((one) => (one === id ? on : chosen.includes(one))))
  return (
    <Dialog open={open} close={close} title={`Download “${paper.title}”`} wide>
      <UnsignedQuestion unsigned={unsigned} include={include} set={setInclude} />
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <fieldset>
          <legend className="text-xs font-semibold text-muted">Files; several come as one zip</legend>
          {FILES.map((destination) => (
            <label key={destination.id} className="flex items-baseline gap-2 border-t border-line py-1">
              <input
                type="checkbox"
                checked={chosen.includes(destination.id)}
                onChange={(event) => toggle(destination.id, event.target.checked)}
                className="accent-ink"
              />
              <span>
                <b>{destination.name}</b> <span className="text-muted">{destination.what}</span>
                <span className="block text-xs text-muted">{goingText(going, destination)}</span>
                {chosen.includes(destination.id) && isFormatId(destination.id) && (
                  <ProofText
                    proof={proofs.data?.find((one) => one.format === destination.id)}
                    pending={proofs.isFetching}
                    failed={proofs.isError}
                  />
                )}
              </span>
            </label>
          ))}
        </fieldset>
        <LoadingSteps />
      </div>
      {hasTable && Boolean(layouts.data?.length) && (
        <label className="mt-3 block">
          Columns of the table{' '}
          <select
            value={layout}
            onChange={(event) => setLayout(event.target.value)}
            className="rounded-[3px] border border-edge bg-sheet px-2 py-0.5"
          >
            <option value="">as Zakuska lays them out</option>
            {layouts.data?.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <div className="mt-4 flex gap-2">
        {chosen.length ? (
          <a
            className="rounded-[3px] border border-mustard bg-mustard px-3 py-1 font-semibold text-on-mustard"
            href={`/api/papers/${paper.id}/file?${query.toString()}`}
            download
            onClick={() => tell(`${counted(chosen.length, 'file is', 'files are')} on the way to your downloads.`)}
          >
            Download {counted(chosen.length, 'file', 'files')}
          </a>
        ) : (
          <Button tone="lead" disabled>
            Choose a file
          </Button>
        )}
        <Button onClick={close}>Close</Button>
      </div>
    </Dialog>
  )
}

/** Whether every key and every other probe is graded in the file as it is here. */
function ProofText({
  proof,
  pending,
  failed,
}: {
  readonly proof: FileProof | undefined
  readonly pending: boolean
  readonly failed: boolean
}) {
  // A proof of what was chosen before says nothing of what is chosen now.
  if (pending) return <span className="block text-xs text-muted">Proving the keys …</span>
  if (failed)
    return (
      <span role="alert" className="block text-xs text-beet">
        ◆ The keys could not be proven. Close this and try again.
      </span>
    )
  if (!proof?.sent) return null
  const told = proof.announced ? `, ${proof.announced} graded otherwise, as the fit says` : ''
  if (proof.wrong.length)
    return (
      <span role="alert" className="block text-xs text-beet">
        ◆ Not as here: {proof.wrong.map((stem) => `“${stem}”`).join(', ')}
      </span>
    )
  return (
    <span className="block text-xs text-dill">
      ✓ Keys proven: {counted(proof.sent, 'item', 'items')}, {proof.agreeing} of {proof.probes} probes graded as here
      {told}
    </span>
  )
}

function goingText(rows: readonly Row[], destination: Destination): string {
  const columns = rows.flatMap((row) => row.columns.filter((one) => one.destination === destination))
  const cannot = columns.filter((one) => one.fit.verdict === 'cannot').length
  const changed = columns.filter((one) => one.fit.verdict === 'changes').length
  const count = columns.reduce((sum, one) => sum + (one.fit.verdict === 'cannot' ? 0 : one.becomes), 0)
  return [
    counted(count, 'item', 'items'),
    ...(changed ? [`${changed} with changes`] : []),
    ...(cannot ? [`${cannot} left out`] : []),
  ].join(', ')
}

const STEPS = [
  [
    'A course site',
    'Open the item bank or the question list of your course, look for “import”, and choose the format by its name: QTI 2.1 or 1.2 where the site offers it, else GIFT. Give it the file as it is, zip and all.',
  ],
  [
    'An online form',
    'Forms mostly take a table. Load the XLSX or CSV through the form’s own import or an add-on for it, and say which column is which: the headers name them.',
  ],
  [
    'A live game',
    'Games mostly take a table of their own. Open the game’s empty template, and copy the columns over from the XLSX: question, options, key, time limit.',
  ],
] as const

function LoadingSteps() {
  return (
    <section aria-label="How to load a file">
      <h3 className="font-ui text-xs font-semibold text-muted">How to load a file</h3>
      <dl className="grid gap-2 pt-1">
        {STEPS.map(([where, how]) => (
          <div key={where}>
            <dt className="font-semibold">{where}</dt>
            <dd className="text-muted">{how}</dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
