import {
  createParamDecorator,
  type CanActivate,
  type ExecutionContext,
  Injectable,
  SetMetadata,
  UnauthorizedException,
} from '@nestjs/common'
import { Reflector } from '@nestjs/core'
import type { Request } from 'express'

/** Who is signed in; kept in the session, so that no request needs a look-up. */
export interface SignedIn {
  readonly id: string
  readonly name: string
  readonly workspaceId: string
  readonly workspace: string
}

declare module 'express-session' {
  interface SessionData {
    person: SignedIn
  }
}

const PUBLIC = 'zakuska:public'

/** A route that answers without a sign-in. */
export const Public = (): MethodDecorator & ClassDecorator => SetMetadata(PUBLIC, true)

/** The signed-in person as a parameter. */
export const CurrentPerson = createParamDecorator((_data: unknown, context: ExecutionContext): SignedIn => {
  const person = context.switchToHttp().getRequest<Request>().session.person
  if (!person) throw new UnauthorizedException('Sign in first.')
  return person
})

@Injectable()
export class SignedInGuard implements CanActivate {
  constructor(private readonly reflector: Reflector) {}

  canActivate(context: ExecutionContext): boolean {
    const open = this.reflector.getAllAndOverride<boolean | undefined>(PUBLIC, [
      context.getHandler(),
      context.getClass(),
    ])
    if (open || context.switchToHttp().getRequest<Request>().session.person) return true
    throw new UnauthorizedException('Sign in first.')
  }
}
