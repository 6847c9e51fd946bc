import type { ElementNode } from '../../../content/markup.ts'
import type { Item } from '../../../item/model.ts'
import { child } from '../../xml/xml.ts'
import { typedItem } from './typed.ts'
import type { Reading } from './reading.ts'

/** A slider without a right place rates something; with one it asks for a number. */
export function sliderItem(reading: Reading, interaction: ElementNode): Item | string {
  const { common, declaration, say } = reading
  if (child(declaration(interaction) ?? interaction, 'correctResponse')) {
    say('A slider became a number to type.')
    return typedItem(reading, interaction)
  }
  const [low, high] = ['lowerBound', 'upperBound'].map((name) => Number(interaction.attributes[name] ?? Number.NaN))
  if (!Number.isInteger(low) || !Number.isInteger(high))
    return 'The slider does not say between which whole numbers it goes.'
  return { ...common, kind: 'scale', points: 0, low: low as number, high: high as number }
}
