import { CHECKS, plainText, readability, readText } from '@zakuska/core'
import { useState, lazy, Suspense } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Button } from '../parts/Button'
import { useWriting, type Writing } from '../writing/queries'
import { May, useMay } from '../people/May'
import { useTell } from '../parts/notices'
import { MIN_WORDS, readingText } from '../parts/reading-words'
import { FIELD } from './form/field'
import { BesideDialog } from './BesideDialog'
import { useBankChanges, useNear, useProposals, type BankItem } from './queries'

const VariantDialog = lazy(() => import('./VariantDialog').then((page) => ({ default: page.VariantDialog })))

/** What the writing checks say of an item; each can be waived with a reason, and the waiver taken back. */
export function Findings({ item }: { readonly item: BankItem }) {
  if (!item.findings.length) return null
  return (
    <section aria-label="Writing checks" className="mt-4 border-t border-line pt-3">
      <h2 className="mb-1 text-xs font-semibold text-muted">Writing checks</h2>
      <ul className="grid gap-1.5">
        {item.findings.map((one) => (
          <FindingLine key={one.code} itemId={item.id} finding={one} />
        ))}
      </ul>
    </section>
  )
}

function FindingLine({ itemId, finding }: { readonly itemId: string; readonly finding: Schemas['FindingDto'] }) {
  const { waive } = useBankChanges()
  const mayWaive = useMay('sign-off')
  const [asking, setAsking] = useState(false)
  const [reason, setReason] = useState('')
  const { code, message, severity, waived } = finding
  if (waived)
    return (
      <li className="text-muted">
        <s>{CHECKS[code].name}</s>: waived by {waived.by}, “{waived.reason}”{' '}
        <Button tone="quiet" onClick={() => waive.mutate({ id: itemId, code, reason: null })}>
          Look at it again
        </Button>
      </li>
    )
  return (
    <li>
      <span className={severity === 'trouble' ? 'text-beet' : 'text-mustard-ink'}>
        <span aria-hidden="true">{severity === 'trouble' ? '◆' : '◇'} </span>
        {message}
      </span>{' '}
      <span className="text-xs text-muted" title={CHECKS[code].source}>
        {CHECKS[code].source.replace(/^.*guideline (\d+\w?).*$/, 'guideline $1')}
      </span>
      {code !== 'no-key' &&
        mayWaive &&
        (asking ? (
          <form
            className="mt-1 flex gap-1.5"
            onSubmit={(event) => {
              event.preventDefault()
              if (reason.trim())
                waive.mutate({ id: itemId, code, reason: reason.trim() }, { onSuccess: () => setAsking(false) })
            }}
          >
            <input
              autoFocus
              aria-label={`Why “${CHECKS[code].name}” does not count here`}
              placeholder="why it does not count here"
              value={reason}
              onChange={(event) => setReason(event.target.value)}
              className={`${FIELD} min-w-0 flex-1`}
            />
            <Button type="submit" disabled={!reason.trim()}>
              Waive
            </Button>
            <Button tone="quiet" onClick={() => setAsking(false)}>
              Leave
            </Button>
          </form>
        ) : (
          <Button tone="quiet" aria-label={`Waive: ${CHECKS[code].name}`} onClick={() => setAsking(true)}>
            Waive
          </Button>
        ))}
    </li>
  )
}

