import type { ReadItem } from './model.ts'
import type { TextEdit } from './marks.ts'

/** The letter by which the n-th option of an item is named in a key: as the draft writes it, else A, B, … */
export function optionLetter(read: ReadItem, index: number): string {
  const written = read.places.labels[index] ?? ''
  const label = BOX.test(written) ? '' : written.replace(/[^\p{L}\p{N}①-⑳]/gu, '')
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

const EMPTY_BOX: Readonly<Record<string, string>> = {
  '☑': '☐',
  '☒': '☐',
  '✅': '☐',
  '■': '□',
  '▣': '□',
  '◼': '□',
  '⬛': '□',
  '●': '○',
  '◉': '○',
  '⦿': '○',
}
const BOX = /^[[(]\s?[xX✓✔*•]\s?[\])]$/
const BULLET = /^[-*+•–—·]$/
const SIGN = /\*|✓|✔|✅|☑|→|=>|>+|\+/g
const BOLD_END = /(?:\*\*|__)\s*$/
const SIGN_AFTER =
  /\s*(?:[*✓✔✅]|(?:←|<-{1,2})(?:\s*\p{L}+)?|[([]\s*(?:correct|right)(?:\s+(?:answer|option|choice))?\s*[)\]])\s*$/iu

/** Everything by which the draft keyed options where they stand is taken out when a key line says otherwise. */
function signEdits(text: string, read: ReadItem): TextEdit[] {
  const { options, labels } = read.places
  // Filled signs before every option are bullets, no key.
  const bulleted = labels.length > 1 && labels.every((label) => EMPTY_BOX[label])
  return options.flatMap((option, index) => {
    const from = Math.max(lineStart(text, option.from), index > 0 ? (options[index - 1]?.to ?? 0) : 0)
    const before = text.slice(from, option.from)
    const behind = text.slice(option.to, lineEnd(text, option.to))
    const to = option.to + (new RegExp(`^${SIGN_AFTER.source}`, 'iu').exec(behind)?.[0].length ?? 0)
    const after = text.slice(option.from, to)
    return [
      ...editBetween(from, before, unsignedLabel(before, bulleted ? '' : (labels[index] ?? ''))),
      ...editBetween(option.from, after, unsignedText(before, after)),
    ]
  })
}

/** What stands before an option's text, without a sign that keys it: a filled box is emptied, a bullet stays. */
function unsignedLabel(before: string, label: string): string {
  const empty = EMPTY_BOX[label]
  if (empty) return before.replace(label, empty)
  if (BOX.test(label)) return before.replace(label, `${label.charAt(0)} ${label.charAt(label.length - 1)}`)
  const bullet = BULLET.test(label) ? before.indexOf(label) + 1 : 0
  const rest = before.slice(bullet)
  const signed = rest.replace(/__/g, '').replace(SIGN, '')
  const lead = bullet ? ' ' : (/^\s*/.exec(rest)?.[0] ?? '')
  return before.slice(0, bullet) + (signed === rest ? rest : lead + signed.trimStart())
}

function unsignedText(before: string, text: string): string {
  const plain = text.replace(SIGN_AFTER, '')
  const isBold = /\*\*|__/.test(before) && BOLD_END.test(text)
  return isBold ? text.replace(BOLD_END, '') : plain
}

function editBetween(from: number, old: string, insert: string): TextEdit[] {
  return old === insert ? [] : [{ from, to: from + old.length, insert }]
}

/** A key text without the line of one item's entry; null where that item has no one line of its own in it. */
export function withoutKeyEntry(keyText: string, number: string): string | null {
  const lines = keyText.split('\n')
  const own = lines.flatMap((line, index) => {
    const found = /^[\s*(|[]*(?:\p{L}+\s*)?(\d{1,3}(?:\.\d{1,2})?|[ivx]{1,4})\s*[-–—.):：=\]|\s]/iu.exec(line)
    if (found?.[1]?.toLowerCase() !== number.toLowerCase()) return []
    const isShared = /[,;\s|]\d{1,3}\s*(?:[-–.):=]|\s\p{L}\b)/u.test(line.slice(found[0].length))
    return [{ index, isShared }]
  })
  const [only] = own
  if (!only || own.length > 1 || only.isShared) return null
  return lines.filter((_line, index) => index !== only.index).join('\n')
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
