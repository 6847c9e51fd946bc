import { Kbd } from '../parts/Button'
import { Dialog } from '../parts/Dialog'

const KEYS: readonly (readonly [string, string])[] = [
  ['F8', 'next trouble; with Shift, the one before'],
  ['F9', 'say what the line is, or the lines that are selected; a click on its number does the same'],
  ['Alt ↓', 'next item, from the text; Alt ↑ the one before'],
  ['Alt ⏎', 'sign the item off and go on, from the text'],
  ['Ctrl ⏎', 'take the mend that is shown'],
  ['Esc', 'from the text to the items, and back'],
  ['↓ ↑', 'next and previous item, among the items'],
  ['A B C …', 'set the key of the item; T and F for true and false'],
  ['⏎', 'sign off and go on, among the items'],
  ['⌫', 'take a sign-off back, among the items'],
  ['Ctrl Z', 'undo, on both sides'],
]

export function KeysDialog({ open, close }: { readonly open: boolean; readonly close: () => void }) {
  return (
    <Dialog open={open} close={close} title="Keys of the draft desk">
      <dl className="grid grid-cols-[6rem_1fr] gap-y-1.5">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt>
              <Kbd>{key}</Kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  )
}