/** Items nearly the same, side by side with what can be done about them. */
export function NearItems({ item }: { readonly item: BankItem }) {
  const near = useNear(item.id)
  const { remove, undelete } = useBankChanges()
  const tell = useTell()
  if (!near.data?.near.length) return null
  return (
    <section aria-label="Nearly the same" className="mt-4 border-t border-line pt-3">
      <h2 className="mb-1 text-xs font-semibold text-muted">Nearly the same in the bank</h2>
      <ul className="grid gap-2">
        {near.data.near.map((other) => (
          <li key={other.itemId} className="flex items-start gap-2">
            <Link
              to={`/bank/${other.itemId}`}
              className="min-w-0 flex-1 font-text text-[14.5px] leading-snug underline"
            >
              {plainText(other.body.stem)}
            </Link>
            <span className="text-xs text-muted">{Math.round(other.likeness * 100)} % alike</span>
            <Button
              tone="quiet"
              onClick={() =>
                remove.mutate(other.itemId, {
                  onSuccess: () =>
                    tell('The other item was deleted; this one is kept.', {
                      undo: () => undelete.mutate(other.itemId),
                    }),
                })
              }
            >
              Keep this one only
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Outcomes proposed by the item's words, to be taken with one press. */
export function OutcomeProposals({ item, take }: { readonly item: BankItem; readonly take: (code: string) => void }) {
  const body = item.body
  const proposals = useProposals(item.id, body.outcome === undefined)
  if (body.outcome !== undefined || !proposals.data?.length) return null
  return (
    <p className="mt-2 flex flex-wrap items-center gap-1.5">
      <span className="text-muted">Outcome, by its words:</span>
      {proposals.data.map((one) => (
        <Button key={one.code} title={one.statement} onClick={() => take(one.code)}>
          {one.code}
        </Button>
      ))}
    </p>
  )
}

/** Indices of readability say little of a text that is shorter. */
/** The item in other languages or for other readers, with what each is like to read. */
export function Variants({ item }: { readonly item: BankItem }) {
  const { addVariant, bringInLine } = useBankChanges()
  const [language, setLanguage] = useState('')
  const [isDrafting, setDrafting] = useState(false)
  const [beside, setBeside] = useState<string | null>(null)
  const writing = useWriting().data
  const measured = readability(readText(item.body), item.body.language)
  return (
    <section aria-label="Variants" className="mt-4 border-t border-line pt-3">
      <h2 className="mb-1 text-xs font-semibold text-muted">Variants and reading</h2>
      {measured && <p className="text-muted">{readingText(measured)}</p>}
      {item.stale && (
        <p className="mt-1 text-mustard-ink">
          <span aria-hidden="true">◇ </span>Its original has changed since.{' '}
          <Link to={`/bank/${item.variantOf ?? ''}`} className="underline">
            Look at the original
          </Link>{' '}
          <May right="write">
            <Button onClick={() => bringInLine.mutate(item.id)}>It is in line again</Button>
          </May>
        </p>
      )}
      {item.variantOf !== null && !item.stale && (
        <p className="mt-1 text-muted">
          A variant of{' '}
          <Link to={`/bank/${item.variantOf}`} className="underline">
            this item
          </Link>
        </p>
      )}
      {item.variants.length > 0 && <VariantList item={item} setBeside={setBeside} />}
      {beside !== null && <BesideDialog item={item} otherId={beside} close={() => setBeside(null)} />}
      {item.variantOf === null && (
        <May right="write">
          <AddVariant
            addVariant={addVariant}
            item={item}
            language={language}
            setLanguage={setLanguage}
            writing={writing}
            setDrafting={setDrafting}
          />
          {isDrafting && (
            <Suspense>
              <VariantDialog item={item} close={() => setDrafting(false)} />
            </Suspense>
          )}
        </May>
      )}
    </section>
  )
}

function AddVariant({
  addVariant,
  item,
  language,
  setLanguage,
  writing,
  setDrafting,
}: {
  readonly addVariant: ReturnType<typeof useBankChanges>['addVariant']
  readonly item: BankItem
  readonly language: string
  readonly setLanguage: (next: string) => void
  readonly writing: Writing | undefined
  readonly setDrafting: (next: boolean) => void
}) {
  return (
    <form
      className="mt-1.5 flex flex-wrap gap-1.5"
      onSubmit={(event) => {
        event.preventDefault()
        addVariant.mutate({ id: item.id, language: language.trim() || null }, { onSuccess: () => setLanguage('') })
      }}
    >
      <input
        aria-label="Language of the variant"
        placeholder="language, such as sv"
        value={language}
        onChange={(event) => setLanguage(event.target.value)}
        className={`${FIELD} w-40`}
      />
      <Button type="submit" disabled={addVariant.isPending}>
        {language.trim() ? 'Add a translation' : 'Add one for other readers'}
      </Button>
      {writing?.service && <Button onClick={() => setDrafting(true)}>Have one drafted…</Button>}
    </form>
  )
}

function VariantList({
  item,
  setBeside,
}: {
  readonly item: BankItem
  readonly setBeside: (next: string | null) => void
}) {
  return (
    <ul className="mt-1 flex flex-wrap gap-x-3">
      {item.variants.map((one) => (
        <li key={one.itemId}>
          <Link to={`/bank/${one.itemId}`} className="underline">
            {one.language ?? 'same language'}
          </Link>
          {one.reading && one.reading.words >= MIN_WORDS && (
            <span className="text-muted">
              {' '}
              {one.reading.index === 'lix' ? 'LIX' : 'grade'} {Math.max(0, one.reading.value)}
            </span>
          )}
          {one.stale && <span className="text-mustard-ink"> ◇ stale</span>}{' '}
          <button type="button" className="text-xs text-muted underline" onClick={() => setBeside(one.itemId)}>
            beside this one
          </button>
        </li>
      ))}
    </ul>
  )
}
