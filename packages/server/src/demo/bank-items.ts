import { randomUUID } from 'node:crypto'
import type { EntityManager } from '@mikro-orm/postgresql'
import { categoryChain, readDraft, type Item, type SignOff } from '@zakuska/core'
import { BankItem, ItemRevision } from '../bank/bank.entities.ts'
import { filedAs } from '../bank/item-text.ts'

export interface DemoItems {
  readonly workspaceId: string
  readonly text: string
  /** Title of the draft that they are said to come from. */
  readonly title: string
  readonly by: string
  /** When the first was kept; each next one a minute later. */
  readonly since: number
  readonly categoryOf: (item: Item) => string
  readonly signOffOf: (item: Item, index: number) => SignOff | null
}

/** Reads a text as a draft and puts all of its items into the bank, with where they came from. */
export function addItems(em: EntityManager, demo: DemoItems): BankItem[] {
  const lines = demo.text.split('\n')
  return readDraft({ text: demo.text }).items.map(({ item: body, lines: [first, last] }, index) => {
    const at = new Date(demo.since + index * 60_000)
    const text = lines.slice(first - 1, last).join('\n')
    const item = em.create(BankItem, {
      id: randomUUID(),
      workspaceId: demo.workspaceId,
      ...filedAs(body),
      categories: categoryChain(demo.categoryOf(body)),
      waived: [],
      cameFrom: { draftId: '', title: demo.title, lines: [first, last], text },
      signOff: demo.signOffOf(body, index),
      revision: 1,
      createdAt: at,
      updatedAt: at,
    })
    em.create(ItemRevision, {
      id: randomUUID(),
      itemId: item.id,
      number: 1,
      body,
      says: 'first kept',
      byName: demo.by,
      at,
    })
    return item
  })
}
