import { estimateUnits, type Item, readDraft, tidyText, type VariantAim, variantText } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { useTell } from '../parts/notices'
import { Fault } from '../parts/fields'
import { useReply, useWriting, useWritingChanges, type Writing, type Reply } from '../writing/queries'
import { UseOfUnits } from '../writing/UseOfUnits'
import { costText, unitsText } from '../writing/words'
import { useBankChanges, type BankItem } from './queries'
import { Side } from './BesideDialog'

const AIMS = ['easier', 'harder', 'level', 'language'] as const

const NAMES: Readonly<Record<(typeof AIMS)[number], string>> = {
  easier: 'easier',
  harder: 'harder',
  level: 'for other readers',
  language: 'in another language',
}

type Aim = (typeof AIMS)[number]

const SELECT = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-1'

/** A variant drafted by the writing service, held beside its original before it is kept. */
export function VariantDialog({ item, close }: { readonly item: BankItem; readonly close: () => void }) {
  const writing = useWriting().data
  const service = writing?.service
  return (
    <Dialog open close={close} title="A variant of this item" wide>
      {!service || !writing ? (
        <p>
          No writing service is set up here.{' '}
          <Link to="/workspace/writing" className="underline">
            Set one up
          </Link>
        </p>
      ) : (
        <VariantForm item={item} writing={writing} service={service} close={close} />
      )}
    </Dialog>
  )
}

function VariantForm({
  item,
  writing,
  service,
  close,
}: {
  readonly item: BankItem
  readonly writing: Writing
  readonly service: NonNullable<Writing['service']>
  readonly close: () => void
}) {
  const original = item.body
  const { addVariant } = useBankChanges()
  const tell = useTell()
  const [to, setTo] = useState<Aim>('easier')
  const [detail, setDetail] = useState('')
  const [tag, setTag] = useState('')
  const needsDetail = to === 'level' || to === 'language'
  const { reply, drafted, isWaiting, units, ask, setAsked, go } = useVariantReply(original, to, detail)
  const keep = (): void => {
    if (!drafted) return
    const language = to === 'language' && tag.trim() ? tag.trim() : null
    addVariant.mutate(
      { id: item.id, language, body: drafted },
      {
        onSuccess: () => {
          close()
          tell('The variant is in the bank, and waits for sign-off.')
        },
      },
    )
  }
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        if (drafted) keep()
        else if (!isWaiting && !(needsDetail && !detail.trim())) go()
      }}
    >
      <AimFields
        to={to}
        isWaiting={isWaiting}
        setTo={setTo}
        setAsked={setAsked}
        needsDetail={needsDetail}
        detail={detail}
        setDetail={setDetail}
        tag={tag}
        setTag={setTag}
      />
      <Says isWaiting={isWaiting} service={service} drafted={drafted} reply={reply} units={units} />
      {drafted && (
        <div className="grid gap-4 border-y border-line py-3 sm:grid-cols-2">
          <Side name="Now" item={original} />
          <Side name="The variant" item={drafted} />
        </div>
      )}
      <UseOfUnits writing={writing} />
      <Fault error={ask.error ?? addVariant.error} />
      <Steps
        drafted={drafted}
        addVariant={addVariant}
        isWaiting={isWaiting}
        writing={writing}
        go={go}
        needsDetail={needsDetail}
        detail={detail}
        close={close}
      />
    </form>
  )
}

function Says({
  isWaiting,
  service,
  drafted,
  reply,
  units,
}: {
  readonly isWaiting: boolean
  readonly service: NonNullable<Writing['service']>
  readonly drafted: Item | null
  readonly reply: Reply | undefined
  readonly units: number
}) {
  return (
    <p className="text-muted" role="status">
      {isWaiting
        ? `${service.name} is writing …`
        : drafted
          ? 'Look at both before it is kept; its key is checked again at sign-off.'
          : reply
            ? (reply.why ?? 'Nothing that could be read as one item came back.')
            : `This item goes to ${service.name}: about ${unitsText(units)}${costText(units, service) && `, ${costText(units, service)}`}.`}
    </p>
  )
}

