import { isFormatId } from '@zakuska/core'
import { counted } from '../../parts/item-words'
import { usePaper } from '../../papers/queries'
import { rowsOf } from '../fit-rows'
import { type DownloadQuery, type FileProof, useFileProofs } from '../queries'
import { FILES, goingText } from './files'

/** Further papers in the same zip, each in a folder of its own; what of them goes along is said beside them. */
export function MorePapers({
  papers,
  more,
  setMore,
  asked,
}: {
  readonly papers: readonly { readonly id: string; readonly title: string }[]
  readonly more: readonly string[]
  readonly setMore: (ids: readonly string[]) => void
  readonly asked: DownloadQuery
}) {
  return (
    <details className="mt-3" open={more.length > 0}>
      <summary className="cursor-pointer">Other papers in the same zip{more.length > 0 && `: ${more.length}`}</summary>
      <ul className="max-h-48 overflow-y-auto pt-1">
        {papers.map(({ id, title }) => (
          <li key={id} className="border-t border-line py-1">
            <label>
              <input
                type="checkbox"
                className="mr-1.5 accent-ink"
                checked={more.includes(id)}
                onChange={(event) =>
                  setMore(
                    papers.flatMap((one) =>
                      (one.id === id ? event.target.checked : more.includes(one.id)) ? one.id : [],
                    ),
                  )
                }
              />
              {title}
            </label>
            {more.includes(id) && <MoreProof id={id} asked={asked} />}
          </li>
        ))}
      </ul>
    </details>
  )
}

/** What of a further paper goes along, file by file, and how its keys fare. */
function MoreProof({ id, asked }: { readonly id: string; readonly asked: DownloadQuery }) {
  const paper = usePaper(id)
  const proofs = useFileProofs({ id, version: paper.data?.version ?? 0 }, asked)
  if (!paper.data) return <span className="block pl-5 text-xs text-muted">Looking at it …</span>
  const rows = rowsOf(paper.data, {}).filter((row) => asked.unsigned === 'true' || row.signed)
  const files = FILES.filter(({ target }) => asked.formats.split(',').includes(target))
  return (
    <>
      {files.map(({ target, name, destination }) => (
        <span key={target} className="block pl-5 text-xs text-muted">
          {name}: {goingText(rows, destination)}
          {isFormatId(target) && (
            <ProofText
              proof={proofs.data?.find(({ format }) => format === target)}
              pending={proofs.isFetching}
              failed={proofs.isError}
            />
          )}
        </span>
      ))}
    </>
  )
}

/** Whether every key and every other probe is graded in the file as it is here. */
export function ProofText({
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
