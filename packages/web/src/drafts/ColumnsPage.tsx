import { type ColumnLayout, documentDraft, type DocumentTable, guessLayout, readDraft } from '@zakuska/core'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Empty } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { ItemView } from '../parts/ItemView'
import { useStart } from './use-start'
import { type OpenedFile, waiting } from './files'
import { LayoutBar } from './columns/LayoutBar'
import { TableView, widthOf } from './columns/TableView'

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
  const isStemless = layout !== null && !layout.roles.includes('stem')
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
          {(!reading.items.length || isStemless) && <p className="text-muted">No column is named as the stem yet.</p>}
        </section>
      </div>
    </>
  )
}
