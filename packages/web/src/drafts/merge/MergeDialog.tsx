import { useState } from 'react'
import { Button } from '../../parts/Button'
import { Dialog } from '../../parts/Dialog'
import { counted } from '../../parts/item-words'
import type { Choice, Clash } from './merge-texts'

const CHOICES: readonly (readonly [Choice, string])[] = [
  ['both', 'Both, one below the other'],
  ['mine', 'Mine'],
  ['theirs', 'Theirs'],
]

/** Lines that two changed at once: both stand there, and one says which stays. */
export function MergeDialog({
  by,
  clashes,
  settle,
  close,
}: {
  readonly by: string
  readonly clashes: readonly Clash[]
  readonly settle: (choices: readonly Choice[]) => void
  readonly close: () => void
}) {
  const [choices, setChoices] = useState<readonly Choice[]>(clashes.map(() => 'both'))
  return (
    <Dialog open close={close} title={`${by} changed the same lines`} wide>
      <p className="mb-3 text-muted">
        Everything else that {by} changed goes together with yours by itself. Say of{' '}
        {counted(clashes.length, 'place', 'places')} what is to stay.
      </p>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          settle(choices)
        }}
      >
        {clashes.map((clash, at) => (
          <fieldset key={at} className="border-t border-line pt-3">
            <legend className="sr-only">Place {at + 1}</legend>
            <div className="grid gap-3 sm:grid-cols-2">
              <Side name="Mine" text={clash.mine} />
              <Side name={`${by}’s`} text={clash.theirs} />
            </div>
            <div className="mt-2 flex flex-wrap gap-4">
              {CHOICES.map(([choice, says]) => (
                <label key={choice} className="flex items-center gap-1.5">
                  <input
                    type="radio"
                    name={`place-${at}`}
                    checked={choices[at] === choice}
                    onChange={() => setChoices((now) => now.map((one, index) => (index === at ? choice : one)))}
                    className="accent-ink"
                  />
                  {says}
                </label>
              ))}
            </div>
          </fieldset>
        ))}
        <div className="flex gap-2">
          <Button tone="lead" type="submit">
            Put together
          </Button>
          <Button tone="quiet" onClick={close}>
            Not yet
          </Button>
        </div>
      </form>
    </Dialog>
  )
}

function Side({ name, text }: { readonly name: string; readonly text: string }) {
  return (
    <div className="min-w-0">
      <p className="text-xs font-semibold text-muted">{name}</p>
      <pre
        dir="auto"
        className="border-l-[3px] border-mustard pl-3 font-mono text-[13px] break-words whitespace-pre-wrap"
      >
        {text || <span className="text-muted">(taken out)</span>}
      </pre>
    </div>
  )
}
