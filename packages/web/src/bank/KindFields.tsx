import {
  optionId,
  readNumber,
  type ClozeGap,
  type ClozeItem,
  type Content,
  type EssayItem,
  type GridItem,
  type Item,
  type MatchItem,
  type NumericItem,
  type NumericKey,
  type OrderItem,
  type ScaleItem,
  type ShortItem,
  type TextRules,
} from '@zakuska/core'
import { useState, type ReactNode } from 'react'
import { Button } from '../parts/Button'
import { letterOf } from '../parts/item-words'
import { MoveButtons } from '../parts/MoveButtons'
import { RichField } from '../parts/RichField'

export const FIELD = 'rounded-[3px] border border-edge bg-sheet px-2 py-1'
const LEGEND = 'mb-0.5 text-xs font-semibold text-muted'
const PARTED = ' | '

type SetPart = (part: Partial<Item>) => void

export function Labelled({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div className="grid gap-0.5">
      <span className="text-xs font-semibold text-muted">{name}</span>
      {children}
    </div>
  )
}

/** The key and everything that only items of this kind have; choices have fields of their own. */
export function KindFields({ item, set }: { readonly item: Item; readonly set: SetPart }) {
  switch (item.kind) {
    case 'truefalse':
      return (
        <fieldset className="flex gap-5">
          <legend className={LEGEND}>Key</legend>
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
      )
    case 'short':
      return <ShortFields item={item} set={set} />
    case 'numeric':
      return <NumericFields item={item} set={set} />
    case 'cloze':
      return <ClozeFields item={item} set={set} />
    case 'match':
      return <MatchFields item={item} set={set} />
    case 'grid':
      return <GridFields item={item} set={set} />
    case 'order':
      return <OrderFields item={item} set={set} />
    case 'scale':
      return <ScaleFields item={item} set={set} />
    case 'essay':
      return <EssayFields item={item} set={set} />
    case 'single':
    case 'multiple':
    case 'note':
      return null
  }
}

function Tick({
  label,
  on,
  set,
}: {
  readonly label: string
  readonly on: boolean
  readonly set: (on: boolean) => void
}) {
  return (
    <label>
      <input
        type="checkbox"
        checked={on}
        onChange={(event) => set(event.target.checked)}
        className="mr-1.5 accent-ink"
      />
      {label}
    </label>
  )
}

/** What counts as the same when typed text is graded. */
function RuleFields({ rules, set }: { readonly rules: TextRules; readonly set: (rules: TextRules) => void }) {
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
      <legend className={LEGEND}>What counts as the same</legend>
      <Tick
        label="letter case counts"
        on={rules.letterCase === 'respect'}
        set={(on) => set({ ...rules, letterCase: on ? 'respect' : 'ignore' })}
      />
      <Tick
        label="accents count"
        on={rules.accents === 'respect'}
        set={(on) => set({ ...rules, accents: on ? 'respect' : 'ignore' })}
      />
      <Tick
        label="punctuation counts"
        on={rules.punctuation !== 'ignore'}
        set={(on) => set({ ...rules, punctuation: on ? 'respect' : 'ignore' })}
      />
      <Tick
        label="0.5, 1/2 and ½ are the same"
        on={rules.numbers === 'value'}
        set={(on) => set({ ...rules, numbers: on ? 'value' : 'text' })}
      />
      <Tick
        label="a list counts in any order"
        on={rules.listOrder === 'any'}
        set={(on) => set({ ...rules, listOrder: on ? 'any' : 'written' })}
      />
      <Tick
        label="* stands for any letters"
        on={rules.pattern === 'star'}
        set={(on) => set({ ...rules, pattern: on ? 'star' : 'none' })}
      />
      <label>
        wrong letters allowed{' '}
        <select
          value={rules.misspelt ?? 0}
          onChange={(event) => set({ ...rules, misspelt: Number(event.target.value) })}
          className={`${FIELD} !py-0`}
        >
          <option value={0}>none</option>
          <option value={1}>one</option>
          <option value={2}>two</option>
        </select>
      </label>
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
      <RuleFields rules={item.rules} set={(rules) => set({ rules })} />
    </>
  )
}

