import { PART_KINDS } from '@zakuska/core'
import { Popover } from 'radix-ui'
import { Button, Kbd } from '../parts/Button'
import { counted } from '../parts/item-words'
import { useMay } from '../people/May'
import { isOneCause, linesLeftOut, type TroubleGroup } from './desk-state'
import { TaughtTray } from './teaching/TaughtTray'
import type { Desk } from './use-desk'

/** What is left to decide, grouped by kind of trouble; one action settles a whole group where it can. */
export function DecideTray({ desk, showKeys }: { readonly desk: Desk; readonly showKeys: () => void }) {
  const aside = desk.reading ? linesLeftOut(desk.reading).filter((line) => line.reason !== 'rule') : []
  return (
    <section
      aria-label="To decide"
      className="flex max-h-[30vh] shrink-0 flex-wrap items-center gap-2 overflow-y-auto border-t border-ink bg-paper px-3 py-2 whitespace-nowrap sm:px-[18px]"
    >
      <h2 className="mr-1 font-ui text-[13px] font-semibold">To decide</h2>
      {desk.groups.length === 0 && <span className="text-muted">{desk.items.length ? 'nothing' : 'nothing yet'}</span>}
      {desk.groups.map((group) => (
        <Group key={group.id} group={group} desk={desk} />
      ))}
      {aside.length > 0 && <AsideList desk={desk} lines={aside} />}
      <TaughtTray desk={desk} />
      <span className="ml-auto hidden items-center gap-2 pl-2 text-xs text-muted lg:flex">
        <span>
          <Kbd>F8</Kbd> next trouble
        </span>
        <span>
          <Kbd>F9</Kbd> what a line is
        </span>
        <Button tone="quiet" className="!px-1 text-xs" onClick={showKeys}>
          All keys
        </Button>
      </span>
    </section>
  )
}

function Group({ group, desk }: { readonly group: TroubleGroup; readonly desk: Desk }) {
  const mayWrite = useMay('write')
  const isSame = group.places.length === 1 || isOneCause(group.places)
  // What lines are said to be settles them all at once only where they are doubtful in the same way.
  const mendable = mayWrite && group.places.every(({ mark }) => mark.mend && (isSame || !mark.mend.says))
  const [first] = group.places
  return (
    <span
      className={`flex max-w-full flex-wrap items-center gap-x-2 gap-y-1 rounded-[3px] border border-line border-l-4 bg-sheet py-1 pr-1.5 pl-2.5 whitespace-normal ${group.severity === 'trouble' ? 'border-l-beet' : 'border-l-mustard'}`}
    >
      <span>
        <span aria-hidden="true">{group.severity === 'trouble' ? '◆ ' : '◐ '}</span>
        {group.label}
      </span>
      {first && (
        <Button className="!px-2 !py-0" onClick={() => desk.goToMark(first.item, first.mark)}>
          Show
        </Button>
      )}
      {mendable && (
        <Button className="!px-2 !py-0" onClick={() => desk.takeMends(group.places.map(({ mark }) => mark))}>
          {mendLabel(group)}
        </Button>
      )}
      {mayWrite && isSame && group.places.every(({ mark }) => mark.stays) && (
        <Button className="!px-2 !py-0" onClick={() => desk.keepAsRead(group.places.map(({ mark }) => mark))}>
          {isOneLine(group.places) ? 'It is right' : 'All are right'}
        </Button>
      )}
    </span>
  )
}

function isOneLine(places: TroubleGroup['places']): boolean {
  return new Set(places.map(({ mark }) => mark.from)).size === 1
}

/** What one action does to the whole group. */
function mendLabel({ places }: TroubleGroup): string {
  const parts = new Set(places.flatMap(({ mark }) => mark.mend?.says?.map((line) => line.part) ?? []))
  const [part] = parts
  if (parts.size === 1 && part) return `Read ${isOneLine(places) ? 'it' : 'all'} as ${PART_KINDS[part].noun}`
  return places.length === 1 ? 'Mend' : 'Mend all'
}

function AsideList({
  desk,
  lines,
}: {
  readonly desk: Desk
  readonly lines: readonly {
    readonly line: number
    readonly from: number
    readonly to: number
    readonly reason: string
  }[]
}) {
  const text = desk.view()?.state.doc.toString() ?? ''
  return (
    <Popover.Root>
      <Popover.Trigger className="flex items-center gap-2 rounded-[3px] border border-l-4 border-line bg-sheet px-2.5 py-1">
        {counted(lines.length, 'line', 'lines')} set aside
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          aria-label="Lines set aside"
          className="z-30 max-h-[50vh] w-[min(34rem,calc(100vw-2rem))] overflow-y-auto rounded-[3px] border border-ink bg-sheet p-3"
        >
          <ul className="grid gap-1">
            {lines.map((line) => (
              <li key={line.line} className="grid grid-cols-[2.5rem_5rem_1fr] items-baseline gap-2">
                <span className="text-right text-xs text-muted">{line.line}</span>
                <span className="text-xs text-muted">{line.reason}</span>
                <span className="font-mono text-xs break-words">{text.slice(line.from, line.to)}</span>
              </li>
            ))}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
