/** Two buttons that move one entry of a list up and down by keyboard or pointer. */
export function MoveButtons({
  what,
  index,
  count,
  move,
}: {
  /** What is moved, for screen readers: "option b". */
  readonly what: string
  readonly index: number
  readonly count: number
  readonly move: (index: number, step: 1 | -1) => void
}) {
  return (
    <>
      <button
        type="button"
        aria-label={`Move ${what} up`}
        disabled={index === 0}
        onClick={() => move(index, -1)}
        className="size-6 disabled:opacity-40"
      >
        ↑
      </button>
      <button
        type="button"
        aria-label={`Move ${what} down`}
        disabled={index === count - 1}
        onClick={() => move(index, 1)}
        className="size-6 disabled:opacity-40"
      >
        ↓
      </button>
    </>
  )
}
