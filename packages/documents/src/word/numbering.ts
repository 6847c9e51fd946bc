import { child, children, descendants, listLabel, ListCounters, type ElementNode, type NumberForm } from '@zakuska/core'
import { UndefinedLists } from '../common/undefined-lists.ts'

/** ST_NumberFormat, ECMA-376 part 1, section 17.18.59. */
const FORMS: Readonly<Record<string, NumberForm>> = {
  decimal: 'decimal',
  decimalZero: 'decimal-zero',
  lowerLetter: 'lower-letter',
  upperLetter: 'upper-letter',
  lowerRoman: 'lower-roman',
  upperRoman: 'upper-roman',
  russianLower: 'lower-russian',
  russianUpper: 'upper-russian',
  arabicAbjad: 'arabic',
  arabicAlpha: 'arabic',
  hebrew1: 'hebrew',
  hebrew2: 'hebrew',
  aiueo: 'katakana',
  aiueoFullWidth: 'katakana',
  decimalEnclosedCircle: 'circled',
  chineseCounting: 'chinese',
  chineseCountingThousand: 'chinese',
  japaneseCounting: 'chinese',
  none: 'none',
}

interface Level {
  readonly form: NumberForm | 'bullet'
  /** `%1.` and the like. */
  readonly text: string
  readonly start: number
}

interface Numbering {
  readonly abstract: string
  /** Start values that this use of the list sets anew, by level. */
  readonly starts: ReadonlyMap<number, number>
}

/** Boxes that word processors draw as bullets in symbol fonts, in the private use area. */
const BULLETS: Readonly<Record<string, string>> = { '\uF0A8': '☐', '\uF06F': '☐', '\uF0FE': '☒', '\uF0FC': '✓' }

/** Automatic numbers as a word processor prints them (ECMA-376 part 1, section 17.9). */
export class WordNumbering {
  readonly #levels = new Map<string, Level[]>()
  readonly #numberings = new Map<string, Numbering>()
  readonly #counters = new Map<string, ListCounters>()
  readonly #started = new Set<string>()
  readonly #undefined = new UndefinedLists()

  constructor(numbering: ElementNode | null) {
    if (!numbering) return
    for (const abstract of children(numbering, 'abstractNum'))
      this.#levels.set(
        abstract.attributes['w:abstractNumId'] ?? '',
        children(abstract, 'lvl').map((level) => ({
          form: formOf(child(level, 'numFmt')?.attributes['w:val']),
          text: child(level, 'lvlText')?.attributes['w:val'] ?? '',
          start: Number(child(level, 'start')?.attributes['w:val'] ?? 1),
        })),
      )
    for (const num of children(numbering, 'num'))
      this.#numberings.set(num.attributes['w:numId'] ?? '', {
        abstract: child(num, 'abstractNumId')?.attributes['w:val'] ?? '',
        starts: new Map(
          descendants(num, 'lvlOverride').flatMap((override) => {
            const start = child(override, 'startOverride')?.attributes['w:val']
            return start === undefined ? [] : [[Number(override.attributes['w:ilvl'] ?? 0), Number(start)] as const]
          }),
        ),
      })
  }

  /** Whether the file says how a list counts. */
  isDefined(id: string): boolean {
    return this.#numberings.has(id)
  }

  /** A paragraph of no list stands between. */
  breakOff(): void {
    this.#undefined.breakOff()
  }

  /** The label of the next paragraph of this list and level; null where the list has no such level. */
  next(id: string, level: number): string | null {
    const numbering = this.#numberings.get(id)
    const levels = numbering && this.#levels.get(numbering.abstract)
    const own = levels?.[level]
    if (!numbering) return this.#undefined.label(id, level)
    if (!levels || !own) return null
    if (own.form === 'bullet') return BULLETS[own.text] ?? '•'
    let counters = this.#counters.get(numbering.abstract)
    if (!counters) this.#counters.set(numbering.abstract, (counters = new ListCounters()))
    const start = numbering.starts.get(level)
    const first = `${id}/${level}`
    if (start !== undefined && !this.#started.has(first)) counters.set(level, start - 1)
    this.#started.add(first)
    counters.next(level, own.start)
    return ownPart(own).replace(/%(\d)/g, (_whole, digit: string) => {
      const at = Number(digit) - 1
      const form = levels[at]?.form ?? 'decimal'
      return form === 'bullet' ? '' : listLabel(counters.at(at, levels[at]?.start), form)
    })
  }
}

/** Of "1.a" only "a": what a letter stands under is said by where it stands. */
function ownPart({ form, text }: Level): string {
  const isLetter = form === 'lower-letter' || form === 'upper-letter'
  const showsMore = text.indexOf('%') !== text.lastIndexOf('%')
  return isLetter && showsMore ? text.slice(text.lastIndexOf('%')) : text
}

function formOf(value: string | undefined): NumberForm | 'bullet' {
  return value === 'bullet' ? 'bullet' : (FORMS[value ?? 'decimal'] ?? 'decimal')
}
