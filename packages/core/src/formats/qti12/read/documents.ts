import type { ElementNode } from '../../../content/markup.ts'
import { mayLeaveOut } from '../../../content/left-out.ts'
import { FormatError, type PackageFile, type Unread } from '../../format.ts'
import { decodeXml } from '../../xml/decode-xml.ts'
import { parseXml } from '../../xml/xml.ts'

export interface Documents {
  /** Without their items. */
  readonly roots: readonly ElementNode[]
  readonly unread: readonly Unread[]
}

/**
 * Hands over every item of the documents as it is parsed, through assessments and sections; an item has no
 * items inside. A document that breaks off hands over those before the fault; what is after them is unread.
 *
 * @param take told, too, whether the document may hold more than text and pictures.
 */
export function readDocuments(
  files: readonly PackageFile[],
  take: (item: ElementNode, around: readonly ElementNode[], path: string, holdsMore: boolean) => void,
): Documents {
  const roots: ElementNode[] = []
  const unread: Unread[] = []
  for (const file of files) {
    if (!file.path.endsWith('.xml') || file.path.endsWith('imsmanifest.xml')) continue
    const source = decodeXml(file.bytes)
    if (!/<(?:[\w.-]+:)?questestinterop[\s>]/.test(source)) continue
    const holdsMore = mayLeaveOut(source)
    let taken = 0
    try {
      const root = parseXml(source, {
        name: 'item',
        take: (item, end, around) => {
          take(item, around, file.path, holdsMore)
          taken = end
        },
      })
      if (root.name === 'questestinterop') roots.push(root)
    } catch (error) {
      if (!(error instanceof FormatError)) throw error
      unread.push({ where: file.path, reason: error.message, source: source.slice(taken) })
    }
  }
  return { roots, unread }
}
