import type { DraftSource } from '../draft/model.ts'

/** An item as a gold outline holds it; only the fields that are looked at here are named. */
export interface GoldItem {
  readonly kind: string
  readonly stem: string
  readonly options?: readonly string[]
  readonly left?: readonly string[]
  readonly right?: readonly string[]
  readonly rows?: readonly string[]
  readonly columns?: readonly string[]
  readonly key: readonly unknown[]
  readonly bank?: readonly string[]
  readonly choices?: readonly (readonly string[] | null)[]
  readonly feedback?: string
  readonly optionFeedback?: readonly (string | null)[]
  readonly hint?: string
  readonly sample?: string
  readonly difficulty?: string
  readonly level?: string
  readonly outcome?: string
  readonly tags?: readonly string[]
  readonly alt?: readonly Readonly<Record<string, unknown>>[]
}

export interface Gold {
  readonly title: string | null
  readonly passages?: readonly { readonly id: string; readonly text: string }[]
  readonly items: readonly GoldItem[]
  readonly dropped?: readonly string[]
  readonly mustFlag?: readonly number[]
}

/** A draft whose right reading is known. */
export interface LabelledDraft {
  readonly name: string
  readonly source: DraftSource
  readonly gold: Gold
}
