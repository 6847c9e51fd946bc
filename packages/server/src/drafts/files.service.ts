import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable } from '@nestjs/common'
import { fitPaper, mapContents, mapInlines, tidyText, type Item, type PaperLimits } from '@zakuska/core'
import { withPictureNames } from '@zakuska/documents'
import { keepPictures } from '../assets/pictures.ts'
import { orNotFound } from '../http/id.ts'
import { WorkService } from '../work/work.service.ts'
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
  constructor(
    private readonly em: EntityManager,
    private readonly work: WorkService,
  ) {}

  /** @throws PackageError or FormatError with one sentence for a person. */
  async open(workspaceId: string, bytes: Uint8Array): Promise<OpenedFileDto> {
    const contents = await this.work.run('readFile', bytes)
    if (contents.kind === 'items') {
      const { items, title, unread, plan, assets } = contents.result
      const kept = await keepPictures(this.em, workspaceId, assets)
      return {
        type: 'items',
        text: tidyText(
          items.map((item) => withNames(item, kept)),
          title,
        ),
        styles: [],
        notes: [
          ...unread.map((one) => `${one.where}: ${one.reason}`),
          ...(plan ? fitPaper(plan, DRAFT_PAPER).map((one) => `the test itself: ${one.says}`) : []),
        ],
      }
    }
    const { blocks = [], source } = contents.assets
      ? withPictureNames(contents.blocks ?? [], await keepPictures(this.em, workspaceId, contents.assets))
      : contents
    return {
      type: contents.type,
      text: source.text,
      styles: [...(source.styles ?? [])],
      ...(blocks.some((block) => block.type === 'table') && { blocks: [...blocks] }),
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

/** The item with its pictures named as they are kept here. */
function withNames(item: Item, kept: ReadonlyMap<string, string>): Item {
  return mapContents(item, (content) =>
    mapInlines(content, (node) => (node.type === 'picture' ? { ...node, asset: kept.get(node.asset) ?? '' } : node)),
  )
}

function toDto({ id, name, layout }: ColumnLayout): ColumnLayoutDto {
  return { id, name, layout: { ...layout, roles: [...layout.roles] } }
}
