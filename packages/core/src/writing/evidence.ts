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

/** A sentence holds as much of a question as the best one does, but for a word of little weight. */
const AS_GOOD = 0.85
/** What "it" stands for is said in the sentence before. */
const LEADS_BACK =
  /^["“„]?(?:it|its|they|their|them|he|she|his|her|this|that|these|those|both|each|there|then|such|er|sie|es|il|elle|ils|elles|den|det|de|ella|él|ello|esto|este|esta)\b/i

/** What parts a sentence in two that may speak of different things. */
const BETWEEN_PARTS =
  /[,;:()](?!\s*(?:which|who|whose|where|that|called|named)\s)|\s(?:and|but|or|while|whereas|und|aber|oder|et|mais|ou|og|men|och|y|pero|e)\s/iu
/** The word beside the key weighs plainly more than that beside another answer. */
const PLAINLY = 1.1

/** Share of a statement's words that follow one another as in the sentence that says it. */
const IN_ORDER = 0.85

interface Deciding {
  /** One, or two side by side. */
  readonly places: readonly number[]
  readonly words: readonly string[]
  readonly share: number
}

/** What a question says of how to answer it says nothing of what it is about. */
const ASKING = new Set(
  'what which who whom whose when where why how word call question text read name choose select all apply that fit correct statement true fals sentenc go on miss number year blank fill gap answer follow match put order step done many much do does did'.split(
    ' ',
  ),
)

/** Words that may be put in or left out without a change in what is said. */
const FUNCTION = new Set(
  'the and that this its their are was were has have had with for from by let of in on at to an'.split(' '),
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
    const deciding = this.#deciding(asked)
    // What the question names itself is no answer to it.
    const isNamed = item.kind !== 'single' && keys.some((key) => stemsOf(key).every((word) => asked.includes(word)))
    const saying = isNamed ? undefined : deciding.find(({ words }) => keys.every((key) => this.#holds(words, key)))
    // Where the sentence names another answer beside the key, which of them it gives to this question is for a person to say.
    if (saying) return { verdict: this.#namesRival(item, asked, saying) ? 'unsure' : 'said', sentences: saying.places }
    const about = this.#best(asked)
    if (about.share < ABOUT) return { verdict: 'not-found', sentences: [] }
    const own = this.#around(about.place)
    const isKeyMissing = item.kind === 'multiple' || !keys.some((key) => this.#holds(own, key))
    const isRival =
      isKeyMissing && (this.#hasOtherFigure(item, about) || othersOf(item).some((other) => this.#holds(own, other)))
    return { verdict: isRival ? 'otherwise' : 'unsure', sentences: [about.place] }
  }

  /**
   * The sentences that the question is about, best first: those that hold as much of its words as any, each alone, or with the
   * one before it where a pronoun leads back to that.
   */
  #deciding(asked: readonly string[]): Deciding[] {
    const all = this.#words.flatMap((words, place): Deciding[] => {
      const alone = { places: [place], words, share: this.#share(asked, words) }
      const before = this.#words[place - 1]
      if (!before || !LEADS_BACK.test(this.#sentences[place]?.text ?? '')) return [alone]
      const together = [...before, ...words]
      const share = TOGETHER * this.#share(asked, together)
      return [alone, { places: [place - 1, place], words: together, share }]
    })
    const most = Math.max(0, ...all.map(({ share }) => share))
    return all.filter(({ share }) => share >= ABOUT && share >= AS_GOOD * most).sort((a, b) => b.share - a.share)
  }

  /**
   * Whether the sentence that holds the key names another answer, another option or another figure, and does not say by its parts
   * which of them is asked for: the part with the key has a word of the question that weighs more than any of the parts with
   * the others.
   */
  #namesRival(item: Item, asked: readonly string[], { places, words }: Deciding): boolean {
    const keys = keysOf(item)
    const keyed = new Set(keys.flatMap(stemsOf))
    const texts = places.map((place) => this.#sentences[place]?.text ?? '')
    const others =
      item.kind === 'numeric'
        ? texts.flatMap(numbersIn).map(String)
        : othersOf(item).filter((other) => this.#holds(words, other))
    const parts = texts.flatMap((text) => text.split(BETWEEN_PARTS)).map(stemsOf)
    if (item.kind === 'short' || item.kind === 'cloze') return !this.#isInBestPart(parts, keys, asked)
    const rivals = others.filter((other) => {
      const own = stemsOf(other).filter((word) => !keyed.has(word) && !asked.includes(word))
      return own.length > 0 && own.every((word) => words.includes(word))
    })
    if (!rivals.length) return false
    const weightBeside = (answers: readonly string[]): number =>
      Math.max(
        0,
        ...parts
          .filter((part) => answers.some((answer) => this.#holds(part, answer)))
          .flatMap((part) => asked.filter((word) => part.includes(word)).map((word) => this.#weight(word))),
      )
    const isApart = parts.every(
      (part) => !(keys.some((key) => this.#holds(part, key)) && rivals.some((one) => this.#holds(part, one))),
    )
    return !isApart || weightBeside(keys) < PLAINLY * weightBeside(rivals)
  }

  /** Of a typed key: no other part of the sentence has as much of the question as the one with the key. */
  #isInBestPart(parts: readonly (readonly string[])[], keys: readonly string[], asked: readonly string[]): boolean {
    const isKeyed = (part: readonly string[]): boolean => keys.some((key) => this.#holds(part, key))
    const best = (of: readonly (readonly string[])[]): number =>
      Math.max(0, ...of.map((part) => this.#share(asked, part)))
    const others = best(parts.filter((part) => !isKeyed(part)))
    return others === 0 || best(parts.filter(isKeyed)) >= PLAINLY * others
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
    const before = this.#ledBackTo(place)
    const sentence = this.#words[place] ?? []
    const within = new Set([...before, ...sentence])
    const figures = numbersIn(this.#sentences[place]?.text ?? '')
    const isOtherFigure = numbersIn(text).some((number) => !figures.includes(number))
    const isSame = share >= SAID_WHOLE && !isOtherFigure && isNegated(words) === isNegated(sentence)
    // One word from elsewhere makes another statement of it, however little it weighs.
    const isInOrder =
      inOrder(words, [...before, ...sentence]) >= IN_ORDER * words.filter((word) => within.has(word)).length
    const isWhole = isInOrder && words.every((word) => within.has(word) || FUNCTION.has(word))
    const isTrue = item.key[0] === true
    // Word for word it is true; with another word in it, it may be the one that makes it false.
    if (isSame && isWhole && share >= VERBATIM) return { verdict: isTrue ? 'said' : 'otherwise', sentences: [place] }
    const foreign = words.filter((word) => !within.has(word) && !FUNCTION.has(word))
    // Words that the source uses elsewhere stand here in the place of others; words that it never uses may be a paraphrase.
    const isTurned =
      isInOrder && share >= SAID_WHOLE && foreign.length > 0 && foreign.every((word) => this.#weights.has(word))
    const isContradicted = share >= SAID_WHOLE && !isSame && (isInOrder || isOtherFigure)
    if (!isTrue) return { verdict: isContradicted || isTurned ? 'said' : 'unsure', sentences: [place] }
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

  /** The words of the sentence before, where a pronoun leads back to it. */
  #ledBackTo(place: number): readonly string[] {
    return LEADS_BACK.test(this.#sentences[place]?.text ?? '') ? (this.#words[place - 1] ?? []) : []
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

/** How many words of one list stand in the other in the same order (longest common subsequence). */
function inOrder(words: readonly string[], within: readonly string[]): number {
  let row = new Array<number>(within.length + 1).fill(0)
  for (const word of words) {
    const next = [0]
    within.forEach((one, at) =>
      next.push(one === word ? (row[at] ?? 0) + 1 : Math.max(row[at + 1] ?? 0, next[at] ?? 0)),
    )
    row = next
  }
  return row.at(-1) ?? 0
}

function isNegated(words: readonly string[]): boolean {
  return words.some((word) => NEGATIONS.has(word))
}

function numbersIn(text: string): number[] {
  return stemsOf(text).flatMap((word) => (/^\d/.test(word) ? (readNumber(word)?.value ?? []) : []))
}

// "One" mostly counts nothing.
const NUMBER_WORDS = 'zero \0 two three four five six seven eight nine ten eleven twelve'.split(' ')

/** Words without their most usual endings, so that "floods" meets "flood"; figures by their value. */
function stemsOf(text: string): string[] {
  return (text.toLocaleLowerCase('en').match(/\d+(?:[.,]\d+)*|[\p{L}\p{M}'’]+/gu) ?? []).map((word) => {
    if (/^\d/.test(word)) return String(readNumber(word)?.value ?? word)
    const plain = word.replaceAll('’', "'").replace(/'s$/, '')
    const figure = NUMBER_WORDS.indexOf(plain)
    if (figure >= 0) return String(figure)
    if (NEGATIONS.has(plain)) return plain
    const stem = plain.replace(/(?:ies)$/, 'y').replace(/(?:ing|edly|ed|es|s|ly)$/, '')
    return stem.length >= 3 ? stem : plain
  })
}
