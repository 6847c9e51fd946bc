import { fromElements, textNode, textOf, type ElementNode, type MarkupNode } from '../../content/elements.ts'
import type { Content } from '../../content/model.ts'
import { DEFAULT_TEXT_RULES, type KeptItem, type Option } from '../../item/model.ts'
import type { FormatData, ReadResult, Unread } from '../format.ts'
import { FormatError } from '../format.ts'
import { child, children, descendants, elementsOf } from '../xml/xml.ts'
import { maxScore } from './grade.ts'
import { CHOSEN } from './names.ts'
import { openPackage, type PackedItem } from './package.ts'
import { processResponse } from './process.ts'

/** Reads a QTI 2.1 package into items. Items with other interactions, or several, are listed as unread with their source. */
export function readQti21(data: FormatData): ReadResult {
  if (data.form !== 'package') throw new FormatError('A QTI 2.1 file is a package, not text.')
  const opened = openPackage(data.files)
  const items: KeptItem[] = []
  const unread: Unread[] = [...opened.unread]
  for (const packed of opened.items) {
    const item = toItem(packed)
    if (typeof item === 'string') unread.push({ where: packed.path, reason: item, source: textOf(packed.root).trim() })
    else items.push(item)
  }
  return { title: opened.title, items, unread }
}

function toItem({ root, keywords }: PackedItem): KeptItem | string {
  const body = child(root, 'itemBody')
  if (!body) return 'The item has no body.'
  const interactions = interactionsOf(body)
  const [interaction] = interactions
  if (!interaction) return 'The item has nothing to answer.'
  if (interactions.length > 1) return 'Items with several interactions are not kept yet.'
  const declaration = children(root, 'responseDeclaration').find(
    (one) => one.attributes['identifier'] === interaction.attributes['responseIdentifier'],
  )
  if (!declaration) return 'The interaction has no response declaration.'
  const common = commonOf(root, body, interaction, keywords)
  try {
    if (interaction.name === 'choiceInteraction') return choiceItem(root, interaction, declaration, common)
    if (interaction.name === 'textEntryInteraction') return shortItem(root, declaration, common)
  } catch (error) {
    if (error instanceof RangeError) return error.message
    throw error
  }
  return `Items with ${interaction.name} are not kept yet.`
}

type Common = Omit<Extract<KeptItem, { kind: 'truefalse' }>, 'kind' | 'key'>

function commonOf(root: ElementNode, body: ElementNode, interaction: ElementNode, tags: readonly string[]): Common {
  const passage = children(body, 'div').find((one) => one.attributes['class'] === 'passage')
  const feedback = children(root, 'modalFeedback').find((one) => one.attributes['outcomeIdentifier'] !== CHOSEN)
  const language = root.attributes['xml:lang']
  return {
    stem: stemOf(body, interaction, passage),
    points: 1,
    tags,
    ...(passage && { passage: fromElements(passage.children) }),
    ...(feedback && { feedback: fromElements(feedback.children) }),
    ...(language !== undefined && { language }),
  }
}

function interactionsOf(node: ElementNode): ElementNode[] {
  return elementsOf(node).flatMap((one) => (one.name.endsWith('Interaction') ? [one] : interactionsOf(one)))
}

/** What stands round the interaction, with its prompt; a box inside a sentence leaves a gap. */
function stemOf(body: ElementNode, interaction: ElementNode, passage: ElementNode | undefined): Content {
  const prompt = child(interaction, 'prompt')
  const nodes = body.children.filter((node) => node !== passage).map((node) => withoutInteraction(node, interaction))
  return fromElements([...nodes, ...(prompt ? [prompt] : [])])
}

