import { ROLE_INDEX, type Role } from '../../draft/roles/roles.ts'
import type { GoldItem } from '../gold.ts'
import { Dice } from './dice.ts'
import type { Hand, Placed } from './hand.ts'
import { keyList } from './key-list.ts'
import { itemId } from './labels.ts'
import { MadeLines, type MadeLine } from './lines.ts'
import { anyNotation, titled, type Notation } from './notation.ts'
import { writeItem } from './write.ts'

/** What made drafts are made of: items, and lines that stand round items, both out of labelled drafts. */
export interface Stock {
  readonly items: readonly GoldItem[]
  /** Titles, greetings, instructions and the like. */
  readonly outLines: readonly string[]
  readonly passages: readonly string[]
}

export interface MadeDraft {
  readonly name: string
  readonly text: string
  readonly roles: readonly Role[]
  readonly items: readonly GoldItem[]
  readonly notation: Notation
}

/** A draft by chance: some items in a notation, with what people leave round them. */
// eslint-disable-next-line max-lines-per-function -- a draft by chance, part after part
export function makeDraft(seed: number, stock: Stock, keptOut = false): MadeDraft {
  const dice = new Dice(seed * 7919 + 13)
  const isSmall = dice.does(0.3)
  const any = anyNotation(dice, keptOut)
  // One question alone mostly has no number.
  const notation: Notation = isSmall && dice.does(0.5) ? { ...any, number: 'none', sections: false, parts: false } : any
  let writer: Hand = { notation, dice, lines: new MadeLines(notation.width) }
  if (!isSmall || dice.does(0.25)) head(writer, notation, dice, stock)
  const kinds = new Set([
    'single',
    'multiple',
    'truefalse',
    'short',
    'numeric',
    'cloze',
    'match',
    'order',
    'grid',
    'essay',
  ])
  const all = stock.items.filter((item) => kinds.has(item.kind) && !(item.choices?.some(Boolean) ?? false))
  // Many a draft asks in one way only, or in two; some notations are for one kind.
  const made = MADE_FOR[notation.key]
  const own = new Set(
    made && dice.does(0.75)
      ? made
      : !notation.sections && dice.does(0.4)
        ? dice.shuffled(USUAL_KINDS).slice(0, dice.whole(1, 2))
        : kinds,
  )
  const some = all.filter((item) => own.has(item.kind))
  const fit = some.length ? some : all
  const items = Array.from(
    { length: dice.does(0.03) ? 0 : isSmall ? dice.pick([1, 1, 1, 2, 3]) : dice.whole(2, 14) },
    () => fewer(dice.pick(fit), dice),
  )
  if (!items.length) for (let at = dice.whole(1, 3); at > 0; at--) plan(writer, notation, dice, stock)
  const furniture = notation.furniture ? furnitureBy(dice, stock) : null
  const parts = notation.sections && items.length ? parted(items, dice) : [items]
  const placed: Placed[][] = []
  let counted = 0
  parts.forEach((part, section) => {
    // A second hand goes on in its own notation.
    if (section === 1 && notation.key !== 'list' && dice.does(0.25)) {
      const other = anyNotation(dice, keptOut)
      writer = { notation: other, dice, lines: new MadeLines(other.width, writer.lines.all) }
    }
    if (notation.sections) sectionHead(writer, notation, dice, section)
    else if (section === 0 && dice.does(0.12) && stock.passages.length) passage(writer, dice, stock)
    const restarts = notation.number === 'deep' || notation.number === 'Ax' || (notation.sections && dice.does(0.3))
    const asked = part.map((item, at): Placed => ({
      item,
      id: notation.parts
        ? String.fromCharCode(97 + (at % 3))
        : itemId(notation.number, restarts ? at : counted + at, section),
      ...(notation.parts && { listed: partId(at, dice) }),
      shown: isShown(notation, dice),
    }))
    asked.forEach((one, at) => {
      if (notation.parts) partHead(writer, notation, dice, at, stock)
      else if (furniture) aboveItem(writer, furniture, counted + at + 1, items.length)
      writeItem(writer, one)
      if (dice.does(notation.chat ? 0.3 : 0.03)) writer.lines.put(dice.pick(stock.outLines), 'out', 1)
    })
    counted += part.length
    placed.push(asked)
    if (notation.key === 'lists') keyList(writer, notation, dice, [asked])
  })
  if (notation.key === 'list') keyList(writer, notation, dice, placed)
  if (!isSmall || dice.does(0.25)) tail(writer, dice, stock)
  return { name: `made-${seed}`, ...written(writer.lines.all, notation, dice), items, notation }
}

