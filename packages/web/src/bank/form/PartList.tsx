import type { Content } from '@zakuska/core'
import { type ReactNode, useState } from 'react'
import { Button } from '../../parts/Button'
import { letterOf } from '../../parts/item-words'
import { RichField } from '../../parts/RichField'

interface PartListProps {
  readonly name: string
  readonly parts: readonly Content[]
  readonly change: (parts: Content[]) => void
  readonly without: (index: number) => void
  readonly beside?: (index: number) => ReactNode
  /** Each part stands behind its letter. */
  readonly lettered?: boolean
}

/** A list of texts that can be added to and taken from. */
export function PartList({ name, parts, change, without, beside, lettered = false }: PartListProps) {
  // Parts have no ids of their own, and an editor must stay with its text when another part goes.
  const [ids, setIds] = useState(() => parts.map((_part, index) => index))
  return (
    <div className="grid gap-1.5">
      {parts.map((part, index) => (
        <div key={ids[index] ?? index} className="flex items-start gap-1.5">
          {lettered && <span className="w-4 pt-1 text-muted">{letterOf(index)}</span>}
          <div className="min-w-0 flex-1">
            <RichField
              slim
              label={`${name} ${index + 1}`}
              value={part}
              change={(content) => change(parts.map((one, at) => (at === index ? content : one)))}
            />
          </div>
          {beside?.(index)}
          <button
            type="button"
            aria-label={`Take ${name.toLowerCase()} ${index + 1} out`}
            onClick={() => {
              setIds(ids.filter((_id, at) => at !== index))
              without(index)
            }}
            className="size-6 pt-1 text-muted"
          >
            ×
          </button>
        </div>
      ))}
      <div>
        <Button
          onClick={() => {
            setIds([...ids, Math.max(-1, ...ids) + 1])
            change([...parts, []])
          }}
        >
          Add
        </Button>
      </div>
    </div>
  )
}
