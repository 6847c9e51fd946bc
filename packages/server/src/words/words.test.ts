import { formsOf, lemmasOf } from './forms.ts'
import { lookUpWords } from './look-up.ts'
import { WordNet } from './word-net.ts'

const net = new WordNet()

describe('the word net', () => {
  // WordNet 3.1 (Princeton University), as its own files have it: "dog" has seven senses as a noun, the first of them
  // with these three words (data.noun, offset 02086723).
  test('has the senses of its own files, the most frequent first', () => {
    const dogs = net.meaningsOf('dog', 'noun')
    expect(dogs).toHaveLength(7)
    expect(dogs[0]).toMatchObject({ id: 'n2086723', words: ['dog', 'domestic dog', 'Canis familiaris'] })
    expect(dogs[0]?.definition).toMatch(/^a member of the genus Canis/)
    expect(dogs[0]?.examples).toEqual(['the dog barked all night'])
  })

  test.each([
    ['a', 'noun', true],
    ['zymotic', 'adjective', true],
    ['watch-keeper', 'noun', false],
    ['', 'noun', false],
    ['sea breeze', 'noun', true],
    ['!', 'adverb', false],
  ] as const)('%j as %s: %s', (word, pos, wanted) => {
    expect(net.has(word, pos)).toBe(wanted)
  })

  test('neighbours can be walked, and how often a sense was met is known', () => {
    const [gale] = net.meaningsOf('gale', 'noun')
    expect(gale?.near.map((id) => net.synset(id).words).flat()).toContain('wind')
    const counts = net.frequencies('dog', 'noun')
    expect(counts.get('n2086723')).toBeGreaterThan(30)
    expect(counts.size).toBe(7)
  })
})

describe('forms', () => {
  test.each([
    ['tides', 'tide', 'noun', 'plural'],
    ['watches', 'watch', 'verb', 'third-person'],
    ['ran', 'run', 'verb', 'past'],
    ['moored', 'moor', 'verb', 'past'],
    ['stopping', 'stop', 'verb', 'gerund'],
    ['knives', 'knife', 'noun', 'plural'],
    ['lower', 'low', 'adjective', 'comparative'],
    ['women', 'woman', 'noun', 'plural'],
  ])('%s is a form of %s', (word, lemma, pos, form) => {
    expect(lemmasOf(net, word)).toContainEqual({ lemma, pos, form })
  })

  test('a lemma has its forms by name', () => {
    expect(formsOf('anchor', 'noun')).toEqual({ base: 'anchor', plural: 'anchors' })
    expect(formsOf('draw', 'verb')).toMatchObject({
      base: 'draw',
      past: 'drew',
      gerund: 'drawing',
      'third-person': 'draws',
    })
    expect(formsOf('low', 'adjective')).toEqual({ base: 'low', comparative: 'lower', superlative: 'lowest' })
    expect(formsOf('gently', 'adverb')).toEqual({ base: 'gently' })
  })
})

describe('looking up', () => {
  const PASSAGE =
    'At spring tides the stream ran fast. A steady current draws small boats towards the wreck. Old rope is brittle. The skipper keeps a watch.'
  const found = lookUpWords({ words: ['tides', 'draws', 'brittle', 'watch', 'gallimaufrey-x'], passage: PASSAGE })
  const likely = (word: string) => {
    const one = found.find((entry) => entry.word === word)
    return one?.senses[one.likely]
  }

  test('the part of speech that the passage uses goes first', () => {
    expect(likely('tides')).toMatchObject({ pos: 'noun', form: 'plural' })
    expect(likely('draws')).toMatchObject({ pos: 'verb', form: 'third-person' })
    expect(likely('brittle')).toMatchObject({ pos: 'adjective' })
  })

  test('each sense has a definition, and its related words; the sentence of the passage comes along', () => {
    for (const { senses } of found) for (const sense of senses) expect(sense.definition).not.toBe('')
    expect(found[3]?.inPassage).toEqual({ sentence: 'The skipper keeps a watch.', as: 'watch' })
    expect(likely('watch')?.related.length).toBeGreaterThan(0)
  })

  test('a word without an entry has no senses', () => {
    expect(found[4]).toMatchObject({ senses: [], likely: -1, inPassage: null })
  })
})
