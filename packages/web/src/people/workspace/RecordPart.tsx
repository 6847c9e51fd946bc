import { format } from 'date-fns'
import { useState } from 'react'
import { Empty } from '../../parts/Empty'
import { Part } from '../AccountPage'
import { useRecord } from '../queries'

export function RecordPart() {
  const [text, setText] = useState('')
  const record = useRecord(text)
  return (
    <Part title="Record">
      <input
        type="search"
        aria-label="Search the record"
        placeholder="a name, or what was done"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="mb-2 w-full max-w-sm rounded-[3px] border border-edge bg-sheet px-2.5 py-1"
      />
      {record.data?.entries.length === 0 && <Empty title="Nothing of that was recorded">Try another word.</Empty>}
      <ol>
        {record.data?.entries.map((entry) => (
          <li key={entry.id} className="grid gap-x-3 border-b border-line py-1.5 sm:grid-cols-[7.5rem_1fr]">
            <span className="text-xs text-muted tabular-nums">{format(entry.at, 'd MMM yyyy, HH:mm')}</span>
            <span className="break-words">
              <b className="font-semibold">{entry.by}</b> {entry.says}
            </span>
          </li>
        ))}
      </ol>
      {record.data?.isMore && <p className="mt-2 text-xs text-muted">The newest hundred; search for older ones.</p>}
    </Part>
  )
}
