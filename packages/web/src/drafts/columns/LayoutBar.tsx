import type { ColumnLayout, ColumnRole, KeyForm } from '@zakuska/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, dataOf } from '../../api/client'
import { Button } from '../../parts/Button'
import { useTell, type Tell } from '../../parts/notices'

const KEY_FORMS: readonly (readonly [KeyForm, string])[] = [
  ['letter', 'letters: A, B'],
  ['number', 'figures from 1'],
  ['zero-based', 'figures from 0'],
  ['text', 'the option’s text'],
]

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

export function LayoutBar({
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
      <KeepLayout name={name} keep={keep} now={now} tell={tell} setName={setName} />
    </div>
  )
}

function KeepLayout({
  name,
  keep,
  now,
  tell,
  setName,
}: {
  readonly name: string
  readonly keep: ReturnType<typeof useLayouts>['keep']
  readonly now: ColumnLayout
  readonly tell: Tell
  readonly setName: (next: string) => void
}) {
  return (
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
  )
}
