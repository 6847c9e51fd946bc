import { EvidenceFinder, sentencesOf, type Item } from '@zakuska/core'
import type { KeptEvidence } from '../bank/index.ts'

const MAX_NAME = 80
const MAX_SENTENCE = 1000

/** What a source says of an item, to be kept with it; nothing where there is no source, or nothing to look for. */
export type EvidenceIn = (item: Item) => { readonly evidence?: KeptEvidence }

export function evidenceIn(source: string | null): EvidenceIn {
  if (source === null) return () => ({})
  const sentences = sentencesOf(source)
  const finder = new EvidenceFinder(sentences)
  const name = (source.trim().split('\n')[0] ?? '').slice(0, MAX_NAME)
  return (item) => {
    const { verdict, sentences: places } = finder.evidenceOf(item)
    if (verdict === 'nothing-to-find') return {}
    const rests = places.flatMap((place) => {
      const sentence = sentences[place]
      return sentence ? [{ text: sentence.text.slice(0, MAX_SENTENCE), place: place + 1, time: sentence.time }] : []
    })
    return { evidence: { verdict, source: name, sentences: rests } }
  }
}
