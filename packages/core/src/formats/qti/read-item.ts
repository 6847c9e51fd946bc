import { leftOutOf } from '../../content/left-out.ts'
import { fromElements, textNode, textOf, type ElementNode, type MarkupNode } from '../../content/elements.ts'
import type { Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import type { Item, Option } from '../../item/model.ts'
import type { FormatData, ReadResult, Unread } from '../format.ts'
import { FormatError } from '../format.ts'
import type { PaperPlace } from '../paper-plan.ts'
import { PackedPictures } from '../package/read-pictures.ts'
import { ratingOf } from '../package/ratings.ts'
import { rubricLine } from '../package/rubric.ts'
import { isTruth, truthIn } from '../package/truth.ts'
import { child, children, descendants, elementsOf } from '../xml/xml.ts'
import { interactionsOf, maxScore } from './grade.ts'
import { GENERAL } from './names.ts'
import { openPackage, type PackedItem } from './read-package.ts'
import { processResponse, type QtiValue } from './process.ts'
import { clozeItem } from './read/cloze.ts'
import { FEEDBACK_IN_BODY, feedbackOf, type ShownFeedback } from './read/feedback.ts'
import { associateItem, matchItem } from './read/match.ts'
import { partsOf } from './read/several.ts'
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
  /** Takes what the item says and has no place here. */
  readonly say: (reason: string) => void
  /** Most that it can earn. */
  readonly most: number
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
  const pictures = new PackedPictures(data.files)
  for (const packed of opened.items) {
    const remarks: string[] = []
    const read = toItems(packed, (reason) => remarks.push(reason))
    if (typeof read === 'string') {
      unread.push({ where: packed.path, reason: read, source: textOf(packed.root).trim() })
      continue
    }
    unread.push(...remarks.map((reason) => ({ where: packed.path, reason, source: '', item: items.length })))
    for (const item of read) {
      const placed = pictures.take(item, packed.path)
      items.push(packed.ref ? { ...placed, points: placed.points * packed.ref.weight } : placed)
      places.push({ section: packed.ref?.section ?? null, required: packed.ref?.required ?? false })
    }
  }
  const assets = pictures.assets()
  return {
    title: opened.title,
    items,
    unread,
    ...(assets && { assets }),
    ...(opened.plan && { plan: { ...opened.plan, places } }),
  }
}

/** The items that an item file asks, mostly one; or why no kind of ours holds it. */
function toItems(packed: PackedItem, say: (reason: string) => void): Item[] | string {
  const { root } = packed
  const body = child(root, 'itemBody')
  if (!body) return 'The item has no body.'
  if (child(root, 'templateDeclaration')) return 'The item draws its values anew for each student, which is not held.'
  const interactions = interactionsOf(body)
  const feedback = feedbackOf(root, body, interactions)
  const common = commonOf(packed, body, interactions, feedback)
  const declaration = (interaction: ElementNode): ElementNode | undefined =>
    children(root, 'responseDeclaration').find(
      (one) => one.attributes['identifier'] === interaction.attributes['responseIdentifier'],
    )
  try {
    const most = maxScore(root)
    const reading: Reading = {
      root,
      body,
      interactions,
      common,
      declaration,
      say,
      most,
      raw: (responses) => processResponse(root, responses),
      score: (responses) => {
        const earned = processResponse(root, responses)
        // Weights with few decimals add up to a little less than the whole.
        return earned <= 0 || Math.abs(earned - most) < most * 1e-4 ? most : Number(earned.toFixed(6))
      },
    }
    const isApart = (node: ElementNode): boolean => isForScorer(node) || node.attributes['class'] === 'passage'
    const parts = partsOf(reading, isApart, (part, asked) => stemOf(part, asked, undefined)) ?? [reading]
    const items = parts.map(read)
    const failed = items.find((item) => typeof item === 'string')
    if (typeof failed === 'string') return failed
    for (const reason of leftOutOf([root, ...packed.stimuli])) say(reason)
    if (!items.some((item) => typeof item !== 'string' && item.kind === 'essay'))
      for (const block of descendants(body, 'rubricBlock').filter(isForScorer))
        if (block.attributes['class'] !== 'hint')
          say(`What is for the scorer only is left out: “${plainText(fromElements(block.children))}”.`)
    if (parts.length > 1) say(`It asks ${parts.length} things; each became an item of its own.`)
    for (const content of feedback.left)
      say(`Feedback that is shown to some answers only is left out: “${plainText(content)}”.`)
    return items.filter((item) => typeof item !== 'string')
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
      return isOurGap(interaction) && isAlone(reading) ? clozeItem(reading) : typedItem(reading, interaction)
    case 'sliderInteraction':
      return sliderItem(reading, interaction)
    case 'hottextInteraction':
      reading.say('The words to pick in the text became options.')
      return choiceItem(reading, interaction)
    case 'matchInteraction':
      return matchItem(reading, interaction)
    case 'extendedTextInteraction':
      return essayItem(reading)
    case 'uploadInteraction':
    case 'drawingInteraction':
      reading.say('What is to be handed in as a file became an essay.')
      return essayItem(reading)
    case 'associateInteraction':
      return associateItem(reading, interaction)
    default:
      return `Items with ${interaction.name} are not held.`
  }
}

