import { parseFragment, type DefaultTreeAdapterTypes } from 'parse5'
import { toXml } from 'xast-util-to-xml'
import { fromElements, toElements, type MarkupNode } from './elements.ts'
import type { Content } from './model.ts'

/** Rich text as an HTML fragment that is well-formed XML, too. */
export function contentToHtml(content: Content): string {
  return toXml(toElements(content) as Parameters<typeof toXml>[0], { closeEmptyElements: true })
}

/** Rich text from an HTML fragment, parsed as browsers do (WHATWG HTML, section 13.4). */
export function contentFromHtml(html: string): Content {
  return fromElements(markupFromHtml(html))
}

export function markupFromHtml(html: string): MarkupNode[] {
  return parseFragment(html).childNodes.flatMap(nodeOf)
}

function nodeOf(node: DefaultTreeAdapterTypes.ChildNode): MarkupNode[] {
  if (node.nodeName === '#text' && 'value' in node) return [{ type: 'text', value: node.value }]
  if (!('tagName' in node)) return []
  const attributes = Object.fromEntries(node.attrs.map((attribute) => [attribute.name, attribute.value]))
  return [{ type: 'element', name: node.tagName, attributes, children: node.childNodes.flatMap(nodeOf) }]
}
