import type { Role } from '../../draft/roles/roles.ts'
import type { GoldItem } from '../gold.ts'
import type { Dice } from './dice.ts'
import { itemLabel, optionLabel } from './labels.ts'
import { INLINE, titled, type Notation } from './notation.ts'

/** A line of a made draft, with its role and the empty lines before it. */
export interface MadeLine {
  readonly text: string
  readonly role: Role
  readonly gap: number
}

/** One item on its way into a draft. */
export interface Placed {
  readonly item: GoldItem
  readonly id: string
  /** As a list of keys names it, where that is not its own label. */
  readonly listed?: string
  /** Shown beside the item, when its key is not left to a list. */
  readonly shown: boolean
}

/** How far the values of fields stand to the right that have nothing but blanks behind their names. */
const WIDEST_FIELD = 14

/** Writes items in one notation, line by line. */
export class ItemWriter {
  readonly lines: MadeLine[] = []
  readonly #notation: Notation
  readonly #dice: Dice
  /** The key of the item stands behind its stem. */
  #isBehind = false

  constructor(notation: Notation, dice: Dice) {
    this.#notation = notation
    this.#dice = dice
  }

  /** A writer that goes on with the same lines in another notation. */
  inNotation(notation: Notation): ItemWriter {
    const other = new ItemWriter(notation, this.#dice)
    other.lines.push(...this.lines)
    return other
  }

  put(text: string, role: Role, gap = 0): void {
    if (text.trim()) this.lines.push({ text: text.trimEnd(), role, gap })
  }

  /** A text over as many lines as it takes: its first line in one role, the others in another. */
  wrap(text: string, indent: number, hang: number, role: Role, then: Role, gap: number): void {
    const { width } = this.#notation
    const paragraphs = text.split('\n')
    paragraphs.forEach((paragraph, at) => {
      const rows = width ? wrapped(paragraph, width - indent) : [paragraph]
      rows.forEach((row, line) => {
        const isFirst = at === 0 && line === 0
        this.put(' '.repeat(isFirst ? indent : hang) + row, isFirst ? role : then, isFirst ? gap : 0)
      })
    })
  }

  // eslint-disable-next-line complexity -- by chance, one part after the other
  item({ item, id, shown }: Placed): void {
    const notation = this.#notation
    const gap = notation.between
    const word = titled(this.#dice.pick(notation.words.question), this.#dice).replace(/\*/g, '')
    const isHead = notation.number === 'word line'
    if (notation.records && item.kind !== 'match' && item.kind !== 'grid') {
      this.#record(item, id, shown)
      return
    }
    if (isHead)
      this.put(
        `${this.#dice.does(0.4) ? '### ' : ''}${word} ${id}${notation.points === 'brackets' ? ` (2 ${notation.words.points[0] ?? 'p'})` : ''}`,
        'facts',
        gap,
      )
    else if (notation.facts && this.#dice.does(0.5))
      this.put(
        `[${id}]  ${titled(notation.words.level?.[0] ?? 'Level', this.#dice)}: Apply   2 ${notation.words.points[0] ?? 'p'}`,
        'facts',
        gap,
      )
    const lead = notation.key === 'lead' && shown && item.kind === 'single' ? `_${this.#keyIds(item)}_ ` : ''
    const isFree = notation.own !== null && (notation.number === 'none' || notation.number === 'bullet')
    const label = notation.parts
      ? `(${id}) `
      : isFree
        ? (notation.own?.stem ?? '')
        : `${lead}${itemLabel(notation.number, id, word)}`
    const indent = notation.stemIndent
    this.#body(item, label, indent, this.lines.at(-1)?.role === 'facts' ? 0 : gap, shown)
    if (shown) this.#keyLines(item)
    if (shown || this.#dice.does(0.2)) this.#feedback(item)
    if (notation.facts && this.#dice.does(0.6))
      this.put(`${titled(notation.words.difficulty?.[0] ?? 'Difficulty', this.#dice)}: easy`, 'facts')
  }

  /** An item as named fields, a line each. */
  // eslint-disable-next-line max-lines-per-function -- one field after the other
  #record(item: GoldItem, id: string, shown: boolean): void {
    const { words } = this.#notation
    const dice = this.#dice
    const width = dice.pick([0, 0, 14])
    const form = dice.pick([': ', ': ', ': ', '', '\t', ' = ', ']'] as const)
    const field = (word: string): string => {
      const name = titled(word, dice).replace(/\*/g, '')
      if (form === ']') return `[${name}] `
      return form === '' ? `${name}  `.padEnd(WIDEST_FIELD) : `${name}${form}`.padEnd(width)
    }
    const question = words.columns.stem[0] ?? 'Question'
    if (dice.does(0.6)) this.put(`${field('ID')}${dice.pick(['', 'Q-', 'NUT-'])}${id}`, 'facts', this.#notation.between)
    if (dice.does(0.4))
      this.put(
        `${field(words.columns.kind[0] ?? 'Type')}${dice.pick(Object.values(words.kinds).flat())}`,
        'facts',
        this.lines.at(-1)?.role === 'facts' ? 0 : this.#notation.between,
      )
    this.wrap(
      `${field(question)}${item.stem.replaceAll('___', '______')}`,
      0,
      width,
      'stem',
      'more',
      this.lines.at(-1)?.role === 'facts' ? 0 : this.#notation.between,
    )
    ;(item.options ?? []).forEach((text, at) =>
      this.put(`${field(`${words.columns.option[0] ?? 'Option'} ${String.fromCharCode(65 + at)}`)}${text}`, 'option'),
    )
    const said = this.said(item)
    if (said && shown)
      this.wrap(
        `${field(item.kind === 'essay' ? dice.pick(words.sample) : dice.pick(words.answer))}${said}`,
        0,
        width,
        'answer',
        'answer',
        0,
      )
    if (dice.does(0.5)) this.put(`${field(words.points[0] ?? 'Points')}${dice.whole(1, 5)}`, 'facts')
    if (words.difficulty?.[0] && dice.does(0.4)) this.put(`${field(words.difficulty[0])}easy`, 'facts')
    if (item.feedback)
      this.wrap(`${field(dice.pick(words.feedback))}${item.feedback}`, 0, width, 'feedback', 'feedback', 0)
    if (dice.does(0.3)) this.put('-'.repeat(40), 'out')
  }

  #body(item: GoldItem, label: string, indent: number, gap: number, shown: boolean): void {
    const notation = this.#notation
    const options =
      item.kind === 'order' || item.kind === 'single' || item.kind === 'multiple' ? (item.options ?? []) : []
    const stem = `${label}${this.#stemText(item, shown)}${this.#points()}`
    const hang = this.#dice.does(0.6) ? indent + label.length : indent
    if (options.length && notation.place === 'stem' && stem.length < 70 && options.join('').length < 50) {
      this.put(`${' '.repeat(indent)}${stem}   ${this.#row(options, item, shown, '   ')}`, 'stem', gap)
      return
    }
    this.wrap(stem, indent, hang, 'stem', 'more', gap)
    if (options.length) this.#options(options, item, shown)
    if (item.kind === 'truefalse' && this.#dice.does(0.15)) this.#judgements()
    if (item.kind === 'match') this.#pairs(item)
    if (item.kind === 'grid') this.#grid(item, shown)
    if (item.kind === 'cloze' && item.bank)
      this.put(
        this.#dice.pick([
          `[ ${item.bank.join('   ')} ]`,
          `${titled(notation.words.wordBank?.[0] ?? 'Words', this.#dice)}: ${item.bank.join(', ')}`,
        ]),
        'bank',
      )
    if (item.kind === 'essay' && this.#dice.does(0.3))
      for (let at = this.#dice.whole(1, 3); at > 0; at--)
        this.put(this.#dice.pick(['_'.repeat(50), '.'.repeat(60)]), 'lines')
  }

  /** "O true   O false": both judgements to tick. */
  #judgements(): void {
    const { words, option } = this.#notation
    const box = ['☐', '[ ]', '( )', 'O'].includes(option) ? option : this.#dice.pick(['☐', '[ ]', 'O'])
    const both = [words.truth[0] ?? 'true', words.falsehood[0] ?? 'false']
    this.put(`   ${both.map((word) => `${box} ${word}`).join(' '.repeat(this.#dice.whole(3, 6)))}`, 'option')
  }

  /** The stem, now and then only its first words: people leave a title or half a sentence for the options to go on. */
  #opening(item: GoldItem): string {
    const isCut = (item.options?.length ?? 0) > 1 && item.kind !== 'order' && this.#dice.does(0.07)
    return isCut
      ? item.stem
          .split(/\s+/)
          .slice(0, this.#dice.whole(1, 5))
          .join(' ')
          .replace(/[.?!:,]+$/, '')
      : item.stem
  }

  #stemText(item: GoldItem, shown: boolean): string {
    const notation = this.#notation
    this.#isBehind = false
    let text = this.#opening(item).replaceAll(
      '___',
      this.#dice.pick(['______', '____________', '..........', '________']),
    )
    if (item.kind === 'truefalse' && this.#dice.does(0.4)) {
      const [truth, falsehood] = [
        titled(notation.words.truth[0] ?? 'true', this.#dice),
        notation.words.falsehood[0] ?? 'false',
      ]
      text = this.#dice.does(0.6)
        ? `${truth} ${notation.words.or[0] ?? 'or'} ${falsehood}: ${text}`
        : `${text}   ${truth.charAt(0).toUpperCase()} / ${falsehood.charAt(0).toUpperCase()}`
    }
    if (!shown) return text
    const key = this.#typedKey(item)
    if (key && notation.key === 'brackets' && !item.options?.length) return `${text} (${key})`
    if (key && notation.key === 'margin' && !item.options?.length && key.length < 20)
      return `${text}${' '.repeat(this.#dice.whole(3, 12))}${key}`
    this.#isBehind = Boolean(key) && notation.key === 'arrow' && !item.options?.length && this.#dice.does(0.5)
    return this.#isBehind ? `${text}${notation.own?.between ?? ' -> '}${key}` : text
  }

  #points(): string {
    const { points, words, number } = this.#notation
    if (number === 'word line') return ''
    if (points === 'brackets') return ` (${this.#dice.whole(1, 4)} ${words.points[0] ?? 'p'})`
    if (points === 'square') return `  [${this.#dice.whole(1, 4)}]`
    return points === 'stroke' ? `   /${this.#dice.whole(1, 4)}` : ''
  }

  #sign(text: string, isKey: boolean, shown: boolean): string {
    if (!shown || !isKey) return text
    const { key } = this.#notation
    return key === 'behind'
      ? `${text} ${this.#dice.pick(['*', '✓', '<<', '(x)', '✔', '!!'])}`
      : key === 'bold'
        ? `**${text}**`
        : text
  }

  #label(at: number, isKey: boolean, shown: boolean): string {
    const { option, key } = this.#notation
    const { label } = this.#isOwnOption() ? { label: this.#notation.own?.option ?? '' } : optionLabel(option, at)
    if (!shown || !isKey) return label
    if (key === 'star') return `*${label}`
    return key === 'tick' ? label.replace('☐', '☒').replace('[ ]', '[x]').replace('( )', '(x)') : label
  }

  /** Alternatives behind a sign that nobody else uses. */
  #isOwnOption(): boolean {
    const { own, option, key } = this.#notation
    return own !== null && (option === '-' || option === '•') && key !== 'tick'
  }

