import type { Facts } from '../draft/facts/facts.ts'
import { ROLE_COUNT, ROLE_INDEX, type Role } from '../draft/roles/roles.ts'
import type { Surroundings } from '../draft/roles/surroundings.ts'
import { bare, TextFinder, type Found } from './find-text.ts'
import type { Gold, GoldItem } from './gold.ts'

/** By line: the roles that the right reading allows, as bits. Where the gold leaves it open, several. */
export type AllowedRoles = readonly number[]

const ALL = (1 << ROLE_COUNT) - 1

export function bitOf(...roles: readonly Role[]): number {
  return roles.reduce((bits, role) => bits | (1 << ROLE_INDEX[role]), 0)
}

/** What each line of a draft may be, worked out by finding the texts of its gold outline again. */
export function goldRoles(draft: Surroundings, gold: Gold): AllowedRoles {
  return new GoldAligner(draft, gold).align()
}

interface Placed {
  readonly item: GoldItem
  readonly stem: Found
}

class GoldAligner {
  readonly #facts: readonly Facts[]
  readonly #finder: TextFinder
  readonly #gold: Gold
  readonly #roles: (Role | null)[]
  readonly #keysFrom: number
  /** Labels of the options of the item at hand, in their order. */
  #labels: string[] = []

  constructor(draft: Surroundings, gold: Gold) {
    this.#keysFrom = draft.keysFrom
    this.#facts = draft.facts
    this.#finder = new TextFinder(draft.facts.map((one) => one.unit))
    this.#gold = gold
    this.#roles = draft.facts.map(() => null)
  }

  align(): AllowedRoles {
    this.#passages()
    const placed = this.#stems()
    placed.forEach((one, at) => this.#item(one, placed[at + 1]?.stem.from ?? this.#endOf(one)))
    const lastUnit = this.#roles.findLastIndex((role) => role !== null)
    this.#lists()
    return this.#facts.map((facts, at) => this.#allowed(facts, at, placed, lastUnit))
  }

  /** Numbered lines below a title of keys are entries, wherever between the items they stand. */
  #lists(): void {
    let isOpen = false
    this.#facts.forEach((facts, at) => {
      if (this.#roles[at] !== null) isOpen = false
      else if (facts.flags.has('keyTitle') && facts.words < 8) isOpen = true
      const isEntry = facts.label !== null || facts.flags.has('keyPairs') || facts.flags.has('keyTitle')
      if (isOpen && this.#roles[at] === null && isEntry && !facts.heading) this.#roles[at] = 'keys'
    })
  }

