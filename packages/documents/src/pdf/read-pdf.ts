import type { PageText } from '@zakuska/core'
import { getDocument, VerbosityLevel, type PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { PackageError } from '../common/zip.ts'
import { pageText } from './page-text.ts'

export const MAX_PDF_PAGES = 500

/**
 * Reads the text of a PDF (ISO 32000-2) by its place on the page.
 *
 * @throws PackageError if it is broken, encrypted, longer than 500 pages, or a scan without any text.
 */
export async function readPdf(bytes: Uint8Array): Promise<PageText[]> {
  const loading = getDocument({
    data: bytes.slice(),
    verbosity: VerbosityLevel.ERRORS,
    isEvalSupported: false,
    useSystemFonts: false,
    disableFontFace: true,
  })
  let document: PDFDocumentProxy
  try {
    document = await loading.promise
  } catch (error) {
    throw new PackageError(
      nameOf(error) === 'PasswordException'
        ? 'This PDF is locked with a password. Save a copy without the password, and read that.'
        : 'The PDF file is broken and cannot be opened.',
    )
  }
  try {
    if (document.numPages > MAX_PDF_PAGES)
      throw new PackageError(
        `The PDF file has ${document.numPages} pages; at most ${MAX_PDF_PAGES} can be read at once.`,
      )
    const pages: PageText[] = []
    for (let number = 1; number <= document.numPages; number++)
      pages.push(await pageText(await document.getPage(number)))
    if (pages.every((page) => page.texts.every((text) => text.text.trim() === '')))
      throw new PackageError(
        'The PDF file is a scan: its pages are pictures without any text. Draw boxes round its questions, or run text recognition over it first.',
      )
    return pages
  } finally {
    await loading.destroy()
  }
}

function nameOf(error: unknown): string {
  return typeof error === 'object' && error !== null && 'name' in error ? String(error.name) : ''
}
