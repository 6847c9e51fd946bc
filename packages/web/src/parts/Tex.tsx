import katex from 'katex'
import { useLayoutEffect, useRef } from 'react'

/** A formula in TeX. Built node by node: styles in markup would need a page that lets any style in. */
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
    // KaTeX escapes what it is given; `trust` stays off.
    if (place.current) katex.render(tex, place.current, { throwOnError: false, displayMode: isDisplayed })
  }, [tex, isDisplayed])
  return <span ref={place} className={className} />
}
