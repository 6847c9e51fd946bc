import { FORMAT_DESCRIPTIONS } from '../descriptions.ts'
import type { Format } from '../format.ts'
import { gradeQti12 } from './grade.ts'
import { readQti12 } from './read.ts'
import { writeQti12 } from './write.ts'

/** IMS Question and Test Interoperability 1.2 (2002) as a content package. */
export const qti12: Format = {
  ...FORMAT_DESCRIPTIONS.qti12,
  write: writeQti12,
  read: readQti12,
  grader: gradeQti12,
}
