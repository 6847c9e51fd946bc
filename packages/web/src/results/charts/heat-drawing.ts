const NAMESPACE = 'http://www.w3.org/2000/svg'
const CELL = 18
const LABEL = 190
const TOP = 34

export interface HeatRow {
  readonly name: string
  readonly total: string
  /** Share of each column's points; null: it waits to be read. */
  readonly shares: readonly (number | null)[]
}

/** What a cell looks like: told by a sign as well as by its ground. */
export function heatCell(share: number | null): {
  readonly sign: string
  readonly ground: string
  readonly ink: string
} {
  if (share === null) return { sign: '?', ground: 'sheet', ink: 'muted' }
  if (share >= 1) return { sign: '✓', ground: 'dill-wash', ink: 'dill' }
  return share > 0
    ? { sign: '◐', ground: 'mustard-wash', ink: 'mustard-ink' }
    : { sign: '·', ground: 'beet-wash', ink: 'beet' }
}

/** The table of everybody and every item as a drawing, to be taken along. */
export function heatDrawing(columns: readonly string[], rows: readonly HeatRow[]): SVGSVGElement {
  const width = LABEL + 50 + columns.length * CELL + 10
  const drawing = node('svg', { viewBox: `0 0 ${width} ${TOP + rows.length * CELL + 10}` }) as SVGSVGElement
  columns.forEach((name, at) =>
    drawing.append(text(LABEL + 50 + at * CELL + CELL / 2, TOP - 8, name, 'var(--muted)', 10, 'middle')),
  )
  rows.forEach(({ name, total, shares }, row) => {
    const y = TOP + row * CELL
    drawing.append(
      text(8, y + 13, name.length > 30 ? `${name.slice(0, 29)}…` : name, 'var(--ink)', 11.5, 'start'),
      text(LABEL + 38, y + 13, total, 'var(--ink)', 11.5, 'end'),
    )
    shares.forEach((share, at) => {
      const { sign, ground, ink } = heatCell(share)
      const x = LABEL + 50 + at * CELL
      drawing.append(
        node('rect', { x, y, width: CELL - 2, height: CELL - 2, fill: `var(--${ground})` }),
        text(x + CELL / 2 - 1, y + 12, sign, `var(--${ink})`, 10.5, 'middle'),
      )
    })
  })
  return drawing
}

function node(name: string, attributes: Readonly<Record<string, string | number>>): SVGElement {
  const made = document.createElementNS(NAMESPACE, name)
  for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, String(value))
  return made
}

function text(x: number, y: number, says: string, fill: string, size: number, anchor: string): SVGElement {
  const made = node('text', { x, y, fill, 'font-size': size, 'text-anchor': anchor, 'font-family': 'sans-serif' })
  made.textContent = says
  return made
}