  #row(options: readonly string[], item: GoldItem, shown: boolean, gap: string): string {
    return options
      .map((text, at) => `${this.#label(at, isKeyed(item, at), shown)}${this.#sign(text, isKeyed(item, at), shown)}`)
      .join(gap)
  }

  #options(options: readonly string[], item: GoldItem, shown: boolean): void {
    const { place, optionIndent, inside } = this.#notation
    const indent = ' '.repeat(optionIndent)
    const isShort = options.every((text) => text.length < 26)
    if (place === 'row' && isShort && options.length < 6) {
      this.put(indent + this.#row(options, item, shown, ' '.repeat(this.#dice.whole(3, 6))), 'option', inside)
      return
    }
    if (place === 'columns' && isShort && options.length % 2 === 0) {
      const half = options.length / 2
      for (let at = 0; at < half; at++) {
        const left = `${this.#label(at, isKeyed(item, at), shown)}${this.#sign(options[at] ?? '', isKeyed(item, at), shown)}`
        const right = `${this.#label(at + half, isKeyed(item, at + half), shown)}${this.#sign(options[at + half] ?? '', isKeyed(item, at + half), shown)}`
        this.put(`${indent}${left.padEnd(34)}${right}`, 'option', at === 0 ? inside : 0)
      }
      return
    }
    options.forEach((text, at) => {
      const label = this.#label(at, isKeyed(item, at), shown)
      this.wrap(
        `${label}${this.#sign(text, isKeyed(item, at), shown)}`,
        optionIndent,
        optionIndent + label.length,
        'option',
        'wrapped',
        at === 0 ? inside : 0,
      )
    })
  }

  #pairs(item: GoldItem): void {
    const left = item.left ?? []
    const right = item.right ?? []
    const indent = ' '.repeat(this.#notation.optionIndent)
    const form = this.#dice.pick(['side', 'side', 'lines', 'lists', 'table'] as const)
    const rows = Math.max(left.length, right.length)
    const first = this.#dice.pick([0, 0, 0, this.#dice.whole(3, 12)])
    const room = this.#dice.pick(['', '', '', '___ ', '_c_ ', '( ) '])
    const one = (at: number): string => (left[at] === undefined ? '' : `${room}${first + at + 1}. ${left[at]}`)
    const other = (at: number): string =>
      right[at] === undefined ? '' : `${String.fromCharCode(97 + at)}) ${right[at]}`
    if (form === 'lists') {
      left.forEach((_text, at) => this.put(`${indent}${one(at)}`, 'option', 0))
      right.forEach((_text, at) => this.put(`${indent}${other(at)}`, 'option', at === 0 ? 1 : 0))
      return
    }
    for (let at = 0; at < rows; at++) {
      if (form === 'table') this.put(`| ${one(at)} | ${other(at)} |`, 'row')
      else if (form === 'side') this.put(`${indent}${one(at).padEnd(28)}${other(at)}`, 'row')
      else this.put(`${indent}${(left[at] ?? '').padEnd(16)} o            o  ${right[at] ?? ''}`, 'row')
    }
  }

  #grid(item: GoldItem, shown: boolean): void {
    const columns = item.columns ?? []
    this.put(`|  | ${columns.join(' | ')} |`, 'row', this.#dice.whole(0, 1))
    if (this.#dice.does(0.4)) this.put(`|---|${columns.map(() => '---').join('|')}|`, 'row')
    ;(item.rows ?? []).forEach((row, at) => {
      const ticks = columns.map((_column, column) =>
        shown && (item.key as [number, number][]).some(([r, c]) => r === at && c === column) ? 'x' : '',
      )
      this.put(`| ${row} | ${ticks.join(' | ')} |`, 'row')
    })
  }

  #keyIds(item: GoldItem): string {
    const { option } = this.#notation
    return (item.key as readonly number[])
      .map((at) => optionLabel(option, at).id)
      .join(this.#dice.pick([', ', ' + ', ' and ', '']))
  }

  /** The key in letters, words or figures, as a list or a line says it; empty where there is none. */
  said(item: GoldItem): string {
    if (item.kind === 'single' || item.kind === 'multiple' || item.kind === 'order') {
      const isPlain = INLINE.includes(this.#notation.option)
      const indexes = item.key as readonly number[]
      return isPlain || this.#dice.does(0.12)
        ? indexes.map((at) => item.options?.[at] ?? '').join(', ')
        : this.#keyIds(item)
    }
    return this.#typedKey(item)
  }

  #typedKey(item: GoldItem): string {
    const { words } = this.#notation
    switch (item.kind) {
      case 'truefalse': {
        const word = item.key[0] === true ? words.truth[0] : item.key[0] === false ? words.falsehood[0] : ''
        return word
          ? this.#dice.does(0.6)
            ? titled(word, this.#dice).replace(/\*/g, '')
            : word.charAt(0).toUpperCase()
          : ''
      }
      case 'short':
        return item.key.map(String).join(' / ')
      case 'numeric': {
        const [first] = item.key as readonly Record<string, number>[]
        return first ? String(first['value'] ?? `${first['min']}–${first['max']}`) : ''
      }
      case 'cloze':
        return (item.key as readonly (readonly string[])[])
          .map((gap) => gap[0] ?? '')
          .join(this.#dice.pick(['; ', ', ', ' / ']))
      case 'match':
        return (item.key as readonly [number, number][])
          .map(([l, r]) => `${l + 1}-${String.fromCharCode(97 + r)}`)
          .join(', ')
      case 'essay':
        return item.sample ?? ''
      default:
        return ''
    }
  }

  #keyLines(item: GoldItem): void {
    const notation = this.#notation
    const { key } = notation
    const isChoice = item.kind === 'single' || item.kind === 'multiple'
    const isMarked = isChoice && ['star', 'behind', 'bold', 'lead'].includes(key)
    const isTicked = isChoice && key === 'tick' && ['☐', '[ ]', '( )'].includes(notation.option)
    const said = this.said(item)
    const inStem =
      !item.options?.length &&
      (key === 'brackets' || (key === 'margin' && said.length < 20) || (key === 'arrow' && this.#isBehind))
    if (!said || isMarked || isTicked || inStem || item.kind === 'grid') return
    const indent = ' '.repeat(this.#dice.pick([0, notation.optionIndent]))
    if (item.kind === 'essay')
      this.wrap(
        `${titled(this.#dice.pick(notation.words.sample), this.#dice)}: ${said}`,
        0,
        0,
        'answer',
        'answer',
        notation.inside,
      )
    else if (notation.own && key !== 'bare' && key !== 'brackets')
      this.wrap(`${notation.own.key}${said}`, indent.length, 2, 'answer', 'answer', 0)
    else if (key === 'arrow')
      this.wrap(`${this.#dice.pick(['-> ', '→ ', '=> ', '= '])}${said}`, indent.length, 2, 'answer', 'answer', 0)
    else if (key === 'bare') this.wrap(said, indent.length, 0, 'answer', 'answer', this.#dice.whole(0, 1))
    else if (key === 'brackets') this.wrap(`[${said}]`, indent.length, 0, 'answer', 'answer', 0)
    else this.wrap(`${notation.keyWord}: ${said}`, indent.length, 0, 'answer', 'answer', notation.inside)
  }

  #feedback(item: GoldItem): void {
    const { feedback, words } = this.#notation
    if (!item.feedback || feedback === 'none') return
    const indent = this.#dice.pick([0, this.#notation.optionIndent])
    const { own } = this.#notation
    if (own && feedback !== 'bare')
      this.wrap(`${own.feedback}${item.feedback}`, indent, indent, 'feedback', 'feedback', 0)
    else if (feedback === 'word')
      this.wrap(
        `${titled(this.#dice.pick(words.feedback), this.#dice)}: ${item.feedback}`,
        indent,
        indent,
        'feedback',
        'feedback',
        0,
      )
    else if (feedback === 'sign')
      this.wrap(`${this.#dice.pick(['💡 ', '> ', '» '])}${item.feedback}`, indent, indent, 'feedback', 'feedback', 0)
    else if (feedback === 'brackets') this.wrap(`(${item.feedback})`, indent, indent, 'feedback', 'feedback', 0)
    else if (this.lines.at(-1)?.role === 'answer') this.wrap(item.feedback, indent, indent, 'feedback', 'feedback', 0)
  }
}

function isKeyed(item: GoldItem, at: number): boolean {
  return item.kind !== 'order' && item.key.includes(at)
}

function wrapped(text: string, width: number): string[] {
  const rows: string[] = []
  let row = ''
  for (const word of text.split(' ')) {
    if (row && row.length + word.length + 1 > width) {
      rows.push(row)
      row = word
    } else row = row ? `${row} ${word}` : word
  }
  return [...rows, row]
}
