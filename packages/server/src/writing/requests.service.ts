import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import { orNotFound } from '../http/id.ts'
import type { KeepRequestDto, KeptRequestDto } from './dto/reply.dto.ts'
import { KeptRequest } from './writing.entities.ts'

const MOST = 200

/** Requests that a workspace keeps by name. */
@Injectable()
export class RequestsService {
  constructor(private readonly em: EntityManager) {}

  async list(workspaceId: string): Promise<KeptRequestDto[]> {
    const rows = await this.em.find(KeptRequest, { workspaceId }, { orderBy: { name: 'asc' }, limit: MOST })
    return rows.map(toDto)
  }

  /** A request of the same name is replaced. */
  async keep(workspaceId: string, given: KeepRequestDto): Promise<KeptRequestDto> {
    const name = given.name.trim()
    const request = JSON.parse(JSON.stringify(given.request)) as KeptRequest['request']
    const known = await this.em.findOne(KeptRequest, { workspaceId, name })
    const row = known ?? this.em.create(KeptRequest, { id: randomUUID(), workspaceId, name, request })
    row.request = request
    await this.em.flush()
    return toDto(row)
  }

  async delete(workspaceId: string, id: string): Promise<void> {
    const row = orNotFound(await this.em.findOne(KeptRequest, { id, workspaceId }), 'request')
    await this.em.removeAndFlush(row)
  }
}

function toDto({ id, name, request }: KeptRequest): KeptRequestDto {
  return { id, name, request: request as KeptRequestDto['request'] }
}
