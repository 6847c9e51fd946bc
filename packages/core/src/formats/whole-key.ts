import type { FormatLimits } from '../fit/limits.ts'

/** Where nothing but exactly the key earns anything. @param says what becomes of it, for a person */
export function wholeKeyOnly(says: string): FormatLimits {
  const affects = ['key-part', 'key-plus', 'wrong-option'] as const
  return {
    'credit-each': { verdict: 'changes', says, affects, remedy: 'all-or-nothing' },
    weights: { verdict: 'changes', says, affects },
  }
}
