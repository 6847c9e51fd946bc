import { QTI_21 } from '../qti/dialect.ts'
import { qtiFormat } from '../qti/format.ts'
import { QTI21_LIMITS } from './limits.ts'

/** Question and Test Interoperability 2.1 (final, 2012). */
export const qti21 = qtiFormat(QTI_21, QTI21_LIMITS)
