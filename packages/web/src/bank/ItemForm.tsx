import {
  checkItem,
  countGaps,
  DEFAULT_TEXT_RULES,
  ITEM_KINDS,
  KIND_NAMES,
  optionId,
  type ChoiceItem,
  type ClozeGap,
  type Content,
  type Item,
} from '@zakuska/core'
import { useState } from 'react'
import { Button } from '../parts/Button'
import { letterOf } from '../parts/item-words'
import { MoveButtons } from '../parts/MoveButtons'
import { RichField } from '../parts/RichField'
import { FIELD, KindFields, Labelled } from './KindFields'

export function emptyItem(kind: Item['kind']): Item {
  const common = { stem: [], points: 1, tags: [] }
  switch (kind) {
    case 'single':
      return {
        ...common,
        kind,
        options: [0, 1, 2, 3].map((index) => ({ id: optionId(index), content: [] })),
        key: [],
        shuffle: true,
      }
    case 'multiple':
      return {
        ...common,
        kind,
        options: [0, 1, 2, 3].map((index) => ({ id: optionId(index), content: [] })),
        key: [],
        shuffle: true,
        credit: 'all',
      }
    case 'truefalse':
      return { ...common, kind, key: [] }
    case 'short':
      return { ...common, kind, key: [], rules: DEFAULT_TEXT_RULES }
    case 'numeric':
      return { ...common, kind, key: [] }
    case 'cloze':
      return { ...common, kind, gaps: [], rules: DEFAULT_TEXT_RULES }
    case 'match':
      return { ...common, kind, left: [[], []], right: [[], []], key: [] }
    case 'grid':
      return { ...common, kind, rows: [[], []], columns: [[], []], key: [] }
    case 'order': {
      const options = [0, 1, 2].map((index) => ({ id: optionId(index), content: [] }))
      return { ...common, kind, options, key: options.map((option) => option.id) }
    }
    case 'scale':
      return { ...common, kind, points: 0, low: 1, high: 5 }
    case 'essay':
      return { ...common, kind }
    case 'note':
      return { ...common, kind, points: 0 }
  }
}

/** The same item as another kind; what both have is kept. */
function asKind(item: Item, kind: Item['kind']): Item {
  const { stem, points, feedback, hint, tags, outcome, level, difficulty, language, passage, timeLimit } = item
  const shared = {
    stem,
    points,
    tags,
    ...(feedback && { feedback }),
    ...(hint && { hint }),
    ...(outcome !== undefined && { outcome }),
    ...(level !== undefined && { level }),
    ...(difficulty !== undefined && { difficulty }),
    ...(timeLimit !== undefined && { timeLimit }),
    ...(language !== undefined && { language }),
    ...(passage && { passage }),
  }
  if ((kind === 'single' || kind === 'multiple' || kind === 'order') && 'options' in item) {
    if (kind === 'order')
      return { ...shared, options: item.options, kind, key: item.options.map((option) => option.id) }
    const choice = { options: item.options, shuffle: 'shuffle' in item ? item.shuffle : true }
    const key = item.kind === 'order' ? [] : item.key
    return kind === 'single'
      ? { ...shared, ...choice, kind, key: key.slice(0, 1) }
      : { ...shared, ...choice, kind, key, credit: 'all' }
  }
  if (kind === 'cloze') return { ...emptyItem(kind), ...shared, gaps: gapsFor([], item.stem) } as Item
  const none = kind === 'scale' || kind === 'note' ? { points: 0 } : {}
  return { ...emptyItem(kind), ...shared, ...none }
}

/** As many gaps as the stem has; the ones that are there stay in their order. */
function gapsFor(gaps: readonly ClozeGap[], stem: Content): ClozeGap[] {
  return Array.from({ length: countGaps(stem) }, (_none, index) => gaps[index] ?? { key: [] })
}

interface FormProps {
  readonly start: Item
  /** Made anew: its kind can be chosen. */
  readonly fresh?: boolean
  readonly saving: boolean
  readonly problem: string | undefined
  readonly save: (item: Item) => void
  readonly cancel: () => void
}

