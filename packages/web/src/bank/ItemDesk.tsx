import { hasKey, plainText, type Item } from '@zakuska/core'
import { format } from 'date-fns'
import { useState } from 'react'
import { ApiProblem } from '../api/client'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { Problem, Waiting } from '../parts/Empty'
import { ItemExtras, ItemView } from '../parts/ItemView'
import { asKept, counted, kindLine } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { RichText } from '../parts/RichText'
import { HandOver } from '../people/HandOver'
import { May } from '../people/May'
import { Others } from '../people/Others'
import { ItemRemarks } from '../people/Remarks'
import { Differences } from './Differences'
import { Findings, NearItems, OutcomeProposals, Variants } from './ItemChecks'
import { ItemConflict } from './ItemConflict'
import { ItemForm } from './form/form-when-asked'
import { MoveDialog } from './MoveDialog'
import { useBankChanges, useBankItem, useHistory, type BankItem } from './queries'
import { valueName } from './search'

/** One item of the bank: as it reads, what is known of it, its history; editing happens in its place. */
export function ItemDesk({ id, close }: { readonly id: string; readonly close: () => void }) {
  const item = useBankItem(id)
  const [editing, setEditing] = useState(false)
  return (
    <section aria-label="Item" className="min-h-0 overflow-y-auto bg-sheet p-5">
      {item.isPending && <Waiting what="the item" />}
      {item.isError && <Problem error={item.error} again={() => void item.refetch()} />}
      {item.data &&
        (editing ? (
          <EditItem item={item.data} close={() => setEditing(false)} />
        ) : (
          <ShowItem item={item.data} edit={() => setEditing(true)} close={close} />
        ))}
    </section>
  )
}

function EditItem({ item, close }: { readonly item: BankItem; readonly close: () => void }) {
  const { change } = useBankChanges()
  const tell = useTell()
  // The revision that is edited: a newer one must not be overwritten unseen.
  const [start] = useState(item)
  const [conflict, setConflict] = useState<Item | null>(null)
  const save = (body: Item, revision: number): void =>
    change.mutate(
      { id: start.id, body, revision },
      {
        onSuccess: (saved) => {
          close()
          if (start.signOff && !saved.signOff)
            tell('Something shown or graded changed, so the item waits for sign-off again.')
        },
        onError: (error) => setConflict(error instanceof ApiProblem && error.status === 409 ? body : null),
      },
    )
  return (
    <>
      <ItemForm
        start={asKept(start.body)}
        saving={change.isPending}
        problem={change.error?.message}
        cancel={close}
        save={(body) => save(body, start.revision)}
      />
      {conflict && <ItemConflict start={start} mine={conflict} save={save} close={() => setConflict(null)} />}
    </>
  )
}

