/** A sentence of a source. */
export interface Sentence {
  readonly text: string
  readonly paragraph: number
  /** It can be understood without those before it. */
  readonly standsAlone: boolean
}

const segmenter = new Intl.Segmenter('en', { granularity: 'sentence' })

/** Words that point back, where a sentence begins with them. */
const POINTS_BACK =
  /^(?:it|its|they|their|this|these|that|those|such|he|she|his|her|both|each|neither|then|next|first|finally|last|last of all|after that|otherwise|for this|for that|since then|therefore|however|so|but|and|there|here|more|another|the (?:other|former|latter|same|two|word|number|result)|in (?:this|that|all)|at (?:this|that))\b/i

/** Words that point back wherever they stand. */
const POINTS_BACK_INSIDE =
  /\b(?:the two|the other|these|those|this|such|of them|the former|the latter|therefore|too|both|the same|his|her|still another)\b/i

export function sentencesIn(source: string): Sentence[] {
  const paragraphs = source.split(/\n\s*\n|\n(?=[[(]?\d{1,2}:\d\d)/).map((paragraph) =>
    paragraph
      .replace(/^[[(]?(?:\d{1,2}:)?\d{1,2}:\d\d[\d.,]*[\])]?\s*[-–:]?\s*/, '')
      .replace(/\s+/g, ' ')
      .trim(),
  )
  return paragraphs.flatMap((paragraph, at) =>
    [...segmenter.segment(paragraph)].flatMap(({ segment }): Sentence[] => {
      const text = segment.trim()
      // A heading ends no sentence.
      if (!/[.!?]["”)]?$/.test(text)) return []
      return [{ text, paragraph: at, standsAlone: standsAlone(text) }]
    }),
  )
}

export function standsAlone(text: string): boolean {
  return !POINTS_BACK.test(text) && !POINTS_BACK_INSIDE.test(text) && !text.endsWith('?') && !hasLoosePronoun(text)
}

/** A pronoun before anything that it could stand for, as in "The air above it rises". */
function hasLoosePronoun(text: string): boolean {
  return (
    /^(?:\S+ ){0,4}(?:it|them|him|her)\b/i.test(text) ||
    /^(?:in|on|at|for|after|before|when|if|while|because|since|where|as)\s+(?:it|they|he|she|we|you|i)\b/i.test(text) ||
    /\b(?:I|we|you|my|our|your)\b/i.test(text)
  )
}

export function wordsIn(text: string): string[] {
  return text.toLowerCase().match(/[\p{L}\p{N}](?:[\p{L}\p{N}'’.-]*[\p{L}\p{N}])?/gu) ?? []
}

/** Without its article, and small where it is no name. */
export function bare(phrase: string): string {
  return phrase.replace(/^(?:an?|the)\s+/i, '').trim()
}

/** As it stands inside a sentence: what began one is no longer large, unless it is a name. */
export function inside(text: string): string {
  const [first = ''] = text.split(' ')
  const isName = /^\p{Lu}.*\p{Lu}/u.test(first) || /^I$/.test(first)
  return isName ? text : text.charAt(0).toLowerCase() + text.slice(1)
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
