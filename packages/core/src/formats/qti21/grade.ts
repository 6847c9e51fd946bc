import type { Response } from '../../grade/response.ts'
import { child, children } from '../xml/xml.ts'
import type { FormatData, FormatGrader } from '../format.ts'
import { textOf, type ElementNode } from '../../content/elements.ts'
import { openPackage } from './package.ts'
import { processResponse, type QtiValue } from './process.ts'

/** Grades by interpreting the response processing in the package; the share is SCORE over MAXSCORE (1 where it is not declared). */
export function gradeQti21(data: FormatData): FormatGrader {
  const items = data.form === 'package' ? openPackage(data.files).items.map((one) => one.root) : []
  return (index, response) => {
    const item = items[index]
    return item ? shareOf(item, response) : null
  }
}

function shareOf(item: ElementNode, response: Response): number {
  const score = processResponse(item, new Map([['RESPONSE', toValue(response)]]))
  return score / maxScore(item)
}

/** @internal */
export function maxScore(item: ElementNode): number {
  const declared = children(item, 'outcomeDeclaration').find((one) => one.attributes['identifier'] === 'MAXSCORE')
  const initial = declared && child(declared, 'defaultValue')
  const said = initial ? Number(textOf(initial).trim()) : NaN
  return said > 0 ? said : 1
}

function toValue(response: Response): QtiValue {
  switch (response.kind) {
    case 'choice':
      return response.chosen.length ? response.chosen : null
    case 'truth':
      return response.value === null ? null : [String(response.value)]
    case 'text':
      return response.text.trim() ? [response.text.trim()] : null
  }
}
