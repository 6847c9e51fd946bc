import { randomInt, randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { arrange, chanceOf, draw, nearDuplicates, overlapTable, type Shortfall } from '@zakuska/core'
import { BankService, type BankFilter, type BankItem } from '../bank/index.ts'
import type { DrawDto, OverlapPaperDto, VersionsDto } from './dto/paper.dto.ts'
import { Paper, type PaperEntry, type PaperRule } from './paper.entity.ts'
import type { SignedIn } from '../access/current-person.ts'
import { inSections, markChanged, PapersService } from './papers.service.ts'

/** Items that a rule draws from at most. */
const MOST_IN_POOL = 5000
const MAX_SEED = 2_147_483_647
/** Other papers that are compared with the versions. */
const MOST_COMPARED = 12

/** Versions of a paper: drawn by its rules, arranged, each a paper of its own that stays until it is drawn again. */
@Injectable()
export class VersionsService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
    private readonly papers: PapersService,
  ) {}

  /**
   * Draws versions A, B, C … anew; versions beyond the number asked for are put away.
   *
   * @throws UnprocessableEntityException where a rule cannot be met, with the rule and by how many it is short.
   */
  async draw(person: SignedIn, id: string, asked: DrawDto): Promise<VersionsDto> {
    await this.em.transactional(() => this.#draw(person, id, asked))
    return this.get(person.workspaceId, id)
  }

  async #draw(person: SignedIn, id: string, asked: DrawDto): Promise<void> {
    const { workspaceId } = person
    const paper = await this.papers.findToChange(workspaceId, id)
    if (paper.versionOf !== null)
      throw new UnprocessableEntityException('This is a version itself. Draw again from the paper that it belongs to.')
    const seed = asked.seed ?? randomInt(MAX_SEED)
    const pools = await this.#pools(workspaceId, paper.rules)
    const items = await this.#bodies(workspaceId, paper, pools)
    const away = await this.#itemsOn(workspaceId, asked.avoid ?? [])
    const fixed = new Set(paper.entries.map((entry) => entry.itemId))
    const apart = nearPairs(items)
    const known = await this.em.find(Paper, { versionOf: id }, { orderBy: { label: 'asc' } })
    const seedOf = chanceOf(seed)
    const drawn = new Set<string>()
    for (let index = 0; index < asked.versions; index++) {
      const label = String.fromCharCode(65 + index)
      const own = seedOf(MAX_SEED)
      const without = new Set([...fixed, ...away, ...(asked.apart ? drawn : [])])
      const picked = pick({ rules: paper.rules, pools, items, fixed, apart, without, seed: own, label })
      for (const entry of picked) drawn.add(entry.itemId)
      const entries = arranged(paper, [...paper.entries, ...picked], items, own)
      this.#keep(person, paper, known[index], { label, seed: own, entries })
    }
    for (const left of known.slice(asked.versions)) left.deletedAt = new Date()
    paper.seed = seed
  }

  #keep(
    person: SignedIn,
    paper: Paper,
    known: Paper | undefined,
    { label, seed, entries }: { readonly label: string; readonly seed: number; readonly entries: PaperEntry[] },
  ): void {
    const now = new Date()
    const { workspaceId, title, instructions, sections, identity, timeLimit, attempts, feedbackWhen } = paper
    const shared = { instructions, sections, identity, timeLimit, attempts, feedbackWhen, label, seed, entries }
    // What is drawn stays put: nothing is mixed again when it is taken or sent.
    const own = { ...shared, title: `${title} · ${label}`, shuffleItems: false, shuffleOptions: false, updatedAt: now }
    if (known) {
      Object.assign(known, { ...own, deletedAt: null })
      markChanged(known, person)
    } else
      this.em.create(Paper, {
        id: randomUUID(),
        workspaceId,
        ...own,
        versionOf: paper.id,
        version: 1,
        createdAt: now,
        updatedBy: person.name,
      })
  }

  /** The versions, what they share with each other and with other papers, and what each rule finds now. */
  async get(workspaceId: string, id: string): Promise<VersionsDto> {
    const paper = await this.papers.find(workspaceId, id)
    const base = paper.versionOf === null ? paper : await this.em.findOne(Paper, { id: paper.versionOf, workspaceId })
    const versions = await this.em.find(
      Paper,
      { versionOf: paper.versionOf ?? id, workspaceId, deletedAt: null },
      { orderBy: { label: 'asc' } },
    )
    const others = await this.em.find(
      Paper,
      { workspaceId, deletedAt: null, versionOf: null, id: { $ne: paper.versionOf ?? id } },
      { orderBy: { updatedAt: 'desc' }, limit: 200 },
    )
    const drawn = new Set(versions.flatMap((one) => one.entries.map((entry) => entry.itemId)))
    const sharing = others.filter((one) => one.entries.some((entry) => drawn.has(entry.itemId))).slice(0, MOST_COMPARED)
    const compared = [...versions, ...sharing]
    const pools = await this.#pools(workspaceId, paper.rules)
    return {
      papers: compared.map(toCompared),
      overlap: overlapTable(compared.map((one) => one.entries.map((entry) => entry.itemId))),
      found: pools.map((pool) => pool.length),
      seed: base?.seed ?? null,
    }
  }

  #pools(workspaceId: string, rules: readonly PaperRule[]): Promise<string[][]> {
    return Promise.all(rules.map((rule) => this.bank.idsOf(workspaceId, rule.filter, MOST_IN_POOL)))
  }

  async #bodies(workspaceId: string, paper: Paper, pools: readonly string[][]): Promise<Map<string, BankItem>> {
    const ids = new Set([...paper.entries.map((entry) => entry.itemId), ...pools.flat()])
    return new Map((await this.bank.findAll(workspaceId, [...ids])).map((item) => [item.id, item]))
  }

  async #itemsOn(workspaceId: string, paperIds: readonly string[]): Promise<string[]> {
    const papers = await this.em.find(Paper, { id: { $in: [...paperIds] }, workspaceId })
    return papers.flatMap((paper) => paper.entries.map((entry) => entry.itemId))
  }
}

