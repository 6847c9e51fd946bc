import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { fingerprint, readXliff, writeXliff, XliffError, type ToTranslate } from '@zakuska/core'
import type { SignedIn } from '../access/current-person.ts'
import { BankItem } from './bank.entities.ts'
import { BankService } from './bank.service.ts'
import type { TranslatedDto } from './dto/translation.dto.ts'

const MOST_ITEMS = 500
const ID = /<file[^>]*\sid="i-([0-9a-f-]{36})"/g

/** Items out to be translated and back, each translation a variant of its item. */
@Injectable()
export class TranslationsService {
  constructor(
    private readonly em: EntityManager,
    private readonly bank: BankService,
  ) {}

  /** XLIFF 2 of items, with the translations that are there already. */
  async write(workspaceId: string, ids: readonly string[], language: string): Promise<string> {
    const items = await this.#withVariants(workspaceId, ids.slice(0, MOST_ITEMS), language)
    if (!items.length) throw new UnprocessableEntityException('There is no item to translate.')
    const source = items[0]?.item.language ?? 'en'
    return writeXliff(items, source, language)
  }

  /** Puts what came back into variants: new ones are made, those that are there are changed. */
  read(person: SignedIn, text: string): Promise<TranslatedDto> {
    return this.em.transactional(() => this.#read(person, text))
  }

  async #read(person: SignedIn, text: string): Promise<TranslatedDto> {
    const ids = [...text.matchAll(ID)].flatMap((found) => found[1] ?? [])
    const language = /trgLang="([^"]+)"/.exec(text)?.[1] ?? ''
    const items = await this.#withVariants(person.workspaceId, ids, language)
    const translated = this.#parse(text, items)
    const originals = new Map((await this.bank.findToChange(person.workspaceId, ids)).map((item) => [item.id, item]))
    const variants = await this.#variantsIn(person.workspaceId, ids, language)
    const result = { created: 0, updated: 0, unchanged: 0, open: 0, unknown: ids.length - originals.size }
    for (const one of translated) {
      const original = originals.get(one.id)
      const known = variants.get(one.id)
      if (!original) continue
      result.open += one.open.length
      if (!known) {
        this.bank.keepNew(person, one.item, { variantOf: original })
        result.created++
      } else {
        result[this.bank.keepChange(person, known, one.item, known.signOff, 'translated') ? 'updated' : 'unchanged']++
        if (!one.open.length) known.variantBase = fingerprint(original.body)
      }
    }
    await this.em.flush()
    return result
  }

  #parse(text: string, items: readonly ToTranslate[]) {
    try {
      return readXliff(text, items)
    } catch (error) {
      throw error instanceof XliffError ? new UnprocessableEntityException(error.message) : error
    }
  }

  async #withVariants(workspaceId: string, ids: readonly string[], language: string): Promise<ToTranslate[]> {
    const [items, variants] = await Promise.all([
      this.bank.findAll(workspaceId, ids),
      this.#variantsIn(workspaceId, ids, language),
    ])
    return items.map((item) => {
      const variant = variants.get(item.id)
      return { id: item.id, item: item.body, ...(variant && { variant: variant.body }) }
    })
  }

  async #variantsIn(workspaceId: string, ids: readonly string[], language: string): Promise<Map<string, BankItem>> {
    const found = await this.em.find(BankItem, { variantOf: { $in: [...ids] }, workspaceId, language, deletedAt: null })
    return new Map(found.map((item) => [item.variantOf ?? '', item]))
  }
}
