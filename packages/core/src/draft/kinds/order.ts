import { contentOf } from '../../content/model.ts'
import { optionId, type Item, type Option } from '../../item/model.ts'
import { entryIndex, namedOptions, sameWords } from '../keys/values.ts'
import { stemText } from '../keys/fit.ts'
import { spanText } from '../model.ts'
import { compose, type Piece } from '../text/compose.ts'
import type { Entry } from '../records/record.ts'
import { cues } from '../words.ts'
import { common, tell, type Working } from './working.ts'

/** An item that asks for an order: of its alternatives, or of what its own lines list; null where it asks for none. */
export function orderItem(working: Working): Item | null {
  const { record, trimmed } = working
  const stem = stemText(record)
  const asked = trimmed.saidKind === 'order' || cues.asksOrder(stem) || (record.section.order && !record.section.match)
  const numbers = numbersAt(record.entries)
  if (!asked && !numbers && !isOrdered(working)) return null
  if (record.entries.length > 2) return fromEntries(working, numbers)
  return fromPlaces(working) ?? fromStem(working)
}

/** A key that names all alternatives once, and not as they stand, gives their order. */
function isOrdered({ record, said }: Working): boolean {
  const [first] = said
  if (!first || record.entries.length < 3) return false
  const texts = record.entries.map((entry) => spanText((entry.pieces[0] as Piece).span))
  const order = namedOptions(first.text, record.entries)?.indexes ?? orderOfWords(first.text, texts) ?? []
  return order.length === record.entries.length && order.some((one, at) => one !== at)
}

function fromEntries(working: Working, numbers: readonly number[] | null): Item | null {
  const { record } = working
  const options = record.entries.map((entry, at): Option => ({ id: optionId(at), content: compose(entry.pieces) }))
  const [said] = working.said
  const places = said && hasRoom(record.entries) ? orderOfPlaces(said.text, record.entries.length) : null
  if (places) return { ...common(working), kind: 'order', options, key: places.map(optionId) }
  const named = said ? (counted(said.text, record.entries) ?? namedOptions(said.text, record.entries)) : null
  const isWhole = named?.indexes.length === record.entries.length
  if (said && !isWhole && !numbers) {
    const order = orderOfWords(
      said.text,
      record.entries.map((entry) => spanText((entry.pieces[0] as Piece).span)),
    )
    if (order) return { ...common(working), kind: 'order', options, key: order.map(optionId) }
    if (named && named.indexes.length < record.entries.length) return null
    tell(working, 'key-names-no-option', { key: said.text.slice(0, 60) })
  }
  const key = isWhole && named ? named.indexes : (numbers ?? [])
  return { ...common(working), kind: 'order', options, key: key.map(optionId) }
}

/** "( ) The ferry leaves": room for its place before each, and nothing that labels them. */
function hasRoom(entries: readonly Entry[]): boolean {
  return entries.every((entry) => entry.boxed && !entry.ticked && entry.id === '')
}

/** "1 C  2 A  3 D": a place and the letter that stands there. */
function counted(text: string, entries: readonly Entry[]): { readonly indexes: readonly number[] } | null {
  const parts = [...text.matchAll(/(\d{1,2})\s?[.):=-]?\s*_*([\p{L}])_*(?![\p{L}\d])/gu)]
  if (parts.length !== entries.length || entries.some((entry) => /^\d/.test(entry.id))) return null
  const sorted = [...parts].sort((a, b) => Number(a[1]) - Number(b[1]))
  const indexes = sorted.map((part) => entryIndex(part[2] ?? '', entries))
  return indexes.every((index) => index >= 0) && new Set(indexes).size === indexes.length ? { indexes } : null
}

/** "(4) Turn it over": figures before the alternatives that are no count but their places; null where they only count. */
function numbersAt(entries: readonly Entry[]): number[] | null {
  const places = entries.map((entry) => (/^\d+$/.test(entry.id) ? entry.value : -1))
  if (entries.length < 3 || places.some((place) => place < 0 || place >= entries.length)) return null
  if (new Set(places).size < places.length || places.every((place, at) => place === at)) return null
  return places.map((_place, at) => places.indexOf(at))
}

const PLACE = /^(?:_{1,6}|\.{2,6}|[([]\s{0,4}[)\]]|[☐□])\s*(?=\p{L})/u

