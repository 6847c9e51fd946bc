import { plainText } from '../content/plain.ts'
import { readNumber } from '../grade/number-value.ts'
import type { Item } from '../item/model.ts'
import type { Sentence } from './sentences.ts'

/**
 * What a source says of an item. `said`: one sentence, or two side by side, hold the question and its key.
 * `otherwise`: the sentence that the item is about says something else than the key. `unsure`: it is about that sentence,
 * but the key is not in it. `not-found`: no sentence is about it. `nothing-to-find`: there is no key to look for.
 */
export type EvidenceVerdict = 'said' | 'otherwise' | 'unsure' | 'not-found' | 'nothing-to-find'

export interface Evidence {
  readonly verdict: EvidenceVerdict
  /** Places of the sentences that it rests on, or seems to: one, two side by side, or of pairs and steps one for each. */
  readonly sentences: readonly number[]
}

/** Shares of weighted words (ours; set once, on items whose sentence was known). */
const ABOUT = 0.45
const KEY_THERE = 0.6
const SAID_WHOLE = 0.75
const TOGETHER = 0.95
const VERBATIM = 0.94

/** What a question says of how to answer it says nothing of what it is about. */
const ASKING = new Set(
  'what which who whom whose when where why how word call question text read name choose select all apply that fit correct statement true fals sentenc go on miss number year blank fill gap answer follow match put order step done many much do does did'.split(
    ' ',
  ),
)

/** Words that stand in every text say nothing of which sentence is meant; they weigh little by being frequent. */
const NEGATIONS = new Set([
  'not',
  'no',
  'never',
  'none',
  'neither',
  'nor',
  'cannot',
  "isn't",
  "doesn't",
  "don't",
  "aren't",
])

/** Finds the evidence of items in one source; the source is prepared once. */
export class EvidenceFinder {
  readonly #words: readonly (readonly string[])[]
  readonly #weights = new Map<string, number>()
  readonly #sentences: readonly Sentence[]

