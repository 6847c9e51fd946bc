import {
  element,
  inlineNode,
  textNode,
  toElements,
  toInlineNodes,
  type ElementNode,
  type MarkupNode,
} from '../../content/elements.ts'
import { countGaps, isEmptyContent, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import type { ChoiceItem, KeptItem, ShortItem } from '../../item/model.ts'
import { comparableText } from '../../grade/same-text.ts'
import { CHOSEN, FEEDBACK, MATCH_CORRECT, QTI_NAMESPACE, QTI_SCHEMA, RESPONSE, SCORE, XSI_NAMESPACE } from './names.ts'

const MAX_TITLE = 80

/** One `assessmentItem` (QTI 2.1 Information Model, section 4). `identifier` is an NCName. */
export function itemElement(item: KeptItem, identifier: string): ElementNode {
  return element(
    'assessmentItem',
    {
      xmlns: QTI_NAMESPACE,
      'xmlns:xsi': XSI_NAMESPACE,
      'xsi:schemaLocation': `${QTI_NAMESPACE} ${QTI_SCHEMA}`,
      identifier,
      title: plainText(item.stem).replace(/\s+/g, ' ').slice(0, MAX_TITLE) || identifier,
      adaptive: 'false',
      timeDependent: 'false',
      ...(item.language !== undefined && { 'xml:lang': item.language }),
    },
    [
      responseDeclaration(item),
      ...outcomeDeclarations(item),
      itemBody(item),
      responseProcessing(item),
      ...modalFeedback(item),
    ],
  )
}

function value(text: string): ElementNode {
  return element('value', {}, [textNode(text)])
}

function responseDeclaration(item: KeptItem): ElementNode {
  const cardinality = item.kind === 'multiple' ? 'multiple' : 'single'
  const baseType = item.kind === 'short' ? 'string' : 'identifier'
  return element('responseDeclaration', { identifier: RESPONSE, cardinality, baseType }, [
    element('correctResponse', {}, correctValues(item).map(value)),
    ...mapping(item),
  ])
}

function correctValues(item: KeptItem): readonly string[] {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return item.key
    case 'truefalse':
      return item.key.map(String)
    case 'short':
      return item.key.slice(0, 1)
  }
}

/** Section 6.6: each accepted answer, or each option, with what it earns. */
function mapping(item: KeptItem): ElementNode[] {
  if (item.kind === 'short') return [shortMapping(item)]
  if (item.kind !== 'multiple' || item.credit !== 'each') return []
  const share = item.points / item.key.length
  const entries = item.options.map((option) =>
    element('mapEntry', { mapKey: option.id, mappedValue: number(item.key.includes(option.id) ? share : -share) }, []),
  )
  return [element('mapping', { lowerBound: '0', upperBound: number(item.points), defaultValue: '0' }, entries)]
}

function shortMapping(item: ShortItem): ElementNode {
  const seen = new Set<string>()
  const keys = item.key.filter((accepted) => {
    const same = comparableText(accepted, { ...item.rules, accents: 'respect' })
    return seen.has(same) ? false : Boolean(seen.add(same))
  })
  const caseSensitive = String(item.rules.letterCase === 'respect')
  const entries = keys.map((accepted) =>
    element(
      'mapEntry',
      { mapKey: accepted.replace(/\s+/g, ' ').trim(), mappedValue: number(item.points), caseSensitive },
      [],
    ),
  )
  return element('mapping', { defaultValue: '0' }, entries)
}

