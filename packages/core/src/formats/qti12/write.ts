import { foldBlanks } from '../../content/blanks.ts'
import { element, textNode } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { isEmptyContent, type Content } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { fitItem } from '../../fit/fit.ts'
import { isGraded, type Item } from '../../item/model.ts'
import type { Loss, PackageFile, Written, WriteSettings } from '../format.ts'
import { PicturePack } from '../package/pictures.ts'
import { barePlan, bySection, type PaperPlan } from '../paper-plan.ts'
import { rubricText } from '../package/rubric.ts'
import { printXml, XmlWriter } from '../xml/xml.ts'
import { QTI12_LIMITS } from './limits.ts'
import { label, material, mattext, optionLabels, plainMaterial, qtimetadata } from './material.ts'
import { ATTEMPTS_FIELD, CP12_NAMESPACE, gapIdent, partIdent, RESPONSE, SCORE, TYPE_FIELD } from './names.ts'
import { respconditions } from './write-scoring.ts'

const encoder = new TextEncoder()
const ASSESSMENT_PATH = 'assessment.xml'
const MAX_TITLE = 80

/**
 * Writes a QTI 1.2 content package: the manifest and one `questestinterop` document, an assessment with one section
 * (ASI Information Model 1.2, sections 3.2 to 3.4). Rich text goes as escaped HTML in `mattext`.
 */
export function writeQti12(items: readonly Item[], settings: WriteSettings): Written {
  const losses: Loss[] = []
  const written: number[] = []
  const pictures = new PicturePack(settings.assets, '')
  items.forEach((item, index) => {
    const fit = fitItem(item, QTI12_LIMITS, settings.assets)
    losses.push(...fit.reasons.map((reason) => ({ item: index, feature: reason.feature, says: reason.says })))
    if (fit.verdict !== 'cannot') written.push(index)
  })
  const plan = settings.as === 'paper' && settings.plan ? settings.plan : barePlan(items.length)
  const title = settings.title || 'Items'
  const document = new XmlWriter()
  document.open(element('questestinterop', {}, []))
  if (settings.as === 'paper') document.open(assessment(title, plan))
  const planned = bySection(
    plan,
    written.map((at) => ({ at, part: at })),
  )
  planned.forEach(({ section: own, parts }, index) => {
    document.open(sectionElement(`section-${index + 1}`, own ?? { title, instructions: '' }, plan))
    for (const { part: at } of parts) {
      const item = items[at]
      const ident = settings.ids?.[at] ?? `item-${String(at + 1).padStart(3, '0')}`
      if (item) document.add(itemElement(pictures.place(item), ident))
    }
    document.close()
  })
  // An assessment has a section, though there is nothing in it.
  if (!planned.length) document.add(sectionElement('section-1', { title, instructions: '' }, plan))
  const files: PackageFile[] = [
    { path: 'imsmanifest.xml', bytes: encoder.encode(printXml(manifest(pictures.files()))) },
    { path: ASSESSMENT_PATH, bytes: document.finish() },
    ...pictures.files(),
  ]
  return { data: { form: 'package', files }, losses, written }
}

/** What stands in an assessment before its sections (section 3.2): duration, metadata, control, rubric. */
function assessment(title: string, plan: PaperPlan): ElementNode {
  return element('assessment', { ident: 'assessment-1', title }, [
    ...(plan.timeLimit === null ? [] : [element('duration', {}, [textNode(`PT${plan.timeLimit}S`)])]),
    ...(plan.attempts === null ? [] : [qtimetadata([[ATTEMPTS_FIELD, String(plan.attempts)]])]),
    ...(plan.feedbackWhen === 'never' ? [element('assessmentcontrol', { feedbackswitch: 'No' }, [])] : []),
    ...instructionsRubric(plan.instructions),
  ])
}

/** What stands in a section before its items (section 3.4): rubric, and how its items are ordered. */
function sectionElement(
  ident: string,
  { title, instructions }: { readonly title: string; readonly instructions: string },
  plan: PaperPlan,
): ElementNode {
  const order = element('selection_ordering', {}, [element('order', { order_type: 'Random' }, [])])
  return element('section', { ident, title }, [
    ...instructionsRubric(instructions),
    ...(plan.shuffleItems ? [order] : []),
  ])
}

