import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from 'node:crypto'

const MARK = 'sealed:'
const NONCE_BYTES = 12
const TAG_BYTES = 16

/** Seals a token for the database (AES-256-GCM, NIST SP 800-38D; its key by HKDF, RFC 5869, from the server's secret). */
export function seal(secret: string, token: string): string {
  const nonce = randomBytes(NONCE_BYTES)
  const cipher = createCipheriv('aes-256-gcm', keyOf(secret), nonce)
  const sealed = Buffer.concat([nonce, cipher.update(token, 'utf8'), cipher.final(), cipher.getAuthTag()])
  return MARK + sealed.toString('base64')
}

/** The token again; what was kept before tokens were sealed is as it is. Null: it was sealed with another secret. */
export function unseal(secret: string, kept: string): string | null {
  if (!kept.startsWith(MARK)) return kept
  const sealed = Buffer.from(kept.slice(MARK.length), 'base64')
  const decipher = createDecipheriv('aes-256-gcm', keyOf(secret), sealed.subarray(0, NONCE_BYTES))
  decipher.setAuthTag(sealed.subarray(-TAG_BYTES))
  try {
    return Buffer.concat([decipher.update(sealed.subarray(NONCE_BYTES, -TAG_BYTES)), decipher.final()]).toString('utf8')
  } catch {
    return null
  }
}

function keyOf(secret: string): Uint8Array {
  return new Uint8Array(hkdfSync('sha256', secret, '', 'zakuska tokens of destinations', 32))
}
