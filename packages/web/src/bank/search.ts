import { CHECKS, isCheckCode, KIND_NAMES } from '@zakuska/core'
import type { Schemas } from '../api/client'

export type BankFilter = Schemas['BankFilterDto']
export type BankSort = NonNullable<NonNullable<SearchQuery>['sort']>
type SearchQuery = import('../api/schema').operations['BankController_search']['parameters']['query']

/** A filter and an order, as they stand in the address. */
export interface BankSearch {
  readonly filter: BankFilter
  readonly sort: BankSort
}

export const SORT_NAMES: Readonly<Record<BankSort, string>> = {
  newest: 'changed last',
  oldest: 'changed first',
  hardest: 'hardest when taken',
  easiest: 'easiest when taken',
  points: 'most points',
  sent: 'sent last',
}

/** Fields of the filter with values to pick from, in the order in which they are shown. */
export const FILTER_FIELDS = [
  ['category', 'Category'],
  ['signedOff', 'Signed off'],
  ['kind', 'Kind'],
  ['tag', 'Tag'],
  ['finding', 'Writing checks'],
  ['outcome', 'Outcome'],
  ['level', 'Cognitive level'],
  ['difficulty', 'Difficulty'],
  ['language', 'Language'],
  ['hasKey', 'Has a key'],
  ['hasPicture', 'Has a picture'],
  ['used', 'In a paper'],
  ['sent', 'Sent'],
  ['share', 'Right when taken'],
  ['tells', 'Tells people apart'],
] as const satisfies readonly (readonly [keyof BankFilter, string])[]

export type FilterField = (typeof FILTER_FIELDS)[number][0]

const SHARES: Readonly<Record<string, string>> = {
  hard: 'under 40 %',
  middle: '40 to 80 %',
  easy: 'over 80 %',
  untaken: 'not taken',
}

const TELLING: Readonly<Record<string, string>> = {
  backwards: 'the wrong way round',
  hardly: 'hardly',
  well: 'well',
}

/** How a value of a field is called. */
export function valueName(field: FilterField, value: string): string {
  switch (field) {
    case 'kind':
      return (KIND_NAMES[value as keyof typeof KIND_NAMES] ?? value).toLowerCase()
    case 'finding':
      return isCheckCode(value) ? CHECKS[value].name.toLowerCase() : value
    case 'share':
      return SHARES[value] ?? value
    case 'tells':
      return TELLING[value] ?? value
    case 'signedOff':
      return value === 'yes' ? 'yes' : 'not yet'
    case 'category':
      return value.replaceAll('/', ' / ')
    default:
      return value
  }
}

/** What is said of a field that is set, where only one stands: "not signed off", "tag: knots". */
export function chipName(field: FilterField, value: string): string {
  const [, title = field] = FILTER_FIELDS.find(([name]) => name === field) ?? []
  if (field === 'signedOff') return value === 'yes' ? 'signed off' : 'not signed off'
  if (field === 'kind' || field === 'tag' || field === 'category') return valueName(field, value)
  return `${title.toLowerCase()}: ${valueName(field, value)}`
}

export function searchIn(params: URLSearchParams): BankSearch {
  const filter: Record<string, string> = {}
  for (const name of ['text', ...FILTER_FIELDS.map(([field]) => field)]) {
    const value = params.get(name)
    if (value) filter[name] = value
  }
  const sort = params.get('sort')
  return { filter: filter, sort: sort && sort in SORT_NAMES ? (sort as BankSort) : 'newest' }
}

export function paramsOf({ filter, sort }: BankSearch): URLSearchParams {
  const params = new URLSearchParams(filter)
  if (sort !== 'newest') params.set('sort', sort)
  return params
}
