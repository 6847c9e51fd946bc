import type { Schemas } from '../api/client'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import { useBankChanges, useOutcomes } from './queries'
import type { BankFilter } from './search'
import { TranslationRow } from './bulk/TranslationRow'
import { Row } from './bulk/Row'
import { CategoryChange, NumberChange, TextChange } from './bulk/changes'

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
  const outcomes = useOutcomes()
  const { change, spread, isPending, problem } = useBulk(ids, shown, filter, close)
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
          <OptionsRow change={change} ids={ids} spread={spread} />
          {ids && <TranslationRow ids={ids} close={close} />}
        </May>
        <SignOffRow ids={ids} change={change} />
        <Row label="">
          <May right="delete">
            <Button onClick={() => change({ deleted: true }, 'deleted')}>Delete</Button>
          </May>
          <Button tone="quiet" className="ml-auto" onClick={close}>
            Close
          </Button>
        </Row>
        {isPending && (
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

function OptionsRow({
  change,
  ids,
  spread,
}: {
  readonly change: (fields: Change, verb?: string) => void
  readonly ids: readonly string[] | null
  readonly spread: (picked: readonly string[]) => void
}) {
  return (
    <Row label="Options">
      <Button onClick={() => change({ shuffle: true })}>May be shuffled</Button>
      <Button onClick={() => change({ shuffle: false })}>Keep their order</Button>
      {ids && (
        <Button title="Moves options so that keys stand at every place about equally often" onClick={() => spread(ids)}>
          Spread the keys
        </Button>
      )}
    </Row>
  )
}

function SignOffRow({
  ids,
  change,
}: {
  readonly ids: readonly string[] | null
  readonly change: (fields: Change, verb?: string) => void
}) {
  return (
    <Row label="Sign-off">
      {ids ? (
        <Button onClick={() => change({ signedOff: true }, 'signed off')}>Sign off</Button>
      ) : (
        <span className="text-muted">Pick the items that you looked at to sign them off.</span>
      )}
      <Button onClick={() => change({ signedOff: false })}>Take back</Button>
    </Row>
  )
}

/** Changes of many items at once, each told with the way back. */
function useBulk(
  ids: readonly string[] | null,
  shown: ReadonlyMap<string, number>,
  filter: BankFilter,
  close: () => void,
) {
  const { changeMany, undoMany, rebalance } = useBankChanges()
  const tell = useTell()
  const done = (result: Schemas['BulkResultDto'], verb: string): void => {
    close()
    const lost = result.signOffsLost
      ? ` ${counted(result.signOffsLost, 'sign-off is', 'sign-offs are')} lost with it.`
      : ''
    const late = result.changedMeanwhile
      ? ` ${counted(result.changedMeanwhile, 'item was', 'items were')} changed by somebody meanwhile: look again.`
      : ''
    // The dialog is gone by then, and with it whoever waits for its calls.
    const undo = (): void =>
      void undoMany
        .mutateAsync(result.id)
        .then(({ restored, left }) =>
          tell(
            `${counted(restored, 'item is', 'items are')} as before${left ? `; ${left} changed since and stay` : ''}.`,
          ),
        )
        .catch((error: Error) => tell(error.message, { tone: 'trouble' }))
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
  const spread = (picked: readonly string[]): void =>
    rebalance.mutate([...picked], { onSuccess: (result) => done(result, 'rearranged') })
  return {
    change,
    spread,
    isPending: changeMany.isPending || rebalance.isPending,
    problem: changeMany.error ?? rebalance.error,
  }
}
