import { plainText, type Flag, type Item } from '@zakuska/core'
import { counted, letterOf } from '../parts/item-words'

export function percent(share: number): string {
  return `${Math.round(100 * share)} %`
}

export function points(value: number): string {
  return String(Number(value.toFixed(2)))
}

/** A correlation or a difference as figures, with a true minus. */
export function signed(value: number | null): string {
  return value === null
    ? '–'
    : (Number(value.toFixed(2)) + 0)
        .toFixed(2)
        .replace(/^-0\.00$/, '0.00')
        .replace('-', '−')
}

/** The stem in one line, cut where it is long. */
export function stemLine(item: Item, most = 90): string {
  const text = plainText(item.stem).replace(/\s+/g, ' ').trim()
  return text.length > most ? `${text.slice(0, most - 1).trimEnd()}…` : text
}

/** An option by its letter and the beginning of its text. */
export function optionName(item: Item, id: string): string {
  if (item.kind === 'truefalse') return id === 'true' ? 'True' : 'False'
  if (!('options' in item)) return id
  const place = item.options.findIndex((option) => option.id === id)
  const text = plainText(item.options[place]?.content).replace(/\s+/g, ' ').trim()
  return `${letterOf(place)}) ${text.length > 40 ? `${text.slice(0, 39)}…` : text}`
}

/** What a figure gives reason to look at, in words. */
export function flagText(item: Item, { code, option, figure }: Flag): string {
  const named = option === undefined ? '' : optionName(item, option)
  switch (code) {
    case 'key-doubtful':
      return `Right ones did worse here than wrong ones, and the best took ${named}: look at the key`
    case 'backwards':
      return 'Right ones did worse here than wrong ones: look at the key and the wording'
    case 'hardly-tells-apart':
      return 'Those who did well and those who did not answered it alike'
    case 'very-hard':
      return `Only ${percent(figure)} of its points were earned`
    case 'very-easy':
      return `Nearly everybody has it (${percent(figure)})`
    case 'given-away':
      return `Nearly everybody has it, the weakest too (${percent(figure)} of them): look for a clue`
    case 'dead-option':
      return `Nobody took ${named}`
    case 'draws-the-best':
      return `${named} draws the best more than the others: is it right, too?`
    case 'often-open':
      return `${percent(figure)} left it open`
  }
}

/** Discrimination for somebody without statistics (common practice: Ebel's bands). */
export function discriminationWord(value: number | null, difficulty: number): string {
  if (value === null) return 'not to be told'
  if (difficulty > 0.95) return 'too easy to tell'
  if (value < -0.05) return 'the wrong way round'
  if (value < 0.2) return 'hardly'
  if (value < 0.3) return 'somewhat'
  return value < 0.4 ? 'well' : 'very well'
}

const SEVERITY: readonly Flag['code'][] = [
  ...(['key-doubtful', 'backwards', 'given-away', 'draws-the-best', 'hardly-tells-apart'] as const),
  ...(['very-hard', 'often-open', 'very-easy', 'dead-option'] as const),
]

/** Places of items by what should be looked at first; 0 is most. */
export function severity(flags: readonly Flag[]): number {
  return Math.min(SEVERITY.length, ...flags.map(({ code }) => SEVERITY.indexOf(code)))
}

/** What so many people allow to be said. */
export function smallClass(people: number): string | null {
  if (people < 5)
    return `${counted(people, 'response', 'responses')}: figures of so few are about these people, not about the items.`
  if (people < 10)
    return `${people} responses: one person more or less moves every share by ${percent(1 / people)}. Nothing is flagged.`
  if (people < 30)
    return `${people} responses: shares are good to about ${percent(1 / Math.sqrt(people) / 2)} either way; how well an item tells people apart is a rough guess.`
  return null
}

/** Alpha for somebody without statistics (common practice). */
export function reliabilityWord(alpha: number): string {
  if (alpha < 0.5) return 'says little about one person'
  if (alpha < 0.7) return 'will do to look at a class, not to settle a mark'
  return alpha < 0.8 ? 'will do for a check in class' : 'steady'
}
