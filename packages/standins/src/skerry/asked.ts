import { Problem } from '../shared/problem.ts'

export const KINDS = ['single', 'multiple', 'truefalse', 'short', 'numeric', 'cloze', 'match', 'order'] as const
export type Kind = (typeof KINDS)[number]

/** What a request asks for, as far as the service understands it. */
export type Asked =
  | {
      readonly what: 'items'
      readonly counts: readonly (readonly [Kind, number])[]
      readonly source: string
      /** Words of what is to be asked about, where a request says. */
      readonly wishes: string
      /** Text of questions that are not to be asked again. */
      readonly known: string
    }
  | { readonly what: 'reading'; readonly topic: string; readonly words: number }
  | { readonly what: 'variant'; readonly how: 'easier' | 'harder'; readonly item: string }

const NAMES: readonly (readonly [RegExp, Kind])[] = [
  [/single|multiple.choice/i, 'single'],
  [/multiple/i, 'multiple'],
  [/true/i, 'truefalse'],
  [/short/i, 'short'],
  [/numeric|number/i, 'numeric'],
  [/cloze|gap/i, 'cloze'],
  [/match/i, 'match'],
  [/order/i, 'order'],
]
const ENGLISH = /^\W*english\W*$/i

/** Understands a request in plain words. @throws Problem where it does not. */
export function understand(request: string): Asked {
  const language = /^(?:Write them in|Write it in|Translate this question into) (.+?)\.?$/m.exec(request)?.[1]
  if (language !== undefined && !ENGLISH.test(language))
    throw new Problem(`I write English only, not ${language}.`, 422)
  const reading = /^Write a reading of about (\d+) words on: (.+)$/m.exec(request)
  if (reading) return { what: 'reading', words: Number(reading[1]), topic: reading[2] ?? '' }
  const [, how, item] =
    /^(Make this question (?:easier|harder)|Say this question for other readers|Translate)[\s\S]*?\nThe question:\n\n([\s\S]+)$/.exec(
      request,
    ) ?? []
  if (how !== undefined && item !== undefined)
    return { what: 'variant', how: how.includes('harder') ? 'harder' : 'easier', item }
  const counts = [...request.matchAll(/^- (\d+) × (.+)$/gm)].flatMap(([, count, name = '']) => {
    const kind = NAMES.find(([pattern]) => pattern.test(name))?.[1]
    return kind ? [[kind, Number(count)] as const] : []
  })
  const [, source] = /\nThe text:\n\n([\s\S]+)$/.exec(request) ?? []
  if (!counts.length || source === undefined) throw new Problem('I do not understand what is wanted.', 422)
  return {
    what: 'items',
    counts,
    source,
    wishes: [...request.matchAll(/^(?:Besides: |They are to find out whether students can: )(.+)$/gm)]
      .map(([, wish]) => wish)
      .join(' '),
    known: (/\n(?:In place of these|Asked already)[^\n]*\n\n([\s\S]*?)\n\nThe text:/.exec(request)?.[1] ?? '').trim(),
  }
}
