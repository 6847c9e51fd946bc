import type { LinePart } from './roles/parts.ts'

/** How much a mark asks of a person: `trouble` must be decided, `doubt` should be looked at, `told` only informs. */
export type Severity = 'trouble' | 'doubt' | 'told'

/** A text edit: replaces `[from, to)` of the draft's text. */
export interface TextEdit {
  readonly from: number
  readonly to: number
  readonly insert: string
}

/** A remedy for a mark. Applied, the mark is gone at the next reading. */
export interface Mend {
  /** A short imperative: "Take the options' letters out". */
  readonly label: string
  readonly edits: readonly TextEdit[]
  /** Instead of an edit: what the mend says that lines are. */
  readonly says?: readonly SaidLine[]
}

/** A line, by where it stands in the draft's text, and what it is said to be. */
export interface SaidLine {
  readonly from: number
  readonly to: number
  readonly part: LinePart
}

/** What the reader has to say about a place in a draft. */
export interface Mark {
  readonly code: MarkCode
  readonly severity: Severity
  /** First and last line, 1-based. */
  readonly lines: readonly [number, number]
  readonly from: number
  readonly to: number
  readonly message: string
  readonly mend?: Mend
  /** Says that it is right as it was read. */
  readonly stays?: Mend
  /** One name for marks that have the same cause and can be settled together. */
  readonly cause?: string
}

interface MarkKind {
  readonly severity: Severity
  /** What a group of such marks is called in the tray, after a count: "2 items without a key". */
  readonly group: readonly [one: string, many: string]
  /** The sentence; `{name}` is filled from the mark's values. */
  readonly says: string
  /** What its mend does, where one can be offered. */
  readonly mends?: string
}

/** Every code that the reader can give. A code is never reused and never renamed. */
export const MARKS = {
  'key-missing': {
    severity: 'trouble',
    group: ['item without a key', 'items without a key'],
    says: 'No key yet: the draft does not say which answer is right.',
  },
  'key-names-no-option': {
    severity: 'trouble',
    group: ['key names no option', 'keys name no option'],
    says: 'The key says {key}, but no option is called that.',
  },
  'keys-disagree': {
    severity: 'trouble',
    group: ['contradicting key', 'contradicting keys'],
    says: 'The item says {inline}, the list of keys says {listed}.',
    mends: 'makes the second of two keys say what the first says',
  },
  'key-for-no-item': {
    severity: 'doubt',
    group: ['key without an item', 'keys without an item'],
    says: 'The list of keys has an entry for {number}, and there is no such item.',
  },
  'key-count': {
    severity: 'trouble',
    group: ['wrong number of keys', 'wrong numbers of keys'],
    says: 'The stem asks for several answers, and the key names {count}.',
  },
  'key-guessed': {
    severity: 'doubt',
    group: ['key read from a sign', 'keys read from signs'],
    says: 'The key was read from {sign}.',
  },
  'key-incomplete': {
    severity: 'trouble',
    group: ['item with part of a key', 'items with part of a key'],
    says: 'The key says nothing about {parts}.',
  },
  'key-letter-alone': {
    severity: 'doubt',
    group: ['letter as a key without options', 'letters as keys without options'],
    says: 'The key is the letter {letter}, and the item has no options. Are they missing?',
  },
  'key-parted': {
    severity: 'told',
    group: ['key parted from an option', 'keys parted from options'],
    says: 'The key stood in the same line as an option and was parted from it.',
  },
  'option-duplicate': {
    severity: 'trouble',
    group: ['item with equal options', 'items with equal options'],
    says: 'Options {first} and {second} are the same.',
  },
  'option-single': {
    severity: 'trouble',
    group: ['item with one option', 'items with one option'],
    says: 'There is only one option.',
  },
  'options-refer': {
    severity: 'told',
    group: ['item kept from shuffling', 'items kept from shuffling'],
    says: 'An option refers to others, so the options keep their order.',
  },
  'option-letter-gap': {
    severity: 'doubt',
    group: ['gap in the letters of options', 'gaps in the letters of options'],
    says: 'The option letters jump from {before} to {after}. Is one missing?',
  },
  'number-repeated': {
    severity: 'told',
    group: ['repeated item number', 'repeated item numbers'],
    says: 'Number {number} stands twice. Both items are kept.',
  },
  'script-lost': {
    severity: 'doubt',
    group: ['power or index that may be lost', 'powers or indices that may be lost'],
    says: '“{text}” looks like a lost superscript: {mended}?',
    mends: 'raises the power',
  },
  'stem-empty': {
    severity: 'trouble',
    group: ['item without a stem', 'items without a stem'],
    says: 'There are options, but nothing is asked.',
  },
  'number-missing': {
    severity: 'told',
    group: ['item without a number', 'items without a number'],
    says: 'This has no number and was read as an item of its own.',
  },
  'picture-missing': {
    severity: 'doubt',
    group: ['picture to add', 'pictures to add'],
    says: 'The draft names a picture, “{alt}”, but does not hold it.',
  },
  'reading-unsure': {
    severity: 'doubt',
    group: ['item whose reading is not sure', 'items whose reading is not sure'],
    says: 'This may be read wrongly: {why}.',
    mends: 'reads the line, and those that are doubtful in the same way, as what else they may be',
  },
  'aside-unsure': {
    severity: 'doubt',
    group: ['line that may be a lost question', 'lines that may be lost questions'],
    says: 'Line {line} was set aside and may be the start of an item.',
    mends: 'reads the line as the start of an item',
  },
  'no-items': {
    severity: 'trouble',
    group: ['draft without items', 'drafts without items'],
    says: 'No question was found in this text.',
  },
} as const satisfies Readonly<Record<string, MarkKind>>

export type MarkCode = keyof typeof MARKS

interface MarkPlace {
  readonly lines: readonly [number, number]
  readonly from: number
  readonly to: number
}

/** A mark with its sentence filled in; `severity` only where this one asks more or less than its code usually does. */
export function mark(
  code: MarkCode,
  place: MarkPlace,
  values: Readonly<Record<string, string>> = {},
  more: Pick<Mark, 'mend' | 'stays' | 'cause'> & { readonly severity?: Severity } = {},
): Mark {
  const message = MARKS[code].says.replace(/\{(\w+)\}/g, (_whole, name: string) => values[name] ?? '')
  return {
    code,
    severity: more.severity ?? MARKS[code].severity,
    lines: place.lines,
    from: place.from,
    to: place.to,
    message,
    ...(more.mend && { mend: more.mend }),
    ...(more.stays && { stays: more.stays }),
    ...(more.cause !== undefined && { cause: more.cause }),
  }
}

/** The text after the edits, which must not overlap; their order does not matter. */
export function applyEdits(text: string, edits: readonly TextEdit[]): string {
  return [...edits]
    .sort((a, b) => b.from - a.from || b.to - a.to)
    .reduce((changed, edit) => changed.slice(0, edit.from) + edit.insert + changed.slice(edit.to), text)
}
