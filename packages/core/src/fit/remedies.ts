import type { RemedyId } from './remedy-id.ts'
import type { FormatLimits } from './limits.ts'
import { mapInlines } from '../content/map.ts'
import {
  countGaps,
  inlinesOf,
  isEmptyContent,
  paragraph,
  styledText,
  type Content,
  type Inline,
} from '../content/model.ts'
import { plainText } from '../content/plain.ts'
import { contentsOf, mapContents } from '../item/contents.ts'
import { fitItem } from './fit.ts'
import { cut, fewerOptions, LENGTHS, listedAnswers, matchAsGrid, numbersIn, shortened } from './narrow.ts'
import { optionId, type ClozeItem, type GridItem, type Item, type MatchItem, type OrderItem } from '../item/model.ts'

export interface Remedy {
  /** On a button: "Split into one item per gap". */
  readonly label: string
  /** Whether the remedy does anything for this item. */
  readonly suits: (item: Item) => boolean
  /** Never changes the given item. */
  readonly apply: (item: Item, toward?: Toward) => readonly Item[]
}

/** Where a remedied item goes. */
export interface Toward {
  /** Its limits, for what has to be cut to a length. */
  readonly limits?: FormatLimits
  /** Where anybody can look at a picture, by the name that items give it; without it, links cannot be made. */
  readonly pictureAddress?: (asset: string) => string
}

export const REMEDIES: Readonly<Record<RemedyId, Remedy>> = {
  split: {
    label: 'Split into several items',
    suits: (item) => item.kind === 'cloze' || item.kind === 'match' || item.kind === 'grid' || item.kind === 'multiple',
    apply: split,
  },
  'as-match': {
    label: 'Make it a matching item',
    suits: (item) => item.kind === 'order' || item.kind === 'grid',
    apply: (item) =>
      item.kind === 'order' ? [orderAsMatch(item)] : item.kind === 'grid' ? [gridAsMatch(item)] : [item],
  },
  'make-single': {
    label: 'Make it single choice',
    suits: (item) => item.kind === 'truefalse' || (item.kind === 'multiple' && item.key.length === 1),
    apply: (item) => [asSingle(item)],
  },
  'all-or-nothing': {
    label: 'Give credit for the whole only',
    suits: (item) => 'credit' in item && item.credit !== 'all',
    apply: (item) => ['credit' in item ? { ...item, credit: 'all' } : item],
  },
  'picture-to-text': {
    label: 'Put the description in the picture’s place',
    suits: () => true,
    apply: (item) => [
      mapContents(item, (content) =>
        mapInlines(content, (node) => (node.type === 'picture' ? styledText(`[${node.alt || 'picture'}]`, []) : node)),
      ),
    ],
  },
  'picture-to-link': {
    label: 'Put a link in the picture’s place',
    suits: (item) => contentsOf(item).some((content) => inlinesOf(content).some(isKept)),
    apply: (item, { pictureAddress } = {}) => [
      mapContents(item, (content) =>
        mapInlines(content, (node) =>
          node.type === 'picture' && isKept(node) && pictureAddress
            ? styledText(`${node.alt || 'Picture'}: ${pictureAddress(node.asset)}`, [])
            : node,
        ),
      ),
    ],
  },
  'passage-to-stem': {
    label: 'Move the passage into the stem',
    suits: (item) => !isEmptyContent(item.passage),
    apply: (item) => {
      const { passage, ...rest } = item
      return [{ ...rest, stem: [...(passage ?? []), ...item.stem] }]
    },
  },
  'unit-optional': {
    label: 'Let the unit be left out',
    suits: (item) => item.kind === 'numeric' && item.unitRule === 'required',
    apply: (item) => [item.kind === 'numeric' ? without(item, 'unitRule') : item],
  },
  'plain-text': {
    label: 'Keep the text, drop its dress',
    suits: () => true,
    apply: (item) => [mapContents(item, plain)],
  },
  shorten: {
    label: 'Cut options that are too long',
    suits: () => true,
    apply: (item, { limits } = {}) => [shortened(item, limits?.['option-length']?.over ?? LENGTHS.option)],
  },
  'shorten-stem': {
    label: 'Cut the stem',
    suits: (item) => item.kind !== 'cloze',
    apply: (item, { limits } = {}) => [
      { ...item, stem: cut(item.stem, limits?.['stem-length']?.over ?? LENGTHS.stem) },
    ],
  },
  'as-grid': {
    label: 'Make it a grid',
    suits: (item) => item.kind === 'match',
    apply: (item) => [item.kind === 'match' ? matchAsGrid(item) : item],
  },
  'list-answers': {
    label: 'Accept each number of the band',
    suits: (item) => item.kind === 'numeric' && numbersIn(item).length > 0,
    apply: (item) => [item.kind === 'numeric' ? listedAnswers(item) : item],
  },
  'fewer-options': {
    label: 'Leave distractors out',
    suits: (item) => item.kind === 'single' || item.kind === 'multiple',
    apply: (item, { limits } = {}) => [fewerOptions(item, limits?.['option-count']?.over ?? LENGTHS.options)],
  },
  'drop-feedback': {
    label: 'Leave the feedback out',
    suits: (item) => !isEmptyContent(item.feedback),
    apply: (item) => [without(item, 'feedback')],
  },
  'drop-hint': {
    label: 'Leave the hint out',
    suits: (item) => !isEmptyContent(item.hint),
    apply: (item) => [without(item, 'hint')],
  },
  'drop-time-limit': {
    label: 'Leave the time limit out',
    suits: (item) => item.timeLimit !== undefined,
    apply: (item) => [without(item, 'timeLimit')],
  },
}

