import { element, textNode, toElements } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { isEmptyContent, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import type { ChoiceItem, Item } from '../../item/model.ts'
import type { Dialect } from './dialect.ts'
import { rubricText } from '../package/rubric.ts'
import { CHOSEN, FEEDBACK, GENERAL, HINT, HINT_SHOWN, RESPONSE, SCORE, XSI_NAMESPACE } from './names.ts'
import { bodyOf } from './write/body.ts'
import { declarationsOf } from './write/declarations.ts'
import { baseValue, number, setOutcome, value, variable } from './write/expressions.ts'
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
      adaptive: String(hasHint(item)),
      timeDependent: 'false',
      ...(item.language !== undefined && { 'xml:lang': item.language }),
    },
    [
      ...declarationsOf(item),
      ...(hasHint(item) ? [responseDeclaration(HINT, 'boolean')] : []),
      ...outcomeDeclarations(item),
      ...(stimulus
        ? [element('assessmentStimulusRef', { identifier: stimulus.identifier, href: stimulus.href }, [])]
        : []),
      element('itemBody', {}, [
        ...(stimulus || isEmptyContent(item.passage)
          ? []
          : [element('div', { class: 'passage' }, toElements(item.passage ?? []))]),
        ...bodyOf(item),
        ...(hasHint(item) ? [hintButton()] : []),
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

function hasHint(item: Item): boolean {
  return !isEmptyContent(item.hint)
}

function responseDeclaration(identifier: string, baseType: string): ElementNode {
  return element('responseDeclaration', { identifier, cardinality: 'single', baseType }, [])
}

/** Section 7.6: ending an attempt by a button of its own; the item is adaptive, so that more attempts follow (section 4). */
function hintButton(): ElementNode {
  return element('p', { class: 'hint' }, [
    element('endAttemptInteraction', { responseIdentifier: HINT, title: 'Hint' }, []),
  ])
}

function identifierOutcome(identifier: string, cardinality = 'single'): ElementNode {
  return element('outcomeDeclaration', { identifier, cardinality, baseType: 'identifier' }, [])
}

function outcomeDeclarations(item: Item): ElementNode[] {
  const hint = hasHint(item) ? [identifierOutcome(HINT_SHOWN)] : []
  if (item.kind === 'note') return hint
  const float = (identifier: string, text: string): ElementNode =>
    element('outcomeDeclaration', { identifier, cardinality: 'single', baseType: 'float' }, [
      element('defaultValue', {}, [value(text)]),
    ])
  const found = [float(SCORE, '0'), float('MAXSCORE', number(item.points))]
  if (!isEmptyContent(item.feedback)) found.push(identifierOutcome(FEEDBACK))
  if (hasOptionFeedback(item)) found.push(identifierOutcome(CHOSEN, item.kind === 'multiple' ? 'multiple' : 'single'))
  return [...found, ...hint]
}

function hasOptionFeedback(item: Item): item is ChoiceItem {
  return (
    (item.kind === 'single' || item.kind === 'multiple') &&
    item.options.some((option) => !isEmptyContent(option.feedback))
  )
}

/** What is for the person who grades, and not for the candidate (section 5.3, rubricBlock). */
function rubricBlocks(item: Item): ElementNode[] {
  if (item.kind !== 'essay') return []
  const found: ElementNode[] = []
  const block = (name: string, inner: readonly ElementNode[]): ElementNode =>
    element('rubricBlock', { view: 'scorer', class: name }, inner)
  if (!isEmptyContent(item.sample)) found.push(block('sample', toElements(item.sample ?? [])))
  if (item.rubric?.length) {
    const lines = item.rubric.map((line) => element('li', {}, [textNode(rubricText(line))]))
    found.push(block('rubric', [element('ul', {}, lines)]))
  }
  return found
}

/** Section 8: the standard template where it says all, else the same rules written out. */
function responseProcessing(item: Item, dialect: Dialect): ElementNode[] {
  const scoring = scoringOf(item)
  const rules = [...(scoring?.rules ?? []), ...feedbackRules(item)]
  if (hasHint(item)) return [element('responseProcessing', {}, [hintRule(rules)])]
  if (!rules.length) return []
  if (scoring?.template && item.points === 1 && rules.length === scoring.rules.length) {
    const template = `${dialect.templates}${scoring.template}${dialect.templateEnding}`
    return [element('responseProcessing', { template }, [])]
  }
  return [element('responseProcessing', {}, rules)]
}

/** Who asks for the hint sees it and may go on; any other attempt is scored, and is the last. */
function hintRule(rules: readonly ElementNode[]): ElementNode {
  return element('responseCondition', {}, [
    element('responseIf', {}, [variable(HINT), setOutcome(HINT_SHOWN, baseValue('identifier', 'hint'))]),
    element('responseElse', {}, [...rules, setOutcome('completionStatus', baseValue('identifier', 'completed'))]),
  ])
}

function feedbackRules(item: Item): ElementNode[] {
  const rules: ElementNode[] = []
  if (item.kind !== 'note' && !isEmptyContent(item.feedback))
    rules.push(setOutcome(FEEDBACK, baseValue('identifier', GENERAL)))
  if (hasOptionFeedback(item)) rules.push(setOutcome(CHOSEN, variable(RESPONSE)))
  return rules
}

function modalFeedback(item: Item): ElementNode[] {
  const show = (outcomeIdentifier: string, identifier: string, content: Content = []): ElementNode[] =>
    isEmptyContent(content)
      ? []
      : [element('modalFeedback', { outcomeIdentifier, identifier, showHide: 'show' }, toElements(content))]
  const hint = show(HINT_SHOWN, 'hint', item.hint)
  if (item.kind === 'note') return hint
  const general = show(FEEDBACK, GENERAL, item.feedback)
  const ofOptions = hasOptionFeedback(item)
    ? item.options.flatMap((option) => show(CHOSEN, option.id, option.feedback))
    : []
  return [...general, ...ofOptions, ...hint]
}
