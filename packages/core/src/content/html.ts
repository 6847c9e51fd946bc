import { parseFragment, type DefaultTreeAdapterTypes } from 'parse5'
import { fromElements, textNode, toElements, withTex } from './elements.ts'
import type { MarkupNode } from './markup.ts'
import { texText } from './mathematics.ts'
import type { Content } from './model.ts'
import { printMarkup } from './print-markup.ts'

/** Rich text as an HTML fragment that is well-formed XML, too; TeX stands between its delimiters. */
export function contentToHtml(content: Content): string {
  return printMarkup(
    toElements(content).map((node) => withTex(node, (tex, display) => textNode(texText(tex, display)))),
  )
}

/** Rich text from an HTML fragment, parsed as browsers do (WHATWG HTML, section 13.4). */
export function contentFromHtml(html: string): Content {
  return fromElements(markupFromHtml(html))
}

export function markupFromHtml(html: string): MarkupNode[] {
  // Without a tag or a reference there is nothing to parse.
  if (!/[<&\0\r]/.test(html)) return html === '' ? [] : [{ type: 'text', value: html }]
  return parseFragment(html).childNodes.flatMap(nodeOf)
}

function nodeOf(node: DefaultTreeAdapterTypes.ChildNode): MarkupNode[] {
  if (node.nodeName === '#text' && 'value' in node) return [{ type: 'text', value: node.value }]
  if (!('tagName' in node)) return []
  const attributes = Object.fromEntries(node.attrs.map((attribute) => [attribute.name, attribute.value]))
  return [{ type: 'element', name: node.tagName, attributes, children: node.childNodes.flatMap(nodeOf) }]
}
