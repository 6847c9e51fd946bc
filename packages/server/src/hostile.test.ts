import { randomUUID } from 'node:crypto'
import type { OpenAPIObject } from '@nestjs/swagger'
import type request from 'supertest'
import { describeApi } from './application.ts'
import { startServer, type RunningServer } from './testing/running-server.ts'

let server: RunningServer
let iris: ReturnType<typeof request.agent>
let api: OpenAPIObject
beforeAll(async () => {
  server = await startServer()
  iris = await server.signIn('iris')
  api = describeApi(server.app)
})
afterAll(() => server.stop())

interface Schema {
  $ref?: string
  type?: string
  properties?: Record<string, Schema>
  items?: Schema
  enum?: unknown[]
  allOf?: Schema[]
}

function resolved(schema: Schema | undefined): Schema {
  const named = schema?.$ref?.split('/').at(-1) ?? schema?.allOf?.[0]?.$ref?.split('/').at(-1)
  return named ? (api.components?.schemas?.[named] ?? {}) : (schema ?? {})
}

/** Something that a field may be, so that the fault of one field is the only one. */
function sample(given: Schema | undefined, depth = 0): unknown {
  const schema = resolved(given)
  if (schema.enum) return schema.enum[0]
  if (depth > 4) return null
  switch (schema.type) {
    case 'string':
      return randomUUID()
    case 'number':
    case 'integer':
      return 1
    case 'boolean':
      return true
    case 'array':
      return [sample(schema.items, depth + 1)]
    default:
      return Object.fromEntries(
        Object.entries(schema.properties ?? {}).map(([name, inner]) => [name, sample(inner, depth + 1)]),
      )
  }
}

const deep = JSON.parse('['.repeat(3000) + ']'.repeat(3000)) as unknown
const BAD: readonly unknown[] = [
  null,
  [],
  {},
  '',
  'a\0b',
  '\ud800',
  -1,
  2 ** 63,
  1e308,
  true,
  [null],
  [[]],
  { a: { b: [] } },
  { __proto__: null, constructor: 1 },
  'x'.repeat(30_000),
  ['\0'],
  { kind: 'single' },
  '[]',
  '../../etc',
]

/** What a field of another kind may be; the rest of the above is kept to wholes. */
const BAD_IN_FIELD = [null, [], {}, 'a\0b', '\ud800', 2 ** 63, [[]], [null], true] as const

const ENDING = [
  'delete /api/session',
  'post /api/workspace/leave',
  'delete /api/workspace',
  'put /api/me',
  'put /api/me/password',
]

function operations(method: string): [string, Schema | undefined, string[]][] {
  return Object.entries(api.paths).flatMap(([path, item]) => {
    const operation = (item as Record<string, { requestBody?: object; parameters?: { name: string; in: string }[] }>)[
      method
    ]
    if (!operation || ENDING.includes(`${method} ${path}`)) return []
    const body = operation.requestBody as { content?: Record<string, { schema?: Schema }> } | undefined
    const queries = (operation.parameters ?? []).filter((one) => one.in === 'query').map(({ name }) => name)
    return [[path, body?.content?.['application/json']?.schema, queries]]
  })
}

/** The bodies of a route with one field wrong each, and wrong as a whole. */
function bodiesOf(schema: Schema | undefined): unknown[] {
  const whole = sample(schema)
  const fields = Object.keys(resolved(schema).properties ?? {})
  return [
    ...BAD,
    deep,
    whole,
    // Each field a third of them, in turn: what reads them is the same for all.
    ...fields.flatMap((field, at) =>
      BAD_IN_FIELD.filter((_bad, turn) => (turn + at) % 3 === 0).map((bad) => ({ ...(whole as object), [field]: bad })),
    ),
  ]
}

test('no JSON at all makes a route fail: it is refused with a reason', async () => {
  const failed: unknown[] = []
  let sent = 0
  for (const method of ['post', 'put'] as const)
    for (const [path, schema] of operations(method)) {
      const address = path.replace(/\{\w+\}/g, () => randomUUID())
      for (const body of bodiesOf(schema)) {
        const answer = await iris[method](address)
          .set('content-type', 'application/json')
          .send(JSON.stringify(body === undefined ? null : body))
        sent++
        if (answer.status >= 500) failed.push([method, path, answer.status, JSON.stringify(body).slice(0, 200)])
        if (answer.status >= 400 && typeof (answer.body as { message?: unknown }).message !== 'string')
          failed.push([method, path, answer.status, 'no message'])
      }
    }
  expect(failed).toEqual([])
  expect(sent).toBeGreaterThan(1500)
}, 240_000)

test('nothing in an address makes a route fail', async () => {
  const failed: unknown[] = []
  for (const [path, , queries] of operations('get'))
    for (const bad of [
      '%00',
      '%ED%A0%80',
      '9223372036854775808',
      '-1',
      'NaN',
      '%27%22;--',
      'a'.repeat(4000),
      '%',
      '..%2F',
    ])
      for (const address of [
        path.replace(/\{\w+\}/g, bad),
        ...queries.map((name) => `${path.replace(/\{\w+\}/g, () => randomUUID())}?${name}=${bad}`),
        ...queries.map((name) => `${path.replace(/\{\w+\}/g, () => randomUUID())}?${name}[]=${bad}&${name}[x]=1`),
      ]) {
        const { status } = await iris.get(address)
        if (status >= 500) failed.push([address.slice(0, 200), status])
      }
  expect(failed).toEqual([])
}, 120_000)

test('what is not JSON, or in an encoding that is not read, is refused', async () => {
  const post = (type: string, body: string) => iris.post('/api/drafts').set('content-type', type).send(body)
  expect((await post('application/json', '{"a":')).status).toBe(400)
  expect((await post('application/json; charset=none-such', '{}')).status).toBe(415)
  expect(
    (
      await iris
        .post('/api/drafts')
        .set('content-type', 'application/json')
        .set('content-encoding', 'none-such')
        .send('{}')
    ).status,
  ).toBe(415)
  expect((await post('application/json', 'x')).body).toEqual({ statusCode: 400, message: 'The body is not JSON.' })
})
