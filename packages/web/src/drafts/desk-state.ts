import {
  followItems,
  type AsideLine,
  type FollowedItem,
  type Mark,
  type MarkCode,
  MARKS,
  PART_KINDS,
  type ReadItem,
  type Reading,
} from '@zakuska/core'

/** One item of the desk: as read, and as followed through the edits. */
export interface DeskItem {
  readonly read: ReadItem
  readonly followed: FollowedItem
}

/** Marks of one code, or of one cause, that wait for a person, in the order of the text. */
export interface TroubleGroup {
  readonly id: string
  readonly code: MarkCode
  readonly severity: Mark['severity']
  readonly label: string
  /** `item` is −1 where a mark is about the draft, and no item. */
  readonly places: readonly { readonly item: number; readonly mark: Mark }[]
}

export function deskItems(reading: Reading, followed: readonly FollowedItem[]): DeskItem[] {
  return reading.items.flatMap((read, index) => {
    const known = followed[index]
    return known ? [{ read, followed: known }] : []
  })
}

/** Lines that no item has anything of; those of a list of keys give their items what they say. */
export function linesLeftOut({ aside, items }: Pick<Reading, 'aside' | 'items'>): AsideLine[] {
  const keys = items.flatMap((read) => read.places.keys)
  return aside.filter((line) => !keys.some((key) => key.from < line.to && key.to > line.from))
}

export function followAll(followed: readonly FollowedItem[], reading: Reading): FollowedItem[] {
  return followItems(followed, reading, () => crypto.randomUUID())
}

/** What is left to decide, trouble before doubt. A signed item has been decided, whatever was doubtful. */
export function troubleGroups(items: readonly DeskItem[], draftMarks: readonly Mark[] = []): TroubleGroup[] {
  const causes = sharedCauses(items)
  const groups = new Map<string, { item: number; mark: Mark }[]>()
  const add = (id: string, place: { item: number; mark: Mark }): void => {
    const places = groups.get(id)
    if (places) places.push(place)
    else groups.set(id, [place])
  }
  const told = new Set(
    items.flatMap(({ read, followed }) => (followed.signOff ? [] : read.marks.flatMap(otherReading))),
  )
  for (const mark of draftMarks)
    if (mark.severity !== 'told' && mark.code !== 'no-items' && !otherReading(mark).some((one) => told.has(one)))
      add(`${mark.code} ${mark.cause ?? ''}`, { item: -1, mark })
  items.forEach(({ read, followed }, item) => {
    if (followed.signOff) return
    for (const mark of read.marks) {
      if (mark.severity === 'told') continue
      const id = `${mark.code} ${causes.has(mark) ? (mark.cause ?? '') : ''}`
      add(id, { item, mark })
    }
  })
  return [...groups]
    .map(([id, places]): TroubleGroup => {
      const code = places[0]?.mark.code ?? 'reading-unsure'
      return {
        id,
        code,
        severity: places.some(({ mark }) => mark.severity === 'trouble') ? 'trouble' : 'doubt',
        label: groupLabel(code, places),
        places,
      }
    })
    .sort((a, b) => Number(b.severity === 'trouble') - Number(a.severity === 'trouble'))
}

/** The line that a mark doubts and what it may be instead: an item before it may doubt what the draft doubts as well. */
function otherReading({ mend }: Mark): string[] {
  return (mend?.says ?? []).map(({ from, part }) => `${from} ${part}`)
}

/** What a group is called after its count; of one cause, what was read and what it may be. */
function groupLabel(code: MarkCode, places: TroubleGroup['places']): string {
  const [first] = places
  const [said] = first?.mark.stays?.says ?? []
  const [other] = first?.mark.mend?.says ?? []
  if (!first || !said || !other || !isOneCause(places))
    return `${places.length} ${MARKS[code].group[places.length === 1 ? 0 : 1]}`
  const lines = new Set(places.map(({ mark }) => mark.from)).size
  const what = lines === 1 ? `Line ${first.mark.lines[0]}` : `${lines} lines`
  return `${what}, read as ${PART_KINDS[said.part].noun}, may be ${PART_KINDS[other.part].noun}`
}

/** Whether all marks of a group have one cause, so that what settles one of them settles all. */
export function isOneCause(places: TroubleGroup['places']): boolean {
  const [first] = places
  return first?.mark.cause !== undefined && places.every(({ mark }) => mark.cause === first.mark.cause)
}

/** Where one goes from trouble to trouble: of lines that are doubtful in the same way the first stands for all. */
export function stopsOf(groups: readonly TroubleGroup[]): TroubleGroup['places'] {
  return groups
    .flatMap(({ places }) => (isOneCause(places) ? places.slice(0, 1) : places))
    .sort((a, b) => a.mark.from - b.mark.from)
}

/** By mark: the first item that is doubtful in the same way, where that is another one. */
export function sameDoubts(items: readonly DeskItem[]): ReadonlyMap<Mark, number> {
  const shared = sharedCauses(items)
  const first = new Map<string, number>()
  const same = new Map<Mark, number>()
  items.forEach(({ read }, at) => {
    for (const mark of read.marks) {
      if (mark.cause === undefined || !shared.has(mark)) continue
      const before = first.get(mark.cause)
      if (before === undefined) first.set(mark.cause, at)
      else same.set(mark, before)
    }
  })
  return same
}

/** Marks whose cause others have, too: lines that look alike and are doubtful in the same way. */
export function sharedCauses(items: readonly DeskItem[]): ReadonlySet<Mark> {
  const byCause = new Map<string, Mark[]>()
  for (const { read, followed } of items)
    for (const mark of read.marks)
      if (mark.cause !== undefined && !followed.signOff)
        byCause.set(mark.cause, [...(byCause.get(mark.cause) ?? []), mark])
  return new Set([...byCause.values()].filter((marks) => marks.length > 1).flat())
}

/** Why an item cannot be signed off yet; null where it can. */
export function whyNotSigned({ read }: DeskItem): string | null {
  return read.marks.find((mark) => mark.severity === 'trouble')?.message ?? null
}

export type BracketState = 'trouble' | 'doubt' | 'signed' | 'waits'

export function bracketState({ read, followed }: DeskItem): BracketState {
  if (followed.signOff) return 'signed'
  if (read.marks.some((mark) => mark.severity === 'trouble')) return 'trouble'
  return read.marks.some((mark) => mark.severity === 'doubt') ? 'doubt' : 'waits'
}
