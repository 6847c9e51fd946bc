import { fromElements } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { children } from '../../xml/xml.ts'
import type { PackedItem } from '../read-package.ts'
import type { ShownFeedback } from './feedback.ts'
import type { Common } from './reading.ts'
import { stemOf } from './body.ts'

export function commonOf(
  packed: PackedItem,
  body: ElementNode,
  interactions: readonly ElementNode[],
  feedback: ShownFeedback,
): Common {
  const { root, filing, stimuli } = packed
  const timeLimit = packed.ref?.timeLimit ?? null
  const passage = children(body, 'div').find((one) => one.attributes['class'] === 'passage')
  const language = root.attributes['xml:lang']
  const shared = stimuli.flatMap((stimulus) => stimulus.children)
  const reading = passage ? passage.children : shared
  return {
    stem: stemOf(body, interactions, passage),
    points: 1,
    tags: filing.tags,
    ...(filing.outcome !== null && { outcome: filing.outcome }),
    ...(filing.level !== null && { level: filing.level }),
    ...(filing.difficulty !== null && { difficulty: filing.difficulty }),
    ...(timeLimit !== null && { timeLimit }),
    ...(reading.length > 0 && { passage: fromElements(reading) }),
    ...(feedback.general && { feedback: feedback.general }),
    ...(feedback.hint && { hint: feedback.hint }),
    ...(language !== undefined && { language }),
  }
}
