import { plainText, type Item } from '@zakuska/core'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../api/client'
import { CategoryField } from '../bank/CategoryField'
import { useNearBodies } from '../bank/queries'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { ItemView } from '../parts/ItemView'
import { useTell } from '../parts/notices'
import { usePaperOf } from '../papers/paper-of'
import { useToBank } from './queries'
import type { Desk } from './use-desk'

/** Items of a draft that are compared with the bank at most. */
const MOST_COMPARED = 200

/** Counts what goes and what stays before anything is put into the bank. */
export function ToBankDialog({
  draftId,
  desk,
  open,
  close,
}: {
  readonly draftId: string
  readonly desk: Desk
  readonly open: boolean
  readonly close: () => void
}) {
  const toBank = useToBank(draftId)
  const [result, setResult] = useState<Schemas['ToBankResultDto'] | null>(null)
  const signed = desk.items.filter((item) => item.followed.signOff).length
  const unsigned = desk.items.length - signed
  const leave = (): void => {
    setResult(null)
    toBank.reset()
    close()
  }
  const { fresh, pairs, isComparing } = useNearPairs(desk, open, result === null)
  const [category, setCategory] = useState('')
  const [choices, setChoices] = useState<ReadonlyMap<string, NearChoice>>(new Map())
  const put = async (includeUnsigned: boolean): Promise<void> => {
    await desk.flush()
    const left = new Set(pairs.flatMap(({ ref }) => (choices.get(ref) === 'leave' ? [ref] : [])))
    const variants = pairs.flatMap(({ ref, otherId }) => (choices.get(ref) === 'variant' ? [{ ref, of: otherId }] : []))
    toBank.mutate(
      {
        includeUnsigned,
        ...(left.size > 0 && {
          refs: desk.items.flatMap((item) => (left.has(item.followed.ref) ? [] : [item.followed.ref])),
        }),
        ...(variants.length > 0 && { variants }),
        ...(category.trim() && { category }),
      },
      {
        onSuccess: (done) => {
          desk.accept(done.draft)
          setResult(done)
        },
      },
    )
  }
  return (
    <Dialog
      open={open}
      close={leave}
      title={result ? 'Put in the bank' : 'Put items in the bank'}
      wide={pairs.length > 0 && !result}
    >
      {result ? (
        <Outcome title={desk.title} result={result} close={leave} />
      ) : (
        <>
          <p>
            {counted(signed, 'item is', 'items are')} signed off
            {unsigned > 0 && (
              <>
                ; <b>{unsigned}</b> {unsigned === 1 ? 'is' : 'are'} not: nobody has vouched for{' '}
                {unsigned === 1 ? 'it' : 'them'} yet
              </>
            )}
            .
          </p>
          {isComparing && <Comparing />}
          {fresh.length > 0 && <CategoryOfNew category={category} setCategory={setCategory} />}
          <NearPairs pairs={pairs} choices={choices} choose={setChoices} />
          {toBank.error && (
            <p role="alert" className="mt-2 text-beet">
              ◆ {toBank.error.message}
            </p>
          )}
          <Steps signed={signed} toBank={toBank} put={put} unsigned={unsigned} desk={desk} leave={leave} />
        </>
      )}
    </Dialog>
  )
}

function Comparing() {
  return (
    <p role="status" className="mt-2 text-muted">
      Comparing with the bank …
    </p>
  )
}

function CategoryOfNew({
  category,
  setCategory,
}: {
  readonly category: string
  readonly setCategory: (next: string) => void
}) {
  return (
    <label className="mt-3 flex items-center gap-2">
      <span className="shrink-0 text-muted">New ones into the category</span>
      <CategoryField value={category} change={setCategory} />
    </label>
  )
}

function Steps({
  signed,
  toBank,
  put,
  unsigned,
  desk,
  leave,
}: {
  readonly signed: number
  readonly toBank: ReturnType<typeof useToBank>
  readonly put: (includeUnsigned: boolean) => Promise<void>
  readonly unsigned: number
  readonly desk: Desk
  readonly leave: () => void
}) {
  return (
    <div className="mt-4 flex flex-wrap gap-2">
      <Button tone="lead" disabled={!signed || toBank.isPending} onClick={() => void put(false)}>
        Put the {signed} signed in
      </Button>
      {unsigned > 0 && (
        <Button disabled={toBank.isPending} onClick={() => void put(true)}>
          Put all {desk.items.length} in, {unsigned} unsigned
        </Button>
      )}
      <Button tone="quiet" onClick={leave}>
        Leave
      </Button>
    </div>
  )
}

