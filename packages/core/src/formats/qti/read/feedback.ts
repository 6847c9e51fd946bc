import { fromElements, textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import type { Content } from '../../../content/model.ts'
import { child, children, descendants, elementsOf } from '../../xml/xml.ts'
import { CHOSEN } from '../names.ts'
import { outcomesOf, type QtiValue } from '../process.ts'

export const FEEDBACK_IN_BODY = new Set(['feedbackInline', 'feedbackBlock'])

export interface ShownFeedback {
  readonly general: Content | null
  readonly hint: Content | null
  /** What is shown to some responses only, which an item has no place for. */
  readonly left: readonly Content[]
}

/**
 * Feedback that is no option's (QTI 2.1 Information Model, sections 5.3 and 10.2), told apart by running the item's own
 * rules with a right and a wrong response.
 */
export function feedbackOf(root: ElementNode, body: ElementNode, interactions: readonly ElementNode[]): ShownFeedback {
  const ids = new Set(
    interactions.flatMap((one) => children(one, 'simpleChoice').map((choice) => choice.attributes['identifier'])),
  )
  const all = [...children(root, 'modalFeedback'), ...feedbackIn(body)].filter(
    (one) => one.attributes['outcomeIdentifier'] !== CHOSEN && !ids.has(one.attributes['identifier']),
  )
  const hints = hintsAmong(all, root, body)
  const hint = hints[0] ?? children(body, 'rubricBlock').find((one) => one.attributes['class'] === 'hint')
  const shown = all.filter((one) => !hints.includes(one))
  // The rules are run only where there is something that they could show.
  const occasion = shown.length ? occasions(root, interactions) : null
  const rest = shown.map((one) => ({ one, when: occasion?.(one) ?? 'always' }))
  const always = rest.filter(({ when }) => when === 'always')
  const general = always.length ? always : rest.filter(({ when }) => when === 'right')
  const contents = (some: typeof rest): Content[] => some.map(({ one }) => fromElements(one.children))
  return {
    general: general.length ? contents(general).flat() : null,
    hint: hint ? fromElements(hint.children) : null,
    left: contents(rest.filter((one) => !general.includes(one))).filter((one) => one.length > 0),
  }
}

type Occasion = 'always' | 'right' | 'other'

function occasions(root: ElementNode, interactions: readonly ElementNode[]): (feedback: ElementNode) => Occasion {
  if (!child(root, 'responseProcessing')) return () => 'always'
  let right: ReadonlyMap<string, QtiValue>
  let wrong: ReadonlyMap<string, QtiValue>
  try {
    right = outcomesOf(root, correctResponses(root))
    wrong = outcomesOf(root, wrongResponses(root, interactions))
  } catch (error) {
    // Rules that are not known show what they show; it is better to have it than not.
    if (error instanceof RangeError) return () => 'always'
    throw error
  }
  return (feedback) => {
    const name = feedback.attributes['outcomeIdentifier'] ?? ''
    // What no rule sets is left to whoever delivers the item.
    if (!right.get(name)?.length && !wrong.get(name)?.length) return 'always'
    const [withRight, withWrong] = [isShown(feedback, right), isShown(feedback, wrong)]
    return withRight && withWrong ? 'always' : withRight ? 'right' : 'other'
  }
}

function isShown(feedback: ElementNode, outcomes: ReadonlyMap<string, QtiValue>): boolean {
  const values = outcomes.get(feedback.attributes['outcomeIdentifier'] ?? '') ?? []
  const holds = values.includes(feedback.attributes['identifier'] ?? '')
  return holds !== (feedback.attributes['showHide'] === 'hide')
}

export function correctResponses(root: ElementNode): Map<string, QtiValue> {
  return new Map(
    children(root, 'responseDeclaration').map((one): [string, QtiValue] => {
      const correct = child(one, 'correctResponse')
      const isNumber = /^(?:float|integer)$/.test(one.attributes['baseType'] ?? '')
      const values = correct ? children(correct, 'value').map((value) => textOf(value).trim()) : []
      const typed = isNumber ? values.map(Number) : values
      return [one.attributes['identifier'] ?? '', typed.length ? typed : null]
    }),
  )
}

/** A choice that is not the right one; a text or a number that nobody has in mind. */
function wrongResponses(root: ElementNode, interactions: readonly ElementNode[]): Map<string, QtiValue> {
  const right = correctResponses(root)
  return new Map(
    children(root, 'responseDeclaration').map((one): [string, QtiValue] => {
      const name = one.attributes['identifier'] ?? ''
      const own = interactions.filter((interaction) => interaction.attributes['responseIdentifier'] === name)
      const choices = own.flatMap((interaction) =>
        ['simpleChoice', 'inlineChoice', 'hottext'].flatMap((kind) => descendants(interaction, kind)),
      )
      const other = choices
        .map((choice) => choice.attributes['identifier'] ?? '')
        .find((id) => !right.get(name)?.includes(id))
      if (other !== undefined) return [name, [other]]
      return [name, /^(?:float|integer)$/.test(one.attributes['baseType'] ?? '') ? [-987654321] : ['\u{10FFFD}']]
    }),
  )
}

/** Feedback that stands in the body and is no option's. */
function feedbackIn(node: ElementNode): ElementNode[] {
  return elementsOf(node).flatMap((one) => {
    if (FEEDBACK_IN_BODY.has(one.name)) return [one]
    return one.name.endsWith('Interaction') ? [] : feedbackIn(one)
  })
}

/** Feedback that a button of its own asks for (section 7.6) is a hint: the rule under the button's variable shows it. */
function hintsAmong(shown: readonly ElementNode[], root: ElementNode, body: ElementNode): ElementNode[] {
  const buttons = new Set(descendants(body, 'endAttemptInteraction').map((one) => one.attributes['responseIdentifier']))
  if (!buttons.size) return []
  const asked = [...descendants(root, 'responseIf'), ...descendants(root, 'responseElseIf')].filter((branch) => {
    const test = elementsOf(branch)[0]
    return test?.name === 'variable' && buttons.has(test.attributes['identifier'])
  })
  const set = asked.flatMap((branch) => children(branch, 'setOutcomeValue'))
  const names = new Set(set.map((rule) => `${rule.attributes['identifier']} ${textOf(rule).trim()}`))
  return shown.filter((one) => names.has(`${one.attributes['outcomeIdentifier']} ${one.attributes['identifier']}`))
}
