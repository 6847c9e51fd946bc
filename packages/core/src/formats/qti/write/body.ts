import { element, inlineNode, textNode, toElements, toInlineNodes } from '../../../content/elements.ts'
import type { ElementNode, MarkupNode } from '../../../content/markup.ts'
import { countGaps, type Block, type Content } from '../../../content/model.ts'
import type { ChoiceItem, ClozeItem, Item, OrderItem, ScaleItem, TrueFalseItem } from '../../../item/model.ts'
import { RESPONSE } from '../names.ts'
import { choiceId, gapResponse, leftId, rightId, stepId } from './identifiers.ts'

const ESSAY_LINES = 10

/** What stands in the item body: the stem and the interactions (QTI 2.1 Information Model, section 7). */
// eslint-disable-next-line max-lines-per-function -- one short case for each kind
export function bodyOf(item: Item): ElementNode[] {
  switch (item.kind) {
    case 'single':
    case 'multiple':
    case 'truefalse':
      return prompted(
        item.stem,
        'choiceInteraction',
        {
          responseIdentifier: RESPONSE,
          shuffle: String(item.kind !== 'truefalse' && item.shuffle),
          maxChoices: item.kind === 'multiple' ? '0' : '1',
        },
        choices(item),
      )
    case 'scale':
      return prompted(
        item.stem,
        'choiceInteraction',
        {
          class: 'scale',
          responseIdentifier: RESPONSE,
          shuffle: 'false',
          maxChoices: '1',
        },
        steps(item),
      )
    case 'short':
      return typedBody(item.stem, entryBox(RESPONSE, item.key), null)
    case 'numeric':
      return typedBody(item.stem, entryBox(RESPONSE, ['000000000']), item.unit ?? null)
    case 'cloze':
      return [...wordBank(item), element('div', { class: 'stem' }, filled(item.stem, gapBoxes(item)))]
    case 'match':
      return matchBody(item)
    case 'grid':
      return prompted(item.stem, 'matchInteraction', { class: 'grid', ...matchAttributes('false', item.rows.length) }, [
        matchSet(item.rows, leftId, '1'),
        matchSet(item.columns, rightId, '0'),
      ])
    case 'order':
      return prompted(item.stem, 'orderInteraction', { responseIdentifier: RESPONSE, shuffle: 'true' }, choices(item))
    case 'essay':
      return prompted(
        item.stem,
        'extendedTextInteraction',
        {
          responseIdentifier: RESPONSE,
          expectedLines: String(ESSAY_LINES),
        },
        [],
      )
    case 'note':
      return toElements(item.stem)
  }
}

/** Partners are taken once, where the key takes none of them twice; else it is said that this is no grid all the same. */
function matchBody(item: Extract<Item, { kind: 'match' }>): ElementNode[] {
  const isOnce = new Set(item.key.map(([, partner]) => partner)).size === item.key.length
  const attributes = { ...(!isOnce && { class: 'match' }), ...matchAttributes('true', item.left.length) }
  return prompted(item.stem, 'matchInteraction', attributes, [
    matchSet(item.left, leftId, '1'),
    matchSet(item.right, rightId, isOnce ? '1' : '0'),
  ])
}

/** A stem of one paragraph is the interaction's prompt; a longer one stands before it. */
function prompted(
  stem: Content,
  name: string,
  attributes: Readonly<Record<string, string>>,
  inner: readonly ElementNode[],
): ElementNode[] {
  const inline = toInlineNodes(stem)
  const prompt = inline ? [element('prompt', {}, inline)] : []
  const interaction = element(name, attributes, [...prompt, ...inner])
  return inline ? [interaction] : [element('div', { class: 'stem' }, toElements(stem)), interaction]
}

function choices(item: ChoiceItem | OrderItem | TrueFalseItem): ElementNode[] {
  if (item.kind === 'truefalse')
    return [
      element('simpleChoice', { identifier: 'true' }, [textNode('True')]),
      element('simpleChoice', { identifier: 'false' }, [textNode('False')]),
    ]
  return item.options.map((option) =>
    element('simpleChoice', { identifier: option.id }, toInlineNodes(option.content) ?? toElements(option.content)),
  )
}

