import type { PDFDocumentProxy } from 'pdfjs-dist'
import { useEffect, useState } from 'react'
import { drawPage, openPdf, type ShownPage } from '../pdf-pages'

export function usePages(file: File, number: number) {
  const [pdf, setPdf] = useState<PDFDocumentProxy | null>(null)
  const [pages, setPages] = useState<ReadonlyMap<number, ShownPage>>(new Map())
  const [error, setError] = useState<Error | null>(null)
  useEffect(() => {
    let left = false
    let opened: PDFDocumentProxy | null = null
    openPdf(file)
      .then((one) => {
        opened = one
        if (left) void one.destroy()
        else setPdf(one)
      })
      .catch(() => setError(new Error('This PDF is broken, or locked with a password, and cannot be shown.')))
    return () => {
      left = true
      void opened?.destroy()
    }
  }, [file])
  useEffect(() => {
    if (!pdf || pages.has(number)) return
    let left = false
    pdf
      .getPage(number + 1)
      .then((page) => drawPage(page, PAGE_WIDTH))
      .then((shown) => {
        if (!left) setPages((known) => new Map(known).set(number, shown))
      })
      .catch(() => setError(new Error(`Page ${number + 1} cannot be shown.`)))
    return () => {
      left = true
    }
  }, [pdf, number, pages])
  return { count: pdf?.numPages ?? 0, pages, error }
}

export const PAGE_WIDTH = 640
