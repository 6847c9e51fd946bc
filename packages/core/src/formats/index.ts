import type { Format, FormatId } from './format.ts'
import { gift } from './gift/index.ts'
import { qti21 } from './qti21/index.ts'

/** Every open format, in the order in which screens list them. */
export const FORMATS: Readonly<Record<FormatId, Format>> = { gift, qti21 }

export function isFormatId(name: string): name is FormatId {
  return Object.hasOwn(FORMATS, name)
}
