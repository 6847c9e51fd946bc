import {
  cellText,
  COLUMN_ROLES,
  documentDraft,
  guessLayout,
  readDraft,
  type ColumnLayout,
  type ColumnRole,
  type DocumentTable,
  type KeyForm,
} from '@zakuska/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { api, dataOf } from '../api/client'
import { Head } from '../frame/Frame'
import { Button } from '../parts/Button'
import { Empty } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { ItemView } from '../parts/ItemView'
import { useTell } from '../parts/notices'
import { useStart } from './use-start'
import { waiting, type OpenedFile } from './files'

const ROLE_WORDS: Readonly<Record<ColumnRole, string>> = {
  stem: 'stem',
  option: 'an option',
  options: 'all options',
  right: 'the right option',
  key: 'key',
  kind: 'kind',
  number: 'number',
  points: 'points',
  time: 'time limit',
  feedback: 'feedback',
  hint: 'hint',
  difficulty: 'difficulty',
  level: 'cognitive level',
  outcome: 'outcome',
  tags: 'tags',
  section: 'section',
  left: 'left out',
}
const KEY_FORMS: readonly (readonly [KeyForm, string])[] = [
  ['letter', 'letters: A, B'],
  ['number', 'figures from 1'],
  ['zero-based', 'figures from 0'],
  ['text', 'the option’s text'],
]
const SHOWN_ROWS = 12
const SHOWN_ITEMS = 30

/** A table whose columns were guessed, to be corrected before it is taken apart into items. */
export function ColumnsPage() {
  const [opened] = useState(waiting.table)
  return opened?.blocks ? (
    <Columns opened={opened} />
  ) : (
    <>
      <Head title="Columns of a table" />
      <Empty title="No table is open">
        <p>Open a spreadsheet or a file of values from the drafts.</p>
        <Link className="mt-4 inline-block underline" to="/drafts">
          To the drafts
        </Link>
      </Empty>
    </>
  )
}

const NO_LAYOUT: ColumnLayout = { roles: [], leadingRows: 0, keyForm: 'letter' }

function Columns({ opened }: { readonly opened: OpenedFile }) {
  const blocks = useMemo(() => opened.blocks ?? [], [opened])
  const tables = useMemo(() => blocks.filter((block): block is DocumentTable => block.type === 'table'), [blocks])
  const [layouts, setLayouts] = useState<readonly (ColumnLayout | null)[]>(() =>
    tables.map((table) => guessLayout(table.rows)),
  )
  const [at, setAt] = useState(() =>
    Math.max(
      0,
      layouts.findIndex((layout) => layout !== null),
    ),
  )
  const start = useStart()
  const source = useMemo(() => documentDraft(blocks, layouts), [blocks, layouts])
  const reading = useMemo(() => readDraft(source), [source])
  const table = tables[at]
  const layout = layouts[at] ?? null
  const change = (next: ColumnLayout | null): void =>
    setLayouts(layouts.map((one, index) => (index === at ? next : one)))
  return (
    <>
      <Head title={opened.name} about="its columns, as guessed; correct what is wrong">
        <Button
          tone="lead"
          onClick={() => void start({ title: opened.name, text: source.text, styles: source.styles ?? [] })}
        >
          Make a draft of {counted(reading.items.length, 'item', 'items')}
        </Button>
      </Head>
      <div className="min-h-0 flex-1 overflow-y-auto lg:grid lg:grid-cols-[3fr_2fr] lg:overflow-hidden">
        <section
          aria-label="Table"
          className="overflow-x-auto border-line p-4 lg:min-h-0 lg:overflow-y-auto lg:border-r"
        >
          {tables.length > 1 && (
            <div role="group" aria-label="Tables of the file" className="mb-3 flex flex-wrap gap-2">
              {tables.map((_table, index) => (
                <Button
                  key={index}
                  aria-pressed={index === at}
                  className={index === at ? '!border-ink font-semibold' : ''}
                  onClick={() => setAt(index)}
                >
                  Table {index + 1}
                  {layouts[index] ? '' : ', no items'}
                </Button>
              ))}
            </div>
          )}
          {table && <LayoutBar layout={layout} width={widthOf(table)} change={change} />}
          {table && <TableView table={table} layout={layout ?? NO_LAYOUT} change={change} />}
        </section>
        <section aria-label="Items as they will be read" className="bg-sheet p-4 lg:min-h-0 lg:overflow-y-auto">
          <h2 className="mb-2 font-ui text-[13px] font-semibold">
            {counted(reading.items.length, 'item', 'items')} as read
          </h2>
          {reading.items.slice(0, SHOWN_ITEMS).map((read, index) => (
            <article key={index} className="border-b border-line py-3">
              <ItemView item={read.item} small />
              {read.marks
                .filter((mark) => mark.severity !== 'told')
                .map((mark) => (
                  <p key={mark.code} className={mark.severity === 'trouble' ? 'text-beet' : 'text-mustard-ink'}>
                    <span aria-hidden="true">{mark.severity === 'trouble' ? '◆ ' : '◐ '}</span>
                    {mark.message}
                  </p>
                ))}
            </article>
          ))}
          {reading.items.length > SHOWN_ITEMS && (
            <p className="py-3 text-muted">and {reading.items.length - SHOWN_ITEMS} more</p>
          )}
          {!reading.items.length && <p className="text-muted">No column is named as the stem yet.</p>}
        </section>
      </div>
    </>
  )
}

