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

/** The drawing as a document of its own: what the page's styles give it is written into it. */
export function svgText(drawing: SVGSVGElement): string {
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
  const { width, height } = drawing.viewBox.baseVal
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', String(width))
  copy.setAttribute('height', String(height))
  const paper = getComputedStyle(document.body).backgroundColor
  copy.insertAdjacentHTML('afterbegin', `<rect width="${width}" height="${height}" fill="${paper}"/>`)
  return new XMLSerializer().serializeToString(copy)
}

export function svgOf(drawing: SVGSVGElement): Blob {
  return new Blob([svgText(drawing)], { type: 'image/svg+xml' })
}

export async function pngOf(drawing: SVGSVGElement): Promise<Blob> {
  const { width, height } = drawing.viewBox.baseVal
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
