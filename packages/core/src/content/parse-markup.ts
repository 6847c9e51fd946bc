import { SaxesParser } from 'saxes'
import { element, textNode } from './elements.ts'
import type { ElementNode, MarkupNode } from './markup.ts'

/** Why a text is no XML document that is read here; the message is for a person. */
export class MarkupError extends Error {
  override readonly name = 'MarkupError'
}

/** Elements that are handed over as soon as they end and are not kept in the tree, so that a long document stays small. */
export interface MarkupParts {
  /** Name of the elements, without prefix. */
  readonly name: string
  /**
   * Takes an element, where it ends in the source, in UTF-16 code units, and the elements that it stands in, the
   * outermost first, with what they have held so far.
   */
  readonly take: (part: ElementNode, end: number, around: readonly ElementNode[]) => void
}

/**
 * Parses an XML document. A document type that only names a DTD is passed over and nothing is fetched, so no entity
 * beyond XML's own five is ever expanded. Comments and processing instructions are left out; names lose their prefixes.
 *
 * @throws MarkupError if it is not well-formed, has a document type with declarations of its own, or nests deeper than 1,000 elements. Parts that
 *   ended before the fault have been handed over.
 */
export function parseMarkup(source: string, parts?: MarkupParts): ElementNode {
  const builder = new TreeBuilder(parts)
  const parser = new SaxesParser({ xmlns: false, position: true })
  parser.on('opentag', (tag) => builder.open(tag.name, tag.attributes))
  parser.on('closetag', () => builder.close(parser.position))
  parser.on('text', (text) => builder.text(text))
  parser.on('cdata', (text) => builder.text(text))
  parser.on('doctype', (doctype) => {
    if (doctype.includes('['))
      throw new MarkupError('The XML declares a document type with entities of its own, which is not accepted.')
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
  readonly #parts: MarkupParts | undefined
  readonly #open: ElementNode[] = []
  /** What is inside each open element, and first what is at the top. */
  readonly #inner: MarkupNode[][] = [[]]
  #here: MarkupNode[] = []
  #top: ElementNode | undefined
  /** Names as they stand, and without prefix: the same string each time, which is quick to compare. */
  readonly #names = new Map<string, string>()

  constructor(parts: MarkupParts | undefined) {
    this.#parts = parts
  }

  open(name: string, attributes: Readonly<Record<string, string>>): void {
    if (this.#open.length >= MAX_DEPTH) throw new MarkupError('The XML is not well-formed: it nests too deep.')
    this.#inner.push(this.#here)
    this.#here = []
    this.#open.push(element(this.#names.get(name) ?? this.#nameOf(name), attributes, this.#here))
  }

  close(end: number): void {
    const closed = this.#open.pop()
    this.#here = this.#inner.pop() ?? []
    if (!closed) return
    if (!this.#open.length) this.#top = closed
    else if (closed.name === this.#parts?.name) this.#parts.take(closed, end, this.#open)
    else this.#here.push(closed)
  }

  text(value: string): void {
    this.#here.push(textNode(value))
  }

  top(): ElementNode | undefined {
    return this.#top
  }

  #nameOf(said: string): string {
    const name = said.slice(said.indexOf(':') + 1)
    this.#names.set(said, name)
    return name
  }
}
