import {
  normalizeContent,
  paragraph,
  styledText,
  type Block,
  type Content,
  type Inline,
  type TableRow,
  type TextStyle,
} from '@zakuska/core'
import type { JSONContent } from '@tiptap/core'

const MARK_OF: Readonly<Record<TextStyle, string>> = {
  strong: 'bold',
  emphasis: 'italic',
  underline: 'underline',
  sub: 'subscript',
  sup: 'superscript',
  code: 'code',
}
const STYLE_OF: Readonly<Record<string, TextStyle>> = Object.fromEntries(
  Object.entries(MARK_OF).map(([style, mark]) => [mark, style as TextStyle]),
)

/** Rich text as the editor's document. Pictures travel through it whole. */
export function toEditorDoc(content: Content): JSONContent {
  const blocks = content.map(blockNode)
  return { type: 'doc', content: blocks.length ? blocks : [{ type: 'paragraph' }] }
}

function blockNode(block: Block): JSONContent {
  switch (block.type) {
    case 'paragraph':
      return { type: 'paragraph', content: block.content.flatMap(inlineNode) }
    case 'preformatted':
      return { type: 'codeBlock', content: block.text ? [{ type: 'text', text: block.text }] : [] }
    case 'list':
      return {
        type: block.ordered ? 'orderedList' : 'bulletList',
        content: block.entries.map((entry) => ({
          type: 'listItem',
          content: startingWithParagraph(entry.map(blockNode)),
        })),
      }
    case 'table':
      return {
        type: 'table',
        content: block.rows.map((row) => ({
          type: 'tableRow',
          content: row.cells.map((cell) => ({
            type: row.header ? 'tableHeader' : 'tableCell',
            content: cell.length ? cell.map(blockNode) : [{ type: 'paragraph' }],
          })),
        })),
      }
  }
}

/** The editor's list elements start with a paragraph. */
function startingWithParagraph(blocks: readonly JSONContent[]): JSONContent[] {
  return blocks[0]?.type === 'paragraph' ? [...blocks] : [{ type: 'paragraph' }, ...blocks]
}

function inlineNode(node: Inline): JSONContent[] {
  switch (node.type) {
    case 'text':
      return node.text
        ? [
            {
              type: 'text',
              text: node.text,
              ...(node.styles && { marks: node.styles.map((style) => ({ type: MARK_OF[style] })) }),
            },
          ]
        : []
    case 'break':
      return [{ type: 'hardBreak' }]
    case 'gap':
      return [{ type: 'gap' }]
    case 'tex':
      return [{ type: 'tex', attrs: { tex: node.tex, display: node.display } }]
    case 'picture':
      return [{ type: 'picture', attrs: { picture: node } }]
  }
}

/** The editor's document as rich text in its normal form. */
export function fromEditorDoc(doc: JSONContent): Content {
  return normalizeContent((doc.content ?? []).flatMap(blockOf))
}

function blockOf(node: JSONContent): Block[] {
  const inner = node.content ?? []
  switch (node.type) {
    case 'paragraph':
      return [paragraph(inner.flatMap(inlineOf))]
    case 'codeBlock':
      return [{ type: 'preformatted', text: inner.map((one) => one.text ?? '').join('') }]
    case 'bulletList':
    case 'orderedList':
      return [
        {
          type: 'list',
          ordered: node.type === 'orderedList',
          entries: inner.map((entry) => (entry.content ?? []).flatMap(blockOf)),
        },
      ]
    case 'table':
      return [{ type: 'table', rows: inner.map(rowOf) }]
    default:
      return []
  }
}

/** A row of headers is one whose cells all are; the editor lets a column be of headers, which the vocabulary has no place for. */
function rowOf(row: JSONContent): TableRow {
  const cells = row.content ?? []
  return {
    header: cells.length > 0 && cells.every((cell) => cell.type === 'tableHeader'),
    cells: cells.map((cell) => (cell.content ?? []).flatMap(blockOf)),
  }
}

function inlineOf(node: JSONContent): Inline[] {
  switch (node.type) {
    case 'text':
      return [
        styledText(
          node.text ?? '',
          (node.marks ?? []).flatMap((mark) => STYLE_OF[mark.type] ?? []),
        ),
      ]
    case 'hardBreak':
      return [{ type: 'break' }]
    case 'gap':
      return [{ type: 'gap' }]
    case 'tex':
      return [{ type: 'tex', tex: String(node.attrs?.['tex'] ?? ''), display: node.attrs?.['display'] === true }]
    case 'picture':
      return [node.attrs?.['picture'] as Inline]
    default:
      return []
  }
}
