import type { Request } from 'express'

/** The address that the person has this server under. */
export function originOf(request: Request): string {
  return `${request.protocol}://${request.get('host') ?? ''}`
}