function widthOf(table: DocumentTable): number {
  return table.rows.reduce((widest, row) => Math.max(widest, row.length), 0)
}

function useLayouts() {
  const client = useQueryClient()
  const kept = useQuery({ queryKey: ['column-layouts'], queryFn: () => dataOf(api.GET('/api/files/layouts')) })
  const keep = useMutation({
    mutationFn: (given: { readonly name: string; readonly layout: ColumnLayout }) =>
      dataOf(
        api.PUT('/api/files/layouts', {
          body: { name: given.name, layout: { ...given.layout, roles: [...given.layout.roles] } },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: ['column-layouts'] }),
  })
  return { kept, keep }
}

function LayoutBar({
  layout,
  width,
  change,
}: {
  readonly layout: ColumnLayout | null
  readonly width: number
  readonly change: (layout: ColumnLayout | null) => void
}) {
  const { kept, keep } = useLayouts()
  const [name, setName] = useState('')
  const tell = useTell()
  const now = layout ?? {
    roles: Array.from({ length: width }, (): ColumnRole => 'left'),
    leadingRows: 1,
    keyForm: 'letter' as const,
  }
  return (
    <div className="mb-3 flex flex-wrap items-end gap-3">
      <label className="grid gap-0.5">
        <span className="text-xs text-muted">Rows before the items</span>
        <input
          type="number"
          min={0}
          max={50}
          value={now.leadingRows}
          onChange={(event) => change({ ...now, leadingRows: Math.max(0, Number(event.target.value) || 0) })}
          className="w-20 rounded-[3px] border border-edge bg-sheet px-2 py-1"
        />
      </label>
      <label className="grid gap-0.5">
        <span className="text-xs text-muted">The key says</span>
        <select
          value={now.keyForm}
          onChange={(event) => change({ ...now, keyForm: event.target.value as KeyForm })}
          className="rounded-[3px] border border-edge bg-sheet px-2 py-1"
        >
          {KEY_FORMS.map(([form, words]) => (
            <option key={form} value={form}>
              {words}
            </option>
          ))}
        </select>
      </label>
      {(kept.data?.length ?? 0) > 0 && (
        <label className="grid gap-0.5">
          <span className="text-xs text-muted">Use a kept layout</span>
          <select
            value=""
            onChange={(event) => {
              const found = kept.data?.find((one) => one.id === event.target.value)
              if (found) change(found.layout)
            }}
            className="rounded-[3px] border border-edge bg-sheet px-2 py-1"
          >
            <option value="">choose …</option>
            {kept.data?.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (!name.trim()) return
          keep
            .mutateAsync({ name: name.trim(), layout: now })
            .then(() => tell(`The layout is kept as “${name.trim()}”.`))
            .catch((error: unknown) =>
              tell(error instanceof Error ? error.message : 'It was not kept.', { tone: 'trouble' }),
            )
        }}
      >
        <label className="grid gap-0.5">
          <span className="text-xs text-muted">Keep this layout as</span>
          <input
            value={name}
            maxLength={80}
            onChange={(event) => setName(event.target.value)}
            className="w-44 rounded-[3px] border border-edge bg-sheet px-2 py-1"
          />
        </label>
        <Button type="submit" disabled={!name.trim()}>
          Keep
        </Button>
      </form>
    </div>
  )
}

function TableView({
  table,
  layout,
  change,
}: {
  readonly table: DocumentTable
  readonly layout: ColumnLayout
  readonly change: (layout: ColumnLayout) => void
}) {
  const columns = Array.from({ length: widthOf(table) }, (_none, index) => index)
  const roles = columns.map((index) => layout.roles[index] ?? 'left')
  return (
    <table className="border-collapse text-[13px]">
      <thead>
        <tr>
          {columns.map((index) => (
            <th key={index} className="border border-line bg-paper p-1 text-left align-top font-normal">
              <select
                aria-label={`What column ${index + 1} holds`}
                value={roles[index]}
                onChange={(event) =>
                  change({
                    ...layout,
                    roles: roles.map((role, at) => (at === index ? (event.target.value as ColumnRole) : role)),
                  })
                }
                className={`w-full rounded-[3px] border bg-sheet px-1 py-0.5 ${roles[index] === 'left' ? 'border-line text-muted' : 'border-ink font-semibold'}`}
              >
                {COLUMN_ROLES.map((role) => (
                  <option key={role} value={role}>
                    {ROLE_WORDS[role]}
                  </option>
                ))}
              </select>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {table.rows.slice(0, SHOWN_ROWS).map((row, at) => (
          <tr key={at} className={at < layout.leadingRows ? 'text-muted italic' : ''}>
            {columns.map((index) => (
              <td
                key={index}
                className={`max-w-56 border border-line p-1 align-top ${roles[index] === 'stem' ? 'min-w-44' : 'min-w-[4.6rem]'}`}
              >
                <span className="line-clamp-3">{cellText(row[index])}</span>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
      {table.rows.length > SHOWN_ROWS && (
        <caption className="caption-bottom py-2 text-left text-muted">
          and {table.rows.length - SHOWN_ROWS} more rows
        </caption>
      )}
    </table>
  )
}
