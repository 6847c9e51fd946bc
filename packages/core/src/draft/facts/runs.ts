import { asciiShadow, labelValue, romanValue } from '../labels.ts'

/** One part of a run: the label and its text, half-open in the unit's text. */
export interface RunPart {
  readonly id: string
  readonly value: number
  readonly dress: string
  /** Where the label starts, where the text behind it starts, and where it ends. */
  readonly label: number
  readonly from: number
  readonly to: number
  readonly box: 'open' | 'ticked' | null
  /** A mark before the label that is no part of the text before it: `*` in "A. oak  *B. rye". */
  readonly lead: string
}

const RUN_BOX = /[☐☒☑□■✅]\s*|\[\s?[xX✓]?\s?\]\s*|\(\s?[xX✓]?\s?\)\s+/gu
/** "O true   O false": the letter as a circle, in wide gaps. */
const RUN_CIRCLE = /(?:^|(?<=\s{2}|\t))[Oo○](?=\s\S)\s*/gu

/** One test for what no box goes without, since most lines have none. */
const MAY_BE_BOX = /[☐☒☑□■✅[(○]|(?:^|[\s])[Oo]\s/u

/** "[ ] copper   [x] rubber", "☐ yes ☒ no": boxes in a row, the first at the start, or three and more behind a question. */
function boxRun(text: string, from: number): readonly RunPart[] {
  if (!MAY_BE_BOX.test(text)) return []
  const boxes = [...text.matchAll(RUN_BOX)].filter((box) => box.index >= from)
  const found = boxes.length > 1 ? boxes : [...text.matchAll(RUN_CIRCLE)].filter((box) => box.index >= from)
  if (found.length < 2) return []
  const last = found.at(-1)
  const isBehind = found.length > 2 && last !== undefined && text.slice(last.index + last[0].length).trim() !== ''
  if (text.slice(from, found[0]?.index).trim() && !isBehind) return []
  return found.map((box, at): RunPart => {
    const start = box.index + box[0].length
    const end = found[at + 1]?.index ?? text.length
    return {
      id: '',
      value: at,
      dress: 'box',
      label: box.index,
      from: start,
      to: start + text.slice(start, end).trimEnd().length,
      box: /[☒☑■✅xX✓]/u.test(box[0]) ? 'ticked' : 'open',
      lead: '',
    }
  })
}

const RUN_LABEL =
  /(?<![\p{L}\p{N}_.])(?:\((\p{L}|\d{1,2}|[ivx]{2,4})\)\s?|\[(\p{L}|\d)\]\s?|[-–](\p{L})[-–]\s?|(\p{L}|\d{1,2}|[ivx]{2,4})(\)\s?|[.:](?=[\s\u3040-\u30ff\u4e00-\u9fff])\s?|\/(?=\s)\s?|．|、|(?=\s{2,}\S))|([①-⑳])\s?|(\p{Lu})(?=\s\S))/gu

interface Found {
  readonly id: string
  readonly value: number
  readonly script: string
  readonly dress: string
  readonly at: number
  readonly end: number
}

/**
 * Labels of one dress that count on within a text, with the text of each: options across, columns of options, a short
 * list of keys. The longest run counts; none where fewer than two labels count on. Of letters with nothing but a blank
 * behind them, three have to stand in wide gaps. What lies `apart`, as a formula does, holds no label.
 */
export function optionRun(
  text: string,
  from: number,
  apart: readonly (readonly [number, number])[] = [],
): readonly RunPart[] {
  const boxes = boxRun(text, 0)
  if (boxes.length) return boxes
  const shadow = asciiShadow(text)
  const found: Found[] = []
  for (const match of shadow.matchAll(RUN_LABEL)) {
    const one = foundAt(match, text)
    if (one && !apart.some(([start, end]) => one.at >= start && one.at < end) && !isBeforeGap(text, one.end))
      found.push(one)
  }
  if (found.length < 2 || found.length > MOST_LABELS) return []
  countAsRoman(found)
  const byDress = new Map<string, Found[]>()
  for (const one of found) {
    const name = `${one.script}${one.dress}`
    byDress.set(name, [...(byDress.get(name) ?? []), one])
  }
  let best: Found[] = []
  for (const [, own] of byDress) {
    const run = longestRun(own, text)
    if (run.length > best.length || (run.length === best.length && (run[0]?.at ?? 0) < (best[0]?.at ?? 0))) best = run
  }
  if (best.length < 2 || (best[0]?.at ?? 0) < 0 || from < 0) return []
  const leads = best.map((one) => MARK_BEFORE.exec(text.slice(0, one.at))?.[1] ?? '')
  return best.map((one, index) => {
    const to = (best[index + 1]?.at ?? text.length) - (leads[index + 1]?.length ?? 0)
    const end =
      one.end +
      text
        .slice(one.end, to)
        .trimEnd()
        .replace(/[,;]$/, (sign) => (index + 1 < best.length ? '' : sign)).length
    const lead = leads[index] ?? ''
    return { ...partOf(one), label: one.at - lead.length, from: one.end, to: end, lead }
  })
}

/** "(i) … (ii) … (iii)": beside numerals the letters i, v and x are numerals. */
function countAsRoman(found: Found[]): void {
  if (!found.some((one) => one.script === 'roman' && one.id === 'ii')) return
  found.forEach((one, at) => {
    const value = one.script === 'latin' ? romanValue(one.id) : null
    if (value !== null) found[at] = { ...one, script: 'roman', value }
  })
}

/** More labels than this in one line are no options, nor a list of keys. */
const MOST_LABELS = 300

const MARK_BEFORE = /(?:^|\s)([*+✓✔✅→>~]{1,2})$/u

function partOf({ id, value, dress }: Found): Pick<RunPart, 'id' | 'value' | 'dress' | 'box'> {
  return { id, value, dress, box: null }
}

/** "(1) ______ hoists the sail": a numbered gap is no option. */
function isBeforeGap(text: string, end: number): boolean {
  return /^\s?(?:_{2,}|\.{4,}|…{2})/.test(text.slice(end))
}

function foundAt(match: RegExpExecArray | RegExpMatchArray, text: string): Found | null {
  const core = match[1] ?? match[2] ?? match[3] ?? match[4] ?? match[6] ?? match[7] ?? ''
  const known = labelValue(core)
  if (!known) return null
  const at = match.index ?? 0
  let end = at + match[0].length
  while (/\s/.test(text.charAt(end))) end++
  const dress =
    match[1] !== undefined
      ? '(x)'
      : match[2] !== undefined
        ? '[x]'
        : match[3] !== undefined
          ? '-x-'
          : match[6] !== undefined
            ? 'o'
            : match[7] !== undefined
              ? 'x '
              : `x${(match[5] ?? '').trim()}`
  return { id: core.toLowerCase(), value: known.value, script: known.script, dress, at, end }
}

/** Bare letters need wide gaps before them; `x ` before any word would make "A cat" an option. */
function longestRun(own: readonly Found[], text: string): Found[] {
  const bare = own[0]?.dress === 'x ' || own[0]?.dress === 'x'
  const fit = bare ? own.filter((one) => one.at === 0 || /\s{2,}$|\t$/.test(text.slice(0, one.at))) : own
  let best: Found[] = []
  for (let start = 0; start < fit.length && start < 40; start++) {
    const run = runFrom(fit, start)
    if (run.length > best.length) best = run
  }
  return best.length >= 2 ? best : []
}

/** From `start` on, labels that come in order; two columns may go down first: `a … c …`. */
function runFrom(own: readonly Found[], start: number): Found[] {
  const first = own[start]
  if (!first) return []
  const run = [first]
  for (const one of own.slice(start + 1)) {
    const last = run.at(-1) as Found
    const step = one.value - last.value
    if (step === 1 || (run.length === 1 && step >= 2 && step <= 4 && own.length === 2)) run.push(one)
  }
  return run
}
