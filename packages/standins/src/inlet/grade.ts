import type { Answer, Question } from './model.ts'

/** What an answer earns: all the points, or none. Typed answers are compared letter by letter, or without case. */
export function pointsFor(question: Question, answer: Answer): number {
  const { right, points } = question
  if (!right) return 0
  const given = answer.filter((one) => one.trim() !== '')
  if (!given.length) return 0
  if ('texts' in right) {
    const plain = (text: string): string => (question.ignoreCase ? text.trim().toLocaleLowerCase('en') : text.trim())
    return right.texts.some((accepted) => plain(accepted) === plain(given[0] ?? '')) ? points : 0
  }
  if (question.type === 'grid')
    return right.places.every((place, row) => answer[row] === question.columns[place]) ? points : 0
  const wanted = right.places.map((place) => question.options[place])
  return given.length === wanted.length && wanted.every((one) => one !== undefined && given.includes(one)) ? points : 0
}
