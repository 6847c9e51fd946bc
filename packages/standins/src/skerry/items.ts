import type { Chance } from './chance.ts'
import { altered, isStatement, otherFigures } from './altered.ts'
import type { Kind } from './asked.ts'
import type { Fact, FactOf } from './facts.ts'
import { bare, capital, wordsIn, type Sentence } from './source.ts'

/** An item before it is laid out, with what it rests on. */
export interface Drafted {
  readonly kind: Kind
  readonly stem: string
  /** Options, sides of pairs as `left – right`, or steps as they are shown. */
  readonly options: readonly string[]
  /** Places of right options, in their right order; of typed answers, the answers. */
  readonly key: readonly (number | string)[]
  readonly sentence: string
  /** What was done to it on purpose, so that it is wrong. */
  readonly mistake: 'key' | 'fact' | null
}

const MOST_OPTIONS = 4
const LEAST_OPTIONS = 3

/** Makes items of one kind out of what a source states. */
export class Drafter {
  readonly #facts: readonly Fact[]
  /** All facts, for wrong options: what was asked already can still be one. */
  readonly #pool: readonly Fact[]
  readonly #sentences: readonly Sentence[]
  readonly #chance: Chance
  readonly #used = new Set<string>()

  /** `avoid`: text of questions that are not to be asked again. `wishes`: words to be asked about first. */
  constructor(
    facts: readonly Fact[],
    sentences: readonly Sentence[],
    chance: Chance,
    { avoid, wishes }: { readonly avoid: string; readonly wishes: string },
  ) {
    this.#chance = chance
    this.#pool = facts
    const known = avoid.split(/\n\s*\n|\n(?=\s*\S)(?!\s+[a-z]\)|\s+Answer)/i).map((one) => wordsIn(one).join(' '))
    const isNew = ({ text }: Sentence): boolean => !known.some((one) => asksOf(one, text))
    const wanted = new Set(wordsIn(wishes).filter((word) => word.length > 4))
    const wish = (text: string): number => wordsIn(text).filter((word) => wanted.has(word)).length
    this.#facts = chance
      .shuffled(facts.filter(({ sentence }) => isNew(sentence)))
      .sort((a, b) => wish(b.sentence.text) - wish(a.sentence.text))
    this.#sentences = chance.shuffled(sentences.filter(isNew)).sort((a, b) => wish(b.text) - wish(a.text))
  }

  /** As many as there are, at most `count`. */
  make(kind: Kind, count: number): Drafted[] {
    const made: Drafted[] = []
    for (const draft of this.#candidates(kind)) {
      if (made.length >= count) break
      if (!draft || this.#used.has(draft.sentence)) continue
      // Pairs ask of several sentences at once, and leave each of them to be asked of by itself.
      if (kind !== 'match') this.#used.add(draft.sentence)
      made.push(draft)
    }
    return made
  }

  // eslint-disable-next-line max-lines-per-function -- one short case for each kind
  *#candidates(kind: Kind): Generator<Drafted | null> {
    switch (kind) {
      case 'single':
        // By turns, so that no set asks for figures alone.
        yield* byTurns([
          this.#of('definition').map((fact) => () => this.#whichTerm(fact)),
          this.#of('cause').map((fact) => () => this.#whichCause(fact)),
          this.#of('number').map((fact) => () => this.#whichFigure(fact)),
        ])
        return
      case 'multiple':
        yield* this.#of('list').map((fact) => this.#allThatFit(fact))
        return
      case 'truefalse':
        yield* this.#sentences.filter(isStatement).map((sentence, at) => this.#statement(sentence, at % 2 === 1))
        return
      case 'short':
        yield* this.#of('definition').map((fact) =>
          typed('short', `What is the word for ${fact.says}?`, [fact.term], fact),
        )
        return
      case 'numeric':
        yield* this.#of('number').map((fact) =>
          typed(
            'numeric',
            `Which ${fact.isYear ? 'year' : 'number'} is missing? “${gapped(fact)}”`,
            [fact.figure],
            fact,
          ),
        )
        return
      case 'cloze':
        yield* byTurns([
          this.#of('definition').map((fact) => () => gapOfTerm(fact)),
          this.#of('number').map(
            (fact) => () => typed('cloze', `${fact.before}_____${fact.after}`, [fact.figure], fact),
          ),
        ])
        return
      case 'match':
        yield* this.#matches()
        return
      case 'order':
        yield* this.#of('sequence').map((fact) => this.#order(fact))
    }
  }

  #all<Type extends Fact['type']>(type: Type): FactOf<Type>[] {
    return this.#pool.filter((fact): fact is FactOf<Type> => fact.type === type)
  }

  #of<Type extends Fact['type']>(type: Type): FactOf<Type>[] {
    return this.#facts.filter((fact): fact is FactOf<Type> => fact.type === type)
  }

  #whichTerm(fact: FactOf<'definition'>): Drafted | null {
    const others = this.#others(
      fact.term,
      this.#all('definition').map(({ term }) => term),
      fact.sentence.text,
    )
    return this.#choice(`What is the word for ${fact.says}?`, fact.term, others, fact)
  }

  #whichCause(fact: FactOf<'cause'>): Drafted | null {
    const others = this.#others(
      fact.cause,
      this.#all('cause').map(({ cause }) => cause),
      fact.sentence.text,
    )
    return this.#choice(`How does the sentence go on? “${fact.effect} because …”`, fact.cause, others, fact)
  }

  #whichFigure(fact: FactOf<'number'>): Drafted | null {
    const others = otherFigures(fact, this.#all('number'), this.#chance, MOST_OPTIONS - 1)
    return this.#choice(
      `Which ${fact.isYear ? 'year' : 'number'} is missing? “${gapped(fact)}”`,
      fact.figure,
      others,
      fact,
    )
  }

  #choice(stem: string, right: string, others: readonly string[], { sentence }: Fact): Drafted | null {
    if (others.length < LEAST_OPTIONS - 1) return null
    const options = this.#chance.shuffled([right, ...others.slice(0, MOST_OPTIONS - 1)])
    return { kind: 'single', stem, options, key: [options.indexOf(right)], sentence: sentence.text, mistake: null }
  }

  /** Others of the same class that the sentence itself does not have. */
  #others(right: string, all: readonly string[], sentence: string): string[] {
    const own = sentence.toLowerCase()
    const [usable, seen] = [[] as string[], new Set([right.toLowerCase()])]
    for (const one of this.#chance.shuffled(all)) {
      if (seen.has(one.toLowerCase()) || own.includes(one.toLowerCase()) || isPartOf(one, right)) continue
      seen.add(one.toLowerCase())
      usable.push(one)
    }
    return usable
  }

  #allThatFit(fact: FactOf<'list'>): Drafted | null {
    const right = this.#chance.shuffled(fact.members).slice(0, 3)
    const elsewhere = this.#all('list').flatMap(({ sentence, members }) => (sentence === fact.sentence ? [] : members))
    const terms = this.#all('definition').map(({ term }) => term)
    const others = this.#others('', [...elsewhere, ...(elsewhere.length < 2 ? terms : [])], fact.sentence.text).slice(
      0,
      2,
    )
    if (others.length < 2) return null
    const options = this.#chance.shuffled([...right, ...others])
    const key = right.map((one) => options.indexOf(one)).sort((a, b) => a - b)
    const stem = `Which of these does the text name? “${fact.lead.replace(/:$/, '')} …” Choose all that apply.`
    return { kind: 'multiple', stem, options, key, sentence: fact.sentence.text, mistake: null }
  }

  #statement(sentence: Sentence, isTrue: boolean): Drafted | null {
    const numbers = this.#of('number').filter((fact) => fact.sentence === sentence)
    const says = isTrue ? sentence.text : altered(sentence.text, numbers, this.#chance)
    return says === null
      ? null
      : {
          kind: 'truefalse',
          stem: `True or false: ${says}`,
          options: [],
          key: [isTrue ? 'True' : 'False'],
          sentence: sentence.text,
          mistake: null,
        }
  }

  *#matches(): Generator<Drafted | null> {
    const short = this.#of('definition').filter(({ says }) => wordsIn(says).length <= 16 && !/[–—]| - /.test(says))
    for (let at = 0; at + 3 <= short.length; at += 4) {
      const pairs = short.slice(at, at + 4)
      const first = pairs.find(({ sentence }) => !this.#used.has(sentence.text))
      if (!first || new Set(pairs.map(({ term }) => term)).size < pairs.length) continue
      const options = pairs.map(({ term, says }) => `${term} – ${says}`)
      const key = options.map((_, place) => place)
      yield {
        kind: 'match',
        stem: 'Match each word with what it is.',
        options,
        key,
        sentence: first.sentence.text,
        mistake: null,
      }
    }
  }

  #order({ aim, steps, sentence }: FactOf<'sequence'>): Drafted {
    let shown = this.#chance.shuffled(steps)
    // A sequence that is shown in its order asks nothing.
    if (shown.every((step, place) => step === steps[place])) shown = [...shown.slice(1), ...shown.slice(0, 1)]
    const stem =
      aim === null
        ? 'Put the steps in order:'
        : aim.startsWith('to ')
          ? `Put in order what is done ${aim}:`
          : `${capital(aim)}. Put the steps in order:`
    return {
      kind: 'order',
      stem,
      options: shown,
      key: steps.map((step) => shown.indexOf(step)),
      sentence: sentence.text,
      mistake: null,
    }
  }
}

