const STYLES = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'font-size',
  'font-family',
  'font-weight',
] as const
/** Pictures are made so many times as large, so that they are sharp in print. */
const SCALE = 3

/** Pictures are for paper and slides: in the colours of the light page, whatever the page is in now. */
export const LIGHT: Readonly<Record<string, string>> = {
  ...{ '--paper': '#faf7f0', '--sheet': '#fffdf8', '--rye': '#f2ecdf', '--line': '#ddd4c2', '--edge': '#8d8470' },
  ...{ '--ink': '#1f2430', '--muted': '#5a6170', '--mustard': '#c98a1b', '--mustard-ink': '#7d5408' },
  ...{ '--mustard-wash': '#f8ecd2', '--beet': '#8e2f4b', '--beet-wash': '#f6e3e6', '--dill': '#4f6b2f' },
  '--dill-wash': '#e8eddc',
}

/** Nothing is painted in between: the page stays as it is. */
function inLight<T>(work: () => T): T {
  const { style } = document.documentElement
  for (const [name, value] of Object.entries(LIGHT)) style.setProperty(name, value)
  try {
    return work()
  } finally {
    for (const name of Object.keys(LIGHT)) style.removeProperty(name)
  }
}

/** The drawing as a document of its own: what the page's styles give it is written into it. */
export function svgText(drawing: SVGSVGElement): string {
  return inLight(() => copied(drawing))
}

function copied(drawing: SVGSVGElement): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  const originals = [drawing, ...drawing.querySelectorAll<SVGElement>('*')]
  const copies = [copy, ...copy.querySelectorAll<SVGElement>('*')]
  originals.forEach((original, at) => {
    const styles = getComputedStyle(original)
    const target = copies[at]
    for (const name of STYLES) {
      const value = styles.getPropertyValue(name)
      // References to patterns of the drawing stay references.
      if (value && !original.getAttribute(name)?.startsWith('url(')) target?.setAttribute(name, value)
    }
    target?.removeAttribute('class')
  })
  const [width, height] = sizeOf(drawing)
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(width))
  copy.setAttribute('height', String(height))
  const paper = getComputedStyle(document.body).backgroundColor
  copy.insertAdjacentHTML('afterbegin', `<rect width="${width}" height="${height}" fill="${paper}"/>`)
  return new XMLSerializer().serializeToString(copy)
}

function sizeOf(drawing: SVGSVGElement): readonly [number, number] {
  const [, , width = 0, height = 0] = (drawing.getAttribute('viewBox') ?? '').split(/\s+/).map(Number)
  return [width, height]
}

/** Hands a picture out as a file. */
export async function download(drawing: SVGSVGElement, name: string, as: 'svg' | 'png'): Promise<void> {
  const blob = as === 'svg' ? svgOf(drawing) : await pngOf(drawing)
  const address = URL.createObjectURL(blob)
  const link = document.createElement('a')
  Object.assign(link, { href: address, download: `${name.toLowerCase().replace(/\W+/g, '-')}.${as}` })
  link.click()
  setTimeout(() => URL.revokeObjectURL(address), 10_000)
}

export function svgOf(drawing: SVGSVGElement): Blob {
  return new Blob([svgText(drawing)], { type: 'image/svg+xml' })
}

export async function pngOf(drawing: SVGSVGElement): Promise<Blob> {
  const [width, height] = sizeOf(drawing)
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(drawing))}`
  await image.decode()
  const canvas = document.createElement('canvas')
  Object.assign(canvas, { width: width * SCALE, height: height * SCALE })
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('no picture'))), 'image/png'),
  )
}
