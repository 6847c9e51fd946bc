import { useState } from 'react'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { useTell } from '../parts/notices'
import { CategoryField } from './CategoryField'
import { useBankChanges, type BankItem } from './queries'

/** Puts one item somewhere else in the bank; its text, history and sign-off stay. */
export function MoveDialog({ item, close }: { readonly item: BankItem; readonly close: () => void }) {
  const { changeMany, undoMany } = useBankChanges()
  const tell = useTell()
  const [category, setCategory] = useState(item.category)
  const move = (to: string): void =>
    changeMany.mutate(
      { ids: [item.id], change: { category: to || null } },
      {
        onSuccess: ({ id, changed }) => {
          close()
          if (changed)
            tell(to ? `The item was moved to ${to}.` : 'The item was moved to the top.', {
              // The dialog is gone by then.
              undo: () => void undoMany.mutateAsync(id).then(() => tell('The item is where it was.')),
            })
        },
      },
    )
  return (
    <Dialog open close={close} title="Move the item">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          move(category)
        }}
      >
        <label className="grid gap-1">
          <span className="text-muted">Category, and after a slash what lies under it</span>
          <CategoryField value={category} change={setCategory} label="Move to" />
        </label>
        {changeMany.error && (
          <p role="alert" className="text-beet">
            ◆ {changeMany.error.message}
          </p>
        )}
        <div className="flex flex-wrap gap-2">
          <Button tone="lead" type="submit" disabled={!category.trim() || changeMany.isPending}>
            Move
          </Button>
          {item.category && (
            <Button disabled={changeMany.isPending} onClick={() => move('')}>
              To the top
            </Button>
          )}
          <Button tone="quiet" onClick={close}>
            Leave
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
