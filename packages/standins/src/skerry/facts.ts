import nlp from 'compromise'
import { bare, inside, wordsIn, type Sentence } from './source.ts'

/** What a sentence states, in a form that something can be asked of. */
export type Fact =
  | {
      readonly type: 'definition'
      readonly sentence: Sentence
      readonly term: string
      /** `a floating mark that is held in its place by a chain` */
      readonly says: string
    }
  | {
      readonly type: 'number'
      readonly sentence: Sentence
      readonly figure: string
      readonly isYear: boolean
      /** The sentence with a gap in place of the figure. */
      readonly before: string
      readonly after: string
    }
  | { readonly type: 'cause'; readonly sentence: Sentence; readonly effect: string; readonly cause: string }
  | { readonly type: 'list'; readonly sentence: Sentence; readonly lead: string; readonly members: readonly string[] }
  | {
      readonly type: 'sequence'
      readonly sentence: Sentence
      readonly aim: string | null
      readonly steps: readonly string[]
    }

export type FactOf<Type extends Fact['type']> = Extract<Fact, { type: Type }>

/** All that a source states. */
export function factsIn(sentences: readonly Sentence[]): Fact[] {
  return [
    ...sentences
      .filter(({ standsAlone }) => standsAlone)
      .flatMap((sentence) => [
        ...definitionsIn(sentence),
        ...numbersIn(sentence),
        ...causesIn(sentence),
        ...listsIn(sentence),
      ]),
    ...sequencesIn(sentences),
  ]
}

const RELATIVE =
  /\b(?:that|which|who|whose|in which|to which|from which|for which|around which|on which|where|with|between)\b/
const PRONOUN = /\b(?:it|they|them|he|she|him)\b/i
const LONGEST_TERM = 4
const LONGEST_SAYS = 24

function definitionsIn(sentence: Sentence): FactOf<'definition'>[] {
  const text = sentence.text.replace(/[.!]$/, '')
  const called = /^(.+?) (?:is|are) called ((?:an?|the) )?([^,;:]+?)(?:[,;].*)?$/.exec(text)
  const named = called?.[3] && !/^(?:on|in|by|at|for|to|from|up)\b/.test(called[3]) ? called : null
  if (named) return definition(sentence, named[3] ?? '', inside(named[1] ?? ''))
  const is =
    /^(?:(An?|The) )?([^,;:]+?) (?:is|are) ((?:(?:an?|the|any) )?[^,;:]+(?:, (?:which|that|the) [^,;:]+)?)(?:[,;:].*)?$/.exec(
      text,
    )
  if (!is) return []
  const [, , term = '', says = ''] = is
  const clause = says.split(/,? (?:because|but|so that|although|since|and (?:it|they)) /)[0] ?? says
  const isClass = RELATIVE.test(clause) && startsWithNoun(clause)
  return isClass ? definition(sentence, term, clause) : []
}

function definition(sentence: Sentence, term: string, says: string): FactOf<'definition'>[] {
  const name = inside(bare(term))
  const length = wordsIn(says).length
  if (!name || wordsIn(name).length > LONGEST_TERM || length < 2 || length > LONGEST_SAYS) return []
  if (PRONOUN.test(says.split(' ').slice(0, 2).join(' ')) || /\b(?:there|this|these|it|they)\b/i.test(name)) return []
  // "it" that nothing in the definition stands for.
  if (PRONOUN.test(says) && !/\b(?:so that|and|with|while)\b/.test(says)) return []
  if (/\bwhile it\b/.test(says)) return []
  // What says the word itself explains nothing.
  const own = new Set(wordsIn(name))
  if (wordsIn(says).some((word) => word.length > 3 && own.has(word))) return []
  // One certain thing of its kind is no word that is explained.
  if (/\b(?:oldest|only|first|last|most|best|next|same|whole|other)\b|\w+est\b|\b(?:of|at|in|on|for)\b/i.test(name))
    return []
  if (!isNoun(name)) return []
  return [{ type: 'definition', sentence, term: name, says: says.trim() }]
}

/** A noun or a noun phrase, as far as it goes: no verb in it, and no preposition at its start. */
function isNoun(phrase: string): boolean {
  const document = nlp(`the ${phrase}`)
  return document.has('#Noun') && !/^(?:in|on|at|of|by|for|with|to|when|where|if)\b/i.test(phrase)
}

/** `a floating mark that …`, `cloud that …`: it names a class, and is no quality or doing. */
function startsWithNoun(clause: string): boolean {
  const head = clause.split(RELATIVE)[0]?.trim() ?? ''
  if (!head || /^(?:not|never|very|often|also|only|made|used|given|painted|held|shaped|twisted)\b/.test(head))
    return false
  const document = nlp(head)
  return document.has('#Noun$') && !document.has('(#PastTense|#Gerund|#Participle)') && wordsIn(head).length <= 8
}

