import type { Format } from '../format.ts'
import { QTI_22 } from '../qti/dialect.ts'
import { gradePackage } from '../qti/grade.ts'
import { readPackage } from '../qti/read-item.ts'
import { writePackage } from '../qti/write-package.ts'
import { QTI22_LIMITS } from './limits.ts'

/** Question and Test Interoperability of this version as a content package; reading takes the versions from 2.0 on alike. */
export const qti22: Format = {
  id: 'qti22',
  name: QTI_22.name,
  fileEnding: 'qti22.zip',
  limits: QTI22_LIMITS,
  write: (items, settings) => writePackage(items, settings, QTI_22, QTI22_LIMITS),
  read: readPackage,
  grader: gradePackage,
}
