import type { ElementNode } from '../../../content/markup.ts'
import type { Content } from '../../../content/model.ts'
import { plainText } from '../../../content/plain.ts'
import { child, children } from '../../xml/xml.ts'
import { earns, onlyEqual, type Condition } from './conditions.ts'
import { identOf } from './ident.ts'
import { contentIn } from './material.ts'

/** When an item shows a feedback: always, with a right response, or with some others. */
type Occasion = 'always' | 'right' | 'other'

export interface ItemFeedback {
  readonly general: Content | null
  readonly hint: Content | null
  readonly sample: Content | null
  /** What is shown for a label of a response alone, by `response` and `label`. */
  readonly ofLabel: (response: string, label: string) => Content | null
  /** What is shown on other occasions, which an item has no place for. */
  readonly left: readonly Content[]
}

const NO_FEEDBACK: ItemFeedback = { general: null, hint: null, sample: null, ofLabel: () => null, left: [] }

/** The feedback of an item, told apart by the conditions that show it (ASI Information Model 1.2: itemfeedback, displayfeedback). */
export function feedbackOf(
  node: ElementNode,
  conditions: readonly Condition[],
  responses: readonly ElementNode[],
): ItemFeedback {
  const all = children(node, 'itemfeedback')
  if (!all.length) return NO_FEEDBACK
  const choices = new Set(responses.filter((one) => one.name === 'response_lid').map(identOf))
  const plain = all.filter((one) => !child(one, 'hint') && !child(one, 'solution'))
  const labels = new Map<string, Content>()
  const occasions = new Map<ElementNode, Occasion>()
  for (const feedback of plain) {
    const shown = conditions.filter((one) => one.shows.includes(feedback.attributes['ident'] ?? ''))
    const own = shown.flatMap((condition) => {
      for (const response of choices) {
        const label = onlyEqual(condition, response)
        if (label !== null) return [`${response} ${label}`]
      }
      return []
    })
    for (const label of own) if (!labels.has(label)) labels.set(label, contentIn(feedback))
    if (!own.length) occasions.set(feedback, occasionOf(shown, conditions))
  }
  const rest = [...occasions].map(([feedback, occasion]) => ({ occasion, content: contentIn(feedback) }))
  const general = rest.find((one) => one.occasion === 'always') ?? rest.find((one) => one.occasion === 'right')
  const inside = (name: string): Content | null => {
    const found = all.find((one) => child(one, name))
    return found ? contentIn(found) : null
  }
  return {
    general: general?.content ?? null,
    hint: inside('hint'),
    sample: inside('solution'),
    ofLabel: (response, label) => labels.get(`${response} ${label}`) ?? null,
    left: rest.filter((one) => one !== general && plainText(one.content) !== '').map((one) => one.content),
  }
}

function occasionOf(shown: readonly Condition[], all: readonly Condition[]): Occasion {
  if (!shown.length) return 'always'
  const first = all.findIndex((one) => one.change !== null)
  // `other` holds where nothing before it did: in front it always holds, at the end for wrong responses.
  const always = shown.some(
    (one) => one.tests.every((test) => test.name === 'other') && (first < 0 || all.indexOf(one) < first),
  )
  if (always) return 'always'
  return shown.some(earns) ? 'right' : 'other'
}
