import type { Element } from '@xmldom/xmldom'
import { attribute, childElements, ImportError, named, trimmed } from './dom.ts'

/** NULL, or the values of a container; a single value is a container of one. */
export type Value = null | readonly (string | number | boolean)[]

const TEMPLATE_BASE =
  /^https?:\/\/(?:www\.imsglobal\.org\/question\/qti_v2p[12]|purl\.imsglobal\.org\/spec\/qti\/v3p0)\/rptemplates\//

const COMPARE = {
  gte: (a: number, b: number): boolean => a >= b,
  lte: (a: number, b: number): boolean => a <= b,
  gt: (a: number, b: number): boolean => a > b,
  lt: (a: number, b: number): boolean => a < b,
}

/** Interprets the response processing of one item of QTI 2.1: what a given response scores. */
export class Interpreter {
  readonly #item: Element
  readonly #declared: ReadonlyMap<string, Element>
  readonly #variables = new Map<string, Value>()

  constructor(item: Element, responses: Readonly<Record<string, readonly string[]>>) {
    this.#item = item
    this.#declared = new Map(
      named(item, 'responseDeclaration').map((declaration) => [
        attribute(declaration, 'identifier') ?? '',
        declaration,
      ]),
    )
    for (const name of this.#declared.keys()) {
      const given = (responses[name] ?? []).map((one) => one.replace(/\s+/g, ' ').trim()).filter((one) => one !== '')
      this.#variables.set(name, given.length ? given.map((one) => this.#cast(one, this.#baseType(name))) : null)
    }
    for (const outcome of named(item, 'outcomeDeclaration')) {
      const start = named(outcome, 'defaultValue')[0]
      const type = attribute(outcome, 'baseType')
      this.#variables.set(
        attribute(outcome, 'identifier') ?? '',
        start ? named(start, 'value').map((one) => this.#cast(trimmed(one), type)) : null,
      )
    }
  }

  /** @throws ImportError where the item uses a rule or an expression that is not supported here. */
  score(): number {
    const processing = named(this.#item, 'responseProcessing')[0]
    if (!processing) return 0
    const rules = childElements(processing)
    const template = attribute(processing, 'template')
    if (rules.length === 0 && template) this.#byTemplate(template)
    else rules.forEach((rule) => this.#apply(rule))
    return Number(this.#variables.get('SCORE')?.[0] ?? 0)
  }

  #byTemplate(uri: string): void {
    const name = uri.replace(TEMPLATE_BASE, '').replace(/\.xml$/, '')
    if (name === 'match_correct')
      this.#variables.set('SCORE', [
        this.#equal(this.#variables.get('RESPONSE') ?? null, this.#correctOf('RESPONSE'), this.#isOrdered('RESPONSE'))
          ? 1
          : 0,
      ])
    else if (name === 'map_response') this.#variables.set('SCORE', [this.#mapped('RESPONSE')])
    else throw new ImportError(`the template ${uri} is not supported`)
  }

  #apply(rule: Element): void {
    switch (rule.localName) {
      case 'setOutcomeValue': {
        const expression = childElements(rule)[0]
        this.#variables.set(attribute(rule, 'identifier') ?? '', expression ? this.#evaluate(expression) : null)
        return
      }
      case 'responseCondition':
        return this.#applyCondition(rule)
      default:
        throw new ImportError(`the rule ${rule.localName ?? ''} is not supported`)
    }
  }

  #applyCondition(rule: Element): void {
    const taken = childElements(rule).find((branch) => {
      if (branch.localName === 'responseElse') return true
      const test = childElements(branch)[0]
      return test !== undefined && this.#isTrue(this.#evaluate(test))
    })
    if (!taken) return
    const rules = childElements(taken)
    for (const inner of taken.localName === 'responseElse' ? rules : rules.slice(1)) this.#apply(inner)
  }

  // eslint-disable-next-line max-lines-per-function, complexity -- one case for each operator
  #evaluate(expression: Element): Value {
    const name = attribute(expression, 'identifier') ?? ''
    const parts = childElements(expression)
    switch (expression.localName) {
      case 'variable':
        return this.#variables.get(name) ?? null
      case 'correct':
        return this.#correctOf(name)
      case 'mapResponse':
        return [this.#mapped(name)]
      case 'baseValue':
        return [this.#cast(trimmed(expression), attribute(expression, 'baseType'))]
      case 'isNull':
        return [parts[0] ? this.#evaluate(parts[0]) === null : true]
      case 'not':
        return [!(parts[0] && this.#isTrue(this.#evaluate(parts[0])))]
      case 'and':
        return [parts.every((part) => this.#isTrue(this.#evaluate(part)))]
      case 'or':
        return [parts.some((part) => this.#isTrue(this.#evaluate(part)))]
      case 'match': {
        const [a, b] = parts.map((part) => this.#evaluate(part))
        return [
          this.#equal(
            a ?? null,
            b ?? null,
            parts.some((part) => this.#isOrdered(attribute(part, 'identifier'))),
          ),
        ]
      }
      case 'equal':
        return [this.#isNear(expression, this.#numbers(parts))]
      case 'gte':
      case 'lte':
      case 'gt':
      case 'lt':
        return [COMPARE[expression.localName](...this.#numbers(parts))]
      case 'patternMatch':
        return [
          this.#fits(attribute(expression, 'pattern') ?? '', parts[0] ? this.#evaluate(parts[0])?.[0] : undefined),
        ]
      case 'sum':
        return [parts.map((part) => Number(this.#evaluate(part)?.[0] ?? 0)).reduce((total, one) => total + one, 0)]
      default:
        throw new ImportError(`the expression ${expression.localName ?? ''} is not supported`)
    }
  }

  /** The whole text fits the pattern (section 15.2); capital and small letters count as the same on this site. */
  #fits(pattern: string, value: string | number | boolean | undefined): boolean {
    if (value === undefined) return false
    try {
      return new RegExp(`^(?:${pattern})$`, 'iu').test(String(value))
    } catch {
      throw new ImportError(`the pattern ${pattern} is not understood`)
    }
  }

  #isTrue(value: Value): boolean {
    return value?.[0] === true
  }

  /** Two numbers; what is NULL is none, and compares with nothing. */
  #numbers(parts: readonly Element[]): [number, number] {
    const [a, b] = parts.map((part) => this.#evaluate(part)?.[0])
    return [a === undefined ? NaN : Number(a), b === undefined ? NaN : Number(b)]
  }

  /** `equal` with its tolerance of one or two figures, in percent where it is relative (section 15.3). */
  #isNear(expression: Element, [a, b]: readonly [number, number]): boolean {
    const mode = attribute(expression, 'toleranceMode') ?? 'exact'
    if (mode === 'exact') return a === b
    const [below = 0, above = below] = (attribute(expression, 'tolerance') ?? '').split(/\s+/).map(Number)
    const unit = mode === 'relative' ? Math.abs(a) / 100 : 1
    const [from, to] = [a - below * unit, a + above * unit]
    const takesLow = attribute(expression, 'includeLowerBound') !== 'false'
    const takesHigh = attribute(expression, 'includeUpperBound') !== 'false'
    return (takesLow ? b >= from : b > from) && (takesHigh ? b <= to : b < to)
  }

  #isOrdered(name: string | null): boolean {
    const declaration = this.#declared.get(name ?? '')
    return declaration !== undefined && attribute(declaration, 'cardinality') === 'ordered'
  }

  /** Containers of cardinality multiple have no order. */
  #equal(a: Value, b: Value, isOrdered: boolean): boolean {
    if (!a || !b || a.length !== b.length) return false
    if (isOrdered) return a.every((one, at) => one === b[at])
    const rest = [...b]
    return a.every((one) => {
      const at = rest.indexOf(one)
      if (at >= 0) rest.splice(at, 1)
      return at >= 0
    })
  }

  #baseType(name: string): string | null {
    const declaration = this.#declared.get(name)
    return declaration ? attribute(declaration, 'baseType') : null
  }

  #correctOf(name: string): Value {
    const declaration = this.#declared.get(name)
    const correct = declaration && named(declaration, 'correctResponse')[0]
    const values = correct ? named(correct, 'value').map((one) => this.#cast(trimmed(one), this.#baseType(name))) : []
    return values.length ? values : null
  }

  #mapped(name: string): number {
    const declaration = this.#declared.get(name)
    const mapping = declaration && named(declaration, 'mapping')[0]
    if (!mapping) throw new ImportError(`${name} has no mapping`)
    const response = this.#variables.get(name)
    const total = [...new Set(response ?? [])].reduce<number>(
      (sum, one) => sum + this.#mappedValue(mapping, String(one)),
      0,
    )
    const low = attribute(mapping, 'lowerBound')
    const high = attribute(mapping, 'upperBound')
    return Math.min(high === null ? total : Number(high), Math.max(low === null ? total : Number(low), total))
  }

  #mappedValue(mapping: Element, given: string): number {
    for (const entry of named(mapping, 'mapEntry')) {
      const key = attribute(entry, 'mapKey') ?? ''
      const exact = attribute(entry, 'caseSensitive') !== 'false'
      if (exact ? key === given : key.toLocaleLowerCase('en') === given.toLocaleLowerCase('en'))
        return Number(attribute(entry, 'mappedValue') ?? 0)
    }
    return Number(attribute(mapping, 'defaultValue') ?? 0)
  }

  #cast(text: string, type: string | null): string | number | boolean {
    if (type === 'float' || type === 'integer') return Number(text)
    return type === 'boolean' ? text === 'true' : text
  }
}
