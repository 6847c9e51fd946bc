import { textOf } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import { child, children, elementsOf } from '../xml/xml.ts'

/** A value of a QTI variable: a container is a list, NULL is null. Identifiers, pairs and strings are kept as text. */
export type QtiValue = readonly (string | number | boolean)[] | null

/**
 * Runs the response processing that an item file holds (QTI 2.1 Information Model, sections 8 and 9; the names of 3.0
 * in the words of 2.x). An expression that is not known is an error, never a guess.
 *
 * @returns the value of SCORE.
 * @throws RangeError naming the rule, expression or template that is not known.
 */
export function processResponse(item: ElementNode, responses: ReadonlyMap<string, QtiValue>): number {
  const run = new Processing(item, responses)
  run.run()
  return run.score()
}

/** The same, with every outcome variable that the item ends with. @throws RangeError as `processResponse` does. */
export function outcomesOf(item: ElementNode, responses: ReadonlyMap<string, QtiValue>): ReadonlyMap<string, QtiValue> {
  const run = new Processing(item, responses)
  run.run()
  return run.outcomes()
}

class Processing {
  readonly #item: ElementNode
  readonly #responses: ReadonlyMap<string, QtiValue>
  readonly #outcomes = new Map<string, QtiValue>()
  #stopped = false

  constructor(item: ElementNode, responses: ReadonlyMap<string, QtiValue>) {
    this.#item = item
    this.#responses = responses
    for (const declaration of children(item, 'outcomeDeclaration')) {
      const initial = child(declaration, 'defaultValue')
      const { identifier = '', baseType, cardinality } = declaration.attributes
      // A number that has no default begins at 0, anything else at NULL (outcomeDeclaration; from memory).
      const none = cardinality === 'single' && /^(?:float|integer)$/.test(baseType ?? '') ? [0] : null
      this.#outcomes.set(identifier, initial ? this.#valuesOf(initial, baseType) : none)
    }
  }

