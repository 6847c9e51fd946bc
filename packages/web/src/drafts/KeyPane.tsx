import { useRef } from 'react'
import { Button } from '../parts/Button'
import { useTell } from '../parts/notices'
import { openFile } from './files'

/** A key that stands in a text of its own: pasted, typed or opened, and read against the items by their numbers. */
export function KeyPane({
  text,
  change,
  close,
}: {
  readonly text: string
  /** Left out for who looks on. */
  readonly change: ((text: string) => void) | undefined
  readonly close: () => void
}) {
  const input = useRef<HTMLInputElement>(null)
  const tell = useTell()
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return
    try {
      const opened = await openFile(file)
      change?.(opened.text)
    } catch (error) {
      tell(error instanceof Error ? error.message : 'The file could not be read.', { tone: 'trouble' })
    }
  }
  return (
    <section
      aria-label="Key in a text of its own"
      className="flex h-[32vh] shrink-0 flex-col border-t border-ink bg-paper"
    >
      <div className="flex flex-wrap items-center gap-2 px-3 py-1.5">
        <h2 className="font-ui text-[13px] font-semibold">Key</h2>
        <span className="hidden text-muted sm:inline">a number and an answer a line, as in “3. b”</span>
        <span className="ml-auto" />
        {change && (
          <>
            <input
              ref={input}
              type="file"
              className="sr-only"
              tabIndex={-1}
              aria-label="File with the key"
              onChange={(event) => {
                void open(event.target.files?.[0])
                event.target.value = ''
              }}
            />
            <Button className="!py-0.5" onClick={() => input.current?.click()}>
              Open a file…
            </Button>
            <Button className="!py-0.5" onClick={() => change('')} disabled={!text}>
              Empty it
            </Button>
          </>
        )}
        <Button tone="quiet" className="!py-0.5" onClick={close}>
          Close
        </Button>
      </div>
      <textarea
        aria-label="Text of the key"
        value={text}
        readOnly={!change}
        onChange={(event) => change?.(event.target.value)}
        spellCheck={false}
        className="min-h-0 flex-1 resize-none bg-rye px-4 py-2 font-mono text-[13px] leading-relaxed"
      />
    </section>
  )
}
