import type { Facts } from '../../draft/facts/facts.ts'
import { unitsOf } from '../../draft/facts/units.ts'
import { LANGUAGES } from '../../draft/languages/index.ts'
import type { LanguageWords } from '../../draft/languages/language.ts'
import { cleanLines } from '../../draft/text/clean.ts'
import { surround } from '../../draft/roles/read-roles.ts'
import { ROLES, type Role } from '../../draft/roles/roles.ts'
import type { Example } from '../fit-roles.ts'
import { Dice } from './dice.ts'
import { itemLabel, optionLabel } from './labels.ts'
import { titled, type NumberStyle, type OptionStyle } from './notation.ts'

const NUMBERS: readonly (NumberStyle | null)[] = [null, 'x.', 'x)', '(x)', 'x', 'word', 'q', 'none']
const OPTIONS: readonly (OptionStyle | null)[] = [null, 'x)', 'X.', 'X)', '(x)', '(X)', 'x', 'X', '-', '•', '☐']
const SEPARATORS = [': ', ': ', ' - ', ' = ', ':  ']

/** What one writer changes all through a draft; null leaves it as it is. */
interface Habits {
  readonly number: NumberStyle | null
  readonly option: OptionStyle | null
  readonly words: LanguageWords | null
  readonly separator: string
  readonly gaps: 'kept' | 'none' | 'one' | 'round items'
  readonly indent: number | null
}

/**
 * A labelled draft in other dress: its own lines in their order, with other labels, words, gaps and indents, so that
 * their roles stay. Where the new text comes apart into other lines, the draft is left out.
 */
export function redressed(example: Example, seed: number): Example | null {
  const dice = new Dice(seed * 104_729 + 7)
  const habits = anyHabits(dice)
  const { facts } = example.draft
  const lines = facts.map((one, at) => lineOf(one, roleOf(example.allowed[at] ?? 0), habits, dice))
  const once = new Set(facts.map((one) => one.unit.line.number))
  if (once.size < facts.length) return null
  const text = lines.map((line, at) => '\n'.repeat(gapBefore(facts, example, at, habits)) + line).join('\n')
  const draft = surround(unitsOf(cleanLines({ text })))
  return draft.facts.length === facts.length
    ? { name: `${example.name}, redressed ${seed}`, draft, allowed: example.allowed }
    : null
}

function anyHabits(dice: Dice): Habits {
  return {
    number: dice.pick(NUMBERS),
    option: dice.pick(OPTIONS),
    words: dice.does(0.5) ? dice.pick(LANGUAGES) : null,
    separator: dice.pick(SEPARATORS),
    gaps: dice.pick(['kept', 'kept', 'none', 'one', 'round items'] as const),
    indent: dice.pick([null, null, 0, 2, 4]),
  }
}

/** The one role that a line may have; null where it may have several. */
function roleOf(bits: number): Role | null {
  const roles = ROLES.filter((_role, at) => bits & (1 << at))
  return roles.length === 1 ? (roles[0] ?? null) : null
}

function lineOf(facts: Facts, role: Role | null, habits: Habits, dice: Dice): string {
  const { unit, label, cue } = facts
  const indent = ' '.repeat(role === 'option' && habits.indent !== null ? habits.indent : unit.indent)
  if (facts.flags.has('code')) return indent + unit.text
  const isPlain = label !== null && !label.weak && label.lead === '' && label.from === 0 && facts.run.length < 2
  if (role === 'stem' && isPlain && habits.number && (label.script === 'number' || label.script === 'word')) {
    const word = habits.words ? titled(dice.pick(habits.words.question), dice) : 'Question'
    return indent + itemLabel(habits.number, label.id, word) + unit.text.slice(label.to)
  }
  if (
    role === 'option' &&
    isPlain &&
    habits.option &&
    (label.script === 'latin' || label.script === 'cyrillic') &&
    label.value < 10
  )
    return indent + optionLabel(habits.option, label.value).label + unit.text.slice(label.to)
  if (habits.words && cue && cue.from === 0) {
    const own = wordsOf(habits.words, cue.role)
    if (own?.length) return indent + titled(dice.pick(own), dice) + habits.separator + unit.text.slice(cue.to)
  }
  return indent + unit.text
}

function wordsOf(words: LanguageWords, role: string): readonly string[] | undefined {
  return role === 'answer'
    ? words.answer
    : role === 'feedback'
      ? words.feedback
      : role === 'hint'
        ? words.hint
        : undefined
}

function gapBefore(facts: readonly Facts[], example: Example, at: number, { gaps }: Habits): number {
  if (at === 0) return 0
  const own = Math.min(2, facts[at]?.unit.gap ?? 0)
  if (gaps === 'kept' || own === 0)
    return gaps === 'round items' && roleOf(example.allowed[at] ?? 0) === 'stem' ? 1 : own
  return gaps === 'none' ? 0 : 1
}
