import { checkItem, fingerprint, plainText, stableJson, type KeptItem, type SignOff } from '@zakuska/core'
import { UnprocessableEntityException } from '@nestjs/common'

/** The one check of an item body on its way in. @throws UnprocessableEntityException with the first problem. */
export function asItem(body: unknown): KeptItem {
  const problem = checkItem(body)[0]
  if (problem)
    throw new UnprocessableEntityException(
      `The item cannot be kept: ${problem.path.replace(/^\$\.?/, '') || 'it'} ${problem.message}.`,
    )
  return body as KeptItem
}

/** All words of an item, for search. */
export function searchText(item: KeptItem): string {
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
  return parts.filter(Boolean).join('\n')
}

/** The sign-off that is left after a change: none where something shown or graded is different now. */
export function signOffAfter(signOff: SignOff | null, item: KeptItem): SignOff | null {
  return signOff?.fingerprint === fingerprint(item) ? signOff : null
}

/** What differs between two bodies, named for a person. */
export function differences(before: KeptItem, after: KeptItem): string {
  const names = new Set([...Object.keys(before), ...Object.keys(after)])
  const changed = [...names].filter(
    (name) => stableJson(before[name as keyof KeptItem]) !== stableJson(after[name as keyof KeptItem]),
  )
  return changed.length ? changed.join(', ') : 'nothing'
}
