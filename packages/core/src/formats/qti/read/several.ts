import { fromElements } from '../../../content/elements.ts'
import type { ElementNode, MarkupNode } from '../../../content/markup.ts'
import type { Content } from '../../../content/model.ts'
import { children } from '../../xml/xml.ts'
import { interactionsOf } from '../grade.ts'
import type { QtiValue } from '../process.ts'
import type { Reading } from './reading.ts'
import { FEEDBACK_IN_BODY } from './feedback.ts'

/** Interactions that stand in a sentence; several of them are one text with gaps. */
const INLINE = new Set(['textEntryInteraction', 'inlineChoiceInteraction'])

/** What an item of several questions asks at one place. */
interface Question {
  readonly interactions: ElementNode[]
  /** The part of the body that belongs to it. */
  readonly nodes: MarkupNode[]
}

/**
 * An item that asks several things, such as two choices below each other, as one for each of them: what stands in
 * front of the first is a passage for all, what stands between two is of the one that follows. Each is worth what a
 * right answer to it alone earns by the item's own rules; where it earns nothing alone, an equal share.
 *
 * @param isApart tells what stands in the body and is neither asked nor shared: what the scorer is told, a passage that
 *   is known already.
 * @returns null where the item asks one thing.
 */
export function partsOf(
  reading: Reading,
  isApart: (node: ElementNode) => boolean,
  stemOf: (body: ElementNode, interactions: readonly ElementNode[]) => Content,
): Reading[] | null {
  const { body, common } = reading
  const { questions, before } = questionsIn(body, isApart)
  if (questions.length < 2) return null
  const shared = before.length ? fromElements(before) : []
  const passage = [...(common.passage ?? []), ...shared]
  const { feedback, hint, passage: _passage, ...rest } = common
  const share = reading.most / questions.length
  const nothing = reading.raw(new Map())
  return questions.map(({ interactions, nodes }, index): Reading => {
    const own = { ...body, children: nodes }
    const raw = (responses: ReadonlyMap<string, QtiValue>): number => reading.raw(responses) - nothing
    const isLast = index === questions.length - 1
    return {
      ...reading,
      body: own,
      interactions,
      common: {
        ...rest,
        stem: stemOf(own, interactions),
        ...(passage.length > 0 && { passage }),
        ...(hint && index === 0 && { hint }),
        ...(feedback && isLast && { feedback }),
      },
      most: share,
      raw,
      score: (responses) => {
        const earned = raw(responses)
        return earned > 0 ? Number(earned.toFixed(6)) : share
      },
    }
  })
}

function questionsIn(
  body: ElementNode,
  isApart: (node: ElementNode) => boolean,
): { readonly questions: readonly Question[]; readonly before: MarkupNode[] } {
  const questions: Question[] = []
  let before: MarkupNode[] = []
  let waiting: MarkupNode[] = []
  const visit = (node: MarkupNode): void => {
    if (node.type === 'element' && isApart(node)) return
    if (node.type === 'text' || FEEDBACK_IN_BODY.has(node.name)) {
      waiting.push(node)
      return
    }
    const inside = node.name.endsWith('Interaction') ? [node] : interactionsOf(node)
    if (!inside.length) {
      waiting.push(node)
      return
    }
    const isInline = inside.every((one) => INLINE.has(one.name))
    if (!isInline && inside.length > 1) {
      node.children.forEach(visit)
      return
    }
    const last = questions.at(-1)
    if (isInline && last?.interactions.every((one) => INLINE.has(one.name))) {
      last.interactions.push(...inside)
      last.nodes.push(...waiting, node)
    } else {
      if (!questions.length) [before, waiting] = sharedOf(waiting, inside)
      questions.push({ interactions: inside, nodes: [...waiting, node] })
    }
    waiting = []
  }
  body.children.forEach(visit)
  questions.at(-1)?.nodes.push(...waiting)
  return { questions, before }
}

/** In front of a question that has a prompt of its own everything is for all; else its last block is the question. */
function sharedOf(waiting: readonly MarkupNode[], inside: readonly ElementNode[]): [MarkupNode[], MarkupNode[]] {
  if (inside.some((one) => children(one, 'prompt').length > 0)) return [[...waiting], []]
  const last = waiting.findLastIndex((node) => node.type === 'element' || node.value.trim() !== '')
  return [waiting.slice(0, Math.max(0, last)), waiting.slice(Math.max(0, last))]
}
