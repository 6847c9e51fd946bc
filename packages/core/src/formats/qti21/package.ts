import type { ElementNode } from '../../content/elements.ts'
import { FormatError, type PackageFile, type Unread } from '../format.ts'
import { children, descendants, parseXml } from '../xml/xml.ts'
import { MANIFEST } from './names.ts'

export interface PackedItem {
  readonly path: string
  readonly root: ElementNode
  readonly keywords: readonly string[]
}

export interface OpenPackage {
  readonly title: string | null
  /** In the order of the test if there is one, else of the manifest. */
  readonly items: readonly PackedItem[]
  readonly unread: readonly Unread[]
}

const decoder = new TextDecoder('utf-8')

/**
 * Opens a QTI 2.1 package by its manifest; a single item file without a manifest is taken as well.
 *
 * @throws FormatError if there is no manifest and no item file, or the manifest is not well-formed.
 */
export function openPackage(files: readonly PackageFile[]): OpenPackage {
  const byPath = new Map(files.map((file) => [file.path, file]))
  const manifestFile = byPath.get(MANIFEST) ?? files.find((file) => file.path.endsWith(`/${MANIFEST}`))
  if (!manifestFile) return openLoose(files)
  const base = manifestFile.path.slice(0, -MANIFEST.length)
  const manifest = parseXml(decoder.decode(manifestFile.bytes))
  const unread: Unread[] = []
  const items: PackedItem[] = []
  for (const resource of descendants(manifest, 'resource')) {
    if (!(resource.attributes['type'] ?? '').includes('imsqti_item')) continue
    const path = base + decodeURIComponent(resource.attributes['href'] ?? '')
    const file = byPath.get(path)
    if (!file)
      unread.push({
        where: path,
        reason: 'The manifest names this file, but the package does not hold it.',
        source: '',
      })
    else items.push(...readItemFile(file, keywordsOf(resource), unread))
  }
  return { title: titleOf(manifest), items: inTestOrder(items, files, manifest, base), unread }
}

function openLoose(files: readonly PackageFile[]): OpenPackage {
  const unread: Unread[] = []
  const items = files.filter((file) => file.path.endsWith('.xml')).flatMap((file) => readItemFile(file, [], unread))
  if (!items.length) throw new FormatError('There is no imsmanifest.xml and no item in this package.')
  return { title: null, items, unread }
}

function readItemFile(file: PackageFile, keywords: readonly string[], unread: Unread[]): PackedItem[] {
  const source = decoder.decode(file.bytes)
  try {
    const root = parseXml(source)
    if (root.name === 'assessmentItem') return [{ path: file.path, root, keywords }]
    unread.push({ where: file.path, reason: `Holds ${root.name}, not an item.`, source })
  } catch (error) {
    if (!(error instanceof FormatError)) throw error
    unread.push({ where: file.path, reason: error.message, source })
  }
  return []
}

function keywordsOf(resource: ElementNode): string[] {
  return descendants(resource, 'keyword').flatMap((keyword) =>
    [...descendants(keyword, 'string'), ...descendants(keyword, 'langstring')].map((one) => textOfElement(one)),
  )
}

function textOfElement(node: ElementNode): string {
  return node.children
    .map((child) => (child.type === 'text' ? child.value : ''))
    .join('')
    .trim()
}

function titleOf(manifest: ElementNode): string | null {
  const metadata = children(manifest, 'metadata')[0]
  const title = metadata && descendants(metadata, 'title')[0]
  const text = title && [...descendants(title, 'string'), ...descendants(title, 'langstring')].map(textOfElement)[0]
  return text || null
}

function inTestOrder(
  items: readonly PackedItem[],
  files: readonly PackageFile[],
  manifest: ElementNode,
  base: string,
): PackedItem[] {
  const test = descendants(manifest, 'resource').find((resource) =>
    /imsqti_(?:test|assessment)/.test(resource.attributes['type'] ?? ''),
  )
  const path = test && base + decodeURIComponent(test.attributes['href'] ?? '')
  const file = files.find((one) => one.path === path)
  if (!file) return [...items]
  const folder = file.path.slice(0, file.path.lastIndexOf('/') + 1)
  const order = descendants(parseXml(decoder.decode(file.bytes)), 'assessmentItemRef').map(
    (ref) => folder + decodeURIComponent(ref.attributes['href'] ?? ''),
  )
  const rank = (item: PackedItem): number => (order.includes(item.path) ? order.indexOf(item.path) : order.length)
  return [...items].sort((a, b) => rank(a) - rank(b))
}
