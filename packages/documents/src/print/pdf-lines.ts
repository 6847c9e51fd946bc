import { createRequire } from 'node:module'
import { baseOf, hasRtl, seenOrder, type Base } from './direction.ts'

interface Inline {
  readonly text: string
  readonly width: number
  readonly trailingCut?: number
  readonly alignment?: string
  x: number
}

interface Line {
  readonly inlines: Inline[]
}

interface Drawing {
  renderLine: (line: Line, x: number, y: number) => void
}

const require = createRequire(import.meta.url)
const { default: Renderer } = require('pdfmake/js/Renderer.js') as { default: { prototype: Drawing } }

const drawn = Renderer.prototype.renderLine

/**
 * pdfmake breaks lines in any script, and draws their words from left to right only. This is the one place where it
 * draws a line, so here the words are put in the order in which they are seen. A paragraph from right to left is one
 * that is set flush right; in one that is centred, each line is taken by itself.
 */
Renderer.prototype.renderLine = function renderLine(this: Drawing, line, x, y): void {
  if (line.inlines.some((inline) => hasRtl(inline.text))) arrange(line.inlines)
  drawn.call(this, line, x, y)
}

function arrange(inlines: readonly Inline[]): void {
  const base = baseOfLine(inlines)
  const order = seenOrder(
    inlines.map((inline) => inline.text),
    base,
  )
  // The blank behind the last word is at the outer end; what was to hang over at the right hangs over at the left.
  let at = Math.min(...inlines.map((inline) => inline.x)) - (base === 'rtl' ? (inlines.at(-1)?.trailingCut ?? 0) : 0)
  for (const place of order) {
    const inline = inlines[place]
    if (!inline) continue
    inline.x = at
    at += inline.width
  }
}

function baseOfLine(inlines: readonly Inline[]): Base {
  switch (inlines[0]?.alignment) {
    case 'right':
      return 'rtl'
    case 'center':
      return baseOf(inlines.map((inline) => inline.text).join(''))
    default:
      return 'ltr'
  }
}
