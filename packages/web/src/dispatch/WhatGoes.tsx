import { Button } from '../parts/Button'
import { counted } from '../parts/item-words'
import type { Going } from './fit-rows'

/** In one line what leaves, and one step for what cannot as it is. */
export function WhatGoes({
  going,
  remedies,
  takeAll,
}: {
  readonly going: Going
  /** Remedies that would help where something cannot go. */
  readonly remedies: number
  readonly takeAll: () => void
}) {
  const { count, changed, left } = going
  return (
    <div className="mt-3 border-t border-line pt-2" role="status">
      <p>
        {counted(count, 'item goes', 'items go')}
        {changed > 0 && `, ${changed} with changes`}
        {left > 0 && (
          <span className="text-beet">
            ; <span aria-hidden="true">◆ </span>
            {counted(left, 'cannot and stays', 'cannot and stay')} behind
          </span>
        )}
        .
      </p>
      {left > 0 && remedies > 0 && (
        <Button className="mt-1" onClick={takeAll}>
          Take the remedies for {left === 1 ? 'it' : 'them'}
        </Button>
      )}
    </div>
  )
}
