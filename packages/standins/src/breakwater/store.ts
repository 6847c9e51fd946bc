import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import type { SiteItem } from './site-item.ts'

export interface ImportOutcome {
  readonly path: string
  readonly identifier: string
  readonly outcome: 'created' | 'refused'
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

/** A quiz that students take, or a bank of items. */
export interface Collection {
  readonly id: string
  readonly kind: 'quiz' | 'bank'
  title: string
  itemIds: string[]
}

export interface QuizAttempt {
  readonly id: string
  readonly quizId: string
  readonly student: string
  /** ISO 8601, UTC. */
  readonly submittedAt: string
  /** Per item id: the values given, and the score. */
  readonly answers: Readonly<Record<string, { readonly values: readonly string[]; readonly score: number }>>
}

interface State {
  next: number
  items: Record<string, SiteItem>
  collections: Record<string, Collection>
  jobs: Record<string, ImportJob>
  attempts: QuizAttempt[]
}

/** All that the site knows, kept in one file so that a restart loses nothing. */
export class Store {
  readonly #file: string | null
  readonly state: State

  /** `file` null keeps everything in memory. */
  constructor(file: string | null) {
    this.#file = file
    this.state =
      file && existsSync(file)
        ? (JSON.parse(readFileSync(file, 'utf8')) as State)
        : { next: 1, items: {}, collections: {}, jobs: {}, attempts: [] }
  }

  newId(prefix: string): string {
    return `${prefix}${this.state.next++}`
  }

  save(): void {
    if (!this.#file) return
    mkdirSync(dirname(this.#file), { recursive: true })
    writeFileSync(`${this.#file}.new`, JSON.stringify(this.state))
    renameSync(`${this.#file}.new`, this.#file)
  }
}