  run(): void {
    const processing = child(this.#item, 'responseProcessing')
    if (!processing) return
    const template = processing.attributes['template']
    const rules = elementsOf(processing)
    if (template && !rules.length) this.#outcomes.set('SCORE', this.#template(template))
    else this.#rules(rules)
  }

  outcomes(): ReadonlyMap<string, QtiValue> {
    return this.#outcomes
  }

  score(): number {
    return Number(this.#outcomes.get('SCORE')?.[0] ?? 0)
  }

  /** Appendix B: the standard response processing templates, whichever version's address names them. */
  #template(uri: string): QtiValue {
    const name = /([a-z_]+?)(?:\.xml)?$/.exec(uri)?.[1]
    if (name === 'match_correct')
      return [Number(this.#matches(this.#variable('RESPONSE'), this.#correct('RESPONSE'), 'RESPONSE'))]
    if (name === 'map_response') return this.#variable('RESPONSE') === null ? [0] : this.#map('RESPONSE')
    throw new RangeError(`The response processing template ${uri} is not known.`)
  }

  #rules(rules: readonly ElementNode[]): void {
    for (const rule of rules) {
      if (this.#stopped) return
      this.#rule(rule)
    }
  }

  #rule(rule: ElementNode): void {
    switch (rule.name) {
      case 'setOutcomeValue': {
        const [expression] = elementsOf(rule)
        if (expression) this.#outcomes.set(rule.attributes['identifier'] ?? '', this.#value(expression))
        return
      }
      case 'responseCondition':
        return this.#condition(rule)
      case 'responseProcessingFragment':
        return this.#rules(elementsOf(rule))
      case 'exitResponse':
        this.#stopped = true
        return
      default:
        throw new RangeError(`The rule ${rule.name} is not known.`)
    }
  }

  #condition(rule: ElementNode): void {
    for (const branch of elementsOf(rule)) {
      if (branch.name === 'responseElse') return this.#rules(elementsOf(branch))
      const [test, ...rules] = elementsOf(branch)
      if (test && this.#value(test)?.[0] === true) return this.#rules(rules)
    }
  }

  #value(node: ElementNode): QtiValue {
    const name = node.attributes['identifier'] ?? ''
    switch (node.name) {
      case 'variable':
        return this.#variable(name)
      case 'correct':
        return this.#correct(name)
      case 'default':
        return this.#default(name)
      case 'mapResponse':
        return this.#map(name)
      case 'baseValue':
        return [this.#typed(textOf(node).trim(), node.attributes['baseType'])]
      case 'null':
        return null
      default:
        return this.#computed(
          node,
          elementsOf(node).map((one) => this.#value(one)),
        )
    }
  }

  // eslint-disable-next-line complexity -- one case for each operator
  #computed(node: ElementNode, operands: readonly QtiValue[]): QtiValue {
    const [a = null, b = null] = operands
    switch (node.name) {
      case 'isNull':
        return [a === null || a.length === 0 || a[0] === '']
      case 'not':
        return a === null ? null : [a[0] !== true]
      case 'and':
        return [operands.every((one) => one?.[0] === true)]
      case 'or':
        return [operands.some((one) => one?.[0] === true)]
      case 'anyN': {
        const count = operands.filter((one) => one?.[0] === true).length
        return [count >= Number(node.attributes['min']) && count <= Number(node.attributes['max'])]
      }
      case 'match':
        return a === null || b === null ? null : [this.#matches(a, b, node)]
      case 'member':
        return a === null || b === null ? null : [b.map(String).includes(String(a[0]))]
      case 'contains':
        return a === null || b === null ? null : [b.every((one) => a.map(String).includes(String(one)))]
      case 'index':
        return a === null ? null : valueAt(a, Number(node.attributes['n']) - 1)
      case 'multiple':
      case 'ordered':
        return operands.flatMap((one) => one ?? [])
      case 'containerSize':
        return [a?.length ?? 0]
      case 'stringMatch':
        return a === null || b === null ? null : [stringMatch(node, String(a[0]), String(b[0]))]
      case 'substring':
        return a === null || b === null ? null : [foldedBy(node, String(b[0])).includes(foldedBy(node, String(a[0])))]
      case 'patternMatch':
        return a === null ? null : [new RegExp(`^(?:${node.attributes['pattern'] ?? ''})$`, 'u').test(String(a[0]))]
      default:
        return numericResult(node, operands)
    }
  }

  #declaration(name: string): ElementNode | undefined {
    return children(this.#item, 'responseDeclaration').find((one) => one.attributes['identifier'] === name)
  }

  /** `match` compares multiple containers as bags and ordered ones in order; floats by value. */
  #matches(a: QtiValue, b: QtiValue, of: string | ElementNode): boolean {
    if (a === null || b === null || a.length !== b.length) return false
    const named =
      typeof of === 'string'
        ? of
        : (elementsOf(of).find((one) => one.name === 'variable')?.attributes['identifier'] ?? '')
    const ordered = this.#declaration(named)?.attributes['cardinality'] === 'ordered'
    const texts = (value: NonNullable<QtiValue>): string[] =>
      ordered ? value.map(String) : value.map((one) => String(one).replace(/\s+/g, ' ')).sort()
    const [left, right] = [texts(a), texts(b)]
    return left.every((one, index) => one === right[index])
  }

  #variable(name: string): QtiValue {
    if (this.#outcomes.has(name)) return this.#outcomes.get(name) ?? null
    const given = this.#responses.get(name) ?? null
    return given && given.length > 0 && given[0] !== '' ? given : null
  }

  #correct(name: string): QtiValue {
    const declaration = this.#declaration(name)
    const correct = declaration && child(declaration, 'correctResponse')
    return correct ? this.#valuesOf(correct, declaration.attributes['baseType']) : null
  }

