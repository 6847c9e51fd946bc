import type { ClozeGap, ClozeItem } from '@zakuska/core'
import { Labelled, LEGEND, type SetPart } from './field'
import { RuleFields } from './RuleFields'
import { WordsField } from './WordsField'
import { CreditField } from './PartCredit'

export function ClozeFields({ item, set }: { readonly item: ClozeItem; readonly set: SetPart }) {
  const change = (index: number, gap: ClozeGap): void =>
    set({ gaps: item.gaps.map((one, at) => (at === index ? gap : one)) })
  return (
    <>
      <fieldset className="grid gap-1.5">
        <legend className={LEGEND}>
          Gaps, in the order of the stem, where the gap button puts one more. Words are parted by |
        </legend>
        {item.gaps.map((gap, index) => (
          <div key={index} className="grid grid-cols-[3.5rem_1fr_1fr] items-baseline gap-2">
            <span className="text-muted">Gap {index + 1}</span>
            <label className="grid gap-0.5">
              <span className="text-xs text-muted">accepted</span>
              <WordsField
                label={`Accepted in gap ${index + 1}`}
                value={gap.key}
                set={(key) => change(index, { ...gap, key })}
              />
            </label>
            <label className="grid gap-0.5">
              <span className="text-xs text-muted">offered to choose; empty: typed</span>
              <WordsField
                label={`Offered in gap ${index + 1}`}
                value={gap.choices ?? []}
                set={(choices) => change(index, choices.length ? { key: gap.key, choices } : { key: gap.key })}
              />
            </label>
          </div>
        ))}
        {item.gaps.length === 0 && <p className="text-muted">The stem has no gap yet.</p>}
      </fieldset>
      <Labelled name="Word bank, printed with the text; parted by |">
        <WordsField label="Word bank" value={item.wordBank ?? []} set={(wordBank) => set({ wordBank })} />
      </Labelled>
      <RuleFields rules={item.rules} set={(rules) => set({ rules })} />
      {item.gaps.length > 1 && <CreditField item={item} set={set} />}
    </>
  )
}
