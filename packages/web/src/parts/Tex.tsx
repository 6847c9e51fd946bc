import type Katex from 'katex'
import { useLayoutEffect, useRef } from 'react'

/** Most papers have no formula, so what sets them is loaded with the first one, and stays. */
let katex: typeof Katex | null = null

async function loaded(): Promise<typeof Katex> {
  katex ??= (await import('katex')).default
  return katex
}

/** A formula in TeX; its source until it is set. Built node by node: styles in markup would need a page that lets any style in. */
export function Tex({
  tex,
  isDisplayed = false,
  className,
}: {
  readonly tex: string
  readonly isDisplayed?: boolean
  readonly className?: string
}) {
  const place = useRef<HTMLSpanElement>(null)
  useLayoutEffect(() => {
    let isGone = false
    // KaTeX escapes what it is given; `trust` stays off.
    const set = (by: typeof Katex): void => {
      if (place.current && !isGone) by.render(tex, place.current, { throwOnError: false, displayMode: isDisplayed })
    }
    if (katex) set(katex)
    else {
      if (place.current) place.current.textContent = tex
      // Without it, the source stays, which can be read.
      loaded().then(set, () => undefined)
    }
    return () => {
      isGone = true
    }
  }, [tex, isDisplayed])
  return <span ref={place} className={className} />
}