/** Lines with room for a number before each: "__ the gull". */
function fromPlaces(working: Working): Item | null {
  const { record, said } = working
  const open = record.stem.filter((piece) => PLACE.test(spanText(piece.span)))
  if (open.length < 3) return null
  const pieces = open.map((piece): Piece => ({
    span: { ...piece.span, from: piece.span.from + (PLACE.exec(spanText(piece.span))?.[0].length ?? 0) },
    join: 'paragraph',
  }))
  const order = said[0]
    ? (orderOfWords(
        said[0].text,
        pieces.map((piece) => spanText(piece.span)),
      ) ?? orderOfPlaces(said[0].text, pieces.length))
    : null
  if (said[0] && !order) return null
  const options = pieces.map((piece, at): Option => ({ id: optionId(at), content: compose([piece]) }))
  const stem = compose(record.stem.filter((piece) => !open.includes(piece)))
  return { ...common(working, stem), kind: 'order', options, key: (order ?? []).map(optionId) }
}

/** "4, 1, 5, 3, 2": the place of each line, as one would write it before it. */
function orderOfPlaces(said: string, count: number): number[] | null {
  const places = (said.match(/\d+/g) ?? []).map((place) => Number(place) - 1)
  const isWhole = places.length === count && new Set(places).size === count && places.every((at) => at < count)
  return isWhole && !/\p{L}/u.test(said) ? places.map((_place, at) => places.indexOf(at)) : null
}

const SEPARATORS = [/\s+\/\s+/u, /\s{3,}|\t/u, /\s+[–—-]\s+/u, /\s*[;|]\s*/u, /\s*[,、，]\s*/u]

/** "…, smallest first: earth, sun, moon": what is to be ordered stands behind a colon, or on the last line. */
function fromStem(working: Working): Item | null {
  const { record, said } = working
  const lastPiece = record.entries.length === 1 ? (record.entries[0]?.pieces.at(-1) as Piece) : record.stem.at(-1)
  if (!lastPiece) return null
  const line = spanText(lastPiece.span)
  const isOwnLine = record.entries.length === 1 || (record.stem.length > 1 && lastPiece.join === 'paragraph')
  const colon = isOwnLine ? 0 : line.lastIndexOf(':') + 1
  if (!isOwnLine && colon === 0) return null
  const listed = line.slice(colon).replace(/[.。]\s*$/, '')
  const texts = SEPARATORS.map((sign) =>
    listed
      .trim()
      .split(sign)
      .map((text) => text.trim())
      .filter(Boolean),
  ).find((parts) => parts.length > 2)
  if (!texts || texts.some((text) => text.split(' ').length > 8)) return null
  const options = texts.map((text, at): Option => ({ id: optionId(at), content: contentOf(text) }))
  const order = said[0] ? orderOfWords(said[0].text, texts) : null
  if (said[0] && !order) return null
  const head = isOwnLine
    ? record.stem.filter((piece) => piece !== lastPiece)
    : [...record.stem.slice(0, -1), { ...lastPiece, span: { ...lastPiece.span, to: lastPiece.span.from + colon } }]
  return { ...common(working, compose(head)), kind: 'order', options, key: (order ?? []).map(optionId) }
}

/** The order in which a text names words: as a list of them, or as the sentence that they make. */
export function orderOfWords(said: string, texts: readonly string[]): number[] | null {
  for (const sign of [...SEPARATORS, /\s*(?:→|➡️?|>|->)\s*/u]) {
    const parts = said
      .replace(/[.。]\s*$/, '')
      .split(sign)
      .filter(Boolean)
    if (parts.length !== texts.length) continue
    const order = parts.map((part) => texts.findIndex((text) => sameWords(text, part)))
    if (order.every((at) => at >= 0) && new Set(order).size === order.length) return order
  }
  return orderInSentence(said, texts)
}

function orderInSentence(sentence: string, texts: readonly string[]): number[] | null {
  const plain = (text: string): string =>
    ` ${text
      .toLowerCase()
      .replace(/[^\p{L}\p{N}'’]+/gu, ' ')
      .trim()} `
  const whole = plain(sentence)
  const places = texts.map((text) => whole.indexOf(plain(text)))
  const length = texts.reduce((sum, text) => sum + plain(text).length - 1, 1)
  if (places.includes(-1) || new Set(places).size < places.length || length !== whole.length) return null
  return texts.map((_text, at) => at).sort((a, b) => (places[a] ?? 0) - (places[b] ?? 0))
}
