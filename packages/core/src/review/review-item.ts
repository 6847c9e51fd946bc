import type { Item } from '../item/model.ts'
import type { CheckCode } from './checks-table.ts'
import { noKey, noPoints, sameOptions } from './checks/key.ts'
import {
  allOfTheAbove,
  longestIsKey,
  noneOfTheAbove,
  optionsOutOfOrder,
  overlappingOptions,
  repeatedWords,
} from './checks/options.ts'
import { readingLevel } from './checks/reading-level.ts'
import { absoluteWords, grammarClue, negativeUnstressed, noAltText, stemAsksNothing } from './checks/stem.ts'
import { finding, type Finding, type ItemCheck, type ReviewSettings } from './finding.ts'

const ANY: readonly (readonly [CheckCode, ItemCheck<Item>])[] = [
  ['no-key', noKey],
  ['no-points', noPoints],
  ['no-alt-text', noAltText],
  ['reading-level', readingLevel],
]

const CHOICE: readonly (readonly [CheckCode, ItemCheck<Extract<Item, { kind: 'single' | 'multiple' }>>])[] = [
  ['same-options', sameOptions],
  ['all-of-the-above', allOfTheAbove],
  ['none-of-the-above', noneOfTheAbove],
  ['negative-unstressed', negativeUnstressed],
  ['repeated-words', repeatedWords],
  ['options-out-of-order', optionsOutOfOrder],
  ['stem-asks-nothing', stemAsksNothing],
]

const SINGLE: readonly (readonly [CheckCode, ItemCheck<Extract<Item, { kind: 'single' }>>])[] = [
  ['longest-is-key', longestIsKey],
  ['absolute-words', absoluteWords],
  ['grammar-clue', grammarClue],
  ['overlapping-options', overlappingOptions],
]

/** Everything that the writing checks have to say about one item, in the order of the tables above. */
export function reviewItem(item: Item, settings: ReviewSettings = {}): Finding[] {
  const found: Finding[] = []
  const run = <Checked extends Item>(
    checks: readonly (readonly [CheckCode, ItemCheck<Checked>])[],
    checked: Checked,
  ): void => {
    for (const [code, check] of checks) {
      const message = settings.off?.includes(code) ? null : check(checked, settings)
      if (message !== null) found.push(finding(code, [0], message))
    }
  }
  run(ANY, item)
  if (item.kind === 'single' || item.kind === 'multiple') run(CHOICE, item)
  if (item.kind === 'single') run(SINGLE, item)
  if (item.kind === 'truefalse') run([['absolute-words', absoluteWords]], item)
  return found
}
