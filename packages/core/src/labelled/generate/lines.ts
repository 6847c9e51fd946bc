import type { Role } from '../../draft/roles/roles.ts'

/** A line of a made draft, with its role and the empty lines before it. */
export interface MadeLine {
  readonly text: string
  readonly role: Role
  readonly gap: number
}

/** The lines of a draft that is being made. */
export class MadeLines {
  readonly all: MadeLine[]
  readonly #width: number

  /** @param width where lines break, in characters; 0 where they do not. @param before the lines that stand already. */
  constructor(width: number, before: readonly MadeLine[] = []) {
    this.#width = width
    this.all = [...before]
  }

  /** The role of the line written last. */
  get last(): Role | undefined {
    return this.all.at(-1)?.role
  }

  put(text: string, role: Role, gap = 0): void {
    if (text.trim()) this.all.push({ text: text.trimEnd(), role, gap })
  }

  /** A text over as many lines as it takes: its first line in one role, the others in another. */
  wrap(text: string, indent: number, hang: number, role: Role, then: Role, gap: number): void {
    const width = this.#width
    const paragraphs = text.split('\n')
    paragraphs.forEach((paragraph, at) => {
      const rows = width ? wrapped(paragraph, width - indent) : [paragraph]
      rows.forEach((row, line) => {
        const isFirst = at === 0 && line === 0
        this.put(' '.repeat(isFirst ? indent : hang) + row, isFirst ? role : then, isFirst ? gap : 0)
      })
    })
  }
}

function wrapped(text: string, width: number): string[] {
  const rows: string[] = []
  let row = ''
  for (const word of text.split(' ')) {
    if (row && row.length + word.length + 1 > width) {
      rows.push(row)
      row = word
    } else row = row ? `${row} ${word}` : word
  }
  return [...rows, row]
}
