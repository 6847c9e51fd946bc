import { SHEET_COLUMNS, type SheetColumn } from '@zakuska/core'
import { useState } from 'react'
import { Link } from 'react-router'
import { Field } from '../parts/fields'
import type { ViewProps } from './view-props'

const NAMES: Readonly<Record<SheetColumn, string>> = {
  student: 'person',
  fields: 'what was asked above the items',
  submitted: 'when it was handed in',
  total: 'points',
  share: 'share in percent',
  points: 'points of each item',
  answers: 'answer to each item',
  waiting: 'how many answers wait to be read',
}
const FIRST: readonly SheetColumn[] = ['student', 'fields', 'total', 'share', 'points']
const KEPT = 'zakuska.sheet-columns'
const LINK = 'inline-block rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge'
const LEAD = 'inline-block rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard'

/** What goes to a spreadsheet, a gradebook, another system, and to the people. */
export function HandOnView({ sitting, looked }: ViewProps) {
  const path = `/api/sittings/${sitting.id}`
  const [columns, setColumns] = useState<readonly SheetColumn[]>(keptColumns)
  const set = (next: readonly SheetColumn[]): void => {
    setColumns(next)
    localStorage.setItem(KEPT, next.join(','))
  }
  const query = (as: 'csv' | 'xlsx'): string => new URLSearchParams({ columns: columns.join(','), as }).toString()
  return (
    <div className="grid gap-x-10 gap-y-8 px-3 py-4 sm:px-[18px] lg:grid-cols-2">
      <section aria-labelledby="sheet">
        <h2 id="sheet" className="text-[15px] font-semibold">
          Results sheet
        </h2>
        <p className="text-muted">For the department’s own sheet. The columns are remembered for the next time.</p>
        <fieldset className="pt-1">
          <legend className="sr-only">Columns</legend>
          {SHEET_COLUMNS.map((column) => (
            <label key={column} className="block">
              <input
                type="checkbox"
                className="mr-1.5 accent-ink"
                checked={columns.includes(column)}
                onChange={(event) =>
                  set(SHEET_COLUMNS.filter((one) => (one === column ? event.target.checked : columns.includes(one))))
                }
              />
              {NAMES[column]}
            </label>
          ))}
        </fieldset>
        <p className="flex gap-2 pt-2">
          {columns.length ? (
            <>
              <a className={LEAD} href={`${path}/sheet?${query('csv')}`} download>
                As CSV
              </a>
              <a className={LINK} href={`${path}/sheet?${query('xlsx')}`} download>
                As XLSX
              </a>
            </>
          ) : (
            <span className="text-muted">Choose at least one column.</span>
          )}
        </p>
      </section>
      <Feedback path={path} />
      <Gradebook path={path} fields={[...new Set(looked.counted.flatMap(({ fields }) => Object.keys(fields)))]} />
      <section aria-labelledby="others">
        <h2 id="others" className="text-[15px] font-semibold">
          Another system, and paper
        </h2>
        <p className="text-muted">
          Every answer and score as QTI Results Reporting: a document for each person, in one zip. The item names are
          those of the QTI files that the paper is exported as.
        </p>
        <p className="flex flex-wrap gap-2 pt-2">
          <a className={LINK} href={`${path}/reports`} download>
            QTI results (zip)
          </a>
          <Link className={LINK} to={`/results/${sitting.id}?print`}>
            Summary to print…
          </Link>
        </p>
      </section>
    </div>
  )
}

function keptColumns(): readonly SheetColumn[] {
  const kept = (localStorage.getItem(KEPT) ?? '').split(',')
  const known = SHEET_COLUMNS.filter((column) => kept.includes(column))
  return known.length ? known : FIRST
}

function Feedback({ path }: { readonly path: string }) {
  const [keys, setKeys] = useState(true)
  const [size, setSize] = useState<'A4' | 'Letter'>('A4')
  const query = (files: 'one' | 'each'): string => new URLSearchParams({ files, keys: String(keys), size }).toString()
  return (
    <section aria-labelledby="feedback">
      <h2 id="feedback" className="text-[15px] font-semibold">
        Feedback sheets
      </h2>
      <p className="text-muted">A page for each person: answers, points, feedback of the items, and your remarks.</p>
      <label className="block pt-1">
        <input
          type="checkbox"
          className="mr-1.5 accent-ink"
          checked={keys}
          onChange={(event) => setKeys(event.target.checked)}
        />
        with what would have been right
      </label>
      <label className="block">
        Paper{' '}
        <select
          className="rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5"
          value={size}
          onChange={(event) => setSize(event.target.value === 'Letter' ? 'Letter' : 'A4')}
        >
          <option>A4</option>
          <option>Letter</option>
        </select>
      </label>
      <p className="flex gap-2 pt-2">
        <a className={LINK} href={`${path}/feedback?${query('one')}`} download>
          One PDF
        </a>
        <a className={LINK} href={`${path}/feedback?${query('each')}`} download>
          A PDF for each (zip)
        </a>
      </p>
    </section>
  )
}

/** OneRoster names people, classes and schools by ids of its own; they are asked for. */
function Gradebook({ path, fields }: { readonly path: string; readonly fields: readonly string[] }) {
  const [field, setField] = useState(fields.find((one) => /mail|id|number/i.test(one)) ?? '')
  const [classId, setClassId] = useState(localStorage.getItem('zakuska.class-id') ?? '')
  const [schoolId, setSchoolId] = useState(localStorage.getItem('zakuska.school-id') ?? '')
  const keep = (name: string, value: string, set: (value: string) => void): void => {
    set(value)
    localStorage.setItem(name, value)
  }
  const isReady = classId.trim() && schoolId.trim()
  return (
    <section aria-labelledby="gradebook">
      <h2 id="gradebook" className="text-[15px] font-semibold">
        Gradebook
      </h2>
      <p className="text-muted">
        Marks as a OneRoster 1.2 CSV package, which gradebooks that know the standard take in.
      </p>
      <div className="grid max-w-sm gap-2 pt-1">
        <label className="block">
          The gradebook knows people by
          <select
            className="mt-0.5 w-full rounded-[3px] border border-edge bg-sheet px-2 py-1.5"
            value={field}
            onChange={(event) => setField(event.target.value)}
          >
            <option value="">their names</option>
            {fields.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        </label>
        <Field
          name="Id of the class there"
          value={classId}
          maxLength={255}
          onChange={(event) => keep('zakuska.class-id', event.target.value, setClassId)}
        />
        <Field
          name="Id of the school there"
          value={schoolId}
          maxLength={255}
          onChange={(event) => keep('zakuska.school-id', event.target.value, setSchoolId)}
        />
      </div>
      <p className="pt-2">
        {isReady ? (
          <a
            className={LINK}
            href={`${path}/gradebook?${new URLSearchParams({ field, classId, schoolId }).toString()}`}
            download
          >
            Gradebook package (zip)
          </a>
        ) : (
          <span className="text-muted">Give both ids; they are remembered.</span>
        )}
      </p>
    </section>
  )
}
