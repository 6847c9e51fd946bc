import { columnWords, LANGUAGES, wordsFor } from '../languages/index.ts'
import { remembered } from '../remember.ts'

const PLACES: ReadonlyMap<string, number> = new Map(
  LANGUAGES.flatMap(({ ordinals = [] }) =>
    ordinals.flatMap((forms, place) => forms.split(' ').map((form) => [form, place] as const)),
  ),
)
const FIGURE = /^(\d)(?:st|nd|rd|th|er|re|[eè]re|[eè]me|de|ste|[ºªe°])$/u

/** What is called an option, or its letter: "the second answer", "letter D". */
const OPTION_WORDS: ReadonlySet<string> = new Set([
  ...columnWords('option'),
  ...wordsFor('answer'),
  ...['letter', 'number', 'them'],
])
/** Articles and the like are as short as this in the languages that write words apart. */
const LONGEST_ARTICLE = 3
/** "the second one of them": more words say something else. */
const MOST_WORDS = 5

/** Whether a word beside the one that names an option says nothing else: "the Second World War" does. */
function isFiller(word: string): boolean {
  return word.length <= LONGEST_ARTICLE || OPTION_WORDS.has(word)
}

/** Where in a list a few words point, 0-based: "the second", "la tercera", "3rd option"; null where they point nowhere. */
export const placeSpoken = remembered((text: string): number | null => {
  const words = text.toLowerCase().match(/[\p{L}\p{N}ºª°]+/gu) ?? []
  if (words.length > MOST_WORDS) return null
  const places = words.map((word) => {
    const figure = FIGURE.exec(word)?.[1]
    return figure ? Number(figure) - 1 : (PLACES.get(word) ?? null)
  })
  const [place, ...others] = places.filter((one) => one !== null)
  const isBare = words.every((word, at) => places[at] !== null || isFiller(word))
  return place === undefined || others.length > 0 || !isBare ? null : place
})

/** The label behind a word that says nothing else: "la b", "letter D", "svar 2"; null where a text is something else. */
export function labelSpoken(text: string): string | null {
  const found = /^\s*(\p{L}{2,14})\.?\s+[("'“]?(\p{L}|\d{1,2})[)"'”.]{0,2}\s*$/u.exec(text)
  return found?.[1] && found[2] && isFiller(found[1].toLowerCase()) ? found[2] : null
}