/** A slider without a right place rates something; with one it asks for a number. */
function sliderItem(reading: Reading, interaction: ElementNode): Item | string {
  const { common, declaration, say } = reading
  if (child(declaration(interaction) ?? interaction, 'correctResponse')) {
    say('A slider became a number to type.')
    return typedItem(reading, interaction)
  }
  const [low, high] = ['lowerBound', 'upperBound'].map((name) => Number(interaction.attributes[name] ?? Number.NaN))
  if (!Number.isInteger(low) || !Number.isInteger(high))
    return 'The slider does not say between which whole numbers it goes.'
  return { ...common, kind: 'scale', points: 0, low: low as number, high: high as number }
}

/** A cloze of one gap numbers its response, as those of several do. */
function isOurGap(interaction: ElementNode): boolean {
  return /^RESPONSE_\d+$/.test(interaction.attributes['responseIdentifier'] ?? '')
}

function isAlone({ root }: Reading): boolean {
  return interactionsOf(root).length === 1
}

function commonOf(
  packed: PackedItem,
  body: ElementNode,
  interactions: readonly ElementNode[],
  feedback: ShownFeedback,
): Common {
  const { root, filing, stimuli } = packed
  const timeLimit = packed.ref?.timeLimit ?? null
  const passage = children(body, 'div').find((one) => one.attributes['class'] === 'passage')
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
    ...(feedback.general && { feedback: feedback.general }),
    ...(feedback.hint && { hint: feedback.hint }),
    ...(language !== undefined && { language }),
  }
}

/** What stands round the interactions, with a prompt; a box inside a sentence leaves a gap. */
function stemOf(body: ElementNode, interactions: readonly ElementNode[], passage: ElementNode | undefined): Content {
  // What holds its text inside has its prompt there, too.
  const prompts = interactions.filter((one) => !TEXT_INSIDE.has(one.name)).flatMap((one) => children(one, 'prompt'))
  const apart = (node: MarkupNode): boolean =>
    node !== passage && !(node.type === 'element' && (isForScorer(node) || node.attributes['class'] === 'word-bank'))
  const nodes = body.children.filter(apart).map((node) => withoutInteractions(node, interactions))
  return fromElements([...nodes, ...prompts])
}

