import { fromElements, textNode, textOf, type ElementNode, type MarkupNode } from '../../content/elements.ts'
import type { Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import type { Item, Option } from '../../item/model.ts'
import type { FormatData, ReadResult, Unread } from '../format.ts'
import { FormatError } from '../format.ts'
import type { PaperPlace } from '../paper-plan.ts'
import { rubricLine } from '../package/rubric.ts'
import { isTruth, truthIn } from '../package/truth.ts'
import { child, children, descendants, elementsOf } from '../xml/xml.ts'
import { interactionsOf, maxScore } from './grade.ts'
import { CHOSEN } from './names.ts'
import { openPackage, type PackedItem } from './read-package.ts'
import { processResponse, type QtiValue } from './process.ts'
import { clozeItem } from './read/cloze.ts'
import { matchItem } from './read/match.ts'
import { typedItem } from './read/typed.ts'

/** What every item has, before its kind is known. */
export type Common = Omit<Extract<Item, { kind: 'note' }>, 'kind'>

/** An item file on its way to an item. */
export interface Reading {
  readonly root: ElementNode
  readonly body: ElementNode
  readonly interactions: readonly ElementNode[]
  readonly common: Common
  readonly declaration: (interaction: ElementNode) => ElementNode | undefined
  /** What a response earns by the item's own rules. */
  readonly raw: (responses: ReadonlyMap<string, QtiValue>) => number
  /** The same for the right response; MAXSCORE where the rules give nothing for it. */
  readonly score: (responses: ReadonlyMap<string, QtiValue>) => number
}

/**
 * Reads a QTI package of any version from 2.0 on into items. An item with interactions that no kind of ours holds is
 * listed as unread with its source.
 */
export function readPackage(data: FormatData): ReadResult {
  if (data.form !== 'package') throw new FormatError('A QTI file is a package, not text.')
  const opened = openPackage(data.files)
  const items: Item[] = []
  const unread: Unread[] = [...opened.unread]
  const places: PaperPlace[] = []
  for (const packed of opened.items) {
    const item = toItem(packed)
    if (typeof item === 'string') {
      unread.push({ where: packed.path, reason: item, source: textOf(packed.root).trim() })
      continue
    }
    items.push(packed.ref ? { ...item, points: item.points * packed.ref.weight } : item)
    places.push({ section: packed.ref?.section ?? null, required: packed.ref?.required ?? false })
  }
  return { title: opened.title, items, unread, ...(opened.plan && { plan: { ...opened.plan, places } }) }
}

function toItem(packed: PackedItem): Item | string {
  const { root } = packed
  const body = child(root, 'itemBody')
  if (!body) return 'The item has no body.'
  const interactions = interactionsOf(body)
  const common = commonOf(packed, body, interactions)
  const declaration = (interaction: ElementNode): ElementNode | undefined =>
    children(root, 'responseDeclaration').find(
      (one) => one.attributes['identifier'] === interaction.attributes['responseIdentifier'],
    )
  const reading: Reading = {
    root,
    body,
    interactions,
    common,
    declaration,
    raw: (responses) => processResponse(root, responses),
    score: (responses) => {
      const earned = processResponse(root, responses)
      const most = maxScore(root)
      // Weights with few decimals add up to a little less than the whole.
      return earned <= 0 || Math.abs(earned - most) < most * 1e-4 ? most : Number(earned.toFixed(6))
    },
  }
  try {
    return read(reading)
  } catch (error) {
    if (error instanceof RangeError) return error.message
    throw error
  }
}

function read(reading: Reading): Item | string {
  const { interactions, common } = reading
  const [interaction] = interactions
  if (!interaction) return { ...common, kind: 'note', points: 0 }
  if (interactions.some((one) => !reading.declaration(one))) return 'An interaction has no response declaration.'
  const names = new Set(interactions.map((one) => one.name))
  const isCloze =
    names.has('inlineChoiceInteraction') ||
    names.has('gapMatchInteraction') ||
    (interactions.length > 1 && names.has('textEntryInteraction'))
  if (isCloze) return clozeItem(reading)
  if (interactions.length > 1) return 'Items with several interactions of this sort are not held.'
  switch (interaction.name) {
    case 'choiceInteraction':
      return choiceItem(reading, interaction)
    case 'orderInteraction':
      return orderItem(reading, interaction)
    case 'textEntryInteraction':
      return interactions.length === 1 && isOurGap(interaction) ? clozeItem(reading) : typedItem(reading, interaction)
    case 'matchInteraction':
      return matchItem(reading, interaction)
    case 'extendedTextInteraction':
      return essayItem(reading)
    default:
      return `Items with ${interaction.name} are not held.`
  }
}

/** A cloze of one gap numbers its response, as those of several do. */
function isOurGap(interaction: ElementNode): boolean {
  return /^RESPONSE_\d+$/.test(interaction.attributes['responseIdentifier'] ?? '')
}

function commonOf(packed: PackedItem, body: ElementNode, interactions: readonly ElementNode[]): Common {
  const { root, filing, stimuli } = packed
  const timeLimit = packed.ref?.timeLimit ?? null
  const passage = children(body, 'div').find((one) => one.attributes['class'] === 'passage')
  const ids = new Set(
    interactions.flatMap((one) => children(one, 'simpleChoice').map((choice) => choice.attributes['identifier'])),
  )
  // Feedback to single options is theirs; whatever else is shown after answering is the item's.
  const shown = [...children(root, 'modalFeedback'), ...feedbackIn(body)].filter(
    (one) => one.attributes['outcomeIdentifier'] !== CHOSEN && !ids.has(one.attributes['identifier']),
  )
  const hints = hintsAmong(shown, root, body)
  const feedback = shown.filter((one) => !hints.includes(one))
  const hint = hints[0] ?? children(body, 'rubricBlock').find((one) => one.attributes['class'] === 'hint')
  const language = root.attributes['xml:lang']
  const shared = stimuli.flatMap((stimulus) => stimulus.children)
  const reading = passage ? passage.children : shared
  return {
    stem: stemOf(body, interactions, passage),
    points: 1,
    tags: filing.tags,
    ...(filing.outcome !== null && { outcome: filing.outcome }),
    ...(filing.level !== null && { level: filing.level }),
    ...(filing.difficulty !== null && { difficulty: filing.difficulty }),
    ...(timeLimit !== null && { timeLimit }),
    ...(reading.length > 0 && { passage: fromElements(reading) }),
    ...(feedback.length > 0 && { feedback: feedback.flatMap((one) => fromElements(one.children)) }),
    ...(hint && { hint: fromElements(hint.children) }),
    ...(language !== undefined && { language }),
  }
}

/** Feedback that stands in the body and is no option's (sections 5.3 and 10.2). */
function feedbackIn(node: ElementNode): ElementNode[] {
  return elementsOf(node).flatMap((one) => {
    if (FEEDBACK_IN_BODY.has(one.name)) return [one]
    return one.name.endsWith('Interaction') ? [] : feedbackIn(one)
  })
}

const FEEDBACK_IN_BODY = new Set(['feedbackInline', 'feedbackBlock'])

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

/** What stands round the interactions, with a prompt; a box inside a sentence leaves a gap. */
function stemOf(body: ElementNode, interactions: readonly ElementNode[], passage: ElementNode | undefined): Content {
  const prompts = interactions.flatMap((one) => children(one, 'prompt'))
  const apart = (node: MarkupNode): boolean =>
    node !== passage &&
    !(node.type === 'element' && (node.name === 'rubricBlock' || node.attributes['class'] === 'word-bank'))
  const nodes = body.children.filter(apart).map((node) => withoutInteractions(node, interactions))
  return fromElements([...nodes, ...prompts])
}

function withoutInteractions(node: MarkupNode, interactions: readonly ElementNode[]): MarkupNode {
  if (node.type === 'text') return node
  if (FEEDBACK_IN_BODY.has(node.name)) return textNode('')
  if (node.name === 'gap') return textNode('_____')
  if (interactions.includes(node))
    return node.name === 'gapMatchInteraction' ? gapMatchText(node, interactions) : textNode('')
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
    (one) => !(one.type === 'element' && (one.name === 'gapText' || one.name === 'gapImg' || one.name === 'prompt')),
  )
  return { ...node, name: 'div', attributes: {}, children: text.map((one) => withoutInteractions(one, interactions)) }
}

