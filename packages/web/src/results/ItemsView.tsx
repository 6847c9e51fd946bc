import { answersTo, type Item, type ItemAnalysis } from '@zakuska/core'
import { useState } from 'react'
import { Link } from 'react-router'
import { counted } from '../parts/item-words'
import { type ItemColumn, type ItemLine, ItemTable } from '../parts/ItemTable'
import { KeyGlyph } from '../parts/KeyGlyph'
import { ItemPlot } from './charts/ItemPlot'
import { OptionBars } from './charts/OptionBars'
import type { ViewProps } from './view-props'
import { discriminationWord, flagText, percent, severity, signed, smallClass, stemLine } from './words'
import type { Sitting, Looked } from './queries'

type Order = 'paper' | 'hardest' | 'odd'

/** Item analysis: each item with its figures, what they give reason to look at, and all that was answered. */
export function ItemsView({ sitting, looked }: ViewProps) {
  const [order, setOrder] = useState<Order>('odd')
  const [open, setOpen] = useState<number | null>(null)
  const { analysis, bodies, counted: people } = looked
  const said = smallClass(people.length)
  const rows = analysis.items.filter(({ counts }) => counts)
  const sorted = [...rows].sort((a, b) => {
    if (order === 'hardest') return a.difficulty - b.difficulty
    return order === 'odd' ? severity(a.flags) - severity(b.flags) || a.item - b.item : a.item - b.item
  })
  const isTold = people.length >= 5
  return (
    <div className="grid gap-x-8 gap-y-5 px-3 py-4 sm:px-[18px] xl:grid-cols-[minmax(0,1fr)_500px]">
      <section aria-label="Items" className="order-2 min-w-0 xl:order-1">
        {said && <p className="mb-3 border-l-4 border-mustard pl-3 text-mustard-ink">◐ {said}</p>}
        <label className="text-muted">
          In the order{' '}
          <select
            className="rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5 text-ink"
            value={order}
            onChange={(event) =>
              setOrder((['paper', 'hardest', 'odd'] as const).find((one) => one === event.target.value) ?? 'paper')
            }
          >
            <option value="odd">what to look at first</option>
            <option value="hardest">hardest first</option>
            <option value="paper">of the paper</option>
          </select>
        </label>
        <Analysed
          sorted={sorted}
          bodies={bodies}
          open={open}
          setOpen={setOpen}
          isTold={isTold}
          sitting={sitting}
          looked={looked}
        />
      </section>
      <section aria-label="Plot" className="order-1 min-w-0 xl:order-2">
        {isTold && <ItemPlot items={analysis.items} bodies={bodies} />}
        <details className="max-w-lg pt-3 text-muted">
          <summary>What these figures are</summary>
          <p className="pt-1">
            <b>Right</b> is the share of the item’s points that everybody together earned (difficulty p).{' '}
            <b>Upper less lower</b> takes the 27 % with the most points and the 27 % with the fewest, and subtracts
            their shares. <b>Tells apart</b> is the correlation between the item and the rest of the paper
            (point-biserial, the item itself left out): near 0 the item says nothing about who knows more, below 0 it
            says the opposite. <b>Alpha without</b> is the reliability that the paper would have without the item; where
            it is higher than with it, the item pulls the other way.
          </p>
        </details>
      </section>
    </div>
  )
}

function Analysed({
  sorted,
  bodies,
  open,
  setOpen,
  isTold,
  sitting,
  looked,
}: {
  readonly sorted: readonly ItemAnalysis[]
  readonly bodies: readonly Item[]
  readonly open: number | null
  readonly setOpen: (next: number | null) => void
  readonly isTold: boolean
  readonly sitting: Sitting
  readonly looked: Looked
}) {
  const told = (figure: number | null): string => (isTold ? signed(figure) : '–')
  const lines = sorted.flatMap((row): ItemLine[] => {
    const body = bodies[row.item]
    if (!body) return []
    const isOpen = open === row.item
    const apart = (
      <>
        {told(row.itemRest)}
        {isTold && (
          <span className="block text-[11px] text-muted">{discriminationWord(row.itemRest, row.difficulty)}</span>
        )}
      </>
    )
    return [
      {
        key: row.item,
        number: row.item + 1,
        item: <Opener row={row} body={body} isOpen={isOpen} toggle={() => setOpen(isOpen ? null : row.item)} />,
        cells: [percent(row.difficulty), told(row.upperLower), apart, told(row.alphaWithout)],
        below: isOpen && <OpenItem row={row} body={body} sitting={sitting} looked={looked} />,
      },
    ]
  })
  return <ItemTable className="mt-2" columns={COLUMNS} lines={lines} />
}

const COLUMNS: readonly ItemColumn[] = [
  { name: 'Right', width: 'w-16', figures: true, title: 'Difficulty p: share of the points that was earned' },
  {
    name: 'Upper less lower',
    ...{ width: 'w-20', figures: true, wideOnly: true },
    title: 'Upper-lower: share of the upper 27 % less that of the lower 27 %',
  },
  { name: 'Tells apart', width: 'w-24', figures: true, title: 'Point-biserial correlation with the rest of the paper' },
  {
    name: 'Alpha without',
    ...{ width: 'w-20', figures: true, wideOnly: true },
    title: 'Alpha of the paper without this item',
  },
]

/** What is asked, and what its figures say against it. */
function Opener({
  row,
  body,
  isOpen,
  toggle,
}: {
  readonly row: ItemAnalysis
  readonly body: Item
  readonly isOpen: boolean
  readonly toggle: () => void
}) {
  return (
    <>
      <button type="button" aria-expanded={isOpen} onClick={toggle} className="text-left">
        {stemLine(body, 120)}
      </button>
      {row.flags.map((flag) => (
        <p key={`${flag.code}${flag.option ?? ''}`} className="font-ui text-xs text-beet">
          <span aria-hidden="true">◆ </span>
          {flagText(body, flag)}.
        </p>
      ))}
    </>
  )
}

/** Options by thirds, and every answer with how many gave it. */
function OpenItem({ row, body, sitting, looked }: { readonly row: ItemAnalysis; readonly body: Item } & ViewProps) {
  const { counted: people, analysis } = looked
  const answers = answersTo(body, people, row.item)
  const open = analysis.figures.items[row.item]?.open ?? 0
  return (
    <div className="grid gap-4 pt-1">
      {row.options && <OptionBars item={body} thirds={row.options} />}
      <div>
        <h2 className="text-[15px] font-semibold">All answers</h2>
        <ul className="max-h-72 overflow-y-auto" tabIndex={0} aria-label={`All answers to item ${row.item + 1}`}>
          {answers.map(({ text, count, share }) => (
            <li key={text} className="flex items-baseline gap-2 border-b border-line py-0.5">
              <span className="w-5 shrink-0">{share === 1 && <KeyGlyph />}</span>
              <span className="min-w-0 flex-1 font-text break-words">{text}</span>
              <span className="w-24 text-right text-xs text-muted">
                {share === null ? '' : `${percent(share)} of points`}
              </span>
              <span className="w-10 text-right tabular-nums">{count}</span>
            </li>
          ))}
        </ul>
        {open > 0 && <p className="text-xs text-muted">{counted(open, 'person', 'people')} left it open.</p>}
      </div>
      <p>
        <Link className="underline" to={`/results/${sitting.id}/key?item=${row.item}`}>
          Its key and points
        </Link>
        {' · '}
        <Link className="underline" to={`/bank/${sitting.items[row.item]?.itemId ?? ''}`}>
          The item in the bank
        </Link>
      </p>
    </div>
  )
}
