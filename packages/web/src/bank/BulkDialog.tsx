import { categoryPath } from '@zakuska/core'
import { useRef, useState, type ReactNode } from 'react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { CategoryField } from './CategoryField'
import { FIELD } from './KindFields'
import { useBankChanges, useOutcomes } from './queries'
import type { BankFilter } from './search'

type Change = Schemas['BulkFieldsDto']

/** One field changed on many items; done as one, undone as one. */
export function BulkDialog({
  ids,
  shown,
  filter,
  count,
  close,
}: {
  /** Null: all that the filter finds. */
  readonly ids: readonly string[] | null
  /** The items that were shown, by id: only as they were shown are they signed off. */
  readonly shown: ReadonlyMap<string, number>
  readonly filter: BankFilter
  readonly count: number
  readonly close: () => void
}) {
  const { changeMany, undoMany, rebalance } = useBankChanges()
  const outcomes = useOutcomes()
  const tell = useTell()
  const done = (result: Schemas['BulkResultDto'], verb: string): void => {
    close()
    const lost = result.signOffsLost
      ? ` ${counted(result.signOffsLost, 'sign-off is', 'sign-offs are')} lost with it.`
      : ''
    const late = result.changedMeanwhile
      ? ` ${counted(result.changedMeanwhile, 'item was', 'items were')} changed by somebody meanwhile: look again.`
      : ''
    const undo = (): void =>
      undoMany.mutate(result.id, {
        onSuccess: ({ restored, left }) =>
          tell(
            `${counted(restored, 'item is', 'items are')} as before${left ? `; ${left} changed since and stay` : ''}.`,
          ),
      })
    tell(
      result.changed
        ? `${counted(result.changed, 'item was', 'items were')} ${verb}.${lost}${late}`
        : late.trim() || 'Nothing had to change.',
      result.changed ? { undo } : {},
    )
  }
  const change = (fields: Change, verb = 'changed'): void =>
    changeMany.mutate(
      ids
        ? { ids: [...ids], change: fields, ...(fields.signedOff && { shown: Object.fromEntries(shown) }) }
        : { filter, change: fields },
      {
        onSuccess: (result) => done(result, verb),
      },
    )
  const problem = changeMany.error ?? rebalance.error
  return (
    <Dialog open close={close} title={`Change ${counted(count, 'item', 'items')}`}>
      <div className="grid grid-cols-1 gap-3">
        <May right="write" to="change more than the sign-off">
          <CategoryChange
            move={(category) => change({ category }, category ? `moved to ${category}` : 'moved to the top')}
          />
          <TextChange label="Add a tag" apply={(tag) => change({ addTags: [tag] })} button="Add" />
          <TextChange label="Take a tag off" apply={(tag) => change({ dropTags: [tag] })} button="Take off" />
          <NumberChange label="Points" least={0} apply={(points) => change({ points })} />
          <TextChange
            label="Outcome"
            apply={(outcome) => change({ outcome })}
            clear={() => change({ outcome: null })}
            known={outcomes.data?.map((one) => one.code)}
          />
          <TextChange
            label="Cognitive level"
            apply={(level) => change({ level })}
            clear={() => change({ level: null })}
          />
          <TextChange
            label="Difficulty"
            apply={(difficulty) => change({ difficulty })}
            clear={() => change({ difficulty: null })}
          />
          <NumberChange
            label="Time limit, seconds"
            least={1}
            apply={(timeLimit) => change({ timeLimit })}
            clear={() => change({ timeLimit: null })}
          />
          <Row label="Options">
            <Button onClick={() => change({ shuffle: true })}>May be shuffled</Button>
            <Button onClick={() => change({ shuffle: false })}>Keep their order</Button>
            {ids && (
              <Button
                title="Moves options so that keys stand at every place about equally often"
                onClick={() => rebalance.mutate([...ids], { onSuccess: (result) => done(result, 'rearranged') })}
              >
                Spread the keys
              </Button>
            )}
          </Row>
          {ids && <TranslationRow ids={ids} close={close} />}
        </May>
        <Row label="Sign-off">
          {ids ? (
            <Button onClick={() => change({ signedOff: true }, 'signed off')}>Sign off</Button>
          ) : (
            <span className="text-muted">Pick the items that you looked at to sign them off.</span>
          )}
          <Button onClick={() => change({ signedOff: false })}>Take back</Button>
        </Row>
        <Row label="">
          <May right="delete">
            <Button onClick={() => change({ deleted: true }, 'deleted')}>Delete</Button>
          </May>
          <Button tone="quiet" className="ml-auto" onClick={close}>
            Close
          </Button>
        </Row>
        {(changeMany.isPending || rebalance.isPending) && (
          <p role="status" className="text-muted">
            Changing {counted(count, 'item', 'items')} …
          </p>
        )}
        {problem && (
          <p role="alert" className="text-beet">
            ◆ {problem.message}
          </p>
        )}
      </div>
    </Dialog>
  )
}

