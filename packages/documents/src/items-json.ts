import { checkItem, type Item, type PaperPlan, type ReadResult } from '@zakuska/core'

/**
 * Our own JSON: `{ "zakuska": 1, "title": …, "items": [ … ] }`, and `"paper"` where it is one: its sections and settings.
 * An item stands on a line of its own, so that two files can be compared line by line.
 */
export function writeItemsJson(items: readonly Item[], title: string | null, plan?: PaperPlan): string {
  const head = [
    '"zakuska": 1',
    `"title": ${JSON.stringify(title)}`,
    ...(plan ? [`"paper": ${JSON.stringify(plan)}`] : []),
  ]
  const lines = items.map((item) => JSON.stringify(item))
  return `{\n${head.join(',\n')},\n"items": [\n${lines.join(',\n')}\n]\n}\n`
}

/** Items of our own JSON; what is wrong with one is said of it alone. Null: the text is something else. */
export function readItemsJson(text: string): ReadResult | null {
  if (!text.trimStart().startsWith('{')) return null
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch {
    return null
  }
  if (
    typeof data !== 'object' ||
    data === null ||
    !('zakuska' in data) ||
    !('items' in data) ||
    !Array.isArray(data.items)
  )
    return null
  const read = data.items.map((item: unknown, index) => ({ item, index, problem: checkItem(item)[0] }))
  const good = read.filter((one) => !one.problem)
  const plan =
    'paper' in data
      ? planIn(
          data.paper,
          good.map((one) => one.index),
        )
      : null
  return {
    title: 'title' in data && typeof data.title === 'string' ? data.title : null,
    items: good.map((one) => one.item as Item),
    ...(plan && { plan }),
    unread: read
      .filter((one) => one.problem)
      .map((one) => ({
        where: `item ${one.index + 1}`,
        reason: `${one.problem?.path ?? ''} ${one.problem?.message ?? ''}`,
        source: JSON.stringify(one.item),
      })),
  }
}

/** A plan as it was written, each part of the right type; what is not is as if it were not said. */
function planIn(value: unknown, items: readonly number[]): PaperPlan {
  const { sections, places, identity, ...said } = (typeof value === 'object' && value !== null ? value : {}) as Record<
    string,
    unknown
  >
  const known = listOf(sections).map((one) => ({
    title: textIn(one, 'title'),
    instructions: textIn(one, 'instructions'),
  }))
  const given = listOf(places)
  return {
    instructions: textIn(said, 'instructions'),
    identity: listOf(identity).filter((field) => typeof field === 'string'),
    timeLimit: positiveIn(said, 'timeLimit'),
    attempts: positiveIn(said, 'attempts'),
    shuffleItems: said['shuffleItems'] === true,
    feedbackWhen: said['feedbackWhen'] === 'each' || said['feedbackWhen'] === 'never' ? said['feedbackWhen'] : 'after',
    sections: known,
    places: items.map((index) => {
      const section = fieldIn(given[index], 'section')
      return {
        section: typeof section === 'number' && known[section] ? section : null,
        required: fieldIn(given[index], 'required') !== false,
      }
    }),
  }
}

function listOf(value: unknown): unknown[] {
  return Array.isArray(value) ? value : []
}

function fieldIn(value: unknown, name: string): unknown {
  return typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[name] : undefined
}

function textIn(value: unknown, name: string): string {
  const found = fieldIn(value, name)
  return typeof found === 'string' ? found : ''
}

function positiveIn(value: unknown, name: string): number | null {
  const found = fieldIn(value, name)
  return typeof found === 'number' && found > 0 ? found : null
}