function withoutInteraction(node: MarkupNode, interaction: ElementNode): MarkupNode {
  if (node.type === 'text') return node
  if (node === interaction) return textNode('')
  if (!node.children.includes(interaction))
    return { ...node, children: node.children.map((one) => withoutInteraction(one, interaction)) }
  const alone = node.children.every((one) => one === interaction || (one.type === 'text' && one.value.trim() === ''))
  const filler = alone || interaction.name !== 'textEntryInteraction' ? '' : '_____'
  return { ...node, children: node.children.map((one) => (one === interaction ? textNode(filler) : one)) }
}

function choiceItem(
  root: ElementNode,
  interaction: ElementNode,
  declaration: ElementNode,
  common: Common,
): KeptItem | string {
  const choices = children(interaction, 'simpleChoice')
  const notes = children(root, 'modalFeedback').filter((one) => one.attributes['outcomeIdentifier'] === CHOSEN)
  const options: Option[] = choices.map((choice) => {
    const id = choice.attributes['identifier'] ?? ''
    const inside = child(choice, 'feedbackInline')
    const feedback = inside ?? notes.find((note) => note.attributes['identifier'] === id)
    return {
      id,
      content: fromElements(choice.children.filter((node) => node !== inside)),
      ...(feedback && { feedback: fromElements(feedback.children) }),
    }
  })
  if (options.length < 2) return 'The interaction offers fewer than two choices.'
  const multiple = declaration.attributes['cardinality'] === 'multiple'
  const key = keyOf(declaration, options)
  const points = score(root, declaration, multiple ? key : key.slice(0, 1))
  const ids = options.map((option) => option.id).join()
  if (!multiple && ids === 'true,false')
    return { ...common, kind: 'truefalse', points, key: key.slice(0, 1).map((id) => id === 'true') }
  const shuffle = interaction.attributes['shuffle'] === 'true'
  if (!multiple) return { ...common, kind: 'single', points, options, key: key.slice(0, 1), shuffle }
  return {
    ...common,
    kind: 'multiple',
    points,
    options,
    key,
    shuffle,
    credit: child(declaration, 'mapping') ? 'each' : 'all',
  }
}

/** The correct response; where a file has only a mapping, what it maps to most. */
function keyOf(declaration: ElementNode, options: readonly Option[]): string[] {
  const correct = child(declaration, 'correctResponse')
  const named = correct ? children(correct, 'value').map((one) => textOf(one).trim()) : mappedAbove(declaration, 0)
  return options.map((option) => option.id).filter((id) => named.includes(id))
}

function mappedAbove(declaration: ElementNode, bound: number): string[] {
  return descendants(declaration, 'mapEntry')
    .filter((entry) => Number(entry.attributes['mappedValue']) > bound)
    .map((entry) => entry.attributes['mapKey'] ?? '')
}

/** What the key earns by the item's own response processing. */
function score(root: ElementNode, declaration: ElementNode, key: readonly string[]): number {
  const earned = processResponse(root, new Map([[declaration.attributes['identifier'] ?? '', key]]))
  return earned > 0 ? Number(earned.toFixed(6)) : maxScore(root)
}

function shortItem(root: ElementNode, declaration: ElementNode, common: Common): KeptItem | string {
  if (declaration.attributes['baseType'] !== 'string')
    return `A typed answer of type ${declaration.attributes['baseType'] ?? 'unknown'} is not kept yet.`
  const correct = child(declaration, 'correctResponse')
  const first = correct ? children(correct, 'value').map((one) => textOf(one).trim()) : []
  const entries = descendants(declaration, 'mapEntry')
  const best = Math.max(0, ...entries.map((entry) => Number(entry.attributes['mappedValue'])))
  const key = [...new Set([...first, ...mappedAbove(declaration, best - 1e-9)])]
  const sensitive = entries.length === 0 || entries.some((entry) => entry.attributes['caseSensitive'] !== 'false')
  const rules = { ...DEFAULT_TEXT_RULES, letterCase: sensitive ? ('respect' as const) : ('ignore' as const) }
  return {
    ...common,
    kind: 'short',
    points: key[0] === undefined ? 1 : score(root, declaration, key.slice(0, 1)),
    key,
    rules,
  }
}