const FIGURE = /(?<![\d.,:-])\d{1,3}(?:[, ]\d{3})+(?![\d])|(?<![\d.,:-])\d+(?:\.\d+)?(?![\d:-])/g

function numbersIn(sentence: Sentence): FactOf<'number'>[] {
  const { text } = sentence
  const length = wordsIn(text).length
  if (length < 5 || length > 30) return []
  const found = [...text.matchAll(FIGURE)]
  return found.slice(0, 2).map(({ 0: figure, index }): FactOf<'number'> => {
    const before = text.slice(0, index)
    const after = text.slice(index + figure.length)
    const isYear =
      /^1[5-9]\d\d$|^20\d\d$/.test(figure) && !/^\s+(?:metres|people|miles|units|kilo|per|boats)/.test(after)
    return { type: 'number', sentence, figure, isYear, before, after }
  })
}

const LONGEST_CAUSE = 18

function causesIn(sentence: Sentence): FactOf<'cause'>[] {
  const found = /^([^;:]+?),? (?:because|since(?! \d| then)) ([^;:]+)[.!]$/.exec(sentence.text)
  if (!found) return []
  const [, effect = '', cause = ''] = found
  const short = cause.split(/, (?:and|but|so) /)[0] ?? cause
  if (!nlp(short).has('#Verb') || /\bsince\b.*\d/.test(effect)) return []
  const [effectWords, causeWords] = [wordsIn(effect).length, wordsIn(short).length]
  if (effectWords < 3 || causeWords < 3 || causeWords > LONGEST_CAUSE) return []
  return [{ type: 'cause', sentence, effect, cause: short.trim() }]
}

const LONGEST_MEMBER = 4

/** Words after which a list may begin. */
const BEFORE_LIST =
  /:|\b(?:of|is|are|as|from|by|with|for|into|learns?|teach(?:es)?|sells?|has|have|between|includes?|needs?)(?=\s)/g

function listsIn(sentence: Sentence): FactOf<'list'>[] {
  const text = sentence.text.replace(/[.!]$/, '')
  for (const { 0: word, index } of text.matchAll(BEFORE_LIST)) {
    const lead = text.slice(0, index + word.length)
    const members = membersOf(text.slice(index + word.length).trim())
    if (members && wordsIn(lead).length >= 3) return [{ type: 'list', sentence, lead, members }]
  }
  return []
}

/** "hemp, manila or sisal": three to six plain members; null: it is no such list. */
function membersOf(tail: string): string[] | null {
  if (!/^(?:[^,.;:]+, )+[^,.;:]+?,? (?:and|or) [^,.;:]+$/.test(tail)) return null
  const members = [...new Set(tail.split(/, (?:and|or) |, | (?:and|or) /).map((member) => member.trim()))]
  const isPlain = members.every(
    (member) =>
      wordsIn(member).length <= LONGEST_MEMBER &&
      !/^(?:of|from|to|by|in|on|for|which|that)\b/.test(member) &&
      !hasVerb(member),
  )
  return isPlain && members.length >= 3 && members.length <= 6 ? members : null
}

function hasVerb(member: string): boolean {
  return wordsIn(member).length > 1 && nlp(member).has('(#PresentTense|#PastTense|#Copula|#Modal)')
}

const STEP = /^(?:first|next|then|after that|after this|finally|last of all|last|second|third),?\s+/i
const LONGEST_STEP = 22

function sequencesIn(sentences: readonly Sentence[]): FactOf<'sequence'>[] {
  const found: FactOf<'sequence'>[] = []
  sentences.forEach((first, at) => {
    const begins = STEP.test(first.text)
      ? /^first\b/i.test(first.text)
      : /\bfirst (?!time|hour|answer|owner)/i.test(first.text)
    if (!begins) return
    const rest: Sentence[] = []
    for (const next of sentences.slice(at + 1)) {
      if (next.paragraph !== first.paragraph || !STEP.test(next.text) || /^first\b/i.test(next.text)) break
      rest.push(next)
    }
    const [, aim] = /^(To [^,]+),/.exec(first.text) ?? []
    const opening = first.text
      .replace(/^To [^,]+,\s*/, '')
      .replace(STEP, '')
      .replace(/\bfirst /i, '')
    const steps = [opening, ...rest.map(({ text }) => text.replace(STEP, ''))].map((step) =>
      inside(step.replace(/[.!]$/, '')),
    )
    const isShort = steps.every((step) => wordsIn(step).length <= LONGEST_STEP)
    if (steps.length >= 3 && steps.length <= 6 && isShort)
      found.push({ type: 'sequence', sentence: first, aim: aim ? inside(aim) : aimBefore(sentences, at), steps })
  })
  return found
}

/** What the steps are for, where the sentence before says it: "A distress call has an order …". */
function aimBefore(sentences: readonly Sentence[], at: number): string | null {
  const before = sentences[at - 1]
  return before && before.paragraph === sentences[at]?.paragraph ? before.text.replace(/[.!]$/, '') : null
}
