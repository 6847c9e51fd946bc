import nlp from 'compromise'
import type { Chance } from './chance.ts'
import type { FactOf } from './facts.ts'
import { capital, wordsIn, type Sentence } from './source.ts'

/** Words of which one is wrong where the other is right. */
const OPPOSITES: readonly (readonly [string, string])[] = [
  ['highest', 'lowest'],
  ['largest', 'smallest'],
  ['larger', 'smaller'],
  ['stronger', 'weaker'],
  ['longer', 'shorter'],
  ['more', 'less'],
  ['most', 'fewest'],
  ['rises', 'falls'],
  ['north', 'south'],
  ['east', 'west'],
  ['port', 'starboard'],
  ['before', 'after'],
  ['faster', 'slower'],
  ['high', 'low'],
  ['large', 'small'],
  ['strong', 'weak'],
  ['warm', 'cold'],
  ['red', 'green'],
  ['up', 'down'],
  ['close', 'far'],
  ['above', 'below'],
  ['always', 'never'],
  ['deep', 'shallow'],
  ['clockwise', 'anticlockwise'],
  ['inside', 'outside'],
  ['open', 'closed'],
  ['day', 'night'],
  ['easier', 'harder'],
  ['increases', 'decreases'],
  ['first', 'last'],
  ['long', 'short'],
  ['thick', 'thin'],
  ['early', 'late'],
  ['hot', 'cold'],
]

/** Whether a sentence can be put before somebody as a statement. */
export function isStatement({ text, standsAlone }: Sentence): boolean {
  const length = wordsIn(text).length
  return (
    standsAlone &&
    length >= 6 &&
    length <= 28 &&
    text.endsWith('.') &&
    !/^To \w+/.test(text) &&
    !/["“”;:]/.test(text) &&
    nlp(text).has('#Verb') &&
    !nlp(text).has('^#Imperative')
  )
}

/** The same statement made wrong: another figure, the opposite word, or a "not". Null: it cannot be done surely. */
export function altered(text: string, numbers: readonly FactOf<'number'>[], chance: Chance): string | null {
  const number = chance.one(numbers)
  if (number) {
    const [other] = otherFigures(number, [], chance, 1)
    if (other !== undefined) return `${number.before}${other}${number.after}`
  }
  return opposite(text) ?? negated(text)
}

function opposite(text: string): string | null {
  const there = OPPOSITES.flatMap(([one, other]) => [[one, other] as const, [other, one] as const]).filter(
    ([word]) => (text.match(new RegExp(`\\b${word}\\b`, 'gi')) ?? []).length === 1,
  )
  // With both in the sentence, one of them alone would say something twice.
  const sure = there.find(([, other]) => !new RegExp(`\\b${other}\\b`, 'i').test(text))
  return sure
    ? text.replace(new RegExp(`\\b${sure[0]}\\b`, 'i'), (word) => (/^\p{Lu}/u.test(word) ? capital(sure[1]) : sure[1]))
    : null
}

/** "is" becomes "is not"; only in a sentence of one clause, where nothing else could be meant. */
function negated(text: string): string | null {
  if (/,|\b(?:not|never|no|none|only|seldom|because|since|although|that|which|who|while|when|where)\b/i.test(text))
    return null
  const copulas = text.match(/\b(?:is|are|was|were|can|must|may)\b/g) ?? []
  return copulas.length === 1
    ? text.replace(/\b(is|are|was|were|can|must|may)\b/, '$1 not').replace('can not', 'cannot')
    : null
}

/** Figures of the same class: those of the source first, then near ones that the sentence does not have. */
export function otherFigures(
  fact: FactOf<'number'>,
  all: readonly FactOf<'number'>[],
  chance: Chance,
  count: number,
): string[] {
  const value = Number(fact.figure.replace(/[ ,]/g, ''))
  const decimals = fact.figure.split('.')[1]?.length ?? 0
  const near = fact.isYear
    ? [-24, -12, -7, 8, 15, 31].map((step) => value + step)
    : [value * 2, value / 2, value + Math.max(1, value / 4), value * 3, Math.max(1, value - Math.max(1, value / 3))]
  const own = all
    .filter(({ isYear, figure }) => isYear === fact.isYear && isLike(figure, fact.figure))
    .map(({ figure }) => figure)
  const made = near.map((one) => (decimals ? one.toFixed(decimals) : String(Math.round(one))))
  const taken = new Set(fact.sentence.text.match(/\d+(?:\.\d+)?/g))
  const usable = [...chance.shuffled(own).slice(0, 2), ...chance.shuffled(made)].filter((one) => {
    if (taken.has(one) || Number(one) <= 0) return false
    taken.add(one)
    return true
  })
  return usable.slice(0, count)
}

/** Of the same size: beside 18 nautical miles nobody believes 1954. */
function isLike(one: string, other: string): boolean {
  const [a, b] = [Number(one.replace(/[ ,]/g, '')), Number(other.replace(/[ ,]/g, ''))]
  return a !== b && a > 0 && Math.abs(Math.log(a / b)) < Math.log(6) && one.includes('.') === other.includes('.')
}
