import { useState, type ClipboardEvent, type DragEvent } from 'react'
import { Button } from '../parts/Button'
import { openFile } from './files'
import { pastedFile } from './pasted-file'
import { SAMPLE_TEXT } from './sample'
import type { OpenFile } from './use-open-file'
import type { Start } from './use-start'

/** Where a draft begins: what is pasted or dropped here is on its desk at once. */
export function BeginBox({ start, file }: { readonly start: Start; readonly file: OpenFile }) {
  const [text, setText] = useState('')
  const [isOver, setOver] = useState(false)
  const [isGoing, setGoing] = useState(false)
  const begin = async (given: string): Promise<void> => {
    setGoing(true)
    await start({ title: '', text: given })
    setGoing(false)
  }
  const paste = (event: ClipboardEvent): void => {
    const data = event.clipboardData
    const plain = data.getData('text/plain')
    if (!plain.trim() || text.trim()) return
    event.preventDefault()
    setText(plain)
    const dressed = pastedFile(data.getData('text/html'), plain)
    if (!dressed) return void begin(plain)
    setGoing(true)
    // What it looks like may say which option is right; where it cannot be read, the plain text is.
    openFile(dressed).then(
      ({ text: read, styles }) => start({ title: '', text: read, styles }).finally(() => setGoing(false)),
      () => begin(plain),
    )
  }
  const drop = (event: DragEvent): void => {
    const [dropped] = event.dataTransfer.files
    setOver(false)
    if (!dropped) return
    event.preventDefault()
    void file.open(dropped)
  }
  const isBusy = isGoing || file.opening !== null
  return (
    <form
      aria-label="Begin a draft"
      className={`rounded-[3px] border bg-sheet p-3 ${isOver ? 'border-mustard' : 'border-line'}`}
      onSubmit={(event) => {
        event.preventDefault()
        if (text.trim() && !isBusy) void begin(text)
      }}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes('Files')) return
        event.preventDefault()
        setOver(true)
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <label className="block font-semibold">
        Paste questions here, as you have them
        <textarea
          className="mt-1 block w-full resize-none rounded-[3px] border border-edge bg-rye px-2 py-1.5 font-mono text-[13px] font-normal"
          rows={3}
          value={text}
          disabled={isBusy}
          placeholder="typed, copied out of a chat, with or without numbers; or drop a file"
          onChange={(event) => setText(event.target.value)}
          onPaste={paste}
        />
      </label>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {text.trim() ? (
          <Button tone="lead" type="submit" disabled={isBusy}>
            {isBusy ? 'Reading …' : 'Read it'}
          </Button>
        ) : (
          <Button disabled={isBusy} onClick={() => void start({ title: 'Knots, a sample', text: SAMPLE_TEXT })}>
            Try a sample
          </Button>
        )}
        <span className="text-xs text-muted" role="status">
          {file.opening !== null && `Reading ${file.opening} …`}
        </span>
      </div>
    </form>
  )
}
