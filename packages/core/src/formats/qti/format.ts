import type { Format } from '../format.ts'
import type { FormatLimits } from '../../fit/limits.ts'
import type { Dialect } from './dialect.ts'
import { gradePackage } from './grade.ts'
import { QTI_PAPER } from './limits.ts'
import { readPackage } from './read-item.ts'
import { writePackage } from './write-package.ts'

/** A version of QTI as a content package; reading takes the versions from 2.0 on alike. */
export function qtiFormat(dialect: Dialect, limits: FormatLimits): Format {
  return {
    id: dialect.id,
    name: dialect.name,
    fileEnding: `${dialect.id}.zip`,
    limits,
    paper: QTI_PAPER,
    write: (items, settings) => writePackage(items, settings, dialect, limits),
    read: readPackage,
    grader: gradePackage,
  }
}
