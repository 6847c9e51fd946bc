/** What a person gave to one item. Ids are those of the item's options. */
export type Response =
  | { readonly kind: 'choice'; readonly chosen: readonly string[] }
  /** Null: left open. */
  | { readonly kind: 'truth'; readonly value: boolean | null }
  | { readonly kind: 'text'; readonly text: string }

export function isAnswered(response: Response): boolean {
  switch (response.kind) {
    case 'choice':
      return response.chosen.length > 0
    case 'truth':
      return response.value !== null
    case 'text':
      return response.text.trim() !== ''
  }
}
