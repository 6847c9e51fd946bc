import { plainText } from '../content/plain.ts'
import { inlinesOf, type Content } from '../content/model.ts'
import { mapContents } from '../item/contents.ts'
import type { Item } from '../item/model.ts'

/** One text of an item that is translated. */
export interface TextUnit {
  /** Unique in its item, and the same for the item and its variants: `stem`, `option-b`, `key-1`. */
  readonly name: string
  readonly content: Content
}

/** Every text of an item that a student reads or types, in reading order; plain strings as rich text. */
export function textUnits(item: Item): TextUnit[] {
  const found: TextUnit[] = []
  withUnits(item, (name, content) => {
    if (plainText(content) !== '' || inlinesOf(content).length > 0) found.push({ name, content })
    return content
  })
  return found
}

/**
 * The item with each text replaced by what `change` gives for it. Typed keys, gap choices, word banks, rubrics and the
 * ends of a scale are plain: their styles are lost, nothing else.
 */
// eslint-disable-next-line max-lines-per-function -- one short case for each kind
export function withUnits(item: Item, change: (name: string, content: Content) => Content): Item {
  const texted = mapContents(item, namer(item, change))
  const plain = (name: string, text: string): string => {
    const changed = plainText(change(name, [{ type: 'paragraph', content: [{ type: 'text', text }] }]))
    return changed === '' ? text : changed
  }
  const list = (name: string, texts: readonly string[]): string[] =>
    texts.map((text, index) => plain(`${name}-${index + 1}`, text))
  switch (texted.kind) {
    case 'short':
      return { ...texted, key: list('key', texted.key) }
    case 'cloze':
      return {
        ...texted,
        gaps: texted.gaps.map((gap, at) => {
          const key = list(`gap-${at + 1}-key`, gap.key)
          if (!gap.choices) return { ...gap, key }
          // A keyed choice and its key are one text.
          const said = new Map(gap.key.map((text, index) => [text, key[index] ?? text]))
          const choices = gap.choices.map(
            (text, index) => said.get(text) ?? plain(`gap-${at + 1}-choice-${index + 1}`, text),
          )
          return { ...gap, key, choices }
        }),
        ...(texted.wordBank && { wordBank: list('word', texted.wordBank) }),
      }
    case 'scale':
      return {
        ...texted,
        ...(texted.lowLabel !== undefined && { lowLabel: plain('low', texted.lowLabel) }),
        ...(texted.highLabel !== undefined && { highLabel: plain('high', texted.highLabel) }),
      }
    case 'essay':
      return {
        ...texted,
        ...(texted.rubric && {
          rubric: texted.rubric.map((line, index) => ({ ...line, says: plain(`rubric-${index + 1}`, line.says) })),
        }),
      }
    default:
      return texted
  }
}

/** Names the rich texts in the order in which `mapContents` comes to them. */
function namer(item: Item, change: (name: string, content: Content) => Content): (content: Content) => Content {
  const names = richNames(item)
  let at = 0
  return (content) => change(names[at++] ?? `text-${at}`, content)
}

function richNames(item: Item): string[] {
  const own = ((): string[] => {
    switch (item.kind) {
      case 'single':
      case 'multiple':
      case 'order':
        return item.options.flatMap(({ id, feedback }) => [`option-${id}`, ...(feedback ? [`feedback-${id}`] : [])])
      case 'match':
        return [...item.left.map((_part, at) => `left-${at + 1}`), ...item.right.map((_part, at) => `right-${at + 1}`)]
      case 'grid':
        return [
          ...item.rows.map((_part, at) => `row-${at + 1}`),
          ...item.columns.map((_part, at) => `column-${at + 1}`),
        ]
      case 'essay':
        return item.sample ? ['sample'] : []
      default:
        return []
    }
  })()
  return [
    ...(item.passage ? ['passage'] : []),
    'stem',
    ...own,
    ...(item.feedback ? ['feedback'] : []),
    ...(item.hint ? ['hint'] : []),
  ]
}
