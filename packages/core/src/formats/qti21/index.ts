import type { Format } from '../format.ts'
import { gradeQti21 } from './grade.ts'
import { QTI21_LIMITS } from './limits.ts'
import { readQti21 } from './read.ts'
import { writeQti21 } from './write.ts'

/** IMS Question and Test Interoperability 2.1 (final, 2012) as a content package. */
export const qti21: Format = {
  id: 'qti21',
  name: 'QTI 2.1',
  fileEnding: 'qti21.zip',
  limits: QTI21_LIMITS,
  write: writeQti21,
  read: readQti21,
  grader: gradeQti21,
}
