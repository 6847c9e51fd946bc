import { AIKEN_LIMITS } from './aiken/limits.ts'
import { CC13_LIMITS, CC13_PAPER } from './cc13/limits.ts'
import type { FormatDescription, FormatId } from './format.ts'
import { GIFT_LIMITS } from './gift/limits.ts'
import { ITEMS_ONLY } from './paper-plan.ts'
import { QTI_PAPER } from './qti/limits.ts'
import { QTI12_LIMITS, QTI12_PAPER } from './qti12/limits.ts'
import { QTI21_LIMITS } from './qti21/limits.ts'
import { QTI22_LIMITS } from './qti22/limits.ts'
import { QTI30_LIMITS } from './qti30/limits.ts'

/** What a page says of the formats before anything is read or written; it takes no reader and no writer along. */
export const FORMAT_DESCRIPTIONS: Readonly<Record<FormatId, FormatDescription>> = {
  gift: { id: 'gift', name: 'GIFT', fileEnding: 'gift.txt', limits: GIFT_LIMITS, paper: ITEMS_ONLY },
  aiken: { id: 'aiken', name: 'Aiken', fileEnding: 'aiken.txt', limits: AIKEN_LIMITS, paper: ITEMS_ONLY },
  qti12: { id: 'qti12', name: 'QTI 1.2', fileEnding: 'qti12.zip', limits: QTI12_LIMITS, paper: QTI12_PAPER },
  qti21: { id: 'qti21', name: 'QTI 2.1', fileEnding: 'qti21.zip', limits: QTI21_LIMITS, paper: QTI_PAPER },
  qti22: { id: 'qti22', name: 'QTI 2.2', fileEnding: 'qti22.zip', limits: QTI22_LIMITS, paper: QTI_PAPER },
  qti30: { id: 'qti30', name: 'QTI 3.0', fileEnding: 'qti30.zip', limits: QTI30_LIMITS, paper: QTI_PAPER },
  cc13: { id: 'cc13', name: 'Common Cartridge', fileEnding: 'imscc', limits: CC13_LIMITS, paper: CC13_PAPER },
}
