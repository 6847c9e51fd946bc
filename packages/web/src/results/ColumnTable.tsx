import { type AnswerRole, type GuessedColumn, type Item, plainText, type ReadRow, sidesOf } from '@zakuska/core'
import { counted } from '../parts/item-words'
import { stemLine } from './words'
import { FIELD } from '../parts/field-class'

/** How many rows are shown. */
export const SHOWN = 5

export function ColumnTable({
  head,
  roles,
  items,
  kept,
  guessed,
  setRoles,
  body,
}: {
  readonly head: readonly string[]
  readonly roles: readonly AnswerRole[]
  readonly items: readonly Item[]
  readonly kept: readonly AnswerRole[] | null
  readonly guessed: readonly GuessedColumn[]
  readonly setRoles: (next: readonly AnswerRole[]) => void
  readonly body: readonly (readonly string[])[]
}) {
  return (
    <table className="border-collapse">
      <thead>
        <tr className="align-bottom">
          {head.map((header, column) => (
            <th
              key={column}
              scope="col"
              className="max-w-64 min-w-40 border border-line bg-sheet px-2 py-1 text-left align-top font-normal"
            >
              <span className="line-clamp-3 font-semibold" title={header}>
                {header || 'no head'}
              </span>
              <RoleChoice
                header={header}
                role={roles[column] ?? { kind: 'skip' }}
                items={items}
                isDoubtful={!kept && (guessed[column]?.sureness ?? 1) < 0.75}
                set={(role) => setRoles(roles.map((one, at) => (at === column ? role : one)))}
              />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {body.slice(0, SHOWN).map((cells, at) => (
          <tr key={at}>
            {head.map((_header, column) => (
              <td
                key={column}
                className={`max-w-64 truncate border border-line px-2 py-0.5 ${roles[column]?.kind === 'skip' ? 'text-muted line-through' : ''}`}
              >
                {cells[column]}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** What of the columns is clear, a guess, or missing. */
export function WhatIsSure({
  read,
  head,
  kept,
  doubtful,
  missing,
  unread,
}: {
  readonly read: readonly ReadRow[]
  readonly head: readonly string[]
  readonly kept: readonly AnswerRole[] | null
  readonly doubtful: number
  readonly missing: readonly number[]
  readonly unread: readonly { readonly item: number; readonly cell: string }[]
}) {
  return (
    <p role="status">
      {counted(read.length, 'row', 'rows')}, {counted(head.length, 'column', 'columns')}.{' '}
      {kept ? (
        'The columns are as you set them the last time.'
      ) : doubtful ? (
        <span className="text-mustard-ink">◐ {counted(doubtful, 'column is', 'columns are')} a guess to look at.</span>
      ) : (
        <span className="text-dill">✓ Every column is clear.</span>
      )}
      {missing.length > 0 && <span className="text-beet"> ◆ No column for item {missing.join(', ')}.</span>}
      {unread.length > 0 && (
        <span className="text-beet">
          {' '}
          ◆ {counted(unread.length, 'cell says', 'cells say')} nothing to its item, as in item{' '}
          {(unread[0]?.item ?? 0) + 1}: “{unread[0]?.cell}”. {unread.length === 1 ? 'It' : 'They'} will be left open.
        </span>
      )}
    </p>
  )
}

/** What a column is, to be set right. */
function RoleChoice({
  header,
  role,
  items,
  isDoubtful,
  set,
}: {
  readonly header: string
  readonly role: AnswerRole
  readonly items: readonly Item[]
  readonly isDoubtful: boolean
  readonly set: (role: AnswerRole) => void
}) {
  const value = role.kind === 'item' ? `item:${role.item}:${role.part ?? ''}` : role.kind
  return (
    <span className="block pt-1">
      {isDoubtful && <span className="text-mustard-ink">◐ </span>}
      <select
        className={`${FIELD} w-full max-w-60 text-xs`}
        aria-label={`What “${header}” is`}
        value={value}
        onChange={(event) => {
          const [kind, item = '0', part = ''] = event.target.value.split(':')
          if (kind === 'item') set({ kind, item: Number(item), part: part === '' ? null : Number(part) })
          else if (kind === 'identity') set({ kind, field: header.trim() || 'Name' })
          else set({ kind: kind === 'time' ? 'time' : 'skip' })
        }}
      >
        <option value="identity">who it is</option>
        <option value="time">when it was handed in</option>
        <option value="skip">passed over</option>
        {items.flatMap((item, place) => {
          if (item.kind === 'note') return []
          const parts =
            item.kind === 'cloze'
              ? item.gaps.map((_gap, at) => `gap ${at + 1}`)
              : sidesOf(item)[0].map((side) => plainText(side))
          return [
            <option key={place} value={`item:${place}:`}>
              {place + 1}. {stemLine(item, 60)}
            </option>,
            ...(parts.length > 1
              ? parts.map((part, at) => (
                  <option key={`${place}:${at}`} value={`item:${place}:${at}`}>
                    {place + 1}. … {part.slice(0, 40)}
                  </option>
                ))
              : []),
          ]
        })}
      </select>
    </span>
  )
}
