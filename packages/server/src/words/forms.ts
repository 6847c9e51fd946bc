import nlp from 'compromise'
import { PARTS_OF_SPEECH, type PartOfSpeech, type WordNet } from './word-net.ts'

/** How a word is inflected. */
export type WordForm = 'base' | 'plural' | 'past' | 'gerund' | 'third-person' | 'comparative' | 'superlative'

export interface Lemma {
  readonly lemma: string
  readonly pos: PartOfSpeech
  readonly form: WordForm
}

/** Endings that come off (morphy(7WN), "Rules of Detachment"), with the form that each says. */
const ENDINGS: Readonly<Record<PartOfSpeech, readonly (readonly [ending: string, instead: string, form: WordForm])[]>> =
  {
    noun: [
      ['ses', 's', 'plural'],
      ['xes', 'x', 'plural'],
      ['zes', 'z', 'plural'],
      ['ches', 'ch', 'plural'],
      ['shes', 'sh', 'plural'],
      ['men', 'man', 'plural'],
      ['ies', 'y', 'plural'],
      ['s', '', 'plural'],
    ],
    verb: [
      ['ies', 'y', 'third-person'],
      ['es', 'e', 'third-person'],
      ['es', '', 'third-person'],
      ['s', '', 'third-person'],
      ['ed', 'e', 'past'],
      ['ed', '', 'past'],
      ['ing', 'e', 'gerund'],
      ['ing', '', 'gerund'],
    ],
    adjective: [
      ['er', '', 'comparative'],
      ['est', '', 'superlative'],
      ['er', 'e', 'comparative'],
      ['est', 'e', 'superlative'],
    ],
    adverb: [],
  }

/** What a word can be a form of, by part of speech; a word that stands in the net itself is its own. */
export function lemmasOf(net: WordNet, word: string): Lemma[] {
  const lower = word.toLowerCase()
  return PARTS_OF_SPEECH.flatMap((pos): Lemma[] => {
    const irregular = irregularOf(lower, pos)
    const also = irregular && net.has(irregular.lemma, pos) ? [irregular] : []
    if (net.has(lower, pos)) return [{ lemma: lower, pos, form: 'base' }, ...also]
    const [ending] = ENDINGS[pos].flatMap(([end, instead, form]) => {
      if (!lower.endsWith(end) || lower.length <= end.length + 1) return []
      const stem = lower.slice(0, -end.length) + instead
      const candidates = [stem, ...(/([bdgklmnprt])\1$/.test(stem) ? [stem.slice(0, -1)] : [])]
      const lemma = candidates.find((one) => net.has(one, pos))
      return lemma === undefined ? [] : [{ lemma, pos, form }]
    })
    return ending ? [ending] : also
  })
}

/** "went", "knives": by general language processing, since the lists of exceptions are not in the package. */
function irregularOf(word: string, pos: PartOfSpeech): Lemma | null {
  if (pos === 'noun') {
    const lemma = taggedAs(word, 'Noun').nouns().toSingular().text().toLowerCase()
    return lemma && lemma !== word ? { lemma, pos, form: 'plural' } : null
  }
  if (pos === 'verb') {
    const lemma = taggedAs(word, 'Verb').verbs().toInfinitive().text().toLowerCase()
    return lemma && lemma !== word ? { lemma, pos, form: 'past' } : null
  }
  return null
}

/** The forms of a lemma by their names; those that it does not have are not there. */
export function formsOf(lemma: string, pos: PartOfSpeech): Partial<Record<WordForm, string>> {
  const found: Partial<Record<WordForm, string>> = { base: lemma }
  const add = (form: WordForm, text: string | undefined): void => {
    const lower = text?.toLowerCase().trim()
    if (lower && lower !== lemma && lower.split(' ').length === lemma.split(' ').length) found[form] = lower
  }
  if (pos === 'noun') add('plural', taggedAs(lemma, 'Noun').nouns().toPlural().text())
  if (pos === 'verb') {
    const [all] = taggedAs(lemma, 'Verb').verbs().conjugate() as Partial<Record<string, string>>[]
    add('past', all?.['PastTense'])
    add('gerund', all?.['Gerund']?.replace(/^is /, ''))
    add('third-person', all?.['PresentTense'])
  }
  if (pos === 'adjective' && lemma.length <= 6) {
    const stem = lemma.replace(/e$/, '').replace(/([^aeiou])y$/, '$1i')
    add('comparative', `${stem}er`)
    add('superlative', `${stem}est`)
  }
  return found
}

function taggedAs(word: string, tag: 'Noun' | 'Verb') {
  const document = nlp(word)
  document.tag(tag)
  return document
}