function optionsOf(root: ElementNode, interaction: ElementNode): Option[] {
  const notes = children(root, 'modalFeedback')
  return children(interaction, 'simpleChoice').map((choice) => {
    const id = choice.attributes['identifier'] ?? ''
    const inside = elementsOf(choice).find((one) => FEEDBACK_IN_BODY.has(one.name))
    const feedback = inside ?? notes.find((note) => note.attributes['identifier'] === id)
    return {
      id,
      content: fromElements(choice.children.filter((node) => node !== inside)),
      ...(feedback && { feedback: fromElements(feedback.children) }),
    }
  })
}

function choiceItem(reading: Reading, interaction: ElementNode): Item | string {
  const { root, common } = reading
  const declaration = reading.declaration(interaction)
  if (!declaration) return 'The interaction has no response declaration.'
  const options = optionsOf(root, interaction)
  if (options.length < 2) return 'The interaction offers fewer than two choices.'
  const name = declaration.attributes['identifier'] ?? ''
  const key = keyOf(
    declaration,
    options.map((option) => option.id),
  )
  if (interaction.attributes['class'] === 'scale') return scaleItem(common, options)
  const multiple = declaration.attributes['cardinality'] === 'multiple'
  const keyed = multiple ? key : key.slice(0, 1)
  const points = reading.score(new Map([[name, keyed]]))
  if (!multiple && isTruth(options))
    return { ...common, kind: 'truefalse', points, key: keyed.map((id) => truthIn(options, id)) }
  const shuffle = interaction.attributes['shuffle'] === 'true'
  const shares = sharesOf(reading, name, options, points)
  if (!multiple) {
    const weights = Object.fromEntries(Object.entries(shares).filter(([id, share]) => !keyed.includes(id) && share > 0))
    return {
      ...common,
      kind: 'single',
      points,
      options,
      key: keyed,
      shuffle,
      ...(Object.keys(weights).length && { weights }),
    }
  }
  const plain = { ...common, kind: 'multiple' as const, points, options, key, shuffle }
  if (!child(declaration, 'mapping')) return { ...plain, credit: 'all' }
  return isSharedOut(declaration, options, key, points)
    ? { ...plain, credit: 'each' }
    : { ...plain, credit: 'weights', weights: mappedWeights(declaration, options, points) }
}

