import { mapInlines } from '../content/map.ts'
import type { Content } from '../content/model.ts'
import type { Item, Option } from './model.ts'

/** Every rich text of an item, in reading order. */
export function contentsOf(item: Item): Content[] {
  const found: Content[] = []
  const add = (content: Content | undefined): void => {
    if (content) found.push(content)
  }
  add(item.passage)
  found.push(item.stem)
  switch (item.kind) {
    case 'single':
    case 'multiple':
    case 'order':
      for (const option of item.options) {
        found.push(option.content)
        add(option.feedback)
      }
      break
    case 'match':
      found.push(...item.left, ...item.right)
      break
    case 'grid':
      found.push(...item.rows, ...item.columns)
      break
    case 'essay':
      add(item.sample)
      break
    case 'truefalse':
    case 'short':
    case 'numeric':
    case 'cloze':
    case 'scale':
    case 'note':
  }
  add(item.feedback)
  add(item.hint)
  return found
}

/** The same item with every rich text replaced; fields that are absent stay so. */
export function mapContents(item: Item, change: (content: Content) => Content): Item {
  const optional = (name: 'passage' | 'feedback' | 'hint'): object =>
    item[name] === undefined ? {} : { [name]: change(item[name]) }
  const common = { ...optional('passage'), stem: change(item.stem) }
  const rest = (): object => ({ ...optional('feedback'), ...optional('hint') })
  const options = (list: readonly Option[]): Option[] =>
    list.map((option) => ({
      ...option,
      content: change(option.content),
      ...(option.feedback && { feedback: change(option.feedback) }),
    }))
  switch (item.kind) {
    case 'single':
    case 'multiple':
    case 'order':
      return { ...item, ...common, options: options(item.options), ...rest() }
    case 'match':
      return { ...item, ...common, left: item.left.map(change), right: item.right.map(change), ...rest() }
    case 'grid':
      return { ...item, ...common, rows: item.rows.map(change), columns: item.columns.map(change), ...rest() }
    case 'essay':
      return { ...item, ...common, ...(item.sample && { sample: change(item.sample) }), ...rest() }
    default:
      return { ...item, ...common, ...rest() }
  }
}

/** The same item with its pictures under other names; a picture that has none is left without a file. */
export function withPictures(item: Item, names: ReadonlyMap<string, string>): Item {
  return mapContents(item, (content) =>
    mapInlines(content, (node) => (node.type === 'picture' ? { ...node, asset: names.get(node.asset) ?? '' } : node)),
  )
}
