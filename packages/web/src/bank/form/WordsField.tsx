import { useState } from 'react'
import { FIELD, PARTED } from './field'

function words(text: string): string[] {
  return text
    .split('|')
    .map((word) => word.trim())
    .filter(Boolean)
}

/** A line of words parted by bars; what is typed stays as typed until it is left. */
export function WordsField({
  label,
  value,
  set,
}: {
  readonly label: string
  readonly value: readonly string[]
  readonly set: (words: string[]) => void
}) {
  const [text, setText] = useState(value.join(PARTED))
  return (
    <input
      aria-label={label}
      value={text}
      onChange={(event) => {
        setText(event.target.value)
        set(words(event.target.value))
      }}
      className={`${FIELD} w-full font-text text-[15px]`}
    />
  )
}
