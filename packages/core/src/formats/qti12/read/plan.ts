import type { ElementNode } from '../../../content/markup.ts'
import type { Content } from '../../../content/model.ts'
import { plainText } from '../../../content/plain.ts'
import type { PaperPlan } from '../../paper-plan.ts'
import { child, children, descendants } from '../../xml/xml.ts'
import { ATTEMPTS_FIELD } from '../names.ts'
import { fieldsOf, secondsOf } from './fields.ts'
import { contentIn } from './material.ts'

/** What an assessment says of the whole, and the sections that its items stand in. */
export function planOf(assessment: ElementNode, sections: readonly (ElementNode | null)[]): PaperPlan {
  const title = assessment.attributes['title']
  // A section that is named like the assessment stands for the whole.
  const own = [...new Set(sections)].filter((one) => one !== null).filter((one) => one.attributes['title'] !== title)
  const seconds = secondsOf(child(assessment, 'duration'))
  const attempts = Number(fieldsOf(assessment).get(ATTEMPTS_FIELD))
  return {
    instructions: instructionsOf(assessment),
    identity: [],
    timeLimit: seconds > 0 ? seconds : null,
    attempts: attempts > 0 ? attempts : null,
    shuffleItems: descendants(assessment, 'order').some((one) => one.attributes['order_type'] === 'Random'),
    feedbackWhen: child(assessment, 'assessmentcontrol')?.attributes['feedbackswitch'] === 'No' ? 'never' : 'after',
    sections: own.map((one) => ({ title: one.attributes['title'] ?? '', instructions: instructionsOf(one) })),
    places: sections.map((one) => {
      const index = one ? own.indexOf(one) : -1
      return { section: index < 0 ? null : index, required: true }
    }),
  }
}

function instructionsOf(node: ElementNode): string {
  const rubrics = children(node, 'rubric').filter((one) => /^(?:all|candidate)$/i.test(one.attributes['view'] ?? 'All'))
  return rubrics.map((one) => plainText(contentIn(one))).join('\n')
}

/** What the sections around an item show to all their items (`presentation_material`). */
export function passagesOf(around: readonly ElementNode[]): Content {
  return around.flatMap((one) => children(one, 'presentation_material').flatMap(contentIn))
}
