import { FORMAT_DESCRIPTIONS } from '../descriptions.ts'
import type { Response } from '../../grade/response.ts'
import type { Format, FormatData, FormatGrader } from '../format.ts'
import { blocksOf, readAiken } from './read.ts'
import { writeAiken } from './write.ts'

/** The keyed letter earns all, any other nothing. Option ids of a response are `a`, `b`, … in the order of the file. */
function gradeAiken(data: FormatData): FormatGrader {
  const { blocks } = data.form === 'text' ? blocksOf(data.text) : { blocks: [] }
  return (item, response) => {
    const block = blocks[item]
    if (!block) return null
    const chosen = lettersOf(response)
    return chosen === null ? null : Number(chosen === block.key)
  }
}

function lettersOf(response: Response): string | null {
  if (response.kind === 'truth') return response.value === null ? '' : response.value ? 'A' : 'B'
  return response.kind === 'choice' ? response.chosen.join('').toUpperCase() : null
}

/** Aiken, the plain text format for single choice (common practice; there is no standard behind it). */
export const aiken: Format = {
  ...FORMAT_DESCRIPTIONS.aiken,
  write: writeAiken,
  read: readAiken,
  grader: gradeAiken,
}
