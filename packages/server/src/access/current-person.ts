import { createParamDecorator, ForbiddenException, UnauthorizedException, type ExecutionContext } from '@nestjs/common'
import type { Request } from 'express'
import { may, whyNot, type Right, type Role } from './permissions.ts'

/** Who is signed in, and as what: looked up anew for every request. */
export interface SignedIn {
  readonly id: string
  readonly name: string
  readonly email: string
  readonly workspaceId: string
  readonly workspace: string
  readonly role: Role
}

declare module 'express-session' {
  interface SessionData {
    personId: string
    /** Of several workspaces: the one that this session works in. */
    workspaceId: string
    /** When it began, ISO 8601, and the browser's name for itself. */
    since: string
    agent: string
  }
}

declare module 'express' {
  interface Request {
    signedIn?: SignedIn | undefined
  }
}

/** The signed-in person as a parameter. */
export const CurrentPerson = createParamDecorator((_data: unknown, context: ExecutionContext): SignedIn => {
  const person = context.switchToHttp().getRequest<Request>().signedIn
  if (!person) throw new UnauthorizedException('Sign in first.')
  return person
})

/** The signed-in person, or null where nobody is. */
export const MaybePerson = createParamDecorator(
  (_data: unknown, context: ExecutionContext): SignedIn | null =>
    context.switchToHttp().getRequest<Request>().signedIn ?? null,
)

/** @throws ForbiddenException with the reason, where the role does not let one. */
export function demand(person: SignedIn, right: Right): void {
  if (!may(person.role, right)) throw new ForbiddenException(whyNot(person.role, right))
}