function outcomeDeclarations(item: KeptItem): ElementNode[] {
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

function hasOptionFeedback(item: KeptItem): item is ChoiceItem {
  return (
    (item.kind === 'single' || item.kind === 'multiple') &&
    item.options.some((option) => !isEmptyContent(option.feedback))
  )
}

function itemBody(item: KeptItem): ElementNode {
  const passage = isEmptyContent(item.passage)
    ? []
    : [element('div', { class: 'passage' }, toElements(item.passage ?? []))]
  return element('itemBody', {}, [...passage, ...(item.kind === 'short' ? shortBody(item) : choiceBody(item))])
}

/** A stem of one paragraph is the interaction's prompt; a longer one stands before it. */
function choiceBody(item: Exclude<KeptItem, ShortItem>): ElementNode[] {
  const inline = toInlineNodes(item.stem)
  const prompt = inline ? [element('prompt', {}, inline)] : []
  const attributes = {
    responseIdentifier: RESPONSE,
    shuffle: String(item.kind !== 'truefalse' && item.shuffle),
    maxChoices: item.kind === 'multiple' ? '0' : '1',
  }
  const interaction = element('choiceInteraction', attributes, [...prompt, ...simpleChoices(item)])
  return inline ? [interaction] : [element('div', { class: 'stem' }, toElements(item.stem)), interaction]
}

function simpleChoices(item: Exclude<KeptItem, ShortItem>): ElementNode[] {
  if (item.kind === 'truefalse')
    return [
      element('simpleChoice', { identifier: 'true' }, [textNode('True')]),
      element('simpleChoice', { identifier: 'false' }, [textNode('False')]),
    ]
  return item.options.map((option) =>
    element('simpleChoice', { identifier: option.id }, toInlineNodes(option.content) ?? toElements(option.content)),
  )
}

/** The box to type in stands in the stem's gap; without a gap, in a paragraph of its own. */
function shortBody(item: ShortItem): ElementNode[] {
  const box = element(
    'textEntryInteraction',
    { responseIdentifier: RESPONSE, expectedLength: String(expectedLength(item)) },
    [],
  )
  if (countGaps(item.stem) !== 1 || !item.stem.every((block) => block.type === 'paragraph'))
    return [element('div', { class: 'stem' }, toElements(item.stem)), element('p', {}, [box])]
  const blocks = item.stem.map((block) =>
    element(
      'p',
      {},
      block.type === 'paragraph'
        ? block.content.map((node): MarkupNode => (node.type === 'gap' ? box : inlineNode(node)))
        : [],
    ),
  )
  return [element('div', { class: 'stem' }, blocks)]
}

function expectedLength(item: ShortItem): number {
  return Math.max(10, ...item.key.map((accepted) => accepted.length + 5))
}

/** Section 8: the standard template where it says all, else the same rules written out. */
function responseProcessing(item: KeptItem): ElementNode {
  const rules = [...feedbackRules(item)]
  const mapped = item.kind === 'short' || (item.kind === 'multiple' && item.credit === 'each')
  if (!mapped && item.points === 1 && !rules.length)
    return element('responseProcessing', { template: MATCH_CORRECT }, [])
  return element('responseProcessing', {}, [mapped ? mapRule() : matchRule(item.points), ...rules])
}

function matchRule(points: number): ElementNode {
  const matches = element('match', {}, [
    element('variable', { identifier: RESPONSE }, []),
    element('correct', { identifier: RESPONSE }, []),
  ])
  return element('responseCondition', {}, [
    element('responseIf', {}, [
      matches,
      setScore(element('baseValue', { baseType: 'float' }, [textNode(number(points))])),
    ]),
    element('responseElse', {}, [setScore(element('baseValue', { baseType: 'float' }, [textNode('0')]))]),
  ])
}

/** As the standard's `map_response` template: nothing given earns nothing. */
function mapRule(): ElementNode {
  const empty = element('isNull', {}, [element('variable', { identifier: RESPONSE }, [])])
  return element('responseCondition', {}, [
    element('responseIf', {}, [empty, setScore(element('baseValue', { baseType: 'float' }, [textNode('0')]))]),
    element('responseElse', {}, [setScore(element('mapResponse', { identifier: RESPONSE }, []))]),
  ])
}

function setScore(expression: ElementNode): ElementNode {
  return element('setOutcomeValue', { identifier: SCORE }, [expression])
}

function feedbackRules(item: KeptItem): ElementNode[] {
  const rules: ElementNode[] = []
  if (!isEmptyContent(item.feedback))
    rules.push(
      element('setOutcomeValue', { identifier: FEEDBACK }, [
        element('baseValue', { baseType: 'identifier' }, [textNode('general')]),
      ]),
    )
  if (hasOptionFeedback(item))
    rules.push(element('setOutcomeValue', { identifier: CHOSEN }, [element('variable', { identifier: RESPONSE }, [])]))
  return rules
}

function modalFeedback(item: KeptItem): ElementNode[] {
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

/** A float as XML Schema writes it, without trailing zeros. */
export function number(amount: number): string {
  return String(Number(amount.toFixed(12)))
}