/** A band as people write it: "3.2", "3.2 ± 0.1", "3.2 ± 5 %", "3 to 3.5". Null: it cannot be read. */
function bandOf(text: string): NumericKey | null {
  const plain = text.trim()
  const range = /^(.+?)\s*(?:\bto\b|\.\.\.?|…|–)\s*(.+)$/.exec(plain)
  const spread = /^(.+?)\s*(?:±|\+\/-)\s*([\d.,]+)\s*(%)?$/.exec(plain)
  const number = (part: string | undefined): number => {
    const read = readNumber(part ?? '')
    return read?.unit === '' ? read.value : NaN
  }
  if (spread) {
    const [value, width] = [number(spread[1]), number(spread[2])]
    if (Number.isNaN(value) || Number.isNaN(width)) return null
    return { value, tolerance: spread[3] ? Number(((Math.abs(value) * width) / 100).toPrecision(12)) : width }
  }
  if (range) {
    const [min, max] = [number(range[1]), number(range[2])]
    return Number.isNaN(min) || Number.isNaN(max) || min > max ? null : { min, max }
  }
  const value = number(plain)
  return Number.isNaN(value) ? null : { value, tolerance: 0 }
}

function bandText(band: NumericKey): string {
  if ('min' in band) return `${band.min} to ${band.max}`
  return band.tolerance ? `${band.value} ± ${band.tolerance}` : String(band.value)
}

function NumericFields({ item, set }: { readonly item: NumericItem; readonly set: SetPart }) {
  const [text, setText] = useState(item.key.map(bandText).join('\n'))
  const lines = text.split('\n').filter((line) => line.trim())
  const wrong = lines.find((line) => bandOf(line) === null)
  const change = (next: string): void => {
    setText(next)
    const bands = next
      .split('\n')
      .filter((line) => line.trim())
      .map(bandOf)
    const read = bands.filter((band) => band !== null)
    set({ key: read.map((band, index) => ({ ...band, ...creditOf(item.key[index]) })) })
  }
  return (
    <>
      <Labelled name="Numbers that count, one a line: 3.2, 3.2 ± 0.1, 3.2 ± 5 %, or 3 to 3.5">
        <textarea
          aria-label="Numbers that count"
          rows={Math.max(2, lines.length + 1)}
          value={text}
          onChange={(event) => change(event.target.value)}
          className={`${FIELD} font-text text-[15px]`}
        />
        {wrong !== undefined && <p className="text-beet">◆ “{wrong}” cannot be read as a number or a range.</p>}
      </Labelled>
      {item.key.length > 1 && (
        <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
          <legend className={LEGEND}>Share of the points that each earns</legend>
          {item.key.map((band, index) => (
            <label key={index}>
              {bandText(band)}{' '}
              <input
                type="number"
                min={1}
                max={100}
                value={Math.round((band.credit ?? 1) * 100)}
                onChange={(event) =>
                  set({
                    key: item.key.map((one, at) => (at === index ? withCredit(one, event.target.valueAsNumber) : one)),
                  })
                }
                className={`${FIELD} w-20 !py-0`}
              />{' '}
              %
            </label>
          ))}
        </fieldset>
      )}
      <div className="flex flex-wrap items-end gap-x-5 gap-y-1">
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Unit</span>
          <input
            value={item.unit ?? ''}
            onChange={(event) => set({ unit: event.target.value })}
            className={`${FIELD} w-24`}
          />
        </label>
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Significant figures</span>
          <input
            type="number"
            min={1}
            max={15}
            value={item.figures ?? ''}
            onChange={(event) =>
              set({ figures: event.target.value === '' ? undefined : event.target.valueAsNumber } as Partial<Item>)
            }
            className={`${FIELD} w-24`}
          />
        </label>
        {item.unit && (
          <Tick
            label="the unit must be typed"
            on={item.unitRule === 'required'}
            set={(on) => set({ unitRule: on ? 'required' : 'optional' })}
          />
        )}
      </div>
      {item.unit && <ConversionsField item={item} set={set} />}
    </>
  )
}

/** "cm = 0.01; NM = 1852": other units, and what a number in one is multiplied by. */
function ConversionsField({ item, set }: { readonly item: NumericItem; readonly set: SetPart }) {
  const [text, setText] = useState((item.conversions ?? []).map((one) => `${one.unit} = ${one.factor}`).join('; '))
  const change = (next: string): void => {
    setText(next)
    set({
      conversions: next.split(';').flatMap((part) => {
        const [unit, said] = part.split('=').map((one) => one.trim())
        const factor = readNumber(said ?? '')
        return unit && factor?.unit === '' ? [{ unit, factor: factor.value }] : []
      }),
    })
  }
  return (
    <Labelled name={`Other units that count, and how many ${item.unit ?? ''} each is: cm = 0.01; NM = 1852`}>
      <input
        aria-label="Other units that count"
        value={text}
        onChange={(event) => change(event.target.value)}
        className={FIELD}
      />
    </Labelled>
  )
}

