import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { validateXML } from 'xmllint-wasm'
import type { Item } from '../../item/model.ts'
import { anyItem } from '../../testing/arbitraries.ts'
import { fitItem } from '../../fit/fit.ts'
import { FORMATS } from '../index.ts'
import { QTI_21, QTI_22, QTI_30, type Dialect } from './dialect.ts'

// Checked by libxml2 against a schema set down from the standard (QTI 2.1 Information Model, sections 4 to 9), since the
// published one is not to be had without a network. For 3.0 its names get their hyphens and prefix, and the flow of
// rubric blocks and feedback its content body, as the 3.0 ASI Information Model has them.
const SCHEMA = readFileSync(join(__dirname, 'schema/item-2.1.xsd'), 'utf8')
const BORROWED = /^(?:p|pre|ul|ol|li|table|tbody|tr|td|th|div|span|strong|em|sub|sup|code|br|img)$/

function schemaFor(dialect: Dialect): string {
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

async function problemsOf(items: readonly Item[], dialect: Dialect, schema = schemaFor(dialect)): Promise<string[]> {
  const { data } = FORMATS[dialect.id].write(items, { title: 'A bank', as: 'bank' })
  const files = data.form === 'package' ? data.files.filter((file) => file.path.startsWith('items/')) : []
  const xml = files.map((file) => ({ fileName: file.path, contents: new TextDecoder().decode(file.bytes) }))
  const result = await validateXML({ xml, schema: [schema] })
  return result.valid ? [] : result.errors.map((error) => error.message)
}

describe.each([QTI_21, QTI_22, QTI_30])('$name', (dialect) => {
  const { limits } = FORMATS[dialect.id]

  test('what is written is well-formed, and in the order and with the content that the standard fixes', async () => {
    const items = fc
      .sample(anyItem, { numRuns: 120, seed: 7 })
      .filter((item) => fitItem(item, limits).verdict !== 'cannot')
    expect(new Set(items.map((item) => item.kind)).size).toBe(12)
    expect(await problemsOf(items, dialect)).toEqual([])
  })

  test('the check can fail: it knows no element that is not in the schema', async () => {
    const [item] = fc.sample(
      anyItem.filter((one) => one.kind === 'single'),
      { numRuns: 1, seed: 1 },
    )
    const name = dialect.hyphens ? 'qti-simple-choice' : 'simpleChoice'
    const broken = schemaFor(dialect).replaceAll(`"${name}"`, '"noSuchThing"')
    expect(await problemsOf(item ? [item] : [], dialect, broken)).not.toEqual([])
  })
})
