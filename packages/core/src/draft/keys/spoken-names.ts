import { LANGUAGES } from '../languages/index.ts'
import { remembered } from '../remember.ts'

const WORDS = LANGUAGES.flatMap(({ ordinals = [] }) => ordinals.map((word, place) => ({ word, place })))

/** Letters that a word may have behind the start that all its forms share: "segunda", "deuxième". */
const LONGEST_ENDING = 4
/** "the second one of them": more words say something else. */
const MOST_WORDS = 4

const FIGURE = /^(\d)(?:st|nd|rd|th|er|re|[eè]re|[eè]me|de|ste|[ºªe°])$/u

/** Where in a list a few words point, 0-based: "the second", "la tercera", "3rd option"; null where they point nowhere. */
export const placeSpoken = remembered((text: string): number | null => {
  const words = text.toLowerCase().match(/[\p{L}\p{N}ºª°]+/gu) ?? []
  if (words.length > MOST_WORDS) return null
  const places = words.flatMap((word) => {
    const figure = FIGURE.exec(word)?.[1]
    if (figure) return [Number(figure) - 1]
    const spoken = WORDS.find((one) => word.startsWith(one.word) && word.length <= one.word.length + LONGEST_ENDING)
    return spoken ? [spoken.place] : []
  })
  return places.length === 1 ? (places[0] ?? null) : null
})

/** The label behind a word that is none: "la b", "letter D", "svar 2"; null where a text is something else. */
export function labelSpoken(text: string): string | null {
  return /^\s*\p{L}{2,9}\.?\s+[("'“]?(\p{L}|\d{1,2})[)"'”.]{0,2}\s*$/u.exec(text)?.[1] ?? null
}
