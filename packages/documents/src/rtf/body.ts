import type { DocumentBlock, DocumentCell, DocumentRun } from '@zakuska/core'

/** The body of an RTF document as it is read: its paragraphs, with the labels of lists, and its tables. */
export class RtfBody {
  readonly #blocks: DocumentBlock[] = []
  #runs: DocumentRun[] = []
  #label: DocumentRun[] = []
  #level: number | null = null
  #rows: DocumentCell[][] = []
  #row: DocumentCell[] = []
  #inTable = false

  text(run: DocumentRun): void {
    this.#runs.push(run)
  }

  /** A list's number or bullet, as the writing program left it before its paragraph. */
  label(run: DocumentRun): void {
    this.#label.push(run)
  }

  beginLabel(): void {
    this.#label = []
  }

  /** A label that a paragraph ends in is that paragraph: some programs write the whole entry there. */
  takeLabelAsText(): void {
    const first = this.#label.findIndex(({ text }) => text.trim() !== '')
    this.#runs.push(...this.#label.slice(first < 0 ? this.#label.length : first))
    this.beginLabel()
  }

  /** The next paragraph is dressed anew (RTF 1.9.1, `\pard`). */
  plainParagraph(): void {
    this.#level = null
    this.#inTable = false
  }

  /** The level in its list of the paragraph that is being read, from 0. */
  level(level: number): void {
    this.#level = level
  }

  inTable(): void {
    this.#inTable = true
  }

  cell(): void {
    this.#row.push(this.#takeRuns())
  }

  row(): void {
    this.#rows.push(this.#row)
    this.#row = []
  }

  /** Ends a paragraph. @param heading its level, where its style is one of headings. */
  paragraph(heading: number | undefined): void {
    if (this.#inTable) {
      if (this.#runs.length) this.#runs.push({ text: '\n', styles: [] })
      return
    }
    this.#endTable()
    const label = this.#labelText().replace(/\t/g, ' ').trim()
    const runs = this.#takeRuns()
    this.#blocks.push({
      type: 'paragraph',
      runs: heading ? runs.map((run) => ({ ...run, styles: [] })) : runs,
      ...(heading && { heading }),
      ...(label && { label: /^[\u00B7\uF0B7]$/.test(label) ? '•' : label, depth: this.#level ?? 0 }),
    })
  }

  /** All of it. What follows the last end of a paragraph is a paragraph. */
  finish(heading: number | undefined): DocumentBlock[] {
    if (this.#runs.length) {
      this.#inTable = false
      this.paragraph(heading)
    }
    this.#endTable()
    return this.#blocks
  }

  #labelText(): string {
    return this.#label.map(({ text }) => text).join('')
  }

  #takeRuns(): DocumentRun[] {
    const label = this.#labelText()
    const runs = label && this.#inTable ? [{ text: `${label.trim()} `, styles: [] }, ...this.#runs] : this.#runs
    while (runs.at(-1)?.text === '\n') runs.pop()
    this.#runs = []
    this.#label = []
    return runs
  }

  #endTable(): void {
    if (this.#rows.length) this.#blocks.push({ type: 'table', rows: this.#rows })
    this.#rows = []
  }
}
