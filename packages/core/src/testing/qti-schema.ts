import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Dialect } from '../formats/qti/dialect.ts'

const SCHEMA = readFileSync(join(__dirname, '../formats/qti/schema/item-2.1.xsd'), 'utf8')
const BORROWED = /^(?:p|pre|ul|ol|li|table|tbody|tr|td|th|div|span|strong|em|sub|sup|code|br|img)$/

/**
 * The schema of an item, set down from the standard (QTI 2.1 Information Model, sections 4 to 9), since the published one
 * is not to be had without a network. For 3.0 its names get their hyphens and prefix, and the flow of rubric blocks and
 * feedback its content body, as the 3.0 ASI Information Model has them.
 */
export function schemaFor(dialect: Dialect): string {
  const flow =
    '<xs:choice minOccurs="0" maxOccurs="unbounded"><xs:group ref="inlineStatic"/><xs:group ref="blockStatic"/></xs:choice>'
  const body = dialect.hyphens ? '<xs:element ref="qti-content-body"/>' : null
  const filled = SCHEMA.replaceAll('NAMESPACE', dialect.itemNamespace)
    .replace('RUBRIC', body ?? '<xs:group ref="block" minOccurs="0" maxOccurs="unbounded"/>')
    .replace('FEEDBACK', body ?? flow)
    .replace(
      'CONTENT_BODY',
      body
        ? `<xs:element name="qti-content-body"><xs:complexType mixed="true">${flow}</xs:complexType></xs:element>`
        : '',
    )
  if (!dialect.hyphens) return filled
  const hyphens = (name: string): string => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)
  return filled
    .replace(/<xs:element (name|ref)="(\w+)"/g, (whole, how: string, name: string) =>
      BORROWED.test(name) ? whole : `<xs:element ${how}="qti-${hyphens(name)}"`,
    )
    .replace(/<xs:attribute name="(\w+)"/g, (_whole, name: string) => `<xs:attribute name="${hyphens(name)}"`)
}
