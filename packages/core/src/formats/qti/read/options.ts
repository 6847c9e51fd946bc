import { fromElements } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import type { Option } from '../../../item/model.ts'
import { children, descendants, elementsOf } from '../../xml/xml.ts'
import { FEEDBACK_IN_BODY } from './feedback.ts'

export function optionsOf(root: ElementNode, interaction: ElementNode): Option[] {
  const notes = children(root, 'modalFeedback')
  const choices =
    interaction.name === 'hottextInteraction'
      ? descendants(interaction, 'hottext')
      : children(interaction, 'simpleChoice')
  return choices.map((choice) => {
    const id = choice.attributes['identifier'] ?? ''
    const inside = elementsOf(choice).find((one) => FEEDBACK_IN_BODY.has(one.name))
    const feedback = inside ?? notes.find((note) => note.attributes['identifier'] === id)
    return {
      id,
      content: fromElements(choice.children.filter((node) => node !== inside)),
      ...(feedback && { feedback: fromElements(feedback.children) }),
    }
  })
}