  constructor(sentences: readonly Sentence[]) {
    this.#sentences = sentences
    this.#words = sentences.map(({ text }) => stemsOf(text))
    const frequencies = new Map<string, number>()
    for (const words of this.#words)
      for (const word of new Set(words)) frequencies.set(word, (frequencies.get(word) ?? 0) + 1)
    const count = Math.max(1, sentences.length)
    for (const [word, frequency] of frequencies) this.#weights.set(word, Math.log(1 + count / frequency))
  }

  evidenceOf(item: Item): Evidence {
    const keys = keysOf(item)
    if (!keys.length || !this.#sentences.length)
      return { verdict: keys.length ? 'not-found' : 'nothing-to-find', sentences: [] }
    if (item.kind === 'truefalse') return this.#statement(item)
    if (item.kind === 'match') return this.#pairs(item)
    if (item.kind === 'order') return this.#steps(item)
    const asked = withoutAsking(stemsOf(plainText(item.stem)))
    const best = this.#best([...asked, ...keys.flatMap(stemsOf)])
    const about = this.#best(asked)
    const near = this.#around(best.place)
    const isKeyThere = keys.every((key) => this.#holds(near, key))
    const isAbout = this.#share(asked, near) >= ABOUT || asked.length === 0
    if (isKeyThere && isAbout) return { verdict: 'said', sentences: this.#least(best.place, keys) }
    if (about.share < ABOUT) return { verdict: 'not-found', sentences: [] }
    const own = this.#around(about.place)
    const isKeyMissing = item.kind === 'multiple' ? !isKeyThere : !keys.some((key) => this.#holds(own, key))
    const isRival =
      isKeyMissing && (this.#hasOtherFigure(item, about) || othersOf(item).some((other) => this.#holds(own, other)))
    return { verdict: isRival ? 'otherwise' : 'unsure', sentences: [about.place] }
  }

  /** A sentence that says all that is asked, with another figure in place of the key. */
  #hasOtherFigure(item: Item, { place, share }: { readonly place: number; readonly share: number }): boolean {
    if (item.kind !== 'numeric' || share < SAID_WHOLE) return false
    const asked = numbersIn(plainText(item.stem))
    const said = numbersIn(this.#sentences[place]?.text ?? '').filter((number) => !asked.includes(number))
    return (
      said.length > 0 &&
      !item.key.some((band) =>
        said.some((number) =>
          'min' in band ? band.min <= number && number <= band.max : Number(band.value) === number,
        ),
      )
    )
  }

  /** A true statement is said whole; a false one is about a sentence that does not say it. */
  #statement(item: Extract<Item, { kind: 'truefalse' }>): Evidence {
    const text = plainText(item.stem)
    const words = withoutAsking(stemsOf(text))
    const { place, share } = this.#best(words)
    if (share < ABOUT) return { verdict: 'not-found', sentences: [] }
    const sentence = this.#words[place] ?? []
    const isSame =
      share >= SAID_WHOLE &&
      numbersIn(text).every((number) => numbersIn(this.#sentences[place]?.text ?? '').includes(number)) &&
      isNegated(words) === isNegated(sentence)
    const isTrue = item.key[0] === true
    const isVerbatim = isSame && share >= VERBATIM
    // Word for word it is true; with another word in it, it may be the one that makes it false.
    if (isVerbatim) return { verdict: isTrue ? 'said' : 'otherwise', sentences: [place] }
    if (!isTrue) return { verdict: 'said', sentences: [place] }
    const isContradicted = share >= SAID_WHOLE && !isSame
    return { verdict: isContradicted ? 'otherwise' : 'unsure', sentences: [place] }
  }

  /** Each pair stands in a sentence; one whose left side is said of another's right is paired wrongly. */
  #pairs(item: Extract<Item, { kind: 'match' }>): Evidence {
    const rights = item.right.map(plainText)
    const pairs = item.key.map(([left, right]) => ({ left: plainText(item.left[left]), right }))
    const found = pairs.map(({ left, right }) => {
      const share = (at: number): number => this.#best([...stemsOf(left), ...stemsOf(rights[at] ?? '')]).share
      const others = rights.map((_, at) => at).filter((at) => at !== right)
      return {
        ...this.#best([...stemsOf(left), ...stemsOf(rights[right] ?? '')]),
        isElsewhere: others.some((at) => share(at) >= SAID_WHOLE && share(at) > share(right)),
      }
    })
    return verdictOf(
      found,
      found.some(({ isElsewhere }) => isElsewhere),
    )
  }

  /** Each step stands in a sentence, and these follow one another as the steps do. */
  #steps(item: Extract<Item, { kind: 'order' }>): Evidence {
    const steps = item.key
      .flatMap((id) => item.options.filter((option) => option.id === id))
      .map(({ content }) => plainText(content))
    const found = steps.map((step) => {
      const best = this.#best(stemsOf(step))
      const sentence = this.#sentences[best.place]?.text.toLowerCase() ?? ''
      return { ...best, at: best.place * 1e6 + Math.max(0, sentence.indexOf(step.toLowerCase().slice(0, 20))) }
    })
    const isTurned = found.some(({ at }, step) => at < (found[step - 1]?.at ?? 0))
    return verdictOf(found, isTurned)
  }

  #weight(word: string): number {
    return this.#weights.get(word) ?? Math.log(1 + this.#sentences.length)
  }

  #share(words: readonly string[], within: readonly string[]): number {
    const there = new Set(within)
    let [all, found] = [0, 0]
    for (const word of new Set(words)) {
      const weight = this.#weight(word)
      all += weight
      if (there.has(word)) found += weight
    }
    return all ? found / all : 0
  }

  #best(words: readonly string[]): { readonly place: number; readonly share: number } {
    let best = { place: 0, share: 0 }
    this.#words.forEach((sentence, place) => {
      // What "it" stands for is said in the sentence before; alone is better than together.
      const share = Math.max(this.#share(words, sentence), TOGETHER * this.#share(words, this.#around(place)))
      if (share > best.share) best = { place, share }
    })
    return best
  }

  /** The words of a sentence and of the one before: what "it" stands for is said there. */
  #around(place: number): readonly string[] {
    return [...(this.#words[place - 1] ?? []), ...(this.#words[place] ?? [])]
  }

  #least(place: number, keys: readonly string[]): number[] {
    const isAlone = keys.every((key) => this.#holds(this.#words[place] ?? [], key))
    return isAlone || place === 0 ? [place] : [place - 1, place]
  }

  #holds(words: readonly string[], key: string): boolean {
    const own = stemsOf(key)
    return own.length > 0 && this.#share(own, words) >= KEY_THERE
  }
}

/** Of several parts that each rest on a sentence of their own. */
function verdictOf(found: readonly { readonly place: number; readonly share: number }[], isTurned: boolean): Evidence {
  const there = found.filter(({ share }) => share >= KEY_THERE)
  const sentences = [...new Set(there.map(({ place }) => place))].sort((a, b) => a - b)
  if (!there.length) return { verdict: 'not-found', sentences }
  if (there.length < found.length) return { verdict: 'unsure', sentences }
  return { verdict: isTurned ? 'otherwise' : 'said', sentences }
}

/** What has to be in the source for the key to be said there. */
function keysOf(item: Item): string[] {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return item.options.filter(({ id }) => item.key.includes(id)).map(({ content }) => plainText(content))
    case 'short':
      return item.key.slice(0, 1)
    case 'cloze':
      return item.gaps.flatMap(({ key }) => key.slice(0, 1))
    case 'numeric':
      return item.key.slice(0, 1).map((band) => String('min' in band ? band.min : band.value))
    case 'truefalse':
      return item.key.length ? [plainText(item.stem)] : []
    case 'match':
      return item.key.map(([left, right]) => `${plainText(item.left[left])} ${plainText(item.right[right])}`)
    case 'order':
      return item.options.map(({ content }) => plainText(content))
    case 'grid':
    case 'scale':
    case 'essay':
    case 'note':
      return []
  }
}

function othersOf(item: Item): string[] {
  return item.kind === 'single' || item.kind === 'multiple'
    ? item.options.filter(({ id }) => !item.key.includes(id)).map(({ content }) => plainText(content))
    : []
}

/** What is left of a question without the words that ask; all of it, where nothing else is. */
function withoutAsking(words: readonly string[]): readonly string[] {
  const left = words.filter((word) => !ASKING.has(word))
  return left.length ? left : words
}

function isNegated(words: readonly string[]): boolean {
  return words.some((word) => NEGATIONS.has(word))
}

function numbersIn(text: string): number[] {
  return [...text.matchAll(/\d+(?:[.,]\d+)*/g)].flatMap(([number]) => readNumber(number)?.value ?? [])
}

/** Words without their most usual endings, so that "floods" meets "flood"; figures by their value. */
function stemsOf(text: string): string[] {
  return (text.toLocaleLowerCase('en').match(/\d+(?:[.,]\d+)*|[\p{L}\p{M}'’]+/gu) ?? []).map((word) => {
    if (/^\d/.test(word)) return String(readNumber(word)?.value ?? word)
    const plain = word.replaceAll('’', "'").replace(/'s$/, '')
    if (NEGATIONS.has(plain)) return plain
    const stem = plain.replace(/(?:ies)$/, 'y').replace(/(?:ing|edly|ed|es|s|ly)$/, '')
    return stem.length >= 3 ? stem : plain
  })
}
