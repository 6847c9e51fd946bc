import type { DraftSource, FollowedItem, Notation, SignOff } from '@zakuska/core'
import { isDeepStrictEqual } from 'node:util'
import { Draft } from './draft.entity.ts'
import type { PlacedDraft } from './placed-draft.ts'
import { plainRules } from './notations.service.ts'
import type { DraftDto, DraftSummaryDto, NewDraftDto, SaveDraftDto } from './dto/draft.dto.ts'

/** Lines of a text, both ends included, counted from 1. */
export function linesOf(text: string, [first, last]: readonly [number, number]): string {
  return text
    .split('\n')
    .slice(first - 1, last)
    .join('\n')
    .slice(0, MAX_SOURCE)
}

/** A sign-off that was taken back is gone; one whose item changed waits for the change to be taken back. */
export function lostBefore(before: FollowedItem | undefined, fingerprint: string): SignOff | null {
  const signOff = before?.signOff ?? before?.lostSignOff ?? null
  return signOff?.fingerprint === fingerprint ? null : signOff
}

/** What the reader reads of a draft; what lies outside the text is left out. */
export function sourceOf(
  given: Pick<NewDraftDto, 'text' | 'styles' | 'keyText' | 'taught'> & { readonly notation?: Notation | null },
): DraftSource {
  const isInside = ({ from, to }: { readonly from: number; readonly to: number }): boolean =>
    from < to && to <= given.text.length
  const styles = (given.styles ?? []).filter(isInside).map(({ from, to, style }) => ({ from, to, style }))
  const taught = (given.taught ?? []).filter(isInside).map(({ from, to, part, alike }) => ({ from, to, part, alike }))
  const keyText = given.keyText?.trim() ? given.keyText : null
  const { notation } = given
  return {
    text: given.text,
    styles,
    ...(keyText !== null && { keyText }),
    ...(taught.length > 0 && { taught }),
    ...(notation && { notation: { name: notation.name, rules: plainRules(notation.rules) } }),
  }
}

/** Without a reading, of the items that the desk follows. */
export function countsOf(
  placed: PlacedDraft | null,
  followed: readonly FollowedItem[],
): Pick<Draft, 'itemCount' | 'signedCount' | 'troubleCount'> {
  return {
    itemCount: placed?.places.length ?? followed.length,
    signedCount: followed.filter((item) => item.signOff).length,
    troubleCount: placed?.troubleCount ?? 0,
  }
}

export function toSummary(draft: Draft): DraftSummaryDto {
  const { id, title, itemCount, signedCount, troubleCount, updatedAt, updatedBy } = draft
  return { id, title, itemCount, signedCount, troubleCount, updatedAt: updatedAt.toISOString(), updatedBy }
}

export function toDto(draft: Draft): DraftDto {
  return {
    ...toSummary(draft),
    text: draft.text,
    styles: draft.styles,
    keyText: draft.keyText,
    source: draft.source,
    taught: [...draft.taught],
    notation: draft.notation && { name: draft.notation.name, rules: [...draft.notation.rules] },
    followed: [...draft.followed],
    version: draft.version,
  }
}

/** Whether what is saved has the draft's title, text and layer: then only sign-offs change. */
export function isSameDraft(draft: Draft, given: SaveDraftDto, source: DraftSource): boolean {
  return isDeepStrictEqual(
    [draft.title, draft.text, draft.styles, draft.keyText ?? '', draft.taught, draft.notation],
    plain([
      given.title,
      given.text,
      source.styles ?? [],
      given.keyText ?? '',
      source.taught ?? [],
      source.notation ?? null,
    ]),
  )
}

/** As it is once it was kept: without classes and what is undefined. */
function plain(value: unknown): unknown {
  return JSON.parse(JSON.stringify(value))
}

/** Letters of a draft that are kept with an item, to check it by. */
export const MAX_SOURCE = 4000
