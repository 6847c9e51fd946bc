import { useSession } from '../../people/session'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import { Fault } from '../../parts/fields'
import { useMay } from '../../people/May'
import { useWritingChanges, type Reply } from '../../writing/queries'
import { unitsText } from '../../writing/words'

/** How far a reply is, over the draft that it is for: it grows, it was cut, it broke off, it is not in the text yet. */
export function ReplyBar({
  reply,
  read,
  isFresh,
  isMissing,
  putIn,
}: {
  readonly reply: Reply
  /** Items that the desk has read. */
  readonly read: number
  readonly isFresh: boolean
  /** Some of it is not in the text. */
  readonly isMissing: boolean
  readonly putIn: () => void
}) {
  const { stop, goOn } = useWritingChanges()
  const mayWrite = useMay('write')
  // What one asked for is one's own to stop and to pay for.
  const isOwn = useSession().data?.name === reply.by
  const { state, what, purpose } = reply
  const asked = Number(/^\d+/.exec(what)?.[0] ?? 0)
  const isShort = isFresh && purpose === 'items' && read < asked
  if (!isMissing && (state === 'done' || reply.isTaken) && !isShort) return null
  const isTrouble = state === 'failed' || state === 'cut'
  return (
    <div
      className={`flex flex-wrap items-center gap-x-3 gap-y-1 border-b px-3 py-1.5 sm:px-[18px] ${isTrouble ? 'border-beet bg-beet-wash' : 'border-line bg-mustard-wash'}`}
    >
      <p role="status" className="min-w-0">
        {isTrouble && <span aria-hidden="true">◆ </span>}
        {saysOf(reply, read, isShort)}
      </p>
      {mayWrite && (
        <span className="ml-auto flex gap-2">
          {isMissing && <Button onClick={putIn}>Put in what is not here yet</Button>}
          {isOwn && state === 'writing' && (
            <Button disabled={stop.isPending} onClick={() => stop.mutate(reply.id)}>
              Stop
            </Button>
          )}
          {isOwn && state !== 'writing' && state !== 'done' && (
            <Button tone="lead" disabled={goOn.isPending} onClick={() => goOn.mutate(reply.id)}>
              {reply.text ? 'Go on' : 'Ask again'}
            </Button>
          )}
        </span>
      )}
      <Fault error={stop.error ?? goOn.error} />
    </div>
  )
}

/** How a reply stands, in a sentence. */
function saysOf({ state, sentTo, why, units, what, text }: Reply, read: number, isShort: boolean): string {
  const name = sentTo.split(',')[0] ?? ''
  switch (state) {
    case 'writing':
      return `${name} is writing ${what}: ${counted(read, 'item', 'items')} read so far.`
    case 'cut':
      return `${name} stopped at the limit of one reply. What came is here (${unitsText(units)}).`
    case 'failed':
      return `${why ?? ''}${text ? ' What came is here.' : ' Nothing came.'}`
    case 'stopped':
      return 'It was stopped. What came is here.'
    case 'done':
      return isShort
        ? `${what} were asked for, and ${counted(read, 'item was', 'items were')} read.`
        : `A reply from ${name} (${what}) is not all in this text.`
  }
}
