import { CHECK_CODES, CHECKS } from '@zakuska/core'
import { useState, type Dispatch, type SetStateAction } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Head } from '../parts/Head'
import { useSetSettings, useSettings } from '../people/session'
import { Button } from '../parts/Button'
import { May } from '../people/May'
import { Problem, Waiting } from '../parts/Empty'
import { useTell } from '../parts/notices'
import { FIELD } from './form/field'

/** How this workspace checks its items: which writing checks, for which readers, and where facts are looked up. */
export function SettingsPage() {
  const settings = useSettings()
  if (settings.isPending) return <Waiting what="the settings" />
  if (settings.isError) return <Problem error={settings.error} again={() => void settings.refetch()} />
  return <SettingsForm settings={settings.data} />
}

function SettingsForm({ settings }: { readonly settings: Schemas['WorkspaceSettingsDto'] }) {
  const save = useSetSettings()
  const tell = useTell()
  const [lookUp, setLookUp] = useState(settings.lookUp ?? '')
  const [grade, setGrade] = useState(settings.targetGrade === undefined ? '' : String(settings.targetGrade))
  const [off, setOff] = useState<ReadonlySet<string>>(new Set(settings.checksOff))
  const keep = (): void =>
    save.mutate(
      {
        ...(lookUp.trim() && { lookUp: lookUp.trim() }),
        ...(grade !== '' && { targetGrade: Number(grade) }),
        ...(off.size > 0 && { checksOff: CHECK_CODES.filter((code) => off.has(code)) }),
      },
      { onSuccess: () => tell('The settings are kept.') },
    )
  return (
    <>
      <Head title="How items are checked">
        <Link to="/bank" className="rounded-[3px] border border-line bg-sheet px-2.5 py-1 hover:border-edge">
          Back to the bank
        </Link>
      </Head>
      <form
        className="min-h-0 flex-1 overflow-y-auto px-3 py-4 sm:px-[18px]"
        onSubmit={(event) => {
          event.preventDefault()
          keep()
        }}
      >
        <div className="grid max-w-3xl gap-4">
          <label className="grid gap-1">
            <span className="text-xs font-semibold text-muted">
              Look-up address, with {'{words}'} where the words of an item go
            </span>
            <input
              value={lookUp}
              placeholder="https://library.example/search?q={words}"
              onChange={(event) => setLookUp(event.target.value)}
              className={FIELD}
            />
          </label>
          <label className="grid justify-items-start gap-1">
            <span className="text-xs font-semibold text-muted">Readers’ years of school; empty: not checked</span>
            <input
              type="number"
              min={1}
              max={18}
              value={grade}
              onChange={(event) => setGrade(event.target.value)}
              className={`${FIELD} w-24`}
            />
          </label>
          <ChecksMade off={off} setOff={setOff} />
          {save.error && (
            <p role="alert" className="text-beet">
              ◆ {save.error.message}
            </p>
          )}
          <div>
            <May right="write" to="change the settings">
              <Button tone="lead" type="submit" disabled={save.isPending}>
                Keep
              </Button>
            </May>
          </div>
        </div>
      </form>
    </>
  )
}

function ChecksMade({
  off,
  setOff,
}: {
  readonly off: ReadonlySet<string>
  readonly setOff: Dispatch<SetStateAction<ReadonlySet<string>>>
}) {
  return (
    <fieldset>
      <legend className="mb-1 text-xs font-semibold text-muted">Writing checks that are made</legend>
      <ul className="grid gap-1">
        {CHECK_CODES.map((code) => (
          <li key={code}>
            <label className="flex gap-2">
              <input
                type="checkbox"
                checked={!off.has(code)}
                onChange={(event) =>
                  setOff((now) => {
                    const next = new Set(now)
                    if (event.target.checked) next.delete(code)
                    else next.add(code)
                    return next
                  })
                }
                className="mt-1 accent-ink"
              />
              <span>
                {CHECKS[code].name}
                <span className="block text-xs text-muted">
                  {CHECKS[code].source}
                  {CHECKS[code].on === 'set' && '; looks at all items of a paper together'}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  )
}
