import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { isFormatId, limitsOf, planOf, remedied, withHeaders, type Assets, type Item } from '@zakuska/core'
import { isFileTarget, packZip, type FileTarget } from '@zakuska/documents'
import { picturesOf } from '../../assets/pictures.ts'
import { categoryOf } from '../../bank/index.ts'
import { ColumnLayout } from '../../drafts/column-layout.entity.ts'
import { PapersService, type Paper, type PaperEntry } from '../../papers/index.ts'
import { WorkService } from '../../work/work.service.ts'
import { acceptedRemedies } from '../remedies.ts'
import type { DownloadQuery, FileProofDto } from './files.dto.ts'

export interface Download {
  readonly fileName: string
  readonly type: string
  readonly bytes: Uint8Array
}

interface Outgoing {
  readonly paper: Paper
  readonly assets: Assets
  readonly itemsFor: (target: FileTarget) => {
    readonly items: readonly Item[]
    readonly entries: readonly PaperEntry[]
    readonly categories: readonly string[]
  }
}

/** Papers as files. */
@Injectable()
export class FilesService {
  constructor(
    private readonly em: EntityManager,
    private readonly papers: PapersService,
    private readonly work: WorkService,
  ) {}

  /**
   * A paper as a file in a format, or as a zip of several. Unsigned items stay behind unless they were asked for;
   * an item changes only by the remedies that were accepted for it.
   */
  async download(workspaceId: string, paperId: string, asked: DownloadQuery): Promise<Download> {
    const { paper, assets, itemsFor } = await this.#outgoing(workspaceId, paperId, asked)
    const kept = asked.layout && (await this.em.findOne(ColumnLayout, { id: asked.layout, workspaceId }))
    const columns = kept ? { columns: withHeaders(kept.layout) } : {}
    const settings = { title: paper.title, as: 'paper' as const, assets, ...columns }
    const files = await Promise.all(
      targetsIn(asked.formats).map(async (target): Promise<Download> => {
        const { items, entries, categories } = itemsFor(target)
        const plan = planOf(paper, entries)
        const { bytes, ending, type } = await this.work.run('writeFile', {
          items,
          target,
          settings: { ...settings, categories, plan },
        })
        return { fileName: `${fileNameOf(paper.title)}.${ending}`, type, bytes }
      }),
    )
    const [only, ...others] = files
    if (!only) throw new UnprocessableEntityException('There is no such format.')
    if (!others.length) return only
    const entries = files.map((file) => ({ path: file.fileName, bytes: file.bytes }))
    return { fileName: `${fileNameOf(paper.title)}.zip`, type: 'application/zip', bytes: packZip(entries) }
  }

  /** The key proof of the same files: written, read back by each format's own rules, and every probe graded. */
  async proof(workspaceId: string, paperId: string, asked: DownloadQuery): Promise<FileProofDto[]> {
    const { paper, assets, itemsFor } = await this.#outgoing(workspaceId, paperId, asked)
    return Promise.all(
      targetsIn(asked.formats)
        .filter(isFormatId)
        .map(async (format) => {
          const { items } = itemsFor(format)
          const proof = await this.work.run('prove', { items, format, title: paper.title, assets })
          return { format, ...proof, wrong: [...proof.wrong] }
        }),
    )
  }

  /** What goes out of a paper: unsigned items only where they were asked for, each as the accepted remedies make it. */
  async #outgoing(workspaceId: string, paperId: string, asked: DownloadQuery): Promise<Outgoing> {
    const paper = await this.papers.find(workspaceId, paperId)
    const chosen = (await this.papers.itemsOf(paper)).filter(({ item }) => asked.unsigned === 'true' || item.signOff)
    const accepted = acceptedRemedies(asked.remedies)
    const bodies = chosen.map(({ body }) => body)
    return {
      paper,
      assets: await picturesOf(this.em, workspaceId, bodies),
      itemsFor: (target) => {
        const parts = chosen.flatMap(({ item, body, entry }) =>
          remedied(body, accepted.get(`${takerOf(target)}:${item.id}`) ?? [], limitsOf(takerOf(target))).map(
            (part) => ({
              part,
              entry,
              item,
            }),
          ),
        )
        return {
          items: parts.map(({ part }) => part),
          entries: parts.map(({ entry }) => entry),
          categories: parts.map(({ item }) => categoryOf(item)),
        }
      },
    }
  }
}

/** The destination whose limits a file has, and for which remedies are accepted. */
function takerOf(target: FileTarget): string {
  return target === 'game-sheet' ? 'foghorn' : target
}

function fileNameOf(title: string): string {
  const plain = title
    .normalize('NFD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
  return plain.toLowerCase() || 'paper'
}

function targetsIn(asked: string): FileTarget[] {
  return [...new Set(asked.split(','))].filter(isFileTarget)
}
