import type { NextFunction, Request, RequestHandler, Response } from 'express'
import type { SignedIn } from '../access/current-person.ts'
import { may, ROUTES, whyNot, type Right } from '../access/permissions.ts'

interface Rule {
  readonly method: string
  readonly pattern: RegExp
  readonly right: Right | 'self' | 'nobody'
  /** Named parts: a route that is written out goes before one with a name in its place. */
  readonly names: number
}

const RULES: readonly Rule[] = Object.entries(ROUTES)
  .map(([route, right]): Rule => {
    const [method = '', path = ''] = route.split(' ')
    const source = path.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+')
    return { method, pattern: new RegExp(`^${source}/?$`), right, names: path.split('{').length - 1 }
  })
  .sort((a, b) => a.names - b.names)

export function ruleFor(method: string, path: string): Rule['right'] | null {
  const asked = method === 'HEAD' ? 'GET' : method
  return RULES.find((rule) => rule.method === asked && rule.pattern.test(path))?.right ?? null
}

/**
 * Lets through what may be asked for, before anything of a request's body is read: an address that there is not, nobody
 * signed in, a role that does not let one.
 */
export function gate(find: (request: Request) => Promise<SignedIn | null>): RequestHandler {
  return (request: Request, response: Response, next: NextFunction): void => {
    const refuse = (status: number, message: string): void =>
      void response.status(status).set('connection', 'close').json({ statusCode: status, message })
    const right = ruleFor(request.method, request.path)
    if (right === null) return refuse(404, 'There is nothing at this address.')
    find(request).then((person) => {
      request.signedIn = person ?? undefined
      if (right === 'nobody') return next()
      if (!person) return refuse(401, 'Sign in first.')
      if (right !== 'self' && !may(person.role, right)) return refuse(403, whyNot(person.role, right))
      next()
    }, next)
  }
}
