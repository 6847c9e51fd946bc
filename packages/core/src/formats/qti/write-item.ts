import { element, textNode, toElements, type ElementNode } from '../../content/elements.ts'
import { isEmptyContent, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import type { ChoiceItem, Item } from '../../item/model.ts'
import type { Dialect } from './dialect.ts'
import { rubricText } from '../package/rubric.ts'
import { CHOSEN, FEEDBACK, RESPONSE, SCORE, XSI_NAMESPACE } from './names.ts'
import { bodyOf } from './write/body.ts'
import { declarationsOf } from './write/declarations.ts'
import { baseValue, number, setOutcome, value } from './write/expressions.ts'
import { scoringOf } from './write/scoring.ts'

const MAX_TITLE = 80

/**
 * One `assessmentItem` in the words of 2.x (QTI 2.1 Information Model, section 4; 3.0 ASI Information Model for the
 * reference to a stimulus). `identifier` is an NCName.
 *
 * @param stimulus where the item's passage stands as a file of its own; null: the passage stands in the item.
 */
export function itemElement(
  item: Item,
  identifier: string,
  dialect: Dialect,
  stimulus: StimulusRef | null,
): ElementNode {
  return element(
    'assessmentItem',
    {
      xmlns: dialect.itemNamespace,
      'xmlns:xsi': XSI_NAMESPACE,
      'xsi:schemaLocation': `${dialect.itemNamespace} ${dialect.itemSchema}`,
      identifier,
      title: plainText(item.stem).replace(/\s+/g, ' ').slice(0, MAX_TITLE) || identifier,
      adaptive: 'false',
      timeDependent: 'false',
      ...(item.language !== undefined && { 'xml:lang': item.language }),
    },
    [
      ...declarationsOf(item),
      ...outcomeDeclarations(item),
      ...(stimulus
        ? [element('assessmentStimulusRef', { identifier: stimulus.identifier, href: stimulus.href }, [])]
        : []),
      element('itemBody', {}, [
        ...(stimulus || isEmptyContent(item.passage)
          ? []
          : [element('div', { class: 'passage' }, toElements(item.passage ?? []))]),
        ...bodyOf(item),
        ...rubricBlocks(item),
      ]),
      ...responseProcessing(item, dialect),
      ...modalFeedback(item),
    ],
  )
}

export interface StimulusRef {
  readonly identifier: string
  readonly href: string
}

function outcomeDeclarations(item: Item): ElementNode[] {
  if (item.kind === 'note') return []
  const float = (identifier: string, text: string): ElementNode =>
    element('outcomeDeclaration', { identifier, cardinality: 'single', baseType: 'float' }, [
      element('defaultValue', {}, [value(text)]),
    ])
  const found = [float(SCORE, '0'), float('MAXSCORE', number(item.points))]
  if (!isEmptyContent(item.feedback))
    found.push(
      element('outcomeDeclaration', { identifier: FEEDBACK, cardinality: 'single', baseType: 'identifier' }, []),
    )
  if (hasOptionFeedback(item))
    found.push(
      element(
        'outcomeDeclaration',
        { identifier: CHOSEN, cardinality: item.kind === 'multiple' ? 'multiple' : 'single', baseType: 'identifier' },
        [],
      ),
    )
  return found
}

function hasOptionFeedback(item: Item): item is ChoiceItem {
  return (
    (item.kind === 'single' || item.kind === 'multiple') &&
    item.options.some((option) => !isEmptyContent(option.feedback))
  )
}

/** What is for the person who grades, or for the tutor, and not for the candidate (section 5.3, rubricBlock). */
function rubricBlocks(item: Item): ElementNode[] {
  const block = (view: string, name: string, inner: readonly ElementNode[]): ElementNode =>
    element('rubricBlock', { view, class: name }, inner)
  const found = isEmptyContent(item.hint) ? [] : [block('tutor', 'hint', toElements(item.hint ?? []))]
  if (item.kind !== 'essay') return found
  if (!isEmptyContent(item.sample)) found.push(block('scorer', 'sample', toElements(item.sample ?? [])))
  if (item.rubric?.length) {
    const lines = item.rubric.map((line) => element('li', {}, [textNode(rubricText(line))]))
    found.push(block('scorer', 'rubric', [element('ul', {}, lines)]))
  }
  return found
}

/** Section 8: the standard template where it says all, else the same rules written out. */
function responseProcessing(item: Item, dialect: Dialect): ElementNode[] {
  const scoring = scoringOf(item)
  const rules = feedbackRules(item)
  if (!scoring && !rules.length) return []
  if (scoring?.template && item.points === 1 && !rules.length) {
    const template = `${dialect.templates}${scoring.template}${dialect.templateEnding}`
    return [element('responseProcessing', { template }, [])]
  }
  return [element('responseProcessing', {}, [...(scoring?.rules ?? []), ...rules])]
}

function feedbackRules(item: Item): ElementNode[] {
  const rules: ElementNode[] = []
  if (item.kind !== 'note' && !isEmptyContent(item.feedback))
    rules.push(setOutcome(FEEDBACK, baseValue('identifier', 'general')))
  if (hasOptionFeedback(item)) rules.push(setOutcome(CHOSEN, element('variable', { identifier: RESPONSE }, [])))
  return rules
}

function modalFeedback(item: Item): ElementNode[] {
  if (item.kind === 'note') return []
  const show = (outcomeIdentifier: string, identifier: string, content: Content): ElementNode =>
    element('modalFeedback', { outcomeIdentifier, identifier, showHide: 'show' }, toElements(content))
  const general = isEmptyContent(item.feedback) ? [] : [show(FEEDBACK, 'general', item.feedback ?? [])]
  if (!hasOptionFeedback(item)) return general
  return [
    ...general,
    ...item.options
      .filter((option) => !isEmptyContent(option.feedback))
      .map((option) => show(CHOSEN, option.id, option.feedback ?? [])),
  ]
}
