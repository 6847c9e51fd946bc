import { LINE_PARTS, PART_KINDS, type LinePart } from '@zakuska/core'
import { DropdownMenu } from 'radix-ui'
import { followingWords } from './following-words'
import { named, type Teaching } from './use-teaching'

const ROW =
  'grid cursor-default grid-cols-[1rem_1fr] items-baseline gap-1 px-2 py-[3px] outline-none data-[highlighted]:bg-mustard data-[highlighted]:text-on-mustard'

/** Asks what a line is; what would follow is shown in the text and said below before anything settles. */
export function PartMenu({ teaching, toText }: { readonly teaching: Teaching; readonly toText: () => void }) {
  const { open, current, following, taught } = teaching
  const isSaid = open !== null && open.places.some((place) => taught.lines.some((line) => holds(line, place)))
  return (
    <DropdownMenu.Root
      open={open !== null}
      onOpenChange={(isOpen) => {
        if (!isOpen) teaching.close()
      }}
      modal={false}
    >
      <DropdownMenu.Trigger asChild>
        <span
          aria-hidden="true"
          className="pointer-events-none fixed size-px"
          style={open ? { left: open.at.left, top: open.at.top } : { left: 0, top: 0 }}
        />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          side="right"
          align="start"
          sideOffset={-8}
          collisionPadding={8}
          aria-label={open ? `${named(open.lines)} is read as` : 'What the line is'}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            toText()
          }}
          className="z-30 w-[17rem] max-w-[calc(100vw-1rem)] rounded-[3px] border border-ink bg-sheet py-1"
        >
          <DropdownMenu.Label className="px-2 py-1 text-xs text-muted">
            {open && `${named(open.lines)}: what is it?`}
          </DropdownMenu.Label>
          <DropdownMenu.RadioGroup value={current ?? ''} onValueChange={(part) => teaching.settle(part as LinePart)}>
            {LINE_PARTS.map((part) => (
              <DropdownMenu.RadioItem key={part} value={part} className={ROW} onFocus={() => teaching.consider(part)}>
                <DropdownMenu.ItemIndicator className="col-start-1 row-start-1" aria-hidden="true">
                  ✓
                </DropdownMenu.ItemIndicator>
                <span className="col-start-2 row-start-1">{PART_KINDS[part].says}</span>
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          <DropdownMenu.Separator className="my-1 border-t border-line" />
          <DropdownMenu.CheckboxItem
            checked={teaching.alike}
            onCheckedChange={(alike) => teaching.setAlike(alike)}
            onSelect={(event) => event.preventDefault()}
            className={ROW}
          >
            <DropdownMenu.ItemIndicator className="col-start-1 row-start-1" aria-hidden="true">
              ✓
            </DropdownMenu.ItemIndicator>
            <span className="col-start-2 row-start-1">Lines that look alike, too</span>
          </DropdownMenu.CheckboxItem>
          {isSaid && (
            <DropdownMenu.Item
              className={ROW}
              onFocus={() => teaching.consider(null)}
              onSelect={() => teaching.settle(null)}
            >
              <span className="col-start-2">Take back what was said</span>
            </DropdownMenu.Item>
          )}
          <p
            role="status"
            className={`mt-1 min-h-[3.4em] border-t border-line px-2 pt-1 text-xs ${following && !following.holds ? 'text-beet' : 'text-muted'}`}
          >
            {following ? followingWords(following) : 'What would follow is shown here and in the text.'}
          </p>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

function holds(line: { readonly from: number; readonly to: number }, place: number): boolean {
  return place <= line.from && line.from <= place + (line.to - line.from)
}
