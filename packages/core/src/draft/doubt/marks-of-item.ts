import { plainText } from '../../content/plain.ts'
import type { Item } from '../../item/model.ts'
import { mark, type Mark } from '../marks.ts'
import { sourceOffset, type Line } from '../model.ts'
import { placeOf } from '../kinds/working.ts'
import type { DraftRecord } from '../records/record.ts'

/** What a person should look at in an item that was read as it stands: the writer may have lost or left out something. */
export function marksOfItem(record: DraftRecord, item: Item): Mark[] {
  const place = placeOf(record)
  const lines = [...new Set(record.units.map((unit) => unit.line))]
  const open = unkeyedParts(item)
  const [only] = item.kind === 'short' ? item.key : []
  return [
    ...letterGaps(record).map(([before, after]) => mark('option-letter-gap', place, { before, after })),
    ...(open.length ? [mark('key-incomplete', place, { parts: open.join(', ') })] : []),
    ...(only && LETTER.test(only) ? [mark('key-letter-alone', place, { letter: only })] : []),
    ...lines.flatMap((line) => [...lostPowers(line), ...missingPicture(line, place)]),
  ]
}

const LETTER = /^\(?(?:[A-Z]|[a-h])\)?\.?$/

function letter(at: number): string {
  return String.fromCharCode(65 + at)
}

function letterGaps(record: DraftRecord): (readonly [string, string])[] {
  const labels = record.entries.map((entry) => entry.value)
  return labels.flatMap((value, at) => {
    const before = labels[at - 1]
    return before !== undefined && before >= 0 && value > before + 1 && value < 26
      ? [[letter(before), letter(value)] as const]
      : []
  })
}

/** The parts of an item that its key leaves out, as a sentence names them; none where there is no key at all. */
export function unkeyedParts(item: Item): string[] {
  if (item.kind === 'cloze') {
    const open = item.gaps.flatMap(({ key }, at) => (key.length ? [] : [`gap ${at + 1}`]))
    return open.length < item.gaps.length ? open : []
  }
  if ((item.kind !== 'match' && item.kind !== 'grid') || !item.key.length) return []
  const parts = item.kind === 'match' ? item.left : item.rows
  const keyed = new Set(item.key.map(([part]) => part))
  return parts.flatMap((part, at) => (keyed.has(at) ? [] : [`“${plainText(part)}”`]))
}

// It begins where a number does, and its parts have an end: a line of nothing but figures is gone through once.
const POWER =
  /(?<!\d)((?:\d{1,15}[.,])?\d{1,15}\s{0,3}[×x*·]\s{0,3}10)([-−]\d{1,2}|\d{1,2})(?![\d.,%]|\s{0,3}[×x*]\s{0,3}\d)/g

/** "6.25 × 1018", "1.6 x 10-19": powers of ten whose raised figures fell down. */
function lostPowers(line: Line): Mark[] {
  return [...line.text.matchAll(POWER)].flatMap((found) => {
    const [whole, base = '', raised = ''] = found
    const at = found.index + base.length
    if (line.styles.some((range) => range.style === 'sup' && range.from <= at && range.to > at)) return []
    const power = raised.replace('−', '-')
    const place = {
      lines: [line.number, line.number] as const,
      from: sourceOffset(line, found.index),
      to: sourceOffset(line, found.index + whole.length),
    }
    const edit = { from: sourceOffset(line, at), to: sourceOffset(line, at + raised.length), insert: `^${power}` }
    const mend = { label: 'Raise the power', edits: [edit] }
    return [mark('script-lost', place, { text: whole, mended: `${base}^${power}` }, { mend })]
  })
}

function missingPicture(line: Line, place: ReturnType<typeof placeOf>): Mark[] {
  const picture = /\[image: ([^\]]*)\]/.exec(line.text)
  const isKept = line.styles.some((range) => range.style === 'picture' && (range.target ?? '').startsWith('asset:'))
  return picture && !isKept ? [mark('picture-missing', place, { alt: picture[1] ?? '' })] : []
}
