import type { ClozeItem, GridItem, MatchItem } from '@zakuska/core'
import { type SetPart, Tick } from './field'

export function CreditField({ item, set }: { readonly item: ClozeItem | MatchItem | GridItem; readonly set: SetPart }) {
  return (
    <Tick
      label="points for the whole only"
      on={item.credit === 'all'}
      set={(on) => set({ credit: on ? 'all' : 'each' })}
    />
  )
}
