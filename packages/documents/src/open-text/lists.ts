import { children, elementsOf, ListCounters, listLabel, type ElementNode, type NumberForm } from '@zakuska/core'

interface Level {
  readonly form: NumberForm | 'bullet'
  readonly prefix: string
  readonly suffix: string
  readonly start: number
  /** How many levels the label shows. */
  readonly shown: number
}

/** `style:num-format`, OpenDocument 1.3 part 3, section 19.502. */
const FORMS: Readonly<Record<string, NumberForm>> = {
  '1': 'decimal',
  a: 'lower-letter',
  A: 'upper-letter',
  i: 'lower-roman',
  I: 'upper-roman',
  '': 'none',
  'ア, イ, ウ, ...': 'katakana',
  'А, Б, .., Аа, Аб, ... (ru)': 'upper-russian',
  'а, б, .., аа, аб, ... (ru)': 'lower-russian',
  '①, ②, ③, ...': 'circled',
}

/** Numbers of list entries as they are printed. */
export class OpenLists {
  readonly #styles = new Map<string, Map<number, Level>>()
  readonly #counters = new Map<string, ListCounters>()

  constructor(holders: readonly ElementNode[]) {
    for (const style of holders.flatMap((holder) => children(holder, 'list-style')))
      this.#styles.set(
        style.attributes['style:name'] ?? '',
        new Map(elementsOf(style).map((level) => [Number(level.attributes['text:level'] ?? 1) - 1, levelOf(level)])),
      )
  }

  /** A list starts anew unless it says that it goes on. */
  open(name: string | null, goesOn: boolean): void {
    if (name !== null && !goesOn) this.#counters.delete(name)
  }

  next(name: string | null, depth: number, start: number | null): string | null {
    const levels = name === null ? undefined : this.#styles.get(name)
    const level = levels?.get(depth)
    if (name === null || !levels || !level) return '•'
    if (level.form === 'bullet') return '•'
    let counters = this.#counters.get(name)
    if (!counters) this.#counters.set(name, (counters = new ListCounters()))
    if (start !== null) counters.set(depth, start - 1)
    counters.next(depth, level.start)
    const parts: string[] = []
    // Of "1.a" only "a": what a letter stands under is said by where it stands.
    const isLetter = level.form === 'lower-letter' || level.form === 'upper-letter'
    for (let at = isLetter ? depth : depth - level.shown + 1; at <= depth; at++) {
      const shown = levels.get(at)
      if (shown && shown.form !== 'bullet') parts.push(listLabel(counters.at(at, shown.start), shown.form))
    }
    const text = parts.filter(Boolean).join('.')
    return text ? `${level.prefix}${text}${level.suffix}` : null
  }
}

function levelOf(level: ElementNode): Level {
  const bullet = level.name !== 'list-level-style-number'
  return {
    form: bullet ? 'bullet' : (FORMS[level.attributes['style:num-format'] ?? ''] ?? 'decimal'),
    prefix: level.attributes['style:num-prefix'] ?? '',
    suffix: level.attributes['style:num-suffix'] ?? '',
    start: Number(level.attributes['text:start-value'] ?? 1),
    shown: Number(level.attributes['text:display-levels'] ?? 1),
  }
}
