import { fromElements, textNode } from '../../../content/elements.ts'
import type { ElementNode, MarkupNode } from '../../../content/markup.ts'
import type { Content } from '../../../content/model.ts'
import { children } from '../../xml/xml.ts'
import { FEEDBACK_IN_BODY } from './feedback.ts'

/** What stands round the interactions, with a prompt; a box inside a sentence leaves a gap. */
export function stemOf(
  body: ElementNode,
  interactions: readonly ElementNode[],
  passage: ElementNode | undefined,
): Content {
  // What holds its text inside has its prompt there, too.
  const prompts = interactions.filter((one) => !TEXT_INSIDE.has(one.name)).flatMap((one) => children(one, 'prompt'))
  const apart = (node: MarkupNode): boolean =>
    node !== passage && !(node.type === 'element' && (isForScorer(node) || node.attributes['class'] === 'word-bank'))
  const nodes = body.children.filter(apart).map((node) => withoutInteractions(node, interactions))
  return fromElements([...nodes, ...prompts])
}

/** A rubric that is not for the candidate (section 5.3, rubricBlock), or is the hint that we keep as one. */
export function isForScorer(node: ElementNode): boolean {
  if (node.name !== 'rubricBlock') return false
  return !/\bcandidate\b/.test(node.attributes['view'] ?? '') || node.attributes['class'] === 'hint'
}

const TEXT_INSIDE = new Set(['gapMatchInteraction', 'hottextInteraction'])

function withoutInteractions(node: MarkupNode, interactions: readonly ElementNode[]): MarkupNode {
  if (node.type === 'text') return node
  if (FEEDBACK_IN_BODY.has(node.name)) return textNode('')
  if (node.name === 'gap') return textNode('_____')
  if (interactions.includes(node)) {
    if (node.name === 'gapMatchInteraction') return gapMatchText(node, interactions)
    return node.name === 'hottextInteraction' ? { ...node, name: 'div', attributes: {} } : textNode('')
  }
  const own = node.children.some((one) => one.type === 'element' && interactions.includes(one))
  if (!own) return { ...node, children: node.children.map((one) => withoutInteractions(one, interactions)) }
  const alone =
    interactions.length === 1 &&
    node.children.every(
      (one) =>
        (one.type === 'element' && (interactions.includes(one) || one.attributes['class'] === 'unit')) ||
        (one.type === 'text' && one.value.trim() === ''),
    )
  const inline = (one: ElementNode): boolean =>
    one.name === 'textEntryInteraction' || one.name === 'inlineChoiceInteraction'
  return {
    ...node,
    children: alone
      ? []
      : node.children.map((one) =>
          one.type === 'element' && interactions.includes(one) && inline(one)
            ? textNode('_____')
            : withoutInteractions(one, interactions),
        ),
  }
}

/** The text of a gap match, with its gaps, without the words to drag. */
function gapMatchText(node: ElementNode, interactions: readonly ElementNode[]): ElementNode {
  const text = node.children.filter(
    (one) => !(one.type === 'element' && (one.name === 'gapText' || one.name === 'gapImg')),
  )
  return { ...node, name: 'div', attributes: {}, children: text.map((one) => withoutInteractions(one, interactions)) }
}
