import type { Facts } from '../facts/facts.ts'
import { trimStem } from '../kinds/trim.ts'
import { assemble } from '../records/assemble.ts'
import type { DraftRecord } from '../records/record.ts'
import type { ReadRoles } from '../roles/read-roles.ts'
import { ROLE_INDEX } from '../roles/roles.ts'
import { listWorth } from './lists.ts'

const FEWEST = 3
const LEAST_SHARE = 0.5
const MOST_STARTS = 16

/**
 * Lines that are a list of keys because what they say fits the items before them, whatever they were taken for. The
 * reading with the list is kept if it gives a key to at least half of the items that have none.
 *
 * @returns the reading with those lines as keys, or the same.
 */
export function withListsByFit(read: ReadRoles): ReadRoles {
  const { records } = assemble(read)
  const open = records.filter((record) => isOpen(record)).length
  if (open < FEWEST) return read
  let best: readonly [number, number] | null = null
  let most = 0
  for (const start of startsIn(read)) {
    const end = endOf(read, start)
    const worth = isSaidElse(read, start, end) ? 0 : worthOf(read, start, end)
    if (worth > most) {
      most = worth
      best = [start, end]
    }
  }
  if (!best) return read
  const roles = Uint8Array.from(read.roles, (role, at) =>
    best && at >= best[0] && at < best[1] ? ROLE_INDEX.keys : role,
  )
  return { ...read, roles }
}

/** Whether a person said of one of the lines that it is no key. */
function isSaidElse({ said }: ReadRoles, start: number, end: number): boolean {
  return [...said].some(([at, part]) => at >= start && at < end && part !== 'key')
}

function isOpen(record: DraftRecord): boolean {
  return record.statements.length === 0 && !record.entries.some((entry) => entry.ticked)
}

/** Where a list might begin: at lines set aside, at a numbering that comes again, at a title of keys, at a table. */
function startsIn({ draft, roles }: ReadRoles): number[] {
  const starts: number[] = []
  const first = roles.indexOf(ROLE_INDEX.stem)
  draft.facts.forEach((facts, at) => {
    if (first < 0) return
    // "Unit test 4   (key: 1-B 2-D 3-A)": above the items a list is told by its pairs only.
    if (at < first && roles[at] === ROLE_INDEX.out && !hasPairs(draft.facts[at - 1]) && hasPairs(facts)) starts.push(at)
    if (at <= first) return
    const isOut = roles[at] === ROLE_INDEX.out && roles[at - 1] !== ROLE_INDEX.out
    const place = draft.places[at]
    const isAgain = place?.series.repeats !== null && place?.at === 0
    const sort = draft.looks[at]
    const isTable = (sort === 'table-down' || sort === 'table-across') && draft.looks[at - 1] !== sort
    if (
      isOut ||
      (place && isAgain) ||
      facts.flags.has('keyTitle') ||
      facts.flags.has('counts') ||
      facts.flags.has('keyPairs') ||
      isTable
    )
      starts.push(at)
  })
  return starts.slice(-MOST_STARTS)
}

const PAIR = /(?<![\p{L}\p{N}])\d{1,3}\s?[-–.:)=]?\s?\p{L}(?![\p{L}\p{N}])/gu

function hasPairs(facts: Facts | undefined): boolean {
  return (facts?.unit.text.match(PAIR)?.length ?? 0) >= FEWEST
}

/** A list ends before the next item that asks something and is not numbered as the list is, or has options of its own. */
function endOf({ draft, roles }: ReadRoles, start: number): number {
  const isAbove = start < roles.indexOf(ROLE_INDEX.stem)
  for (let at = start + 1; at < roles.length; at++) {
    const facts = draft.facts[at] as Facts
    if (isAbove && !hasPairs(facts)) return at
    const isOption = roles[at + 1] === ROLE_INDEX.option
    const asks = facts.end === 'asks' || facts.end === 'gap' || isOption
    const isListed = Boolean(draft.places[at]?.series.repeats) || facts.flags.has('counts')
    if (roles[at] === ROLE_INDEX.stem && (isListed ? isOption && facts.end === 'asks' : asks)) return at
  }
  return roles.length
}

/** How many items get a key that have none, if the lines from `start` are their list; 0 where too few do. */
function worthOf(read: ReadRoles, start: number, end: number): number {
  const roles = Uint8Array.from(read.roles, (role, at) => (at >= start && at < end ? ROLE_INDEX.keys : role))
  const { records, keys } = assemble({ ...read, roles })
  const block = keys.find((one) => one.facts.some((facts) => facts.unit.index === start))
  const isAbove = start < read.roles.indexOf(ROLE_INDEX.stem)
  const before = isAbove ? records : records.filter((record) => (record.units[0]?.index ?? 0) < start)
  const open = before.filter((record) => isOpen(record))
  if (!block || open.length < FEWEST) return 0
  records.forEach((record) => trimStem(record))
  const given = listWorth(block, records).filter((at) => isOpen(records[at] as DraftRecord)).length
  const lost = lostItems(read, start, end)
  return given >= Math.max(FEWEST, open.length * LEAST_SHARE) ? given - 2 * lost : 0
}

/** Items that would go if the lines were a list: those that ask, offer or say something, or have a number of their own. */
function lostItems({ draft, roles }: ReadRoles, start: number, end: number): number {
  let lost = 0
  for (let at = start; at < end; at++) {
    if (roles[at] !== ROLE_INDEX.stem) continue
    const facts = draft.facts[at] as Facts
    const isAgain =
      Boolean(draft.places[at]?.series.repeats) || facts.flags.has('counts') || facts.flags.has('keyPairs')
    const offers = roles[at + 1] === ROLE_INDEX.option || roles[at + 1] === ROLE_INDEX.answer
    if (facts.end === 'asks' || (offers && facts.words > 3) || !isAgain) lost++
  }
  return lost
}
