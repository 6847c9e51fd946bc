import {
  ASKED_KINDS,
  estimateReply,
  estimateUnits,
  fingerprint,
  plainText,
  readDraft,
  requestText,
  type AskedKind,
  type EvidenceVerdict,
  type WritingRequest,
} from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Button } from '../../parts/Button'
import { Dialog } from '../../parts/Dialog'
import { counted } from '../../parts/item-words'
import { Fault, Field } from '../../parts/fields'
import { useWriting, useWritingChanges, type Reply } from '../../writing/queries'
import { UseOfUnits } from '../../writing/UseOfUnits'
import { costText, unitsText } from '../../writing/words'
import type { DeskItem } from '../desk-state'
import type { Desk } from '../use-desk'
import type { Found } from './EvidenceDialog'
import type { Again } from './use-again'
import type { Schemas } from '../../api/client'

type Standing = 'signed' | 'edited' | 'drafted'

/** What is signed off or was changed by hand stays, unless a person picks it all the same. */
export function standingOf({ read, followed }: DeskItem, drafted: ReadonlySet<string>): Standing {
  if (followed.signOff) return 'signed'
  // Where nothing is known of what was drafted, nothing can be told.
  return drafted.size === 0 || drafted.has(fingerprint(read.item)) ? 'drafted' : 'edited'
}

const WORDS: Readonly<Record<Standing, string>> = {
  signed: 'signed off, stays',
  edited: 'changed by hand',
  drafted: '',
}
const DOUBTFUL: ReadonlySet<EvidenceVerdict> = new Set(['otherwise', 'not-found'])

/** Has some items drafted again, with a remark; the others stay as they are. */
export function AgainDialog({
  draftId,
  source,
  desk,
  drafted,
  found,
  first,
  again,
  close,
}: {
  readonly draftId: string
  readonly source: string
  readonly desk: Desk
  /** Texts of all replies for this draft. */
  readonly drafted: readonly string[]
  readonly found: Found | null
  /** The item that is worked on; −1: none. */
  readonly first: number
  readonly again: Again
  readonly close: () => void
}) {
  const writing = useWriting().data
  const { ask } = useWritingChanges()
  const standing = useStanding(desk, drafted)
  const [chosen, setChosen] = useState<ReadonlySet<number>>(
    () => new Set(first >= 0 && standing[first] !== 'signed' ? [first] : []),
  )
  const [remark, setRemark] = useState('')
  const { reply } = again
  const { request, text } = requestOf(desk, chosen, remark, source)
  const units = estimateUnits(text) + estimateReply(request)
  const service = writing?.service
  const go = (): void => {
    const what = `${counted(chosen.size, 'question', 'questions')} again`
    const refs = [...chosen].flatMap((at) => desk.items[at]?.followed.ref ?? [])
    const expected = estimateReply(request)
    ask.mutate(
      { draftId, purpose: 'again', what, request: text, expected },
      { onSuccess: ({ id }) => again.begin({ id, refs }) },
    )
  }
  const choose = (places: readonly number[]): void => setChosen(new Set(places))
  const open = desk.items.flatMap((_, at) => (standing[at] === 'drafted' ? at : []))
  const doubtful = open.filter((at) => DOUBTFUL.has(found?.evidence[at]?.verdict ?? 'said'))
  const isWaiting = ask.isPending || reply?.state === 'writing'
  return (
    <Dialog open close={close} title="Draft some again" wide>
      {!service ? (
        <p>No writing service is set up here. The request sheet works without one.</p>
      ) : (
        <form
          className="grid gap-3"
          onSubmit={(event) => {
            event.preventDefault()
            if (chosen.size && !isWaiting) go()
          }}
        >
          <Quick choose={choose} open={open} doubtful={doubtful} chosen={chosen} />
          <ItemChoice desk={desk} standing={standing} chosen={chosen} choose={choose} />
          <Field
            name="What is to be different"
            maxLength={500}
            placeholder="ask about the cable"
            value={remark}
            onChange={(event) => setRemark(event.target.value)}
          />
          <Says isWaiting={isWaiting} service={service} reply={reply} chosen={chosen} units={units} />
          {writing && <UseOfUnits writing={writing} />}
          <Fault error={ask.error} />
          <div className="flex gap-2">
            <Button tone="lead" type="submit" disabled={!chosen.size || isWaiting || writing.whyNot !== null}>
              {isWaiting ? 'Being written …' : `Draft ${counted(chosen.size, 'item', 'items')} again`}
            </Button>
            <Button onClick={close}>Close</Button>
          </div>
        </form>
      )}
    </Dialog>
  )
}

