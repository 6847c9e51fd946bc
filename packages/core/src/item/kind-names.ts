import type { ItemKind } from './model.ts'

/** Kinds as a person would say them. */
export const KIND_NAMES: Readonly<Record<ItemKind, string>> = {
  single: 'Single choice',
  multiple: 'Multiple response',
  truefalse: 'True/false',
  short: 'Short answer',
  numeric: 'Numeric',
  cloze: 'Cloze',
  match: 'Matching',
  order: 'Ordering',
  grid: 'Grid',
  scale: 'Rating scale',
  essay: 'Essay',
  note: 'Note',
}
