import type { Schemas } from '../api/client'
import type { Paper } from './queries'

export type Entry = Schemas['PaperEntryDto']

/** What a person edits of a paper. */
export interface PaperState {
  readonly title: string
  readonly instructions: string
  readonly entries: Entry[]
  readonly shuffleItems: boolean
  readonly shuffleOptions: boolean
  readonly sections: Section[]
  readonly identity: string[]
  readonly timeLimit: number | null
  readonly attempts: number | null
  readonly feedbackWhen: Paper['feedbackWhen']
  readonly rules: Rule[]
}

export type Section = Schemas['PaperSectionDto']

export type Rule = Schemas['PaperRuleDto']
