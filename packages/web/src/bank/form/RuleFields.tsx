import type { TextRules } from '@zakuska/core'
import { FIELD, LEGEND, Tick } from './field'

/** What counts as the same when typed text is graded. */
export function RuleFields({ rules, set }: { readonly rules: TextRules; readonly set: (rules: TextRules) => void }) {
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
      <legend className={LEGEND}>What counts as the same</legend>
      <Tick
        label="letter case counts"
        on={rules.letterCase === 'respect'}
        set={(on) => set({ ...rules, letterCase: on ? 'respect' : 'ignore' })}
      />
      <Tick
        label="accents count"
        on={rules.accents === 'respect'}
        set={(on) => set({ ...rules, accents: on ? 'respect' : 'ignore' })}
      />
      <Tick
        label="punctuation counts"
        on={rules.punctuation !== 'ignore'}
        set={(on) => set({ ...rules, punctuation: on ? 'respect' : 'ignore' })}
      />
      <Tick
        label="0.5, 1/2 and ½ are the same"
        on={rules.numbers === 'value'}
        set={(on) => set({ ...rules, numbers: on ? 'value' : 'text' })}
      />
      <Tick
        label="a list counts in any order"
        on={rules.listOrder === 'any'}
        set={(on) => set({ ...rules, listOrder: on ? 'any' : 'written' })}
      />
      <Tick
        label="* stands for any letters"
        on={rules.pattern === 'star'}
        set={(on) => set({ ...rules, pattern: on ? 'star' : 'none' })}
      />
      <label>
        wrong letters allowed{' '}
        <select
          value={rules.misspelt ?? 0}
          onChange={(event) => set({ ...rules, misspelt: Number(event.target.value) })}
          className={`${FIELD} !py-0`}
        >
          <option value={0}>none</option>
          <option value={1}>one</option>
          <option value={2}>two</option>
        </select>
      </label>
    </fieldset>
  )
}
