import type { Format } from '../format.ts'
import { QTI_30 } from '../qti/dialect.ts'
import { gradePackage } from '../qti/grade.ts'
import { readPackage } from '../qti/read-item.ts'
import { writePackage } from '../qti/write-package.ts'
import { QTI30_LIMITS } from './limits.ts'

/** Question and Test Interoperability of this version as a content package; reading takes the versions from 2.0 on alike. */
export const qti30: Format = {
  id: 'qti30',
  name: QTI_30.name,
  fileEnding: 'qti30.zip',
  limits: QTI30_LIMITS,
  write: (items, settings) => writePackage(items, settings, QTI_30, QTI30_LIMITS),
  read: readPackage,
  grader: gradePackage,
}
