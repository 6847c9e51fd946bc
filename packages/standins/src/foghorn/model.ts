/** A round of the game: a question, its options, and which of them are right. */
export interface Round {
  readonly id: string
  readonly stem: string
  readonly options: readonly string[]
  /** Places of the right options. */
  readonly right: readonly number[]
  readonly seconds: number
}

export interface SheetRow {
  /** In the sheet, the head being 1. */
  readonly row: number
  readonly outcome: 'taken' | 'refused'
  readonly roundId: string | null
  readonly why: string | null
}

export interface Player {
  readonly id: string
  readonly name: string
  /** By round: the places that were chosen, how many milliseconds it took, and the score. */
  readonly answers: Record<string, { readonly chosen: readonly number[]; readonly ms: number; readonly score: number }>
}

export interface Game {
  readonly id: string
  readonly key: string | null
  readonly title: string
  /** What players type to join. */
  readonly code: string
  /** Opens the host's screen. */
  readonly hostKey: string
  rounds: Round[]
  readonly rows: readonly SheetRow[]
  isOpen: boolean
  /** The round that is played, from 0; -1 before the first; as many as there are rounds when it is over. */
  at: number
  /** When the round began, milliseconds since 1970. */
  since: number
  players: Player[]
}

export interface FoghornState {
  next: number
  games: Record<string, Game>
}

export const EMPTY: FoghornState = { next: 1, games: {} }

export const LIMITS = {
  stem: 150,
  option: 80,
  options: [2, 6],
  seconds: [10, 120],
  bytes: 1024 * 1024,
} as const

/** The heads of its sheet, in its order. */
export const COLUMNS = ['Seconds', 'Question', 'Right', 'A', 'B', 'C', 'D', 'E', 'F'] as const

const SCORE_RIGHT = 600
const SCORE_FAST = 400

/** Whether exactly the right options were chosen. */
export function isRight(round: Round, chosen: readonly number[]): boolean {
  return chosen.length === round.right.length && round.right.every((place) => chosen.includes(place))
}

/** Right counts most, and the time that is left adds to it. */
export function scoreOf(round: Round, chosen: readonly number[], ms: number): number {
  if (!isRight(round, chosen)) return 0
  const left = Math.max(0, 1 - ms / (round.seconds * 1000))
  return Math.round(SCORE_RIGHT + SCORE_FAST * left)
}
