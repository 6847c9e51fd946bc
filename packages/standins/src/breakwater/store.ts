import { JsonStore } from '../shared/store.ts'
import type { SiteItem } from './site-item.ts'

export interface ImportOutcome {
  readonly path: string
  readonly identifier: string
  readonly outcome: 'created' | 'replaced' | 'refused'
  readonly itemId: string | null
  readonly why: string | null
}

export interface ImportJob {
  readonly id: string
  /** The sender's key: an import with a known key is answered with the job it made first. */
  readonly key: string | null
  state: 'waiting' | 'running' | 'done' | 'failed'
  done: number
  total: number
  why: string | null
  outcomes: ImportOutcome[]
  collectionId: string | null
}

/** A part of a quiz, with what stands above its items. */
export interface QuizSection {
  readonly title: string
  /** Paragraphs of plain text. */
  readonly texts: readonly string[]
  readonly itemIds: readonly string[]
  readonly shuffle: boolean
}

/** A quiz that students take, or a bank of items. */
export interface Collection {
  readonly id: string
  readonly kind: 'quiz' | 'bank'
  title: string
  itemIds: string[]
  /** None: the items stand in their order. */
  sections?: QuizSection[]
  /** For the whole quiz. */
  seconds?: number | null
  /** How often a student may hand in. */
  attempts?: number | null
  isClosed?: boolean
}

export interface GivenAnswer {
  /** Of RESPONSE, the variable that most items have alone. */
  readonly values: readonly string[]
  /** Of every variable. */
  readonly variables?: Readonly<Record<string, readonly string[]>>
  readonly score: number
}

export interface QuizAttempt {
  readonly id: string
  readonly quizId: string
  readonly student: string
  /** ISO 8601, UTC. */
  readonly submittedAt: string
  /** Per item id. */
  readonly answers: Readonly<Record<string, GivenAnswer>>
}

/** When somebody began a quiz that has a time. */
export interface QuizStart {
  readonly id: string
  readonly quizId: string
  readonly student: string
  /** ISO 8601, UTC. */
  readonly at: string
  isOver: boolean
}

export interface SiteState {
  next: number
  items: Record<string, SiteItem>
  collections: Record<string, Collection>
  jobs: Record<string, ImportJob>
  attempts: QuizAttempt[]
  starts?: QuizStart[]
}

export type Store = JsonStore<SiteState>

export function openStore(file: string | null): Store {
  return new JsonStore<SiteState>(file, { next: 1, items: {}, collections: {}, jobs: {}, attempts: [] })
}
