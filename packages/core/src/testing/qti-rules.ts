import type { ElementNode, MarkupNode } from '../content/markup.ts'

/**
 * What the text of the QTI 2.1 Information Model asks of an item and no schema can say: which response each interaction
 * may be bound to (section 7), what a response may declare as correct (section 6), and on what an expression may work
 * (section 15). Set down from memory, apart from the schema beside the formats; 3.0 asks the same under other names.
 *
 * @returns one sentence for each thing that is against it.
 */
export function qtiProblems(root: ElementNode): string[] {
  const item = inNamesOf2(root)
  const all = [item, ...below(item)]
  const declared = new Map(named(all, 'responseDeclaration').map((one) => [one.attributes['identifier'] ?? '', one]))
  const outcomes = new Map(named(all, 'outcomeDeclaration').map((one) => [one.attributes['identifier'] ?? '', one]))
  return [
    ...identifierProblems(all),
    ...all.flatMap((one) => bindingProblems(one, declared)),
    ...twice(all.flatMap((one) => (BINDINGS[one.name] ? [one.attributes['responseIdentifier'] ?? ''] : []))).map(
      (id) => `two interactions are bound to ${id}`,
    ),
    ...[...declared.values()].flatMap(responseProblems),
    ...named(all, 'responseProcessing')
      .flatMap((one) => below(one))
      .flatMap((one) => ruleProblems(one, declared, outcomes)),
    ...[...outcomes.values()].flatMap(outcomeProblems),
  ]
}

interface Binding {
  readonly types: readonly string[]
  /** By how many may be chosen, where the interaction says so; else always. */
  readonly cardinality: (attributes: Readonly<Record<string, string>>) => readonly string[]
  readonly choices: string
}

const one = (): readonly string[] => ['single']
const several = (): readonly string[] => ['multiple']
const byMost =
  (name: string, usual: string) =>
  (attributes: Readonly<Record<string, string>>): readonly string[] =>
    (attributes[name] ?? usual) === '1' ? ['single', 'multiple'] : ['multiple']

/** Section 7: the base type and the cardinality of the variable that an interaction is bound to. */
const BINDINGS: Readonly<Record<string, Binding>> = {
  choiceInteraction: { types: ['identifier'], cardinality: byMost('maxChoices', '1'), choices: 'simpleChoice' },
  hottextInteraction: { types: ['identifier'], cardinality: byMost('maxChoices', '1'), choices: 'hottext' },
  hotspotInteraction: { types: ['identifier'], cardinality: byMost('maxChoices', '1'), choices: 'hotspotChoice' },
  orderInteraction: { types: ['identifier'], cardinality: () => ['ordered'], choices: 'simpleChoice' },
  inlineChoiceInteraction: { types: ['identifier'], cardinality: one, choices: 'inlineChoice' },
  matchInteraction: {
    types: ['directedPair'],
    cardinality: byMost('maxAssociations', '1'),
    choices: 'simpleAssociableChoice',
  },
  gapMatchInteraction: { types: ['directedPair'], cardinality: several, choices: 'gapText' },
  textEntryInteraction: {
    types: ['string', 'integer', 'float'],
    cardinality: () => ['single', 'record'],
    choices: '',
  },
  extendedTextInteraction: { types: ['string', 'integer', 'float'], cardinality: one, choices: '' },
  sliderInteraction: { types: ['integer', 'float'], cardinality: one, choices: '' },
  uploadInteraction: { types: ['file'], cardinality: one, choices: '' },
  endAttemptInteraction: { types: ['boolean'], cardinality: one, choices: '' },
}

function bindingProblems(interaction: ElementNode, declared: ReadonlyMap<string, ElementNode>): string[] {
  const binding = BINDINGS[interaction.name]
  if (!binding) return interaction.name.endsWith('Interaction') ? [`there is no ${interaction.name}`] : []
  const id = interaction.attributes['responseIdentifier'] ?? ''
  const response = declared.get(id)
  if (!response) return [`${interaction.name} is bound to ${id}, which is not declared`]
  const { baseType = '', cardinality = '' } = response.attributes
  const inside = below(interaction)
  const choices = new Set(
    inside.flatMap((child) => (child.name === binding.choices ? [child.attributes['identifier'] ?? ''] : [])),
  )
  const correct = valuesOf(response)
  const mapped = named(below(response), 'mapEntry').map((entry) => entry.attributes['mapKey'] ?? '')
  const pairs = sidesOf(interaction)
  return [
    ...(binding.types.includes(baseType) ? [] : [`${interaction.name} takes no ${baseType}`]),
    ...(binding.cardinality(interaction.attributes).includes(cardinality)
      ? []
      : [`${interaction.name} takes no ${cardinality} ${baseType}`]),
    ...(baseType === 'identifier'
      ? [...correct, ...mapped].filter((value) => !choices.has(value)).map((value) => `${value} is no choice of ${id}`)
      : []),
    ...(pairs
      ? [...correct, ...mapped].filter((value) => !isPair(value, pairs)).map((value) => `${value} is no pair of ${id}`)
      : []),
    ...tooMany(interaction, correct),
    ...(pairs ? overused(interaction, correct) : []),
  ]
}

