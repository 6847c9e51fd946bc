import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import type { Item } from '../../../item/model.ts'
import { child, children } from '../../xml/xml.ts'
import type { Reading } from './reading.ts'
import { optionsOf } from './options.ts'

export function orderItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const correct = declaration && child(declaration, 'correctResponse')
  const options = optionsOf(reading.root, interaction)
  const key = correct ? children(correct, 'value').map((one) => textOf(one).trim()) : []
  if (key.length && key.length !== options.length) return 'The right order leaves choices out.'
  const points = reading.score(new Map([[declaration?.attributes['identifier'] ?? '', key]]))
  return { ...reading.common, kind: 'order', points, options, key }
}
