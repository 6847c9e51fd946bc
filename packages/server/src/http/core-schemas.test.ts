import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { isResponse, ITEM_KINDS } from '@zakuska/core'
import { createApplication, describeApi } from '../application.ts'
import { OFFLINE } from '../offline.ts'
import { CORE_SCHEMAS } from './core-schemas.ts'

interface Schema {
  readonly required?: readonly string[]
  readonly properties?: Readonly<Record<string, { readonly enum?: readonly string[] }>>
}

const schema = (name: string) => CORE_SCHEMAS[name] as Schema

// The published schema of items, which a general validator checks against core's own check.
const published = JSON.parse(readFileSync(join(__dirname, '../../../../docs/items.schema.json'), 'utf8')) as {
  readonly $defs: Readonly<Record<string, Schema>>
}

test('what every item has is what the published schema asks of every item', () => {
  const common = Object.values(published.$defs).filter(({ required }) => required?.includes('stem'))
  expect(common.length).toBeGreaterThan(0)
  for (const { required } of common)
    expect(required).toEqual(expect.arrayContaining([...(schema('Item').required ?? [])]))
  expect(schema('Item').properties?.['kind']?.enum).toEqual([...ITEM_KINDS])
})

test('the kinds of responses are those that are taken', () => {
  const samples: Readonly<Record<string, object>> = {
    choice: { chosen: ['a'] },
    truth: { value: true },
    text: { text: 'rye' },
    gaps: { texts: ['rye'] },
    pairs: { pairs: [[0, 1]] },
    order: { ids: ['a', 'b'] },
    step: { value: 3 },
  }
  const kinds = schema('Response').properties?.['kind']?.enum ?? []
  expect([...kinds].sort()).toEqual(Object.keys(samples).sort())
  for (const kind of kinds) expect(isResponse({ kind, ...samples[kind] })).toBe(true)
})

test('every reference of the description leads somewhere, and items are nowhere any object', async () => {
  const app = await createApplication(OFFLINE)
  const described = describeApi(app)
  await app.close()
  const text = JSON.stringify(described)
  const known = Object.keys(described.components?.schemas ?? {})
  const meant = new Set([...text.matchAll(/#\/components\/schemas\/(\w+)/g)].map(([, name]) => name))
  expect([...meant].filter((name) => !known.includes(name ?? ''))).toEqual([])
  const bodies = Object.values(described.components?.schemas ?? {}).flatMap((one) =>
    'properties' in one && one.properties?.['body'] ? [one.properties['body']] : [],
  )
  expect(bodies.length).toBeGreaterThan(8)
  for (const body of bodies) expect(JSON.stringify(body)).toContain('#/components/schemas/Item')
})