/** The two sets of what can be joined: `[from, to]`. */
function sidesOf({ name, children }: ElementNode): readonly (readonly string[])[] | null {
  const ids = (nodes: readonly ElementNode[]): string[] => nodes.map((node) => node.attributes['identifier'] ?? '')
  const elements = children.filter(isElement)
  if (name === 'matchInteraction')
    return named(elements, 'simpleMatchSet').map((set) => ids(set.children.filter(isElement)))
  if (name === 'gapMatchInteraction')
    return [ids(named(elements, 'gapText')), ids(named(elements.flatMap(below), 'gap'))]
  return null
}

function isPair(value: string, [from = [], to = []]: readonly (readonly string[])[]): boolean {
  const [first = '', second = '', ...rest] = value.split(' ')
  return !rest.length && from.includes(first) && to.includes(second)
}

/** More is correct than may be chosen, or less. */
function tooMany({ name, attributes }: ElementNode, correct: readonly string[]): string[] {
  const most = Number(attributes['maxChoices'] ?? attributes['maxAssociations'] ?? 0)
  const least = Number(attributes['minChoices'] ?? attributes['minAssociations'] ?? 0)
  return [
    ...(most > 0 && correct.length > most ? [`${name} lets ${most} be chosen, and ${correct.length} are correct`] : []),
    ...(correct.length && correct.length < least
      ? [`${name} asks for ${least}, and ${correct.length} are correct`]
      : []),
    ...(most > 0 && least > most ? [`${name} asks for more than it allows`] : []),
  ]
}

/** `matchMax` 0 is as often as one likes. */
function overused(interaction: ElementNode, correct: readonly string[]): string[] {
  return below(interaction).flatMap(({ attributes: { matchMax, identifier = '' } }) => {
    const used = correct.filter((value) => value.split(' ').includes(identifier)).length
    return matchMax !== undefined && Number(matchMax) > 0 && used > Number(matchMax)
      ? [`${identifier} is joined ${used} times, and may be ${matchMax} times`]
      : []
  })
}

/** Section 6: values are of the declared type, and as many as the cardinality allows. */
function responseProblems(response: ElementNode): string[] {
  const { identifier = '', cardinality = '', baseType = '' } = response.attributes
  const correct = valuesOf(response)
  const keys = named(below(response), 'mapEntry').map((entry) => entry.attributes['mapKey'] ?? '')
  return [
    ...(cardinality === 'single' && correct.length > 1
      ? [`${identifier} is single and has ${correct.length} values`]
      : []),
    ...(cardinality === 'multiple' ? twice(correct).map((value) => `${value} is twice correct of ${identifier}`) : []),
    ...[...correct, ...keys].flatMap((value) => (isOf(value, baseType) ? [] : [`“${value}” is no ${baseType}`])),
    ...twice(keys).map((key) => `${key} is mapped twice`),
  ]
}

function outcomeProblems(outcome: ElementNode): string[] {
  const { identifier = '', cardinality, baseType = '' } = outcome.attributes
  const isScore = identifier === 'SCORE' || identifier === 'MAXSCORE'
  return [
    ...(isScore && (cardinality !== 'single' || baseType !== 'float') ? [`${identifier} is not a single float`] : []),
    ...valuesOf(outcome).flatMap((value) => (isOf(value, baseType) ? [] : [`“${value}” is no ${baseType}`])),
  ]
}

function isOf(value: string, baseType: string): boolean {
  switch (baseType) {
    case 'identifier':
      return IDENTIFIER.test(value)
    case 'float':
      return value.trim() !== '' && Number.isFinite(Number(value))
    case 'integer':
      return /^[+-]?\d+$/.test(value)
    case 'boolean':
      return value === 'true' || value === 'false'
    case 'pair':
    case 'directedPair':
      return value.split(' ').length === 2 && value.split(' ').every((part) => IDENTIFIER.test(part))
    default:
      return true
  }
}

/** Section 15: how many expressions each takes, and what they have to be. */
const OPERANDS: Readonly<Record<string, readonly [least: number, most: number]>> = {
  isNull: [1, 1],
  not: [1, 1],
  and: [1, Infinity],
  or: [1, Infinity],
  match: [2, 2],
  equal: [2, 2],
  gte: [2, 2],
  lte: [2, 2],
  gt: [2, 2],
  lt: [2, 2],
  member: [2, 2],
  contains: [2, 2],
  stringMatch: [2, 2],
  patternMatch: [1, 1],
  sum: [1, Infinity],
  product: [1, Infinity],
  subtract: [2, 2],
  divide: [2, 2],
  variable: [0, 0],
  correct: [0, 0],
  mapResponse: [0, 0],
  baseValue: [0, 0],
  setOutcomeValue: [1, 1],
  responseIf: [1, Infinity],
  responseElseIf: [1, Infinity],
}
/** Section 5: an outcome that every item has. */
const BUILT_IN = 'completionStatus'
const OF_NUMBERS = new Set(['equal', 'gte', 'lte', 'gt', 'lt', 'sum', 'product', 'subtract', 'divide'])

