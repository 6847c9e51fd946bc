import { plainText } from '../content/plain.ts'
import type { Item, ItemKind } from '../item/model.ts'
import { readability, readText, type Readability } from '../review/readability.ts'
import { EvidenceFinder, type Evidence, type EvidenceVerdict } from './evidence.ts'
import { sentencesOf } from './sentences.ts'

/** What can be counted of a draft, to hold it beside another. */
export interface DraftFigures {
  readonly items: number
  readonly kinds: Readonly<Partial<Record<ItemKind, number>>>
  /** Of single choice: how often the key stands first, second …; as long as the longest list of options. */
  readonly keyPlaces: readonly number[]
  readonly trueKeys: number
  readonly falseKeys: number
  /** Of all items' text together; null: there is none. */
  readonly reading: Readability | null
  /** Sentences of the source that some item rests on, of all that it has; null without a source. */
  readonly coverage: { readonly asked: readonly boolean[]; readonly share: number } | null
  readonly verdicts: Readonly<Partial<Record<EvidenceVerdict, number>>>
  /** One for each item; none without a source. */
  readonly evidence: readonly Evidence[]
}

/** @param source The text that the items were drafted from; null: none is known. */
export function draftFigures(items: readonly Item[], source: string | null): DraftFigures {
  const kinds: Partial<Record<ItemKind, number>> = {}
  const verdicts: Partial<Record<EvidenceVerdict, number>> = {}
  const keyPlaces: number[] = []
  const evidence: Evidence[] = []
  let [trueKeys, falseKeys] = [0, 0]
  const sentences = source === null ? [] : sentencesOf(source)
  const finder = new EvidenceFinder(sentences)
  const asked = sentences.map(() => false)
  for (const item of items) {
    kinds[item.kind] = (kinds[item.kind] ?? 0) + 1
    if (item.kind === 'truefalse' && item.key.length) {
      if (item.key[0]) trueKeys++
      else falseKeys++
    }
    if (item.kind === 'single') {
      item.options.forEach((option, place) => {
        keyPlaces[place] = (keyPlaces[place] ?? 0) + (item.key.includes(option.id) ? 1 : 0)
      })
    }
    if (source === null) continue
    const found = finder.evidenceOf(item)
    evidence.push(found)
    verdicts[found.verdict] = (verdicts[found.verdict] ?? 0) + 1
    for (const place of found.sentences) asked[place] = true
  }
  const text = items.map((item) => readText(item) || plainText(item.stem)).join('\n')
  return {
    items: items.length,
    kinds,
    keyPlaces,
    trueKeys,
    falseKeys,
    reading: items.length ? readability(text, items[0]?.language) : null,
    coverage: sentences.length ? { asked, share: asked.filter(Boolean).length / sentences.length } : null,
    verdicts,
    evidence,
  }
}
