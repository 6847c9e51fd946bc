import { plainText } from '../content/plain.ts'
import type { Item, NumericKey, Option } from './model.ts'

/** Which parts of two items say the same, in the items' own words, whatever the option ids are. */
export function isSameItem(a: Item, b: Item): { readonly stem: boolean; readonly key: boolean } {
  return { stem: plainText(a.stem) === plainText(b.stem), key: a.kind === b.kind && keyWords(a) === keyWords(b) }
}

/** What an item's key says, in its own words, as text to compare. */
export function keyWords(item: Item): string {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return JSON.stringify(
        item.options.filter((option) => item.key.includes(option.id)).map((option) => plainText(option.content)),
      )
    case 'order':
      return JSON.stringify(item.key.map((id) => wordsOf(item.options, id)))
    case 'truefalse':
      return JSON.stringify(item.key)
    case 'short':
      return JSON.stringify(item.key.map(folded))
    case 'numeric':
      return JSON.stringify(item.key.map((band) => [...bandEnds(band), band.credit ?? 1]))
    case 'cloze':
      return JSON.stringify(item.gaps.map((gap) => gap.key.map(folded)))
    case 'match':
      return JSON.stringify(item.key.map(([left, right]) => [plainText(item.left[left]), plainText(item.right[right])]))
    case 'grid':
      return JSON.stringify(
        item.key.map(([row, column]) => [plainText(item.rows[row]), plainText(item.columns[column])]),
      )
    case 'scale':
    case 'essay':
    case 'note':
      return ''
  }
}

/** Both ends of a band, however it was said, to twelve figures. */
export function bandEnds(band: NumericKey): readonly [number, number] {
  const [low, high] = 'min' in band ? [band.min, band.max] : [band.value - band.tolerance, band.value + band.tolerance]
  return [Number(low.toPrecision(12)), Number(high.toPrecision(12))]
}

function wordsOf(options: readonly Option[], id: string): string {
  return plainText(options.find((option) => option.id === id)?.content)
}

function folded(text: string): string {
  return text.replace(/\s+/g, ' ').trim()
}
