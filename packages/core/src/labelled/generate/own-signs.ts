import type { Dice } from './dice.ts'

/** Signs and words of one writer, which mean what they mean in this draft only. */
export interface OwnSigns {
  /** Before a stem, an alternative, a key and what is said about it. */
  readonly stem: string
  readonly option: string
  readonly key: string
  readonly feedback: string
  /** Between a question and its answer on one line. */
  readonly between: string
}

const SIGNS =
  '/ // § §§ ~ ~~ + ++ = == > >> >! ! !! # ## ¤ | ^ :: -- — ? ?? @ % <> o ○ ◦ ▪ ► ☛ ✎ → => -> » › \u00b7 ° & ¬ ¶ ※'.split(
    ' ',
  )
const BETWEEN = [' -> ', ' ... ', ' => ', ' = ', ' – ', ' — ', ' :: ', ' / ', ': ', '   ', ' >> ', ' … ', ' | ']
const SYLLABLES = 'ba ke lo mi ru sa te vo nu ri da fe go hy ja'.split(' ')
const BEHIND = [': ', ': ', ' - ', '. ', '  ', ' = ', ') ', ' ']

export function ownSigns(dice: Dice): OwnSigns {
  const signs = dice.shuffled(SIGNS)
  const mark = (at: number): string => (dice.does(0.65) ? `${signs[at] ?? '/'} ` : ownWord(dice))
  return {
    stem: mark(0),
    option: `${signs[1] ?? '/'} `,
    key: dice.does(0.2) ? `${signs[1] ?? '/'}${signs[1] ?? '/'} ` : mark(2),
    feedback: mark(3),
    between: dice.pick(BETWEEN),
  }
}

/** A word that is in no list of words. */
function ownWord(dice: Dice): string {
  const word = Array.from({ length: dice.whole(1, 3) }, () => dice.pick(SYLLABLES)).join('')
  const shown = dice.pick([word, word.toUpperCase(), word.charAt(0).toUpperCase() + word.slice(1)])
  return shown + dice.pick(BEHIND)
}
