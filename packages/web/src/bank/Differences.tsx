import { keyText, plainText, textUnits, type Item } from '@zakuska/core'
import { diffWords } from 'diff'

const NAMES: readonly (readonly [RegExp, string])[] = [
  [/^stem$/, 'stem'],
  [/^option-(.*)$/, 'option $1'],
  [/^feedback-(.*)$/, 'feedback to $1'],
  [/^gap-(\d+)-key.*$/, 'gap $1'],
]

/** What a revision changed of the one before it, word by word: taken out struck through, put in underlined. */
export function Differences({ before, after }: { readonly before: Item; readonly after: Item }) {
  const changed = changesOf(before, after)
  if (!changed.length) return <p className="text-xs text-muted">No text was changed.</p>
  return (
    <dl className="grid gap-1">
      {changed.map(({ name, from, to }) => (
        <div key={name}>
          <dt className="text-xs text-muted">{name}</dt>
          <dd className="font-text text-[14.5px]">
            {diffWords(from, to).map((part, index) =>
              part.removed ? (
                <del key={index} className="text-beet">
                  {part.value}
                </del>
              ) : part.added ? (
                <ins key={index} className="text-dill">
                  {part.value}
                </ins>
              ) : (
                <span key={index}>{part.value}</span>
              ),
            )}
          </dd>
        </div>
      ))}
    </dl>
  )
}

interface Change {
  readonly name: string
  readonly from: string
  readonly to: string
}

function changesOf(before: Item, after: Item): Change[] {
  const [from, to] = [textsOf(before), textsOf(after)]
  return [...new Set([...from.keys(), ...to.keys()])]
    .map((name) => ({ name, from: from.get(name) ?? '', to: to.get(name) ?? '' }))
    .filter((change) => change.from !== change.to)
}

/** Every text, and beside it what is graded and filed, each in a line. */
function textsOf(item: Item): Map<string, string> {
  return new Map([
    ...textUnits(item).map(({ name, content }) => [titleOf(name), plainText(content)] as const),
    ['key', keyText(item)],
    ['points', String(item.points)],
    ['tags', item.tags.join(', ')],
    ['outcome', item.outcome ?? ''],
  ])
}

function titleOf(name: string): string {
  const [pattern, title] = NAMES.find(([one]) => one.test(name)) ?? []
  return pattern && title ? name.replace(pattern, title) : name.replaceAll('-', ' ')
}
