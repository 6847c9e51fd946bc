import type { Format } from '../format.ts'
import { QTI_21 } from '../qti/dialect.ts'
import { gradePackage } from '../qti/grade.ts'
import { readPackage } from '../qti/read-item.ts'
import { writePackage } from '../qti/write-package.ts'
import { QTI21_LIMITS } from './limits.ts'

/** Question and Test Interoperability of this version as a content package; reading takes the versions from 2.0 on alike. */
export const qti21: Format = {
  id: 'qti21',
  name: QTI_21.name,
  fileEnding: 'qti21.zip',
  limits: QTI21_LIMITS,
  write: (items, settings) => writePackage(items, settings, QTI_21, QTI21_LIMITS),
  read: readPackage,
  grader: gradePackage,
}
