import type { ElementNode } from '../../../content/markup.ts'

export function identOf(node: ElementNode): string {
  return node.attributes['ident'] ?? ''
}
