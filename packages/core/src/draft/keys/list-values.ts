import { keywordAt } from '../words.ts'
import type { Stretch } from './list-entry.ts'

/** Letters of one value in a line: every number in a line of figures begins one, and each would go to its end. */
const LONGEST_VALUE = 400

/** What a stretch says, without what parts it from its neighbours. */
export function valueText(texts: readonly string[], { line, from, endLine, to }: Stretch): string {
  const parted = isDashed(texts)
  if (line === endLine) return tidyValue((texts[line] ?? '').slice(from, Math.min(to, from + LONGEST_VALUE)), parted)
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

const WORDED = /^[\s.):=–—|-]*\p{L}[\p{L} ]{1,20}\s?[:：]/u

/** "Answer: A" behind a number in a list. */
function withoutWord(text: string): string {
  const lead = WORDED.test(text) ? text.search(/\p{L}/u) : -1
  const word = lead >= 0 ? keywordAt(text, lead) : null
  return word?.role === 'answer' && word.end < text.length ? text.slice(word.end) : text
}

/** "A   Points: 1   Level: easy": further fields behind a wide gap say nothing of the key. */
function withoutFields(text: string): string {
  const found = FIELD_BEHIND.exec(text)
  return found ? text.slice(0, found.index) : text
}

const FIELD_BEHIND = /(?<=\S)\s{2,}\p{L}[\p{L} ]{1,14}[:：]/u

/** @param dashParts whether a dash stands between the numbers of a list and their values. */
export function tidyValue(text: string, dashParts = false): string {
  return withoutFields(withoutWord(text))
    .replace(/^[\s.):=–—|-]+(?=\S)/u, (lead) =>
      !dashParts && /[-–]$/.test(lead) && /^\d/.test(text.slice(lead.length)) && lead.trim().length === 1
        ? lead.trim()
        : '',
    )
    .replace(/(?<![\s,;|•·–—-])[\s,;|•·–—-]+$/u, (tail) => (/^\s/.test(tail) ? '' : tail.replace(/[\s,;|•·]+$/u, '')))
}