/** Every field that an item has. */
export function ItemForm({ start, fresh = false, saving, problem, save, cancel }: FormProps) {
  const [item, setItem] = useState(start)
  const [tried, setTried] = useState(false)
  const ready = tidied(item)
  const wrong = checkItem(ready)[0]
  const set = (part: Partial<Item>): void => setItem((now) => ({ ...now, ...part }) as Item)
  const submit = (): void => {
    setTried(true)
    if (!wrong) save(ready)
  }
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        submit()
      }}
    >
      <Labelled name="Kind">
        <select
          aria-label="Kind"
          value={item.kind}
          onChange={(event) => setItem(asKind(item, event.target.value as Item['kind']))}
          className={FIELD}
        >
          {ITEM_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {KIND_NAMES[kind]}
            </option>
          ))}
        </select>
      </Labelled>
      <Labelled name="Stem">
        <RichField
          label="Stem"
          value={item.stem}
          change={(stem) => set(item.kind === 'cloze' ? { stem, gaps: gapsFor(item.gaps, stem) } : { stem })}
        />
      </Labelled>
      {(item.kind === 'single' || item.kind === 'multiple') && <OptionFields item={item} set={set} />}
      <KindFields key={item.kind} item={item} set={set} />
      <MoreFields item={item} set={set} />
      {(problem ?? (tried && wrong)) && (
        <p role="alert" className="text-beet">
          <span aria-hidden="true">◆ </span>
          {problem ?? sentence(wrong)}
        </p>
      )}
      <div className="flex gap-2">
        <Button tone="lead" type="submit" disabled={saving}>
          {fresh ? 'Put in the bank' : 'Save'}
        </Button>
        <Button onClick={cancel}>Cancel</Button>
      </div>
    </form>
  )
}

const FIELD_NAMES: Readonly<Record<string, string>> = {
  '$.stem': 'The stem',
  '$.options': 'The options',
  '$.key': 'The key',
  '$.points': 'The points',
  '$.gaps': 'The gaps',
  '$.left': 'The parts on the left',
  '$.right': 'The parts on the right',
  '$.rows': 'The rows',
  '$.columns': 'The columns',
  '$.high': 'The high end',
}
const PART_NAMES: Readonly<Record<string, string>> = {
  left: 'Left part',
  right: 'Right part',
  rows: 'Row',
  columns: 'Column',
}

function sentence(problem: { readonly path: string; readonly message: string } | undefined): string {
  if (!problem) return ''
  const option = /options\[(\d+)\]/.exec(problem.path)
  const part = /(left|right|rows|columns)\[(\d+)\]/.exec(problem.path)
  const what = option
    ? `Option ${letterOf(Number(option[1]))}`
    : part?.[1]
      ? `${PART_NAMES[part[1]] ?? 'Part'} ${Number(part[2]) + 1}`
      : (FIELD_NAMES[problem.path] ?? 'Something')
  return `${what} ${problem.message}.`
}

type SetPart = (part: Partial<Item>) => void

