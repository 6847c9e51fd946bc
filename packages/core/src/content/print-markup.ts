import type { MarkupNode } from './elements.ts'

/**
 * Markup as XML text, without a declaration; an element without content is closed in its own tag. Each character that
 * XML 1.0 (section 2.4) keeps out of text or attribute values is escaped, and so is white space that a parser would
 * fold or replace (sections 2.11 and 3.3.3).
 */
export function printMarkup(nodes: readonly MarkupNode[]): string {
  let printed = ''
  for (const node of nodes) printed += printNode(node)
  return printed
}

function printNode(node: MarkupNode): string {
  if (node.type === 'text') return escapeText(node.value)
  let tag = `<${node.name}`
  for (const name in node.attributes) tag += ` ${name}="${escapeAttribute(node.attributes[name] ?? '')}"`
  return node.children.length ? `${tag}>${printMarkup(node.children)}</${node.name}>` : `${tag}/>`
}

const IN_TEXT = /[&<>\r]/
const IN_ATTRIBUTE = /[&<>"\t\n\r]/
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
  return IN_TEXT.test(text) ? text.replace(/[&<>\r]/g, (character) => ESCAPES[character] ?? character) : text
}

function escapeAttribute(text: string): string {
  return IN_ATTRIBUTE.test(text) ? text.replace(/[&<>"\t\n\r]/g, (character) => ESCAPES[character] ?? character) : text
}