const MADE_FOR: Readonly<Partial<Record<Notation['key'], readonly GoldItem['kind'][]>>> = {
  judged: ['truefalse'],
  filled: ['cloze'],
}
const USUAL_KINDS: readonly GoldItem['kind'][] = ['single', 'truefalse', 'short', 'numeric', 'cloze']

/** Now and then an item with some of its wrong options only: people write two as well as four. */
function fewer(item: GoldItem, dice: Dice): GoldItem {
  const { options, optionFeedback } = item
  const [key] = item.key
  if (item.kind !== 'single' || !options || options.length < 3 || typeof key !== 'number' || !dice.does(0.25))
    return item
  const others = dice.shuffled(options.map((_option, at) => at).filter((at) => at !== key))
  const kept = [key, ...others.slice(0, dice.whole(1, Math.max(1, others.length - 1)))].sort((a, b) => a - b)
  return {
    ...item,
    options: kept.map((at) => options[at] ?? ''),
    key: [kept.indexOf(key)],
    ...(optionFeedback && { optionFeedback: kept.map((at) => optionFeedback[at] ?? null) }),
  }
}

/** "2b", "2 (b)": a part as a list names it. */
function partId(at: number, dice: Dice): string {
  const letter = String.fromCharCode(97 + (at % 3))
  const number = Math.floor(at / 3) + 1
  return dice.pick([`${number}${letter}`, `${number}${letter}`, `${number} ${letter}`, `${number}(${letter})`])
}

/** "Question 2" above the next few parts, now and then with what they are all about. */
function partHead(writer: Hand, notation: Notation, dice: Dice, at: number, stock: Stock): void {
  if (at % 3 !== 0) return
  const word = titled(dice.pick(notation.words.question), dice).replace(/\*/g, '')
  writer.lines.put(`${word} ${at / 3 + 1}`, 'facts', 1)
  const sentences = dice.does(0.4) && stock.passages.length ? dice.pick(stock.passages).split(/(?<=[.!?])\s/) : []
  const fit = sentences.filter((one) => one.length > 20 && one.length < 140)
  if (fit.length) writer.lines.put(dice.pick(fit), 'passage')
}

/** The same words above each item, with what counts: "Slide 12", "Check 2 of 4". */
function furnitureBy(dice: Dice, stock: Stock): readonly string[] {
  const name = (): string => (/^\p{L}+(?: \p{L}+)?/u.exec(dice.pick(stock.outLines)) ?? ['Card'])[0]
  const forms = ['N x', 'N x', 'N x of n', 'N x/n', 'N', 'N n.x']
  return Array.from({ length: dice.whole(1, 2) }, () => dice.pick(forms).replace('N', name()))
}

function aboveItem(writer: Hand, furniture: readonly string[], at: number, count: number): void {
  furniture.forEach((form, line) => {
    const text = form.replace(/\bn\b/, String(count)).replace(/\bx\b/, String(at * (line + 1)))
    writer.lines.put(text, 'out', line === 0 ? 1 : 0)
  })
}

/** Lines that are numbered or bulleted, and no items. */
function decoys(writer: Hand, dice: Dice, stock: Stock): void {
  const label = dice.pick(['- ', '• ', 'x. ', 'x) ', '☐ '])
  for (let at = 1; at <= dice.whole(2, 4); at++)
    writer.lines.put(`${label.replace('x', String(at))}${dice.pick(stock.outLines)}`, 'out', at === 1 ? 1 : 0)
}

/** A stretch of something that is no test at all: a heading, then steps, aims or sentences. */
function plan(writer: Hand, notation: Notation, dice: Dice, stock: Stock): void {
  writer.lines.put(titled(dice.pick(notation.words.section), dice), 'out', 1)
  if (dice.does(0.5)) decoys(writer, dice, stock)
  else for (let at = dice.whole(1, 4); at > 0; at--) writer.lines.put(dice.pick(stock.outLines), 'out')
}

function isShown(notation: Notation, dice: Dice): boolean {
  return (
    notation.key !== 'list' &&
    notation.key !== 'lists' &&
    notation.key !== 'none' &&
    dice.does(notation.isLax ? 0.75 : 0.97)
  )
}

const NAMES = ['Ines', 'Bo', 'Tariq', 'Mira', 'Jon', 'Alva']