/** The correct response; where a file has only a mapping, what it maps to more than nothing. */
function keyOf(declaration: ElementNode, ids: readonly string[]): string[] {
  const correct = child(declaration, 'correctResponse')
  const named = correct
    ? children(correct, 'value').map((one) => textOf(one).trim())
    : mapEntries(declaration).flatMap(([id, share]) => (share > 0 ? [id] : []))
  return ids.filter((id) => named.includes(id))
}

/** @internal */
export function mapEntries(declaration: ElementNode): (readonly [string, number])[] {
  const mapping = child(declaration, 'mapping')
  return mapping
    ? children(mapping, 'mapEntry').map(
        (entry) => [entry.attributes['mapKey'] ?? '', Number(entry.attributes['mappedValue'])] as const,
      )
    : []
}

/** What each option earns alone, as a share of the points, by the item's own rules. */
function sharesOf(reading: Reading, name: string, options: readonly Option[], points: number): Record<string, number> {
  return Object.fromEntries(
    options.map(({ id }) => [id, rounded(processResponse(reading.root, new Map([[name, [id]]])) / points)]),
  )
}

/** Each keyed option adds an equal share, each distractor takes one back. */
function isSharedOut(
  declaration: ElementNode,
  options: readonly Option[],
  key: readonly string[],
  points: number,
): boolean {
  const weights = mappedWeights(declaration, options, points)
  const share = 1 / key.length
  return options.every(({ id }) => Math.abs((weights[id] ?? 0) - (key.includes(id) ? share : -share)) < 1e-4)
}

function mappedWeights(declaration: ElementNode, options: readonly Option[], points: number): Record<string, number> {
  const entries = new Map(mapEntries(declaration))
  const fallback = Number(child(declaration, 'mapping')?.attributes['defaultValue'] ?? 0)
  return Object.fromEntries(
    options.map(({ id }) => [id, rounded(Math.min(1, Math.max(-1, (entries.get(id) ?? fallback) / points)))]),
  )
}

function rounded(share: number): number {
  return Number(share.toFixed(6))
}

function scaleItem(common: Common, options: readonly Option[]): Item {
  const steps = options.map((option) => /^(-?\d+)(?:\s*–\s*(.*))?$/su.exec(plainText(option.content)))
  const [first, last] = [steps[0], steps.at(-1)]
  return {
    ...common,
    kind: 'scale',
    points: 0,
    low: Number(first?.[1] ?? 1),
    high: Number(last?.[1] ?? options.length),
    ...(first?.[2] !== undefined && { lowLabel: first[2] }),
    ...(last?.[2] !== undefined && { highLabel: last[2] }),
  }
}

function orderItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const correct = declaration && child(declaration, 'correctResponse')
  const options = optionsOf(reading.root, interaction)
  const key = correct ? children(correct, 'value').map((one) => textOf(one).trim()) : []
  if (key.length && key.length !== options.length) return 'The right order leaves choices out.'
  const points = reading.score(new Map([[declaration?.attributes['identifier'] ?? '', key]]))
  return { ...reading.common, kind: 'order', points, options, key }
}

function essayItem({ root, body, common }: Reading): Item {
  const blocks = children(body, 'rubricBlock')
  const sample = blocks.find((one) => one.attributes['class'] === 'sample')
  const rubric = blocks.find((one) => one.attributes['class'] === 'rubric')
  const lines = rubric
    ? fromElements(rubric.children).flatMap((block) => (block.type === 'list' ? block.entries : []))
    : []
  return {
    ...common,
    kind: 'essay',
    points: maxScore(root),
    ...(sample && { sample: fromElements(sample.children) }),
    ...(lines.length > 0 && { rubric: lines.map((line) => rubricLine(plainText(line))) }),
  }
}
