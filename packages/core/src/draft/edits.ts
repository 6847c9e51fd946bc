import type { ReadItem } from './model.ts'
import type { TextEdit } from './marks.ts'

/** The letter by which the n-th option of an item is named in a key: as the draft writes it, else A, B, … */
export function optionLetter(read: ReadItem, index: number): string {
  const label = read.places.labels[index]?.replace(/[^\p{L}\p{N}①-⑳]/gu, '')
  return label && label.length <= 4 ? label : String.fromCharCode(65 + index)
}

/**
 * The edits that make `value` the item's key: the first statement of a key is rewritten where one stands,
 * the others are taken out, and a line is added where there is none. A key that stands in a list of keys
 * elsewhere is left there; the new line contradicts it only if they differ.
 */
export function editsForKey(text: string, read: ReadItem, value: string): TextEdit[] {
  const own = read.places.keys.filter((key) => key.to > key.from && key.from >= read.from && key.to <= read.to)
  const statement = `Answer: ${value}`
  const [first, ...others] = own
  if (!first) return [{ from: read.places.keyAt, to: read.places.keyAt, insert: `\n${statement}` }]
  const glued = /\S/.test(text.slice(lineStart(text, first.from), first.from).replace(/^[\s>*_-]+/, ''))
  const rest = trailingSpace(text, first)
  return [
    { from: first.from, to: rest, insert: glued ? `\n${statement}` : statement },
    ...others.map((key) => ({ from: key.from, to: key.to, insert: '' })),
  ]
}

/** The key line of an item whose option at `index` is chosen; for several, all of them in order. */
export function editsForOptions(text: string, read: ReadItem, indexes: readonly number[]): TextEdit[] {
  const letters = [...indexes].sort((a, b) => a - b).map((index) => optionLetter(read, index))
  return [...signEdits(text, read), ...editsForKey(text, read, letters.join(', '))]
}

export function editsForTruth(text: string, read: ReadItem, value: boolean): TextEdit[] {
  return editsForKey(text, read, value ? 'True' : 'False')
}

/** Stars, ticks and filled boxes by which the draft keyed options are taken out when a key line says otherwise. */
function signEdits(text: string, read: ReadItem): TextEdit[] {
  return read.places.options.flatMap((option, index) => {
    const edits: TextEdit[] = []
    const label = read.places.labels[index] ?? ''
    if (/^[[(][xX✓✔*][\])]$/.test(label)) {
      const at = text.lastIndexOf(label, option.from)
      if (at >= 0 && option.from - at < label.length + 6)
        edits.push({ from: at + 1, to: at + label.length - 1, insert: ' ' })
    }
    const before = text.slice(lineStart(text, option.from), option.from)
    const star = /([*✓✔✅→])\s*$/.exec(before)
    if (star && !before.endsWith('**')) edits.push({ from: option.from - star[0].length, to: option.from, insert: '' })
    const after = /^\s*(?:[*✓✔✅←]|<-{1,2}(?:\s*\p{L}+)?|\((?:correct|right)\))\s*$/iu.exec(
      text.slice(option.to, lineEnd(text, option.to)),
    )
    if (after) edits.push({ from: option.to, to: option.to + after[0].length, insert: '' })
    return edits
  })
}

function trailingSpace(text: string, span: { readonly to: number }): number {
  let end = span.to
  while (end < text.length && /[ \t*_]/.test(text.charAt(end)) && end < lineEnd(text, span.to)) end++
  return end
}

function lineStart(text: string, at: number): number {
  return text.lastIndexOf('\n', at - 1) + 1
}

function lineEnd(text: string, at: number): number {
  const end = text.indexOf('\n', at)
  return end < 0 ? text.length : end
}
