import { QTI_22 } from '../qti/dialect.ts'
import { qtiFormat } from '../qti/format.ts'

/** Question and Test Interoperability 2.2 (final, 2015). */
export const qti22 = qtiFormat(QTI_22)
