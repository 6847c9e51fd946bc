import type { Element } from '@xmldom/xmldom'
import { attribute } from './dom.ts'
import { gradeSource, interactionsOf, type SiteItem } from './site-item.ts'
import { isVersion1, responsesIn } from './version1.ts'
import { parseQti } from './version3.ts'
import type { Collection, GivenAnswer, QuizAttempt, Store } from './store.ts'

type PageFields = Readonly<Record<string, string | string[] | undefined>>

/** The variables that a form of the quiz page gives to an item. */
export function variablesIn(item: SiteItem, form: PageFields): Record<string, string[]> {
  const root = parseQti(item.source)
  if (isVersion1(root))
    return Object.fromEntries(
      responsesIn(root).map((one) => {
        const name = attribute(one, 'ident') ?? ''
        return [name, [form[`${item.id}.${name}`] ?? []].flat().filter((value) => value !== '')]
      }),
    )
  return Object.fromEntries(
    interactionsOf(root).map((interaction) => {
      const name = attribute(interaction, 'responseIdentifier') ?? ''
      return [name, valuesIn(`${item.id}.${name}`, interaction, form)]
    }),
  )
}

function valuesIn(field: string, interaction: Element, form: PageFields): string[] {
  const within = (prefix: string): (readonly [string, string])[] =>
    Object.entries(form).flatMap(([name, value]) =>
      name.startsWith(prefix) && value !== '' && value !== undefined
        ? [[name.slice(prefix.length), [value].flat()[0] ?? '']]
        : [],
    )
  switch (interaction.localName) {
    case 'matchInteraction':
      return within(`${field}.`).map(([left, right]) => `${left} ${right}`)
    case 'orderInteraction': {
      const places = within(`${field}.`).filter(([, place]) => Number(place) > 0)
      return [...places].sort(([, a], [, b]) => Number(a) - Number(b)).map(([choice]) => choice)
    }
    default:
      return [form[field] ?? []].flat().filter((value) => value !== '')
  }
}

/** Keeps what a student handed in, graded. `given`: by item, the variables, or the values of RESPONSE alone. */
export function addAttempt(
  store: Store,
  quiz: Collection,
  student: string,
  submittedAt: string,
  given: Readonly<Record<string, readonly string[] | Readonly<Record<string, readonly string[]>>>>,
): QuizAttempt {
  const answers = Object.fromEntries(
    itemsOf(store, quiz).map((item): [string, GivenAnswer] => {
      const own = given[item.id] ?? []
      const variables = Array.isArray(own)
        ? { RESPONSE: own as readonly string[] }
        : (own as Record<string, readonly string[]>)
      return [item.id, { values: variables['RESPONSE'] ?? [], variables, score: gradeSource(item.source, variables) }]
    }),
  )
  const attempt: QuizAttempt = { id: store.newId('attempt-'), quizId: quiz.id, student, submittedAt, answers }
  store.state.attempts.push(attempt)
  return attempt
}

/** All items of a collection, in the order in which its pages show them. */
export function itemsOf(store: Store, collection: Collection): SiteItem[] {
  const ordered = collection.sections?.flatMap(({ itemIds }) => itemIds) ?? []
  const ids = [...ordered, ...collection.itemIds.filter((id) => !ordered.includes(id))]
  return ids.map((id) => store.state.items[id]).filter((item) => item !== undefined)
}
