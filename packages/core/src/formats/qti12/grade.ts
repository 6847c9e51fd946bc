import type { ElementNode } from '../../content/markup.ts'
import { plainText } from '../../content/plain.ts'
import { normalizeContent, paragraph } from '../../content/model.ts'
import { textInlines, textOf } from '../../content/elements.ts'
import { readNumber } from '../../grade/number-value.ts'
import type { Response } from '../../grade/response.ts'
import type { FormatData, FormatGrader } from '../format.ts'
import { descendants } from '../xml/xml.ts'
import { mostOf, processItem } from './process.ts'
import { readDocuments } from './read/documents.ts'
import { responsesOf } from './read/material.ts'

/** Grades by running the conditions in the file: SCORE over its upper bound. */
export function gradeQti12(data: FormatData): FormatGrader {
  const items: ElementNode[] = []
  if (data.form === 'package') readDocuments(data.files, (item) => items.push(item))
  return (index, response) => {
    const item = items[index]
    return item ? processItem(item, givenTo(item, response)) / mostOf(item) : null
  }
}

/** What a delivery engine would hand over for what a student does. */
function givenTo(item: ElementNode, response: Response): Map<string, readonly string[]> {
  const responses = responsesOf(item)
  const given = new Map<string, readonly string[]>()
  const set = (index: number, values: readonly string[]): void => {
    const ident = responses[index]?.attributes['ident']
    if (ident !== undefined) given.set(ident, values)
  }
  switch (response.kind) {
    case 'choice':
      set(0, response.chosen)
      break
    case 'order':
      set(0, response.ids)
      break
    case 'truth':
      set(0, response.value === null ? [] : [String(response.value)])
      break
    case 'step':
      set(0, response.value === null ? [] : [`s${response.value}`])
      break
    case 'text':
      set(0, typedInto(responses[0], response.text))
      break
    case 'gaps':
      response.texts.forEach((text, index) => set(index, typedInto(responses[index], text)))
      break
    case 'pairs':
      for (const [part, partner] of response.pairs) {
        const label = responses[part] && descendants(responses[part], 'response_label')[partner]
        set(part, label ? [label.attributes['ident'] ?? ''] : [])
      }
  }
  return given
}

function typedInto(response: ElementNode | undefined, text: string): readonly string[] {
  if (!response || !text.trim()) return []
  if (response.name === 'response_num') {
    const number = readNumber(text)
    return number && number.unit === '' ? [String(number.value)] : []
  }
  if (response.name !== 'response_lid') return [text.trim()]
  const label = descendants(response, 'response_label').find(
    (one) => plainText(normalizeContent([paragraph(textInlines(textOf(one)))])) === text.trim(),
  )
  return label ? [label.attributes['ident'] ?? ''] : []
}