/** An item with remedies applied one after the other; what one of them splits, the next is applied to each part. */
export function remedied(item: Item, remedies: readonly RemedyId[], toward: Toward = {}): readonly Item[] {
  return remedies.reduce<readonly Item[]>(
    (items, id) => items.flatMap((one) => (REMEDIES[id].suits(one) ? REMEDIES[id].apply(one, toward) : [one])),
    [item],
  )
}

/** Remedies are looked for so many times one after the other: what one of them makes may need another. */
const MOST_REMEDIES = 4

/**
 * The remedies that bring an item there, after those that were taken already; the same list where none of them does, since
 * an item that is split in vain is worse than one that stays whole.
 */
export function remediesFor(
  item: Item,
  taken: readonly RemedyId[],
  toward: Toward & { limits: FormatLimits },
): readonly RemedyId[] {
  let found = taken
  for (let turn = 0; turn < MOST_REMEDIES; turn++) {
    const cannot = remedied(item, found, toward).flatMap((part) => {
      const fit = fitItem(part, toward.limits)
      return fit.verdict === 'cannot'
        ? [{ part, reasons: fit.reasons.filter(({ verdict }) => verdict === 'cannot') }]
        : []
    })
    if (!cannot.length) break
    const next = cannot
      .flatMap(({ part, reasons }) =>
        reasons.flatMap(({ remedy }) => (remedy && REMEDIES[remedy].suits(part) ? [remedy] : [])),
      )
      .find((remedy) => !found.includes(remedy))
    if (!next) break
    found = [...found, next]
  }
  const goes = (remedies: readonly RemedyId[]): boolean =>
    remedied(item, remedies, toward).some((part) => fitItem(part, toward.limits).verdict !== 'cannot')
  return goes(found) ? found : taken
}

function isKept(node: Inline): boolean {
  return node.type === 'picture' && node.asset !== ''
}

function without<Kind extends Item>(item: Kind, name: string): Kind {
  return Object.fromEntries(Object.entries(item).filter(([field]) => field !== name)) as unknown as Kind
}

/** One item per gap, pair, row, or option; the points are shared out among them. */
function split(item: Item): readonly Item[] {
  switch (item.kind) {
    case 'cloze':
      return item.gaps.map((_gap, index) => oneGap(item, index))
    case 'match':
      return item.key.map(([left, right]) => onePair(item, item.left[left] ?? [], item.right, right, item.key.length))
    case 'grid':
      return item.key.map(([row, column]) => onePair(item, item.rows[row] ?? [], item.columns, column, item.key.length))
    case 'multiple':
      return item.options.map((option): Item => ({
        ...commonOf(item, item.options.length),
        kind: 'truefalse',
        stem: joined(item.stem, option.content),
        key: [item.key.includes(option.id)],
      }))
    default:
      return [item]
  }
}

