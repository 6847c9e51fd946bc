import { createHash, randomInt } from 'node:crypto'

/** Letters and figures that are not mistaken for one another, since people type them. */
const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789'
const CODE_SIGNS = 6
/** 60 bits: nobody guesses one. */
const TOKEN_SIGNS = 12

function signs(count: number): string {
  return Array.from({ length: count }, () => SIGNS[randomInt(SIGNS.length)]).join('')
}

/** What a class types to come to a sitting. */
export function newCode(): string {
  return signs(CODE_SIGNS)
}

/** What opens one attempt, in groups of four: it is stored in the browser, and can be typed elsewhere to go on. */
export function newToken(): string {
  return (signs(TOKEN_SIGNS).match(/.{4}/g) ?? []).join('-')
}

/** A token is kept as its hash, however it was typed. */
export function hashOf(token: string): string {
  const plain = token.toUpperCase().replace(/[^A-Z0-9]/g, '')
  return createHash('sha256').update(`attempt:${plain}`).digest('base64url')
}
