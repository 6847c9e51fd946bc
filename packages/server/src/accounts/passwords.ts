import { hash, verify } from '@node-rs/argon2'

// OWASP Password Storage Cheat Sheet: argon2id with 19 MiB, two passes, one lane (from memory).
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 }

export function hashPassword(password: string): Promise<string> {
  return hash(password, COST)
}

export function isPassword(storedHash: string, password: string): Promise<boolean> {
  return verify(storedHash, password)
}
