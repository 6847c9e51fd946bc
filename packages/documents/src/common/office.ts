import {
  cellText,
  decodeXml,
  parseXml,
  type DocumentBlock,
  type DocumentCell,
  type DocumentRun,
  type ElementNode,
} from '@zakuska/core'
import type { ZipEntry } from './zip.ts'

/** The XML part of an office package; null where the package has no such part. @throws FormatError if it is not well-formed. */
export function xmlPart(files: readonly ZipEntry[], path: string): ElementNode | null {
  const file = files.find((one) => one.path === path)
  return file ? parseXml(decodeXml(file.bytes)) : null
}

/** What stands in a cell of a table, a line per paragraph, with the numbers of its lists. */
export function cellOf(blocks: readonly DocumentBlock[]): DocumentCell {
  const runs: DocumentRun[] = []
  for (const block of blocks) {
    if (runs.length) runs.push({ text: '\n', styles: [] })
    if (block.type === 'paragraph') {
      if (block.label) runs.push({ text: `${block.label} `, styles: [] })
      runs.push(...block.runs)
    } else
      runs.push({ text: block.rows.map((row) => row.map((one) => cellText(one)).join('\t')).join('\n'), styles: [] })
  }
  return runs
}