function OptionFields({ item, set }: { readonly item: ChoiceItem; readonly set: SetPart }) {
  const change = (index: number, content: Content): void =>
    set({ options: item.options.map((option, at) => (at === index ? { ...option, content } : option)) })
  const note = (index: number, feedback: Content): void =>
    set({ options: item.options.map((option, at) => (at === index ? { ...option, feedback } : option)) })
  const move = (index: number, step: number): void => {
    const options = [...item.options]
    const [moved] = options.splice(index, 1)
    if (moved) options.splice(index + step, 0, moved)
    set({ options })
  }
  const keyed = (id: string, on: boolean): void =>
    set({
      key:
        item.kind === 'single'
          ? [id]
          : item.options.map((option) => option.id).filter((one) => (one === id ? on : item.key.includes(one))),
    })
  const weigh = (id: string, percent: number): void => set({ weights: { ...item.weights, [id]: percent / 100 } })
  const add = (): void => {
    const used = new Set(item.options.map((option) => option.id))
    let next = 0
    while (used.has(optionId(next))) next++
    set({ options: [...item.options, { id: optionId(next), content: [] }] })
  }
  const without = (id: string): void =>
    set({
      options: item.options.filter((option) => option.id !== id),
      key: item.key.filter((one) => one !== id),
      ...(item.weights && {
        weights: Object.fromEntries(Object.entries(item.weights).filter(([name]) => name !== id)),
      }),
    })
  return (
    <fieldset className="grid gap-1.5">
      <legend className="mb-0.5 text-xs font-semibold text-muted">
        Options; the marked {item.kind === 'single' ? 'one is' : 'ones are'} the key
      </legend>
      {item.options.map((option, index) => (
        <div key={option.id} className="flex items-start gap-1.5">
          <input
            type={item.kind === 'single' ? 'radio' : 'checkbox'}
            name="key"
            aria-label={`Option ${letterOf(index)} is the key`}
            checked={item.key.includes(option.id)}
            onChange={(event) => keyed(option.id, event.target.checked)}
            className="mt-2 accent-ink"
          />
          <div className="grid min-w-0 flex-1 gap-1">
            <RichField
              slim
              label={`Option ${letterOf(index)}`}
              value={option.content}
              change={(content) => change(index, content)}
            />
            {option.feedback && (
              <RichField
                slim
                label={`Feedback to option ${letterOf(index)}`}
                value={option.feedback}
                change={(feedback) => note(index, feedback)}
              />
            )}
          </div>
          {takesWeight(item, option.id) && (
            <label className="flex items-center gap-1 pt-1 text-xs text-muted">
              <input
                type="number"
                min={item.kind === 'single' ? 0 : -100}
                max={100}
                step="any"
                aria-label={`Share of the points for option ${letterOf(index)}, in percent`}
                value={percentOf(item, option.id)}
                onChange={(event) => weigh(option.id, event.target.valueAsNumber)}
                className={`${FIELD} w-20 !py-0.5 text-right`}
              />
              %
            </label>
          )}
          <div className="flex gap-0.5 pt-1 text-muted">
            <MoveButtons what={`option ${letterOf(index)}`} index={index} count={item.options.length} move={move} />
            {!option.feedback && (
              <button
                type="button"
                aria-label={`Add feedback to option ${letterOf(index)}`}
                title="Feedback"
                onClick={() => note(index, [])}
                className="size-6"
              >
                ¶
              </button>
            )}
            <button
              type="button"
              aria-label={`Take option ${letterOf(index)} out`}
              onClick={() => without(option.id)}
              className="size-6"
            >
              ×
            </button>
          </div>
        </div>
      ))}
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <Button onClick={add}>Add an option</Button>
        <label>
          <input
            type="checkbox"
            checked={item.shuffle}
            onChange={(event) => set({ shuffle: event.target.checked })}
            className="mr-1.5 accent-ink"
          />
          options may be shuffled
        </label>
        <CreditField item={item} set={set} />
      </div>
    </fieldset>
  )
}

function takesWeight(item: ChoiceItem, id: string): boolean {
  if (item.kind === 'multiple') return item.credit === 'weights'
  return item.weights !== undefined && !item.key.includes(id)
}

function percentOf(item: ChoiceItem, id: string): number | '' {
  const weight = item.weights?.[id] ?? 0
  return Number.isNaN(weight) ? '' : Number((weight * 100).toFixed(4))
}

const CREDITS = [
  ['all', 'all or nothing'],
  ['each', 'for each option'],
  ['weights', 'by weights'],
] as const

