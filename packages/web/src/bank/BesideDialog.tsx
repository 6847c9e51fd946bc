import { type Item, readability, readText } from '@zakuska/core'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { Problem, Waiting } from '../parts/Empty'
import { ItemView } from '../parts/ItemView'
import { readingText } from '../parts/reading-words'
import { type BankItem, useBankItem } from './queries'

/** Two of a family side by side, the original first. */
export function BesideDialog({
  item,
  otherId,
  close,
}: {
  readonly item: BankItem
  readonly otherId: string
  readonly close: () => void
}) {
  const other = useBankItem(otherId)
  const pair =
    other.data && [item, other.data].sort((a, b) => Number(a.variantOf !== null) - Number(b.variantOf !== null))
  return (
    <Dialog open close={close} title="Side by side" wide>
      {other.isPending && <Waiting what="the other one" />}
      {other.isError && <Problem error={other.error} />}
      {pair && (
        <div className="grid gap-4 border-y border-line py-3 sm:grid-cols-2">
          {pair.map((one) => (
            <Side
              key={one.id}
              name={
                one.variantOf === null ? 'The original' : one.stale ? 'A variant, older than its original' : 'A variant'
              }
              item={one.body}
            />
          ))}
        </div>
      )}
      <Button className="mt-3" onClick={close}>
        Close
      </Button>
    </Dialog>
  )
}

export function Side({ name, item }: { readonly name: string; readonly item: Item }) {
  const measured = readability(readText(item), item.language)
  return (
    <section aria-label={name} className="min-w-0">
      <h3 className="text-xs font-semibold text-muted">{name}</h3>
      {measured && <p className="text-xs text-muted">{readingText(measured)}</p>}
      <ItemView item={item} small />
    </section>
  )
}
