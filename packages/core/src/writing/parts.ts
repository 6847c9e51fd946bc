import { countWords } from './sentences.ts'

/** A stretch of a long source that can be sent by itself. */
export interface SourcePart {
  /** Its heading; where it has none, how it begins. */
  readonly name: string
  /** Range in the source, end excluded. */
  readonly from: number
  readonly to: number
  readonly words: number
}

const LONGEST_HEADING = 80
const NAME_WORDS = 6

/**
 * Parts a source by its headings, and what is longer than the limit again between paragraphs; so every part is within it,
 * but for a paragraph that is longer by itself.
 *
 * @param most Words of one part at most.
 */
export function sourceParts(source: string, most: number): SourcePart[] {
  return chaptersOf(paragraphsOf(source))
    .flatMap((chapter) => within(chapter, most))
    .map((paragraphs) => part(source, paragraphs))
}

interface Paragraph {
  readonly text: string
  readonly from: number
  readonly to: number
  readonly words: number
}

function paragraphsOf(source: string): Paragraph[] {
  const found: Paragraph[] = []
  // Long transcripts have no empty lines: there each line is a paragraph of its own.
  const isByLine = !/\n[ \t]*\n/.test(source.trim())
  const pattern = isByLine ? /[^\n]+/g : /(?:[^\n]*\S[^\n]*(?:\n|$))+/g
  for (const { 0: text, index } of source.matchAll(pattern)) {
    const words = countWords(text)
    if (words) found.push({ text: text.trim(), from: index, to: index + text.trimEnd().length, words })
  }
  return found
}

/** A short line by itself that ends no sentence; "#" before it, or "Chapter 3", say it outright. */
function isHeading({ text }: Paragraph): boolean {
  if (text.includes('\n') || text.length > LONGEST_HEADING) return false
  if (/^#{1,6}\s|^(?:chapter|part|section|lesson|unit)\s+\w+/i.test(text)) return true
  return /\p{L}/u.test(text) && !/[.!?:;,…"”]$/.test(text) && !/^[[(]?\d{1,2}:\d\d/.test(text) && !/^[-*•]/.test(text)
}

function chaptersOf(paragraphs: readonly Paragraph[]): Paragraph[][] {
  const chapters: Paragraph[][] = []
  let isAfterHeading = false
  for (const paragraph of paragraphs) {
    const heads = isHeading(paragraph)
    const last = chapters.at(-1)
    // A heading right under another one, as a title above its first chapter, begins nothing new.
    if (!last || (heads && !isAfterHeading)) chapters.push([paragraph])
    else last.push(paragraph)
    isAfterHeading = heads
  }
  return chapters
}

function within(chapter: readonly Paragraph[], most: number): Paragraph[][] {
  const parts: Paragraph[][] = []
  let words = 0
  for (const paragraph of chapter) {
    const last = parts.at(-1)
    if (last && words + paragraph.words <= most) last.push(paragraph)
    else {
      parts.push([paragraph])
      words = 0
    }
    words += paragraph.words
  }
  return parts
}

function part(source: string, paragraphs: readonly Paragraph[]): SourcePart {
  const [first] = paragraphs
  const [from, to] = [first?.from ?? 0, paragraphs.at(-1)?.to ?? 0]
  const name = (first?.text ?? '').replace(/^#+\s*/, '').replace(/^[[(]?\d{1,2}(?::\d\d)+\S*\s*/, '')
  const words = name.split(/\s+/)
  return {
    name: words.length > NAME_WORDS + 2 ? `${words.slice(0, NAME_WORDS).join(' ')} …` : name,
    from,
    to,
    words: countWords(source.slice(from, to)),
  }
}
