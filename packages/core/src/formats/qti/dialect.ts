import { element } from '../../content/elements.ts'
import type { ElementNode, MarkupNode } from '../../content/markup.ts'
import type { FormatId } from '../format.ts'

/** What the versions of QTI call the same things. Items are built in the words of 2.x and renamed for 3.0. */
export interface Dialect {
  readonly id: Extract<FormatId, 'qti21' | 'qti22' | 'qti30'>
  readonly itemNamespace: string
  readonly itemSchema: string
  readonly packageNamespace: string
  readonly packageSchema: string
  /** `schema` and `schemaversion` of the manifest's metadata. */
  readonly packageName: string
  readonly packageVersion: string
  readonly itemType: string
  readonly testType: string
  readonly stimulusType: string | null
  readonly templates: string
  readonly templateEnding: string
  readonly hyphens: boolean
}

/** IMS Question and Test Interoperability 2.1 (final, 2012), with Content Packaging 1.1. */
export const QTI_21: Dialect = {
  id: 'qti21',
  itemNamespace: 'http://www.imsglobal.org/xsd/imsqti_v2p1',
  itemSchema: 'http://www.imsglobal.org/xsd/qti/qtiv2p1/imsqti_v2p1.xsd',
  packageNamespace: 'http://www.imsglobal.org/xsd/imscp_v1p1',
  packageSchema: 'http://www.imsglobal.org/xsd/qti/qtiv2p1/qtiv2p1_imscpv1p2_v1p0.xsd',
  packageName: 'QTIv2.1 Package',
  packageVersion: '1.0.0',
  itemType: 'imsqti_item_xmlv2p1',
  testType: 'imsqti_test_xmlv2p1',
  stimulusType: null,
  templates: 'http://www.imsglobal.org/question/qti_v2p1/rptemplates/',
  templateEnding: '',
  hyphens: false,
}

/** IMS Question and Test Interoperability 2.2 (final, 2015). */
export const QTI_22: Dialect = {
  ...QTI_21,
  id: 'qti22',
  itemNamespace: 'http://www.imsglobal.org/xsd/imsqti_v2p2',
  itemSchema: 'http://www.imsglobal.org/xsd/qti/qtiv2p2/imsqti_v2p2.xsd',
  packageSchema: 'http://www.imsglobal.org/xsd/qti/qtiv2p2/qtiv2p2_imscpv1p2_v1p0.xsd',
  packageName: 'QTIv2.2 Package',
  itemType: 'imsqti_item_xmlv2p2',
  testType: 'imsqti_test_xmlv2p2',
  templates: 'http://www.imsglobal.org/question/qti_v2p2/rptemplates/',
}

/** Question and Test Interoperability 3.0 (final, 2022): names with hyphens, a prefix, shared stimuli. */
export const QTI_30: Dialect = {
  ...QTI_21,
  id: 'qti30',
  itemNamespace: 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0',
  itemSchema: 'https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqti_asiv3p0_v1p0.xsd',
  packageNamespace: 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1',
  packageSchema: 'https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqtiv3p0_imscpv1p2_v1p0.xsd',
  packageName: 'QTI Package',
  packageVersion: '3.0.0',
  itemType: 'imsqti_item_xmlv3p0',
  testType: 'imsqti_test_xmlv3p0',
  stimulusType: 'imsqti_stimulus_xmlv3p0',
  templates: 'https://purl.imsglobal.org/spec/qti/v3p0/rptemplates/',
  templateEnding: '.xml',
  hyphens: true,
}

/** Elements that QTI borrows from XHTML and MathML and that keep their names in 3.0. */
const BORROWED = new Set(
  'p pre ul ol li table tbody thead tfoot tr td th div span br img strong em b i u sub sup code tt blockquote h1 h2 h3 h4 h5 h6 object math'.split(
    ' ',
  ),
)
/** In 3.0 the flow of these stands in a `qti-content-body` (QTI 3.0 ASI Information Model, FeedbackBlock and RubricBlock). */
const WITH_CONTENT_BODY = new Set(['modalFeedback', 'rubricBlock'])

/** A tree in the words of 2.x in the words of the dialect. */
export function inDialect(node: ElementNode, dialect: Dialect): ElementNode {
  return dialect.hyphens ? (hyphenated(node) as ElementNode) : node
}

function hyphenated(node: MarkupNode): MarkupNode {
  if (node.type === 'text' || node.name === 'math') return node
  const inner = node.children.map(hyphenated)
  if (BORROWED.has(node.name)) return element(node.name, node.attributes, inner)
  const attributes = renamed(node.attributes, (name) => (/^xml|^xsi/.test(name) ? name : withHyphens(name)))
  const body = WITH_CONTENT_BODY.has(node.name) ? [element('qti-content-body', {}, inner)] : inner
  return element(`qti-${withHyphens(node.name)}`, attributes, body)
}

function renamed(
  attributes: Readonly<Record<string, string>>,
  nameOf: (name: string) => string,
): Record<string, string> {
  const found: Record<string, string> = {}
  for (const name in attributes) found[nameOf(name)] = attributes[name] ?? ''
  return found
}

const MAX_REMEMBERED = 1000
const hyphenatedNames = new Map<string, string>()

function withHyphens(name: string): string {
  return remembered(hyphenatedNames, name, () => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`))
}

/** A tree of any version in the words of 2.x. */
export function inPlainWords(node: ElementNode): ElementNode {
  return (node.name.startsWith('qti-') ? plainNode(node)[0] : node) as ElementNode
}

function plainNode(node: MarkupNode): MarkupNode[] {
  if (node.type === 'text') return [node]
  const inner = node.children.flatMap(plainNode)
  if (node.name === 'qti-content-body') return inner
  if (!node.name.startsWith('qti-')) return [element(node.name, node.attributes, inner)]
  const attributes = renamed(node.attributes, (name) => (/^(?:xml|xsi|data-)/.test(name) ? name : withCapitals(name)))
  return [element(withCapitals(node.name.slice(4)), attributes, inner)]
}

const plainNames = new Map<string, string>()

function withCapitals(name: string): string {
  return remembered(plainNames, name, () =>
    name.replace(/-([a-z0-9])/g, (_whole, letter: string) => letter.toUpperCase()),
  )
}

/** The vocabulary is small and a package names it a hundred thousand times; a foreign file's names are not kept. */
function remembered(known: Map<string, string>, name: string, work: () => string): string {
  const found = known.get(name)
  if (found !== undefined) return found
  const made = work()
  if (known.size < MAX_REMEMBERED) known.set(name, made)
  return made
}