function commonOf(item: Item, parts: number): Omit<Extract<Item, { kind: 'note' }>, 'kind'> {
  const { stem, tags, feedback, hint, outcome, timeLimit, level, difficulty, language, passage } = item
  const points = Number((item.points / Math.max(1, parts)).toFixed(4))
  return Object.fromEntries(
    Object.entries({
      stem,
      points,
      tags,
      feedback,
      hint,
      outcome,
      timeLimit,
      level,
      difficulty,
      language,
      passage,
    }).filter(([, value]) => value !== undefined),
  ) as unknown as Omit<Extract<Item, { kind: 'note' }>, 'kind'>
}

/** The other gaps are filled with their keys, so that the sentence still says what it did. */
function oneGap(item: ClozeItem, index: number): Item {
  let at = -1
  const stem = mapInlines(item.stem, (node) => {
    if (node.type !== 'gap') return node
    at++
    return at === index ? node : styledText(item.gaps[at]?.key[0] ?? '…', [])
  })
  const gap = item.gaps[index]
  const common = { ...commonOf(item, item.gaps.length), stem }
  if (!gap?.choices) return { ...common, kind: 'short', key: gap?.key ?? [], rules: item.rules }
  return {
    ...common,
    kind: 'single',
    options: gap.choices.map((choice, place) => ({
      id: optionId(place),
      content: [paragraph([styledText(choice, [])])],
    })),
    key: gap.choices.flatMap((choice, place) => (gap.key.includes(choice) ? [optionId(place)] : [])).slice(0, 1),
    shuffle: true,
  }
}

function onePair(
  item: MatchItem | GridItem,
  part: Content,
  partners: readonly Content[],
  key: number,
  parts: number,
): Item {
  return {
    ...commonOf(item, parts),
    kind: 'single',
    stem: joined(item.stem, part),
    options: partners.map((content, index) => ({ id: optionId(index), content })),
    key: [optionId(key)],
    shuffle: item.kind === 'match',
  }
}

function joined(stem: Content, part: Content): Content {
  return [...stem, ...part]
}

/** Each entry is matched with its place: first, second, … */
function orderAsMatch(item: OrderItem): Item {
  const { options, key, credit: _credit, kind: _kind, ...common } = item
  return {
    ...common,
    kind: 'match',
    left: options.map((option) => option.content),
    right: key.map((_id, index) => [paragraph([styledText(String(index + 1), [])])]),
    key: options.flatMap((option, index) => {
      const place = key.indexOf(option.id)
      return place < 0 ? [] : [[index, place] as const]
    }),
  }
}

function gridAsMatch(item: GridItem): Item {
  const { rows, columns, kind: _kind, ...common } = item
  return { ...common, kind: 'match', left: rows, right: columns }
}

function asSingle(item: Item): Item {
  if (item.kind === 'multiple') {
    const { credit: _credit, kind: _kind, ...rest } = item
    return { ...rest, kind: 'single' }
  }
  if (item.kind !== 'truefalse') return item
  const { key, kind: _kind, ...rest } = item
  const options = ['True', 'False'].map((word, index) => ({
    id: optionId(index),
    content: [paragraph([styledText(word, [])])],
  }))
  return { ...rest, kind: 'single', options, key: key.map((value) => optionId(value ? 0 : 1)), shuffle: false }
}

function plain(content: Content): Content {
  const gaps = countGaps(content)
  const text = plainText(content)
  return text
    .split('\n')
    .map((line) =>
      paragraph(
        gaps
          ? line
              .split('___')
              .flatMap((piece, index): Inline[] =>
                index ? [{ type: 'gap' }, styledText(piece, [])] : [styledText(piece, [])],
              )
          : [styledText(line, [])],
      ),
    )
}
