import { fingerprint, type Item, readability, readText, reviewItem } from '@zakuska/core'
import type { WorkspaceSettings } from '../accounts/accounts.entities.ts'
import { BankItem, categoryOf } from './bank.entities.ts'
import type { ItemDto, VariantDto } from './dto/bank.dto.ts'

export type ItemRow = Pick<
  BankItem,
  | 'id'
  | 'body'
  | 'categories'
  | 'revision'
  | 'waived'
  | 'language'
  | 'signOff'
  | 'cameFrom'
  | 'variantOf'
  | 'variantBase'
  | 'shareRight'
  | 'discrimination'
  | 'takenBy'
  | 'lastSentAt'
  | 'updatedAt'
>

export interface Dates {
  readonly lastSentAt: Date | string | null
  readonly updatedAt: Date | string
}

export function marks(values: readonly unknown[]): string {
  return values.map(() => '?').join(', ')
}

// eslint-disable-next-line max-lines-per-function -- one field after the other
export function toDto(
  item: ItemRow,
  usedIn: readonly string[],
  family: readonly ItemRow[],
  settings: WorkspaceSettings,
): ItemDto {
  const head = item.variantOf ?? item.id
  const original = family.find((one) => one.id === head)
  const waived = new Map(item.waived.map((one) => [one.code, one]))
  const found = reviewItem(item.body, {
    off: settings.checksOff ?? [],
    ...(settings.targetGrade !== undefined && { targetGrade: settings.targetGrade }),
  })
  return {
    id: item.id,
    body: item.body,
    category: categoryOf(item),
    revision: item.revision,
    signOff: item.signOff && { by: item.signOff.by, at: item.signOff.at, remark: item.signOff.remark },
    cameFrom: item.cameFrom,
    usedIn: [...usedIn],
    findings: found.map(({ code, severity, message }) => {
      const waiver = waived.get(code)
      return {
        code,
        severity,
        message,
        waived: waiver ? { reason: waiver.reason, by: waiver.by, at: waiver.at } : null,
      }
    }),
    variantOf: item.variantOf,
    variants: family
      .filter((one) => one.id !== item.id && (one.variantOf ?? one.id) === head)
      .map((one) => ({
        itemId: one.id,
        language: one.language,
        stale: isStale(one, original),
        reading: readingOf(one.body),
      })),
    stale: isStale(item, original),
    lastSentAt: item.lastSentAt?.toISOString() ?? null,
    shareRight: item.shareRight,
    discrimination: item.discrimination,
    takenBy: item.takenBy,
    updatedAt: item.updatedAt.toISOString(),
  }
}

function readingOf(body: Item): VariantDto['reading'] {
  const measured = readability(readText(body), body.language)
  return measured && { index: measured.index, value: measured.value, words: measured.words }
}

/** The original has changed since the variant was last brought in line with it. */
function isStale(item: ItemRow, original: ItemRow | undefined): boolean {
  return item.variantOf !== null && original !== undefined && item.variantBase !== fingerprint(original.body)
}
