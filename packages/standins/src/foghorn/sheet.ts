import { parse } from 'csv-parse/sync'
import Excel from 'exceljs'
import { Problem } from '../shared/problem.ts'
import { COLUMNS, LIMITS, type Round, type SheetRow } from './model.ts'

/** The rounds of a sheet, with what became of each row. @throws Problem where it is no sheet of the game. */
export async function roundsIn(
  bytes: Buffer,
  newId: () => string,
  refusesNext: () => boolean = () => false,
): Promise<{ rounds: Round[]; rows: SheetRow[] }> {
  if (bytes.length > LIMITS.bytes) throw new Problem('A sheet has at most 1 MB.', 413)
  const [head = [], ...body] =
    bytes.subarray(0, 2).toString('latin1') === 'PK' ? await workbookRows(bytes) : csvRows(bytes)
  if (COLUMNS.some((name, at) => (head[at] ?? '').trim().toLowerCase() !== name.toLowerCase()))
    throw new Problem(`The columns of a sheet are: ${COLUMNS.join(', ')}.`, 422)
  const rounds: Round[] = []
  const rows = body.flatMap((cells, at): SheetRow[] => {
    if (cells.every((cell) => cell.trim() === '')) return []
    const found = refusesNext() ? 'Not this one.' : roundIn(cells, newId)
    if (typeof found === 'string') return [{ row: at + 2, outcome: 'refused', roundId: null, why: found }]
    rounds.push(found)
    return [{ row: at + 2, outcome: 'taken', roundId: found.id, why: null }]
  })
  return { rounds, rows }
}

/** A round, or why the row is none. */
function roundIn(cells: readonly string[], newId: () => string): Round | string {
  const [seconds = '', stem = '', right = '', ...options] = cells.map((cell) => cell.trim())
  const given = options.slice(0, LIMITS.options[1])
  const last = given.findLastIndex((option) => option !== '')
  const shown = given.slice(0, last + 1)
  const limit = Number(seconds)
  if (!stem) return 'There is no question.'
  if (stem.length > LIMITS.stem) return `The question has more than ${LIMITS.stem} letters.`
  if (shown.length < LIMITS.options[0]) return 'There are fewer than two options.'
  if (shown.some((option) => option === '')) return 'An option between others is empty.'
  if (shown.some((option) => option.length > LIMITS.option)) return `An option has more than ${LIMITS.option} letters.`
  if (new Set(shown).size < shown.length) return 'Two options are alike.'
  if (!(limit >= LIMITS.seconds[0] && limit <= LIMITS.seconds[1]))
    return `The time is from ${LIMITS.seconds[0]} to ${LIMITS.seconds[1]} seconds.`
  const places = right
    .toUpperCase()
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((letter) => (letter.length === 1 ? letter.charCodeAt(0) - 65 : -1))
  if (!places.length || places.some((place) => place < 0 || place >= shown.length))
    return 'Right names no option, or one that is not there.'
  return { id: newId(), stem, options: shown, right: [...new Set(places)], seconds: limit }
}

function csvRows(bytes: Buffer): string[][] {
  try {
    return parse(bytes, { bom: true, relax_column_count: true, skip_empty_lines: true })
  } catch {
    throw new Problem('This is neither CSV nor XLSX.', 422)
  }
}

async function workbookRows(bytes: Buffer): Promise<string[][]> {
  const book = new Excel.Workbook()
  try {
    await book.xlsx.load(bytes as unknown as Parameters<typeof book.xlsx.load>[0])
  } catch {
    throw new Problem('The workbook cannot be read.', 422)
  }
  const rows: string[][] = []
  book.worksheets[0]?.eachRow((row) => {
    const cells = COLUMNS.map((_name, at) => row.getCell(at + 1).text)
    rows.push(cells)
  })
  return rows
}
