/** A sentence of a source, where it stands, and when it was said where the source is a transcript. */
export interface Sentence {
  readonly text: string
  /** Range in the source, end excluded. */
  readonly from: number
  readonly to: number
  /** Seconds from the start of a transcript. */
  readonly time: number | null
}

/** `[00:01:23]`, `(1:23)` or `00:01:23.5` at the start of a line; also the first of two as subtitles have them. */
const TIME =
  /^[ \t]*[[(]?(?:(\d{1,2}):)?(\d{1,2}):(\d{2})(?:[.,]\d{1,3})?[\])]?(?:[ \t]*-->[ \t]*[\d:.,]+)?[ \t]*[-–:]?[ \t]*/

const segmenters = new Map<string, Intl.Segmenter>()

function segmenter(language: string | undefined): Intl.Segmenter {
  const name = language ?? 'en'
  let known = segmenters.get(name)
  if (!known) {
    try {
      known = new Intl.Segmenter(name, { granularity: 'sentence' })
    } catch {
      known = new Intl.Segmenter('en', { granularity: 'sentence' })
    }
    segmenters.set(name, known)
  }
  return known
}

/**
 * The sentences of a source (Unicode Standard Annex 29, section 5), paragraph by paragraph: an empty line, or a time at
 * the start of a line, begins a new one; other line ends are blanks.
 *
 * @param language BCP 47; what cannot be read as one is taken for English.
 */
export function sentencesOf(source: string, language?: string): Sentence[] {
  const found: Sentence[] = []
  for (const { text, from, time } of paragraphsOf(source))
    for (const { segment, index } of segmenter(language).segment(text.replace(/\n/g, ' '))) {
      const lead = segment.length - segment.trimStart().length
      const trimmed = segment.trim()
      if (!/[\p{L}\p{N}]/u.test(trimmed)) continue
      const start = from + index + lead
      found.push({ text: trimmed.replace(/\s+/g, ' '), from: start, to: start + trimmed.length, time })
    }
  return found
}

interface Paragraph {
  readonly text: string
  readonly from: number
  readonly time: number | null
}

function paragraphsOf(source: string): Paragraph[] {
  const paragraphs: { text: string; from: number; time: number | null }[] = []
  let at = 0
  let isNew = true
  const lines = source.split('\n')
  for (const [number, line] of lines.entries()) {
    if (isCueLine(line, lines[number + 1])) {
      at += line.length + 1
      isNew = true
      continue
    }
    const stamp = TIME.exec(line)
    const skipped = stamp?.[0].length ?? 0
    const text = line.slice(skipped)
    const time = stamp ? Number(stamp[1] ?? 0) * 3600 + Number(stamp[2]) * 60 + Number(stamp[3]) : null
    const last = paragraphs.at(-1)
    if (line.trim() === '') isNew = true
    else if (isNew || time !== null || !last) {
      paragraphs.push({ text, from: at + skipped, time: time ?? (isNew ? null : (last?.time ?? null)) })
      isNew = false
    } else last.text += `\n${line}`
    at += line.length + 1
  }
  return paragraphs
}

/** The number of a cue before its times, and the head of a file of subtitles (W3C WebVTT, section 4.1). */
function isCueLine(line: string, next: string | undefined): boolean {
  return (/^\s*\d+\s*$/.test(line) && (next ?? '').includes(' --> ')) || /^\uFEFF?WEBVTT\b/.test(line)
}

/** Words as they are counted for a limit: what stands between blanks and holds a letter or a figure. */
export function countWords(text: string): number {
  return text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length
}