  #mark(found: { readonly first: number; readonly last: number }, role: Role, then: Role = role): void {
    for (let at = found.first; at <= found.last; at++) {
      const known = this.#roles[at]
      if (known === 'stem' || known === 'passage') continue
      if (known === 'wrapped' && role === 'option' && at === found.first) this.#roles[at] = 'option'
      if (known === null) this.#roles[at] = at === found.first ? role : then
    }
  }

  #passages(): void {
    for (const passage of this.#gold.passages ?? [])
      for (const part of passage.text.split('\n')) {
        const found = this.#finder.find(part, 0)
        if (found) this.#mark(found, 'passage')
      }
  }

  #stems(): Placed[] {
    const placed: Placed[] = []
    let from = 0
    for (const item of this.#gold.items) {
      const stems = [item.stem, ...(item.alt ?? []).map((one) => (typeof one['stem'] === 'string' ? one['stem'] : ''))]
      const found = stems
        .flatMap((stem) => [stem, ...stem.split('\n').slice(0, 1)])
        .map((stem) => this.#finder.findGapped(stem, from) ?? null)
        .find((one) => one !== null)
      if (!found) continue
      placed.push({ item, stem: found })
      from = found.to
    }
    for (const { item, stem } of placed) {
      for (const line of item.stem.split('\n').slice(1)) {
        const found = this.#finder.findGapped(line, stem.from, stem.to + 2000)
        if (found) this.#markMore(found)
      }
      const known = this.#roles[stem.first]
      if (known !== 'stem') this.#roles[stem.first] = 'stem'
      for (let at = stem.first + 1; at <= stem.last; at++) this.#roles[at] ??= 'more'
    }
    return placed
  }

  #markMore(found: Found): void {
    for (let at = found.first; at <= found.last; at++) this.#roles[at] ??= 'more'
  }

  #item({ item, stem }: Placed, end: number): void {
    this.#options(item, stem, end)
    this.#rows(item, stem, end)
    const texts: [string | undefined | null, Role][] = [
      [item.hint, 'hint'],
      [item.sample, 'answer'],
      [item.feedback, 'feedback'],
      ...(item.optionFeedback ?? []).map((text): [string | null, Role] => [text, 'remark']),
    ]
    for (const [text, role] of texts) {
      const found = text ? this.#finder.find(text, stem.to, end) : null
      if (found) this.#mark(this.#behindOwnLine(found), role)
    }
    const last = Math.min(this.#facts.length, this.#lastUnit(end))
    for (let at = stem.first + 1; at < last; at++) this.#rest(item, at)
  }

  /** The last item ends where a list of keys begins. */
  #endOf({ item, stem }: Placed): number {
    const end = this.#keysFrom > stem.last ? this.#finder.startOf(this.#keysFrom) : this.#finder.length
    let from = stem.to
    for (const option of [...(item.options ?? []), ...(item.left ?? []), ...(item.right ?? [])])
      from = Math.max(from, this.#finder.find(option, stem.to, end)?.to ?? 0)
    const isNumbered = (facts: Facts): boolean =>
      facts.label?.script === 'number' ||
      facts.label?.script === 'word' ||
      facts.flags.has('keyTitle') ||
      (facts.bars > 1 && item.kind !== 'match' && item.kind !== 'grid')
    const next = this.#facts.findIndex(
      (facts, at) => at > stem.last && this.#finder.startOf(at) >= from && isNumbered(facts),
    )
    return next > 0 ? Math.min(end, this.#finder.startOf(next)) : end
  }

  #lastUnit(end: number): number {
    return this.#facts.findIndex((_one, at) => this.#finder.startOf(at) >= end && at > 0) >>> 0
  }

  /** A remark that begins on a line of its key is said in that line. */
  #behindOwnLine(found: Found): { first: number; last: number } {
    const cue = this.#facts[found.first]?.cue?.role
    return cue === 'answer' && this.#roles[found.first] === null
      ? (this.#mark({ first: found.first, last: found.first }, 'answer'), { first: found.first + 1, last: found.last })
      : found
  }

  #options(item: GoldItem, stem: Found, end: number): void {
    let from = stem.to
    this.#labels = []
    for (const option of item.options ?? []) {
      const found = this.#finder.find(option, from, end) ?? this.#finder.find(option, stem.to, end)
      if (!found) continue
      this.#mark(found, 'option', 'wrapped')
      this.#labels.push(this.#labelAt(found, this.#labels.length))
      from = found.to
    }
  }

  #labelAt(found: Found, place: number): string {
    const facts = this.#facts[found.first]
    const part = facts?.run.find((one) =>
      bare(facts.unit.text.slice(one.from, one.to)).startsWith(this.#finder.textOf(found).slice(0, 4)),
    )
    return part?.id ?? facts?.label?.id ?? String.fromCharCode(97 + place)
  }

  #rows(item: GoldItem, stem: Found, end: number): void {
    const left = item.left ?? item.rows ?? []
    const right = item.right ?? item.columns ?? []
    if (!left.length) return
    const place = (texts: readonly string[]): Found[] => {
      let from = stem.to
      return texts.flatMap((text) => {
        const found = this.#finder.find(text, from, end) ?? this.#finder.find(text, stem.to, end)
        if (found) from = found.to
        return found ? [found] : []
      })
    }
    const lefts = place(left)
    const rights = place(right)
    const shared = lefts.some((one) => rights.some((other) => other.first === one.first))
    const role: Role = shared || item.kind === 'grid' ? 'row' : 'option'
    for (const one of [...lefts, ...rights]) this.#mark(one, role, role === 'row' ? 'row' : 'wrapped')
  }

  #rest(item: GoldItem, at: number): void {
    const facts = this.#facts[at]
    if (!facts || this.#roles[at] !== null) return
    const { text } = facts.unit
    const plain = bare(text.slice(facts.body))
    const words = (item.bank ?? []).filter((word) => plain.includes(bare(word))).length
    const isStyled = facts.cue?.role
    if (facts.flags.has('keyPairs') && item.kind !== 'match' && item.kind !== 'order') this.#roles[at] = 'keys'
    else if (words >= 2 && words >= (item.bank?.length ?? 0) * 0.6) this.#roles[at] = 'bank'
    else if (isStyled === 'answer' || isStyled === 'sample') this.#roles[at] = 'answer'
    else if (facts.flags.has('blankLine')) this.#roles[at] = 'lines'
    else if (this.#saysKey(item, facts)) this.#roles[at] = 'answer'
    else if (isFacts(item, facts)) this.#roles[at] = 'facts'
  }

  #saysKey(item: GoldItem, facts: Facts): boolean {
    const own = bare(facts.unit.text.replace(/^[^\p{L}\p{N}]+/u, ''))
    const behind = bare(facts.unit.text.slice(facts.cue?.to ?? 0))
    const isIndexed = item.kind === 'single' || item.kind === 'multiple' || item.kind === 'order'
    const labels = isIndexed ? (item.key as readonly number[]).map((index) => this.#labels[index] ?? '').join('') : ''
    const said = [...keyTexts(item), labels].map(bare).filter(Boolean)
    const body = bare(facts.unit.text.slice(facts.body))
    return said.some((key) =>
      [own, behind, body].some(
        (text) => text === key || (text.startsWith(key) && (key.length > 2 || text.length < 12)),
      ),
    )
  }

  #allowed(facts: Facts, at: number, placed: readonly Placed[], last: number): number {
    const role = this.#roles[at]
    if (role) return bitOf(role)
    if (facts.flags.has('rule')) return bitOf('out')
    const first = placed[0]?.stem.first ?? Number.POSITIVE_INFINITY
    const isDropped = (this.#gold.dropped ?? []).some(
      (text) => bare(text) !== '' && bare(facts.unit.text).includes(bare(text)),
    )
    if (isDropped && !facts.flags.has('keyPairs')) return bitOf('out')
    if (this.#isHead(facts, at)) return bitOf('facts')
    if (at < first) return facts.flags.has('keyPairs') ? bitOf('out', 'keys') : bitOf('out')
    if (this.#isKeyLine(facts, at, last)) return bitOf('keys')
    if (at > last) return bitOf('out', 'keys')
    const before = this.#roles[at - 1]
    if ((before === 'stem' || before === 'more') && facts.unit.gap === 0 && facts.gaps > 0) return bitOf('more')
    return facts.cue ? bitOf('out', 'facts') : bitOf('out')
  }

  /** "Question 2 (Easy)", "ITEM ID: 14": the label of an item whose stem stands below it. */
  #isHead(facts: Facts, at: number): boolean {
    const { label } = facts
    const isNumbered = label && (label.script === 'number' || label.script === 'word') && facts.words <= 4
    if (!isNumbered && facts.cue?.role !== 'other') return false
    const below = this.#roles.indexOf('stem', at)
    return (
      below > at &&
      below <= at + 3 &&
      !this.#facts[below]?.label &&
      this.#facts
        .slice(at + 1, below)
        .every(
          (one, more) =>
            this.#roles[at + 1 + more] === null || this.#roles[at + 1 + more] === 'facts' || one.cue !== null,
        )
    )
  }

  /** A line of a list of keys: pairs of numbers and letters, a title of such a list, or what an item's key says in words. */
  #isKeyLine(facts: Facts, at: number, last: number): boolean {
    if (facts.flags.has('keyPairs') || (facts.flags.has('keyTitle') && at > last - 1)) return true
    if (at <= last) return false
    if (facts.bars > 1) return true
    if (at >= this.#keysFrom && /^(?:number|roman|word)$/.test(facts.label?.script ?? '')) return true
    const plain = bare(facts.unit.text)
    return this.#gold.items.some((item) => {
      const texts = [...keyTexts(item), item.sample ?? '', item.feedback ?? '']
        .map(bare)
        .filter((text) => text.length > 3)
      return texts.some((text) => plain.includes(text) || (plain.length > 12 && text.includes(plain)))
    })
  }
}

