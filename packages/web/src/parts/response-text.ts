import { plainText, type Content, type Item, type Response } from '@zakuska/core'
import { letterOf } from './item-words'

const NOTHING = 'nothing'

/** What a person gave to an item, in one line. */
export function responseText(body: Item, response: Response): string {
  switch (response.kind) {
    case 'text':
      return response.text ? `“${response.text}”` : NOTHING
    case 'truth':
      return response.value === null ? NOTHING : response.value ? 'True' : 'False'
    case 'choice':
      return lettersOf(body, response.chosen).join(', ') || NOTHING
    case 'order':
      return lettersOf(body, response.ids).join(', ') || NOTHING
    case 'gaps':
      return response.texts.some(Boolean) ? response.texts.map((text) => `“${text}”`).join(', ') : NOTHING
    case 'pairs':
      return response.pairs.map(([a, b]) => `${part(body, 0, a)} – ${part(body, 1, b)}`).join('; ') || NOTHING
    case 'step':
      return response.value === null ? NOTHING : String(response.value)
  }
}

function lettersOf(body: Item, ids: readonly string[]): string[] {
  if (!('options' in body)) return [...ids]
  return ids.map((id) => letterOf(body.options.findIndex((option) => option.id === id)))
}

function part(body: Item, side: 0 | 1, index: number): string {
  const sides: readonly (readonly Content[])[] =
    body.kind === 'match' ? [body.left, body.right] : body.kind === 'grid' ? [body.rows, body.columns] : []
  return plainText(sides[side]?.[index]) || String(index + 1)
}
