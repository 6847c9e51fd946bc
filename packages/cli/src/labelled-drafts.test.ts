import { FORMATS, proofSummary, proveFormat, readDraft, type FormatId, type Item } from '@zakuska/core'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { validateXML } from 'xmllint-wasm'
import { QTI_21, QTI_22, QTI_30 } from '../../core/src/formats/qti/dialect.ts'
import { schemaFor } from '../../core/src/testing/qti-schema.ts'
import { parseDocument } from '../../standins/src/breakwater/dom.ts'
import { correctResponses, gradeSource, maxScore } from '../../standins/src/breakwater/site-item.ts'

const DRAFTS = join(__dirname, '../../core/samples/drafts')
/** What stands in labelled drafts, whatever their manners: every kind, in many languages. */
const ITEMS: readonly Item[] = readdirSync(DRAFTS)
  .filter((name) => /(?<!\.key)\.(?:txt|md)$/.test(name))
  .flatMap((name) => readDraft({ text: readFileSync(join(DRAFTS, name), 'utf8') }).items)
  .map(({ item }) => item)

function itemFiles(id: FormatId): string[] {
  const { data } = FORMATS[id].write(ITEMS, { title: 'Drafts', as: 'bank' })
  const files = data.form === 'package' ? data.files.filter(({ path }) => path.startsWith('items/')) : []
  return files.map(({ bytes }) => new TextDecoder().decode(bytes))
}

test('there are drafts of every kind but one', () => {
  expect(new Set(ITEMS.map(({ kind }) => kind)).size).toBe(11)
})

test.each(Object.keys(FORMATS) as FormatId[])('nothing differs in %s that was not announced', (id) => {
  const { sent, wrong } = proofSummary(proveFormat(ITEMS, FORMATS[id], 'Drafts'))
  expect(wrong).toEqual([])
  expect(sent).toBeGreaterThan(ITEMS.length / 3)
})

test.each([QTI_21, QTI_22, QTI_30])('what is written in $name is valid', async (dialect) => {
  const xml = itemFiles(dialect.id).map((contents, at) => ({ fileName: `${at}.xml`, contents }))
  const result = await validateXML({ xml, schema: [schemaFor(dialect)] })
  expect(result.errors.map(({ message }) => message)).toEqual([])
})

// The course site's own interpreter shares no code with the writer.
test.each(['qti21', 'qti22'] as const)(
  'an interpreter of its own gives the key of each item in %s all points',
  (id) => {
    const graded = itemFiles(id).flatMap((source) => {
      const root = parseDocument(source)
      const key = correctResponses(root)
      const hasKey = Object.values(key).some(({ length }) => length > 0)
      return hasKey ? [{ right: gradeSource(source, key), most: maxScore(root), empty: gradeSource(source, {}) }] : []
    })
    expect(graded.length).toBeGreaterThan(ITEMS.length / 2)
    expect(graded.filter(({ right, most }) => Math.abs(right - most) > 1e-9)).toEqual([])
    expect(graded.filter(({ empty }) => empty > 0)).toEqual([])
  },
)