function creditOf(band: NumericKey | undefined): { readonly credit?: number } {
  return band?.credit === undefined ? {} : { credit: band.credit }
}

function withCredit(band: NumericKey, percent: number): NumericKey {
  const { credit: _credit, ...rest } = band
  return percent > 0 && percent < 100 ? { ...rest, credit: percent / 100 } : rest
}

function CreditField({ item, set }: { readonly item: ClozeItem | MatchItem | GridItem; readonly set: SetPart }) {
  return (
    <Tick
      label="points for the whole only"
      on={item.credit === 'all'}
      set={(on) => set({ credit: on ? 'all' : 'each' })}
    />
  )
}

function words(text: string): string[] {
  return text
    .split('|')
    .map((word) => word.trim())
    .filter(Boolean)
}

/** A line of words parted by bars; what is typed stays as typed until it is left. */
function WordsField({
  label,
  value,
  set,
}: {
  readonly label: string
  readonly value: readonly string[]
  readonly set: (words: string[]) => void
}) {
  const [text, setText] = useState(value.join(PARTED))
  return (
    <input
      aria-label={label}
      value={text}
      onChange={(event) => {
        setText(event.target.value)
        set(words(event.target.value))
      }}
      className={`${FIELD} w-full font-text text-[15px]`}
    />
  )
}

function ClozeFields({ item, set }: { readonly item: ClozeItem; readonly set: SetPart }) {
  const change = (index: number, gap: ClozeGap): void =>
    set({ gaps: item.gaps.map((one, at) => (at === index ? gap : one)) })
  return (
    <>
      <fieldset className="grid gap-1.5">
        <legend className={LEGEND}>
          Gaps, in the order of the stem, where the gap button puts one more. Words are parted by |
        </legend>
        {item.gaps.map((gap, index) => (
          <div key={index} className="grid grid-cols-[3.5rem_1fr_1fr] items-baseline gap-2">
            <span className="text-muted">Gap {index + 1}</span>
            <label className="grid gap-0.5">
              <span className="text-xs text-muted">accepted</span>
              <WordsField
                label={`Accepted in gap ${index + 1}`}
                value={gap.key}
                set={(key) => change(index, { ...gap, key })}
              />
            </label>
            <label className="grid gap-0.5">
              <span className="text-xs text-muted">offered to choose; empty: typed</span>
              <WordsField
                label={`Offered in gap ${index + 1}`}
                value={gap.choices ?? []}
                set={(choices) => change(index, choices.length ? { key: gap.key, choices } : { key: gap.key })}
              />
            </label>
          </div>
        ))}
        {item.gaps.length === 0 && <p className="text-muted">The stem has no gap yet.</p>}
      </fieldset>
      <Labelled name="Word bank, printed with the text; parted by |">
        <WordsField label="Word bank" value={item.wordBank ?? []} set={(wordBank) => set({ wordBank })} />
      </Labelled>
      <RuleFields rules={item.rules} set={(rules) => set({ rules })} />
      {item.gaps.length > 1 && <CreditField item={item} set={set} />}
    </>
  )
}

interface PartListProps {
  readonly name: string
  readonly parts: readonly Content[]
  readonly change: (parts: Content[]) => void
  readonly without: (index: number) => void
  readonly beside?: (index: number) => ReactNode
  /** Each part stands behind its letter. */
  readonly lettered?: boolean
}

/** A list of texts that can be added to and taken from. */
function PartList({ name, parts, change, without, beside, lettered = false }: PartListProps) {
  // Parts have no ids of their own, and an editor must stay with its text when another part goes.
  const [ids, setIds] = useState(() => parts.map((_part, index) => index))
  return (
    <div className="grid gap-1.5">
      {parts.map((part, index) => (
        <div key={ids[index] ?? index} className="flex items-start gap-1.5">
          {lettered && <span className="w-4 pt-1 text-muted">{letterOf(index)}</span>}
          <div className="min-w-0 flex-1">
            <RichField
              slim
              label={`${name} ${index + 1}`}
              value={part}
              change={(content) => change(parts.map((one, at) => (at === index ? content : one)))}
            />
          </div>
          {beside?.(index)}
          <button
            type="button"
            aria-label={`Take ${name.toLowerCase()} ${index + 1} out`}
            onClick={() => {
              setIds(ids.filter((_id, at) => at !== index))
              without(index)
            }}
            className="size-6 pt-1 text-muted"
          >
            ×
          </button>
        </div>
      ))}
      <div>
        <Button
          onClick={() => {
            setIds([...ids, Math.max(-1, ...ids) + 1])
            change([...parts, []])
          }}
        >
          Add
        </Button>
      </div>
    </div>
  )
}

