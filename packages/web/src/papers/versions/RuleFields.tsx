import { useFacets } from '../../bank/queries'
import { FILTER_FIELDS, type FilterField, valueName } from '../../bank/search'
import { Button } from '../../parts/Button'
import { counted } from '../../parts/item-words'
import type { ChangePaper } from '../paper-state'
import type { PaperState, Rule } from '../paper-parts'
import { FIELD } from '../../parts/field-class'

export function Rules({
  state,
  change,
  found,
}: {
  readonly state: PaperState
  readonly change: ChangePaper
  readonly found: readonly number[]
}) {
  const set = (index: number, part: Partial<Rule>): void =>
    change({ rules: state.rules.map((rule, at) => (at === index ? { ...rule, ...part } : rule)) })
  const add = (): void =>
    change({
      rules: [
        ...state.rules,
        { id: crypto.randomUUID(), count: 5, filter: { signedOff: 'yes' }, sectionId: null, points: null },
      ],
    })
  return (
    <section aria-label="Rules to draw by" className="grid gap-2">
      <h2 className="text-[15px] font-semibold">Draw by rules</h2>
      {state.rules.length === 0 && (
        <p className="text-muted">
          Without rules a version holds the items of this paper, each version in an order of its own.
        </p>
      )}
      {state.rules.map((rule, index) => (
        <RuleFields
          key={rule.id}
          rule={rule}
          index={index}
          state={state}
          found={found[index]}
          set={(part) => set(index, part)}
          remove={() => change({ rules: state.rules.filter((one) => one.id !== rule.id) })}
        />
      ))}
      <div>
        <Button onClick={add}>Add a rule</Button>
      </div>
    </section>
  )
}

const RULE_FIELDS = FILTER_FIELDS.filter(([field]) => field !== 'used' && field !== 'sent' && field !== 'finding')

function RuleFields({
  rule,
  index,
  state,
  found,
  set,
  remove,
}: {
  readonly rule: Rule
  readonly index: number
  readonly state: PaperState
  readonly found: number | undefined
  readonly set: (part: Partial<Rule>) => void
  readonly remove: () => void
}) {
  const facets = useFacets(rule.filter)
  const named = FILTER_FIELDS.flatMap(([field, title]) => {
    const value = rule.filter[field]
    return value === undefined ? [] : [{ field, title, value }]
  })
  const narrow = (field: FilterField, value: string | undefined): void => {
    const { [field]: _before, ...rest } = rule.filter
    set({ filter: value === undefined ? rest : { ...rest, [field]: value } })
  }
  const isShort = found !== undefined && found < rule.count
  return (
    <fieldset className="grid gap-1.5 border-l-[3px] border-line pl-2">
      <legend className="sr-only">Rule {index + 1}</legend>
      <div className="flex flex-wrap items-center gap-1.5">
        <input
          type="number"
          min={1}
          max={200}
          aria-label={`How many items rule ${index + 1} draws`}
          value={rule.count}
          onChange={(event) => {
            const count = Math.round(event.target.valueAsNumber)
            if (count >= 1 && count <= 200) set({ count })
          }}
          className={`${FIELD} w-14 text-right`}
        />
        of
        {named.map(({ field, title, value }) => (
          <button
            key={field}
            type="button"
            aria-label={`Rule ${index + 1}: do without ${title.toLowerCase()} ${valueName(field, value)}`}
            onClick={() => narrow(field, undefined)}
            className="rounded-[2px] border border-mustard bg-mustard-wash px-1.5 text-[12.5px]"
          >
            {field === 'kind' || field === 'tag' ? '' : `${title.toLowerCase()}: `}
            {valueName(field, value)} ×
          </button>
        ))}
        {named.length === 0 && <span className="text-muted">all items</span>}
        <button
          type="button"
          aria-label={`Take rule ${index + 1} out`}
          onClick={remove}
          className="ml-auto size-6 text-muted"
        >
          ×
        </button>
      </div>
      <Narrowing index={index} narrow={narrow} facets={facets} rule={rule} set={set} state={state} />
      {found !== undefined && (
        <p className={isShort ? 'text-beet' : 'text-xs text-muted'}>
          {isShort ? `◆ Finds ${found}, short by ${rule.count - found}` : `finds ${counted(found, 'item', 'items')}`}
        </p>
      )}
    </fieldset>
  )
}

function Narrowing({
  index,
  narrow,
  facets,
  rule,
  set,
  state,
}: {
  readonly index: number
  readonly narrow: (field: FilterField, value: string | undefined) => void
  readonly facets: ReturnType<typeof useFacets>
  readonly rule: Rule
  readonly set: (part: Partial<Rule>) => void
  readonly state: PaperState
}) {
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <select
        aria-label={`Narrow rule ${index + 1}`}
        value=""
        onChange={(event) => {
          const [field, ...value] = event.target.value.split('=')
          narrow(field as FilterField, value.join('='))
        }}
        className={`${FIELD} max-w-44`}
      >
        <option value="">narrow it …</option>
        {RULE_FIELDS.map(([field, title]) => {
          const values = facets.data?.facets.find((one) => one.name === field)?.values ?? []
          return (
            values.length > 0 && (
              <optgroup key={field} label={title}>
                {values.map(({ value, count }) => (
                  <option key={value} value={`${field}=${value}`}>
                    {valueName(field, value)} ({count})
                  </option>
                ))}
              </optgroup>
            )
          )
        })}
      </select>
      <label className="text-muted">
        points{' '}
        <input
          type="number"
          min={0}
          step="any"
          placeholder="own"
          aria-label={`Points of what rule ${index + 1} draws`}
          value={rule.points ?? ''}
          onChange={(event) => set({ points: event.target.value === '' ? null : event.target.valueAsNumber })}
          className={`${FIELD} w-16 text-right`}
        />
      </label>
      {state.sections.length > 0 && (
        <select
          aria-label={`Section of what rule ${index + 1} draws`}
          value={rule.sectionId ?? ''}
          onChange={(event) => set({ sectionId: event.target.value || null })}
          className={FIELD}
        >
          <option value="">before the first section</option>
          {state.sections.map((section) => (
            <option key={section.id} value={section.id}>
              {section.title || 'Untitled section'}
            </option>
          ))}
        </select>
      )}
    </div>
  )
}
