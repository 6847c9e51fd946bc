import { letterOf } from '../../parts/item-words'

const FIELD_NAMES: Readonly<Record<string, string>> = {
  '$.stem': 'The stem',
  '$.options': 'The options',
  '$.key': 'The key',
  '$.points': 'The points',
  '$.gaps': 'The gaps',
  '$.left': 'The parts on the left',
  '$.right': 'The parts on the right',
  '$.rows': 'The rows',
  '$.columns': 'The columns',
  '$.high': 'The high end',
}

const PART_NAMES: Readonly<Record<string, string>> = {
  left: 'Left part',
  right: 'Right part',
  rows: 'Row',
  columns: 'Column',
}

export function sentence(problem: { readonly path: string; readonly message: string } | undefined): string {
  if (!problem) return ''
  const option = /options\[(\d+)\]/.exec(problem.path)
  const part = /(left|right|rows|columns)\[(\d+)\]/.exec(problem.path)
  const what = option
    ? `Option ${letterOf(Number(option[1]))}`
    : part?.[1]
      ? `${PART_NAMES[part[1]] ?? 'Part'} ${Number(part[2]) + 1}`
      : (FIELD_NAMES[problem.path] ?? 'Something')
  return `${what} ${problem.message}.`
}
