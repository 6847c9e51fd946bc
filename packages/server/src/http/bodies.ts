import express, { type NextFunction, type Request, type RequestHandler, type Response } from 'express'

import { ofBody, type Problem } from './problem.filter.ts'

const SMALL = '200kb'
/** Drafts, items and papers as a whole. */
const LARGE = '12mb'
/** A little over what a file may have, so that a larger one is told by its reader in words. */
const FILE = '21mb'
/** A password never waits behind a body that takes long. */
const TINY = '20kb'

const LARGE_ROUTES = /^\/api\/(?:drafts|items|papers|outcomes|deliveries|notations|copies|sittings)(?:\/|$)/
const FILE_ROUTES = /^\/api\/(?:files|assets|sittings\/table|workspaces\/archive)\/?$/
const TINY_ROUTES = /^\/api\/(?:session|first-run|links|me)(?:\/|$)/

const MOST_DEPTH = 200
const LONE_SURROGATE = /\p{Surrogate}/u

const readers = {
  tiny: express.json({ limit: TINY }),
  small: express.json({ limit: SMALL }),
  large: express.json({ limit: LARGE }),
  file: express.raw({ type: 'application/octet-stream', limit: FILE }),
}

/** Reads a body, as large as its route takes one, and refuses what no text or field can hold. */
export function bodies(request: Request, response: Response, next: NextFunction): void {
  readerFor(request.baseUrl + request.path)(request, response, (error?: unknown) => {
    const unread = error === undefined || error === null ? null : ofBody(error)
    if (unread) return refuse(response, unread)
    if (error) return next(error)
    const problem = problemIn(request.body, 'The body') ?? problemIn(request.query, 'The address')
    if (problem === null) next()
    else refuse(response, { status: 400, message: problem })
  })
}

function refuse(response: Response, { status, message }: Problem): void {
  // What is still on its way is not waited for.
  response.status(status).set('connection', 'close').json({ statusCode: status, message })
}

function readerFor(path: string): RequestHandler {
  if (FILE_ROUTES.test(path)) return readers.file
  if (TINY_ROUTES.test(path)) return readers.tiny
  return LARGE_ROUTES.test(path) ? readers.large : readers.small
}

/** PostgreSQL keeps neither U+0000 nor half a surrogate pair, and nothing of ours is nested deep. */
export function problemIn(body: unknown, what: string): string | null {
  const left: [unknown, string, number][] = [[body, '', 0]]
  for (let next = left.pop(); next; next = left.pop()) {
    const [value, path, depth] = next
    if (typeof value === 'string') {
      const bad = badLetter(value)
      if (bad) return `${path || what} holds ${bad}.`
    } else if (typeof value === 'object' && value !== null && !Buffer.isBuffer(value)) {
      if (depth >= MOST_DEPTH) return `${what} is nested too deep.`
      for (const [name, inner] of Object.entries(value)) {
        const bad = badLetter(name)
        if (bad) return `A name in ${path || 'it'} holds ${bad}.`
        left.push([inner, path ? `${path}.${name}` : name, depth + 1])
      }
    }
  }
  return null
}

function badLetter(text: string): string | null {
  if (text.includes('\0')) return 'a character that no text has (U+0000)'
  return LONE_SURROGATE.test(text) ? 'half a character (a lone surrogate)' : null
}
