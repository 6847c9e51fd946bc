import nlp from 'compromise'
import model from 'wink-eng-lite-web-model'
import winkNLP from 'wink-nlp'
import { sentencesOf } from '@zakuska/core'
import { formsOf, lemmasOf, type Lemma, type WordForm } from './forms.ts'
import { WordNet, type PartOfSpeech, type Synset } from './word-net.ts'

/** A meaning that a person may pick. */
export interface WordSense {
  readonly id: string
  readonly pos: PartOfSpeech
  readonly lemma: string
  /** The form in which it was asked for. */
  readonly form: WordForm
  readonly forms: Partial<Record<WordForm, string>>
  readonly definition: string
  /** A sentence with the word in one of its forms; null: the net has none. */
  readonly example: string | null
  /** The form of the word that stands in the example. */
  readonly inExample: string | null
  /** Words that mean the same or nearly so. */
  readonly related: readonly string[]
}

export interface LookedUp {
  readonly word: string
  /** None: it has no entry. */
  readonly senses: readonly WordSense[]
  /** The place of the likely one; −1 where there is none. */
  readonly likely: number
  /** A sentence of the passage that has it, and the form in which it stands there. */
  readonly inPassage: { readonly sentence: string; readonly as: string } | null
}

const MOST_SENSES = 12
/** Definitions that the net has, about; how rare a word is among them says how much it tells. */
const DEFINITIONS = 117_000
const USUAL_RARENESS = 6
/** What speaks for a sense (ours; set on one list of 40 words, measured on another). */
const WEIGHTS = { tagged: 9, frequency: 0.8, rank: 0.12, sentence: 1.2, passage: 0.35, near: 0.3 } as const

let net: WordNet | null = null
let counts: ReadonlyMap<string, number> | null = null

/**
 * Words with their senses, the likely one first. It is the most frequent, unless the passage, or else the list, speaks for
 * another: by using the word as another part of speech, or by sharing rare words with its definition and those of its
 * neighbours in the net (Lesk 1986; Banerjee & Pedersen 2003).
 */
export function lookUpWords({
  words,
  passage,
}: {
  readonly words: readonly string[]
  readonly passage: string
}): LookedUp[] {
  net ??= new WordNet()
  counts ??= net.countDefinitions(stems)
  const looker = new Looker(net, counts, words, passage)
  return words.map((word) => looker.lookUp(word))
}

interface Candidate extends Lemma {
  readonly synset: Synset
  readonly rank: number
}

class Looker {
  readonly #sentences: readonly string[]
  readonly #around: ReadonlySet<string>

  constructor(
    private readonly net: WordNet,
    private readonly counts: ReadonlyMap<string, number>,
    words: readonly string[],
    passage: string,
  ) {
    // A heading is no sentence to ask about.
    this.#sentences = sentencesOf(passage).flatMap(({ text }) => (/[.!?]['"”’)]*$/.test(text) ? text : []))
    this.#around = stems(`${passage} ${words.join(' ')}`)
  }

  lookUp(word: string): LookedUp {
    const candidates = lemmasOf(this.net, word).flatMap((lemma) =>
      this.net.meaningsOf(lemma.lemma, lemma.pos).map((synset, rank): Candidate => ({ ...lemma, synset, rank })),
    )
    const forms = [word.toLowerCase(), ...candidates.flatMap(({ lemma, pos }) => Object.values(formsOf(lemma, pos)))]
    const inPassage = sentenceWith(this.#sentences, [...new Set(forms)])
    const tagged = inPassage ? partsOfSpeechIn(inPassage.sentence, inPassage.as) : NOT_TAGGED
    const own = stems(forms.join(' '))
    const sentence = stems(inPassage?.sentence ?? '')
    const weigh = (candidate: Candidate): number => {
      const said = glossStems([candidate.synset], own)
      const near = glossStems(
        candidate.synset.near.slice(0, MOST_NEAR).map((id) => this.net.synset(id)),
        own,
      )
      const tags = this.net.frequencies(candidate.lemma, candidate.pos).get(candidate.synset.id) ?? 0
      return (
        WEIGHTS.tagged * (tagged.get(candidate.pos) ?? 0) +
        WEIGHTS.frequency * Math.log1p(tags) -
        WEIGHTS.rank * candidate.rank +
        WEIGHTS.sentence * this.#shared(said, sentence) +
        WEIGHTS.passage * this.#shared(said, this.#around) +
        WEIGHTS.near * this.#shared(near, this.#around)
      )
    }
    const senses = candidates
      .map((candidate) => ({ candidate, score: weigh(candidate) }))
      .sort((a, b) => b.score - a.score)
      .slice(0, MOST_SENSES)
      .map(({ candidate }) => senseOf(this.net, candidate.synset, candidate))
    return { word, senses, likely: senses.length ? 0 : -1, inPassage }
  }

  /** Words that two texts share, each by how rare it is. */
  #shared(said: ReadonlySet<string>, other: ReadonlySet<string>): number {
    let sum = 0
    for (const stem of said)
      if (other.has(stem)) sum += Math.log(DEFINITIONS / (this.counts.get(stem) ?? 1)) / USUAL_RARENESS
    return sum
  }
}

