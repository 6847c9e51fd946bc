import { plainText } from '../content/plain.ts'
import type { KeptItem } from './model.ts'

/** Which parts of two items say the same, in the items' own words, whatever the option ids are. */
export function isSameItem(a: KeptItem, b: KeptItem): { readonly stem: boolean; readonly key: boolean } {
  return { stem: plainText(a.stem) === plainText(b.stem), key: a.kind === b.kind && keyWords(a) === keyWords(b) }
}

function keyWords(item: KeptItem): string {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return JSON.stringify(
        item.options.filter((option) => item.key.includes(option.id)).map((option) => plainText(option.content)),
      )
    case 'truefalse':
      return JSON.stringify(item.key)
    case 'short':
      return JSON.stringify(item.key.map((answer) => answer.replace(/\s+/g, ' ').trim()))
  }
}
