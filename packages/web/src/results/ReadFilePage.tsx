import { guessColumns, plainText, readRows, sidesOf, type AnswerRole, type Item } from '@zakuska/core'
import { useMutation } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api, dataOf } from '../api/client'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Empty, Problem } from '../parts/Empty'
import { asKept, counted } from '../parts/item-words'
import { usePaper, usePapers, type Paper } from '../papers/queries'
import { Fault } from '../parts/fields'
import { keepLayout, keptLayout } from './layouts'
import { useSittingChanges } from './queries'
import { stemLine } from './words'

const FIELD = 'rounded-[3px] border border-edge bg-sheet px-1.5 py-1'

/** Responses out of a file: whose paper it is, what each column holds, and then they are read in. */
export function ReadFilePage() {
  const papers = usePapers()
  const [search, setSearch] = useSearchParams()
  const paperId = search.get('paper') ?? ''
  const paper = usePaper(paperId)
  const [name, setName] = useState('')
  const read = useMutation({
    mutationFn: (file: Blob) =>
      dataOf(
        api.POST('/api/sittings/table', {
          body: file as unknown as string,
          bodySerializer: (body: unknown) => body as Blob,
          headers: { 'content-type': 'application/octet-stream' },
        }),
      ),
  })
  return (
    <>
      <Head title="Read a response file" about="CSV or XLSX, as forms and sites export it" />
      <div className="min-h-0 flex-1 overflow-y-auto px-3 py-4 sm:px-[18px]">
        <div className="flex flex-wrap items-end gap-4">
          <label>
            Responses to
            <select
              className={`${FIELD} mt-0.5 block min-w-56`}
              value={paperId}
              onChange={(event) => setSearch({ paper: event.target.value }, { replace: true })}
            >
              <option value="">which paper?</option>
              {papers.data?.map(({ id, title }) => (
                <option key={id} value={id}>
                  {title}
                </option>
              ))}
            </select>
          </label>
          <label>
            File
            <input
              type="file"
              accept=".csv,.tsv,.txt,.xlsx"
              className="mt-0.5 block"
              onChange={(event) => {
                const [file] = event.target.files ?? []
                if (!file) return
                setName(file.name.replace(/\.\w+$/, ''))
                read.mutate(file)
              }}
            />
          </label>
          <a className="pb-1 text-muted underline" href="/samples/knots-and-radio-responses.csv" download>
            A sample, for “Knots and radio”
          </a>
        </div>
        <Fault error={read.error} />
        {papers.isError && <Problem error={papers.error} again={() => void papers.refetch()} />}
        {read.data && paper.data ? (
          <Columns key={`${paperId}${name}`} paper={paper.data} rows={read.data.rows} name={name} />
        ) : (
          <Empty title={read.data ? 'Say which paper it is of' : 'Choose the paper and the file'}>
            Names, times and answers are told apart by themselves; you look once before anything is kept.
          </Empty>
        )}
      </div>
    </>
  )
}

/** How many rows are shown. */
const SHOWN = 5

