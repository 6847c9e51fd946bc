import { UnprocessableEntityException } from '@nestjs/common'
import { hash, verify } from '@node-rs/argon2'
import { dictionary } from '@zxcvbn-ts/language-common'

// OWASP Password Storage Cheat Sheet: argon2id with 19 MiB, two passes, one lane (from memory).
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 }
/** NIST SP 800-63B asks for eight at least (from memory); two more cost nobody anything. */
export const SHORTEST_PASSWORD = 10
export const LONGEST_PASSWORD = 200

const COMMON: ReadonlySet<string> = new Set([...dictionary['passwords-common'], ...dictionary['diceware-common']])

export function hashPassword(password: string): Promise<string> {
  return hash(password, COST)
}

export function isPassword(storedHash: string, password: string): Promise<boolean> {
  return verify(storedHash, password)
}

/** @throws UnprocessableEntityException where a password is too short, among the common ones, or the person's own name. */
export function checkPassword(
  password: string,
  { name, email }: { readonly name: string; readonly email: string },
): void {
  const plain = password.trim().toLowerCase()
  const [account = ''] = email.toLowerCase().split('@')
  const problem =
    [...password].length < SHORTEST_PASSWORD
      ? `A password has ${SHORTEST_PASSWORD} letters at least.`
      : COMMON.has(plain) || /^(.)\1*$/u.test(plain)
        ? 'This password is one of those that are tried first. Take another.'
        : isOfOwnNames(plain, [account, ...name.toLowerCase().split(/\s+/)])
          ? 'A password is not one’s own name.'
          : null
  if (problem) throw new UnprocessableEntityException(problem)
}

/** Nothing but one's own names, in any order and as often as one likes, with figures and signs between them. */
function isOfOwnNames(password: string, names: readonly string[]): boolean {
  const letters = (text: string): string => text.normalize('NFC').replace(/[^\p{L}]+/gu, '')
  const own = names.flatMap((name) => [letters(name), ...name.split(/[^\p{L}]+/u)]).filter((name) => name.length > 2)
  const left = [...own]
    .sort((a, b) => b.length - a.length)
    .reduce((text, name) => text.replaceAll(name, ''), letters(password))
  return letters(password) !== '' && left.length < LEAST_OF_ITS_OWN && left !== letters(password)
}

/** Letters that a password has besides the names of its owner. */
const LEAST_OF_ITS_OWN = 4
