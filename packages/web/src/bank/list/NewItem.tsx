import { ItemForm } from '../form/form-when-asked'
import { emptyItem } from '../form/empty-item'
import { useBankChanges } from '../queries'

export function NewItem({
  category,
  close,
  made,
}: {
  /** The one that the bank is narrowed to. */
  readonly category: string | undefined
  readonly close: () => void
  readonly made: (id: string) => void
}) {
  const { create } = useBankChanges()
  return (
    <section aria-label="New item" className="min-h-0 overflow-y-auto bg-sheet p-5">
      <ItemForm
        start={emptyItem('single')}
        fresh
        saving={create.isPending}
        problem={create.error?.message}
        cancel={close}
        save={(body) => create.mutate({ body, category }, { onSuccess: (item) => made(item.id) })}
      />
    </section>
  )
}
