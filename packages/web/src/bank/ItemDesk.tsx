import { hasKey, type Item, plainText } from '@zakuska/core'
import { format } from 'date-fns'
import { useState } from 'react'
import { ApiProblem } from '../api/client'
import { Button } from '../parts/Button'
import { Problem, Waiting } from '../parts/Empty'
import { ItemExtras, ItemView } from '../parts/ItemView'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { RichText } from '../parts/RichText'
import { HandOver } from '../people/HandOver'
import { May } from '../people/May'
import { Others } from '../people/Others'
import { ItemRemarks } from '../people/Remarks'
import { Findings, NearItems, OutcomeProposals, Variants } from './ItemChecks'
import { ItemConflict } from './ItemConflict'
import { ItemForm } from './form/form-when-asked'
import { MoveDialog } from './MoveDialog'
import { type BankItem, useBankChanges, useBankItem } from './queries'
import { Facts, factsOf } from './ItemFacts'
import { HistoryDialog } from './HistoryDialog'

const SCROLLS = 'min-h-0 flex-1 overflow-y-auto p-5'

/** One item of the bank: as it reads, what is known of it, its history; editing happens in its place. */
export function ItemDesk({ id, close }: { readonly id: string; readonly close: () => void }) {
  const item = useBankItem(id)
  const [editing, setEditing] = useState(false)
  return (
    <section aria-label="Item" className="flex min-h-0 flex-col bg-sheet">
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
    <div className={SCROLLS}>
      <ItemForm
        start={start.body}
        saving={change.isPending}
        problem={change.error?.message}
        cancel={close}
        save={(body) => save(body, start.revision)}
      />
      {conflict && <ItemConflict start={start} mine={conflict} save={save} close={() => setConflict(null)} />}
    </div>
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
  const body = item.body
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
  return (
    <>
      <div className={SCROLLS}>
        {body.passage && (
          <div className="mb-3 border-l-[3px] border-line pl-3 font-text text-sm">
            <RichText content={body.passage} />
          </div>
        )}
        <ItemView item={body} />
        <ItemExtras item={body} />
        <Facts facts={factsOf(item, body)} />
        <May right="write">
          <OutcomeProposals
            item={item}
            take={(outcome) => change.mutate({ id: item.id, body: { ...body, outcome }, revision: item.revision })}
          />
        </May>
        <Findings item={item} />
        <NearItems item={item} />
        <Variants item={item} />
        <SignOffPart item={item} signOff={signOff} remark={remark} setRemark={setRemark} body={body} />
        <ItemRemarks itemId={item.id} />
      </div>
      <Actions
        edit={edit}
        setHistory={setHistory}
        item={item}
        setMoving={setMoving}
        setHanding={setHanding}
        deleteItem={deleteItem}
        close={close}
      />
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

function Actions({
  edit,
  setHistory,
  item,
  setMoving,
  setHanding,
  deleteItem,
  close,
}: {
  readonly edit: () => void
  readonly setHistory: (next: boolean) => void
  readonly item: BankItem
  readonly setMoving: (next: boolean) => void
  readonly setHanding: (next: boolean) => void
  readonly deleteItem: () => Promise<void>
  readonly close: () => void
}) {
  return (
    // Below what scrolls: they stand still while findings and remarks come in.
    <div className="flex flex-wrap items-center gap-1 border-t border-line px-4 py-3">
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
  )
}

/** Signed off by whom, or the way to sign off. */
function SignOffPart({
  item,
  signOff,
  remark,
  setRemark,
  body,
}: {
  readonly item: BankItem
  readonly signOff: ReturnType<typeof useBankChanges>['signOff']
  readonly remark: string
  readonly setRemark: (next: string) => void
  readonly body: Item
}) {
  return (
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
  )
}