/** The key in words and letters, as a line might say it. */
export function keyTexts(item: GoldItem): string[] {
  switch (item.kind) {
    case 'single':
    case 'multiple':
    case 'order': {
      const indexes = item.key as readonly number[]
      const letters = indexes.map((index) => String.fromCharCode(97 + index))
      const texts = indexes.map((index) => item.options?.[index] ?? '')
      return [
        letters.join(''),
        letters.join('and'),
        texts.join(''),
        ...(indexes.length === 1 ? [letters[0] ?? '', texts[0] ?? ''] : []),
      ]
    }
    case 'truefalse':
      return item.key[0] === true
        ? ['true', 't', 'richtig', 'vrai', 'verdadero', 'right', 'yes']
        : item.key[0] === false
          ? ['false', 'f', 'falsch', 'faux', 'falso', 'wrong', 'no']
          : []
    case 'short':
      return item.key.map(String)
    case 'numeric':
      return (item.key as readonly Record<string, number>[]).flatMap((key) => [
        String(key['value'] ?? key['min'] ?? ''),
      ])
    case 'cloze':
      return [(item.key as readonly (readonly string[])[]).map((gap) => gap[0] ?? '').join('')]
    case 'match':
      return [
        (item.key as readonly (readonly [number, number])[])
          .map(([l, r]) => `${l + 1}${String.fromCharCode(97 + r)}`)
          .join(''),
      ]
    default:
      return []
  }
}

function isFacts(item: GoldItem, facts: Facts): boolean {
  if (facts.flags.has('remark')) return true
  const role = facts.cue?.role
  if (role === 'points' || role === 'difficulty' || role === 'level' || role === 'tags' || role === 'outcome')
    return true
  const values = [item.difficulty, item.level, item.outcome, ...(item.tags ?? [])].flatMap((text) =>
    text ? [bare(text)] : [],
  )
  const plain = bare(facts.unit.text)
  return values.some((value) => value.length > 2 && plain.includes(value))
}

export { ALL as ALL_ROLES }
