import type { Item } from '@zakuska/core'
import { LEGEND, type SetPart } from './form/field'
import { NumericFields } from './form/NumericFields'
import { ShortFields } from './form/ShortFields'
import { ClozeFields } from './form/ClozeFields'
import { GridFields, MatchFields } from './form/PairFields'
import { OrderFields } from './form/OrderFields'
import { EssayFields, ScaleFields } from './form/OpenFields'

/** The key and everything that only items of this kind have; choices have fields of their own. */
export function KindFields({ item, set }: { readonly item: Item; readonly set: SetPart }) {
  switch (item.kind) {
    case 'truefalse':
      return (
        <fieldset className="flex gap-5">
          <legend className={LEGEND}>Key</legend>
          {[true, false].map((value) => (
            <label key={String(value)}>
              <input
                type="radio"
                name="truth"
                checked={item.key[0] === value}
                onChange={() => set({ key: [value] })}
                className="mr-1.5 accent-ink"
              />
              {value ? 'True' : 'False'}
            </label>
          ))}
        </fieldset>
      )
    case 'short':
      return <ShortFields item={item} set={set} />
    case 'numeric':
      return <NumericFields item={item} set={set} />
    case 'cloze':
      return <ClozeFields item={item} set={set} />
    case 'match':
      return <MatchFields item={item} set={set} />
    case 'grid':
      return <GridFields item={item} set={set} />
    case 'order':
      return <OrderFields item={item} set={set} />
    case 'scale':
      return <ScaleFields item={item} set={set} />
    case 'essay':
      return <EssayFields item={item} set={set} />
    case 'single':
    case 'multiple':
    case 'note':
      return null
  }
}
