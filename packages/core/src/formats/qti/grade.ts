import { textOf } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import type { Response } from '../../grade/response.ts'
import { readNumber } from '../../grade/number-value.ts'
import type { FormatData, FormatGrader } from '../format.ts'
import { child, children, descendants, elementsOf } from '../xml/xml.ts'
import { processResponse, type QtiValue } from './process.ts'
import { openPackage } from './read-package.ts'

/** Grades by interpreting the response processing in the package; the share is SCORE over MAXSCORE (1 where it is not declared). */
export function gradePackage(data: FormatData): FormatGrader {
  const items = data.form === 'package' ? openPackage(data.files).items.map((one) => one.root) : []
  return (index, response) => {
    const item = items[index]
    return item ? processResponse(item, valuesOf(item, response)) / maxScore(item) : null
  }
}

/**
 * @internal Most that an item can earn: MAXSCORE, else what its correct responses earn by its own rules, else the
 * normal maximum of SCORE, else 1.
 */
export function maxScore(item: ElementNode): number {
  const declared = children(item, 'outcomeDeclaration').find((one) => one.attributes['identifier'] === 'MAXSCORE')
  const initial = declared && child(declared, 'defaultValue')
  const said = initial ? Number(textOf(initial).trim()) : NaN
  if (said > 0) return said
  const earned = processResponse(item, correctOf(item))
  if (earned > 0) return earned
  const score = children(item, 'outcomeDeclaration').find((one) => one.attributes['identifier'] === 'SCORE')
  const normal = Number(score?.attributes['normalMaximum'] ?? Number.NaN)
  return normal > 0 ? normal : 1
}

function correctOf(item: ElementNode): Map<string, QtiValue> {
  return new Map(
    children(item, 'responseDeclaration').flatMap((declaration) => {
      const correct = child(declaration, 'correctResponse')
      const isNumber = /float|integer/.test(declaration.attributes['baseType'] ?? '')
      const texts = correct ? children(correct, 'value').map((one) => textOf(one).trim()) : []
      const name = declaration.attributes['identifier'] ?? ''
      return texts.length ? [[name, isNumber ? texts.map(Number) : texts] as const] : []
    }),
  )
}

/** @internal Every interaction that takes an answer, in reading order; a button that ends the attempt takes none. */
export function interactionsOf(node: ElementNode): ElementNode[] {
  return elementsOf(node).flatMap((one) => {
    if (one.name === 'endAttemptInteraction') return []
    return one.name.endsWith('Interaction') ? [one] : interactionsOf(one)
  })
}

/** A response as the variables that a delivery engine would set from what a student does with the interactions. */
function valuesOf(item: ElementNode, response: Response): Map<string, QtiValue> {
  const interactions = interactionsOf(item)
  const values = new Map<string, QtiValue>()
  const set = (index: number, given: readonly (string | number)[]): void => {
    const name = interactions[index]?.attributes['responseIdentifier']
    if (name !== undefined) values.set(name, given.length ? given : null)
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
      set(0, typed(item, interactions[0], response.text))
      break
    case 'gaps':
      response.texts.forEach((text, index) => set(index, typed(item, interactions[index], text)))
      break
    case 'pairs':
      set(0, pairsOf(interactions[0], response.pairs))
  }
  return values
}

/** What is typed into a box, or the choice whose words it says. */
function typed(item: ElementNode, interaction: ElementNode | undefined, text: string): readonly (string | number)[] {
  if (!interaction || !text.trim()) return []
  if (interaction.name === 'inlineChoiceInteraction') {
    const chosen = children(interaction, 'inlineChoice').find((one) => textOf(one).trim() === text.trim())
    return chosen ? [chosen.attributes['identifier'] ?? ''] : []
  }
  const declaration = children(item, 'responseDeclaration').find(
    (one) => one.attributes['identifier'] === interaction.attributes['responseIdentifier'],
  )
  const baseType = declaration?.attributes['baseType']
  if (baseType !== 'float' && baseType !== 'integer') return [text.trim()]
  const number = readNumber(text)
  return number && number.unit === '' ? [number.value] : []
}

function pairsOf(interaction: ElementNode | undefined, pairs: readonly (readonly [number, number])[]): string[] {
  const [left = [], right = []] = interaction
    ? children(interaction, 'simpleMatchSet').map((set) =>
        descendants(set, 'simpleAssociableChoice').map((one) => one.attributes['identifier'] ?? ''),
      )
    : []
  return pairs.map(([a, b]) => `${left[a] ?? ''} ${right[b] ?? ''}`)
}
