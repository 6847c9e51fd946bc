import type { NextFunction, Request, Response } from 'express'

const SAFE_METHODS = new Set(['GET', 'HEAD', 'OPTIONS'])

/**
 * Refuses changes that another site asks for. Browsers say where a request comes from in
 * `Sec-Fetch-Site` (W3C Fetch Metadata) or `Origin`; together with a SameSite cookie no token is needed.
 */
export function sameOrigin(request: Request, response: Response, next: NextFunction): void {
  if (SAFE_METHODS.has(request.method) || isOwn(request)) next()
  else response.status(403).json({ statusCode: 403, message: 'This request comes from another site.' })
}

function isOwn(request: Request): boolean {
  const site = request.get('sec-fetch-site')
  if (site !== undefined) return site === 'same-origin' || site === 'none'
  const origin = request.get('origin')
  if (origin === undefined) return true
  try {
    return new URL(origin).host === request.get('host')
  } catch {
    return false
  }
}
