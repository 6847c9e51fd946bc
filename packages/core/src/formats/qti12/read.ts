import { textOf } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { markupFromHtml } from '../../content/html.ts'
import { leftOutOf } from '../../content/left-out.ts'
import type { Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import type { Item } from '../../item/model.ts'
import { FormatError, type FormatData, type ReadResult, type Unread } from '../format.ts'
import { PackedPictures } from '../package/read-pictures.ts'
import { child, children, descendants } from '../xml/xml.ts'
import { TYPE_FIELD } from './names.ts'
import { mostOf } from './process.ts'
import { choiceItem, scaleItem } from './read/choice.ts'
import { conditionsOf, keyTestsOf } from './read/conditions.ts'
import { readDocuments } from './read/documents.ts'
import { feedbackOf, type ItemFeedback } from './read/feedback.ts'
import { fieldsOf, secondsOf, type Fields } from './read/fields.ts'
import { itemOf, type Common, type Reading } from './read/item.ts'
import { groupedItem } from './read/grouped.ts'
import { boxesOf, contentIn, contentOf, isPassage, materialsOf, promptsOf, responsesOf } from './read/material.ts'
import { partsItem } from './read/parts.ts'
import { passagesOf, planOf } from './read/plan.ts'
import { questionsOf } from './read/several.ts'
import { typedItem } from './read/typed.ts'

/** Reads the `questestinterop` documents of a package into items; what no kind of ours holds is listed as unread. */
export function readQti12(data: FormatData): ReadResult {
  if (data.form !== 'package') throw new FormatError('A QTI 1.2 file is a package, not text.')
  const items: Item[] = []
  const left: Unread[] = []
  const sections: (ElementNode | null)[] = []
  const pictures = new PackedPictures(data.files)
  const { roots, unread } = readDocuments(data.files, (node, around, path, holdsMore) => {
    const where = node.attributes['title'] ?? node.attributes['ident'] ?? 'item'
    const say = (reason: string): void => void left.push({ where, reason, source: '', item: items.length })
    const read = toItems(node, passagesOf(around), say)
    if (typeof read === 'string') {
      left.push({ where: node.attributes['ident'] ?? 'item', reason: read, source: textOf(node).trim() })
      return
    }
    if (holdsMore) for (const reason of leftOutIn(node)) say(reason)
    for (const item of read) {
      items.push(pictures.take(item, path))
      sections.push(around.findLast((one) => one.name === 'section') ?? null)
    }
  })
  if (!roots.length && !unread.length) throw new FormatError('There is no questestinterop document in this package.')
  const assessment = roots.flatMap((root) => children(root, 'assessment'))[0]
  const assets = pictures.assets()
  const named = assessment ?? roots.flatMap((root) => children(root, 'section'))[0]
  return {
    title: named?.attributes['title'] ?? null,
    items,
    unread: [...unread, ...left],
    ...(assets && { assets }),
    ...(assessment && { plan: planOf(assessment, sections) }),
  }
}

/** The items that an item asks, mostly one; or why none of our kinds holds it. */
function toItems(node: ElementNode, shared: Content, say: (reason: string) => void): Item[] | string {
  const presentation = child(node, 'presentation')
  if (!presentation) return 'The item has no presentation.'
  const responses = responsesOf(presentation)
  const fields = fieldsOf(node)
  const conditions = conditionsOf(node)
  const feedback = feedbackOf(node, conditions, responses)
  const most = mostOf(node)
  const reading: Reading = {
    node,
    presentation,
    responses,
    conditions,
    tests: keyTestsOf(conditions),
    fields,
    feedback,
    kind: kindOf(fields),
    common: commonOf(node, presentation, responses, fields, feedback, shared),
    points: pointsOf(fields, most),
    most,
    say,
  }
  try {
    const parts = questionsOf(reading)
    const items: Item[] = []
    for (const part of parts ?? [reading]) {
      const item = read(part)
      if (typeof item === 'string') return item
      items.push(item)
    }
    if (parts) say(`It asks ${parts.length} things; each became an item of its own.`)
    for (const content of feedback.left)
      say(`Feedback that is shown to some answers only is left out: “${plainText(content)}”.`)
    return items
  } catch (error) {
    if (error instanceof RangeError) return error.message
    throw error
  }
}

/** What an item holds besides text and pictures, in elements of its own or in HTML. */
function leftOutIn(node: ElementNode): string[] {
  return leftOutOf([node, ...descendants(node, 'mattext').flatMap((one) => markupFromHtml(textOf(one)))])
}

const KINDS = /^(?:single|multiple|truefalse|short|numeric|cloze|match|order|grid|scale|essay|note)$/

/** The kind that our own files name; what others call their items says nothing certain. */
function kindOf(fields: Fields): string | undefined {
  const said = fields.get(TYPE_FIELD)?.toLowerCase() ?? ''
  return KINDS.test(said) ? said : undefined
}

const WEIGHTS = ['cc_weighting', 'qmd_weighting', 'points_possible', 'qmd_maximumscore']

/** A weight that the metadata gives, or 1 where SCORE is a percentage (the QTI profile of Common Cartridge 1.1); else the score. */
function pointsOf(fields: Fields, most: number): number {
  for (const name of WEIGHTS) {
    const weight = Number(fields.get(name))
    if (weight > 0) return weight
  }
  return fields.has('cc_profile') && most === 100 ? 1 : most
}

function commonOf(
  node: ElementNode,
  presentation: ElementNode,
  responses: readonly ElementNode[],
  fields: Fields,
  feedback: ItemFeedback,
  shared: Content,
): Common {
  const passage: Content[number][] = [...shared]
  const stem: Content[number][] = []
  for (const rubric of children(node, 'itemrubric'))
    if (/^candidate$/i.test(rubric.attributes['view'] ?? '')) stem.push(...contentIn(rubric))
  let hasPassage = false
  for (const material of materialsOf(presentation)) {
    if (hasPassage || !isPassage(material)) stem.push(...contentOf(material))
    else {
      hasPassage = true
      passage.push(...contentOf(material))
    }
  }
  const [only, ...others] = responses
  // Several responses say what each of them asks for.
  if (only && !others.length) for (const prompt of promptsOf(only)) stem.push(...contentOf(prompt))
  const common: Writable<Common> = { stem, points: 1, tags: tagsOf(fields) }
  const seconds = secondsOf(child(node, 'duration'))
  const difficulty = fields.get('qmd_levelofdifficulty')
  const outcome = fields.get('outcome')
  const level = fields.get('level')
  const language = node.attributes['xml:lang'] ?? node.attributes['lang']
  if (difficulty !== undefined) common.difficulty = difficulty
  if (outcome !== undefined) common.outcome = outcome
  if (level !== undefined) common.level = level
  if (seconds > 0) common.timeLimit = seconds
  if (passage.length) common.passage = passage
  if (feedback.general) common.feedback = feedback.general
  if (feedback.hint) common.hint = feedback.hint
  if (language !== undefined) common.language = language
  return common
}

function tagsOf(fields: Fields): string[] {
  const said = [fields.get('keywords') ?? fields.get('qmd_keywords'), fields.get('qmd_topic')].filter(Boolean)
  return said.length
    ? [
        ...new Set(
          said
            .join(',')
            .split(/\s*,\s*/)
            .filter(Boolean),
        ),
      ]
    : []
}

type Writable<T> = { -readonly [name in keyof T]: T[name] }

function read(reading: Reading): Item | string {
  const { responses, kind, common } = reading
  const [first] = responses
  if (!first) return isWorthSomething(reading) ? handedIn(reading) : itemOf(common, { kind: 'note', points: 0 })
  if (kind === 'scale') return scaleItem(reading, first)
  if (responses.length > 1 || kind === 'cloze' || kind === 'match' || kind === 'grid' || boxesOf(first).length)
    return partsItem(reading)
  switch (first.name) {
    case 'response_lid':
      if (!descendants(first, 'render_choice').length && first.attributes['rcardinality'] !== 'Ordered')
        return `Choices drawn in another way are not held.`
      return choiceItem(reading, first)
    case 'response_grp':
      return groupedItem(reading, first)
    case 'response_num':
    case 'response_str':
      return typedItem(reading, first)
    default:
      return `Items with ${first.name} are not held.`
  }
}

/** An item with points and nothing to answer in takes what is handed in elsewhere. */
function handedIn({ common, points, say }: Reading): Item {
  say('It is worth points and has no place to answer in, so it became an essay.')
  return itemOf(common, { kind: 'essay', points })
}

function isWorthSomething({ fields, kind }: Reading): boolean {
  return kind === undefined && WEIGHTS.some((name) => Number(fields.get(name)) > 0)
}
