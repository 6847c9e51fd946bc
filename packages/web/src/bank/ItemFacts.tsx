import type { Item } from '@zakuska/core'
import { format } from 'date-fns'
import { kindLine } from '../parts/item-words'
import type { BankItem } from './queries'
import { valueName } from './search'

export function Facts({ facts }: { readonly facts: readonly (readonly [string, string | null])[] }) {
  return (
    <dl className="mt-4 grid grid-cols-[84px_minmax(0,1fr)] gap-y-0.5">
      {facts
        .filter(([, value]) => value)
        .map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-muted">{name}</dt>
            <dd className="break-words">{value}</dd>
          </div>
        ))}
    </dl>
  )
}

/** What is known of an item besides its text; null where there is nothing to say. */
export function factsOf(item: BankItem, body: Item): readonly (readonly [string, string | null])[] {
  const from = item.cameFrom
  return [
    ['Kind', kindLine(body)],
    ['Category', item.category ? valueName('category', item.category) : null],
    ['Options', 'shuffle' in body ? (body.shuffle ? 'may be shuffled' : 'keep their order') : null],
    ['Credit', creditText(body)],
    [
      'Same',
      body.kind === 'short'
        ? `${body.rules.letterCase === 'ignore' ? 'any letter case' : 'letter case counts'}, ${body.rules.accents === 'ignore' ? 'with or without accents' : 'accents count'}`
        : null,
    ],
    ['Time limit', body.timeLimit === undefined ? null : `${body.timeLimit} s`],
    ['Outcome', body.outcome ?? null],
    ['Level', [body.level, body.difficulty].filter(Boolean).join(' · ') || null],
    ['Tags', body.tags.join(', ') || null],
    ['Language', body.language ?? null],
    ['Came from', from?.title ? `${from.title}${from.lines ? `, lines ${from.lines[0]}–${from.lines[1]}` : ''}` : null],
    ['Used in', item.usedIn.join(' · ') || null],
    ['Last sent', item.lastSentAt && format(item.lastSentAt, 'd MMM yyyy')],
    ['When taken', takenText(item)],
  ]
}

/** How part of a key is credited, where an item's kind leaves a choice. */
function creditText(body: Item): string | null {
  switch (body.kind) {
    case 'multiple':
      return body.credit === 'all' ? 'all or nothing' : body.credit === 'each' ? 'for each option' : 'by weights'
    case 'cloze':
    case 'match':
    case 'grid':
      return body.credit === 'all' ? 'for the whole only' : 'for each part'
    case 'order':
      return body.credit === 'neighbours' ? 'for neighbours in the right order' : 'for the whole order'
    default:
      return null
  }
}

/** How it went in all sittings; of a few people, less is said. */
function takenText({
  shareRight,
  discrimination,
  takenBy,
}: Pick<BankItem, 'shareRight' | 'discrimination' | 'takenBy'>): string | null {
  if (shareRight === null) return null
  const people = `by ${takenBy === 1 ? 'one person' : `${takenBy} people`}`
  const tells =
    discrimination === null || takenBy < 10 ? '' : `, tells apart ${discrimination.toFixed(2).replace('-', '−')}`
  return `${Math.round(shareRight * 100)} % of the points earned${tells} (${people})`
}