  #default(name: string): QtiValue {
    const declaration = [
      ...children(this.#item, 'responseDeclaration'),
      ...children(this.#item, 'outcomeDeclaration'),
    ].find((one) => one.attributes['identifier'] === name)
    const initial = declaration && child(declaration, 'defaultValue')
    return initial ? this.#valuesOf(initial, declaration.attributes['baseType']) : null
  }

  #valuesOf(node: ElementNode, baseType: string | undefined): QtiValue {
    const values = children(node, 'value').map((one) => this.#typed(textOf(one).trim(), baseType))
    return values.length ? values : null
  }

  /** Section 6.6: the sum of what each value of the response is mapped to, held within the bounds. */
  #map(name: string): QtiValue {
    const declaration = this.#declaration(name)
    const mapping = declaration && child(declaration, 'mapping')
    if (!mapping) throw new RangeError(`${name} has no mapping.`)
    const fallback = Number(mapping.attributes['defaultValue'] ?? 0)
    const entries = children(mapping, 'mapEntry')
    const pairs = /pair/i.test(declaration.attributes['baseType'] ?? '')
    const folded = (text: string): string => (pairs ? text.replace(/\s+/g, ' ') : text)
    const found = new Set((this.#variable(name) ?? []).map((one) => folded(String(one))))
    let sum = 0
    for (const one of found) {
      const entry = entries.find((candidate) => sameKey(candidate, one, folded))
      sum += entry ? Number(entry.attributes['mappedValue']) : fallback
    }
    const lower = Number(mapping.attributes['lowerBound'] ?? -Infinity)
    const upper = Number(mapping.attributes['upperBound'] ?? Infinity)
    return [Math.min(upper, Math.max(lower, sum))]
  }

  #typed(text: string, baseType: string | undefined): string | number | boolean {
    if (baseType === 'float' || baseType === 'integer') return Number(text)
    if (baseType === 'boolean') return text === 'true'
    return text
  }
}

/** Arithmetic and comparison of numbers; NULL in, NULL out. */
function numericResult(node: ElementNode, operands: readonly QtiValue[]): QtiValue {
  if (operands.some((one) => one === null)) return null
  const numbers = operands.flatMap((one) => one ?? []).map(Number)
  const [a = NaN, b = NaN] = numbers
  switch (node.name) {
    case 'sum':
      return [numbers.reduce((sum, one) => sum + one, 0)]
    case 'product':
      return [numbers.reduce((product, one) => product * one, 1)]
    case 'subtract':
      return [a - b]
    case 'divide':
      return b === 0 ? null : [a / b]
    case 'max':
      return [Math.max(...numbers)]
    case 'min':
      return [Math.min(...numbers)]
    case 'gt':
      return [a > b]
    case 'gte':
      return [a >= b - slack(b)]
    case 'lt':
      return [a < b]
    case 'lte':
      return [a <= b + slack(b)]
    case 'equal':
      return [isEqual(node, a, b)]
    case 'equalRounded': {
      const figures = Number(node.attributes['figures'])
      const significant = (node.attributes['roundingMode'] ?? 'significantFigures') === 'significantFigures'
      const rounded = (value: number): string => (significant ? value.toPrecision(figures) : value.toFixed(figures))
      return [rounded(a) === rounded(b)]
    }
    default:
      throw new RangeError(`The expression ${node.name} is not known.`)
  }
}

/** Section 9, `equal`: exact, absolute or relative tolerance, one figure for both sides or one each. */
function isEqual(node: ElementNode, a: number, b: number): boolean {
  const mode = node.attributes['toleranceMode'] ?? 'exact'
  if (mode === 'exact') return a === b
  const [below = 0, above = below] = (node.attributes['tolerance'] ?? '0').split(/\s+/).map(Number)
  const low = mode === 'relative' ? b * (1 - below / 100) : b - below
  const high = mode === 'relative' ? b * (1 + above / 100) : b + above
  const [least, most] = low <= high ? [low, high] : [high, low]
  const withLow = node.attributes['includeLowerBound'] !== 'false' ? a >= least - slack(least) : a > least
  return withLow && (node.attributes['includeUpperBound'] !== 'false' ? a <= most + slack(most) : a < most)
}

/** Binary floats: 0.1 + 0.2 lies at a bound of 0.3. */
function slack(value: number): number {
  return Math.abs(value) * 1e-12
}

function valueAt(values: NonNullable<QtiValue>, index: number): QtiValue {
  const one = values[index]
  return one === undefined ? null : [one]
}

function foldedBy(node: ElementNode, text: string): string {
  return node.attributes['caseSensitive'] === 'false' ? text.toLowerCase() : text
}

function stringMatch(node: ElementNode, a: string, b: string): boolean {
  const [left, right] = [foldedBy(node, a), foldedBy(node, b)]
  return node.attributes['substring'] === 'true' ? left.includes(right) : left === right
}

function sameKey(entry: ElementNode, given: string, folded: (text: string) => string): boolean {
  const key = folded(entry.attributes['mapKey'] ?? '')
  return entry.attributes['caseSensitive'] === 'false' ? key.toLowerCase() === given.toLowerCase() : key === given
}
