import type { Kind } from './asked.ts'
import type { Drafted } from './items.ts'

/** How a reply is laid out: as it was asked for, or in one of the untidy ways in which assistants do it. */
export const MANNERS = ['as-asked', 'greeting', 'bold', 'bare', 'key-at-end'] as const
export type Manner = (typeof MANNERS)[number]

const LETTERS = 'abcdefghijkl'

/** The reply as text. `short`: kinds of which there are fewer than were asked for, each said in a sentence. */
export function laidOut(items: readonly Drafted[], manner: Manner, short: readonly string[], first = 1): string {
  const blocks = items.map((item, at) => block(item, at + first, manner))
  const body = blocks.join('\n\n')
  const sorry = short.length ? `\n\n${short.join('\n')}` : ''
  switch (manner) {
    case 'as-asked':
      return body + sorry
    case 'greeting':
      return `Sure! Here are ${items.length} questions based on your text:\n\n${body}${sorry}\n\nLet me know if you would like more questions or a different level of difficulty!`
    case 'bold':
      return `Here you go:\n\n---\n\n${body}${sorry}\n\n---\n\nFeel free to check the answers against the text.`
    case 'bare':
      return `${body}${sorry}\n\nI hope this helps!`
    case 'key-at-end': {
      const keys = items.map((item, at) => `${at + first}. ${keyText(item)}`).join('\n')
      return `${body}${sorry}\n\nAnswers:\n${keys}`
    }
  }
}

function block(item: Drafted, number: number, manner: Manner): string {
  const lines = [stemLine(item, number, manner), ...optionLines(item, manner)]
  if (manner !== 'key-at-end' && item.kind !== 'match') lines.push(keyLine(item, manner))
  return lines.join('\n')
}

function stemLine({ stem }: Drafted, number: number, manner: Manner): string {
  if (manner === 'bold') return `**Question ${number}:** ${stem}`
  return manner === 'bare' ? stem : `${number}. ${stem}`
}

function optionLines({ kind, options }: Drafted, manner: Manner): string[] {
  if (kind === 'match') return [...options]
  return options.map((option, at) => {
    const letter = LETTERS[at] ?? ''
    if (manner === 'bold') return `${letter.toUpperCase()}) ${option}`
    return manner === 'bare' ? `${letter.toUpperCase()}. ${option}` : `${letter}) ${option}`
  })
}

function keyLine(item: Drafted, manner: Manner): string {
  if (manner === 'bold')
    return `**Correct answer: ${keyText(item).toUpperCase() === keyText(item) ? keyText(item) : bigLetters(item)}**`
  return `Answer: ${manner === 'bare' ? bigLetters(item) : keyText(item)}`
}

function isByLetter(kind: Kind): boolean {
  return kind === 'single' || kind === 'multiple' || kind === 'order'
}

function keyText({ kind, key }: Drafted): string {
  if (kind === 'match') return 'as listed'
  return isByLetter(kind)
    ? key.map((place) => LETTERS[Number(place)] ?? '').join(', ')
    : key.join(kind === 'cloze' ? '; ' : ' / ')
}

function bigLetters(item: Drafted): string {
  return isByLetter(item.kind) ? keyText(item).toUpperCase() : keyText(item)
}
