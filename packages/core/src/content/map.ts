import { paragraph, type Block, type Content, type Inline } from './model.ts'

/** The same rich text with each inline node replaced, by one or by several. */
export function mapInlines(content: Content, change: (node: Inline) => Inline | readonly Inline[]): Content {
  return content.map((block): Block => {
    switch (block.type) {
      case 'paragraph':
        return paragraph(block.content.flatMap(change))
      case 'preformatted':
        return block
      case 'list':
        return { ...block, entries: block.entries.map((entry) => mapInlines(entry, change)) }
      case 'table':
        return {
          ...block,
          rows: block.rows.map((row) => ({ ...row, cells: row.cells.map((cell) => mapInlines(cell, change)) })),
        }
    }
  })
}
