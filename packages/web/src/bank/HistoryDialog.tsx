import { plainText } from '@zakuska/core'
import { format } from 'date-fns'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { Waiting } from '../parts/Empty'
import { ItemView } from '../parts/ItemView'
import { Differences } from './Differences'
import { type BankItem, useBankChanges, useHistory } from './queries'

export function HistoryDialog({
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
                <Differences before={before[index].body} after={revision.body} />
              ) : (
                <ItemView item={revision.body} small />
              )}
            </div>
            {revision.number !== item.revision && (
              <Button
                aria-label={`Restore revision ${revision.number}: ${plainText(revision.body.stem).slice(0, 40)}`}
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
