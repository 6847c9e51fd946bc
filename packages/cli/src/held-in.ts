import { readFileSync } from 'node:fs'
import { FORMATS, type HeldElsewhere } from '@zakuska/core'
import { decodeText, isZip, readFile, unpackZip } from '@zakuska/documents'

/** How a file in an open format grades; null where it is a draft, a table, or our own JSON. */
export async function heldIn(file: string): Promise<HeldElsewhere['format']> {
  const bytes = new Uint8Array(readFileSync(file))
  const contents = await readFile(bytes)
  if (contents.kind !== 'items' || contents.format === 'items') return null
  const format = FORMATS[contents.format]
  const isText = contents.format === 'gift' || contents.format === 'aiken'
  const files = isText ? [] : isZip(bytes) ? unpackZip(bytes) : [{ path: 'item.xml', bytes }]
  return { format, data: isText ? { form: 'text', text: decodeText(bytes) } : { form: 'package', files } }
}
