import { foldBlanks } from '../../content/blanks.ts'
import { element, textNode } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { isEmptyContent } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { fitItem } from '../../fit/fit.ts'
import type { Item } from '../../item/model.ts'
import type { Loss, PackageFile, Written, WriteSettings } from '../format.ts'
import { PicturePack } from '../package/pictures.ts'
import { barePlan, type PaperPlan } from '../paper-plan.ts'
import { label, material, optionLabels, plainMaterial, qtimetadata } from '../qti12/material.ts'
import { RESPONSE, SCORE } from '../qti12/names.ts'
import { respconditions } from '../qti12/write-scoring.ts'
import { printXml, XmlWriter } from '../xml/xml.ts'
import { CC13_LIMITS } from './limits.ts'

const encoder = new TextEncoder()
const CC = 'http://www.imsglobal.org/xsd/imsccv1p3/imscp_v1p1'
const LOM = 'http://ltsc.ieee.org/xsd/imsccv1p3/LOM/manifest'
const QTI = 'http://www.imsglobal.org/xsd/ims_qtiasiv1p2'
const TYPES = {
  paper: 'imsqti_xmlv1p2/imscc_xmlv1p3/assessment',
  bank: 'imsqti_xmlv1p2/imscc_xmlv1p3/question-bank',
} as const
/** Pages of a cartridge name its files from here (Common Cartridge 1.3, section 3.6; from memory). */
const FILE_BASE = '$IMS-CC-FILEBASE$/'
const PATHS = { paper: 'assessment/assessment.xml', bank: 'bank/question-bank.xml' } as const
const MAX_TITLE = 80
const MOST_ATTEMPTS = 5
const FULL = 100

const PROFILES: Readonly<Partial<Record<Item['kind'], string>>> = {
  single: 'cc.multiple_choice.v0p1',
  multiple: 'cc.multiple_response.v0p1',
  truefalse: 'cc.true_false.v0p1',
  short: 'cc.fib.v0p1',
  essay: 'cc.essay.v0p1',
}

/**
 * Writes a Common Cartridge 1.3: its manifest, and an assessment or a question bank in its profile of QTI 1.2.1. SCORE is
 * a percentage there; what an item counts is its `cc_weighting`.
 */
export function writeCc13(items: readonly Item[], settings: WriteSettings): Written {
  const losses: Loss[] = []
  const written: number[] = []
  const pictures = new PicturePack(settings.assets, FILE_BASE)
  const title = settings.title || 'Items'
  const plan = settings.as === 'paper' && settings.plan ? settings.plan : barePlan(items.length)
  const document = new XmlWriter()
  document.open(element('questestinterop', { xmlns: QTI }, []))
  if (settings.as === 'paper') {
    document.open(assessment(title, plan))
    document.open(element('section', { ident: 'root_section' }, []))
  } else document.open(element('objectbank', { ident: 'bank-1' }, []))
  items.forEach((item, index) => {
    const fit = fitItem(item, CC13_LIMITS, settings.assets)
    losses.push(...fit.reasons.map(({ feature, says }) => ({ item: index, feature, says })))
    if (fit.verdict === 'cannot') return
    written.push(index)
    const ident = settings.ids?.[index] ?? `item-${String(index + 1).padStart(3, '0')}`
    document.add(itemElement(pictures.place(item), ident, settings.categories?.[index] ?? ''))
  })
  const files: PackageFile[] = [
    { path: 'imsmanifest.xml', bytes: encoder.encode(printXml(manifest(title, settings.as, pictures.files()))) },
    { path: PATHS[settings.as], bytes: document.finish() },
    ...pictures.files(),
  ]
  return { data: { form: 'package', files }, losses, written }
}

/** An assessment hangs in the cartridge's organization; a bank does not, and is found among its resources. */
function manifest(title: string, as: WriteSettings['as'], pictures: readonly PackageFile[]): ElementNode {
  const text = (name: string, value: string, inner = 'lomimscc:string'): ElementNode =>
    element(name, {}, [element(inner, {}, [textNode(value)])])
  const entry = element('item', { identifier: 'I-assessment', identifierref: 'R-items' }, [
    element('title', {}, [textNode(title)]),
  ])
  const media = pictures.map(({ path: href }, at) =>
    element('resource', { identifier: `R-media-${at + 1}`, type: 'webcontent', href }, [element('file', { href }, [])]),
  )
  const needs = media.map((one) => element('dependency', { identifierref: one.attributes['identifier'] ?? '' }, []))
  return element('manifest', { xmlns: CC, 'xmlns:lomimscc': LOM, identifier: 'MANIFEST' }, [
    element('metadata', {}, [
      element('schema', {}, [textNode('IMS Common Cartridge')]),
      element('schemaversion', {}, [textNode('1.3.0')]),
      element('lomimscc:lom', {}, [element('lomimscc:general', {}, [text('lomimscc:title', title)])]),
    ]),
    element('organizations', {}, [
      element('organization', { identifier: 'O-1', structure: 'rooted-hierarchy' }, [
        element('item', { identifier: 'I-root' }, as === 'paper' ? [entry] : []),
      ]),
    ]),
    element('resources', {}, [
      element('resource', { identifier: 'R-items', type: TYPES[as] }, [
        element('file', { href: PATHS[as] }, []),
        ...needs,
      ]),
      ...media,
    ]),
  ])
}

