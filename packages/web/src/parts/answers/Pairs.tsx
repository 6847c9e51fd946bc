import type { Item, Response } from '@zakuska/core'
import { letterOf } from '../item-words'
import { RichText } from '../RichText'
import { type AnswerProps, BOX } from './props'

type Parts = Extract<Item, { kind: 'match' }>['left']

function withPair(response: Response | null, part: number, partner: number | null): Response {
  const before = response?.kind === 'pairs' ? response.pairs.filter(([one]) => one !== part) : []
  const pairs = partner === null ? before : [...before, [part, partner] as const]
  return { kind: 'pairs', pairs: [...pairs].sort((a, b) => a[0] - b[0]) }
}

function partnerOf(response: Response | null, part: number): number | null {
  return response?.kind === 'pairs' ? (response.pairs.find(([one]) => one === part)?.[1] ?? null) : null
}

/** The right side is lettered, and a letter is chosen for each part on the left. */
export function Pairs({
  name,
  response,
  answer,
  locked,
  left,
  right,
}: AnswerProps & { readonly left: Parts; readonly right: Parts }) {
  return (
    <div className="grid gap-x-8 gap-y-2 sm:grid-cols-2">
      <ul>
        {left.map((part, index) => (
          <li key={index} className="flex items-baseline gap-2 py-0.5">
            <select
              aria-label={`Partner of part ${index + 1} of item ${name}`}
              disabled={locked}
              value={partnerOf(response, index) ?? ''}
              onChange={(event) =>
                answer(withPair(response, index, event.target.value === '' ? null : Number(event.target.value)))
              }
              className={BOX}
            >
              <option value="">…</option>
              {right.map((_partner, at) => (
                <option key={at} value={at}>
                  {letterOf(at)}
                </option>
              ))}
            </select>
            <RichText content={part} inline />
          </li>
        ))}
      </ul>
      <ul>
        {right.map((part, index) => (
          <li key={index} className="flex items-baseline gap-2 py-0.5">
            <span className="w-4 font-ui text-[12.5px] text-muted">{letterOf(index)}</span>
            <RichText content={part} inline />
          </li>
        ))}
      </ul>
    </div>
  )
}

export function Grid({
  body,
  name,
  response,
  answer,
  locked,
}: AnswerProps & { readonly body: Extract<Item, { kind: 'grid' }> }) {
  return (
    <div className="relative overflow-x-auto" tabIndex={0} role="group" aria-label={`Grid of item ${name}`}>
      <table className="border-collapse">
        <thead>
          <tr>
            <td />
            {body.columns.map((column, index) => (
              <th key={index} scope="col" className="px-3 py-1 text-center font-semibold">
                <RichText content={column} inline />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {body.rows.map((row, at) => (
            <tr key={at} className="border-t border-line">
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                <RichText content={row} inline />
              </th>
              {body.columns.map((_column, index) => (
                <td key={index} className="px-3 py-1 text-center">
                  <input
                    type="radio"
                    name={`item-${name}-${at}`}
                    aria-label={`Row ${at + 1}, column ${index + 1} of item ${name}`}
                    disabled={locked}
                    checked={partnerOf(response, at) === index}
                    onChange={() => answer(withPair(response, at, index))}
                    className="accent-ink"
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
