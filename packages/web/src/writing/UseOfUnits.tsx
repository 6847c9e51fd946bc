import type { Writing } from './queries'
import { usedText } from './words'

/** How much of this month's units is used; from four fifths on it is said louder. */
export function UseOfUnits({ writing }: { readonly writing: Writing }) {
  const { used, cap, isNear, whyNot } = writing
  const share = cap ? Math.min(1, used / cap) : 1
  const tone = whyNot ? 'text-beet' : isNear ? 'text-mustard-ink' : 'text-muted'
  return (
    <div className="text-xs">
      <span aria-hidden="true" className="block h-[5px] w-full max-w-72 bg-line">
        <span
          className={`block h-full ${whyNot ? 'bg-beet' : isNear ? 'bg-mustard' : 'bg-dill'}`}
          style={{ width: `${share * 100}%` }}
        />
      </span>
      <span className={tone} role="status">
        {whyNot ? <span aria-hidden="true">◆ </span> : isNear && <span aria-hidden="true">◐ </span>}
        {whyNot ?? `${usedText(writing)}${isNear ? ', more than four fifths' : ''}`}
      </span>
    </div>
  )
}
