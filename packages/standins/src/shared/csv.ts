/** Rows as CSV (RFC 4180). */
export function csvOf(rows: readonly (readonly (string | number)[])[]): string {
  const cell = (value: string | number): string => {
    const text = String(value)
    return /[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text
  }
  return rows.map((row) => `${row.map(cell).join(',')}\r\n`).join('')
}