function assessment(title: string, { timeLimit, attempts, feedbackWhen, instructions }: PaperPlan): ElementNode {
  const fields: [string, string][] = [
    ['cc_profile', 'cc.exam.v0p1'],
    ['qmd_assessmenttype', 'Examination'],
    ['qmd_scoretype', 'Percentage'],
    ['qmd_feedbackpermitted', feedbackWhen === 'never' ? 'No' : 'Yes'],
    ['cc_maxattempts', attempts === null || attempts > MOST_ATTEMPTS ? 'unlimited' : String(attempts)],
  ]
  // In minutes there.
  if (timeLimit !== null) fields.push(['qmd_timelimit', String(Math.max(1, Math.round(timeLimit / 60)))])
  const text = instructions.trim()
  return element('assessment', { ident: 'assessment-1', title }, [
    qtimetadata(fields),
    ...(text ? [element('rubric', {}, [plainMaterial(text)])] : []),
  ])
}

function itemElement(item: Item, ident: string, category: string): ElementNode {
  const title = foldBlanks(plainText(item.stem)).slice(0, MAX_TITLE) || ident
  const fields: [string, string][] = [
    ['cc_profile', PROFILES[item.kind] ?? ''],
    ['cc_weighting', String(item.points)],
  ]
  if (category) fields.push(['cc_question_category', category])
  if (item.kind === 'essay') fields.push(['qmd_computerscored', 'No'])
  const stem = isEmptyContent(item.passage) ? item.stem : [...(item.passage ?? []), ...item.stem]
  return element('item', { ident, title }, [
    element('itemmetadata', {}, [qtimetadata(fields)]),
    element('presentation', {}, [material(stem), ...responseTo(item)]),
    ...processing(item),
    ...feedback(item),
  ])
}

function responseTo(item: Item): ElementNode[] {
  const choice = (rcardinality: string, labels: readonly ElementNode[]): ElementNode[] => [
    element('response_lid', { ident: RESPONSE, rcardinality }, [element('render_choice', {}, labels)]),
  ]
  switch (item.kind) {
    case 'single':
      return choice('Single', optionLabels(item.options))
    case 'multiple':
      return choice('Multiple', optionLabels(item.options))
    case 'truefalse':
      return choice('Single', [label('true', plainMaterial('True')), label('false', plainMaterial('False'))])
    default:
      return [
        element('response_str', { ident: RESPONSE, rcardinality: 'Single' }, [
          element(
            'render_fib',
            item.kind === 'essay'
              ? { prompt: 'Box', rows: '10', columns: '60' }
              : { prompt: 'Box', rows: '1', columns: '40' },
            [],
          ),
        ]),
      ]
  }
}

/** The profile knows the whole of the points or none. */
function processing(item: Item): ElementNode[] {
  const outcomes = element('outcomes', {}, [
    element('decvar', { maxvalue: String(FULL), minvalue: '0', varname: SCORE, vartype: 'Decimal' }, []),
  ])
  const shown = isEmptyContent(item.feedback) || item.kind === 'essay' ? [] : [generalFeedback()]
  const { weights: _weights, ...bare } = item as Item & { weights?: unknown }
  const whole = { ...bare, points: FULL, ...('credit' in item && { credit: 'all' }) } as Item
  const rules = item.kind === 'essay' ? [forAnyResponse()] : respconditions(whole)
  return [element('resprocessing', {}, [outcomes, ...shown, ...rules])]
}

function forAnyResponse(): ElementNode {
  return element('respcondition', { continue: 'No' }, [element('conditionvar', {}, [element('other', {}, [])])])
}

function generalFeedback(): ElementNode {
  return element('respcondition', { continue: 'Yes' }, [
    element('conditionvar', {}, [element('other', {}, [])]),
    element('displayfeedback', { feedbacktype: 'Response', linkrefid: 'general_fb' }, []),
  ])
}

function feedback(item: Item): ElementNode[] {
  if (item.kind === 'essay')
    return isEmptyContent(item.sample)
      ? []
      : [
          element('itemfeedback', { ident: 'solution' }, [
            element('solution', {}, [element('solutionmaterial', {}, [flow(material(item.sample ?? []))])]),
          ]),
        ]
  return isEmptyContent(item.feedback)
    ? []
    : [element('itemfeedback', { ident: 'general_fb' }, [flow(material(item.feedback ?? []))])]
}

function flow(inner: ElementNode): ElementNode {
  return element('flow_mat', {}, [inner])
}
