import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { MARKS, type MarkCode } from './marks.ts'
import { readDraft } from './read-draft.ts'

const FOLDER = join(__dirname, '../../samples/marks')
const CODES = Object.keys(MARKS) as MarkCode[]
const sampleOf = (code: MarkCode): string => readFileSync(join(FOLDER, `${code}.txt`), 'utf8').trimEnd()

test('every code has a draft that gives it, and no draft is of a code that there is not', () => {
  expect(readdirSync(FOLDER).sort()).toEqual(CODES.map((code) => `${code}.txt`).sort())
})

// Drafts of our own, one for each code: what a person has to write to be asked this.
test.each(CODES)('%s', (code) => {
  const reading = readDraft({ text: sampleOf(code) })
  const marks = [...reading.marks, ...reading.items.flatMap((item) => item.marks)]
  const own = marks.filter((mark) => mark.code === code)
  expect(marks.map((mark) => mark.code)).toContain(code)
  for (const mark of own) {
    expect(mark.severity).toBe(MARKS[code].severity)
    // Its sentence is filled.
    expect(mark.message).not.toMatch(/\{\w+\}/)
  }
})
