import { fromXml } from 'xast-util-from-xml'
import { toXml } from 'xast-util-to-xml'
import { element, textNode, type ElementNode, type MarkupNode } from '../../content/elements.ts'
import { FormatError } from '../format.ts'

type XastRoot = ReturnType<typeof fromXml>
type XastNode = XastRoot['children'][number]

/**
 * Parses an XML document. Document types are not read, so no entity beyond XML's own five is ever expanded.
 *
 * @throws FormatError if it is not well-formed or has a document type.
 */
export function parseXml(source: string): ElementNode {
  if (/<!DOCTYPE/i.test(source.slice(0, 2000)))
    throw new FormatError('The XML has a document type declaration, which is not accepted.')
  let root: XastRoot
  try {
    root = fromXml(source.replace(/^\uFEFF/, ''))
  } catch (error) {
    throw new FormatError(`The XML is not well-formed: ${error instanceof Error ? error.message : String(error)}`)
  }
  const top = root.children.find((node) => node.type === 'element')
  if (!top) throw new FormatError('The XML has no element.')
  return toNode(top) as ElementNode
}

function toNode(node: XastNode): MarkupNode | null {
  if (node.type === 'text' || node.type === 'cdata') return textNode(node.value)
  if (node.type !== 'element') return null
  const attributes: Record<string, string> = {}
  for (const [name, value] of Object.entries(node.attributes))
    if (value !== null && value !== undefined) attributes[name] = value
  const children = node.children.map((child) => toNode(child)).filter((child) => child !== null)
  return element(node.name.replace(/^[\w.-]+:/, ''), attributes, children)
}

/** A document as UTF-8 text with its declaration; characters that XML 1.0 has no place for are left out. */
export function printXml(root: ElementNode): string {
  const printed = toXml((isClean(root) ? root : cleanNode(root)) as Parameters<typeof toXml>[0], {
    closeEmptyElements: true,
  })
  // XML 1.0, section 2.4: `]]>` must not stand in text. The serialiser leaves it; we write no CDATA sections of our own.
  return `<?xml version="1.0" encoding="UTF-8"?>\n${printed.replaceAll(']]>', ']]&gt;')}\n`
}

// Every character outside Char of XML 1.0, section 2.2.

const NOT_XML =
  /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g

const ONE_NOT_XML = new RegExp(NOT_XML.source)

/** Nearly every document is; then nothing has to be copied. */
function isClean(node: MarkupNode): boolean {
  if (node.type === 'text') return !ONE_NOT_XML.test(node.value)
  for (const name in node.attributes) if (ONE_NOT_XML.test(node.attributes[name] ?? '')) return false
  return node.children.every(isClean)
}

function cleanNode(node: MarkupNode): MarkupNode {
  if (node.type === 'text') return NOT_XML.test(node.value) ? textNode(node.value.replace(NOT_XML, '')) : node
  const attributes = Object.fromEntries(
    Object.entries(node.attributes).map(([name, value]) => [name, value.replace(NOT_XML, '')]),
  )
  return element(node.name, attributes, node.children.map(cleanNode))
}

/** Child elements by name. */
export function children(node: ElementNode, name: string): ElementNode[] {
  return node.children.filter((child): child is ElementNode => child.type === 'element' && child.name === name)
}

export function child(node: ElementNode, name: string): ElementNode | undefined {
  return children(node, name)[0]
}

export function elementsOf(node: ElementNode): ElementNode[] {
  return node.children.filter((one): one is ElementNode => one.type === 'element')
}

/** Every element below `node` with the name, in document order. */
export function descendants(node: ElementNode, name: string): ElementNode[] {
  const found: ElementNode[] = []
  gather(node, name, found)
  return found
}

function gather(node: ElementNode, name: string, found: ElementNode[]): void {
  for (const one of node.children) {
    if (one.type !== 'element') continue
    if (one.name === name) found.push(one)
    gather(one, name, found)
  }
}
