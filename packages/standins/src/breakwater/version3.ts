import { DOMImplementation, type Element, type Node } from '@xmldom/xmldom'
import { isElement, parseDocument } from './dom.ts'

export const VERSION_3 = 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0'
const VERSION_2 = 'http://www.imsglobal.org/xsd/imsqti_v2p1'

/**
 * An element of QTI 3.0 in the names of 2.1, which the site works with: "qti-choice-interaction" is "choiceInteraction",
 * "response-identifier" is "responseIdentifier" (QTI 3.0 writes all its names in lower case with hyphens). Others stay.
 */
export function inNamesOf2(element: Element): Element {
  if (element.namespaceURI !== VERSION_3) return element
  const document = new DOMImplementation().createDocument(VERSION_2, '', null)
  return copied(element) as Element

  function copied(node: Node): Node {
    if (!isElement(node)) return document.importNode(node, true)
    const isOwn = node.namespaceURI === VERSION_3
    const name = node.localName ?? ''
    const made = document.createElementNS(
      isOwn ? VERSION_2 : node.namespaceURI,
      isOwn ? camel(name.replace(/^qti-/, '')) : name,
    )
    for (const { name: attribute, value } of Array.from(node.attributes))
      made.setAttribute(isOwn && !/^(?:xml|data-)/.test(attribute) ? camel(attribute) : attribute, value)
    for (const child of Array.from(node.childNodes)) made.appendChild(copied(child))
    return made
  }
}

function camel(name: string): string {
  return name.replace(/-([a-z])/g, (_all, letter: string) => letter.toUpperCase())
}

/** An item or a test, in the names of QTI 2.1. @throws ImportError as `parseDocument` does. */
export function parseQti(source: string): Element {
  return inNamesOf2(parseDocument(source))
}
