/** What a person gave to one item. Ids are those of the item's options; places count from 0. */
export type Response =
  | { readonly kind: 'choice'; readonly chosen: readonly string[] }
  /** Null: left open. */
  | { readonly kind: 'truth'; readonly value: boolean | null }
  /** Typed: a short answer, a number, an essay. */
  | { readonly kind: 'text'; readonly text: string }
  /** One text per gap, in order; empty where it was left open. */
  | { readonly kind: 'gaps'; readonly texts: readonly string[] }
  /** Pairs of left and right, or of row and column; a part that was left open is in none. */
  | { readonly kind: 'pairs'; readonly pairs: readonly (readonly [number, number])[] }
  /** Option ids in the order given. */
  | { readonly kind: 'order'; readonly ids: readonly string[] }
  /** A step of a scale; null: left open. */
  | { readonly kind: 'step'; readonly value: number | null }

export function isAnswered(response: Response): boolean {
  switch (response.kind) {
    case 'choice':
      return response.chosen.length > 0
    case 'truth':
    case 'step':
      return response.value !== null
    case 'text':
      return response.text.trim() !== ''
    case 'gaps':
      return response.texts.some((text) => text.trim() !== '')
    case 'pairs':
      return response.pairs.length > 0
    case 'order':
      return response.ids.length > 0
  }
}
