/** A question of a form. Texts are plain; `\n` parts lines. */
export interface Question {
  readonly id: string
  /** The sender's name for it, so that sending it twice makes one. */
  readonly key: string | null
  readonly type: QuestionType
  readonly title: string
  readonly description: string
  readonly picture: { readonly type: string; readonly data: string; readonly description: string } | null
  readonly required: boolean
  /** Of `choice`, `boxes` and `list`. */
  readonly options: readonly string[]
  readonly shuffle: boolean
  /** Of `grid`: one column is chosen in each row. */
  readonly rows: readonly string[]
  readonly columns: readonly string[]
  /** Of `scale`. */
  readonly low: number
  readonly high: number
  readonly lowLabel: string
  readonly highLabel: string
  readonly points: number
  /** What earns the points: texts, places of options, or a place of a column per row; null: not graded. */
  readonly right: { readonly texts: readonly string[] } | { readonly places: readonly number[] } | null
  readonly ignoreCase: boolean
  readonly feedback: { readonly right: string; readonly wrong: string }
}

/** `part` begins a section and `text` is only read. */
export const QUESTION_TYPES = ['line', 'lines', 'choice', 'boxes', 'list', 'scale', 'grid', 'part', 'text'] as const
export type QuestionType = (typeof QUESTION_TYPES)[number]

export interface OnlineFormSettings {
  readonly isQuiz: boolean
  readonly shuffle: boolean
  readonly oneEach: boolean
  /** What is asked before the first question, such as a name. */
  readonly fields: readonly string[]
  readonly feedback: 'after' | 'never'
}

export interface OnlineForm {
  readonly id: string
  readonly key: string | null
  title: string
  description: string
  settings: OnlineFormSettings
  isOpen: boolean
  /** Who may answer, by the names that they give; none: anybody. */
  people?: string[] | null
  questions: Question[]
}

/** Texts of an answer: what was typed or chosen; of a grid, one per row. */
export type Answer = readonly string[]

export interface Submission {
  readonly id: string
  readonly formId: string
  /** ISO 8601, UTC. */
  readonly at: string
  readonly fields: Readonly<Record<string, string>>
  readonly answers: Readonly<Record<string, Answer>>
  readonly points: Readonly<Record<string, number>>
}

export interface Grant {
  /** Of the consent that it goes back to: taken back together. */
  readonly family: string
  readonly client: string
  readonly scope: string
  /** Milliseconds since 1970. */
  readonly expires: number
}

export interface InletState {
  next: number
  forms: Record<string, OnlineForm>
  submissions: Submission[]
  /** By the code, with where it may be taken up. */
  codes: Record<string, Grant & { readonly redirect: string; readonly challenge: string }>
  access: Record<string, Grant>
  refresh: Record<string, Grant & { used: boolean }>
}

export const EMPTY: InletState = { next: 1, forms: {}, submissions: [], codes: {}, access: {}, refresh: {} }

/** Most letters of a title, an option and a description, and most options. */
export interface Limits {
  readonly title: number
  readonly option: number
  readonly options: number
  readonly description: number
}

export const LIMITS: Limits = { title: 600, option: 150, options: 40, description: 4000 }
