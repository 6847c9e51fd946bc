import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import type { NotationRule } from '@zakuska/core'
import { orNotFound } from '../http/id.ts'
import type { KeptNotationDto, NotationDto, NotationRuleDto } from './dto/notation.dto.ts'
import { KeptNotation } from './kept-notation.entity.ts'

const MOST = 200

/** Notations that a workspace keeps by name. */
@Injectable()
export class NotationsService {
  constructor(private readonly em: EntityManager) {}

  async list(workspaceId: string): Promise<KeptNotationDto[]> {
    const rows = await this.em.find(KeptNotation, { workspaceId }, { orderBy: { name: 'asc' }, limit: MOST })
    return rows.map(toDto)
  }

  /** A notation of the same name is replaced; drafts that were read by it keep what they have. */
  async keep(workspaceId: string, given: NotationDto): Promise<KeptNotationDto> {
    const name = given.name.trim()
    const known = await this.em.findOne(KeptNotation, { workspaceId, name })
    const row =
      known ?? this.em.create(KeptNotation, { id: randomUUID(), workspaceId, name, rules: [], createdAt: new Date() })
    row.rules = plainRules(given.rules)
    await this.em.flush()
    return toDto(row)
  }

  async delete(workspaceId: string, id: string): Promise<void> {
    const row = orNotFound(await this.em.findOne(KeptNotation, { id, workspaceId }), 'notation')
    await this.em.removeAndFlush(row)
  }
}

/** The rules as plain data, to be kept. */
export function plainRules(rules: readonly NotationRule[]): NotationRuleDto[] {
  return rules.map(({ look, was, part }) => ({ look: { ...look }, was, part }))
}

function toDto({ id, name, rules }: KeptNotation): KeptNotationDto {
  return { id, name, rules: [...rules] }
}
