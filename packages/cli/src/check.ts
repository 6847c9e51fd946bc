import { hasKey, isGraded, reviewSet, type Finding, type Item, type Reading, type Unread } from '@zakuska/core'

export interface CheckedMark {
  /** 1-based; 0 where the item came from a format and has no lines. */
  readonly line: number
  readonly code: string
  readonly severity: string
  readonly message: string
}

export interface CheckReport {
  readonly items: number
  readonly marks: readonly CheckedMark[]
  /** What the writing checks say; places of items from 0. */
  readonly findings: readonly Finding[]
}

/**
 * What the reader has to say (marks of a draft in the order of its lines, else what could not be read), and the writing
 * checks. A missing key is the reader's to say.
 */
export function checkReport(reading: Reading | null, items: readonly Item[], unread: readonly Unread[]): CheckReport {
  const marks = reading
    ? [...reading.marks, ...reading.items.flatMap((read) => read.marks)]
        .sort((a, b) => a.from - b.from)
        .map(({ lines, code, severity, message }) => ({ line: lines[0], code, severity, message }))
    : [
        ...unread.map((one) => mark('not-read', `${one.where}: ${one.reason}`)),
        ...items.flatMap((item, index) =>
          isGraded(item.kind) && !hasKey(item) ? [mark('key-missing', `Item ${index + 1} has no key.`)] : [],
        ),
      ]
  return { items: items.length, marks, findings: reviewSet(items, { off: ['no-key'] }) }
}

function mark(code: string, message: string): CheckedMark {
  return { line: 0, code, severity: 'trouble', message }
}