function typed(kind: Kind, stem: string, key: readonly string[], { sentence }: Fact): Drafted {
  return { kind, stem, options: [], key, sentence: sentence.text, mistake: null }
}

function gapped({ before, after }: FactOf<'number'>): string {
  return `${before}…${after}`
}

/** The term out of its own sentence; null where it stands there twice. */
function gapOfTerm(fact: FactOf<'definition'>): Drafted | null {
  const { text } = fact.sentence
  const at = text.toLowerCase().indexOf(fact.term.toLowerCase())
  if (at < 0 || text.toLowerCase().lastIndexOf(fact.term.toLowerCase()) !== at) return null
  return typed('cloze', `${text.slice(0, at)}_____${text.slice(at + fact.term.length)}`, [fact.term], fact)
}

function isPartOf(one: string, other: string): boolean {
  const [a, b] = [bare(one).toLowerCase(), bare(other).toLowerCase()]
  return b !== '' && (` ${a} `.includes(` ${b} `) || ` ${b} `.includes(` ${a} `))
}

/** Whether questions ask of a sentence already: most of its longer words stand in them together. */
function asksOf(known: string, sentence: string): boolean {
  if (!known) return false
  const words = wordsIn(sentence).filter((word) => word.length > 3)
  const there = words.filter((word) => ` ${known} `.includes(` ${word.replace(/\.$/, '')} `)).length
  return words.length > 0 && there / words.length > 0.7
}

function* byTurns<Value>(lists: readonly (readonly (() => Value)[])[]): Generator<Value> {
  const longest = Math.max(0, ...lists.map(({ length }) => length))
  for (let at = 0; at < longest; at++)
    for (const list of lists) {
      const make = list[at]
      if (make) yield make()
    }
}
