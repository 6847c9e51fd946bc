import { DOMParser, type Document, type Element, type Node } from '@xmldom/xmldom'

/** A file of an import that cannot be taken; the message goes into the import's report. */
export class ImportError extends Error {
  override readonly name = 'ImportError'
}

export function parseDocument(source: string): Element {
  if (source.includes('<!DOCTYPE')) throw new ImportError('document types are not accepted')
  const problems: string[] = []
  let document: Document
  try {
    document = new DOMParser({ onError: (_level, message) => void problems.push(message) }).parseFromString(
      source,
      'text/xml',
    )
  } catch (error) {
    throw new ImportError(`not well-formed: ${error instanceof Error ? error.message : String(error)}`)
  }
  const root = document.documentElement
  if (problems.length || !root) throw new ImportError(`not well-formed: ${problems[0] ?? 'no element'}`)
  return root
}

export function isElement(node: Node): node is Element {
  return node.nodeType === 1
}

export function childElements(parent: Element): Element[] {
  return Array.from(parent.childNodes).filter(isElement)
}

export function named(parent: Element, localName: string): Element[] {
  return childElements(parent).filter((child) => child.localName === localName)
}

export function allNamed(parent: Element, localName: string): Element[] {
  return Array.from(parent.getElementsByTagNameNS('*', localName))
}

export function attribute(element: Element, name: string): string | null {
  return element.hasAttribute(name) ? element.getAttribute(name) : null
}

export function trimmed(element: Element): string {
  return (element.textContent ?? '').trim()
}
