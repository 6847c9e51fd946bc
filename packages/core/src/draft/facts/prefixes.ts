import type { Line } from '../model.ts'

/** What stands before a line's own text because of where it was copied from: mail quotes, a chat's time and name. */
export interface Prefix {
  /** How often the line is quoted: `> >` is 2. */
  readonly quotes: number
  /** Who said it, in a chat; null elsewhere and in lines that go on with what was said. */
  readonly speaker: string | null
  /** Where the line's own text starts. */
  readonly end: number
}

const NO_PREFIX: Prefix = { quotes: 0, speaker: null, end: 0 }
const QUOTES = /^\s{0,8}(?:>\s?){1,8}/
const STAMP =
  /^\s{0,4}(?:\[\s?)?(?:(?:\d{1,4}[./-]){1,2}\d{1,4},?\s{1,2})?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?(?:\s?[ap]\.?m\.?)?\s?\]?\s?[-–—]?\s{0,2}(?:([\p{L}][\p{L}\p{M} .'’-]{0,24}?)\s?:\s{1,2}(?=\S)|(?=\S))/iu
const SHARE_OF_STAMPED_LINES = 0.3
const FEWEST_STAMPED_LINES = 3

/** The prefix of each line. A time or a name before text counts only where many lines have one. */
export function linePrefixes(lines: readonly Line[]): readonly Prefix[] {
  const filled = lines.filter((line) => line.text.trim() !== '').length
  const stamped = lines.filter((line) => STAMP.test(line.text)).length
  const hasStamps = stamped >= FEWEST_STAMPED_LINES && stamped >= filled * SHARE_OF_STAMPED_LINES
  const quoted = quotedLines(lines)
  return lines.map((line, at) => prefixOf(line, hasStamps, quoted[at] ?? false))
}

const FEWEST_QUOTED = 3

/**
 * Mail is quoted line after line, and where it is, so is every line with the sign, however short a stretch a reply left
 * of it. The sign before a line here and there is notation of the writer's own.
 */
function quotedLines(lines: readonly Line[]): boolean[] {
  const signed = lines.map((line) => QUOTES.test(line.text))
  let run = 0
  const isMail = lines.some((line, at) => {
    if (line.text.trim() !== '') run = signed[at] ? run + 1 : 0
    return run >= FEWEST_QUOTED
  })
  return isMail ? signed : signed.map(() => false)
}

function prefixOf(line: Line, hasStamps: boolean, isQuoted: boolean): Prefix {
  if (line.preformatted) return NO_PREFIX
  const quoted = isQuoted ? QUOTES.exec(line.text) : null
  if (quoted)
    return { quotes: [...quoted[0]].filter((sign) => sign === '>').length, speaker: null, end: quoted[0].length }
  const stamp = hasStamps ? STAMP.exec(line.text) : null
  return stamp ? { quotes: 0, speaker: stamp[1] ?? null, end: stamp[0].length } : NO_PREFIX
}