function written(lines: readonly MadeLine[], notation: Notation, dice: Dice): { text: string; roles: Role[] } {
  const [own = '', other = ''] = dice.shuffled(NAMES)
  const form = dice.pick(['[d, t] n: ', 'd, t - n: ', 't n: '])
  const said = (line: MadeLine, at: number): string => {
    const time = `${12 + Math.floor(at / 60)}:${String(at % 60).padStart(2, '0')}`
    const name = line.role === 'out' && dice.does(0.8) ? other : own
    return form.replace('d', '03/11').replace('t', time).replace('n', name)
  }
  const text = lines
    .map((line, at) => {
      const quote = notation.quoted && line.role !== 'out' ? '> ' : ''
      const gap = notation.chat ? 0 : line.gap
      const isWrapped = line.role === 'wrapped' || line.role === 'more'
      return `${'\n'.repeat(gap)}${notation.chat && !isWrapped ? said(line, at) + line.text.trim() : quote + line.text}`
    })
    .join('\n')
  return { text, roles: lines.map((line) => line.role) }
}

function parted(items: readonly GoldItem[], dice: Dice): GoldItem[][] {
  const kinds = [...new Set(items.map((item) => (item.kind === 'multiple' ? 'single' : item.kind)))]
  const parts = kinds.map((kind) => items.filter((item) => (item.kind === 'multiple' ? 'single' : item.kind) === kind))
  return dice.does(0.7)
    ? parts
    : [items.slice(0, Math.ceil(items.length / 2)), items.slice(Math.ceil(items.length / 2))].filter(
        (part) => part.length,
      )
}

function head(writer: Hand, notation: Notation, dice: Dice, stock: Stock): void {
  if (dice.does(0.25)) for (let at = dice.whole(1, 3); at > 0; at--) writer.lines.put(dice.pick(stock.outLines), 'out')
  if (dice.does(0.75))
    writer.lines.put(`${dice.does(0.2) ? '# ' : ''}${dice.pick(stock.outLines)}`, 'out', dice.whole(0, 1))
  if (dice.does(0.25))
    writer.lines.put(
      `${titled(notation.words.identity[0] ?? 'Name', dice)}: ____________________   ${titled(notation.words.identity[1] ?? 'Date', dice)}: ________`,
      'out',
      dice.whole(0, 1),
    )
  if (dice.does(0.4))
    for (let at = dice.whole(1, 2); at > 0; at--) writer.lines.put(dice.pick(stock.outLines), 'out', dice.whole(0, 1))
  if (dice.does(0.02)) decoys(writer, dice, stock)
  if (dice.does(0.1)) writer.lines.put('-'.repeat(40), 'out')
}

function tail(writer: Hand, dice: Dice, stock: Stock): void {
  if (dice.does(0.02)) decoys(writer, dice, stock)
  if (dice.does(0.35))
    for (let at = dice.whole(1, 3); at > 0; at--) writer.lines.put(dice.pick(stock.outLines), 'out', dice.whole(0, 1))
}

function sectionHead(writer: Hand, notation: Notation, dice: Dice, section: number): void {
  const word = titled(dice.pick(notation.words.section), dice)
  const letter = dice.pick([
    String.fromCharCode(65 + section),
    String(section + 1),
    ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII'][section] ?? 'I',
  ])
  const kinds = Object.values(notation.words.kinds).flat()
  const kind = titled(kinds.length ? dice.pick(kinds) : 'Questions', dice)
  writer.lines.put(
    dice.pick([
      `${word} ${letter}`,
      `${letter}. ${kind}`,
      `${letter}) ${kind}.`,
      `## ${kind}`,
      `${word} ${letter}: ${kind} (${section + 1} ${notation.words.points[0] ?? 'p'})`,
      kind.toUpperCase(),
    ]),
    'out',
    dice.whole(1, 2),
  )
}

function passage(writer: Hand, dice: Dice, stock: Stock): void {
  writer.lines.put(
    dice.pick([
      'Read the text and answer the questions.',
      'Lies den Text.',
      'Questions 1–4 refer to the following text.',
      'Lisez le texte.',
      'Text A',
    ]),
    'out',
    1,
  )
  dice
    .pick(stock.passages)
    .split('\n')
    .forEach((part, at) => writer.lines.wrap(part, 0, 0, 'passage', 'passage', at === 0 ? 1 : dice.whole(0, 1)))
}

/** What the roles of a made draft allow, as bits. */
export function madeBits(roles: readonly Role[]): number[] {
  return roles.map((role) => 1 << ROLE_INDEX[role])
}
