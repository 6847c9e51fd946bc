import { Button } from '../../parts/Button'
import { FIELD } from '../writing/form'
import { picked, type Entry } from './entries'

/** One word: its senses to pick from, its definition and its sentence, each of which can be one's own. */
export function WordRow({
  entry,
  change,
  remove,
}: {
  readonly entry: Entry
  readonly change: (entry: Entry) => void
  readonly remove: () => void
}) {
  const { word, senses, sense, definition, sentence } = entry
  return (
    <li className="grid grid-cols-[minmax(0,1fr)] gap-1.5 border-b border-line py-2.5" aria-label={word}>
      <div className="flex flex-wrap items-baseline gap-2">
        <b className="min-w-24 font-text text-[15px]">{word}</b>
        {senses.length > 0 ? (
          <select
            aria-label={`Meaning of ${word}`}
            className="min-w-0 flex-1 rounded-[3px] border border-edge bg-sheet px-1.5 py-1"
            value={sense}
            onChange={(event) => change(picked(entry, Number(event.target.value)))}
          >
            {senses.map((one, at) => (
              <option key={one.id} value={at}>
                {one.pos}: {one.definition}
              </option>
            ))}
            <option value={-1}>none of these</option>
          </select>
        ) : (
          <span className="flex-1 text-mustard-ink">
            <span aria-hidden="true">◐ </span>no entry: write it by hand
          </span>
        )}
        <Button tone="quiet" aria-label={`Leave ${word} out`} onClick={remove}>
          Leave out
        </Button>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-1.5 sm:grid-cols-2">
        <label className="block text-xs text-muted">
          Definition
          <input
            className={`${FIELD} text-sm text-ink`}
            maxLength={400}
            value={definition}
            onChange={(event) => change({ ...entry, definition: event.target.value })}
          />
        </label>
        <label className="block text-xs text-muted">
          Sentence with it
          <input
            className={`${FIELD} text-sm text-ink`}
            maxLength={400}
            value={sentence}
            placeholder="none is known; write one"
            onChange={(event) => change({ ...entry, sentence: event.target.value })}
          />
        </label>
      </div>
    </li>
  )
}
