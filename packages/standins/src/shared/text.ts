/** What was sent as a text; nothing where it was anything else. */
export function textOf(given: unknown): string {
  return typeof given === 'string' ? given : ''
}
