import { aiken } from './aiken/index.ts'
import { cc13 } from './cc13/index.ts'
import type { Format, FormatId } from './format.ts'
import { gift } from './gift/index.ts'
import { qti12 } from './qti12/index.ts'
import { qti21 } from './qti21/index.ts'
import { qti22 } from './qti22/index.ts'
import { qti30 } from './qti30/index.ts'

/** Every open format that grades, in the order in which screens list them. */
export const FORMATS: Readonly<Record<FormatId, Format>> = { gift, aiken, qti12, qti21, qti22, qti30, cc13 }
