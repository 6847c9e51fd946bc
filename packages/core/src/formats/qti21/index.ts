import { QTI_21 } from '../qti/dialect.ts'
import { qtiFormat } from '../qti/format.ts'

/** Question and Test Interoperability 2.1 (final, 2012). */
export const qti21 = qtiFormat(QTI_21)
