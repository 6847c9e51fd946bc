import type { Sentence } from '@zakuska/core'
import { useEffect, useRef } from 'react'
import { Button } from '../../parts/Button'
import { Dialog } from '../../parts/Dialog'

/** The whole reading, with the sentences that an item rests on marked in it. */
export function ReadingDialog({
  source,
  sentences,
  close,
}: {
  readonly source: string
  readonly sentences: readonly Sentence[]
  readonly close: () => void
}) {
  const first = useRef<HTMLElement>(null)
  useEffect(() => first.current?.scrollIntoView({ block: 'center' }), [])
  const marked = [...sentences].sort((a, b) => a.from - b.from)
  return (
    <Dialog open close={close} title="The reading" wide>
      <div className="font-text text-[15px] leading-relaxed whitespace-pre-wrap" dir="auto" tabIndex={0}>
        {marked.map((sentence, at) => (
          <span key={sentence.from}>
            {source.slice(marked[at - 1]?.to ?? 0, sentence.from)}
            <mark
              ref={at === 0 ? first : undefined}
              className="bg-mustard-wash text-ink underline decoration-mustard decoration-2"
            >
              {source.slice(sentence.from, sentence.to)}
            </mark>
          </span>
        ))}
        {source.slice(marked.at(-1)?.to ?? 0)}
      </div>
      <Button className="mt-3" onClick={close}>
        Close
      </Button>
    </Dialog>
  )
}
