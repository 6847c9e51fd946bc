import type { ElementNode } from '../../content/markup.ts'
import { MarkupError, parseMarkup, type MarkupParts } from '../../content/parse-markup.ts'
import { printMarkup, printStartTag } from '../../content/print-markup.ts'
import { FormatError } from '../format.ts'

/**
 * Parses an XML document of a package.
 *
 * @throws FormatError if it is not well-formed or declares entities; parts that ended before have been handed over.
 */
export function parseXml(source: string, parts?: MarkupParts): ElementNode {
  try {
    return parseMarkup(source, parts)
  } catch (error) {
    throw error instanceof MarkupError ? new FormatError(error.message) : error
  }
}

/** A document as UTF-8 text with its declaration. */
export function printXml(root: ElementNode): string {
  return `${DECLARATION}${printMarkup([root])}\n`
}

/** A long document that is printed as it comes, so that it is never held as a tree. */
export class XmlWriter {
  readonly #open: string[] = []
  #bytes = new Uint8Array(BATCH * MOST_BYTES)
  #length = 0
  #printed = DECLARATION

  /** Starts an element; what is added goes inside it until it is closed. Its own children come first. */
  open(node: ElementNode): void {
    this.#open.push(node.name)
    this.#printed += printStartTag(node)
    for (const inner of node.children) this.#printed += printMarkup([inner])
  }

  close(): void {
    this.#printed += `</${this.#open.pop() ?? ''}>`
  }

  add(part: ElementNode): void {
    this.#printed += printMarkup([part])
    if (this.#printed.length > BATCH) this.#encode()
  }

  /** The whole document as UTF-8, with all that is open closed. */
  finish(): Uint8Array {
    while (this.#open.length) this.close()
    this.#printed += '\n'
    this.#encode()
    return this.#bytes.slice(0, this.#length)
  }

  #encode(): void {
    const needed = this.#length + this.#printed.length * MOST_BYTES
    if (needed > this.#bytes.length) {
      const larger = new Uint8Array(Math.max(needed, this.#bytes.length * 2))
      larger.set(this.#bytes)
      this.#bytes = larger
    }
    this.#length += encoder.encodeInto(this.#printed, this.#bytes.subarray(this.#length)).written
    this.#printed = ''
  }
}

/** Of one UTF-16 code unit in UTF-8. */
const MOST_BYTES = 3
/** UTF-16 code units that are encoded at once. */
const BATCH = 1 << 15
const encoder = new TextEncoder()
const DECLARATION = '<?xml version="1.0" encoding="UTF-8"?>\n'

/** Child elements by name. */
export function children(node: ElementNode, name: string): ElementNode[] {
  const found: ElementNode[] = []
  for (const one of node.children) if (one.type === 'element' && one.name === name) found.push(one)
  return found
}

export function child(node: ElementNode, name: string): ElementNode | undefined {
  for (const one of node.children) if (one.type === 'element' && one.name === name) return one
  return undefined
}

export function elementsOf(node: ElementNode): ElementNode[] {
  const found: ElementNode[] = []
  for (const one of node.children) if (one.type === 'element') found.push(one)
  return found
}

/** Every element below `node` with the name, in document order. */
export function descendants(node: ElementNode, name: string): ElementNode[] {
  const found: ElementNode[] = []
  walk(node, (one) => {
    if (one.name === name) found.push(one)
    return true
  })
  return found
}

/** Shows every element below `node`, in document order, and goes down into those for which `enter` says so. */
export function walk(node: ElementNode, enter: (one: ElementNode) => boolean): void {
  for (const one of node.children) if (one.type === 'element' && enter(one)) walk(one, enter)
}