function ShowItem({
  item,
  edit,
  close,
}: {
  readonly item: BankItem
  readonly edit: () => void
  readonly close: () => void
}) {
  const { signOff, remove, undelete, change } = useBankChanges()
  const tell = useTell()
  const [history, setHistory] = useState(false)
  const [moving, setMoving] = useState(false)
  const [handing, setHanding] = useState(false)
  const [remark, setRemark] = useState('')
  const body = asKept(item.body)
  // Closed first: what is deleted is not to be asked for again.
  const deleteItem = (): Promise<void> => {
    close()
    return remove
      .mutateAsync(item.id)
      .then(() => tell('The item was deleted.', { undo: () => undelete.mutate(item.id) }))
      .catch((error: unknown) =>
        tell(error instanceof Error ? error.message : 'It was not deleted.', { tone: 'trouble' }),
      )
  }
  const from = item.cameFrom as { readonly title?: string; readonly lines?: readonly [number, number] } | null
  const facts: readonly (readonly [string, string | null])[] = [
    ['Kind', kindLine(body)],
    ['Category', item.category ? valueName('category', item.category) : null],
    ['Options', 'shuffle' in body ? (body.shuffle ? 'may be shuffled' : 'keep their order') : null],
    ['Credit', creditText(body)],
    [
      'Same',
      body.kind === 'short'
        ? `${body.rules.letterCase === 'ignore' ? 'any letter case' : 'letter case counts'}, ${body.rules.accents === 'ignore' ? 'with or without accents' : 'accents count'}`
        : null,
    ],
    ['Time limit', body.timeLimit === undefined ? null : `${body.timeLimit} s`],
    ['Outcome', body.outcome ?? null],
    ['Level', [body.level, body.difficulty].filter(Boolean).join(' · ') || null],
    ['Tags', body.tags.join(', ') || null],
    ['Language', body.language ?? null],
    ['Came from', from?.title ? `${from.title}${from.lines ? `, lines ${from.lines[0]}–${from.lines[1]}` : ''}` : null],
    ['Used in', item.usedIn.join(' · ') || null],
    ['Last sent', item.lastSentAt && format(item.lastSentAt, 'd MMM yyyy')],
    ['When taken', takenText(item)],
  ]
  return (
    <>
      {body.passage && (
        <div className="mb-3 border-l-[3px] border-line pl-3 font-text text-sm">
          <RichText content={body.passage} />
        </div>
      )}
      <ItemView item={body} />
      <ItemExtras item={body} />
      <dl className="mt-4 grid grid-cols-[84px_minmax(0,1fr)] gap-y-0.5">
        {facts
          .filter(([, value]) => value)
          .map(([name, value]) => (
            <div key={name} className="contents">
              <dt className="text-muted">{name}</dt>
              <dd className="break-words">{value}</dd>
            </div>
          ))}
      </dl>
      <May right="write">
        <OutcomeProposals
          item={item}
          take={(outcome) => change.mutate({ id: item.id, body: { ...body, outcome }, revision: item.revision })}
        />
      </May>
      <Findings item={item} />
      <NearItems item={item} />
      <Variants item={item} />
      <div className="mt-4 border-t border-line pt-3">
        {item.signOff ? (
          <p>
            <b>
              <span aria-hidden="true">✓ </span>Signed off
            </b>{' '}
            by {item.signOff.by}, {format(item.signOff.at, 'd MMM HH:mm')}
            {item.signOff.remark && <>: “{item.signOff.remark}”</>}{' '}
            <May right="sign-off">
              <Button tone="quiet" onClick={() => signOff.mutate({ item, signedOff: false, remark: '' })}>
                Take back
              </Button>
            </May>
          </p>
        ) : (
          <May right="sign-off" to="sign off">
            <form
              className="flex gap-2"
              onSubmit={(event) => {
                event.preventDefault()
                signOff.mutate({ item, signedOff: true, remark })
              }}
            >
              <input
                aria-label="Remark"
                placeholder="checked against …"
                value={remark}
                onChange={(event) => setRemark(event.target.value)}
                className="min-w-0 flex-1 rounded-[3px] border border-edge bg-sheet px-2"
              />
              <Button
                tone="lead"
                type="submit"
                disabled={!hasKey(body)}
                title={hasKey(body) ? undefined : 'It has no key yet'}
              >
                Sign off
              </Button>
            </form>
          </May>
        )}
        {signOff.error && (
          <p role="alert" className="mt-1 text-beet">
            ◆ {signOff.error.message}
          </p>
        )}
      </div>
      <ItemRemarks itemId={item.id} />
      <div className="mt-4 flex flex-wrap items-center gap-2">
        <May right="write" to="edit it">
          <Button onClick={edit}>Edit</Button>
        </May>
        <Button onClick={() => setHistory(true)}>{counted(item.revision, 'revision', 'revisions')}</Button>
        <May right="write">
          <Button onClick={() => setMoving(true)}>Move</Button>
          <Button onClick={() => setHanding(true)}>Hand over</Button>
        </May>
        <May right="delete">
          <Button tone="quiet" onClick={() => void deleteItem()}>
            Delete
          </Button>
        </May>
        <Others place={`item:${item.id}`} />
        <Button tone="quiet" className="ml-auto" onClick={close}>
          Close
        </Button>
      </div>
      {handing && (
        <HandOver
          kind="items"
          ids={[item.id]}
          title={plainText(body.stem).slice(0, 60)}
          close={() => setHanding(false)}
        />
      )}
      {moving && <MoveDialog item={item} close={() => setMoving(false)} />}
      <HistoryDialog item={item} open={history} close={() => setHistory(false)} />
    </>
  )
}

/** How part of a key is credited, where an item's kind leaves a choice. */
function creditText(body: Item): string | null {
  switch (body.kind) {
    case 'multiple':
      return body.credit === 'all' ? 'all or nothing' : body.credit === 'each' ? 'for each option' : 'by weights'
    case 'cloze':
    case 'match':
    case 'grid':
      return body.credit === 'all' ? 'for the whole only' : 'for each part'
    case 'order':
      return body.credit === 'neighbours' ? 'for neighbours in the right order' : 'for the whole order'
    default:
      return null
  }
}

function HistoryDialog({
  item,
  open,
  close,
}: {
  readonly item: BankItem
  readonly open: boolean
  readonly close: () => void
}) {
  const history = useHistory(item.id, open)
  const { restore } = useBankChanges()
  // Newest first, so that the one before a revision stands behind it.
  const before = history.data?.slice(1) ?? []
  return (
    <Dialog open={open} close={close} title="History of this item" wide>
      {history.isPending && <Waiting what="the history" />}
      <ol className="grid gap-3">
        {history.data?.map((revision, index) => (
          <li
            key={revision.number}
            className="grid grid-cols-[2rem_1fr_auto] items-start gap-2 border-b border-line pb-3"
          >
            <b className="font-text">{revision.number}</b>
            <div className="min-w-0">
              <p className="text-xs text-muted">
                {format(revision.at, 'd MMM yyyy, HH:mm')} · {revision.by} · changed: {revision.says}
              </p>
              {before[index] ? (
                <Differences before={asKept(before[index].body)} after={asKept(revision.body)} />
              ) : (
                <ItemView item={asKept(revision.body)} small />
              )}
            </div>
            {revision.number !== item.revision && (
              <Button
                aria-label={`Restore revision ${revision.number}: ${plainText(asKept(revision.body).stem).slice(0, 40)}`}
                onClick={() => restore.mutate({ id: item.id, number: revision.number })}
              >
                Restore
              </Button>
            )}
          </li>
        ))}
      </ol>
    </Dialog>
  )
}

/** How it went in all sittings; of a few people, less is said. */
function takenText({
  shareRight,
  discrimination,
  takenBy,
}: Pick<BankItem, 'shareRight' | 'discrimination' | 'takenBy'>): string | null {
  if (shareRight === null) return null
  const people = `by ${takenBy === 1 ? 'one person' : `${takenBy} people`}`
  const tells =
    discrimination === null || takenBy < 10 ? '' : `, tells apart ${discrimination.toFixed(2).replace('-', '−')}`
  return `${Math.round(shareRight * 100)} % of the points earned${tells} (${people})`
}
