import type { FormatData, FormatGrader } from '../format.ts'
import { matchLists, parseGift, type GiftAnswer, type GiftBand, type GiftPair } from './parse.ts'

/**
 * Grades by the published rules of GIFT, from the file alone: the right answer earns all, a weighted
 * one its percentage, several weighted ones their sum (never below nothing); typed answers are compared
 * without regard to letter case, with blanks at the ends taken off (common practice).
 *
 * Option ids of a response are `a`, `b`, … in the order of the file.
 */
export function gradeGift(data: FormatData): FormatGrader {
  const questions = data.form === 'text' ? parseGift(data.text).questions : []
  return (item, response) => {
    const answers = questions[item]?.answers
    if (!answers) return null
    if (answers.form === 'truth') return response.kind === 'truth' ? Number(response.value === answers.value) : null
    if (answers.form === 'numeric') return response.kind === 'text' ? numericShare(answers.bands, response.text) : null
    if (answers.form === 'matching')
      return response.kind === 'pairs' ? matchedShare(answers.pairs, response.pairs) : null
    if (answers.form !== 'choices') return null
    if (response.kind === 'text') return typedShare(answers.choices, response.text)
    return response.kind === 'choice' ? chosenShare(answers.choices, response.chosen) : null
  }
}

/** The first band that holds the number; a number is typed with a decimal point and without a unit. */
function numericShare(bands: readonly GiftBand[], text: string): number {
  const value = Number(text.trim().replace(',', '.'))
  if (!text.trim() || Number.isNaN(value)) return 0
  const slack = Math.abs(value) * 1e-12
  const found = bands.find(({ band }) =>
    'min' in band
      ? value >= band.min - slack && value <= band.max + slack
      : Math.abs(value - band.value) <= band.tolerance + slack,
  )
  return found ? found.weight / 100 : 0
}

/** Each right pair earns its part (common practice; the description gives no weights for pairs). */
function matchedShare(pairs: readonly GiftPair[], given: readonly (readonly [number, number])[]): number {
  const { key } = matchLists(pairs)
  const right = key.filter(([left, partner]) => given.some(([a, b]) => a === left && b === partner))
  return key.length ? right.length / key.length : 0
}

function typedShare(choices: readonly GiftAnswer[], text: string): number {
  const typed = text.trim().toLowerCase()
  const found = choices.find((choice) => choice.sign === '=' && choice.text.text.trim().toLowerCase() === typed)
  return found && typed ? (found.weight ?? 100) / 100 : 0
}

function chosenShare(choices: readonly GiftAnswer[], chosen: readonly string[]): number {
  const weights = chosen.map((id) => choices[id.charCodeAt(0) - 97]).map((choice) => (choice ? weightOf(choice) : 0))
  const single = choices.some((choice) => choice.sign === '=')
  if (single && chosen.length > 1) return 0
  const sum = weights.reduce((total, weight) => total + weight, 0)
  // Five decimals of a third, three times, are not quite one.
  return Math.min(1, Math.max(0, Math.round(sum * 10) / 1000))
}

function weightOf(choice: GiftAnswer): number {
  return choice.weight ?? (choice.sign === '=' ? 100 : 0)
}
