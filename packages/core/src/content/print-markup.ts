import type { ElementNode, MarkupNode } from './markup.ts'

/**
 * Markup as XML text, without a declaration; an element without content is closed in its own tag. Each character that
 * XML 1.0 (section 2.4) keeps out of text or attribute values is escaped, and so is white space that a parser would
 * fold or replace (sections 2.11 and 3.3.3). Characters that XML has no place for (section 2.2) are left out.
 */
export function printMarkup(nodes: readonly MarkupNode[]): string {
  let printed = ''
  for (const node of nodes) printed += printNode(node)
  return printed
}

function printNode(node: MarkupNode): string {
  if (node.type === 'text') return escapeText(node.value)
  const tag = tagOf(node)
  return node.children.length ? `<${tag}>${printMarkup(node.children)}</${node.name}>` : `<${tag}/>`
}

/** The start tag of an element that something is to follow in. */
export function printStartTag(node: ElementNode): string {
  return `<${tagOf(node)}>`
}

function tagOf(node: ElementNode): string {
  let tag = node.name
  for (const name in node.attributes) tag += ` ${name}="${escapeAttribute(node.attributes[name] ?? '')}"`
  return tag
}

// The controls, two non-characters, and half a surrogate pair.
const NOT_XML =
  /[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]|[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/g
// Most texts need nothing; these find the others in one pass.
const IN_TEXT = /[&<>\u0000-\u0008\u000B-\u001F\uD800-\uDFFF\uFFFE\uFFFF]/
const IN_ATTRIBUTE = /[&<>"\u0000-\u001F\uD800-\uDFFF\uFFFE\uFFFF]/
const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  '\t': '&#x9;',
  '\n': '&#xA;',
  '\r': '&#xD;',
}

function escapeText(text: string): string {
  return IN_TEXT.test(text) ? escaped(text, /[&<>\r]/g) : text
}

function escapeAttribute(text: string): string {
  return IN_ATTRIBUTE.test(text) ? escaped(text, /[&<>"\t\n\r]/g) : text
}

function escaped(text: string, special: RegExp): string {
  return text.replace(NOT_XML, '').replace(special, (character) => ESCAPES[character] ?? character)
}