function Steps({
  drafted,
  addVariant,
  isWaiting,
  writing,
  go,
  needsDetail,
  detail,
  close,
}: {
  readonly drafted: Item | null
  readonly addVariant: ReturnType<typeof useBankChanges>['addVariant']
  readonly isWaiting: boolean
  readonly writing: Writing
  readonly go: () => void
  readonly needsDetail: boolean
  readonly detail: string
  readonly close: () => void
}) {
  return (
    <div className="flex gap-2">
      {drafted ? (
        <>
          <Button tone="lead" type="submit" disabled={addVariant.isPending}>
            Keep it as a variant
          </Button>
          <Button disabled={isWaiting || writing.whyNot !== null} onClick={go}>
            Draft it again
          </Button>
        </>
      ) : (
        <Button
          tone="lead"
          type="submit"
          disabled={isWaiting || writing.whyNot !== null || (needsDetail && !detail.trim())}
        >
          {isWaiting ? 'Being written …' : 'Draft it'}
        </Button>
      )}
      <Button onClick={close}>Close</Button>
    </div>
  )
}

function AimFields({
  to,
  isWaiting,
  setTo,
  setAsked,
  needsDetail,
  detail,
  setDetail,
  tag,
  setTag,
}: {
  readonly to: Aim
  readonly isWaiting: boolean
  readonly setTo: (next: Aim) => void
  readonly setAsked: (next: string | null) => void
  readonly needsDetail: boolean
  readonly detail: string
  readonly setDetail: (next: string) => void
  readonly tag: string
  readonly setTag: (next: string) => void
}) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <label>
        It is to be{' '}
        <select
          className={SELECT}
          value={to}
          disabled={isWaiting}
          onChange={(event) => {
            setTo(event.target.value as Aim)
            setAsked(null)
          }}
        >
          {AIMS.map((aim) => (
            <option key={aim} value={aim}>
              {NAMES[aim]}
            </option>
          ))}
        </select>
      </label>
      {needsDetail && (
        <input
          aria-label={to === 'level' ? 'Which readers' : 'Which language'}
          className={SELECT}
          maxLength={60}
          placeholder={to === 'level' ? 'grade 5, or A2' : 'Norwegian'}
          value={detail}
          onChange={(event) => {
            setDetail(event.target.value)
            setAsked(null)
          }}
        />
      )}
      {to === 'language' && (
        <input
          aria-label="Tag of the language"
          className={`${SELECT} w-28`}
          maxLength={40}
          placeholder="tag: nb"
          value={tag}
          onChange={(event) => setTag(event.target.value)}
        />
      )}
    </div>
  )
}

/** The one item of a reply, with what the original is filed by. */
function itemIn(text: string, original: Item): Item | null {
  const [read, more] = readDraft({ text }).items
  if (!read || more) return null
  const { points, tags, outcome, level, difficulty } = original
  return {
    ...read.item,
    ...{ points, tags },
    ...(outcome !== undefined && { outcome }),
    ...(level !== undefined && { level }),
    ...(difficulty !== undefined && { difficulty }),
  }
}

function aimOf(to: (typeof AIMS)[number], detail: string): VariantAim {
  if (to === 'level') return { to, level: detail }
  return to === 'language' ? { to, language: detail } : { to }
}

/** The variant that the writing service is asked for, and what it costs to ask. */
function useVariantReply(original: Item, to: Aim, detail: string) {
  const { ask } = useWritingChanges()
  const [asked, setAsked] = useState<string | null>(null)
  const reply = useReply(asked).data
  const drafted = useMemo(() => (reply?.state === 'done' ? itemIn(reply.text, original) : null), [reply, original])
  const request = variantText(tidyText([original]), aimOf(to, detail))
  const expected = estimateUnits(tidyText([original]))
  const needsDetail = to === 'level' || to === 'language'
  const go = (): void => {
    const what = `a variant, ${NAMES[to]}${needsDetail ? `: ${detail}` : ''}`.slice(0, 200)
    ask.mutate({ purpose: 'variant', what, request, expected }, { onSuccess: ({ id }) => setAsked(id) })
  }
  return {
    ...{ reply, drafted, ask, setAsked, go },
    units: estimateUnits(request) + expected,
    isWaiting: ask.isPending || reply?.state === 'writing',
  }
}