function instructionsRubric(text: string): ElementNode[] {
  return text.trim() ? [element('rubric', { view: 'Candidate' }, [plainMaterial(text.trim())])] : []
}

function manifest(pictures: readonly PackageFile[]): ElementNode {
  const files = [ASSESSMENT_PATH, ...pictures.map((file) => file.path)].map((href) => element('file', { href }, []))
  return element('manifest', { xmlns: CP12_NAMESPACE, identifier: 'MANIFEST' }, [
    element('metadata', {}, [
      element('schema', {}, [textNode('IMS Content')]),
      element('schemaversion', {}, [textNode('1.1.3')]),
    ]),
    element('organizations', {}, []),
    element('resources', {}, [
      element('resource', { identifier: 'R-assessment', type: 'imsqti_xmlv1p2', href: ASSESSMENT_PATH }, files),
    ]),
  ])
}

/** ASI Information Model 1.2, section 3.5: duration, metadata, rubric, presentation, processing, feedback, in this order. */
function itemElement(item: Item, ident: string): ElementNode {
  const title = foldBlanks(plainText(item.stem)).slice(0, MAX_TITLE) || ident
  return element('item', { ident, title, ...(item.language !== undefined && { 'xml:lang': item.language }) }, [
    ...(item.timeLimit === undefined ? [] : [element('duration', {}, [textNode(`PT${item.timeLimit}S`)])]),
    metadata(item),
    ...rubric(item),
    presentation(item),
    ...processing(item),
    ...itemFeedback(item),
  ])
}

function metadata(item: Item): ElementNode {
  const fields: [string, string][] = [[TYPE_FIELD, item.kind]]
  if ('credit' in item && item.credit !== undefined) fields.push(['credit', item.credit])
  if (item.tags.length) fields.push(['keywords', item.tags.join(', ')])
  if (item.difficulty !== undefined) fields.push(['qmd_levelofdifficulty', item.difficulty])
  if (item.outcome !== undefined) fields.push(['outcome', item.outcome])
  if (item.level !== undefined) fields.push(['level', item.level])
  if (item.kind === 'numeric' && item.unit !== undefined) fields.push(['unit', item.unit])
  if (item.kind === 'cloze' && item.wordBank) fields.push(['wordbank', JSON.stringify(item.wordBank)])
  if (item.kind === 'scale') fields.push(['low', String(item.low)], ['high', String(item.high)])
  return element('itemmetadata', {}, [qtimetadata(fields)])
}

function rubric(item: Item): ElementNode[] {
  if (item.kind !== 'essay' || !item.rubric?.length) return []
  const lines = item.rubric.map((line) => mattext(rubricText(line), 'text/plain'))
  return [element('itemrubric', { view: 'Scorer' }, [element('material', {}, lines)])]
}

function presentation(item: Item): ElementNode {
  const passage = isEmptyContent(item.passage) ? [] : [material(item.passage ?? [], 'passage')]
  return element('presentation', {}, [...passage, material(item.stem), ...responses(item)])
}

function responses(item: Item): ElementNode[] {
  switch (item.kind) {
    case 'single':
      return [lid(RESPONSE, 'Single', item.shuffle, optionLabels(item.options))]
    case 'multiple':
      return [lid(RESPONSE, 'Multiple', item.shuffle, optionLabels(item.options))]
    case 'order':
      return [lid(RESPONSE, 'Ordered', true, optionLabels(item.options))]
    case 'truefalse':
      return [
        lid(RESPONSE, 'Single', false, [label('true', plainMaterial('True')), label('false', plainMaterial('False'))]),
      ]
    case 'short':
      return [typed(RESPONSE, 'response_str', {})]
    case 'numeric':
      return [typed(RESPONSE, 'response_num', { numtype: 'Decimal' })]
    case 'cloze':
      return item.gaps.map((gap, index) =>
        gap.choices
          ? lid(
              gapIdent(index),
              'Single',
              false,
              gap.choices.map((choice, at) => label(`c${at + 1}`, plainMaterial(choice))),
            )
          : typed(gapIdent(index), 'response_str', {}),
      )
    case 'match':
      return rows(item.left, item.right, true)
    case 'grid':
      return rows(item.rows, item.columns, false)
    case 'scale':
      return [lid(RESPONSE, 'Single', false, steps(item))]
    case 'essay':
      return [typed(RESPONSE, 'response_str', {}, '10')]
    case 'note':
      return []
  }
}

