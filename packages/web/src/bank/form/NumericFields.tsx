import { type Item, type NumericItem, type NumericKey, readNumber } from '@zakuska/core'
import { useState } from 'react'
import { FIELD, Labelled, LEGEND, type SetPart, Tick } from './field'
import { bandOf, bandText, creditOf, withCredit } from './numbers'

/** A comma before three digits may part off thousands or decimals. */
const THOUSANDS = /(?<![\d.,])[1-9]\d{0,2},\d{3}(?![\d.,])/

export function NumericFields({ item, set }: { readonly item: NumericItem; readonly set: SetPart }) {
  const [text, setText] = useState(item.key.map(bandText).join('\n'))
  const lines = text.split('\n').filter((line) => line.trim())
  const wrong = lines.find((line) => bandOf(line) === null)
  const doubtful = lines.find((line) => THOUSANDS.test(line) && bandOf(line) !== null)
  const change = (next: string): void => {
    setText(next)
    const bands = next
      .split('\n')
      .filter((line) => line.trim())
      .map(bandOf)
    const read = bands.filter((band) => band !== null)
    set({ key: read.map((band, index) => ({ ...band, ...creditOf(item.key[index]) })) })
  }
  return (
    <>
      <Labelled name="Numbers that count, one a line: 3.2, 3.2 ± 0.1, 3.2 ± 5 %, or 3 to 3.5">
        <textarea
          aria-label="Numbers that count"
          rows={Math.max(2, lines.length + 1)}
          value={text}
          onChange={(event) => change(event.target.value)}
          className={`${FIELD} font-text text-[15px]`}
        />
        {doubtful !== undefined && (
          <p className="text-muted">
            “{doubtful}” is read as {bandText(bandOf(doubtful) as NumericKey)}: the comma parts off decimals. Thousands
            are written without it.
          </p>
        )}
        {wrong !== undefined && <p className="text-beet">◆ “{wrong}” cannot be read as a number or a range.</p>}
      </Labelled>
      {item.key.length > 1 && <Shares item={item} set={set} />}
      <div className="flex flex-wrap items-end gap-x-5 gap-y-1">
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Unit</span>
          <input
            value={item.unit ?? ''}
            onChange={(event) => set({ unit: event.target.value })}
            className={`${FIELD} w-24`}
          />
        </label>
        <label className="grid gap-0.5">
          <span className="text-xs font-semibold text-muted">Significant figures</span>
          <input
            type="number"
            min={1}
            max={15}
            value={item.figures ?? ''}
            onChange={(event) =>
              set({ figures: event.target.value === '' ? undefined : event.target.valueAsNumber } as Partial<Item>)
            }
            className={`${FIELD} w-24`}
          />
        </label>
        {item.unit && (
          <Tick
            label="the unit must be typed"
            on={item.unitRule === 'required'}
            set={(on) => set({ unitRule: on ? 'required' : 'optional' })}
          />
        )}
      </div>
      {item.unit && <ConversionsField item={item} set={set} />}
    </>
  )
}

/** What of the points each number earns. */
function Shares({ item, set }: { readonly item: NumericItem; readonly set: SetPart }) {
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className={LEGEND}>Share of the points that each earns</legend>
      {item.key.map((band, index) => (
        <label key={`${index} ${bandText(band)}`}>
          {bandText(band)}{' '}
          <input
            type="number"
            min={1}
            max={100}
            defaultValue={Math.round((band.credit ?? 1) * 100)}
            onChange={(event) =>
              set({
                key: item.key.map((one, at) => (at === index ? withCredit(one, event.target.valueAsNumber) : one)),
              })
            }
            className={`${FIELD} w-20 !py-0`}
          />{' '}
          %
        </label>
      ))}
    </fieldset>
  )
}

/** "cm = 0.01; NM = 1852": other units, and what a number in one is multiplied by. */
function ConversionsField({ item, set }: { readonly item: NumericItem; readonly set: SetPart }) {
  const [text, setText] = useState((item.conversions ?? []).map((one) => `${one.unit} = ${one.factor}`).join('; '))
  const change = (next: string): void => {
    setText(next)
    set({
      conversions: next.split(';').flatMap((part) => {
        const [unit, said] = part.split('=').map((one) => one.trim())
        const factor = readNumber(said ?? '')
        return unit && factor?.unit === '' ? [{ unit, factor: factor.value }] : []
      }),
    })
  }
  return (
    <Labelled name={`Other units that count, and how many ${item.unit ?? ''} each is: cm = 0.01; NM = 1852`}>
      <input
        aria-label="Other units that count"
        value={text}
        onChange={(event) => change(event.target.value)}
        className={FIELD}
      />
    </Labelled>
  )
}
