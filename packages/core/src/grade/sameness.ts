import type { Item, TextRules } from '../item/model.ts'

/** What counts as the same when an answer to this item is graded, for who answers it; empty where nothing is typed. */
export function samenessOf(item: Item): string[] {
  switch (item.kind) {
    case 'short':
      return textSameness(item.rules)
    case 'cloze':
      return item.gaps.some((gap) => !gap.choices) ? textSameness(item.rules) : []
    case 'numeric':
      return [
        '½, 1/2 and 0.5 are the same, and so are a decimal point and a decimal comma',
        ...(item.key.some((band) => 'min' in band || band.tolerance > 0)
          ? ['a number that is close enough counts']
          : []),
        ...(item.unit === undefined
          ? []
          : [
              item.unitRule === 'required'
                ? `the unit must be typed: ${item.unit}`
                : `the unit ${item.unit} may be typed or left out`,
            ]),
        ...(item.figures === undefined ? [] : [`it must be written with ${item.figures} significant figures`]),
      ]
    default:
      return []
  }
}

function textSameness(rules: TextRules): string[] {
  const { letterCase, accents, punctuation, numbers, listOrder, misspelt = 0 } = rules
  return [
    letterCase === 'ignore' ? 'capital and small letters are the same' : 'capital and small letters are told apart',
    ...(accents === 'ignore' ? ['accents may be left out'] : []),
    ...(punctuation === 'ignore' ? ['full stops, commas and hyphens do not count'] : []),
    ...(numbers === 'value' ? ['½, 1/2, 50 % and 0.5 are the same'] : []),
    ...(listOrder === 'any' ? ['a list counts in any order'] : []),
    misspelt > 0
      ? `${misspelt === 1 ? 'one letter' : `${misspelt} letters`} may be wrong in a longer word`
      : 'spelling counts',
  ]
}
