import type { Item } from '@zakuska/core'
import { TEXT_FIELDS } from './MoreFields'

const EMPTY_IS_ABSENT = ['feedback', 'hint', 'passage', 'sample', 'rubric', 'wordBank', 'conversions']

/** Empty fields are absent fields, and empty answers none. */
export function tidied(item: Item): Item {
  const isAbsent = (name: string, value: unknown): boolean =>
    value === undefined ||
    (EMPTY_IS_ABSENT.includes(name) && Array.isArray(value) && value.length === 0) ||
    ((TEXT_FIELDS.some(([field]) => field === name) || ['unit', 'lowLabel', 'highLabel'].includes(name)) &&
      value === '')
  const plain = Object.fromEntries(
    Object.entries(item).filter(([name, value]) => !isAbsent(name, value)),
  ) as unknown as Item
  if (plain.kind === 'short') return { ...plain, key: plain.key.map((answer) => answer.trim()).filter(Boolean) }
  if (plain.kind === 'essay' && plain.rubric)
    return { ...plain, rubric: plain.rubric.filter((line) => line.says.trim() !== '') }
  if (!('options' in plain)) return plain
  return {
    ...plain,
    options: plain.options.map(({ feedback, ...option }) => (feedback?.length ? { ...option, feedback } : option)),
  }
}
