import { FORMAT_DESCRIPTIONS } from '../descriptions.ts'
import type { Format } from '../format.ts'
import type { Dialect } from './dialect.ts'
import { gradePackage } from './grade.ts'
import { readPackage } from './read-item.ts'
import { writePackage } from './write-package.ts'

/** A version of QTI as a content package; reading takes the versions from 2.0 on alike. */
export function qtiFormat(dialect: Dialect): Format {
  const described = FORMAT_DESCRIPTIONS[dialect.id]
  return {
    ...described,
    write: (items, settings) => writePackage(items, settings, dialect, described.limits),
    read: readPackage,
    grader: gradePackage,
  }
}
