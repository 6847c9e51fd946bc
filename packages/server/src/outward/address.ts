const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]'])

/**
 * The origin of an address that this server may call: one that the settings name; where they name none, anything on this
 * machine.
 */
export function addressOf(
  url: string,
  allowed: readonly string[],
): { readonly origin: string } | { readonly why: string } {
  if (!URL.canParse(url)) return { why: 'This is no address. It begins with http:// or https://.' }
  const { origin, protocol, hostname } = new URL(url)
  if (protocol !== 'http:' && protocol !== 'https:') return { why: 'An address begins with http:// or https://.' }
  if (allowed.length ? allowed.includes(origin) : LOOPBACK.has(hostname)) return { origin }
  return { why: `This server sends to ${allowed.length ? allowed.join(', ') : 'this machine'} only.` }
}
