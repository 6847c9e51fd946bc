import type { ShortItem } from '@zakuska/core'
import { FIELD, Labelled, type SetPart } from './field'
import { RuleFields } from './RuleFields'

export function ShortFields({ item, set }: { readonly item: ShortItem; readonly set: SetPart }) {
  return (
    <>
      <Labelled name="Accepted answers, one a line">
        <textarea
          aria-label="Accepted answers"
          rows={Math.max(2, item.key.length + 1)}
          value={item.key.join('\n')}
          onChange={(event) => set({ key: event.target.value.split('\n') })}
          className={`${FIELD} font-text text-[15px]`}
        />
      </Labelled>
      <RuleFields rules={item.rules} set={(rules) => set({ rules })} />
    </>
  )
}
