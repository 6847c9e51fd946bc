import { OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { isColour } from '../common/styles.ts'

type Matrix = readonly [number, number, number, number, number, number]

interface Shown {
  readonly x: number
  readonly y: number
  readonly coloured: boolean
}

interface Rectangle {
  readonly left: number
  readonly bottom: number
  readonly right: number
  readonly top: number
}

/** What the page's drawing says about its text beyond the letters: ink that is not black, bars behind or below. */
export interface Ink {
  isColoured(x: number, y: number): boolean
  behind(x: number, y: number, width: number, size: number): 'highlight' | 'underline' | null
  /** Lower left corner and size of each picture, in points. */
  readonly pictures: readonly {
    readonly x: number
    readonly y: number
    readonly width: number
    readonly height: number
  }[]
}

interface Drawing {
  readonly fnArray: readonly number[]
  readonly argsArray: readonly unknown[]
}

const UNIT: Matrix = [1, 0, 0, 1, 0, 0]

/** Follows the operators of a page (ISO 32000-2, sections 8.4 and 9.4) for the colour of text and for filled bars. */
export function inkOf(drawing: Drawing): Ink {
  const page = new PageInk()
  drawing.fnArray.forEach((operator, index) =>
    page.take(operator, drawing.argsArray[index] as readonly unknown[] | null),
  )
  const { shown, bars, pictures } = page
  return {
    pictures,
    isColoured: (x, y) => nearest(shown, x, y)?.coloured ?? false,
    behind: (x, y, width, size) => {
      for (const bar of bars) {
        const covers = bar.left <= x + size && bar.right >= x + width - size && bar.right - bar.left < width + 40 * size
        if (!covers) continue
        const tall = bar.top - bar.bottom
        if (tall < 0.15 * size && bar.top <= y && bar.bottom >= y - 0.35 * size) return 'underline'
        if (tall > 0.6 * size && tall < 2.2 * size && bar.bottom <= y + 0.1 * size && bar.top >= y + 0.5 * size)
          return 'highlight'
      }
      return null
    },
  }
}

/** What was drawn so far, and the state of drawing. */
class PageInk {
  readonly shown = new Map<number, Shown[]>()
  readonly bars: Rectangle[] = []
  readonly pictures: { x: number; y: number; width: number; height: number }[] = []
  readonly #saved: { place: Matrix; fill: string }[] = []
  #place: Matrix = UNIT
  #text: Matrix = UNIT
  #line: Matrix = UNIT
  #leading = 0
  #fill = '#000000'

  take(operator: number, given: readonly unknown[] | null): void {
    const figures = (given ?? []).map(Number)
    this.#setState(operator, given, figures)
    this.#moveText(operator, given, figures)
    this.#paint(operator, given)
  }

  #setState(operator: number, given: readonly unknown[] | null, figures: readonly number[]): void {
    switch (operator) {
      case OPS.save:
        this.#saved.push({ place: this.#place, fill: this.#fill })
        break
      case OPS.restore: {
        const before = this.#saved.pop()
        this.#place = before?.place ?? this.#place
        this.#fill = before?.fill ?? this.#fill
        break
      }
      case OPS.transform:
        this.#place = times(this.#place, toMatrix(given))
        break
      case OPS.setFillRGBColor:
        this.#fill = typeof given?.[0] === 'string' ? given[0] : rgb(figures)
        break
      case OPS.setFillGray:
      case OPS.setFillColorN:
      case OPS.setFillCMYKColor:
        this.#fill = typeof given?.[0] === 'string' && given[0].startsWith('#') ? given[0] : '#000000'
    }
  }

  #moveText(operator: number, given: readonly unknown[] | null, figures: readonly number[]): void {
    switch (operator) {
      case OPS.beginText:
        this.#text = this.#line = UNIT
        break
      case OPS.setTextMatrix: {
        const [first] = given ?? []
        const isPacked = Array.isArray(first) || ArrayBuffer.isView(first)
        this.#text = this.#line = toMatrix(isPacked ? (first as unknown as readonly unknown[]) : given)
        break
      }
      case OPS.setLeading:
        this.#leading = figures[0] ?? 0
        break
      case OPS.moveText:
      case OPS.setLeadingMoveText:
        if (operator === OPS.setLeadingMoveText) this.#leading = -(figures[1] ?? 0)
        this.#text = this.#line = times(this.#line, [1, 0, 0, 1, figures[0] ?? 0, figures[1] ?? 0])
        break
      case OPS.nextLine:
        this.#text = this.#line = times(this.#line, [1, 0, 0, 1, 0, -this.#leading])
    }
  }

  #paint(operator: number, given: readonly unknown[] | null): void {
    const place = this.#place
    switch (operator) {
      case OPS.showText:
      case OPS.showSpacedText:
      case OPS.nextLineShowText:
        this.#showText(times(place, this.#text))
        break
      case OPS.paintImageXObject:
      case OPS.paintInlineImageXObject:
      case OPS.paintImageMaskXObject:
        this.pictures.push({
          x: place[4],
          y: place[5],
          width: Math.abs(place[0]) || Math.abs(place[1]),
          height: Math.abs(place[3]) || Math.abs(place[2]),
        })
        break
      case OPS.constructPath: {
        const bounds = given?.[2]
        if (FILLS.has(Number(given?.[0])) && ArrayBuffer.isView(bounds))
          this.bars.push(...barOf(place, bounds as unknown as ArrayLike<number>, this.#fill))
      }
    }
  }

  #showText(at: Matrix): void {
    const row = Math.round(at[5])
    const isWhite = /^#(?:f[0-9a-f]){3}$/i.test(this.#fill)
    const one = { x: at[4], y: at[5], coloured: isColour(this.#fill) && !isWhite }
    const known = this.shown.get(row)
    if (known) known.push(one)
    else this.shown.set(row, [one])
  }
}

const FILLS: ReadonlySet<number> = new Set([OPS.fill, OPS.eoFill, OPS.fillStroke, OPS.stroke])

/** The text operator on the same baseline that starts last before `x`. */
function nearest(shown: ReadonlyMap<number, readonly Shown[]>, x: number, y: number): Shown | null {
  let best: Shown | null = null
  const row = Math.round(y)
  for (const one of [row - 1, row, row + 1].flatMap((at) => shown.get(at) ?? []))
    if (Math.abs(one.y - y) < 1 && one.x <= x + 1 && (!best || one.x >= best.x)) best = one
  return best
}

function barOf(place: Matrix, bounds: ArrayLike<number>, fill: string): Rectangle[] {
  const [x0, y0] = apply(place, bounds[0] ?? 0, bounds[1] ?? 0)
  const [x1, y1] = apply(place, bounds[2] ?? 0, bounds[3] ?? 0)
  const tall = Math.abs(y1 - y0)
  // White paper is no mark; a thin line counts whatever its colour.
  if (/^#f[0-9a-f]f[0-9a-f]f[0-9a-f]$/i.test(fill) && tall > 2) return []
  return [{ left: Math.min(x0, x1), right: Math.max(x0, x1), bottom: Math.min(y0, y1), top: Math.max(y0, y1) }]
}

function apply(matrix: Matrix, x: number, y: number): [number, number] {
  return [matrix[0] * x + matrix[2] * y + matrix[4], matrix[1] * x + matrix[3] * y + matrix[5]]
}

function times(a: Matrix, b: Matrix): Matrix {
  return [
    a[0] * b[0] + a[2] * b[1],
    a[1] * b[0] + a[3] * b[1],
    a[0] * b[2] + a[2] * b[3],
    a[1] * b[2] + a[3] * b[3],
    a[0] * b[4] + a[2] * b[5] + a[4],
    a[1] * b[4] + a[3] * b[5] + a[5],
  ]
}

function toMatrix(given: readonly unknown[] | ArrayLike<unknown> | null | undefined): Matrix {
  const figures = Array.from(given ?? [], Number)
  return [figures[0] ?? 1, figures[1] ?? 0, figures[2] ?? 0, figures[3] ?? 1, figures[4] ?? 0, figures[5] ?? 0]
}

function rgb(figures: readonly number[]): string {
  return `#${figures
    .slice(0, 3)
    .map((part) => Math.round(part).toString(16).padStart(2, '0'))
    .join('')}`
}