function Columns({
  paper,
  rows,
  name,
}: {
  readonly paper: Paper
  readonly rows: readonly (readonly string[])[]
  readonly name: string
}) {
  const items = useMemo(() => paper.items.map(({ body }) => asKept(body)), [paper])
  const [head = [], ...body] = rows
  const guessed = useMemo(() => guessColumns(head, items), [head, items])
  const kept = keptLayout(paper.id, head)
  const [roles, setRoles] = useState<readonly AnswerRole[]>(kept ?? guessed.map(({ role }) => role))
  const [title, setTitle] = useState(name || paper.title)
  const [id] = useState(() => crypto.randomUUID())
  const read = useMemo(() => readRows(body, roles, items), [body, roles, items])
  const { readIn } = useSittingChanges()
  const navigate = useNavigate()
  const unread = read.flatMap((one) => one.unread)
  const found = new Set(roles.flatMap((role) => (role.kind === 'item' ? [role.item] : [])))
  const missing = items.flatMap((item, place) => (found.has(place) || item.kind === 'note' ? [] : [place + 1]))
  const doubtful = kept ? 0 : guessed.filter(({ sureness }) => sureness < 0.75).length
  return (
    <section aria-label="Columns" className="pt-5">
      <p role="status">
        {counted(read.length, 'row', 'rows')}, {counted(head.length, 'column', 'columns')}.{' '}
        {kept ? (
          'The columns are as you set them the last time.'
        ) : doubtful ? (
          <span className="text-mustard-ink">
            ◐ {counted(doubtful, 'column is', 'columns are')} a guess to look at.
          </span>
        ) : (
          <span className="text-dill">✓ Every column is clear.</span>
        )}
        {missing.length > 0 && <span className="text-beet"> ◆ No column for item {missing.join(', ')}.</span>}
        {unread.length > 0 && (
          <span className="text-beet">
            {' '}
            ◆ {counted(unread.length, 'cell says', 'cells say')} nothing to its item, as in item{' '}
            {(unread[0]?.item ?? 0) + 1}: “{unread[0]?.cell}”. {unread.length === 1 ? 'It' : 'They'} will be left open.
          </span>
        )}
      </p>
      <div className="relative overflow-x-auto pt-2" tabIndex={0} role="group" aria-label="Columns of the file">
        <table className="border-collapse">
          <thead>
            <tr className="align-bottom">
              {head.map((header, column) => (
                <th
                  key={column}
                  scope="col"
                  className="max-w-64 min-w-40 border border-line bg-sheet px-2 py-1 text-left align-top font-normal"
                >
                  <span className="line-clamp-3 font-semibold" title={header}>
                    {header || 'no head'}
                  </span>
                  <RoleChoice
                    header={header}
                    role={roles[column] ?? { kind: 'skip' }}
                    items={items}
                    isDoubtful={!kept && (guessed[column]?.sureness ?? 1) < 0.75}
                    set={(role) => setRoles(roles.map((one, at) => (at === column ? role : one)))}
                  />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {body.slice(0, SHOWN).map((cells, at) => (
              <tr key={at}>
                {head.map((_header, column) => (
                  <td
                    key={column}
                    className={`max-w-64 truncate border border-line px-2 py-0.5 ${roles[column]?.kind === 'skip' ? 'text-muted line-through' : ''}`}
                  >
                    {cells[column]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {body.length > SHOWN && <p className="pt-1 text-xs text-muted">and {body.length - SHOWN} rows more</p>}
      <form
        className="flex flex-wrap items-end gap-3 pt-4"
        onSubmit={(event) => {
          event.preventDefault()
          keepLayout(paper.id, head, roles)
          readIn.mutate(
            {
              ...{ id, paperId: paper.id, title: title.trim() },
              attempts: read.map(({ attempt, fields, time }) => ({
                ...{ student: attempt.student.slice(0, 300), fields, time: time?.slice(0, 60) ?? null },
                responses: attempt.responses as unknown as Record<string, unknown>[],
              })),
            },
            { onSuccess: ({ sitting }) => void navigate(`/results/${sitting.id}`) },
          )
        }}
      >
        <label>
          Called
          <input
            className={`${FIELD} mt-0.5 block w-72`}
            value={title}
            maxLength={300}
            required
            onChange={(event) => setTitle(event.target.value)}
          />
        </label>
        <Button tone="lead" type="submit" disabled={readIn.isPending || !read.length || !found.size || !title.trim()}>
          {readIn.isPending ? 'Reading …' : `Read ${counted(read.length, 'response', 'responses')}`}
        </Button>
      </form>
      <Fault error={readIn.error} />
    </section>
  )
}

/** What a column is, to be set right. */
function RoleChoice({
  header,
  role,
  items,
  isDoubtful,
  set,
}: {
  readonly header: string
  readonly role: AnswerRole
  readonly items: readonly Item[]
  readonly isDoubtful: boolean
  readonly set: (role: AnswerRole) => void
}) {
  const value = role.kind === 'item' ? `item:${role.item}:${role.part ?? ''}` : role.kind
  return (
    <span className="block pt-1">
      {isDoubtful && <span className="text-mustard-ink">◐ </span>}
      <select
        className={`${FIELD} w-full max-w-60 text-xs`}
        aria-label={`What “${header}” is`}
        value={value}
        onChange={(event) => {
          const [kind, item = '0', part = ''] = event.target.value.split(':')
          if (kind === 'item') set({ kind, item: Number(item), part: part === '' ? null : Number(part) })
          else if (kind === 'identity') set({ kind, field: header.trim() || 'Name' })
          else set({ kind: kind === 'time' ? 'time' : 'skip' })
        }}
      >
        <option value="identity">who it is</option>
        <option value="time">when it was handed in</option>
        <option value="skip">passed over</option>
        {items.flatMap((item, place) => {
          if (item.kind === 'note') return []
          const parts =
            item.kind === 'cloze'
              ? item.gaps.map((_gap, at) => `gap ${at + 1}`)
              : sidesOf(item)[0].map((side) => plainText(side))
          return [
            <option key={place} value={`item:${place}:`}>
              {place + 1}. {stemLine(item, 60)}
            </option>,
            ...(parts.length > 1
              ? parts.map((part, at) => (
                  <option key={`${place}:${at}`} value={`item:${place}:${at}`}>
                    {place + 1}. … {part.slice(0, 40)}
                  </option>
                ))
              : []),
          ]
        })}
      </select>
    </span>
  )
}
