import type { RubricLine } from '../../item/model.ts'

/** A line of a rubric as it stands in a file: what is looked for, and its points in brackets. */
export function rubricText(line: RubricLine): string {
  return `${line.says} (${line.points})`
}

/** The same read back; a line without points is worth none. */
export function rubricLine(text: string): RubricLine {
  const found = /^(.*?)\s*\((\d+(?:\.\d+)?)\)$/su.exec(text)
  return found?.[1] ? { says: found[1], points: Number(found[2]) } : { says: text, points: 0 }
}
