import type { Stretch } from './list-entry.ts'

/** What a stretch says, without what parts it from its neighbours. */
export function valueText(texts: readonly string[], { line, from, endLine, to }: Stretch): string {
  const parted = isDashed(texts)
  if (line === endLine) return tidyValue((texts[line] ?? '').slice(from, to), parted)
  const parts = [
    (texts[line] ?? '').slice(from),
    ...texts.slice(line + 1, endLine),
    (texts[endLine] ?? '').slice(0, to),
  ]
  return tidyValue(parts.map((part) => part.trim()).join(' '), parted)
}

/** "1-a, 2-b": where a dash parts numbers from letters, one before a figure is no minus. */
const DASHED = /(?<![\p{L}\p{N}])\d{1,3}\s?[-–—]\s?\p{L}/u

const dashed = new WeakMap<readonly string[], boolean>()

/** Asked once for each of thousands of ways to part a list. */
function isDashed(texts: readonly string[]): boolean {
  const known = dashed.get(texts) ?? texts.some((text) => DASHED.test(text))
  dashed.set(texts, known)
  return known
}

/** @param dashParts whether a dash stands between the numbers of a list and their values. */
export function tidyValue(text: string, dashParts = false): string {
  return text
    .replace(/^[\s.):=–—|-]+(?=\S)/u, (lead) =>
      !dashParts && /[-–]$/.test(lead) && /^\d/.test(text.slice(lead.length)) && lead.trim().length === 1
        ? lead.trim()
        : '',
    )
    .replace(/[\s,;|•·–—-]+$/u, (tail) => (/^\s/.test(tail) ? '' : tail.replace(/[\s,;|•·]+$/u, '')))
}
