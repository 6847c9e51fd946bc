import { packZip } from '../common/zip.ts'
import { printablePictures } from '../pictures/printable.ts'
import type { PrintPaper, PrintPart, SheetSize } from './sheet.ts'

export const PRINT_FORMS = ['pdf', 'docx', 'pptx'] as const
export type PrintForm = (typeof PRINT_FORMS)[number]

export interface Printed {
  readonly fileName: string
  /** Media type. */
  readonly type: string
  readonly bytes: Uint8Array
}

const TYPES: Readonly<Record<PrintForm, string>> = {
  pdf: 'application/pdf',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  pptx: 'application/vnd.openxmlformats-officedocument.presentationml.presentation',
}

/** Prints parts of papers: one file as it is, several as a zip. Slides hold paper and key in one. */
export async function printPapers(
  papers: readonly PrintPaper[],
  parts: readonly PrintPart[],
  form: PrintForm,
  size: SheetSize,
): Promise<Printed> {
  const files: Printed[] = []
  const printable = new Map<PrintPaper['assets'], PrintPaper['assets']>()
  for (const given of papers) {
    // Versions of one paper show the same pictures.
    const assets = printable.get(given.assets) ?? (await printablePictures(given.assets))
    printable.set(given.assets, assets)
    const paper = { ...given, assets }
    for (const part of form === 'pptx' ? (['paper'] as const) : parts)
      files.push({
        fileName: `${nameOf(paper)}${part === 'paper' ? '' : `-${part}`}.${form}`,
        type: TYPES[form],
        bytes: await printPart(paper, part, form, size),
      })
  }
  const [only, ...others] = files
  if (only && !others.length) return only
  const first = papers[0]
  return {
    fileName: `${first ? nameOf({ ...first, label: null }) : 'paper'}-print.zip`,
    type: 'application/zip',
    bytes: packZip(files.map((file) => ({ path: file.fileName, bytes: file.bytes }))),
  }
}

// What draws a form is large, and loaded when the first paper is printed in it.
async function printPart(paper: PrintPaper, part: PrintPart, form: PrintForm, size: SheetSize): Promise<Uint8Array> {
  switch (form) {
    case 'pdf':
      return (await import('./pdf.ts')).printPdf(paper, part, size)
    case 'docx':
      return (await import('./document.ts')).printDocument(paper, part, size)
    case 'pptx':
      return (await import('./slides.ts')).printSlides(paper)
  }
}

function nameOf({ title, label }: PrintPaper): string {
  const plain = title
    .normalize('NFD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
  return `${plain || 'paper'}${label === null ? '' : `-${label.toLowerCase()}`}`
}
