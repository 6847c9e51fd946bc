import type { Content, GridItem, MatchItem } from '@zakuska/core'
import { letterOf } from '../../parts/item-words'
import { FIELD, LEGEND, type SetPart } from './field'
import { CreditField } from './PartCredit'
import { PartList } from './PartList'
import { withoutPart, withPartner } from './pairs'

export function MatchFields({ item, set }: { readonly item: MatchItem; readonly set: SetPart }) {
  const drop = (parts: readonly Content[], index: number): Content[] => parts.filter((_part, at) => at !== index)
  return (
    <>
      <fieldset>
        <legend className={LEGEND}>Left side, each with the letter of its partner</legend>
        <PartList
          name="Left part"
          parts={item.left}
          change={(left) => set({ left })}
          without={(index) => set({ left: drop(item.left, index), key: withoutPart(item.key, 0, index) })}
          beside={(index) => (
            <select
              aria-label={`Partner of left part ${index + 1}`}
              value={item.key.find(([part]) => part === index)?.[1] ?? ''}
              onChange={(event) =>
                set({
                  key: withPartner(item.key, index, event.target.value === '' ? null : Number(event.target.value)),
                })
              }
              className={FIELD}
            >
              <option value="">no key</option>
              {item.right.map((_part, at) => (
                <option key={at} value={at}>
                  {letterOf(at)}
                </option>
              ))}
            </select>
          )}
        />
      </fieldset>
      <fieldset>
        <legend className={LEGEND}>Right side, a, b, c …; one that nobody points to is a spare</legend>
        <PartList
          lettered
          name="Right part"
          parts={item.right}
          change={(right) => set({ right })}
          without={(index) => set({ right: drop(item.right, index), key: withoutPart(item.key, 1, index) })}
        />
      </fieldset>
      <CreditField item={item} set={set} />
    </>
  )
}

export function GridFields({ item, set }: { readonly item: GridItem; readonly set: SetPart }) {
  const drop = (parts: readonly Content[], index: number): Content[] => parts.filter((_part, at) => at !== index)
  return (
    <>
      <fieldset>
        <legend className={LEGEND}>Columns</legend>
        <PartList
          name="Column"
          parts={item.columns}
          change={(columns) => set({ columns })}
          without={(index) => set({ columns: drop(item.columns, index), key: withoutPart(item.key, 1, index) })}
        />
      </fieldset>
      <fieldset>
        <legend className={LEGEND}>Rows, each with its column</legend>
        <PartList
          name="Row"
          parts={item.rows}
          change={(rows) => set({ rows })}
          without={(index) => set({ rows: drop(item.rows, index), key: withoutPart(item.key, 0, index) })}
          beside={(index) => (
            <select
              aria-label={`Column of row ${index + 1}`}
              value={item.key.find(([row]) => row === index)?.[1] ?? ''}
              onChange={(event) =>
                set({
                  key: withPartner(item.key, index, event.target.value === '' ? null : Number(event.target.value)),
                })
              }
              className={FIELD}
            >
              <option value="">no key</option>
              {item.columns.map((_column, at) => (
                <option key={at} value={at}>
                  column {at + 1}
                </option>
              ))}
            </select>
          )}
        />
      </fieldset>
      <CreditField item={item} set={set} />
    </>
  )
}
