import { editsForOptions, editsForTruth, type ReadItem, type TextEdit } from '@zakuska/core'

/** The edits that key an option: the one of a single item, one more or less of several, true or false. */
export function keyEdits(text: string, read: ReadItem, option: number): TextEdit[] {
  const body = read.item
  if (body.kind === 'truefalse') return editsForTruth(text, read, option === 0)
  if ((body.kind !== 'single' && body.kind !== 'multiple') || option >= body.options.length) return []
  if (body.kind === 'single') return editsForOptions(text, read, [option])
  const now = body.options.flatMap((one, at) => (body.key.includes(one.id) ? [at] : []))
  const chosen = now.includes(option) ? now.filter((at) => at !== option) : [...now, option]
  return chosen.length ? editsForOptions(text, read, chosen) : []
}
