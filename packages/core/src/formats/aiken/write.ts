import { plainText } from '../../content/plain.ts'
import type { Content } from '../../content/model.ts'
import { fitItem } from '../../fit/fit.ts'
import { REMEDIES } from '../../fit/remedies.ts'
import type { Item } from '../../item/model.ts'
import type { Loss, Written } from '../format.ts'
import { AIKEN_LIMITS } from './limits.ts'

/** Writes single choice items as Aiken: the stem in one line, an option a line behind its capital letter, the key line. */
export function writeAiken(items: readonly Item[]): Written {
  const losses: Loss[] = []
  const written: number[] = []
  const blocks: string[] = []
  items.forEach((item, index) => {
    const fit = fitItem(item, AIKEN_LIMITS)
    losses.push(...fit.reasons.map((reason) => ({ item: index, feature: reason.feature, says: reason.says })))
    if (fit.verdict === 'cannot') return
    written.push(index)
    blocks.push(question(item))
  })
  return { data: { form: 'text', text: `${blocks.join('\n\n')}\n` }, losses, written }
}

function question(given: Item): string {
  const [item] = given.kind === 'truefalse' ? REMEDIES['make-single'].apply(given) : [given]
  if (item?.kind !== 'single') throw new TypeError(`Aiken does not hold ${given.kind}; the limits say so.`)
  const keyed = item.options.findIndex((option) => item.key.includes(option.id))
  return [
    stemLine([...(item.passage ?? []), ...item.stem]),
    ...item.options.map((option, index) => `${letter(index)}. ${line(option.content)}`),
    `ANSWER: ${letter(keyed)}`,
  ].join('\n')
}

/** A stem that looks like an option or a key line gets a sign in front, so that it is read as a stem. */
function stemLine(content: Content): string {
  const text = line(content)
  return /^(?:[A-Za-z][.)]\s|ANSWER:)/i.test(text) ? `– ${text}` : text
}

function line(content: Content): string {
  return plainText(content).replace(/\s*\n\s*/g, ' ')
}

function letter(index: number): string {
  return String.fromCharCode(65 + index)
}