type Pairs = MatchItem['key']

function withPartner(key: Pairs, part: number, partner: number | null): Pairs {
  const others = key.filter(([one]) => one !== part)
  const next = partner === null ? others : [...others, [part, partner] as const]
  return [...next].sort((a, b) => a[0] - b[0])
}

/** The pairs that are left, and where they point to, when a part on one side goes. */
function withoutPart(key: Pairs, side: 0 | 1, index: number): Pairs {
  const down = (place: number): number => (place > index ? place - 1 : place)
  return key
    .filter((pair) => pair[side] !== index)
    .map(([a, b]) => (side === 0 ? ([down(a), b] as const) : ([a, down(b)] as const)))
}

function MatchFields({ item, set }: { readonly item: MatchItem; readonly set: SetPart }) {
  const drop = (parts: readonly Content[], index: number): Content[] => parts.filter((_part, at) => at !== index)
  return (
    <>
      <fieldset>
        <legend className={LEGEND}>Left side, each with the letter of its partner</legend>
        <PartList
          name="Left part"
          parts={item.left}
          change={(left) => set({ left })}
          without={(index) => set({ left: drop(item.left, index), key: withoutPart(item.key, 0, index) })}
          beside={(index) => (
            <select
              aria-label={`Partner of left part ${index + 1}`}
              value={item.key.find(([part]) => part === index)?.[1] ?? ''}
              onChange={(event) =>
                set({
                  key: withPartner(item.key, index, event.target.value === '' ? null : Number(event.target.value)),
                })
              }
              className={FIELD}
            >
              <option value="">no key</option>
              {item.right.map((_part, at) => (
                <option key={at} value={at}>
                  {letterOf(at)}
                </option>
              ))}
            </select>
          )}
        />
      </fieldset>
      <fieldset>
        <legend className={LEGEND}>Right side, a, b, c …; one that nobody points to is a spare</legend>
        <PartList
          lettered
          name="Right part"
          parts={item.right}
          change={(right) => set({ right })}
          without={(index) => set({ right: drop(item.right, index), key: withoutPart(item.key, 1, index) })}
        />
      </fieldset>
      <CreditField item={item} set={set} />
    </>
  )
}

function GridFields({ item, set }: { readonly item: GridItem; readonly set: SetPart }) {
  const drop = (parts: readonly Content[], index: number): Content[] => parts.filter((_part, at) => at !== index)
  return (
    <>
      <fieldset>
        <legend className={LEGEND}>Columns</legend>
        <PartList
          name="Column"
          parts={item.columns}
          change={(columns) => set({ columns })}
          without={(index) => set({ columns: drop(item.columns, index), key: withoutPart(item.key, 1, index) })}
        />
      </fieldset>
      <fieldset>
        <legend className={LEGEND}>Rows, each with its column</legend>
        <PartList
          name="Row"
          parts={item.rows}
          change={(rows) => set({ rows })}
          without={(index) => set({ rows: drop(item.rows, index), key: withoutPart(item.key, 0, index) })}
          beside={(index) => (
            <select
              aria-label={`Column of row ${index + 1}`}
              value={item.key.find(([row]) => row === index)?.[1] ?? ''}
              onChange={(event) =>
                set({
                  key: withPartner(item.key, index, event.target.value === '' ? null : Number(event.target.value)),
                })
              }
              className={FIELD}
            >
              <option value="">no key</option>
              {item.columns.map((_column, at) => (
                <option key={at} value={at}>
                  column {at + 1}
                </option>
              ))}
            </select>
          )}
        />
      </fieldset>
      <CreditField item={item} set={set} />
    </>
  )
}

