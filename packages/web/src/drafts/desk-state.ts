import {
  followItems,
  type FollowedItem,
  type Mark,
  type MarkCode,
  MARKS,
  type ReadItem,
  type Reading,
} from '@zakuska/core'

/** One item of the desk: as read, and as followed through the edits. */
export interface DeskItem {
  readonly read: ReadItem
  readonly followed: FollowedItem
}

/** Marks of one code that wait for a person, in the order of the text. */
export interface TroubleGroup {
  readonly code: MarkCode
  readonly severity: Mark['severity']
  readonly label: string
  readonly places: readonly { readonly item: number; readonly mark: Mark }[]
}

export function deskItems(reading: Reading, followed: readonly FollowedItem[]): DeskItem[] {
  return reading.items.flatMap((read, index) => {
    const known = followed[index]
    return known ? [{ read, followed: known }] : []
  })
}

export function followAll(followed: readonly FollowedItem[], reading: Reading): FollowedItem[] {
  return followItems(followed, reading, () => crypto.randomUUID())
}

/** What is left to decide, trouble before doubt. A signed item has been decided, whatever was doubtful. */
export function troubleGroups(items: readonly DeskItem[]): TroubleGroup[] {
  const groups = new Map<MarkCode, { item: number; mark: Mark }[]>()
  items.forEach(({ read, followed }, item) => {
    if (followed.signOff) return
    for (const mark of read.marks) {
      if (mark.severity === 'told') continue
      const places = groups.get(mark.code)
      if (places) places.push({ item, mark })
      else groups.set(mark.code, [{ item, mark }])
    }
  })
  return [...groups]
    .map(([code, places]): TroubleGroup => ({
      code,
      severity: places.some(({ mark }) => mark.severity === 'trouble') ? 'trouble' : 'doubt',
      label: `${places.length} ${MARKS[code].group[places.length === 1 ? 0 : 1]}`,
      places,
    }))
    .sort((a, b) => Number(b.severity === 'trouble') - Number(a.severity === 'trouble'))
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