function ruleProblems(
  node: ElementNode,
  declared: ReadonlyMap<string, ElementNode>,
  outcomes: ReadonlyMap<string, ElementNode>,
): string[] {
  const { name, attributes } = node
  const parts = node.children.filter(isElement)
  const [least, most] = OPERANDS[name] ?? [0, Infinity]
  const id = attributes['identifier'] ?? ''
  const response = declared.get(id)
  const types = parts.map((part) => typeOf(part, declared, outcomes)).filter((type) => type !== null)
  return [
    ...(parts.length < least || parts.length > most ? [`${name} has ${parts.length} parts`] : []),
    ...(name === 'variable' && !response && !outcomes.has(id) ? [`${id} is not declared`] : []),
    ...(name === 'correct' && (!response || !valuesOf(response).length) ? [`${id} has no correct response`] : []),
    ...(name === 'mapResponse' && (!response || !named(below(response), 'mapping').length)
      ? [`${id} has no mapping`]
      : []),
    ...(name === 'setOutcomeValue' && !outcomes.has(id) && id !== BUILT_IN
      ? [`the outcome ${id} is not declared`]
      : []),
    ...(name === 'equal' && (attributes['toleranceMode'] ?? 'exact') !== 'exact' && !attributes['tolerance']
      ? ['equal has no tolerance']
      : []),
    ...(name === 'match' && new Set(types).size > 1 ? [`match compares ${types.join(' with ')}`] : []),
    ...(OF_NUMBERS.has(name) && types.some((type) => type !== 'float' && type !== 'integer')
      ? [`${name} works on ${types.join(' and ')}`]
      : []),
  ]
}

/** The base type of what an expression gives; null where it is open. */
function typeOf(
  { name, attributes }: ElementNode,
  declared: ReadonlyMap<string, ElementNode>,
  outcomes: ReadonlyMap<string, ElementNode>,
): string | null {
  const id = attributes['identifier'] ?? ''
  if (name === 'variable' || name === 'correct')
    return (declared.get(id) ?? outcomes.get(id))?.attributes['baseType'] ?? null
  if (name === 'baseValue') return attributes['baseType'] ?? null
  if (name === 'mapResponse') return 'float'
  return OF_NUMBERS.has(name) || OPERANDS[name] === undefined ? null : 'boolean'
}

const IDENTIFIER = /^[\p{L}_][\p{L}\p{N}_.-]*$/u

/** An identifier is a name, and stands once among the choices and variables of an item. */
function identifierProblems(all: readonly ElementNode[]): string[] {
  const own = all.filter(({ name }) => /Choice$|Declaration$|^gap(?:Text)?$|^hottext$/.test(name))
  const ids = own.map(({ attributes }) => attributes['identifier'] ?? '')
  const variables = own.flatMap(({ name, attributes }) =>
    name.endsWith('Declaration') ? [attributes['identifier'] ?? ''] : [],
  )
  return [
    ...ids.filter((id) => !IDENTIFIER.test(id)).map((id) => `“${id}” is no identifier`),
    ...twice(variables).map((id) => `${id} is declared twice`),
    ...all
      .filter(({ name }) => name in BINDINGS)
      .flatMap((interaction) =>
        twice(below(interaction).flatMap(({ attributes: { identifier } }) => (identifier ? [identifier] : []))).map(
          (id) => `${id} stands twice in ${interaction.name}`,
        ),
      ),
  ]
}

function valuesOf(declaration: ElementNode): string[] {
  return declaration.children
    .filter(isElement)
    .filter(({ name }) => name === 'correctResponse' || name === 'defaultValue')
    .flatMap((given) => named(given.children.filter(isElement), 'value').map(textOf))
}

function textOf(node: ElementNode): string {
  return node.children.map((child) => (isElement(child) ? textOf(child) : child.value)).join('')
}

function twice(list: readonly string[]): string[] {
  return list.filter((one, at) => list.indexOf(one) < at)
}

function named(nodes: readonly ElementNode[], name: string): ElementNode[] {
  return nodes.filter((node) => node.name === name)
}

function below(node: ElementNode): ElementNode[] {
  return node.children.filter(isElement).flatMap((child) => [child, ...below(child)])
}

function isElement(node: MarkupNode): node is ElementNode {
  return node.type === 'element'
}

/** Names of 3.0 are those of 2.1 with hyphens and a prefix. */
function inNamesOf2(node: ElementNode): ElementNode {
  const isOf3 = node.name.startsWith('qti-')
  const camel = (name: string): string => name.replace(/-([a-z])/g, (_all, letter: string) => letter.toUpperCase())
  return {
    ...node,
    name: isOf3 ? camel(node.name.slice('qti-'.length)) : node.name,
    attributes: isOf3
      ? Object.fromEntries(Object.entries(node.attributes).map(([name, value]) => [camel(name), value]))
      : node.attributes,
    children: node.children.map((child) => (isElement(child) ? inNamesOf2(child) : child)),
  }
}
