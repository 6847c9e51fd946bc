import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { PRINT_PARTS, type PrintEntry, type PrintPaper, type PrintPart, type Printed } from '@zakuska/documents'
import { picturesOf } from '../assets/pictures.ts'
import type { PrintQuery } from './dto/paper.dto.ts'
import { Paper } from './paper.entity.ts'
import { PapersService } from './papers.service.ts'
import { WorkService } from '../work/work.service.ts'

@Injectable()
export class PrintService {
  constructor(
    private readonly em: EntityManager,
    private readonly papers: PapersService,
    private readonly work: WorkService,
  ) {}

  /** A paper, or every version that is drawn of it, to be printed. @throws UnprocessableEntityException where there is none. */
  async print(workspaceId: string, id: string, asked: PrintQuery): Promise<Printed> {
    const paper = await this.papers.find(workspaceId, id)
    const chosen =
      asked.versions === 'all'
        ? await this.em.find(Paper, { versionOf: id, workspaceId, deletedAt: null }, { orderBy: { label: 'asc' } })
        : [paper]
    if (!chosen.length) throw new UnprocessableEntityException('No version of this paper is drawn yet.')
    const parts = PRINT_PARTS.filter((part) => asked.what.split(',').includes(part))
    const printed = await Promise.all(chosen.map((one) => this.#toPrint(one)))
    return this.work.run('print', {
      papers: printed,
      parts: parts.length ? parts : (['paper'] satisfies PrintPart[]),
      form: asked.form,
      size: asked.size,
    })
  }

  async #toPrint(paper: Paper): Promise<PrintPaper> {
    const items = await this.papers.itemsOf(paper)
    const sections = new Map(paper.sections.map((section) => [section.id, section]))
    const bodies = items.map((one) => one.body)
    return {
      title: paper.label === null ? paper.title : paper.title.replace(new RegExp(` · ${paper.label}$`), ''),
      label: paper.label,
      instructions: paper.instructions,
      identity: paper.identity,
      timeLimit: paper.timeLimit,
      entries: items.map(({ body, entry }): PrintEntry => {
        const section = sections.get(entry.sectionId ?? '')
        return { item: body, section: section ? { title: section.title, instructions: section.instructions } : null }
      }),
      assets: await picturesOf(this.em, paper.workspaceId, bodies),
    }
  }
}
