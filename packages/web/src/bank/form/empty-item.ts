import { type ClozeGap, type Content, countGaps, DEFAULT_TEXT_RULES, type Item, optionId } from '@zakuska/core'

// eslint-disable-next-line max-lines-per-function -- one short case for each kind
export function emptyItem(kind: Item['kind']): Item {
  const common = { stem: [], points: 1, tags: [] }
  switch (kind) {
    case 'single':
      return {
        ...common,
        kind,
        options: [0, 1, 2, 3].map((index) => ({ id: optionId(index), content: [] })),
        key: [],
        shuffle: true,
      }
    case 'multiple':
      return {
        ...common,
        kind,
        options: [0, 1, 2, 3].map((index) => ({ id: optionId(index), content: [] })),
        key: [],
        shuffle: true,
        credit: 'all',
      }
    case 'truefalse':
      return { ...common, kind, key: [] }
    case 'short':
      return { ...common, kind, key: [], rules: DEFAULT_TEXT_RULES }
    case 'numeric':
      return { ...common, kind, key: [] }
    case 'cloze':
      return { ...common, kind, gaps: [], rules: DEFAULT_TEXT_RULES }
    case 'match':
      return { ...common, kind, left: [[], []], right: [[], []], key: [] }
    case 'grid':
      return { ...common, kind, rows: [[], []], columns: [[], []], key: [] }
    case 'order': {
      const options = [0, 1, 2].map((index) => ({ id: optionId(index), content: [] }))
      return { ...common, kind, options, key: options.map((option) => option.id) }
    }
    case 'scale':
      return { ...common, kind, points: 0, low: 1, high: 5 }
    case 'essay':
      return { ...common, kind }
    case 'note':
      return { ...common, kind, points: 0 }
  }
}

/** The same item as another kind; what both have is kept. */
export function asKind(item: Item, kind: Item['kind']): Item {
  const { stem, points, feedback, hint, tags, outcome, level, difficulty, language, passage, timeLimit } = item
  const shared = {
    stem,
    points,
    tags,
    ...(feedback && { feedback }),
    ...(hint && { hint }),
    ...(outcome !== undefined && { outcome }),
    ...(level !== undefined && { level }),
    ...(difficulty !== undefined && { difficulty }),
    ...(timeLimit !== undefined && { timeLimit }),
    ...(language !== undefined && { language }),
    ...(passage && { passage }),
  }
  if ((kind === 'single' || kind === 'multiple' || kind === 'order') && 'options' in item) {
    if (kind === 'order')
      return { ...shared, options: item.options, kind, key: item.options.map((option) => option.id) }
    const choice = { options: item.options, shuffle: 'shuffle' in item ? item.shuffle : true }
    const key = item.kind === 'order' ? [] : item.key
    return kind === 'single'
      ? { ...shared, ...choice, kind, key: key.slice(0, 1) }
      : { ...shared, ...choice, kind, key, credit: 'all' }
  }
  if (kind === 'cloze') return { ...emptyItem(kind), ...shared, gaps: gapsFor([], item.stem) } as Item
  const none = kind === 'scale' || kind === 'note' ? { points: 0 } : {}
  return { ...emptyItem(kind), ...shared, ...none }
}

/** As many gaps as the stem has; the ones that are there stay in their order. */
export function gapsFor(gaps: readonly ClozeGap[], stem: Content): ClozeGap[] {
  return Array.from({ length: countGaps(stem) }, (_none, index) => gaps[index] ?? { key: [] })
}
