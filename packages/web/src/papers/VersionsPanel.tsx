import { useState } from 'react'
import { Link } from 'react-router'
import { useFacets } from '../bank/queries'
import { FILTER_FIELDS, valueName, type FilterField } from '../bank/search'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { counted } from '../parts/item-words'
import { useTell } from '../parts/notices'
import type { ChangePaper, PaperState, Rule } from './paper-state'
import { usePapers, useVersions, useDraw, type Paper } from './queries'

const FIELD = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5'
const MOST_VERSIONS = 26

/** Rules to draw by, the versions drawn, and what they share. */
export function VersionsPanel({
  paper,
  state,
  change,
  flush,
}: {
  readonly paper: Paper
  readonly state: PaperState
  readonly change: ChangePaper
  readonly flush: () => Promise<void>
}) {
  const versions = useVersions(paper.id, paper.version)
  const total = state.entries.length + state.rules.reduce((sum, rule) => sum + rule.count, 0)
  return (
    <div className="grid gap-5">
      <Rules state={state} change={change} found={versions.data?.found ?? []} />
      <DrawForm
        paper={paper}
        flush={flush}
        drawn={versions.data?.papers.filter((one) => one.label).length ?? 0}
        total={total}
      />
      {versions.data && versions.data.papers.some((one) => one.label) && (
        <Overlap {...versions.data} paperId={paper.id} />
      )}
    </div>
  )
}

function Rules({
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
      {found !== undefined && (
        <p className={isShort ? 'text-beet' : 'text-xs text-muted'}>
          {isShort ? `◆ Finds ${found}, short by ${rule.count - found}` : `finds ${counted(found, 'item', 'items')}`}
        </p>
      )}
    </fieldset>
  )
}

function DrawForm({
  paper,
  flush,
  drawn,
  total,
}: {
  readonly paper: Paper
  readonly flush: () => Promise<void>
  readonly drawn: number
  readonly total: number
}) {
  const draw = useDraw(paper.id)
  const papers = usePapers()
  const tell = useTell()
  const [wanted, setWanted] = useState<number | null>(null)
  const count = wanted ?? Math.max(2, drawn)
  const [apart, setApart] = useState(false)
  const [seed, setSeed] = useState('')
  const [avoid, setAvoid] = useState<readonly string[]>([])
  const others = papers.data?.filter((one) => one.id !== paper.id && one.versionOf === null) ?? []
  const start = async (): Promise<void> => {
    await flush()
    draw.mutate(
      { versions: count, apart, avoid: [...avoid], ...(seed.trim() && { seed: Number(seed) }) },
      {
        onSuccess: () => tell(`${counted(count, 'version was', 'versions were')} drawn; they stay until drawn again.`),
      },
    )
  }
  return (
    <form
      aria-label="Draw versions"
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        void start()
      }}
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <label>
          Versions{' '}
          <input
            type="number"
            min={1}
            max={MOST_VERSIONS}
            value={count}
            onChange={(event) => {
              const value = Math.round(event.target.valueAsNumber)
              if (value >= 1 && value <= MOST_VERSIONS) setWanted(value)
            }}
            className={`${FIELD} w-14 text-right`}
          />
        </label>
        <label>
          Seed{' '}
          <input
            inputMode="numeric"
            placeholder="a new one"
            value={seed}
            onChange={(event) => setSeed(event.target.value.replace(/\D/g, '').slice(0, 9))}
            className={`${FIELD} w-24`}
          />
        </label>
      </div>
      <label>
        <input
          type="checkbox"
          checked={apart}
          onChange={(event) => setApart(event.target.checked)}
          className="mr-2 accent-ink"
        />
        No version draws what another has
      </label>
      {others.length > 0 && (
        <label className="flex items-center gap-2">
          Not what was on
          <select
            value=""
            aria-label="Do not draw what was on a paper"
            onChange={(event) => setAvoid([...new Set([...avoid, event.target.value])])}
            className={`${FIELD} min-w-0 flex-1`}
          >
            <option value="">{avoid.length ? 'another paper …' : 'a paper …'}</option>
            {others.map((one) => (
              <option key={one.id} value={one.id}>
                {one.title}
              </option>
            ))}
          </select>
        </label>
      )}
      {avoid.length > 0 && (
        <p className="flex flex-wrap gap-1.5">
          {avoid.map((id) => (
            <button
              key={id}
              type="button"
              onClick={() => setAvoid(avoid.filter((one) => one !== id))}
              className="rounded-[2px] border border-mustard bg-mustard-wash px-1.5 text-[12.5px]"
            >
              {others.find((one) => one.id === id)?.title} ×
            </button>
          ))}
        </p>
      )}
      <div className="flex items-center gap-2">
        <May right="draw" to="draw versions">
          <Button tone="lead" type="submit" disabled={draw.isPending || total === 0}>
            {draw.isPending ? 'Drawing …' : drawn ? 'Draw again' : 'Draw'}
          </Button>
        </May>
        <span className="text-xs text-muted">{counted(total, 'item', 'items')} each</span>
      </div>
      {draw.error && (
        <p role="alert" className="text-beet">
          ◆ {draw.error.message}
        </p>
      )}
    </form>
  )
}

function Overlap({
  papers,
  overlap,
  seed,
  paperId,
}: {
  readonly papers: readonly {
    readonly id: string
    readonly title: string
    readonly label: string | null
    readonly itemCount: number
  }[]
  readonly seed: number | null
  readonly overlap: readonly (readonly number[])[]
  readonly paperId: string
}) {
  const versions = papers.filter((one) => one.label !== null)
  return (
    <section aria-label="Versions" className="grid gap-2">
      <h2 className="text-[15px] font-semibold">Versions</h2>
      <ul className="grid gap-1">
        {versions.map((one) => (
          <li key={one.id} className="flex items-baseline gap-2">
            <Link to={`/papers/${one.id}`} className="font-semibold underline">
              Version {one.label}
            </Link>
            <span className="text-xs text-muted">{counted(one.itemCount, 'item', 'items')}</span>
          </li>
        ))}
      </ul>
      {seed !== null && (
        <p className="text-xs text-muted">Drawn with seed {seed}: the same seed draws the same from the same bank.</p>
      )}
      <p>
        <Link to={`/papers/${paperId}/compare`} className="underline">
          Compare them side by side
        </Link>
      </p>
      <div className="relative overflow-x-auto">
        <table className="text-right tabular-nums">
          <caption className="pb-1 text-left text-xs text-muted">Items that two papers share</caption>
          <thead>
            <tr className="text-xs text-muted">
              <td />
              {papers.map((one) => (
                <th key={one.id} scope="col" className="max-w-24 px-2 align-bottom font-semibold">
                  {one.label ?? one.title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {papers.map((one, row) => (
              <tr key={one.id} className="border-t border-line">
                <th scope="row" className="max-w-36 py-1 pr-2 text-left text-xs font-semibold text-muted">
                  {one.label ?? one.title}
                </th>
                {papers.map((other, column) => (
                  <td
                    key={other.id}
                    className={`px-2 ${row === column ? 'text-muted' : (overlap[row]?.[column] ?? 0) > 0 ? 'font-semibold text-mustard-ink' : ''}`}
                  >
                    {overlap[row]?.[column] ?? 0}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}
