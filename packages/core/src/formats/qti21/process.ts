import { textOf, type ElementNode } from '../../content/elements.ts'
import { child, children, elementsOf } from '../xml/xml.ts'
import { MAP_RESPONSE, MATCH_CORRECT } from './names.ts'

/** A value of a QTI variable: a container is a list, NULL is null. Identifiers and strings are kept as text. */
export type QtiValue = readonly (string | number | boolean)[] | null

/**
 * Runs the response processing that an item file holds (QTI 2.1 Information Model, sections 8 and 9), for the
 * expressions that single-response items use. Anything else is an error, never a guess.
 *
 * @returns the value of SCORE.
 * @throws RangeError naming the rule or expression that is not known.
 */
export function processResponse(item: ElementNode, responses: ReadonlyMap<string, QtiValue>): number {
  const run = new Processing(item, responses)
  run.run()
  return run.score()
}

class Processing {
  readonly #item: ElementNode
  readonly #responses: ReadonlyMap<string, QtiValue>
  readonly #outcomes = new Map<string, QtiValue>()

  constructor(item: ElementNode, responses: ReadonlyMap<string, QtiValue>) {
    this.#item = item
    this.#responses = responses
    for (const declaration of children(item, 'outcomeDeclaration')) {
      const initial = child(declaration, 'defaultValue')
      const values = initial
        ? children(initial, 'value').map((one) => this.#typed(textOf(one).trim(), declaration.attributes['baseType']))
        : null
      this.#outcomes.set(declaration.attributes['identifier'] ?? '', values)
    }
  }

  run(): void {
    const processing = child(this.#item, 'responseProcessing')
    if (!processing) return
    const template = processing.attributes['template']
    const rules = elementsOf(processing)
    if (template && !rules.length) this.#outcomes.set('SCORE', this.#template(template))
    else for (const rule of rules) this.#rule(rule)
  }

  score(): number {
    return Number(this.#outcomes.get('SCORE')?.[0] ?? 0)
  }

  /** Appendix B: the standard response processing templates. */
  #template(uri: string): QtiValue {
    if (uri.replace(/\.xml$/, '') === MATCH_CORRECT)
      return [Number(sameValue(this.#variable('RESPONSE'), this.#correct('RESPONSE'), this.#isOrdered('RESPONSE')))]
    if (uri.replace(/\.xml$/, '') === MAP_RESPONSE)
      return this.#variable('RESPONSE') === null ? [0] : this.#map('RESPONSE')
    throw new RangeError(`The response processing template ${uri} is not known.`)
  }

  #rule(rule: ElementNode): void {
    if (rule.name === 'setOutcomeValue') {
      const [expression] = elementsOf(rule)
      if (expression) this.#outcomes.set(rule.attributes['identifier'] ?? '', this.#value(expression))
    } else if (rule.name === 'responseCondition') this.#condition(rule)
    else throw new RangeError(`The rule ${rule.name} is not known.`)
  }

  #condition(rule: ElementNode): void {
    for (const branch of elementsOf(rule)) {
      const [test, ...rules] = elementsOf(branch)
      if (branch.name === 'responseElse') return elementsOf(branch).forEach((one) => this.#rule(one))
      if (test && this.#value(test)?.[0] === true) return rules.forEach((one) => this.#rule(one))
    }
  }

  #value(node: ElementNode): QtiValue {
    const name = node.attributes['identifier'] ?? ''
    const operands = (): QtiValue[] => elementsOf(node).map((one) => this.#value(one))
    switch (node.name) {
      case 'variable':
        return this.#variable(name)
      case 'correct':
        return this.#correct(name)
      case 'mapResponse':
        return this.#map(name)
      case 'baseValue':
        return [this.#typed(textOf(node).trim(), node.attributes['baseType'])]
      case 'isNull':
        return [operands()[0] === null]
      case 'not':
        return [operands()[0]?.[0] !== true]
      case 'and':
        return [operands().every((one) => one?.[0] === true)]
      case 'or':
        return [operands().some((one) => one?.[0] === true)]
      case 'match': {
        const [a = null, b = null] = operands()
        return a === null || b === null ? null : [sameValue(a, b, false)]
      }
      case 'sum':
        return [operands().reduce((total, one) => total + Number(one?.[0] ?? 0), 0)]
      default:
        throw new RangeError(`The expression ${node.name} is not known.`)
    }
  }

  #declaration(name: string): ElementNode | undefined {
    return children(this.#item, 'responseDeclaration').find((one) => one.attributes['identifier'] === name)
  }

  #isOrdered(name: string): boolean {
    return this.#declaration(name)?.attributes['cardinality'] === 'ordered'
  }

  #variable(name: string): QtiValue {
    if (this.#outcomes.has(name)) return this.#outcomes.get(name) ?? null
    const given = this.#responses.get(name) ?? null
    return given && given.length > 0 && given[0] !== '' ? given : null
  }

  #correct(name: string): QtiValue {
    const declaration = this.#declaration(name)
    const correct = declaration && child(declaration, 'correctResponse')
    const values = correct
      ? children(correct, 'value').map((one) => this.#typed(textOf(one).trim(), declaration.attributes['baseType']))
      : []
    return values.length ? values : null
  }

  /** Section 6.6: the sum of what each value of the response is mapped to, held within the bounds. */
  #map(name: string): QtiValue {
    const declaration = this.#declaration(name)
    const mapping = declaration && child(declaration, 'mapping')
    if (!mapping) throw new RangeError(`${name} has no mapping.`)
    const fallback = Number(mapping.attributes['defaultValue'] ?? 0)
    const entries = children(mapping, 'mapEntry')
    const found = new Set(this.#variable(name) ?? [])
    let sum = 0
    for (const one of found) {
      const entry = entries.find((candidate) => sameKey(candidate, String(one)))
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

function sameKey(entry: ElementNode, given: string): boolean {
  const key = entry.attributes['mapKey'] ?? ''
  return entry.attributes['caseSensitive'] === 'false' ? key.toLowerCase() === given.toLowerCase() : key === given
}

/** `match` on containers: multiple as bags, ordered in order. */
function sameValue(a: QtiValue, b: QtiValue, ordered: boolean): boolean {
  if (a === null || b === null || a.length !== b.length) return false
  const [left, right] = ordered ? [a.map(String), b.map(String)] : [a.map(String).sort(), b.map(String).sort()]
  return left.every((one, index) => one === right[index])
}