/** "1 – not useful", "2", …: the ends of the scale carry their labels. */
function steps(item: ScaleItem): ElementNode[] {
  return Array.from({ length: item.high - item.low + 1 }, (_none, at) => {
    const step = item.low + at
    const label = step === item.low ? item.lowLabel : step === item.high ? item.highLabel : undefined
    const text = label === undefined ? String(step) : `${step} – ${label}`
    return element('simpleChoice', { identifier: stepId(step) }, [textNode(text)])
  })
}

function matchAttributes(shuffle: string, parts: number): Record<string, string> {
  return { responseIdentifier: RESPONSE, shuffle, maxAssociations: String(parts) }
}

function matchSet(parts: readonly Content[], idOf: (index: number) => string, matchMax: string): ElementNode {
  return element(
    'simpleMatchSet',
    {},
    parts.map((part, index) =>
      element('simpleAssociableChoice', { identifier: idOf(index), matchMax }, toInlineNodes(part) ?? toElements(part)),
    ),
  )
}

function entryBox(responseIdentifier: string, key: readonly string[]): ElementNode {
  const expectedLength = String(Math.max(10, ...key.map((accepted) => accepted.length + 5)))
  return element('textEntryInteraction', { responseIdentifier, expectedLength }, [])
}

/** The box to type in stands in the stem's gap; without a gap, in a paragraph of its own, with the unit behind it. */
function typedBody(stem: Content, box: ElementNode, unit: string | null): ElementNode[] {
  const behind = unit === null ? [] : [element('span', { class: 'unit' }, [textNode(unit)])]
  const inGap = countGaps(stem) === 1 && unit === null && stem.every((block) => block.type === 'paragraph')
  if (inGap) return [element('div', { class: 'stem' }, filled(stem, [box]))]
  const spaced = behind.length ? [box, textNode(' '), ...behind] : [box]
  return [element('div', { class: 'stem' }, toElements(stem)), element('p', {}, spaced)]
}

function gapBoxes(item: ClozeItem): ElementNode[] {
  return item.gaps.map((gap, index) => {
    if (!gap.choices) return entryBox(gapResponse(index), gap.key)
    const inner = gap.choices.map((choice, at) =>
      element('inlineChoice', { identifier: choiceId(at) }, [textNode(choice)]),
    )
    return element('inlineChoiceInteraction', { responseIdentifier: gapResponse(index), shuffle: 'false' }, inner)
  })
}

function wordBank(item: ClozeItem): ElementNode[] {
  if (!item.wordBank?.length) return []
  const words = item.wordBank.map((word) => element('li', {}, [textNode(word)]))
  return [element('ul', { class: 'word-bank' }, words)]
}

/** The text with its gaps replaced by boxes, in reading order, wherever in lists and tables they stand. */
function filled(content: Content, boxes: readonly ElementNode[]): ElementNode[] {
  const left = [...boxes]
  const inline = (nodes: Extract<Block, { type: 'paragraph' }>['content']): MarkupNode[] =>
    nodes.map((node) => (node.type === 'gap' ? (left.shift() ?? inlineNode(node)) : inlineNode(node)))
  const cell = (part: Content): readonly MarkupNode[] => {
    const [only, ...others] = part
    return only?.type === 'paragraph' && !others.length ? inline(only.content) : part.map(block)
  }
  const block = (one: Block): ElementNode => {
    if (one.type === 'paragraph') return element('p', {}, inline(one.content))
    if (one.type === 'list')
      return element(
        one.ordered ? 'ol' : 'ul',
        {},
        one.entries.map((entry) => element('li', {}, cell(entry))),
      )
    if (one.type === 'preformatted') return element('pre', {}, [textNode(one.text)])
    const rows = one.rows.map((row) =>
      element(
        'tr',
        {},
        row.cells.map((part) => element(row.header ? 'th' : 'td', {}, cell(part))),
      ),
    )
    return element('table', {}, [element('tbody', {}, rows)])
  }
  return content.map(block)
}