function Quick({
  choose,
  open,
  doubtful,
  chosen,
}: {
  readonly choose: (places: readonly number[]) => void
  readonly open: readonly number[]
  readonly doubtful: readonly number[]
  readonly chosen: ReadonlySet<number>
}) {
  return (
    <div className="flex flex-wrap gap-2">
      <Button onClick={() => choose(open)}>All that nobody signed off or changed ({open.length})</Button>
      {doubtful.length > 0 && (
        <Button onClick={() => choose(doubtful)}>Those the reading does not bear out ({doubtful.length})</Button>
      )}
      {chosen.size > 0 && <Button onClick={() => choose([])}>None</Button>}
    </div>
  )
}

function Says({
  isWaiting,
  service,
  reply,
  chosen,
  units,
}: {
  readonly isWaiting: boolean
  readonly service: Schemas['WritingServiceDto']
  readonly reply: Reply | undefined
  readonly chosen: ReadonlySet<number>
  readonly units: number
}) {
  return (
    <p className="text-muted" role="status">
      {isWaiting
        ? `${service.name} is writing …`
        : reply?.state === 'failed' || reply?.state === 'cut'
          ? (reply.why ?? 'The reply was cut; nothing was put in its place.')
          : chosen.size
            ? `The reading and these questions go to ${service.name}: about ${unitsText(units)}${costText(units, service) && `, ${costText(units, service)}`}.`
            : 'Choose what is to be drafted again.'}
    </p>
  )
}

function ItemChoice({
  desk,
  standing,
  chosen,
  choose,
}: {
  readonly desk: Desk
  readonly standing: readonly Standing[]
  readonly chosen: ReadonlySet<number>
  readonly choose: (places: readonly number[]) => void
}) {
  return (
    <ul className="max-h-64 overflow-y-auto border-y border-line" aria-label="Items">
      {desk.items.map(({ read, followed }, at) => (
        <li key={followed.ref}>
          <label className="flex items-baseline gap-2 py-1">
            <input
              type="checkbox"
              disabled={standing[at] === 'signed'}
              checked={chosen.has(at)}
              onChange={(event) =>
                choose(event.target.checked ? [...chosen, at] : [...chosen].filter((one) => one !== at))
              }
            />
            <span className="min-w-0 flex-1 truncate font-text">
              {at + 1}. {plainText(read.item.stem).replace(/\s+/g, ' ')}
            </span>
            <span className="text-xs whitespace-nowrap text-muted">{WORDS[standing[at] ?? 'drafted']}</span>
          </label>
        </li>
      ))}
    </ul>
  )
}

function textsOf(desk: Desk, isWanted: (at: number) => boolean): string[] {
  const text = desk.view()?.state.doc.toString() ?? ''
  return desk.items.flatMap(({ read }, at) => (isWanted(at) ? text.slice(read.from, read.to) : []))
}

/** How each item of the desk stands: signed off, changed, or as it was drafted. */
function useStanding(desk: Desk, drafted: readonly string[]): readonly Standing[] {
  const prints = useMemo(
    () => new Set(drafted.flatMap((text) => readDraft({ text }).items.map(({ item }) => fingerprint(item)))),
    [drafted],
  )
  return desk.items.map((item) => standingOf(item, prints))
}

function requestOf(desk: Desk, chosen: ReadonlySet<number>, remark: string, source: string) {
  const request = requestFor(desk.items, chosen, remark)
  if (!chosen.size) return { request, text: '' }
  const instead = textsOf(desk, (at) => chosen.has(at))
  const kept = desk.items.flatMap(({ read }, at) => (chosen.has(at) ? [] : plainText(read.item.stem)))
  return { request, text: requestText(request, source, { instead, kept }) }
}

function requestFor(items: readonly DeskItem[], chosen: ReadonlySet<number>, remarks: string): WritingRequest {
  const counts: Partial<Record<AskedKind, number>> = {}
  for (const at of chosen) {
    const kind = items[at]?.read.item.kind
    const asked = ASKED_KINDS.find((one) => one === kind) ?? 'single'
    counts[asked] = (counts[asked] ?? 0) + 1
  }
  return { counts, level: '', language: '', remarks }
}
