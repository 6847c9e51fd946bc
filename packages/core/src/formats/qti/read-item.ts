import { leftOutOf } from '../../content/left-out.ts'
import { fromElements, textOf } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { plainText } from '../../content/plain.ts'
import type { Item } from '../../item/model.ts'
import { type FormatData, FormatError, type ReadResult, type Unread } from '../format.ts'
import type { PaperPlace } from '../paper-plan.ts'
import { PackedPictures } from '../package/read-pictures.ts'
import { child, children, descendants } from '../xml/xml.ts'
import { interactionsOf, maxScore } from './grade.ts'
import { openPackage, type PackedItem } from './read-package.ts'
import { processResponse } from './process.ts'
import { clozeItem } from './read/cloze.ts'
import { feedbackOf } from './read/feedback.ts'
import { associateItem, matchItem } from './read/match.ts'
import { partsOf } from './read/several.ts'
import { typedItem } from './read/typed.ts'
import type { Reading } from './read/reading.ts'
import { isForScorer, stemOf } from './read/body.ts'
import { choiceItem } from './read/choice.ts'
import { orderItem } from './read/order.ts'
import { essayItem } from './read/essay.ts'
import { sliderItem } from './read/slider.ts'
import { commonOf } from './read/common.ts'

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
      ...{ root, body, interactions, common, declaration, say, most },
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
    const held = items.filter((item) => typeof item !== 'string')
    for (const reason of leftOutOf([root, ...packed.stimuli])) say(reason)
    if (!held.some(({ kind }) => kind === 'essay')) sayWhatIsForScorers(body, say)
    if (parts.length > 1) say(`It asks ${parts.length} things; each became an item of its own.`)
    for (const content of feedback.left)
      say(`Feedback that is shown to some answers only is left out: “${plainText(content)}”.`)
    return held
  } catch (error) {
    if (error instanceof RangeError) return error.message
    throw error
  }
}

function sayWhatIsForScorers(body: ElementNode, say: (reason: string) => void): void {
  for (const block of descendants(body, 'rubricBlock').filter(isForScorer))
    if (block.attributes['class'] !== 'hint')
      say(`What is for the scorer only is left out: “${plainText(fromElements(block.children))}”.`)
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

/** A cloze of one gap numbers its response, as those of several do. */
function isOurGap(interaction: ElementNode): boolean {
  return /^RESPONSE_\d+$/.test(interaction.attributes['responseIdentifier'] ?? '')
}

function isAlone({ root }: Reading): boolean {
  return interactionsOf(root).length === 1
}
