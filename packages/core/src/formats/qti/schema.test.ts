import fc from 'fast-check'
import { validateXML } from 'xmllint-wasm'
import type { Item } from '../../item/model.ts'
import { anyItem } from '../../testing/arbitraries.ts'
import { schemaFor } from '../../testing/qti-schema.ts'
import { fitItem } from '../../fit/fit.ts'
import { FORMATS } from '../index.ts'
import { QTI_21, QTI_22, QTI_30, type Dialect } from './dialect.ts'

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
