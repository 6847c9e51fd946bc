import { textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { DEFAULT_TEXT_RULES, type ClozeGap, type Item, type TextRules } from '../../../item/model.ts'
import { child, children, descendants } from '../../xml/xml.ts'
import type { QtiValue } from '../process.ts'
import { mapEntries } from './mapping.ts'
import type { Reading } from './reading.ts'
import { acceptedTexts } from './typed.ts'

interface ReadGap {
  readonly gap: ClozeGap
  readonly rules: TextRules | null
  /** The response that is right. */
  readonly name: string
  readonly right: QtiValue
}

/** A text with boxes to type or to choose in, or with gaps that words are dragged into. */
export function clozeItem(reading: Reading): Item | string {
  const [first] = reading.interactions
  if (first?.name === 'gapMatchInteraction') return draggedItem(reading, first)
  const gaps = reading.interactions.map((one) => readGap(reading, one))
  const wrong = gaps.find((gap) => typeof gap === 'string')
  if (typeof wrong === 'string') return wrong
  const read = gaps.filter((gap): gap is ReadGap => typeof gap !== 'string')
  const words = descendants(reading.body, 'ul').find((one) => one.attributes['class'] === 'word-bank')
  const responses = new Map(read.map((gap) => [gap.name, gap.right]))
  const without = new Map(read.slice(1).map((gap) => [gap.name, gap.right]))
  const points = reading.score(responses)
  const all = read.length > 1 && reading.score(responses) > 0 && earnsNothing(reading, without)
  return {
    ...reading.common,
    kind: 'cloze',
    points,
    gaps: read.map((gap) => gap.gap),
    rules: read.find((gap) => gap.rules)?.rules ?? DEFAULT_TEXT_RULES,
    ...(words && { wordBank: children(words, 'li').map((one) => textOf(one).trim()) }),
    ...(all && { credit: 'all' as const }),
  }
}

/** Every gap but the first filled right, and still nothing: only the whole counts. */
function earnsNothing(reading: Reading, responses: ReadonlyMap<string, QtiValue>): boolean {
  return reading.raw(responses) === 0
}

function readGap(reading: Reading, interaction: ElementNode): ReadGap | string {
  const declaration = reading.declaration(interaction)
  if (!declaration) return 'A gap has no response declaration.'
  const name = declaration.attributes['identifier'] ?? ''
  if (interaction.name === 'inlineChoiceInteraction') {
    const choices = children(interaction, 'inlineChoice')
    const correct = child(declaration, 'correctResponse')
    const ids = [
      ...(correct ? children(correct, 'value').map((one) => textOf(one).trim()) : []),
      ...mapEntries(declaration).flatMap(([id, share]) => (share > 0 ? [id] : [])),
    ]
    const text = (one: ElementNode): string => textOf(one).trim()
    const keyed = choices.filter((one) => ids.includes(one.attributes['identifier'] ?? '')).map(text)
    return { gap: { key: keyed, choices: choices.map(text) }, rules: null, name, right: ids.slice(0, 1) }
  }
  if (interaction.name !== 'textEntryInteraction') return `A text with ${interaction.name} in it is not held.`
  const { key, rules } = acceptedTexts(declaration)
  return { gap: { key }, rules, name, right: key.slice(0, 1) }
}

/** Words that are dragged into gaps: they are a bank for all of them. */
function draggedItem(reading: Reading, interaction: ElementNode): Item | string {
  const declaration = reading.declaration(interaction)
  const words = children(interaction, 'gapText')
  const gaps = descendants(interaction, 'gap')
  const correct = declaration && child(declaration, 'correctResponse')
  if (!declaration || !words.length || !gaps.length) return 'A gap match without words or gaps is not held.'
  const pairs = correct
    ? children(correct, 'value').map((one) => textOf(one).trim())
    : mapEntries(declaration).flatMap(([pair, share]) => (share > 0 ? [pair] : []))
  const wordOf = (id: string): string =>
    textOf(words.find((one) => one.attributes['identifier'] === id) ?? interaction).trim()
  const partner = new Map(pairs.map((pair) => pair.split(/\s+/)).map(([word = '', gap = '']) => [gap, word]))
  return {
    ...reading.common,
    kind: 'cloze',
    points: reading.score(new Map([[declaration.attributes['identifier'] ?? '', pairs]])),
    gaps: gaps.map((gap): ClozeGap => {
      const word = partner.get(gap.attributes['identifier'] ?? '')
      return { key: word === undefined ? [] : [wordOf(word)] }
    }),
    wordBank: words.map((one) => textOf(one).trim()),
    rules: DEFAULT_TEXT_RULES,
  }
}
