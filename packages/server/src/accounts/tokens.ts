import { createHash, randomBytes } from 'node:crypto'

/** 256 bits, as they stand in an address. */
export function newToken(): string {
  return randomBytes(32).toString('base64url')
}

/** What is kept of a token. It is random and long, so that no slow hash is needed. */
export function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex')
}
