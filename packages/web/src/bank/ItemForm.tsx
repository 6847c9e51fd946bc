import {
  checkItem,
  DEFAULT_TEXT_RULES,
  optionId,
  type ChoiceItem,
  type Content,
  type Item,
  type ShortItem,
} from '@zakuska/core'
import { useState, type ReactNode } from 'react'
import { Button } from '../parts/Button'
import { letterOf } from '../parts/item-words'
import { RichField } from '../parts/RichField'

const FIELD = 'rounded-[3px] border border-edge bg-sheet px-2 py-1'

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
  if ((kind === 'single' || kind === 'multiple') && 'options' in item) {
    const choice = { options: item.options, shuffle: item.shuffle }
    return kind === 'single'
      ? { ...shared, ...choice, kind, key: item.key.slice(0, 1) }
      : { ...shared, ...choice, kind, key: item.key, credit: 'all' }
  }
  return { ...emptyItem(kind), ...shared }
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

/** Every field that an item of a kept kind has. */
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
          <option value="single">Single choice</option>
          <option value="multiple">Multiple response</option>
          <option value="truefalse">True/false</option>
          <option value="short">Short answer</option>
        </select>
      </Labelled>
      <Labelled name="Stem">
        <RichField label="Stem" value={item.stem} change={(stem) => set({ stem })} />
      </Labelled>
      {(item.kind === 'single' || item.kind === 'multiple') && <OptionFields item={item} set={set} />}
      {item.kind === 'truefalse' && (
        <fieldset className="flex gap-5">
          <legend className="mb-0.5 text-xs font-semibold text-muted">Key</legend>
          {[true, false].map((value) => (
            <label key={String(value)}>
              <input
                type="radio"
                name="truth"
                checked={item.key[0] === value}
                onChange={() => set({ key: [value] })}
                className="mr-1.5 accent-ink"
              />
              {value ? 'True' : 'False'}
            </label>
          ))}
        </fieldset>
      )}
      {item.kind === 'short' && <ShortFields item={item} set={set} />}
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

function sentence(problem: { readonly path: string; readonly message: string } | undefined): string {
  if (!problem) return ''
  const option = /options\[(\d+)\]/.exec(problem.path)
  const what = option
    ? `Option ${letterOf(Number(option[1]))}`
    : ({ '$.stem': 'The stem', '$.options': 'The options', '$.key': 'The key', '$.points': 'The points' }[
        problem.path
      ] ?? 'Something')
  return `${what} ${problem.message}.`
}

function Labelled({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="grid gap-0.5">
      <span className="text-xs font-semibold text-muted">{name}</span>
      {children}
    </div>
  )
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
  const add = (): void => {
    const used = new Set(item.options.map((option) => option.id))
    let next = 0
    while (used.has(optionId(next))) next++
    set({ options: [...item.options, { id: optionId(next), content: [] }] })
  }
  const without = (id: string): void =>
    set({ options: item.options.filter((option) => option.id !== id), key: item.key.filter((one) => one !== id) })
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
          <div className="flex gap-0.5 pt-1 text-muted">
            <button
              type="button"
              aria-label={`Move option ${letterOf(index)} up`}
              disabled={index === 0}
              onClick={() => move(index, -1)}
              className="size-6 disabled:opacity-40"
            >
              ↑
            </button>
            <button
              type="button"
              aria-label={`Move option ${letterOf(index)} down`}
              disabled={index === item.options.length - 1}
              onClick={() => move(index, 1)}
              className="size-6 disabled:opacity-40"
            >
              ↓
            </button>
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
        {item.kind === 'multiple' && (
          <label>
            <input
              type="checkbox"
              checked={item.credit === 'each'}
              onChange={(event) => set({ credit: event.target.checked ? 'each' : 'all' })}
              className="mr-1.5 accent-ink"
            />
            credit for each option
          </label>
        )}
      </div>
    </fieldset>
  )
}

function ShortFields({ item, set }: { readonly item: ShortItem; readonly set: SetPart }) {
  return (
    <>
      <Labelled name="Accepted answers, one a line">
        <textarea
          aria-label="Accepted answers"
          rows={Math.max(2, item.key.length + 1)}
          value={item.key.join('\n')}
          onChange={(event) => set({ key: event.target.value.split('\n') })}
          className={`${FIELD} font-text text-[15px]`}
        />
      </Labelled>
      <div className="flex flex-wrap gap-5">
        <label>
          <input
            type="checkbox"
            checked={item.rules.letterCase === 'respect'}
            onChange={(event) =>
              set({ rules: { ...item.rules, letterCase: event.target.checked ? 'respect' : 'ignore' } })
            }
            className="mr-1.5 accent-ink"
          />
          letter case counts
        </label>
        <label>
          <input
            type="checkbox"
            checked={item.rules.accents === 'respect'}
            onChange={(event) =>
              set({ rules: { ...item.rules, accents: event.target.checked ? 'respect' : 'ignore' } })
            }
            className="mr-1.5 accent-ink"
          />
          accents count
        </label>
      </div>
    </>
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

/** Empty fields are absent fields, and empty answers none. */
function tidied(item: Item): Item {
  const entries = Object.entries(item).filter(
    ([name, value]) =>
      !(['feedback', 'hint', 'passage'].includes(name) && Array.isArray(value) && value.length === 0) &&
      !(TEXT_FIELDS.some(([field]) => field === name) && value === ''),
  )
  const plain = Object.fromEntries(entries) as unknown as Item
  if (plain.kind === 'short') return { ...plain, key: plain.key.map((answer) => answer.trim()).filter(Boolean) }
  if (!('options' in plain)) return plain
  return {
    ...plain,
    options: plain.options.map(({ feedback, ...option }) => (feedback?.length ? { ...option, feedback } : option)),
  }
}
