import { useState, type Dispatch, type SetStateAction } from 'react'
import { Button } from '../parts/Button'
import { Dialog } from '../parts/Dialog'
import { counted } from '../parts/item-words'
import type { Paper } from './queries'

const WHAT = [
  ['paper', 'Paper', 'as students get it'],
  ['key', 'Key', 'the paper with its keys and feedback'],
  ['answers', 'Answer sheet', 'one line or box for each item'],
] as const
const FORMS = [
  ['pdf', 'PDF, to print'],
  ['docx', 'Document, to edit in a word processor'],
  ['pptx', 'Slides, an item a slide, its key on the next'],
] as const

/** What to print, as what, on which sheets; for all versions where there are some. */
export function PrintMenu({ paper, flush }: { readonly paper: Paper; readonly flush: () => Promise<void> }) {
  const [open, setOpen] = useState(false)
  const [form, setForm] = useState<(typeof FORMS)[number][0]>('pdf')
  const [what, setWhat] = useState<ReadonlySet<string>>(new Set(['paper', 'key']))
  const [size, setSize] = useState('A4')
  const [versions, setVersions] = useState(false)
  const wanted = WHAT.map(([name]) => name).filter((name) => what.has(name))
  const unsigned = paper.items.filter((item) => item.signOff === null).length
  const address = `/api/papers/${paper.id}/print?${new URLSearchParams({
    form,
    what: form === 'pptx' ? 'paper' : wanted.join(','),
    size,
    versions: versions ? 'all' : 'this',
  }).toString()}`
  return (
    <>
      <Button
        onClick={() => {
          // What is printed is what is saved; where that fails, it was said.
          flush().then(
            () => setOpen(true),
            () => undefined,
          )
        }}
      >
        Print
      </Button>
      <Dialog open={open} close={() => setOpen(false)} title={`Print “${paper.title}”`}>
        <div className="grid gap-3">
          <fieldset>
            <legend className="sr-only">As</legend>
            {FORMS.map(([name, label]) => (
              <label key={name} className="block py-0.5">
                <input
                  type="radio"
                  name="form"
                  checked={form === name}
                  onChange={() => setForm(name)}
                  className="mr-2 accent-ink"
                />
                {label}
              </label>
            ))}
          </fieldset>
          {form !== 'pptx' && <Parts what={what} setWhat={setWhat} />}
          {form !== 'pptx' && (
            <label>
              Sheets{' '}
              <select
                value={size}
                onChange={(event) => setSize(event.target.value)}
                className="rounded-[3px] border border-edge bg-sheet px-1.5 py-0.5"
              >
                <option>A4</option>
                <option>Letter</option>
              </select>
            </label>
          )}
          {paper.versionOf === null && (
            <label>
              <input
                type="checkbox"
                checked={versions}
                onChange={(event) => setVersions(event.target.checked)}
                className="mr-2 accent-ink"
              />
              Every version that is drawn, a file each
            </label>
          )}
          {unsigned > 0 && (
            <p className="text-beet">
              <span aria-hidden="true">◆ </span>
              {counted(unsigned, 'item is', 'items are')} not signed off, and would be printed all the same.
            </p>
          )}
          <Steps form={form} wanted={wanted} address={address} setOpen={setOpen} versions={versions} />
        </div>
      </Dialog>
    </>
  )
}

function Parts({
  what,
  setWhat,
}: {
  readonly what: ReadonlySet<string>
  readonly setWhat: Dispatch<SetStateAction<ReadonlySet<string>>>
}) {
  return (
    <fieldset>
      <legend className="mb-0.5 text-xs font-semibold text-muted">What</legend>
      {WHAT.map(([name, label, about]) => (
        <label key={name} className="block py-0.5">
          <input
            type="checkbox"
            checked={what.has(name)}
            onChange={(event) =>
              setWhat((now) => {
                const next = new Set(now)
                if (event.target.checked) next.add(name)
                else next.delete(name)
                return next
              })
            }
            className="mr-2 accent-ink"
          />
          {label} <span className="text-muted">{about}</span>
        </label>
      ))}
    </fieldset>
  )
}

function Steps({
  form,
  wanted,
  address,
  setOpen,
  versions,
}: {
  readonly form: 'pdf' | 'docx' | 'pptx'
  readonly wanted: readonly ('paper' | 'key' | 'answers')[]
  readonly address: string
  readonly setOpen: (next: boolean) => void
  readonly versions: boolean
}) {
  return (
    <div className="flex gap-2">
      {form === 'pptx' || wanted.length > 0 ? (
        <a
          href={address}
          download
          onClick={() => setOpen(false)}
          className="rounded-[3px] border border-mustard bg-mustard px-2.5 py-1 font-semibold text-on-mustard"
        >
          Make the {versions || wanted.length > 1 ? 'files' : 'file'}
        </a>
      ) : (
        <Button disabled>Choose what to print</Button>
      )}
      <Button tone="quiet" onClick={() => setOpen(false)}>
        Leave
      </Button>
    </div>
  )
}
