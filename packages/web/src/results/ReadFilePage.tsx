import { type AnswerRole, guessColumns, type ReadRow, readRows } from '@zakuska/core'
import { useMutation } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { type NavigateFunction, useNavigate, useSearchParams } from 'react-router'
import { api, dataOf } from '../api/client'
import { Head } from '../parts/Head'
import { Button } from '../parts/Button'
import { Empty, Problem } from '../parts/Empty'
import { counted } from '../parts/item-words'
import { type Paper, usePaper, usePapers } from '../papers/queries'
import { Fault } from '../parts/fields'
import { keepLayout, keptLayout } from './layouts'
import { useSittingChanges } from './queries'
import { ColumnTable, SHOWN, WhatIsSure } from './ColumnTable'
import { FIELD } from '../parts/field-class'

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

function Columns({
  paper,
  rows,
  name,
}: {
  readonly paper: Paper
  readonly rows: readonly (readonly string[])[]
  readonly name: string
}) {
  const items = useMemo(() => paper.items.map(({ body }) => body), [paper])
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
      <WhatIsSure read={read} head={head} kept={kept} doubtful={doubtful} missing={missing} unread={unread} />
      <div className="relative overflow-x-auto pt-2" tabIndex={0} role="group" aria-label="Columns of the file">
        <ColumnTable
          head={head}
          roles={roles}
          items={items}
          kept={kept}
          guessed={guessed}
          setRoles={setRoles}
          body={body}
        />
      </div>
      {body.length > SHOWN && <p className="pt-1 text-xs text-muted">and {body.length - SHOWN} rows more</p>}
      <ReadThem
        paper={paper}
        head={head}
        roles={roles}
        readIn={readIn}
        id={id}
        title={title}
        read={read}
        navigate={navigate}
        setTitle={setTitle}
        found={found}
      />
      <Fault error={readIn.error} />
    </section>
  )
}

function ReadThem({
  paper,
  head,
  roles,
  readIn,
  id,
  title,
  read,
  navigate,
  setTitle,
  found,
}: {
  readonly paper: Paper
  readonly head: readonly string[]
  readonly roles: readonly AnswerRole[]
  readonly readIn: ReturnType<typeof useSittingChanges>['readIn']
  readonly id: string
  readonly title: string
  readonly read: readonly ReadRow[]
  readonly navigate: NavigateFunction
  readonly setTitle: (next: string) => void
  readonly found: Set<number>
}) {
  return (
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
              responses: [...attempt.responses],
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
  )
}
