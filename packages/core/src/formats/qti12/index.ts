import type { Format } from '../format.ts'
import { gradeQti12 } from './grade.ts'
import { QTI12_LIMITS, QTI12_PAPER } from './limits.ts'
import { readQti12 } from './read.ts'
import { writeQti12 } from './write.ts'

/** IMS Question and Test Interoperability 1.2 (2002) as a content package. */
export const qti12: Format = {
  id: 'qti12',
  name: 'QTI 1.2',
  fileEnding: 'qti12.zip',
  limits: QTI12_LIMITS,
  paper: QTI12_PAPER,
  write: writeQti12,
  read: readQti12,
  grader: gradeQti12,
}
