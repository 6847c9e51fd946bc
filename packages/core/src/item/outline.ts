import { plainText } from '../content/plain.ts'
import type { Content } from '../content/model.ts'
import type { Item, Option } from './model.ts'

/** The plain-text projection of an item, as printed by `zakuska read --as outline`. */
export type OutlineItem = Readonly<Record<string, unknown>> & {
  readonly kind: Item['kind']
  readonly stem: string
  readonly key: readonly unknown[]
}

/** An item without its place in a draft: the kind's own fields first, then what the draft said. */
export function outlineOf(item: Item, pointsSaid = true): OutlineItem {
  return {
    kind: item.kind,
    stem: plainText(item.stem),
    ...ownFields(item),
    ...(pointsSaid && { points: item.points }),
    ...contentField('feedback', item.feedback),
    ...optionFeedback(item),
    ...contentField('hint', item.hint),
    ...(item.difficulty !== undefined && { difficulty: item.difficulty }),
    ...(item.level !== undefined && { level: item.level }),
    ...(item.outcome !== undefined && { outcome: item.outcome }),
    ...(item.tags.length > 0 && { tags: item.tags }),
  }
}

type OwnFields = { readonly key: readonly unknown[] } & Readonly<Record<string, unknown>>

function ownFields(item: Item): OwnFields {
  switch (item.kind) {
    case 'single':
    case 'multiple':
    case 'order':
      return { options: optionTexts(item.options), key: item.key.map((id) => indexOfOption(item.options, id)) }
    case 'truefalse':
    case 'short':
      return { key: item.key }
    case 'numeric':
      return { key: item.key, ...(item.unit !== undefined && { unit: item.unit }) }
    case 'cloze':
      return {
        key: item.gaps.map((gap) => gap.key),
        choices: item.gaps.map((gap) => gap.choices ?? null),
        ...(item.wordBank && { bank: item.wordBank }),
      }
    case 'match':
      return { left: item.left.map(plainText), right: item.right.map(plainText), key: item.key }
    case 'grid':
      return { rows: item.rows.map(plainText), columns: item.columns.map(plainText), key: item.key }
    case 'scale':
      return {
        low: item.low,
        high: item.high,
        ...(item.lowLabel !== undefined && { lowLabel: item.lowLabel }),
        ...(item.highLabel !== undefined && { highLabel: item.highLabel }),
        key: [],
      }
    case 'essay':
      return { key: [], ...contentField('sample', item.sample) }
    case 'note':
      return { key: [] }
  }
}

function optionTexts(options: readonly Option[]): string[] {
  return options.map((option) => plainText(option.content))
}

function indexOfOption(options: readonly Option[], id: string): number {
  return options.findIndex((option) => option.id === id)
}

function contentField(name: string, content: Content | undefined): Readonly<Record<string, string>> {
  return content === undefined ? {} : { [name]: plainText(content) }
}

function optionFeedback(item: Item): Readonly<Record<string, unknown>> {
  if (item.kind !== 'single' && item.kind !== 'multiple') return {}
  if (!item.options.some((option) => option.feedback)) return {}
  return { optionFeedback: item.options.map((option) => (option.feedback ? plainText(option.feedback) : null)) }
}
