import type { ElementNode } from '../../../content/markup.ts'
import { child, children } from '../../xml/xml.ts'

/** @internal */
export function mapEntries(declaration: ElementNode): (readonly [string, number])[] {
  const mapping = child(declaration, 'mapping')
  return mapping
    ? children(mapping, 'mapEntry').map(
        (entry) => [entry.attributes['mapKey'] ?? '', Number(entry.attributes['mappedValue'])] as const,
      )
    : []
}