function lid(ident: string, rcardinality: string, shuffle: boolean, labels: readonly ElementNode[]): ElementNode {
  return element('response_lid', { ident, rcardinality }, [
    element('render_choice', { shuffle: shuffle ? 'Yes' : 'No' }, labels),
  ])
}

function typed(ident: string, name: string, attributes: Readonly<Record<string, string>>, rows = '1'): ElementNode {
  const fibtype = name === 'response_num' ? 'Decimal' : 'String'
  return element(name, { ident, rcardinality: 'Single', ...attributes }, [
    element('render_fib', { fibtype, prompt: 'Box', rows, columns: '40' }, []),
  ])
}

/** A choice of partners for each left part. */
function rows(left: readonly Content[], right: readonly Content[], shuffle: boolean): ElementNode[] {
  const labels = right.map((one, at) => label(`R${at + 1}`, material(one)))
  const choice = element('render_choice', { shuffle: shuffle ? 'Yes' : 'No' }, labels)
  return left.map((part, index) =>
    element('response_lid', { ident: partIdent(index), rcardinality: 'Single' }, [material(part), choice]),
  )
}

function steps(item: Extract<Item, { kind: 'scale' }>): ElementNode[] {
  return Array.from({ length: item.high - item.low + 1 }, (_none, at) => {
    const step = item.low + at
    const end = step === item.low ? item.lowLabel : step === item.high ? item.highLabel : undefined
    return label(`s${step}`, plainMaterial(end === undefined ? String(step) : `${step} – ${end}`))
  })
}

function processing(item: Item): ElementNode[] {
  if (item.kind === 'note') return []
  const bounds = { varname: SCORE, vartype: 'Decimal', minvalue: '0', maxvalue: String(item.points), defaultval: '0' }
  const feedback = isEmptyContent(item.feedback) ? [] : [shows(element('other', {}, []), 'general')]
  const ofOptions =
    item.kind === 'single' || item.kind === 'multiple'
      ? item.options
          .filter((option) => !isEmptyContent(option.feedback))
          .map((option) =>
            shows(element('varequal', { respident: RESPONSE }, [textNode(option.id)]), `option-${option.id}`),
          )
      : []
  const conditions = [...feedback, ...ofOptions, ...(isGraded(item.kind) ? respconditions(item) : [])]
  if (!conditions.length && item.points === 0) return []
  return [
    element('resprocessing', {}, [
      element('outcomes', {}, [element('decvar', bounds, [])]),
      ...(conditions.length ? conditions : [forAnyResponse()]),
    ]),
  ]
}

/** Nothing is scored, and a condition there must be (`respcondition+` in the DTD of QTI 1.2, from memory). */
function forAnyResponse(): ElementNode {
  return element('respcondition', { continue: 'No' }, [element('conditionvar', {}, [element('other', {}, [])])])
}

function shows(test: ElementNode, linkrefid: string): ElementNode {
  return element('respcondition', { continue: 'Yes' }, [
    element('conditionvar', {}, [test]),
    element('displayfeedback', { feedbacktype: 'Response', linkrefid }, []),
  ])
}

function itemFeedback(item: Item): ElementNode[] {
  const found: ElementNode[] = []
  const add = (ident: string, inner: ElementNode): void => void found.push(element('itemfeedback', { ident }, [inner]))
  if (!isEmptyContent(item.feedback)) add('general', material(item.feedback ?? []))
  if (item.kind === 'single' || item.kind === 'multiple')
    for (const option of item.options)
      if (!isEmptyContent(option.feedback)) add(`option-${option.id}`, material(option.feedback ?? []))
  if (!isEmptyContent(item.hint))
    add('hint', element('hint', {}, [element('hintmaterial', {}, [material(item.hint ?? [])])]))
  if (item.kind === 'essay' && !isEmptyContent(item.sample))
    add('sample', element('solution', {}, [element('solutionmaterial', {}, [material(item.sample ?? [])])]))
  return found
}
