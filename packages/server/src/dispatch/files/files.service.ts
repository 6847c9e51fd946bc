import { EntityManager } from '@mikro-orm/postgresql'
import { Injectable, UnprocessableEntityException } from '@nestjs/common'
import { isFormatId, limitsOf, planOf, remedied, withHeaders, type Assets, type Item } from '@zakuska/core'
import { isUUID } from 'class-validator'
import { isFileTarget, packZip, type FileTarget } from '@zakuska/documents'
import { picturesOf } from '../../assets/pictures.ts'
import { pictureAddress, publishPictures } from '../../assets/public-pictures.ts'
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
   * A paper as a file in a format, or as a zip of several; with further papers, each in a folder of its own. Unsigned items
   * stay behind unless they were asked for; an item changes only by the remedies that were accepted for it.
   *
   * @param origin where this server is reached, for links to pictures.
   */
  async download(workspaceId: string, paperId: string, asked: DownloadQuery, origin: string): Promise<Download> {
    const others = (asked.with ?? '').split(',').filter((id) => isUUID(id) && id !== paperId)
    const papers: { readonly title: string; readonly files: readonly Download[] }[] = []
    for (const id of [paperId, ...new Set(others)]) papers.push(await this.#written(workspaceId, id, asked, origin))
    const [own, ...more] = papers
    const [only, ...rest] = own?.files ?? []
    if (!own || !only) throw new UnprocessableEntityException('There is no such format.')
    if (!rest.length && !more.length) return only
    const folders = new Map<string, number>()
    const entries = papers.flatMap(({ title, files }) => {
      const name = fileNameOf(title)
      const before = folders.get(name) ?? 0
      folders.set(name, before + 1)
      const folder = more.length ? `${name}${before ? `-${before + 1}` : ''}/` : ''
      return files.map((file) => ({ path: folder + file.fileName, bytes: file.bytes }))
    })
    return { fileName: `${fileNameOf(own.title)}.zip`, type: 'application/zip', bytes: packZip(entries) }
  }

  async #written(
    workspaceId: string,
    paperId: string,
    asked: DownloadQuery,
    origin: string,
  ): Promise<{ readonly title: string; readonly files: readonly Download[] }> {
    const { paper, assets, itemsFor } = await this.#outgoing(workspaceId, paperId, asked, origin)
    const kept = asked.layout && (await this.em.findOne(ColumnLayout, { id: asked.layout, workspaceId }))
    const columns = kept ? { columns: withHeaders(kept.layout) } : {}
    const settings = { title: paper.title, as: 'paper' as const, assets, ...columns }
    const files = await Promise.all(
      targetsIn(asked.formats).map(async (target): Promise<Download> => {
        const { items, entries, categories } = itemsFor(target)
        if (!items.length)
          throw new UnprocessableEntityException(
            `Nothing of “${paper.title}” would be in the file: none of its items is signed off.`,
          )
        await publishPictures(
          this.em,
          workspaceId,
          items.map((body) => ({ body })),
          origin,
        )
        const plan = planOf(paper, entries)
        const { bytes, ending, type } = await this.work.run('writeFile', {
          items,
          target,
          settings: { ...settings, categories, plan },
        })
        return { fileName: `${fileNameOf(paper.title)}.${ending}`, type, bytes }
      }),
    )
    return { title: paper.title, files }
  }

  /** The key proof of the same files: written, read back by each format's own rules, and every probe graded. */
  async proof(workspaceId: string, paperId: string, asked: DownloadQuery, origin: string): Promise<FileProofDto[]> {
    const { paper, assets, itemsFor } = await this.#outgoing(workspaceId, paperId, asked, origin)
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
  async #outgoing(workspaceId: string, paperId: string, asked: DownloadQuery, origin: string): Promise<Outgoing> {
    const paper = await this.papers.find(workspaceId, paperId)
    const chosen = (await this.papers.itemsOf(paper)).filter(({ item }) => asked.unsigned === 'true' || item.signOff)
    const accepted = acceptedRemedies(asked.remedies)
    const bodies = chosen.map(({ body }) => body)
    return {
      paper,
      assets: await picturesOf(this.em, workspaceId, bodies),
      itemsFor: (target) => {
        const parts = chosen.flatMap(({ item, body, entry }) =>
          remedied(body, accepted.get(`${takerOf(target)}:${item.id}`) ?? [], {
            limits: limitsOf(takerOf(target)) ?? {},
            pictureAddress: (asset) => pictureAddress(origin, asset),
          }).map((part) => ({ part, entry, item })),
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