/** What part of the key earns. Weights begin as what `each` gives, to be changed from there. */
function CreditField({ item, set }: { readonly item: ChoiceItem; readonly set: SetPart }) {
  if (item.kind === 'single')
    return (
      <label>
        <input
          type="checkbox"
          checked={item.weights !== undefined}
          onChange={(event) => set({ weights: event.target.checked ? {} : undefined } as Partial<Item>)}
          className="mr-1.5 accent-ink"
        />
        a wrong option may earn a share
      </label>
    )
  const share = 1 / Math.max(1, item.key.length)
  const even = (): Record<string, number> =>
    Object.fromEntries(
      item.options.map(({ id }) => [id, Number((item.key.includes(id) ? share : -share).toFixed(4))] as const),
    )
  const choose = (credit: (typeof CREDITS)[number][0]): void =>
    set({ credit, weights: credit === 'weights' ? (item.weights ?? even()) : undefined } as Partial<Item>)
  return (
    <label>
      credit{' '}
      <select
        value={item.credit}
        onChange={(event) => {
          const chosen = CREDITS.find(([credit]) => credit === event.target.value)
          if (chosen) choose(chosen[0])
        }}
        className={`${FIELD} !py-0`}
      >
        {CREDITS.map(([credit, label]) => (
          <option key={credit} value={credit}>
            {label}
          </option>
        ))}
      </select>
    </label>
  )
}

const TEXT_FIELDS = [
  ['outcome', 'Outcome'],
  ['level', 'Cognitive level'],
  ['difficulty', 'Difficulty'],
  ['language', 'Language'],
] as const

function MoreFields({ item, set }: { readonly item: Item; readonly set: SetPart }) {
  return (
    <>
      <Labelled name="Feedback, shown after answering">
        <RichField slim label="Feedback" value={item.feedback ?? []} change={(feedback) => set({ feedback })} />
      </Labelled>
      <Labelled name="Hint">
        <RichField slim label="Hint" value={item.hint ?? []} change={(hint) => set({ hint })} />
      </Labelled>
      <Labelled name="Passage, read before the stem">
        <RichField slim label="Passage" value={item.passage ?? []} change={(passage) => set({ passage })} />
      </Labelled>
      <div className="grid grid-cols-2 gap-3">
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Points</span>
          <input
            type="number"
            min={0}
            max={1000}
            step="any"
            value={Number.isNaN(item.points) ? '' : item.points}
            onChange={(event) => set({ points: event.target.valueAsNumber })}
            className={FIELD}
          />
        </label>
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Tags, parted by commas</span>
          <input
            defaultValue={item.tags.join(', ')}
            onChange={(event) =>
              set({
                tags: event.target.value
                  .split(',')
                  .map((tag) => tag.trim())
                  .filter(Boolean),
              })
            }
            className={FIELD}
          />
        </label>
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Time limit, in seconds</span>
          <input
            type="number"
            min={1}
            value={item.timeLimit ?? ''}
            onChange={(event) =>
              set({ timeLimit: event.target.value === '' ? undefined : event.target.valueAsNumber } as Partial<Item>)
            }
            className={FIELD}
          />
        </label>
        {TEXT_FIELDS.map(([name, label]) => (
          <label key={name} className="grid gap-0.5">
            <span className="text-xs font-semibold text-muted">{label}</span>
            <input
              value={item[name] ?? ''}
              onChange={(event) => set({ [name]: event.target.value })}
              className={FIELD}
            />
          </label>
        ))}
      </div>
    </>
  )
}

const EMPTY_IS_ABSENT = ['feedback', 'hint', 'passage', 'sample', 'rubric', 'wordBank', 'conversions']

/** Empty fields are absent fields, and empty answers none. */
function tidied(item: Item): Item {
  const isAbsent = (name: string, value: unknown): boolean =>
    value === undefined ||
    (EMPTY_IS_ABSENT.includes(name) && Array.isArray(value) && value.length === 0) ||
    ((TEXT_FIELDS.some(([field]) => field === name) || ['unit', 'lowLabel', 'highLabel'].includes(name)) &&
      value === '')
  const plain = Object.fromEntries(
    Object.entries(item).filter(([name, value]) => !isAbsent(name, value)),
  ) as unknown as Item
  if (plain.kind === 'short') return { ...plain, key: plain.key.map((answer) => answer.trim()).filter(Boolean) }
  if (plain.kind === 'essay' && plain.rubric)
    return { ...plain, rubric: plain.rubric.filter((line) => line.says.trim() !== '') }
  if (!('options' in plain)) return plain
  return {
    ...plain,
    options: plain.options.map(({ feedback, ...option }) => (feedback?.length ? { ...option, feedback } : option)),
  }
}
