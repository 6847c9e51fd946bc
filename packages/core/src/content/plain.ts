import type { Block, Content, Inline, Text } from './model.ts'
import { foldBlanks } from './blanks.ts'
import { toSubscript, toSuperscript } from './scripts.ts'

/**
 * The plain-text projection: trimmed, white space folded, one line per paragraph, a gap as `___`,
 * scripts as Unicode where it has them, TeX between `\(` and `\)`, a picture as `[image: alt]`.
 * Emphasis is dropped.
 */
export function plainText(content: Content | undefined): string {
  return content ? content.map(blockText).filter(Boolean).join('\n') : ''
}

function blockText(block: Block): string {
  switch (block.type) {
    case 'paragraph':
      return fold(block.content.map(inlineText).join(''))
    case 'preformatted':
      return block.text.split('\n').map(fold).filter(Boolean).join('\n')
    case 'list':
      return block.entries.map((entry) => plainText(entry)).join('\n')
    case 'table':
      return block.rows.map((row) => row.cells.map((cell) => plainText(cell)).join(' | ')).join('\n')
  }
}

function inlineText(node: Inline): string {
  switch (node.type) {
    case 'text':
      return scripted(node)
    case 'break':
      return '\n'
    case 'gap':
      return '___'
    case 'tex':
      return `\\(${node.tex}\\)`
    case 'picture':
      return `[image: ${node.alt}]`
  }
}

function scripted(node: Text): string {
  if (!node.styles) return node.text
  if (node.styles.includes('sup')) return toSuperscript(node.text)
  if (node.styles.includes('sub')) return toSubscript(node.text)
  return node.text
}

function fold(text: string): string {
  if (!text.includes('\n')) return foldBlanks(text).trim()
  return text
    .split('\n')
    .map((line) => foldBlanks(line).trim())
    .filter(Boolean)
    .join('\n')
}
