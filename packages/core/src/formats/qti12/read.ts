import { contentOfLines, textOf, type ElementNode } from '../../content/elements.ts'
import { contentFromHtml } from '../../content/html.ts'
import { countGaps, paragraph, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import {
  DEFAULT_TEXT_RULES,
  type ClozeGap,
  type Item,
  type NumericKey,
  type Option,
  type TextRules,
} from '../../item/model.ts'
import { FormatError, type FormatData, type PackageFile, type ReadResult, type Unread } from '../format.ts'
import type { PaperPlan } from '../paper-plan.ts'
import { rubricLine } from '../package/rubric.ts'
import { isTruth, truthIn } from '../package/truth.ts'
import { child, children, descendants, elementsOf, parseXml } from '../xml/xml.ts'
import { ATTEMPTS_FIELD, TYPE_FIELD } from './names.ts'
import { mostOf, processItem } from './process.ts'

const decoder = new TextDecoder('utf-8')

/** Reads the `questestinterop` documents of a package into items; what no kind of ours holds is listed as unread. */
export function readQti12(data: FormatData): ReadResult {
  if (data.form !== 'package') throw new FormatError('A QTI 1.2 file is a package, not text.')
  const items: Item[] = []
  const left: Unread[] = []
  const sections: (ElementNode | null)[] = []
  const { roots, unread } = readDocuments(data.files, (node, around) => {
    const section = around.findLast((one) => one.name === 'section') ?? null
    const item = toItem(node, passagesOf(around))
    if (typeof item === 'string') {
      left.push({ where: node.attributes['ident'] ?? 'item', reason: item, source: textOf(node).trim() })
      return
    }
    items.push(item)
    sections.push(section)
  })
  if (!roots.length && !unread.length) throw new FormatError('There is no questestinterop document in this package.')
  const assessment = roots.flatMap((root) => children(root, 'assessment'))[0]
  const named = assessment ?? roots.flatMap((root) => children(root, 'section'))[0]
  const title = named?.attributes['title'] ?? null
  return {
    title,
    items,
    unread: [...unread, ...left],
    ...(assessment && { plan: planOf(assessment, sections) }),
  }
}

/** What an assessment says of the whole, and the sections that its items stand in. */
function planOf(assessment: ElementNode, sections: readonly (ElementNode | null)[]): PaperPlan {
  const title = assessment.attributes['title']
  // A section that is named like the assessment stands for the whole.
  const own = [...new Set(sections)].filter((one) => one !== null).filter((one) => one.attributes['title'] !== title)
  const seconds = secondsOf(child(assessment, 'duration'))
  const attempts = Number(fieldsOf(assessment).get(ATTEMPTS_FIELD))
  return {
    instructions: instructionsOf(assessment),
    identity: [],
    timeLimit: seconds > 0 ? seconds : null,
    attempts: attempts > 0 ? attempts : null,
    shuffleItems: descendants(assessment, 'order').some((one) => one.attributes['order_type'] === 'Random'),
    feedbackWhen: child(assessment, 'assessmentcontrol')?.attributes['feedbackswitch'] === 'No' ? 'never' : 'after',
    sections: own.map((one) => ({ title: one.attributes['title'] ?? '', instructions: instructionsOf(one) })),
    places: sections.map((one) => {
      const index = one ? own.indexOf(one) : -1
      return { section: index < 0 ? null : index, required: true }
    }),
  }
}

function instructionsOf(node: ElementNode): string {
  const rubrics = children(node, 'rubric').filter((one) => /^(?:all|candidate)$/i.test(one.attributes['view'] ?? 'All'))
  return rubrics.map((one) => plainText(contentIn(one))).join('\n')
}

/** What the sections around an item show to all their items (section 3.4: presentation_material). */
function passagesOf(around: readonly ElementNode[]): Content {
  return around.flatMap((one) => children(one, 'presentation_material').flatMap(contentIn))
}

interface Documents {
  /** Without their items. */
  readonly roots: readonly ElementNode[]
  readonly unread: readonly Unread[]
}

/**
 * @internal Hands over every item of the documents as it is parsed, through assessments and sections; an item has no
 * items inside. A document that breaks off hands over those before the fault; what is after them is unread.
 */
export function readDocuments(
  files: readonly PackageFile[],
  take: (item: ElementNode, around: readonly ElementNode[]) => void,
): Documents {
  const roots: ElementNode[] = []
  const unread: Unread[] = []
  for (const file of files) {
    if (!file.path.endsWith('.xml') || file.path.endsWith('imsmanifest.xml')) continue
    const source = decoder.decode(file.bytes)
    if (!/<(?:[\w.-]+:)?questestinterop[\s>]/.test(source)) continue
    let taken = 0
    try {
      const root = parseXml(source, {
        name: 'item',
        take: (item, end, around) => {
          take(item, around)
          taken = end
        },
      })
      if (root.name === 'questestinterop') roots.push(root)
    } catch (error) {
      if (!(error instanceof FormatError)) throw error
      unread.push({ where: file.path, reason: error.message, source: source.slice(taken) })
    }
  }
  return { roots, unread }
}

type Common = Omit<Extract<Item, { kind: 'note' }>, 'kind'>

function toItem(node: ElementNode, shared: Content): Item | string {
  const presentation = child(node, 'presentation')
  if (!presentation) return 'The item has no presentation.'
  const responses = responsesOf(presentation)
  const fields = fieldsOf(node)
  const common = commonOf(node, presentation, fields, shared)
  try {
    return read(node, responses, fields, common)
  } catch (error) {
    if (error instanceof RangeError) return error.message
    throw error
  }
}

/** @internal Every response element of an item, in reading order. */
export function responsesOf(node: ElementNode): ElementNode[] {
  const found: ElementNode[] = []
  const visit = (one: ElementNode): void => {
    if (one.name.startsWith('response_') && one.name !== 'response_label') found.push(one)
    else for (const inner of elementsOf(one)) visit(inner)
  }
  for (const inner of elementsOf(node)) visit(inner)
  return found
}

type Fields = ReadonlyMap<string, string>

function fieldsOf(node: ElementNode): Fields {
  // Metadata stands beside the presentation and the processing, the two large parts of an item.
  const fields = new Map<string, string>()
  for (const place of elementsOf(node)) {
    if (!place.name.endsWith('metadata')) continue
    for (const field of descendants(place, 'qtimetadatafield')) {
      const said = (name: string): string => textOf(child(field, name) ?? field).trim()
      fields.set(said('fieldlabel').toLowerCase(), said('fieldentry'))
    }
  }
  return fields
}

function commonOf(node: ElementNode, presentation: ElementNode, fields: Fields, shared: Content): Common {
  const materials = materialsOf(presentation)
  const passage = materials.find((one) => one.attributes['label'] === 'passage')
  const ownPassage = [...shared, ...(passage ? contentOf(passage) : [])]
  const feedback = (ident: string): ElementNode | undefined =>
    children(node, 'itemfeedback').find((one) => one.attributes['ident'] === ident)
  const general = feedback('general')
  const hint = children(node, 'itemfeedback').find((one) => child(one, 'hint'))
  const seconds = secondsOf(child(node, 'duration'))
  const tags =
    fields
      .get('keywords')
      ?.split(/\s*,\s*/)
      .filter(Boolean) ?? []
  const language = node.attributes['xml:lang']
  const optional = (name: string, field: string): object => (fields.has(field) ? { [name]: fields.get(field) } : {})
  return {
    stem: materials.filter((one) => one !== passage).flatMap(contentOf),
    points: 1,
    tags,
    ...optional('difficulty', 'qmd_levelofdifficulty'),
    ...optional('outcome', 'outcome'),
    ...optional('level', 'level'),
    ...(seconds > 0 && { timeLimit: seconds }),
    ...(ownPassage.length > 0 && { passage: ownPassage }),
    ...(general && { feedback: contentIn(general) }),
    ...(hint && { hint: contentIn(hint) }),
    ...(language !== undefined && { language }),
  }
}

/** The material of the question itself, not of its responses. */
function materialsOf(node: ElementNode): ElementNode[] {
  const found: ElementNode[] = []
  const visit = (one: ElementNode): void => {
    if (one.name === 'material') found.push(one)
    else if (!one.name.startsWith('response_')) for (const inner of elementsOf(one)) visit(inner)
  }
  for (const inner of elementsOf(node)) visit(inner)
  return found
}

/** The content of every material below `node`. */
function contentIn(node: ElementNode): Content {
  return descendants(node, 'material').flatMap(contentOf)
}

/** ISO 8601 durations of hours, minutes and seconds. */
function secondsOf(node: ElementNode | undefined): number {
  const found = /^PT(?:(\d+)H)?(?:(\d+)M)?(?:(\d+(?:\.\d+)?)S)?$/.exec(node ? textOf(node).trim() : '')
  return found ? Number(found[1] ?? 0) * 3600 + Number(found[2] ?? 0) * 60 + Number(found[3] ?? 0) : 0
}

function contentOf(material: ElementNode): Content {
  return elementsOf(material).flatMap((one): Content => {
    if (one.name === 'matimage')
      return [paragraph([{ type: 'picture', asset: one.attributes['uri'] ?? '', alt: textOf(one).trim() }])]
    const text = textOf(one)
    if (one.attributes['texttype'] === 'text/html') return contentFromHtml(text)
    return contentOfLines(text)
  })
}

function read(node: ElementNode, responses: readonly ElementNode[], fields: Fields, common: Common): Item | string {
  const kind = fields.get(TYPE_FIELD)?.toLowerCase()
  const [first] = responses
  if (!first) return { ...common, kind: 'note', points: 0 }
  if (kind === 'scale') return scaleItem(first, fields, common)
  if (responses.length > 1 || kind === 'cloze' || kind === 'match' || kind === 'grid')
    return partsItem(node, responses, kind, fields, common)
  switch (first.name) {
    case 'response_lid':
      return choiceItem(node, first, fields, common)
    case 'response_num':
      return numericItem(node, first, fields, common)
    case 'response_str':
      return typedItem(node, first, kind, common)
    default:
      return `Items with ${first.name} are not held.`
  }
}

function labelsOf(response: ElementNode): ElementNode[] {
  return descendants(response, 'response_label')
}

function choiceItem(node: ElementNode, response: ElementNode, fields: Fields, common: Common): Item | string {
  const name = response.attributes['ident'] ?? ''
  const shown = shownFeedback(node, name)
  const options: Option[] = labelsOf(response).map((label) => {
    const id = label.attributes['ident'] ?? ''
    const linked = shown.get(id)
    return { id, content: contentIn(label), ...(linked && { feedback: linked }) }
  })
  if (options.length < 2) return 'The item offers fewer than two choices.'
  const points = mostOf(node)
  const earn = (chosen: readonly string[]): number => processItem(node, new Map([[name, chosen]])) / points
  const cardinality = response.attributes['rcardinality'] ?? 'Single'
  if (cardinality === 'Ordered') return { ...common, kind: 'order', points, options, key: orderKey(node, name) }
  const alone = options.map(({ id }) => [id, Number(earn([id]).toFixed(6))] as const)
  const renders = descendants(response, 'render_choice')[0]
  const shuffle = renders?.attributes['shuffle'] === 'Yes'
  if (cardinality === 'Single') {
    const best = Math.max(...alone.map(([, share]) => share))
    const key = best > 0 ? alone.flatMap(([id, share]) => (share === best ? [id] : [])).slice(0, 1) : []
    if (isTruth(options)) return { ...common, kind: 'truefalse', points, key: key.map((id) => truthIn(options, id)) }
    const weights = Object.fromEntries(alone.filter(([id, share]) => share > 0 && !key.includes(id)))
    return {
      ...common,
      kind: 'single',
      points,
      options,
      key,
      shuffle,
      ...(Object.keys(weights).length > 0 && { weights }),
    }
  }
  return multipleItem(node, name, { ...common, kind: 'multiple', points, options, shuffle }, fields.get('credit'))
}

/** Every condition of the response processing. */
function conditionsOf(node: ElementNode): ElementNode[] {
  const processing = child(node, 'resprocessing')
  return processing ? children(processing, 'respcondition') : []
}

/** The `varequal` tests of the response processing, by the response that they look at. */
function equalTests(node: ElementNode): ReadonlyMap<string, readonly ElementNode[]> {
  const tests = new Map<string, ElementNode[]>()
  for (const condition of conditionsOf(node))
    for (const test of descendants(condition, 'varequal')) {
      const name = test.attributes['respident'] ?? ''
      const known = tests.get(name)
      if (known) known.push(test)
      else tests.set(name, [test])
    }
  return tests
}

function multipleItem(
  node: ElementNode,
  name: string,
  plain: Omit<Extract<Item, { kind: 'multiple' }>, 'key' | 'credit'>,
  credit: string | undefined,
): Item {
  const changes = changesOf(node, name, plain.points)
  const ids = plain.options.map((option) => option.id)
  if (changes.size === 0 || credit === 'all') return { ...plain, key: exactKey(node, name, ids), credit: 'all' }
  const weights = Object.fromEntries(ids.map((id) => [id, Number((changes.get(id) ?? 0).toFixed(6))]))
  const key = ids.filter((id) => (weights[id] ?? 0) > 0)
  const isEach = ids.every((id) => Math.abs((weights[id] ?? 0) - (key.includes(id) ? 1 : -1) / key.length) < 1e-4)
  return isEach ? { ...plain, key, credit: 'each' } : { ...plain, key, credit: 'weights', weights }
}

/** What choosing each label adds, as a share of the points. */
function changesOf(node: ElementNode, name: string, points: number): Map<string, number> {
  const found = new Map<string, number>()
  for (const condition of conditionsOf(node)) {
    const tests = elementsOf(child(condition, 'conditionvar') ?? condition)
    const [only] = tests
    const set = child(condition, 'setvar')
    if (tests.length !== 1 || only?.name !== 'varequal' || only.attributes['respident'] !== name || !set) continue
    const sign = set.attributes['action'] === 'Subtract' ? -1 : set.attributes['action'] === 'Add' ? 1 : 0
    if (sign) found.set(textOf(only).trim(), (sign * Number(textOf(set).trim())) / points)
  }
  return found
}

/** Labels that the one condition for full points asks for, and that it does not rule out. */
function exactKey(node: ElementNode, name: string, ids: readonly string[]): string[] {
  const wanted = new Set<string>()
  const visit = (test: ElementNode, ruled: boolean): void => {
    if (test.name === 'varequal' && test.attributes['respident'] === name && !ruled) wanted.add(textOf(test).trim())
    for (const inner of elementsOf(test)) visit(inner, ruled !== (test.name === 'not'))
  }
  for (const condition of conditionsOf(node))
    if (child(condition, 'setvar') && Number(textOf(child(condition, 'setvar') ?? condition).trim()) > 0)
      visit(child(condition, 'conditionvar') ?? condition, false)
  return ids.filter((id) => wanted.has(id))
}

function orderKey(node: ElementNode, name: string): string[] {
  return (equalTests(node).get(name) ?? [])
    .filter((test) => test.attributes['index'] !== undefined)
    .sort((a, b) => Number(a.attributes['index']) - Number(b.attributes['index']))
    .map((test) => textOf(test).trim())
}

/** Feedback that a condition shows for one label alone, by the label. */
function shownFeedback(node: ElementNode, name: string): ReadonlyMap<string, Content> {
  const feedbacks = new Map(children(node, 'itemfeedback').map((one) => [one.attributes['ident'], one]))
  const shown = new Map<string, Content>()
  if (!feedbacks.size) return shown
  for (const condition of conditionsOf(node)) {
    const feedback = feedbacks.get(child(condition, 'displayfeedback')?.attributes['linkrefid'])
    if (!feedback) continue
    const [only, ...others] = elementsOf(child(condition, 'conditionvar') ?? condition)
    if (others.length || only?.name !== 'varequal' || only.attributes['respident'] !== name) continue
    const label = textOf(only).trim()
    if (!shown.has(label)) shown.set(label, contentIn(feedback))
  }
  return shown
}

function scaleItem(response: ElementNode, fields: Fields, common: Common): Item {
  const texts = labelsOf(response).map((label) => plainText(contentIn(label)))
  const ends = [texts[0], texts.at(-1)].map((text) => /^-?\d+\s*–\s*(.*)$/su.exec(text ?? '')?.[1])
  return {
    ...common,
    kind: 'scale',
    points: 0,
    low: Number(fields.get('low') ?? 1),
    high: Number(fields.get('high') ?? texts.length),
    ...(ends[0] !== undefined && { lowLabel: ends[0] }),
    ...(ends[1] !== undefined && { highLabel: ends[1] }),
  }
}

/** The texts that the tests of one response take, and whether capital letters count. */
function acceptedOf(tests: readonly ElementNode[] = []): { readonly key: string[]; readonly rules: TextRules } {
  const sensitive = tests.length > 0 && tests.every((test) => test.attributes['case'] === 'Yes')
  return {
    key: [...new Set(tests.map((test) => textOf(test).trim()))],
    rules: { ...DEFAULT_TEXT_RULES, letterCase: sensitive ? 'respect' : 'ignore' },
  }
}

function typedItem(node: ElementNode, response: ElementNode, kind: string | undefined, common: Common): Item {
  const name = response.attributes['ident'] ?? ''
  const { key, rules } = acceptedOf(equalTests(node).get(name))
  const renders = descendants(response, 'render_fib')[0]
  if (kind !== 'essay' && (key.length || Number(renders?.attributes['rows'] ?? 1) < 2))
    return { ...common, kind: 'short', points: mostOf(node), key, rules }
  const sample = children(node, 'itemfeedback').find((one) => child(one, 'solution'))
  const rubric = children(node, 'itemrubric').flatMap((one) => descendants(one, 'mattext'))
  return {
    ...common,
    kind: 'essay',
    points: mostOf(node),
    ...(sample && { sample: contentIn(sample) }),
    ...(rubric.length > 0 && { rubric: rubric.map((line) => rubricLine(textOf(line))) }),
  }
}

function numericItem(node: ElementNode, response: ElementNode, fields: Fields, common: Common): Item {
  const name = response.attributes['ident'] ?? ''
  const points = mostOf(node)
  const key = conditionsOf(node).flatMap((condition): NumericKey[] => {
    const set = child(condition, 'setvar')
    const band = bandOf(condition, name)
    if (!set || !band) return []
    const credit = Number((Number(textOf(set).trim()) / points).toFixed(6))
    return credit > 0 ? [credit < 1 ? { ...band, credit } : band] : []
  })
  const unit = fields.get('unit')
  return { ...common, kind: 'numeric', points, key, ...(unit !== undefined && { unit }) }
}

function bandOf(condition: ElementNode, name: string): NumericKey | null {
  const value = (test: string): number => {
    const own = descendants(condition, test).find((one) => one.attributes['respident'] === name)
    return own ? Number(textOf(own).trim()) : NaN
  }
  const [min, max, exact] = [value('vargte'), value('varlte'), value('varequal')]
  if (!Number.isNaN(min) && !Number.isNaN(max)) return { min, max }
  return Number.isNaN(exact) ? null : { value: exact, tolerance: 0 }
}

/** Several responses: gaps of a text, or partners for each part. */
function partsItem(
  node: ElementNode,
  responses: readonly ElementNode[],
  kind: string | undefined,
  fields: Fields,
  common: Common,
): Item | string {
  const points = mostOf(node)
  const credit = fields.get('credit') === 'all' ? { credit: 'all' as const } : {}
  const gaps = countGaps(common.stem)
  if (kind === 'cloze' || gaps === responses.length)
    return clozeItem(node, responses, fields, { ...common, points }, credit)
  if (!responses.every((one) => one.name === 'response_lid'))
    return 'Items with several responses of this sort are not held.'
  const left = responses.map((one) => children(one, 'material').flatMap(contentOf))
  const labels = labelsOf(responses[0] ?? node)
  const right = labels.map(contentIn)
  const idents = labels.map((label) => label.attributes['ident'] ?? '')
  if (left.some((part) => !part.length) || right.length < 2)
    return 'Items with several responses of this sort are not held.'
  const tests = equalTests(node)
  const key = responses.flatMap((response, index) => {
    const [text] = acceptedOf(tests.get(response.attributes['ident'] ?? '')).key
    const partner = idents.indexOf(text ?? '')
    return partner < 0 ? [] : [[index, partner] as const]
  })
  const parts = { ...common, points, key, ...credit }
  return kind === 'grid'
    ? { ...parts, kind: 'grid', rows: left, columns: right }
    : { ...parts, kind: 'match', left, right }
}

function clozeItem(
  node: ElementNode,
  responses: readonly ElementNode[],
  fields: Fields,
  common: Common,
  credit: { readonly credit?: 'all' },
): Item {
  let rules: TextRules | null = null
  const tests = equalTests(node)
  const gaps = responses.map((response): ClozeGap => {
    const accepted = acceptedOf(tests.get(response.attributes['ident'] ?? ''))
    if (response.name !== 'response_lid') {
      rules ??= accepted.rules
      return { key: accepted.key }
    }
    const labels = labelsOf(response)
    const text = (label: ElementNode): string => plainText(contentIn(label))
    const keyed = labels.filter((label) => accepted.key.includes(label.attributes['ident'] ?? ''))
    return { key: keyed.map(text), choices: labels.map(text) }
  })
  const words = fields.get('wordbank')
  return {
    ...common,
    kind: 'cloze',
    gaps,
    rules: rules ?? DEFAULT_TEXT_RULES,
    ...(words !== undefined && { wordBank: wordsIn(words) }),
    ...credit,
  }
}

function wordsIn(text: string): string[] {
  try {
    const words: unknown = JSON.parse(text)
    return Array.isArray(words) ? words.map(String) : [text]
  } catch {
    return text.split(/\s*,\s*/)
  }
}
