import { hasKey, type ChoiceItem, type KeptItem, type ShortItem } from '../item/model.ts'
import { shareEarned } from './grade.ts'
import type { Response } from './response.ts'
import { comparableText, isSameText } from './same-text.ts'

/** Why a probe is tried. */
export type ProbeKind =
  | 'key'
  | 'accepted'
  | 'letter-case'
  | 'accents'
  | 'blanks'
  | 'wrong-option'
  | 'key-part'
  | 'key-plus'
  | 'misspelt'
  | 'empty'

/** A response that shows whether a key grades as it should. */
export interface Probe {
  readonly kind: ProbeKind
  readonly response: Response
  /** Share of the points that it must earn, in `[0, 1]`. */
  readonly share: number
}

/**
 * The responses that prove an item's key: the key itself and everything that counts as the same, each
 * wrong option, one key missing, one option too many, another spelling, and nothing at all. In a fixed
 * order, without duplicates; empty for an item without a key. Options: O(n) probes for n options.
 */
export function probesOf(item: KeptItem): Probe[] {
  if (!hasKey(item)) return []
  const responses = candidates(item)
  const seen = new Set<string>()
  return responses
    .filter(([, response]) => {
      const id = JSON.stringify(response)
      return seen.has(id) ? false : Boolean(seen.add(id))
    })
    .map(([kind, response]) => ({ kind, response, share: shareEarned(item, response) }))
}

type Candidate = readonly [ProbeKind, Response]

function candidates(item: KeptItem): Candidate[] {
  switch (item.kind) {
    case 'single':
    case 'multiple':
      return choiceCandidates(item)
    case 'truefalse':
      return [
        ['key', { kind: 'truth', value: item.key[0] ?? true }],
        ['wrong-option', { kind: 'truth', value: !item.key[0] }],
        ['empty', { kind: 'truth', value: null }],
      ]
    case 'short':
      return textCandidates(item)
  }
}

function choiceCandidates(item: ChoiceItem): Candidate[] {
  const ids = item.options.map((option) => option.id)
  const wrong = ids.filter((id) => !item.key.includes(id))
  const choose = (kind: ProbeKind, chosen: readonly string[]): Candidate => [
    kind,
    { kind: 'choice', chosen: ids.filter((id) => chosen.includes(id)) },
  ]
  const found: Candidate[] = [choose('key', item.key), ...wrong.map((id) => choose('wrong-option', [id]))]
  if (item.kind === 'multiple') {
    if (item.key.length > 1)
      found.push(
        ...item.key.map((id) =>
          choose(
            'key-part',
            item.key.filter((other) => other !== id),
          ),
        ),
      )
    found.push(...wrong.map((id) => choose('key-plus', [...item.key, id])))
    if (wrong.length > 1) found.push(choose('key-plus', ids))
  }
  return [...found, choose('empty', [])]
}

function textCandidates(item: ShortItem): Candidate[] {
  const type = (kind: ProbeKind, text: string): Candidate => [kind, { kind: 'text', text }]
  const [first = '', ...others] = item.key
  const found: Candidate[] = [type('key', first), ...others.map((text) => type('accepted', text))]
  const swapped = swapCase(first)
  if (swapped !== first) found.push(type('letter-case', swapped))
  const bare = comparableText(first, { letterCase: 'respect', accents: 'ignore' })
  if (bare !== comparableText(first, { letterCase: 'respect', accents: 'respect' })) found.push(type('accents', bare))
  found.push(type('blanks', `  ${first.replaceAll(' ', '  ')} `))
  const misspelt = misspell(item)
  if (misspelt !== null) found.push(type('misspelt', misspelt))
  return [...found, type('empty', '')]
}

function swapCase(text: string): string {
  return text === text.toUpperCase() ? text.toLowerCase() : text.toUpperCase()
}

/** The first accepted answer with its last letter doubled, or with a letter more, that no rule takes as the same. */
function misspell(item: ShortItem): string | null {
  const first = (item.key[0] ?? '').trim()
  const wrong = [`${first}${first.slice(-1)}`, `${first}x`, `x${first}`]
  return wrong.find((text) => !item.key.some((accepted) => isSameText(accepted, text, item.rules))) ?? null
}
