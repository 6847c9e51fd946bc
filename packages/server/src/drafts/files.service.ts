import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import { fitPaper, tidyText, type PaperLimits } from '@zakuska/core'
import { readFile } from '@zakuska/documents'
import { orNotFound } from '../http/id.ts'
import { ColumnLayout } from './column-layout.entity.ts'
import type { ColumnLayoutDto, NewColumnLayoutDto, OpenedFileDto } from './dto/opened-file.dto.ts'

/** A draft holds items; what a test says besides them is to be set on the paper that they go into. */
const DRAFT_PAPER: PaperLimits = {
  sections: 'its sections are left out; the items keep their order',
  instructions: 'its instructions are left out',
  'time-limit': 'its time limit is left out',
  attempts: 'how often it may be taken is left out',
  'shuffle-items': 'that its items change places is left out',
}

/** Files on their way to being drafts, and the column layouts that their tables are read by. */
@Injectable()
export class FilesService {
  constructor(private readonly em: EntityManager) {}

  /** @throws PackageError or FormatError with one sentence for a person. */
  async open(bytes: Uint8Array): Promise<OpenedFileDto> {
    const contents = await readFile(bytes)
    if (contents.kind === 'items') {
      const { items, title, unread, plan } = contents.result
      return {
        type: 'items',
        text: tidyText(items, title),
        styles: [],
        notes: [
          ...unread.map((one) => `${one.where}: ${one.reason}`),
          ...(plan ? fitPaper(plan, DRAFT_PAPER).map((one) => `the test itself: ${one.says}`) : []),
        ],
      }
    }
    const hasTables = contents.blocks?.some((block) => block.type === 'table') ?? false
    return {
      type: contents.type,
      text: contents.source.text,
      styles: [...(contents.source.styles ?? [])],
      ...(hasTables && { blocks: [...(contents.blocks ?? [])] }),
      notes: [],
    }
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
