import type { PageText, PlacedText } from '@zakuska/core'
import { getDocument, GlobalWorkerOptions, type PDFDocumentProxy, type PDFPageProxy } from 'pdfjs-dist'
import workerAddress from 'pdfjs-dist/build/pdf.worker.min.mjs?url'

GlobalWorkerOptions.workerSrc = workerAddress

const SHARPNESS = 2

/** Opens a PDF in the browser, to be shown. @throws if it is broken or locked. */
export async function openPdf(file: File): Promise<PDFDocumentProxy> {
  return getDocument({ data: new Uint8Array(await file.arrayBuffer()), isEvalSupported: false }).promise
}

export interface ShownPage {
  readonly canvas: HTMLCanvasElement
  readonly text: PageText
  /** Pixels of the canvas per point of the page. */
  readonly scale: number
}

/** A page drawn on a canvas, sharp enough to cut pictures from, with its texts by place. */
export async function drawPage(page: PDFPageProxy, widthPixels: number): Promise<ShownPage> {
  const size = page.getViewport({ scale: 1 })
  const scale = (widthPixels / size.width) * SHARPNESS
  const viewport = page.getViewport({ scale })
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(viewport.width)
  canvas.height = Math.round(viewport.height)
  await page.render({ canvas, viewport }).promise
  const content = await page.getTextContent()
  const texts = content.items.flatMap((item): PlacedText[] => {
    if (!('str' in item) || item.str === '') return []
    const [a = 0, b = 0, , , e = 0, f = 0] = item.transform as number[]
    const [x = 0, y = 0] = size.convertToViewportPoint(e, f) as number[]
    return [{ text: item.str, x, y, width: item.width, size: Math.hypot(a, b) || item.height || 1, styles: [] }]
  })
  return { canvas, scale, text: { width: size.width, height: size.height, texts } }
}

export interface PageBox {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** The part of a page inside a box, as a PNG picture. */
export function cutPicture(page: ShownPage, box: PageBox): Promise<Blob> {
  const { canvas, scale } = page
  const cut = document.createElement('canvas')
  cut.width = Math.max(1, Math.round(box.width * scale))
  cut.height = Math.max(1, Math.round(box.height * scale))
  cut
    .getContext('2d')
    ?.drawImage(canvas, box.x * scale, box.y * scale, cut.width, cut.height, 0, 0, cut.width, cut.height)
  return new Promise((resolve, reject) =>
    cut.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be cut.'))), 'image/png'),
  )
}
