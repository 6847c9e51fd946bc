import { cellText, COLUMN_ROLES, type ColumnLayout, type ColumnRole, type DocumentTable } from '@zakuska/core'

const ROLE_WORDS: Readonly<Record<ColumnRole, string>> = {
  stem: 'stem',
  option: 'an option',
  options: 'all options',
  right: 'the right option',
  key: 'key',
  kind: 'kind',
  number: 'number',
  points: 'points',
  time: 'time limit',
  feedback: 'feedback',
  hint: 'hint',
  difficulty: 'difficulty',
  level: 'cognitive level',
  outcome: 'outcome',
  tags: 'tags',
  section: 'section',
  left: 'left out',
}

export function TableView({
  table,
  layout,
  change,
}: {
  readonly table: DocumentTable
  readonly layout: ColumnLayout
  readonly change: (layout: ColumnLayout) => void
}) {
  const columns = Array.from({ length: widthOf(table) }, (_none, index) => index)
  const roles = columns.map((index) => layout.roles[index] ?? 'left')
  return (
    <table className="border-collapse text-[13px]">
      <thead>
        <tr>
          {columns.map((index) => (
            <th key={index} className="border border-line bg-paper p-1 text-left align-top font-normal">
              <select
                aria-label={`What column ${index + 1} holds`}
                value={roles[index]}
                onChange={(event) =>
                  change({
                    ...layout,
                    roles: roles.map((role, at) => (at === index ? (event.target.value as ColumnRole) : role)),
                  })
                }
                // As wide as what it says, and its arrow.
                style={{ minWidth: `${ROLE_WORDS[roles[index] ?? 'left'].length + 4}ch` }}
                className={`w-full rounded-[3px] border bg-sheet px-1 py-0.5 ${roles[index] === 'left' ? 'border-line text-muted' : 'border-ink font-semibold'}`}
              >
                {COLUMN_ROLES.map((role) => (
                  <option key={role} value={role}>
                    {ROLE_WORDS[role]}
                  </option>
                ))}
              </select>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {table.rows.slice(0, SHOWN_ROWS).map((row, at) => (
          <tr key={at} className={at < layout.leadingRows ? 'text-muted italic' : ''}>
            {columns.map((index) => (
              <td
                key={index}
                className={`max-w-56 border border-line p-1 align-top ${roles[index] === 'stem' ? 'min-w-44' : 'min-w-[4.6rem]'}`}
              >
                <span className="line-clamp-3">{cellText(row[index])}</span>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
      {table.rows.length > SHOWN_ROWS && (
        <caption className="caption-bottom py-2 text-left text-muted">
          and {table.rows.length - SHOWN_ROWS} more rows
        </caption>
      )}
    </table>
  )
}

export const SHOWN_ROWS = 12

export function widthOf(table: DocumentTable): number {
  return table.rows.reduce((widest, row) => Math.max(widest, row.length), 0)
}
