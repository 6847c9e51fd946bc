import { PART_KINDS, type Notation } from '@zakuska/core'
import { Popover } from 'radix-ui'
import { useMemo, useState } from 'react'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { useTell } from '../../parts/notices'
import type { Desk } from '../use-desk'
import { useDeleteNotation, useKeepNotation, useNotations, type KeptNotation } from './notation-queries'
import { useOffers } from './use-offers'
import type { Following } from './what-follows'

const PILL =
  'flex max-w-full flex-wrap items-center gap-x-2 gap-y-1 whitespace-normal rounded-[3px] border border-line border-l-4 bg-sheet py-1 pr-1.5 pl-2.5'

/** What this draft was taught, notations to keep it as, and notations that it looks like. */
export function TaughtTray({ desk }: { readonly desk: Desk }) {
  const { teaching } = desk
  const kept = useNotations()
  const notations = useMemo(() => (kept.data ?? []).map((one) => notationOf(one)), [kept.data])
  const [offer] = useOffers(teaching, notations, desk.reading)
  const { lines, notation } = teaching.taught
  return (
    <>
      {(lines.length > 0 || notation) && <TaughtList desk={desk} kept={kept.data ?? []} />}
      {offer && (
        <span className={PILL}>
          <span>
            Looks like “{offer.notation.name}”: {offerWords(offer.following)}
          </span>
          <Button
            className="!px-2 !py-0"
            onFocus={() => teaching.considerNotation(offer.notation)}
            onMouseEnter={() => teaching.considerNotation(offer.notation)}
            onBlur={teaching.leave}
            onMouseLeave={teaching.leave}
            onClick={() => teaching.readBy(offer.notation)}
          >
            Read it by that
          </Button>
        </span>
      )}
    </>
  )
}

function offerWords({ others, items, undecided }: Following): string {
  const count =
    items[0] === items[1]
      ? `${undecided[1]} to decide instead of ${undecided[0]}`
      : `${counted(items[1], 'item', 'items')} instead of ${items[0]}`
  return `${counted(others.length, 'line is', 'lines are')} read otherwise, ${count}`
}

function notationOf({ name, rules }: KeptNotation): Notation {
  return { name, rules }
}

function TaughtList({ desk, kept }: { readonly desk: Desk; readonly kept: readonly KeptNotation[] }) {
  const { teaching } = desk
  const { lines, notation } = teaching.taught
  const doc = desk.view()?.state.doc
  const said = doc
    ? lines
        .filter((line) => line.from <= doc.length)
        .map((line) => ({ ...line, number: doc.lineAt(line.from).number, text: doc.lineAt(line.from).text.trim() }))
        .sort((a, b) => a.number - b.number)
    : []
  return (
    <Popover.Root>
      <Popover.Trigger className={PILL}>
        {notation
          ? `Read by “${notation.name}”${lines.length ? ` and ${counted(lines.length, 'line', 'lines')} taught` : ''}`
          : `${counted(lines.length, 'line', 'lines')} taught`}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          aria-label="What was taught"
          className="z-50 max-h-[60vh] w-[min(34rem,calc(100vw-2rem))] overflow-y-auto rounded-[3px] border border-ink bg-sheet p-3"
        >
          {said.length > 0 && (
            <ul className="grid gap-1">
              {said.map((line) => (
                <li key={line.number} className="grid grid-cols-[2.5rem_8rem_1fr_auto] items-baseline gap-2">
                  <span className="text-right text-xs text-muted">{line.number}</span>
                  <span className="text-xs">
                    {PART_KINDS[line.part].says}
                    {line.alike ? '' : ' (this line only)'}
                  </span>
                  <span className="min-w-0 truncate font-mono text-xs">{line.text}</span>
                  <Button className="!px-2 !py-0 text-xs" onClick={() => teaching.takeBack([line.from])}>
                    Take back
                  </Button>
                </li>
              ))}
            </ul>
          )}
          {notation && (
            <p className="mt-2 flex items-center gap-2">
              <span className="grow">
                Read by “{notation.name}”, {counted(notation.rules.length, 'rule', 'rules')}.
              </span>
              <Button className="!px-2 !py-0" onClick={() => teaching.readBy(null)}>
                Leave it off
              </Button>
            </p>
          )}
          {lines.some((line) => line.alike) && <KeepForm desk={desk} />}
          <KeptList kept={kept} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

function KeepForm({ desk }: { readonly desk: Desk }) {
  const { teaching } = desk
  const [name, setName] = useState(teaching.taught.notation?.name ?? '')
  const keep = useKeepNotation()
  const tell = useTell()
  const submit = async (): Promise<void> => {
    if (!name.trim()) return
    try {
      const kept = await keep.mutateAsync(await teaching.notation(name.trim()))
      tell(`Kept as “${kept.name}”. It is offered with drafts that look like this one.`)
    } catch (error) {
      tell(error instanceof Error ? error.message : 'The notation could not be kept.', { tone: 'trouble' })
    }
  }
  return (
    <form
      className="mt-3 flex items-center gap-2 border-t border-line pt-2"
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <label className="flex grow items-center gap-2">
        Keep as a notation
        <input
          value={name}
          onChange={(event) => setName(event.target.value)}
          maxLength={80}
          placeholder="Whose drafts look like this?"
          className="min-w-0 grow rounded-[3px] border border-line bg-sheet px-2 py-0.5"
        />
      </label>
      <Button type="submit" className="!py-0.5" disabled={!name.trim() || keep.isPending}>
        Keep
      </Button>
    </form>
  )
}

function KeptList({ kept }: { readonly kept: readonly KeptNotation[] }) {
  const remove = useDeleteNotation()
  const keep = useKeepNotation()
  const tell = useTell()
  if (!kept.length) return null
  return (
    <details className="mt-2 text-xs">
      <summary>{counted(kept.length, 'notation', 'notations')} kept in this workspace</summary>
      <ul className="mt-1 grid gap-1">
        {kept.map((one) => (
          <li key={one.id} className="flex items-center gap-2">
            <span className="grow">
              {one.name} <span className="text-muted">({counted(one.rules.length, 'rule', 'rules')})</span>
            </span>
            <a
              className="underline"
              download={`${one.name}.json`}
              href={`data:application/json,${encodeURIComponent(JSON.stringify({ name: one.name, rules: one.rules }, null, 2))}`}
            >
              File
            </a>
            <Button
              className="!px-2 !py-0 text-xs"
              aria-label={`Delete the notation ${one.name}`}
              onClick={() =>
                remove.mutate(one.id, {
                  onSuccess: () =>
                    tell(`The notation “${one.name}” is deleted. Drafts that are read by it keep it.`, {
                      undo: () => keep.mutate(notationOf(one)),
                    }),
                })
              }
            >
              Delete
            </Button>
          </li>
        ))}
      </ul>
    </details>
  )
}
