import {
  checkItem,
  contentsOf,
  fingerprint,
  hasKey,
  inlinesOf,
  plainText,
  reviewItem,
  stableJson,
  type CheckCode,
  type Item,
  type SignOff,
} from '@zakuska/core'
import { UnprocessableEntityException } from '@nestjs/common'

/** Letters of one item, its passage included. */
const MOST_LETTERS = 200_000

/** The one check of an item body on its way in. @throws UnprocessableEntityException with the first problem. */
export function asItem(body: unknown): Item {
  const problem = checkItem(body)[0]
  if (problem)
    throw new UnprocessableEntityException(
      `The item cannot be kept: ${problem.path.replace(/^\$\.?/, '') || 'it'} ${problem.message}.`,
    )
  const item = body as Item
  const strange = contentsOf(item)
    .flatMap((content) => inlinesOf(content))
    .some((node) => node.type === 'picture' && !/^[\w.-]{0,100}$/.test(node.asset))
  if (strange) throw new UnprocessableEntityException('The item cannot be kept: a picture of it is no picture here.')
  if (searchText(item).length > MOST_LETTERS)
    throw new UnprocessableEntityException(
      `The item cannot be kept: it holds more than ${MOST_LETTERS.toLocaleString('en')} letters.`,
    )
  return item
}

/** All words of an item, for search. */
export function searchText(item: Item): string {
  const parts = [
    plainText(item.stem),
    plainText(item.feedback),
    plainText(item.hint),
    ...item.tags,
    item.outcome ?? '',
    item.level ?? '',
    item.difficulty ?? '',
  ]
  if ('options' in item) parts.push(...item.options.map((option) => plainText(option.content)))
  if (item.kind === 'short') parts.push(...item.key)
  if (item.kind === 'match') parts.push(...[...item.left, ...item.right].map((part) => plainText(part)))
  if (item.kind === 'grid') parts.push(...[...item.rows, ...item.columns].map((part) => plainText(part)))
  if (item.kind === 'cloze') parts.push(...item.gaps.flatMap((gap) => [...gap.key, ...(gap.choices ?? [])]))
  if (item.kind === 'essay') parts.push(plainText(item.sample))
  return parts.filter(Boolean).join('\n')
}

/** What the bank finds an item by, from its body. */
export function filedAs(body: Item, waived: readonly { readonly code: CheckCode }[] = []) {
  const codes = reviewItem(body).map((one) => one.code)
  return {
    kind: body.kind,
    body,
    plain: searchText(body),
    tags: [...body.tags],
    points: body.points,
    outcome: body.outcome ?? null,
    level: body.level ?? null,
    difficulty: body.difficulty ?? null,
    language: body.language ?? null,
    hasKey: hasKey(body),
    hasPicture: contentsOf(body).some((content) => inlinesOf(content).some((node) => node.type === 'picture')),
    findings: codes.filter((code) => !waived.some((one) => one.code === code)),
  }
}

/** The sign-off that is left after a change: none where something shown or graded is different now. */
export function signOffAfter(signOff: SignOff | null, item: Item): SignOff | null {
  return signOff?.fingerprint === fingerprint(item) ? signOff : null
}

/** What differs between two bodies, named for a person. */
export function differences(before: Item, after: Item): string {
  const names = new Set([...Object.keys(before), ...Object.keys(after)])
  const changed = [...names].filter(
    (name) => stableJson(before[name as keyof Item]) !== stableJson(after[name as keyof Item]),
  )
  return changed.length ? changed.join(', ') : 'nothing'
}