/** The entries stand in the right order here; they are shuffled for whoever answers. */
function OrderFields({ item, set }: { readonly item: OrderItem; readonly set: SetPart }) {
  const ids = item.key.length ? item.key : item.options.map((option) => option.id)
  const ordered = ids.flatMap((id) => item.options.filter((option) => option.id === id))
  const keep = (options: readonly OrderItem['options'][number][]): void =>
    set({ options: [...options], key: options.map((option) => option.id) })
  const move = (index: number, step: number): void => {
    const next = [...ordered]
    const [moved] = next.splice(index, 1)
    if (moved) next.splice(index + step, 0, moved)
    keep(next)
  }
  const add = (): void => {
    const used = new Set(item.options.map((option) => option.id))
    let next = 0
    while (used.has(optionId(next))) next++
    keep([...ordered, { id: optionId(next), content: [] }])
  }
  return (
    <fieldset className="grid gap-1.5">
      <legend className={LEGEND}>Entries in the right order</legend>
      {ordered.map((option, index) => (
        <div key={option.id} className="flex items-start gap-1.5">
          <span className="w-5 pt-1 text-muted">{index + 1}</span>
          <div className="min-w-0 flex-1">
            <RichField
              slim
              label={`Entry ${index + 1}`}
              value={option.content}
              change={(content) => keep(ordered.map((one, at) => (at === index ? { ...one, content } : one)))}
            />
          </div>
          <div className="flex gap-0.5 pt-1 text-muted">
            <MoveButtons what={`entry ${index + 1}`} index={index} count={ordered.length} move={move} />
            <button
              type="button"
              aria-label={`Take entry ${index + 1} out`}
              onClick={() => keep(ordered.filter((one) => one !== option))}
              className="size-6"
            >
              ×
            </button>
          </div>
        </div>
      ))}
      <div className="flex flex-wrap items-center gap-5">
        <Button onClick={add}>Add an entry</Button>
        <Tick
          label="credit for neighbours in the right order"
          on={item.credit === 'neighbours'}
          set={(on) => set({ credit: on ? 'neighbours' : 'all' })}
        />
      </div>
    </fieldset>
  )
}

function ScaleFields({ item, set }: { readonly item: ScaleItem; readonly set: SetPart }) {
  return (
    <div className="grid grid-cols-2 gap-3">
      {(['low', 'high'] as const).map((end) => (
        <div key={end} className="grid grid-cols-[5rem_1fr] gap-2">
          <Labelled name={end === 'low' ? 'From' : 'To'}>
            <input
              type="number"
              aria-label={end === 'low' ? 'Low end' : 'High end'}
              value={item[end]}
              onChange={(event) => set({ [end]: event.target.valueAsNumber })}
              className={FIELD}
            />
          </Labelled>
          <Labelled name="Label">
            <input
              aria-label={end === 'low' ? 'Label of the low end' : 'Label of the high end'}
              value={item[`${end}Label`] ?? ''}
              onChange={(event) => set({ [`${end}Label`]: event.target.value })}
              className={FIELD}
            />
          </Labelled>
        </div>
      ))}
    </div>
  )
}

function EssayFields({ item, set }: { readonly item: EssayItem; readonly set: SetPart }) {
  const rubric = item.rubric ?? []
  return (
    <>
      <Labelled name="Sample answer, for whoever reads">
        <RichField slim label="Sample answer" value={item.sample ?? []} change={(sample) => set({ sample })} />
      </Labelled>
      <fieldset className="grid gap-1.5">
        <legend className={LEGEND}>Rubric: what is looked for, and what it is worth</legend>
        {rubric.map((line, index) => {
          const change = (part: Partial<typeof line>): void =>
            set({ rubric: rubric.map((one, at) => (at === index ? { ...one, ...part } : one)) })
          return (
            <div key={index} className="flex gap-2">
              <input
                aria-label={`Line ${index + 1} of the rubric`}
                value={line.says}
                onChange={(event) => change({ says: event.target.value })}
                className={`${FIELD} flex-1`}
              />
              <input
                type="number"
                min={0}
                step="any"
                aria-label={`Points of line ${index + 1}`}
                value={Number.isNaN(line.points) ? '' : line.points}
                onChange={(event) => change({ points: event.target.valueAsNumber })}
                className={`${FIELD} w-20`}
              />
              <button
                type="button"
                aria-label={`Take line ${index + 1} out`}
                onClick={() => set({ rubric: rubric.filter((_line, at) => at !== index) })}
                className="size-6 text-muted"
              >
                ×
              </button>
            </div>
          )
        })}
        <div>
          <Button onClick={() => set({ rubric: [...rubric, { says: '', points: 1 }] })}>Add a line</Button>
        </div>
      </fieldset>
    </>
  )
}
