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
        : [account, name.toLowerCase()].some(
              (own) => own.length > 3 && plain.replace(/[\d\W_]+/g, '') === own.replace(/[\d\W_]+/g, ''),
            )
          ? 'A password is not one’s own name.'
          : null
  if (problem) throw new UnprocessableEntityException(problem)
}