/** A rubric that is not for the candidate (section 5.3, rubricBlock), or is the hint that we keep as one. */
function isForScorer(node: ElementNode): boolean {
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

function optionsOf(root: ElementNode, interaction: ElementNode): Option[] {
  const notes = children(root, 'modalFeedback')
  const choices =
    interaction.name === 'hottextInteraction'
      ? descendants(interaction, 'hottext')
      : children(interaction, 'simpleChoice')
  return choices.map((choice) => {
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
  if (interaction.attributes['class'] === 'scale') return scaleItem(common, options)
  const multiple = declaration.attributes['cardinality'] === 'multiple'
  const ids = options.map((option) => option.id)
  const declared = keyOf(declaration, ids)
  const key = declared.length ? declared : earningKey(reading, name, ids, multiple)
  const keyed = multiple ? key : key.slice(0, 1)
  const rating = multiple || keyed.length ? null : ratingOf(options.map((option) => plainText(option.content)))
  if (rating) return { ...common, kind: 'scale', points: 0, ...rating }
  const points = reading.score(new Map([[name, keyed]]))
  if (!multiple && isTruth(options))
    return { ...common, kind: 'truefalse', points, key: keyed.map((id) => truthIn(options, id)) }
  const shuffle = interaction.attributes['shuffle'] === 'true'
  const shares = sharesOf(reading, name, options, points)
  const [first] = keyed
  if (!multiple && first !== undefined && shares[first] === 0 && Object.values(shares).some((share) => share > 0))
    reading.say('The declared key earns nothing by the rules of the item, and another choice does. Check the key.')
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

/** More choices than this are not tried together. */
const MOST_TRIED = 8

/** Where no right response is declared, what earns the most by the item's own rules; nothing: no key. */
function earningKey(reading: Reading, name: string, ids: readonly string[], multiple: boolean): string[] {
  const tried = multiple && ids.length <= MOST_TRIED ? subsets(ids) : ids.map((id) => [id])
  let best: string[] = []
  let most = 0
  for (const chosen of tried) {
    const earned = reading.raw(new Map([[name, chosen]]))
    if (earned > most) [best, most] = [chosen, earned]
  }
  return best
}

/** Smaller ones first. */
function subsets(ids: readonly string[]): string[][] {
  const all = Array.from({ length: 2 ** ids.length }, (_none, bits) => ids.filter((_id, at) => bits & (1 << at)))
  return all.sort((a, b) => a.length - b.length)
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
  return Object.fromEntries(options.map(({ id }) => [id, rounded(reading.raw(new Map([[name, [id]]])) / points)]))
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

/**
 * What the scorer is told, line by line, is a rubric where a line has points, and else what could have been written; so
 * is what others show as feedback to an essay, which nothing grades.
 */
function essayItem({ root, body, common, most }: Reading): Item {
  const blocks = descendants(body, 'rubricBlock').filter(
    (one) => isForScorer(one) && one.attributes['class'] !== 'hint',
  )
  const contents = blocks.map((one) => fromElements(one.children))
  const lines = contents.map((content) =>
    content
      .flatMap((block) => (block.type === 'list' ? block.entries : [[block]]))
      .map((line) => rubricLine(plainText(line))),
  )
  const isSample = blocks.map(
    (one, at) => saysSample(one) || (!saysRubric(one) && (lines[at] ?? []).every((line) => line.points === 0)),
  )
  const rubric = lines.flatMap((own, at) => (isSample[at] ? [] : own))
  const { feedback, ...rest } = common
  const written = contents.filter((_content, at) => isSample[at]).flat()
  const isOurs = children(root, 'modalFeedback').some((one) => one.attributes['identifier'] === GENERAL)
  const keeps = isOurs || written.length > 0
  const sample = keeps ? written : (feedback ?? [])
  return {
    ...rest,
    kind: 'essay',
    points: most,
    ...(keeps && feedback && { feedback }),
    ...(sample.length > 0 && { sample }),
    ...(rubric.length > 0 && { rubric }),
  }
}

/** Our own class, or the `use` that QTI 3.0 gives a rubric block (its values from memory). */
function saysSample(block: ElementNode): boolean {
  return block.attributes['class'] === 'sample' || /^model-?answer$/i.test(block.attributes['use'] ?? '')
}

function saysRubric(block: ElementNode): boolean {
  return block.attributes['class'] === 'rubric' || /^scoring$/i.test(block.attributes['use'] ?? '')
}