/** Out as XLIFF 2 for a translator's own program, and back as variants of the items. */
function TranslationRow({ ids, close }: { readonly ids: readonly string[]; readonly close: () => void }) {
  const { toTranslate, translated } = useBankChanges()
  const tell = useTell()
  const file = useRef<HTMLInputElement>(null)
  const [language, setLanguage] = useState('')
  const failed = (error: Error): void => tell(error.message, { tone: 'trouble' })
  const send = (): void =>
    toTranslate.mutate(
      { ids: ids.slice(0, 500), language: language.trim() },
      {
        onError: failed,
        onSuccess: ({ text }) => {
          const address = URL.createObjectURL(new Blob([text], { type: 'application/xliff+xml' }))
          const link = document.createElement('a')
          link.href = address
          link.download = `items-${language.trim()}.xlf`
          link.click()
          URL.revokeObjectURL(address)
        },
      },
    )
  const read = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return
    translated.mutate(await chosen.text(), {
      onError: failed,
      onSuccess: ({ created, updated, open, unknown }) => {
        close()
        tell(
          [
            `${counted(created, 'translation is', 'translations are')} new, ${updated} changed`,
            ...(open ? [`${counted(open, 'text is', 'texts are')} not translated yet`] : []),
            ...(unknown ? [`${counted(unknown, 'item is', 'items are')} not in this bank`] : []),
          ].join('; ') + '.',
        )
      },
    })
  }
  return (
    <Row label="Translation">
      <form
        className="flex flex-1 flex-wrap gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (language.trim()) send()
        }}
      >
        <input
          aria-label="Language to translate into"
          placeholder="such as sv"
          value={language}
          onChange={(event) => setLanguage(event.target.value)}
          className={`${FIELD} w-24`}
        />
        <Button type="submit" disabled={!language.trim() || toTranslate.isPending}>
          Send out
        </Button>
        <Button onClick={() => file.current?.click()}>Read back</Button>
        <input
          ref={file}
          type="file"
          aria-label="Translated file"
          accept=".xlf,.xliff,.xml"
          tabIndex={-1}
          className="sr-only"
          onChange={(event) => {
            void read(event.target.files?.[0])
            event.target.value = ''
          }}
        />
      </form>
    </Row>
  )
}

function Row({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div className="grid grid-cols-1 items-center gap-x-2 gap-y-1 sm:grid-cols-[7.5rem_minmax(0,1fr)]">
      <span className="text-muted">{label}</span>
      <span className="flex flex-wrap gap-1.5">{children}</span>
    </div>
  )
}

/** Where the items lie in the bank: in a category, or in none. */
function CategoryChange({ move }: { readonly move: (category: string | null) => void }) {
  const [category, setCategory] = useState('')
  return (
    <Row label="Category">
      <form
        className="flex min-w-0 flex-1 gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (category.trim()) move(categoryPath(category))
        }}
      >
        <CategoryField value={category} change={setCategory} />
        <Button type="submit" disabled={!category.trim()}>
          Move
        </Button>
        <Button tone="quiet" onClick={() => move(null)}>
          None
        </Button>
      </form>
    </Row>
  )
}

function TextChange({
  label,
  apply,
  clear,
  known,
  button = 'Set',
}: {
  readonly label: string
  readonly apply: (text: string) => void
  readonly clear?: () => void
  readonly known?: readonly string[] | undefined
  readonly button?: string
}) {
  const [text, setText] = useState('')
  const list = `known-${label.replace(/\W+/g, '-')}`
  return (
    <Row label={label}>
      <form
        className="flex min-w-0 flex-1 gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (text.trim()) apply(text.trim())
        }}
      >
        <input
          aria-label={label}
          value={text}
          list={known?.length ? list : undefined}
          onChange={(event) => setText(event.target.value)}
          className={`${FIELD} min-w-0 flex-1`}
        />
        {known && (
          <datalist id={list}>
            {known.map((one) => (
              <option key={one} value={one} />
            ))}
          </datalist>
        )}
        <Button type="submit" disabled={!text.trim()}>
          {button}
        </Button>
        {clear && (
          <Button tone="quiet" onClick={clear}>
            None
          </Button>
        )}
      </form>
    </Row>
  )
}

function NumberChange({
  label,
  least,
  apply,
  clear,
}: {
  readonly label: string
  readonly least: number
  readonly apply: (value: number) => void
  readonly clear?: () => void
}) {
  const [text, setText] = useState('')
  const value = Number(text)
  const isFit = text !== '' && value >= least
  return (
    <Row label={label}>
      <form
        className="flex gap-1.5"
        onSubmit={(event) => {
          event.preventDefault()
          if (isFit) apply(value)
        }}
      >
        <input
          type="number"
          aria-label={label}
          min={least}
          step="any"
          value={text}
          onChange={(event) => setText(event.target.value)}
          className={`${FIELD} w-24`}
        />
        <Button type="submit" disabled={!isFit}>
          Set
        </Button>
        {clear && (
          <Button tone="quiet" onClick={clear}>
            None
          </Button>
        )}
      </form>
    </Row>
  )
}