type NearChoice = 'both' | 'leave' | 'variant'

interface NearPair {
  readonly ref: string
  readonly item: Item
  readonly other: Item
  readonly otherId: string
}

const NEAR_CHOICES = [
  ['both', 'keep both'],
  ['leave', 'keep the bank’s'],
  ['variant', 'keep as its variant'],
] as const

/** Items of the draft beside those of the bank that say nearly the same. */
function NearPairs({
  pairs,
  choices,
  choose,
}: {
  readonly pairs: readonly NearPair[]
  readonly choices: ReadonlyMap<string, NearChoice>
  readonly choose: (choices: ReadonlyMap<string, NearChoice>) => void
}) {
  if (!pairs.length) return null
  return (
    <section aria-label="Nearly the same" className="mt-3">
      <p className="text-mustard-ink">
        <span aria-hidden="true">◇ </span>
        {counted(pairs.length, 'item says', 'items say')} nearly the same as one that is in the bank.
      </p>
      <ul className="mt-1 grid gap-2">
        {pairs.map(({ ref, item, other }) => (
          <li key={ref} className="border-t border-line pt-2">
            <div className="grid gap-3 sm:grid-cols-2">
              <ItemView item={item} small />
              <ItemView item={other} small />
            </div>
            <label className="mt-1 block text-xs text-muted">
              Left the draft’s, right the bank’s:{' '}
              <select
                aria-label={`What to do with “${plainText(item.stem).slice(0, 50)}”`}
                value={choices.get(ref) ?? 'both'}
                onChange={(event) => {
                  const [chosen] = NEAR_CHOICES.find(([name]) => name === event.target.value) ?? []
                  if (chosen) choose(new Map([...choices, [ref, chosen]]))
                }}
                className="rounded-[3px] border border-edge bg-sheet px-1 text-ink"
              >
                {NEAR_CHOICES.map(([name, label]) => (
                  <option key={name} value={name}>
                    {label}
                  </option>
                ))}
              </select>
            </label>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Outcome({
  title,
  result,
  close,
}: {
  readonly title: string
  readonly result: Schemas['ToBankResultDto']
  readonly close: () => void
}) {
  const paperOf = usePaperOf()
  const navigate = useNavigate()
  const tell = useTell()
  const itemIds = result.draft.followed.flatMap(({ bankItemId }) => bankItemId ?? [])
  const toPaper = (): Promise<void> =>
    paperOf(title, itemIds)
      .then((id) => void navigate(`/papers/${id}`))
      .catch((error: unknown) =>
        tell(error instanceof Error ? error.message : 'The paper was not made.', { tone: 'trouble' }),
      )
  return (
    <>
      <p>
        {counted(result.created, 'item is', 'items are')} new in the bank
        {result.updated > 0 && `, ${counted(result.updated, 'was', 'were')} updated`}
        {result.unchanged > 0 && `, ${counted(result.unchanged, 'was', 'were')} there as they are`}.
      </p>
      {result.leftOut.length > 0 && (
        <>
          <p className="mt-2">Left in the draft:</p>
          <ul className="mt-1 list-disc pl-5 text-muted">
            {result.leftOut.map((one) => (
              <li key={one.line}>
                line {one.line}: {one.why}
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-4 flex gap-2">
        <Button tone="lead" disabled={!itemIds.length} onClick={() => void toPaper()}>
          Make a paper of them
        </Button>
        <Link to="/bank" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1">
          Open the bank
        </Link>
        <Button onClick={close}>Go on with the draft</Button>
      </div>
    </>
  )
}

/** New items of the draft that the bank has nearly so. */
function useNearPairs(desk: Desk, open: boolean, isAsking: boolean) {
  const fresh = open ? desk.items.filter((item) => item.followed.bankItemId === null).slice(0, MOST_COMPARED) : []
  const near = useNearBodies(
    fresh.map((item) => item.read.item),
    open && isAsking,
  )
  const pairs = fresh.flatMap((item, index): NearPair[] => {
    const [other] = near.data?.[index]?.near ?? []
    return other ? [{ ref: item.followed.ref, item: item.read.item, other: other.body, otherId: other.itemId }] : []
  })
  return { fresh, pairs, isComparing: near.isFetching }
}
