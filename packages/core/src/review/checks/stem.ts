import { inlinesOf } from '../../content/model.ts'
import { plainText } from '../../content/plain.ts'
import { contentsOf } from '../../item/contents.ts'
import type { ChoiceItem, Item, SingleItem, TrueFalseItem } from '../../item/model.ts'
import { reviewWords } from '../languages.ts'
import { letter } from '../letter.ts'

/** A question for the exception whose negative word is neither bold, italic, underlined nor in capitals. */
export function negativeUnstressed(item: ChoiceItem): string | null {
  const words = reviewWords(item)
  const found = words?.negative.exec(plainText(item.stem))
  const negative = found?.slice(1).find((group) => group !== undefined)
  if (negative === undefined || negative === negative.toUpperCase() || isStressed(item, negative)) return null
  return `“${negative}” is easily overlooked; ask for what is right, or stress it.`
}

function isStressed(item: Item, word: string): boolean {
  return inlinesOf(item.stem).some(
    (node) =>
      node.type === 'text' &&
      node.styles?.some((style) => style === 'strong' || style === 'emphasis' || style === 'underline') === true &&
      node.text.toLowerCase().includes(word.toLowerCase()),
  )
}

/** Absolute words that give the answer away: in a false statement, or in distractors alone. */
export function absoluteWords(item: SingleItem | TrueFalseItem): string | null {
  const words = reviewWords(item)
  if (!words) return null
  if (item.kind === 'truefalse') {
    const found = words.absolute.exec(plainText(item.stem))
    return found && item.key[0] === false ? `“${found[0]}” gives away that the statement is false.` : null
  }
  // An option that is nothing but the word answers how often.
  const absolute = item.options.filter(({ content }) => {
    const text = plainText(content)
    return words.absolute.test(text) && text.trim().includes(' ')
  })
  if (!absolute.length || absolute.some((option) => item.key.includes(option.id))) return null
  // Where the stem speaks in absolutes, or all distractors do, the word is the subject and no clue.
  if (words.absolute.test(plainText(item.stem)) || absolute.length === item.options.length - item.key.length)
    return null
  const at = item.options.findIndex((option) => option === absolute[0])
  const found = words.absolute.exec(plainText(absolute[0]?.content))
  return `“${found?.[0] ?? ''}” in option ${letter(at)} gives away that it is wrong.`
}

const VOWEL_SOUND = /^(?:[aeiou](?!n?i[cv]|se|ro|nit)|hour|honest|honour|heir)/i

/** English: a stem that ends in "a" or "an" and fits the key, but not every option. */
export function grammarClue(item: SingleItem): string | null {
  if (reviewWords(item)?.code !== 'en' || item.key.length !== 1) return null
  const article = /(?<![\p{L}\p{N}/])(an?)\s*(?:_{2,}|…|\.{3}|:)?\s*$/iu.exec(plainText(item.stem))?.[1]?.toLowerCase()
  if (article === undefined) return null
  const fits = item.options.map((option) => VOWEL_SOUND.test(plainText(option.content).trim()) === (article === 'an'))
  const at = item.options.findIndex((option) => option.id === item.key[0])
  const misfits = fits.flatMap((fit, index) => (fit ? [] : [letter(index)]))
  if (!fits[at] || !misfits.length) return null
  return `“${article}” does not go with option${misfits.length > 1 ? 's' : ''} ${misfits.join(', ')}; write “a/an”.`
}

/** What asks, or leaves something to complete. */
const CUE = /[?？؟:：…=+"“”«»„]|_{2}|\.{3}/
const LIKE_A_VERB = /^(?:is|are|was|were|has|have|can|ist|sind|est|sont|son|är|zijn|è|é|são|.*[st])$/iu

/** A stem without a question, a gap or something to complete, or one that leaves all to the options. */
export function stemAsksNothing(item: ChoiceItem): string | null {
  const stem = plainText(item.stem).trim()
  if (reviewWords(item)?.unfocused.test(stem))
    return 'The stem does not say what it is about; name the subject in the question.'
  const hasMore =
    item.passage !== undefined || inlinesOf(item.stem).some((node) => node.type !== 'text' && node.type !== 'break')
  const words = stem.match(/[\p{L}\p{N}]+/gu) ?? []
  // Scripts that are not parted into words say much in few letters.
  const isUnparted = /[\u0e00-\u0e7f\u3040-\u30ff\u4e00-\u9fff]/.test(stem)
  if (hasMore || words.length > 2 || stem.length > (isUnparted ? 6 : 20) || CUE.test(stem)) return null
  if (words.length === 2 && LIKE_A_VERB.test(words[1] ?? '')) return null
  return 'The stem names a subject, but asks nothing.'
}

export function noAltText(item: Item): string | null {
  const bare = contentsOf(item).some((content) =>
    inlinesOf(content).some((node) => node.type === 'picture' && node.alt.trim() === ''),
  )
  return bare ? 'A picture has no description for who cannot see it.' : null
}
