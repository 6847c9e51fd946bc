import type { Format } from '../formats/format.ts'
import { isSameItem } from '../item/same-item.ts'
import type { KeptItem } from '../item/model.ts'
import type { Response } from './response.ts'
import { proveItems, type ItemProof } from './prove.ts'

export interface FormatProof {
  readonly proofs: readonly ItemProof[]
  /** Indexes of items that came back with another key than they left with. */
  readonly changedKeys: readonly number[]
}

/** Writes items in a format, reads them back by the format's own rules, and grades the key and every probe. */
export function proveFormat(items: readonly KeptItem[], format: Format, title: string): FormatProof {
  const written = format.write(items, { title, as: 'bank' })
  const grade = format.grader(written.data)
  const back = format.read(written.data).items
  const place = new Map(written.written.map((index, at) => [index, at]))
  const proofs = proveItems(items, format.limits, (item, response) => {
    const at = place.get(item)
    const sent = items[item]
    const received = at === undefined ? undefined : back[at]
    return at === undefined || !sent || !received ? null : grade(at, translate(response, sent, received))
  })
  const changedKeys = written.written.filter((index, at) => {
    const [sent, received] = [items[index], back[at]]
    return !sent || !received || !isSameItem(sent, received).key
  })
  return { proofs, changedKeys }
}

/** The response in the option ids of the file, which a format may have named anew; options keep their order. */
function translate(response: Response, sent: KeptItem, received: KeptItem): Response {
  if (response.kind !== 'choice' || !('options' in sent) || !('options' in received)) return response
  const names = new Map(sent.options.map((option, index) => [option.id, received.options[index]?.id ?? option.id]))
  return { kind: 'choice', chosen: response.chosen.map((id) => names.get(id) ?? id) }
}