const MOST_NEAR = 12
const NOT_TAGGED: ReadonlyMap<PartOfSpeech, number> = new Map()

function glossStems(synsets: readonly Synset[], own: ReadonlySet<string>): ReadonlySet<string> {
  const found = stems(synsets.flatMap(({ definition, examples }) => [definition, ...examples]).join(' '))
  return new Set([...found].filter((stem) => !own.has(stem)))
}

function senseOf(
  net: WordNet,
  synset: Synset,
  { lemma, pos, form }: Pick<WordSense, 'lemma' | 'pos' | 'form'>,
): WordSense {
  const forms = formsOf(lemma, pos)
  const found = synset.examples.flatMap((example) => {
    const as = formIn(example, Object.values(forms))
    return as === null ? [] : [{ example, as }]
  })
  const whole = found.find(({ example }) => example.split(' ').length >= 4) ?? found[0]
  const near = synset.near.flatMap((id) => net.synset(id).words)
  return {
    ...{ id: synset.id, pos, lemma, form, forms, definition: synset.definition },
    example: whole?.example ?? null,
    inExample: whole?.as ?? null,
    related: [...new Set([...synset.words, ...near].map((one) => one.toLowerCase()))].filter((one) => one !== lemma),
  }
}

function sentenceWith(sentences: readonly string[], forms: readonly string[]): LookedUp['inPassage'] {
  for (const sentence of sentences) {
    const as = formIn(sentence, forms)
    if (as !== null) return { sentence, as }
  }
  return null
}

/** The form that stands in a sentence as a word of its own, as it is written there. */
function formIn(sentence: string, forms: readonly string[]): string | null {
  for (const form of forms) {
    const escaped = form.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
    const found = new RegExp(`(?<![\\p{L}\\p{N}-])${escaped}(?![\\p{L}\\p{N}-])`, 'iu').exec(sentence)
    if (found) return found[0]
  }
  return null
}

const tagger = winkNLP(model, ['sbd', 'pos'])
const TAGS: Readonly<Record<string, PartOfSpeech>> = {
  ...{ NOUN: 'noun', PROPN: 'noun', VERB: 'verb', AUX: 'verb', ADJ: 'adjective', ADV: 'adverb' },
}

/** How far each part of speech is likely for a word where it stands, by two taggers and by its neighbours; 1 in all. */
function partsOfSpeechIn(sentence: string, word: string): ReadonlyMap<PartOfSpeech, number> {
  const tokens = tagger.readDoc(sentence).tokens()
  const values = tokens.out().map((token) => token.toLowerCase())
  // A helper of the tagger, which stands alone.
  // eslint-disable-next-line @typescript-eslint/unbound-method
  const tags = tokens.out(tagger.its.pos)
  const place = values.indexOf(word.toLowerCase())
  const votes = new Map<PartOfSpeech, number>()
  const vote = (pos: PartOfSpeech | undefined, weight: number): void => {
    if (pos) votes.set(pos, (votes.get(pos) ?? 0) + weight)
  }
  vote(TAGS[tags[place] ?? ''], 0.25)
  const found = nlp(sentence).match(word.toLowerCase())
  vote(
    found.has('#Verb')
      ? 'verb'
      : found.has('#Adjective')
        ? 'adjective'
        : found.has('#Adverb')
          ? 'adverb'
          : found.has('#Noun')
            ? 'noun'
            : undefined,
    0.2,
  )
  vote(slotOf(values, tags, place), 0.55)
  return votes
}

const BE = new Set(['is', 'are', 'was', 'were', 'be', 'been', 'being'])
const NOMINAL = new Set(['NOUN', 'PROPN', 'ADJ', 'NUM'])

/** What may stand at a place: a noun ends what an article begins, an adjective stands before one or alone after "is". */
function slotOf(values: readonly string[], tags: readonly string[], place: number): PartOfSpeech | undefined {
  const [before, next] = [tags[place - 1] ?? '', tags[place + 1] ?? '']
  const isInPhrase =
    before === 'DET' ||
    (before === 'ADJ' && tags.slice(Math.max(0, place - 3), place).some((tag) => tag === 'DET' || tag === 'ADP'))
  if (BE.has(values[place - 1] ?? '')) return /(?:ed|ing)$/.test(values[place] ?? '') ? 'verb' : 'adjective'
  if (isInPhrase) return NOMINAL.has(next) ? 'adjective' : 'noun'
  if (NOMINAL.has(before) && tags[place - 2] !== 'ADP' && (next === 'DET' || next === 'ADV' || next === 'ADP'))
    return 'verb'
  return undefined
}

const COMMON = new Set(
  'the and for that with from this are was were which who has have had its his her not but you they their into than then when where what can may will about some any all one two of or in on to a an is be by as at it used use having make made being'.split(
    ' ',
  ),
)

function stems(text: string): ReadonlySet<string> {
  const words = text.toLowerCase().match(/\p{L}{3,}/gu) ?? []
  return new Set(
    words
      .filter((word) => !COMMON.has(word))
      .map((word) => word.replace(/(?:ies)$/, 'y').replace(/(?:ing|ed|es|s)$/, '')),
  )
}
