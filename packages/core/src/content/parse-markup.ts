import { SaxesParser } from 'saxes'
import { element, textNode, type ElementNode, type MarkupNode } from './elements.ts'

/** Why a text is no XML document that is read here; the message is for a person. */
export class MarkupError extends Error {
  override readonly name = 'MarkupError'
}

/**
 * Parses an XML document. Document types are not read, so no entity beyond XML's own five is ever expanded. Comments
 * and processing instructions are left out; names lose their prefixes.
 *
 * @throws MarkupError if it is not well-formed, has a document type, or nests deeper than 1,000 elements.
 */
export function parseMarkup(source: string): ElementNode {
  const builder = new TreeBuilder()
  const parser = new SaxesParser({ xmlns: false, position: true })
  parser.on('opentag', (tag) => builder.open(tag.name, tag.attributes))
  parser.on('closetag', () => builder.close())
  parser.on('text', (text) => builder.text(text))
  parser.on('cdata', (text) => builder.text(text))
  parser.on('doctype', () => {
    throw new MarkupError('The XML has a document type declaration, which is not accepted.')
  })
  try {
    parser.write(source).close()
  } catch (error) {
    if (error instanceof MarkupError) throw error
    throw new MarkupError(`The XML is not well-formed: ${error instanceof Error ? error.message : String(error)}`)
  }
  const top = builder.top()
  if (!top) throw new MarkupError('The XML has no element.')
  return top
}

/** Deeper than any document; what reads the tree goes down by a call each. */
const MAX_DEPTH = 1000

class TreeBuilder {
  readonly #open: MarkupNode[][] = [[]]

  open(name: string, attributes: Readonly<Record<string, string>>): void {
    if (this.#open.length > MAX_DEPTH) throw new MarkupError('The XML is not well-formed: it nests too deep.')
    const inner: MarkupNode[] = []
    this.#open.at(-1)?.push(element(withoutPrefix(name), attributes, inner))
    this.#open.push(inner)
  }

  close(): void {
    this.#open.pop()
  }

  text(value: string): void {
    this.#open.at(-1)?.push(textNode(value))
  }

  top(): ElementNode | undefined {
    return this.#open[0]?.find((node): node is ElementNode => node.type === 'element')
  }
}

function withoutPrefix(name: string): string {
  return name.slice(name.indexOf(':') + 1)
}