interface Picking {
  readonly rules: readonly PaperRule[]
  readonly pools: readonly string[][]
  readonly items: ReadonlyMap<string, BankItem>
  readonly fixed: ReadonlySet<string>
  readonly apart: readonly (readonly [string, string])[]
  readonly without: ReadonlySet<string>
  readonly seed: number
  readonly label: string
}

function pick({ rules, pools, items, fixed, apart, without, seed, label }: Picking): PaperEntry[] {
  // What is nearly the same as an item that stands on the paper is as good as on it.
  const near = apart.flatMap(([a, b]) => (fixed.has(a) ? [b] : fixed.has(b) ? [a] : []))
  const found = draw(
    rules.map((rule, index) => ({ count: rule.count, pool: pools[index] ?? [] })),
    { seed, apart, without: new Set([...without, ...near]) },
  )
  if (!found.done) throw new UnprocessableEntityException(shortText(found.short, rules, label))
  return found.picked.flatMap((ids, rule) =>
    ids.map((itemId) => ({
      itemId,
      points: rules[rule]?.points ?? items.get(itemId)?.body.points ?? 1,
      required: false,
      sectionId: rules[rule]?.sectionId ?? null,
    })),
  )
}

function nearPairs(items: ReadonlyMap<string, BankItem>): [string, string][] {
  const list = [...items.values()]
  return nearDuplicates(list.map((item) => item.body)).flatMap(({ first, second }): [string, string][] => {
    const [a, b] = [list[first]?.id, list[second]?.id]
    return a !== undefined && b !== undefined ? [[a, b]] : []
  })
}

function arranged(
  paper: Paper,
  entries: readonly PaperEntry[],
  items: ReadonlyMap<string, BankItem>,
  seed: number,
): PaperEntry[] {
  const ordered = inSections({ entries: [...entries], sections: paper.sections }).flatMap((entry) => {
    const item = items.get(entry.itemId)
    return item ? [{ entry, body: item.body }] : []
  })
  const placed = arrange(
    ordered.map((one) => one.body),
    ordered.map((one) => one.entry.sectionId ?? null),
    { seed, shuffleItems: paper.shuffleItems, shuffleOptions: paper.shuffleOptions },
  )
  return placed.flatMap(({ at, optionOrder }) => {
    const entry = ordered[at]?.entry
    return entry ? [{ ...entry, optionOrder: optionOrder ?? entry.optionOrder ?? null }] : []
  })
}

function shortText(short: readonly Shortfall[], rules: readonly PaperRule[], label: string): string {
  const parts = short.map(({ rule, by }) => `rule ${rule + 1} (${filterText(rules[rule]?.filter ?? {})}) by ${by}`)
  return `Version ${label} cannot be drawn: short are ${parts.join(', ')}. Widen the filter, or draw fewer.`
}

function filterText(filter: BankFilter): string {
  return Object.values(filter).join(', ') || 'any item'
}

function toCompared(paper: Paper): OverlapPaperDto {
  const { id, title, label, seed, entries } = paper
  const points = entries.reduce((sum, entry) => sum + entry.points, 0)
  return { id, title, label, seed, itemCount: entries.length, points }
}
