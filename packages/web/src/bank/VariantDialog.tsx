import { estimateUnits, type Item, readDraft, tidyText, type VariantAim, variantText } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { asKept } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { Fault } from '../parts/fields'
import { useReply, useWriting, useWritingChanges } from '../writing/queries'
import { UseOfUnits } from '../writing/UseOfUnits'
import { costText, unitsText } from '../writing/words'
import { type BankItem, useBankChanges } from './queries'
import { Side } from './BesideDialog'

const AIMS = ['easier', 'harder', 'level', 'language'] as const

const NAMES: Readonly<Record<(typeof AIMS)[number], string>> = {
  easier: 'easier',
  harder: 'harder',
  level: 'for other readers',
  language: 'in another language',
}

const SELECT = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-1'

/** A variant drafted by the writing service, held beside its original before it is kept. */
export function VariantDialog({ item, close }: { readonly item: BankItem; readonly close: () => void }) {
  const original = asKept(item.body)
  const writing = useWriting().data
  const { ask } = useWritingChanges()
  const { addVariant } = useBankChanges()
  const tell = useTell()
  const [to, setTo] = useState<(typeof AIMS)[number]>('easier')
  const [detail, setDetail] = useState('')
  const [tag, setTag] = useState('')
  const [asked, setAsked] = useState<string | null>(null)
  const reply = useReply(asked).data
  const drafted = useMemo(() => (reply?.state === 'done' ? itemIn(reply.text, original) : null), [reply, original])
  const service = writing?.service
  const needsDetail = to === 'level' || to === 'language'
  const request = variantText(tidyText([original]), aimOf(to, detail))
  const expected = estimateUnits(tidyText([original]))
  const units = estimateUnits(request) + expected
  const isWaiting = ask.isPending || reply?.state === 'writing'
  const go = (): void => {
    const what = `a variant, ${NAMES[to]}${needsDetail ? `: ${detail}` : ''}`.slice(0, 200)
    ask.mutate({ purpose: 'variant', what, request, expected }, { onSuccess: ({ id }) => setAsked(id) })
  }
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
    <Dialog open close={close} title="A variant of this item" wide>
      {!service || !writing ? (
        <p>
          No writing service is set up here.{' '}
          <Link to="/workspace/writing" className="underline">
            Set one up
          </Link>
        </p>
      ) : (
        <form
          className="grid gap-3"
          onSubmit={(event) => {
            event.preventDefault()
            if (drafted) keep()
            else if (!isWaiting && !(needsDetail && !detail.trim())) go()
          }}
        >
          <div className="flex flex-wrap items-end gap-3">
            <label>
              It is to be{' '}
              <select
                className={SELECT}
                value={to}
                disabled={isWaiting}
                onChange={(event) => {
                  setTo(event.target.value as (typeof AIMS)[number])
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
          <p className="text-muted" role="status">
            {isWaiting
              ? `${service.name} is writing …`
              : drafted
                ? 'Look at both before it is kept; its key is checked again at sign-off.'
                : reply
                  ? (reply.why ?? 'Nothing that could be read as one item came back.')
                  : `This item goes to ${service.name}: about ${unitsText(units)}${costText(units, service) && `, ${costText(units, service)}`}.`}
          </p>
          {drafted && (
            <div className="grid gap-4 border-y border-line py-3 sm:grid-cols-2">
              <Side name="Now" item={original} />
              <Side name="The variant" item={drafted} />
            </div>
          )}
          <UseOfUnits writing={writing} />
          <Fault error={ask.error ?? addVariant.error} />
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
        </form>
      )}
    </Dialog>
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
