import { fingerprint } from '../item/fingerprint.ts'
import type { Mark } from './marks.ts'
import type { AsideLine, DraftSource, ReadItem, Reading, SourceSpan, SourceStyle } from './model.ts'
import { readStretch } from './read-draft.ts'

/** Items on each side of an edit that are read along with it and must come out as they were. */
const ANCHORS = 2

/** What is read again: a stretch of whole items round the edit, in the old text and in the new one. */
interface Window {
  /** Index of the first item in it, and of the first behind it. */
  readonly first: number
  readonly end: number
  readonly from: number
  readonly oldTo: number
  readonly newTo: number
  /** How far everything behind it moves, in UTF-16 units. */
  readonly by: number
}

/**
 * Reads only what stands round an edit, and takes over the rest of the reading before it. The items next to the edit
 * are read along; where they do not come out as they were, the edit reaches further than it seems.
 *
 * The result is what `readDraft` says as long as no edit changes how the draft as a whole is read (whether its items
 * are numbered, the width at which its lines were wrapped). A caller who shows it reads the whole draft once nobody
 * types any more.
 *
 * @returns null where the whole draft has to be read.
 */
export function rereadDraft(before: DraftSource, reading: Reading, now: DraftSource): Reading | null {
  if (before.keyText !== undefined || now.keyText !== undefined || reading.passages.length) return null
  // A list of keys speaks of items anywhere.
  if (reading.aside.some((aside) => aside.reason === 'keys')) return null
  const window = windowOf(before.text, reading.items, now.text)
  if (!window) return null
  const stretch = { text: now.text.slice(window.from, window.newTo), styles: stylesIn(now.styles ?? [], window) }
  const part = readStretch(stretch, Number(reading.items[window.first - 1]?.number) || 0)
  const old = reading.items.slice(window.first, window.end)
  if (part.passages.length || part.marks.length || !anchorsHold(old, part.items, window, reading.items.length))
    return null
  const line = (reading.items[window.first]?.lines[0] ?? 1) - 1
  const lines = window.first === 0 ? 0 : line
  const moved = countLines(now.text, window.from, window.newTo) - countLines(before.text, window.from, window.oldTo)
  const behind = (at: SourceSpan): boolean => at.from >= window.oldTo
  return {
    title: window.first === 0 ? part.title : reading.title,
    passages: [],
    items: [
      ...reading.items.slice(0, window.first),
      ...part.items.map((item, index) => asBefore(old, item, index, part.items.length, window.from, lines)),
      ...reading.items.slice(window.end).map((item) => movedItem(item, window.by, moved)),
    ],
    aside: [
      ...reading.aside.filter((aside) => aside.from < window.from),
      ...part.aside.map((aside) => movedAside(aside, window.from, lines)),
      ...reading.aside.filter(behind).map((aside) => movedAside(aside, window.by, moved)),
    ],
    marks: [
      ...reading.marks.filter((mark) => mark.from < window.from),
      ...reading.marks.filter(behind).map((mark) => movedMark(mark, window.by, moved)),
    ],
  }
}

function windowOf(before: string, items: readonly ReadItem[], now: string): Window | null {
  let start = 0
  const shorter = Math.min(before.length, now.length)
  while (start < shorter && before.charCodeAt(start) === now.charCodeAt(start)) start++
  let same = 0
  while (
    same < shorter - start &&
    before.charCodeAt(before.length - 1 - same) === now.charCodeAt(now.length - 1 - same)
  )
    same++
  const oldEnd = before.length - same
  const touched = items.findIndex((item) => item.to >= start)
  const last = items.findLastIndex((item) => item.from <= oldEnd)
  if (touched < 0 || last < 0) return null
  const first = Math.max(0, Math.min(touched, last) - ANCHORS)
  const end = Math.min(items.length, Math.max(touched, last) + ANCHORS + 1)
  const from = first === 0 ? 0 : (items[first]?.from ?? 0)
  const oldTo = end === items.length ? before.length : (items[end - 1]?.to ?? 0)
  // Items whose lines lie in between those of others have no window of their own.
  const apart = items.every((item, index) =>
    index < first ? item.to < from : index < end ? item.from >= from && item.to <= oldTo : item.from > oldTo,
  )
  if (!apart || from > start || oldTo < oldEnd) return null
  const by = now.length - before.length
  return { first, end, from, oldTo, newTo: oldTo + by, by }
}

function anchorsHold(old: readonly ReadItem[], fresh: readonly ReadItem[], window: Window, count: number): boolean {
  const head = window.first === 0 ? 0 : ANCHORS
  const tail = window.end === count ? 0 : ANCHORS
  if (fresh.length < head + tail) return false
  const isAsBefore = (a: ReadItem | undefined, b: ReadItem | undefined): boolean =>
    a !== undefined && b !== undefined && sameReading(a, b)
  return (
    Array.from({ length: head }, (_none, at) => isAsBefore(old[at], fresh[at])).every(Boolean) &&
    Array.from({ length: tail }, (_none, at) => isAsBefore(old.at(-1 - at), fresh.at(-1 - at))).every(Boolean)
  )
}

function sameReading(a: ReadItem, b: ReadItem): boolean {
  return (
    fingerprint(a.item) === fingerprint(b.item) &&
    a.number === b.number &&
    a.pointsSaid === b.pointsSaid &&
    a.passageId === b.passageId &&
    a.to - a.from === b.to - b.from &&
    a.marks.map((mark) => mark.code).join() === b.marks.map((mark) => mark.code).join()
  )
}

/** An item read anew at its place in the whole draft; where nothing about it changed, it stays the very same item. */
function asBefore(
  old: readonly ReadItem[],
  fresh: ReadItem,
  index: number,
  count: number,
  by: number,
  lines: number,
): ReadItem {
  const moved = movedItem(fresh, by, lines)
  const known = [old[index], old[old.length - count + index]].find((one) => one && sameReading(one, fresh))
  return known ? { ...moved, item: known.item } : moved
}

function stylesIn(styles: readonly SourceStyle[], { from, newTo }: Window): SourceStyle[] {
  return styles
    .filter((style) => style.to > from && style.from < newTo)
    .map((style) => ({ ...style, from: Math.max(0, style.from - from), to: Math.min(style.to, newTo) - from }))
}

function countLines(text: string, from: number, to: number): number {
  return text.slice(from, to).split(/\r\n|[\n\r\u2028\u2029\f\v]/).length
}

function movedItem(read: ReadItem, by: number, lines: number): ReadItem {
  if (by === 0 && lines === 0) return read
  const span = (given: SourceSpan): SourceSpan => ({ from: given.from + by, to: given.to + by })
  const { places } = read
  return {
    ...read,
    ...span(read),
    lines: [read.lines[0] + lines, read.lines[1] + lines],
    places: {
      stem: places.stem.map(span),
      options: places.options.map(span),
      labels: places.labels,
      keys: places.keys.map(span),
      keyAt: places.keyAt + by,
    },
    marks: read.marks.map((mark) => movedMark(mark, by, lines)),
  }
}

function movedMark(mark: Mark, by: number, lines: number): Mark {
  return {
    ...mark,
    from: mark.from + by,
    to: mark.to + by,
    lines: [mark.lines[0] + lines, mark.lines[1] + lines],
    ...(mark.mend && {
      mend: {
        ...mark.mend,
        edits: mark.mend.edits.map((edit) => ({ ...edit, from: edit.from + by, to: edit.to + by })),
      },
    }),
  }
}

function movedAside(aside: AsideLine, by: number, lines: number): AsideLine {
  return { ...aside, from: aside.from + by, to: aside.to + by, line: aside.line + lines }
}
