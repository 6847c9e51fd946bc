import type { AsideLine, Line } from '../model.ts'

/** What no part of the reading holds, as the fence of a block of code, is set aside: no line is without a place. */
export function withUnread(
  aside: readonly AsideLine[],
  lines: readonly Line[],
  text: string,
  parts: readonly { readonly lines: readonly [number, number] }[],
): AsideLine[] {
  const kept = new Set(aside.map((one) => one.line))
  for (const { lines: own } of parts) for (let line = own[0]; line <= own[1]; line++) kept.add(line)
  const unread = lines.filter((line) => !kept.has(line.number) && text.slice(line.from, line.to).trim() !== '')
  if (!unread.length) return [...aside].sort((a, b) => a.from - b.from)
  const rest = unread.map(({ number, from, to }): AsideLine => ({ line: number, from, to, reason: 'other' }))
  return [...aside, ...rest].sort((a, b) => a.from - b.from)
}
