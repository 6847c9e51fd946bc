import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { DEFAULT_TEXT_RULES, type Item, type NumericKey, type TextRules } from '../../../item/model.ts'
import { child, children, descendants, elementsOf } from '../../xml/xml.ts'
import { mapEntries } from './mapping.ts'
import type { Reading } from './reading.ts'

/** A typed answer: text, or a number where the declaration says so. */
export function typedItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const baseType = declaration?.attributes['baseType']
  if (!declaration) return 'The interaction has no response declaration.'
  if (baseType === 'float' || baseType === 'integer') return numericItem(reading, declaration)
  if (baseType !== 'string') return `A typed answer of type ${baseType ?? 'unknown'} is not held.`
  const { key, rules, partial } = acceptedTexts(declaration)
  if (partial.length) reading.say(`Answers that earn only a part of the points are left out: ${partial.join('; ')}.`)
  const name = declaration.attributes['identifier'] ?? ''
  const points = key[0] === undefined ? 1 : reading.score(new Map([[name, key.slice(0, 1)]]))
  return { ...reading.common, kind: 'short', points, key, rules }
}

/** @internal The correct response and everything else that is mapped to as much. */
export function acceptedTexts(declaration: ElementNode): {
  readonly key: string[]
  readonly rules: TextRules
  /** What is mapped to less. */
  readonly partial: string[]
} {
  const correct = child(declaration, 'correctResponse')
  const first = correct ? children(correct, 'value').map((one) => textOf(one).trim()) : []
  const entries = mapEntries(declaration)
  const best = Math.max(0, ...entries.map(([, share]) => share))
  const mapped = entries.flatMap(([text, share]) => (best > 0 && share > best - 1e-9 ? [text] : []))
  const key = [...new Set([...first, ...mapped])]
  const own = descendants(declaration, 'mapEntry').filter((entry) => key.includes(entry.attributes['mapKey'] ?? ''))
  const sensitive = own.length === 0 || own.some((entry) => entry.attributes['caseSensitive'] !== 'false')
  return {
    key,
    partial: entries.flatMap(([text, share]) => (share > 0 && !key.includes(text) ? [text] : [])),
    rules: { ...DEFAULT_TEXT_RULES, letterCase: sensitive ? 'respect' : 'ignore' },
  }
}

/** Bands as the response processing compares them; without such rules the correct response alone counts. */
function numericItem({ root, body, common, score, say }: Reading, declaration: ElementNode): Item {
  const name = declaration.attributes['identifier'] ?? ''
  const correct = child(declaration, 'correctResponse')
  const exact = correct ? children(correct, 'value').map((one) => Number(textOf(one).trim())) : []
  const bands = bandsOf(root, new Comparison(name, exact, say))
  const unit = descendants(body, 'span').find((one) => one.attributes['class'] === 'unit')
  const all: Band[] = bands.length ? bands : exact.map((value) => ({ band: { value, tolerance: 0 }, earns: null }))
  const best = Math.max(0, ...all.map((one) => one.earns ?? 0)) || score(new Map([[name, exact.slice(0, 1)]]))
  return {
    ...common,
    kind: 'numeric',
    points: best,
    key: all.map(({ band, earns }) =>
      earns === null || Math.abs(earns - best) < 1e-9 ? band : { ...band, credit: Number((earns / best).toFixed(6)) },
    ),
    ...(unit && { unit: textOf(unit).trim() }),
  }
}

interface Band {
  readonly band: NumericKey
  /** Points; null where the file does not say. */
  readonly earns: number | null
}

function bandsOf(root: ElementNode, comparison: Comparison): Band[] {
  const branches = [...descendants(root, 'responseIf'), ...descendants(root, 'responseElseIf')]
  return branches.flatMap((branch): Band[] => {
    const [test, ...rules] = elementsOf(branch)
    const set = rules.find((rule) => rule.name === 'setOutcomeValue' && rule.attributes['identifier'] === 'SCORE')
    const earned = set && child(set, 'baseValue')
    const earns = earned ? Number(textOf(earned).trim()) : null
    if (!test || earns === 0) return []
    return comparison.bandsIn(test).map((band) => ({ band, earns }))
  })
}

/** The comparisons of one number with others (QTI 2.1 Information Model: equal, equalRounded, gte, lte, gt, lt). */
class Comparison {
  readonly #name: string
  readonly #correct: readonly number[]
  readonly #say: (reason: string) => void

  constructor(name: string, correct: readonly number[], say: (reason: string) => void) {
    this.#name = name
    this.#correct = correct
    this.#say = say
  }

  /** Any of them is right. */
  bandsIn(test: ElementNode): NumericKey[] {
    switch (test.name) {
      case 'or':
        return elementsOf(test).flatMap((one) => this.bandsIn(one))
      case 'and': {
        const range = this.#range(test)
        return range ? [range] : elementsOf(test).flatMap((one) => this.bandsIn(one))
      }
      case 'equal':
        return this.#equal(test)
      case 'equalRounded':
        if (this.#compares(test)) this.#say('That the number is rounded before it is compared was left out.')
        return this.#compares(test) ? this.#values(test).map((value) => ({ value, tolerance: 0 })) : []
      default:
        return []
    }
  }

  #equal(test: ElementNode): NumericKey[] {
    if (!this.#compares(test)) return []
    const mode = test.attributes['toleranceMode']
    const [below = 0, above = below] = (test.attributes['tolerance'] ?? '0').trim().split(/\s+/).map(Number)
    return this.#values(test).map((value): NumericKey => {
      if (mode !== 'relative' && mode !== 'absolute') return { value, tolerance: 0 }
      const unit = mode === 'relative' ? Math.abs(value) / 100 : 1
      const [down, up] = [rounded(below * unit), rounded(above * unit)]
      return down === up ? { value, tolerance: down } : { min: rounded(value - down), max: rounded(value + up) }
    })
  }

  #range(test: ElementNode): NumericKey | null {
    const bound = (...which: string[]): number => {
      const compared = which.flatMap((name) => children(test, name))[0]
      if (!compared || !this.#compares(compared)) return NaN
      if (compared.name.length === 2) this.#say('A bound that itself does not count was read as one that does.')
      return this.#values(compared)[0] ?? NaN
    }
    const [min, max] = [bound('gte', 'gt'), bound('lte', 'lt')]
    return Number.isNaN(min) || Number.isNaN(max) ? null : { min, max }
  }

  #compares(test: ElementNode): boolean {
    return elementsOf(test).some((one) => one.name === 'variable' && one.attributes['identifier'] === this.#name)
  }

  /** What the variable is compared with. */
  #values(test: ElementNode): readonly number[] {
    if (child(test, 'correct')) return this.#correct
    const base = child(test, 'baseValue')
    const value = base ? Number(textOf(base).trim()) : NaN
    return Number.isNaN(value) ? [] : [value]
  }
}

function rounded(value: number): number {
  return Number(value.toPrecision(12))
}
