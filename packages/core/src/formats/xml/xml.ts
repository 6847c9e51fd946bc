import type { ElementNode } from '../../content/elements.ts'
import { MarkupError, parseMarkup } from '../../content/parse-markup.ts'
import { printMarkup } from '../../content/print-markup.ts'
import { FormatError } from '../format.ts'

/**
 * Parses an XML document of a package.
 *
 * @throws FormatError if it is not well-formed or has a document type.
 */
export function parseXml(source: string): ElementNode {
  try {
    return parseMarkup(source)
  } catch (error) {
    throw error instanceof MarkupError ? new FormatError(error.message) : error
  }
}

/** A document as UTF-8 text with its declaration; characters that XML 1.0 has no place for are left out. */
export function printXml(root: ElementNode): string {
  const printed = printMarkup([root])
  return `<?xml version="1.0" encoding="UTF-8"?>\n${withoutForeign(printed)}\n`
}

// Every character outside Char of XML 1.0, section 2.2: the controls, two non-characters, and half a surrogate pair.
const CONTROL = /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/
const NOT_XML =
  /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g
const SURROGATE = /[\uD800-\uDFFF]/

function withoutForeign(printed: string): string {
  // The whole expression looks around each character, so it is tried only where it could find something.
  return CONTROL.test(printed) || SURROGATE.test(printed) ? printed.replace(NOT_XML, '') : printed
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
