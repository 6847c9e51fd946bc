import { UnauthorizedException } from '@nestjs/common'
import type { Request } from 'express'
import type { AccountsService } from './accounts.service.ts'
import type { SignedIn } from '../access/current-person.ts'

const LONGEST_AGENT = 200

/** Begins a session under a new id, so that one planted before the sign-in is worth nothing. */
export async function beginSession(
  request: Request,
  accounts: AccountsService,
  personId: string,
  workspaceId: string | null,
): Promise<SignedIn> {
  const person = await accounts.find(personId, workspaceId)
  if (!person) throw new UnauthorizedException('You are in no workspace any more. Ask an owner for an invitation.')
  await new Promise<void>((resolve, reject) =>
    request.session.regenerate((error: unknown) => (error ? reject(asError(error)) : resolve())),
  )
  Object.assign(request.session, {
    personId: person.id,
    workspaceId: person.workspaceId,
    since: new Date().toISOString(),
    agent: (request.get('user-agent') ?? '').slice(0, LONGEST_AGENT),
  })
  return person
}

export async function endSession(request: Request): Promise<void> {
  await new Promise<void>((resolve, reject) =>
    request.session.destroy((error: unknown) => (error ? reject(asError(error)) : resolve())),
  )
}

function asError(error: unknown): Error {
  return error instanceof Error ? error : new Error(String(error))
}
