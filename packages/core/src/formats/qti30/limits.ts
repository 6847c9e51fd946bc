import { QTI_LIMITS } from '../qti/limits.ts'
import type { FormatLimits } from '../../fit/limits.ts'

/** What QTI of this version does not hold. */
export const QTI30_LIMITS: FormatLimits = QTI_LIMITS
