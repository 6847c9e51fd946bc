import { plainText } from '../content/plain.ts'
import { outlineOf } from '../item/outline.ts'
import type { Reading } from './model.ts'

/** The plain-text projection of a reading: `zakuska read FILE --as outline`. */
export function readingOutline(reading: Reading): Readonly<Record<string, unknown>> {
  return {
    outline: 1,
    title: reading.title,
    passages: reading.passages.map((passage) => ({
      id: passage.id,
      title: passage.title,
      text: plainText(passage.content),
    })),
    items: reading.items.map((read) => ({
      ...outlineOf(read.item, read.pointsSaid),
      ...(read.passageId !== null && { passage: read.passageId }),
      flags: [...new Set(read.marks.filter((mark) => mark.severity !== 'told').map((mark) => mark.code))],
      lines: read.lines,
    })),
    notes: [
      ...reading.marks.map((mark) => ({ code: mark.code, line: mark.lines[0], message: mark.message })),
      ...reading.aside.map((line) => ({
        code: 'chatter-dropped',
        line: line.line,
        message: `Set aside: ${line.reason}`,
      })),
    ],
  }
}
