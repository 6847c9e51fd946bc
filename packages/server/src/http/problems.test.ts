import { DeadlockException, DriverException, UniqueConstraintViolationException } from '@mikro-orm/core'
import { BadRequestException, ConflictException, type ArgumentsHost } from '@nestjs/common'
import { FormatError } from '@zakuska/core'
import { PackageError } from '@zakuska/documents'
import type { Request } from 'express'
import { problemIn } from './bodies.ts'
import { originOf } from './origin.ts'
import { ofBody, ProblemFilter, safeToLog } from './problem.filter.ts'
import { sameOrigin } from './same-origin.ts'

function explained(error: unknown): { readonly status: number; readonly message: string } {
  const found = { status: 0, message: '' }
  const response = {
    headersSent: false,
    status: (status: number) => ({
      json: (body: { readonly message: string }) => Object.assign(found, { status, message: body.message }),
    }),
  }
  const host = { switchToHttp: () => ({ getResponse: () => response }) } as unknown as ArgumentsHost
  new ProblemFilter().catch(error, host)
  return found
}
const driver = (code: string): Error =>
  Object.assign(new DriverException(new Error(`insert into draft values ('my text')`)), { code })

describe('what went wrong leaves as one sentence', () => {
  test.each<[string, unknown, number, RegExp]>([
    ['a refusal of ours', new ConflictException('Somebody else changed it.'), 409, /^Somebody else changed it\.$/],
    [
      'several faults of a body',
      new BadRequestException(['title must be a string', 'text is too long']),
      400,
      /^title must be a string; text is too long\.$/,
    ],
    ['a file that is none', new PackageError('The file is empty.'), 422, /^The file is empty\.$/],
    ['a format that is not kept', new FormatError('No GIFT.'), 422, /^No GIFT\.$/],
    [
      'two that did the same',
      new UniqueConstraintViolationException(new Error('duplicate key')),
      409,
      /same at the same time/,
    ],
    ['a deadlock', new DeadlockException(new Error('deadlock detected')), 409, /Try again/],
    // SQLSTATE classes of PostgreSQL's documentation, appendix A.
    ['a number out of range (22003)', driver('22003'), 400, /cannot be kept/],
    ['a database that stops (57P01)', driver('57P01'), 503, /does not answer/],
    ['a connection that is lost (08006)', driver('08006'), 503, /does not answer/],
    ['a disk that is full (53100)', driver('53100'), 507, /no room left/],
    ['a connection that is refused', new Error('connect ECONNREFUSED 127.0.0.1:5432'), 503, /does not answer/],
    ['a body that is too large', { type: 'entity.too.large', status: 413 }, 413, /larger than/],
    ['a body that is no JSON', { type: 'entity.parse.failed', status: 400 }, 400, /not JSON/],
    ['an encoding that is not read', { type: 'encoding.unsupported', status: 415 }, 415, /encoding/],
  ])('%s', (_what, error, status, message) => {
    const found = explained(error)
    expect(found.status).toBe(status)
    expect(found.message).toMatch(message)
  })

  test('what nobody thought of says nothing of the inside', () => {
    const log = jest.spyOn(process.stderr, 'write').mockImplementation(() => true)
    const out = jest.spyOn(process.stdout, 'write').mockImplementation(() => true)
    const found = explained(new TypeError('Cannot read properties of undefined (reading secret)'))
    expect(found).toEqual({ status: 500, message: 'Something went wrong here. Nothing was changed; try again.' })
    log.mockRestore()
    out.mockRestore()
  })

  test('the log keeps no text of people: of a failing statement only its code and place', () => {
    const logged = safeToLog(driver('23505'))
    expect(logged).toContain('23505')
    expect(logged).not.toContain('my text')
    expect(safeToLog(new Error('x'.repeat(900))).split('\n')[0]?.length).toBeLessThan(320)
    expect(safeToLog('a string')).not.toContain('a string')
  })

  test('errors that are not of bodies are none', () => {
    for (const error of [null, 'text', {}, { status: 500 }, { status: 200 }]) expect(ofBody(error)).toBeNull()
    expect(ofBody({ status: 414 })).toMatchObject({ status: 414 })
  })
})

describe('what no text or field can hold', () => {
  test('is found wherever it stands, and named by its place', () => {
    expect(problemIn({ a: [{ b: 'x\0' }] }, 'The body')).toBe('a.0.b holds a character that no text has (U+0000).')
    expect(problemIn('\ud800', 'The body')).toBe('The body holds half a character (a lone surrogate).')
    expect(problemIn({ 'na\0me': 1 }, 'The body')).toMatch(/^A name in it holds/)
  })
  test('nesting beyond all sense is refused, and what is whole is let through', () => {
    let deep: unknown = 1
    for (let at = 0; at < 300; at++) deep = { deep }
    expect(problemIn(deep, 'The body')).toBe('The body is nested too deep.')
    for (const fine of [undefined, null, 3, 'é 𝄞', { a: [1, 'b', null] }, Buffer.from('\0')])
      expect(problemIn(fine, 'The body')).toBeNull()
  })
})

// W3C Fetch Metadata Request Headers, section 2.4; RFC 6454 for Origin.
describe('changes that another site asks for', () => {
  const answered = (method: string, headers: Readonly<Record<string, string>>): number => {
    const request = { method, get: (name: string) => headers[name] } as unknown as Request
    let status = 200
    const response = { status: (code: number) => ({ json: () => (status = code) }) }
    sameOrigin(request, response as never, () => undefined)
    return status
  }
  test.each<[string, string, Record<string, string>, number]>([
    ['a look from anywhere', 'GET', { 'sec-fetch-site': 'cross-site' }, 200],
    ['a change from this site', 'POST', { 'sec-fetch-site': 'same-origin' }, 200],
    ['a change by hand', 'PUT', { 'sec-fetch-site': 'none' }, 200],
    ['a change from a neighbour', 'POST', { 'sec-fetch-site': 'same-site' }, 403],
    ['a change from elsewhere', 'DELETE', { 'sec-fetch-site': 'cross-site' }, 403],
    ['an older browser, from here', 'POST', { origin: 'https://school.example', host: 'school.example' }, 200],
    ['an older browser, from elsewhere', 'POST', { origin: 'https://evil.example', host: 'school.example' }, 403],
    ['an origin that is none', 'POST', { origin: 'null', host: 'school.example' }, 403],
    ['a program that is no browser', 'POST', {}, 200],
  ])('%s', (_what, method, headers, status) => expect(answered(method, headers)).toBe(status))

  test('the address that people have this server under', () => {
    const request = { protocol: 'https', get: () => 'school.example:8443' } as unknown as Request
    expect(originOf(request)).toBe('https://school.example:8443')
  })
})
