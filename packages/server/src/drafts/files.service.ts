import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import { keepFound } from '../assets/pictures.ts'
import { orNotFound } from '../http/id.ts'
import { WorkService } from '../work/work.service.ts'
import { ColumnLayout } from './column-layout.entity.ts'
import type { ColumnLayoutDto, NewColumnLayoutDto } from './dto/opened-file.dto.ts'

/** Files on their way to being drafts, and the column layouts that their tables are read by. */
@Injectable()
export class FilesService {
  constructor(
    private readonly em: EntityManager,
    private readonly work: WorkService,
  ) {}

  /** An opened file, an `OpenedFileDto` as JSON. @throws UnprocessableEntityException with one sentence for a person. */
  async open(workspaceId: string, bytes: Uint8Array): Promise<Uint8Array> {
    const { json, pictures } = await this.work.run('openFile', bytes)
    await keepFound(this.em, workspaceId, pictures)
    return json
  }

  async layouts(workspaceId: string): Promise<ColumnLayoutDto[]> {
    const rows = await this.em.find(ColumnLayout, { workspaceId }, { orderBy: { name: 'asc' }, limit: 200 })
    return rows.map(toDto)
  }

  /** A layout of the same name is replaced. */
  async keepLayout(workspaceId: string, given: NewColumnLayoutDto): Promise<ColumnLayoutDto> {
    const name = given.name.trim()
    const { roles, leadingRows, keyForm } = given.layout
    const layout = { roles, leadingRows, keyForm }
    const known = await this.em.findOne(ColumnLayout, { workspaceId, name })
    const row =
      known ?? this.em.create(ColumnLayout, { id: randomUUID(), workspaceId, name, layout, createdAt: new Date() })
    row.layout = layout
    await this.em.flush()
    return toDto(row)
  }

  async deleteLayout(workspaceId: string, id: string): Promise<void> {
    const row = orNotFound(await this.em.findOne(ColumnLayout, { id, workspaceId }), 'column layout')
    await this.em.removeAndFlush(row)
  }
}

function toDto({ id, name, layout }: ColumnLayout): ColumnLayoutDto {
  return { id, name, layout: { ...layout, roles: [...layout.roles] } }
}
