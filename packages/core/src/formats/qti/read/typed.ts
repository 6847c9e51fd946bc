import { textOf, type ElementNode } from '../../../content/elements.ts'
import { DEFAULT_TEXT_RULES, type Item, type NumericKey, type TextRules } from '../../../item/model.ts'
import { child, children, descendants, elementsOf } from '../../xml/xml.ts'
import { mapEntries, type Reading } from '../read-item.ts'

/** A typed answer: text, or a number where the declaration says so. */
export function typedItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const baseType = declaration?.attributes['baseType']
  if (!declaration) return 'The interaction has no response declaration.'
  if (baseType === 'float' || baseType === 'integer') return numericItem(reading, declaration)
  if (baseType !== 'string') return `A typed answer of type ${baseType ?? 'unknown'} is not held.`
  const { key, rules } = acceptedTexts(declaration)
  const name = declaration.attributes['identifier'] ?? ''
  const points = key[0] === undefined ? 1 : reading.score(new Map([[name, key.slice(0, 1)]]))
  return { ...reading.common, kind: 'short', points, key, rules }
}

/** @internal The correct response and everything else that is mapped to as much. */
export function acceptedTexts(declaration: ElementNode): { readonly key: string[]; readonly rules: TextRules } {
  const correct = child(declaration, 'correctResponse')
  const first = correct ? children(correct, 'value').map((one) => textOf(one).trim()) : []
  const entries = mapEntries(declaration)
  const best = Math.max(0, ...entries.map(([, share]) => share))
  const mapped = entries.flatMap(([text, share]) => (best > 0 && share > best - 1e-9 ? [text] : []))
  const own = descendants(declaration, 'mapEntry')
  const sensitive = own.length === 0 || own.some((entry) => entry.attributes['caseSensitive'] !== 'false')
  return {
    key: [...new Set([...first, ...mapped])],
    rules: { ...DEFAULT_TEXT_RULES, letterCase: sensitive ? 'respect' : 'ignore' },
  }
}

/** Bands as the response processing compares them; without such rules the correct response alone counts. */
function numericItem({ root, body, common, score }: Reading, declaration: ElementNode): Item {
  const name = declaration.attributes['identifier'] ?? ''
  const bands = bandsOf(root, name)
  const correct = child(declaration, 'correctResponse')
  const exact = correct ? children(correct, 'value').map((one) => Number(textOf(one).trim())) : []
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

function bandsOf(root: ElementNode, name: string): Band[] {
  const branches = [...descendants(root, 'responseIf'), ...descendants(root, 'responseElseIf')]
  return branches.flatMap((branch): Band[] => {
    const [test, ...rules] = elementsOf(branch)
    const band = test && (equalBand(test, name) ?? rangeBand(test, name))
    if (!band || band === null) return []
    const set = rules.find((rule) => rule.name === 'setOutcomeValue' && rule.attributes['identifier'] === 'SCORE')
    const earned = set && child(set, 'baseValue')
    const earns = earned ? Number(textOf(earned).trim()) : null
    return earns === 0 ? [] : [{ band, earns }]
  })
}

function equalBand(test: ElementNode, name: string): NumericKey | null {
  if (test.name !== 'equal' || !comparesVariable(test, name)) return null
  const base = child(test, 'baseValue')
  const correct = child(test, 'correct')
  const value = base ? Number(textOf(base).trim()) : NaN
  if (correct || Number.isNaN(value)) return null
  const [tolerance = 0] = (test.attributes['tolerance'] ?? '0').split(/\s+/).map(Number)
  const mode = test.attributes['toleranceMode']
  return {
    value,
    tolerance:
      mode === 'relative'
        ? Number((Math.abs(value) * (tolerance / 100)).toPrecision(12))
        : mode === 'absolute'
          ? tolerance
          : 0,
  }
}

function rangeBand(test: ElementNode, name: string): NumericKey | null {
  if (test.name !== 'and') return null
  const bound = (which: string): number => {
    const compared = children(test, which)[0]
    const base = compared && comparesVariable(compared, name) ? child(compared, 'baseValue') : undefined
    return base ? Number(textOf(base).trim()) : NaN
  }
  const [min, max] = [bound('gte'), bound('lte')]
  return Number.isNaN(min) || Number.isNaN(max) ? null : { min, max }
}

function comparesVariable(test: ElementNode, name: string): boolean {
  return elementsOf(test)[0]?.name === 'variable' && elementsOf(test)[0]?.attributes['identifier'] === name
}
