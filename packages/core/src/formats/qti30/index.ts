import { QTI_30 } from '../qti/dialect.ts'
import { qtiFormat } from '../qti/format.ts'

/** Question and Test Interoperability 3.0 (final, 2022). */
export const qti30 = qtiFormat(QTI_30)
