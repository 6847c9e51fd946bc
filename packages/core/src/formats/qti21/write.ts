import { element, textNode, type ElementNode } from '../../content/elements.ts'
import { fitItem } from '../../fit/fit.ts'
import type { KeptItem } from '../../item/model.ts'
import type { Loss, PackageFile, WriteSettings, Written } from '../format.ts'
import { printXml } from '../xml/xml.ts'
import { QTI21_LIMITS } from './limits.ts'
import {
  CP_NAMESPACE,
  CP_SCHEMA,
  ITEM_TYPE,
  LOM_NAMESPACE,
  MANIFEST,
  QTI_NAMESPACE,
  QTI_SCHEMA,
  TEST_TYPE,
  XSI_NAMESPACE,
} from './names.ts'
import { itemElement } from './write-item.ts'

const encoder = new TextEncoder()
const TEST_PATH = 'test.xml'

interface PackedItem {
  readonly identifier: string
  readonly path: string
  readonly item: KeptItem
}

/** Writes a QTI 2.1 content package: the manifest, a file per item, and the test where a paper is written. */
export function writeQti21(items: readonly KeptItem[], settings: WriteSettings): Written {
  const losses: Loss[] = []
  const written: number[] = []
  const packed: PackedItem[] = []
  items.forEach((item, index) => {
    const fit = fitItem(item, QTI21_LIMITS)
    losses.push(...fit.reasons.map((reason) => ({ item: index, feature: reason.feature, says: reason.says })))
    if (fit.verdict === 'cannot') return
    written.push(index)
    const identifier = identifierOf(settings.ids?.[index] ?? `item-${String(index + 1).padStart(3, '0')}`)
    packed.push({ identifier, path: `items/${identifier}.xml`, item })
  })
  const files: PackageFile[] = [
    file(MANIFEST, manifest(packed, settings)),
    ...(settings.as === 'paper' ? [file(TEST_PATH, assessmentTest(packed, settings.title))] : []),
    ...packed.map((one) => file(one.path, itemElement(one.item, one.identifier))),
  ]
  return { data: { form: 'package', files }, losses, written }
}

/** An NCName that is a file name as well. */
function identifierOf(id: string): string {
  const plain = id.replace(/[^A-Za-z0-9_-]/g, '-')
  return /^[A-Za-z_]/.test(plain) ? plain : `i-${plain}`
}

function file(path: string, root: ElementNode): PackageFile {
  return { path, bytes: encoder.encode(printXml(root)) }
}

/** IMS Content Packaging 1.1 as profiled by QTI 2.1 (Integration Guide): one resource per file, a test depends on its items. */
function manifest(packed: readonly PackedItem[], settings: WriteSettings): ElementNode {
  const resources = packed.map((one) => itemResource(one))
  if (settings.as === 'paper') resources.unshift(testResource(packed))
  return element(
    'manifest',
    {
      xmlns: CP_NAMESPACE,
      'xmlns:imsmd': LOM_NAMESPACE,
      'xmlns:xsi': XSI_NAMESPACE,
      'xsi:schemaLocation': `${CP_NAMESPACE} ${CP_SCHEMA}`,
      identifier: 'MANIFEST',
    },
    [
      element('metadata', {}, [
        element('schema', {}, [textNode('QTIv2.1 Package')]),
        element('schemaversion', {}, [textNode('1.0.0')]),
        lom([element('imsmd:title', {}, [langString(settings.title)])]),
      ]),
      element('organizations', {}, []),
      element('resources', {}, resources),
    ],
  )
}

function itemResource({ identifier, path, item }: PackedItem): ElementNode {
  const keywords = item.tags.map((tag) => element('imsmd:keyword', {}, [langString(tag)]))
  return element('resource', { identifier: `R-${identifier}`, type: ITEM_TYPE, href: path }, [
    ...(keywords.length ? [element('metadata', {}, [lom(keywords)])] : []),
    element('file', { href: path }, []),
  ])
}

function testResource(packed: readonly PackedItem[]): ElementNode {
  const dependencies = packed.map((one) => element('dependency', { identifierref: `R-${one.identifier}` }, []))
  return element('resource', { identifier: 'R-test', type: TEST_TYPE, href: TEST_PATH }, [
    element('file', { href: TEST_PATH }, []),
    ...dependencies,
  ])
}

function lom(general: readonly ElementNode[]): ElementNode {
  return element('imsmd:lom', {}, [element('imsmd:general', {}, general)])
}

function langString(text: string): ElementNode {
  return element('imsmd:string', {}, [textNode(text)])
}

/** QTI 2.1 Information Model, section 3: one part, one section, the items in their order, the scores added up. */
function assessmentTest(packed: readonly PackedItem[], title: string): ElementNode {
  const sum = element('sum', {}, [element('testVariables', { variableIdentifier: 'SCORE' }, [])])
  const refs = packed.map((one) => element('assessmentItemRef', { identifier: one.identifier, href: one.path }, []))
  return element(
    'assessmentTest',
    {
      xmlns: QTI_NAMESPACE,
      'xmlns:xsi': XSI_NAMESPACE,
      'xsi:schemaLocation': `${QTI_NAMESPACE} ${QTI_SCHEMA}`,
      identifier: 'test',
      title: title || 'Test',
    },
    [
      element('outcomeDeclaration', { identifier: 'SCORE', cardinality: 'single', baseType: 'float' }, [
        element('defaultValue', {}, [element('value', {}, [textNode('0')])]),
      ]),
      element('testPart', { identifier: 'part-1', navigationMode: 'nonlinear', submissionMode: 'simultaneous' }, [
        element('assessmentSection', { identifier: 'section-1', title: title || 'Test', visible: 'true' }, refs),
      ]),
      element('outcomeProcessing', {}, [element('setOutcomeValue', { identifier: 'SCORE' }, [sum])]),
    ],
  )
}
