import { KIND_NAMES, type Mark } from '@zakuska/core'
import { format } from 'date-fns'
import { memo } from 'react'
import { Button, Kbd } from '../parts/Button'
import { ItemExtras, ItemView } from '../parts/ItemView'
import { May } from '../people/May'
import { letterOf, pointsText } from '../parts/item-words'
import { whyNotSigned, type DeskItem } from './desk-state'
import { BesideItem, sameBeside, type Beside } from './writing/BesideItem'

interface CardProps {
  readonly item: DeskItem
  readonly index: number
  readonly here: boolean
  /** By mark: the item before that is doubtful in the same way. */
  readonly asIn: ReadonlyMap<Mark, number>
  readonly goTo: (index: number) => void
  readonly setKey: (index: number, option: number) => void
  readonly signOff: (index: number) => void
  readonly takeBack: (index: number) => void
  /** What the reading says of it, and what is nearly the same in the bank; absent: nothing is known. */
  readonly beside?: Beside | undefined
}

/** One item beside its lines; focus it, then letters set the key, Enter signs off, Backspace takes it back. */
export const DeskCard = memo(Card, (before, after) => sameCard(before, after))

/** What a card shows is the same, wherever its lines have moved to. */
function sameCard(before: CardProps, after: CardProps): boolean {
  const [a, b] = [before.item, after.item]
  return (
    before.index === after.index &&
    before.here === after.here &&
    a.read.marks.every((mark, at) => before.asIn.get(mark) === after.asIn.get(b.read.marks[at] ?? mark)) &&
    before.goTo === after.goTo &&
    before.setKey === after.setKey &&
    before.signOff === after.signOff &&
    before.takeBack === after.takeBack &&
    sameBeside(before.beside, after.beside) &&
    a.read.item === b.read.item &&
    a.followed.signOff === b.followed.signOff &&
    a.followed.lostSignOff === b.followed.lostSignOff &&
    a.read.marks.length === b.read.marks.length &&
    a.read.marks.every((mark, at) => mark.message === b.read.marks[at]?.message)
  )
}

function Card({ item, index, here, asIn, goTo, setKey, signOff, takeBack, beside }: CardProps) {
  const { read, followed } = item
  const troubles = read.marks.filter((mark) => mark.severity === 'trouble')
  const keyable = read.item.kind === 'single' || read.item.kind === 'multiple' || read.item.kind === 'truefalse'
  return (
    <article
      tabIndex={0}
      data-item={index}
      data-here={here}
      aria-label={`Item ${index + 1}`}
      onFocus={(event) => {
        if (event.target === event.currentTarget) goTo(index)
      }}
      onClick={() => {
        if (!here) goTo(index)
      }}
      style={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 150px' }}
      className={`grid grid-cols-[34px_1fr_92px] border-b border-line py-3 pr-4 outline-offset-[-2px] sm:pr-6 ${here ? 'bg-here' : ''}`}
    >
      <div
        className={`pr-3 text-right font-text text-[15px] font-semibold ${troubles.length ? 'text-beet' : 'text-muted'}`}
      >
        {index + 1}
      </div>
      <div className="min-w-0" dir="auto">
        <ItemView item={read.item} setKey={keyable ? (option) => setKey(index, option) : undefined} />
        <ItemExtras item={read.item} />
        {!followed.signOff &&
          read.marks
            .filter((mark) => mark.severity !== 'told')
            .map((mark) => (
              <p
                key={`${mark.code}${mark.from}`}
                className={`flex gap-1.5 pt-1 text-[12.5px] ${mark.severity === 'trouble' ? 'text-beet' : 'text-mustard-ink'}`}
              >
                <span aria-hidden="true">{mark.severity === 'trouble' ? '◆' : '◐'}</span>
                {markWords(mark, asIn.get(mark))}
              </p>
            ))}
        {beside && <BesideItem beside={beside} />}
        <p className="flex flex-wrap gap-x-3 pt-1.5 text-xs text-muted">
          <span>{KIND_NAMES[read.item.kind]}</span>
          <span>{pointsText(read.item.points)}</span>
          {'shuffle' in read.item && <span>{read.item.shuffle ? 'may shuffle' : 'keeps its order'}</span>}
          {read.item.tags.length > 0 && <span>{read.item.tags.join(', ')}</span>}
          {read.marks.some((mark) => mark.code === 'key-parted') && <span>key parted from an option</span>}
        </p>
      </div>
      <Standing item={item} index={index} signOff={signOff} takeBack={takeBack} />
    </article>
  )
}

/** A doubt that an item before has in the same way is said in full there. */
function markWords(mark: Mark, asIn: number | undefined): string {
  return asIn === undefined ? mark.message : `Line ${mark.lines[0]} is doubtful in the same way as in item ${asIn + 1}.`
}

function Standing({
  item,
  index,
  signOff,
  takeBack,
}: {
  readonly item: DeskItem
  readonly index: number
  readonly signOff: (index: number) => void
  readonly takeBack: (index: number) => void
}) {
  const { followed } = item
  if (followed.signOff)
    return (
      <div className="text-right text-xs leading-snug text-muted">
        <button
          type="button"
          title="Take the sign-off back (Backspace)"
          onClick={(event) => {
            // The button goes; the item stays.
            event.currentTarget.closest<HTMLElement>('[data-item]')?.focus()
            takeBack(index)
          }}
          className="font-semibold text-ink"
        >
          <span aria-hidden="true">✓ </span>signed off
        </button>
        <br />
        {initials(followed.signOff.by)}, {format(followed.signOff.at, 'd MMM HH:mm')}
      </div>
    )
  const trouble = whyNotSigned(item) !== null
  return (
    <div className="text-right text-xs leading-relaxed text-muted">
      {trouble ? <b className="text-beet">to decide</b> : <b className="text-ink">waits</b>}
      {followed.lostSignOff && <p>changed since its sign-off</p>}
      {trouble ? (
        <p className="flex flex-wrap justify-end gap-1">
          {keysOf(item).map((letter) => (
            <Kbd key={letter}>{letter}</Kbd>
          ))}
        </p>
      ) : (
        <May right="sign-off">
          <p className="mt-0.5">
            <Button className="!px-2 !py-0 text-xs" onClick={() => signOff(index)}>
              Sign off
            </Button>
          </p>
        </May>
      )}
    </div>
  )
}

function keysOf({ read }: DeskItem): string[] {
  if (read.item.kind === 'truefalse') return ['T', 'F']
  return read.item.kind === 'single' || read.item.kind === 'multiple'
    ? read.item.options.map((_option, index) => letterOf(index).toUpperCase()).slice(0, 6)
    : []
}

function initials(name: string): string {
  return name
    .split(/\s+/)
    .map((word) => word.charAt(0))
    .join('')
    .slice(0, 3)
}
