import type { ElementNode } from '../../content/markup.ts'
import { FormatError, type PackageFile, type Unread } from '../format.ts'
import { decodeXml } from '../xml/decode-xml.ts'
import { children, descendants, parseXml } from '../xml/xml.ts'
import { resolvedPath } from '../package/read-pictures.ts'
import { inPlainWords } from './dialect.ts'
import { MANIFEST } from './names.ts'
import { readTest, type ReadRef, type ReadTest } from './read-paper.ts'

export interface PackedItem {
  readonly path: string
  /** In the words of 2.x, whatever version the file is of. */
  readonly root: ElementNode
  readonly filing: Filing
  /** Bodies of the stimuli that the item refers to. */
  readonly stimuli: readonly ElementNode[]
  /** What a test says of it, where there is one that has it. */
  readonly ref: ReadRef | null
}

/** What the manifest says about an item. */
export interface Filing {
  readonly tags: readonly string[]
  readonly difficulty: string | null
  readonly outcome: string | null
  readonly level: string | null
}

const NO_FILING: Filing = { tags: [], difficulty: null, outcome: null, level: null }

export interface OpenPackage {
  readonly title: string | null
  /** In the order of the test if there is one, else of the manifest. */
  readonly items: readonly PackedItem[]
  /** What the test says of the whole; null: there is none. */
  readonly plan: ReadTest['plan'] | null
  readonly unread: readonly Unread[]
}

/**
 * Opens a QTI package by its manifest; a single item file without a manifest is taken as well.
 *
 * @throws FormatError if there is no manifest and no item file, or the manifest is not well-formed.
 */
export function openPackage(files: readonly PackageFile[]): OpenPackage {
  const byPath = new Map(files.map((file) => [file.path, file]))
  const manifestFile = byPath.get(MANIFEST) ?? files.find((file) => file.path.endsWith(`/${MANIFEST}`))
  if (!manifestFile) return openLoose(files)
  const base = manifestFile.path.slice(0, -MANIFEST.length)
  const unread: Unread[] = []
  const manifest = manifestIn(manifestFile, unread)
  if (!manifest) return openLoose(files, unread)
  const items: PackedItem[] = []
  for (const resource of descendants(manifest, 'resource')) {
    if (!/imsqti_item|imsqti_apipitem/.test(resource.attributes['type'] ?? '')) continue
    const path = base + decodeURIComponent(resource.attributes['href'] ?? '')
    const file = byPath.get(path)
    if (!file)
      unread.push({
        where: path,
        reason: 'The manifest names this file, but the package does not hold it.',
        source: '',
      })
    else items.push(...readItemFile(file, filingOf(resource), byPath, unread))
  }
  items.push(...unnamedItems(files, items, byPath, unread))
  const test = inTest(items, byPath, manifest, base, unread)
  return { ...test, title: titleOf(manifest) ?? test.title, unread }
}

/** @throws FormatError if it is broken and the package has no item without it. */
function manifestIn(file: PackageFile, unread: Unread[]): ElementNode | null {
  const source = decodeXml(file.bytes)
  try {
    return parseXml(source)
  } catch (error) {
    if (!(error instanceof FormatError)) throw error
    unread.push({ where: file.path, reason: error.message, source })
    return null
  }
}

/** Item files that the manifest does not name as such, since it calls them something else or leaves them out. */
function unnamedItems(
  files: readonly PackageFile[],
  named: readonly PackedItem[],
  byPath: ReadonlyMap<string, PackageFile>,
  unread: Unread[],
): PackedItem[] {
  const known = new Set([...named.map((item) => item.path), ...unread.map((one) => one.where)])
  return files
    .filter((file) => file.path.endsWith('.xml') && !known.has(file.path) && !file.path.endsWith(MANIFEST))
    .filter((file) => /<(?:[\w.-]+:)?(?:qti-)?assessment-?item[\s>]/i.test(decodeXml(file.bytes)))
    .flatMap((file) => {
      const found = readItemFile(file, NO_FILING, byPath, unread)
      if (found.length)
        unread.push({
          where: file.path,
          reason: 'The manifest does not name this item; it was read all the same.',
          source: '',
        })
      return found
    })
}

function openLoose(files: readonly PackageFile[], unread: Unread[] = []): OpenPackage {
  const byPath = new Map(files.map((file) => [file.path, file]))
  const items = files
    .filter((file) => file.path.endsWith('.xml') && !file.path.endsWith(MANIFEST))
    .flatMap((file) => readItemFile(file, NO_FILING, byPath, unread))
  const [broken] = unread
  if (!items.length && broken) throw new FormatError(broken.reason)
  if (!items.length) throw new FormatError('There is no imsmanifest.xml and no item in this package.')
  return { title: null, items, plan: null, unread }
}

function readItemFile(
  file: PackageFile,
  filing: Filing,
  byPath: ReadonlyMap<string, PackageFile>,
  unread: Unread[],
): PackedItem[] {
  const source = decodeXml(file.bytes)
  try {
    const root = inPlainWords(parseXml(source))
    if (root.name === 'assessmentItem')
      return [{ path: file.path, root, filing, stimuli: stimuliOf(root, file.path, byPath, unread), ref: null }]
    unread.push({ where: file.path, reason: `Holds ${root.name}, not an item.`, source })
  } catch (error) {
    if (!(error instanceof FormatError)) throw error
    unread.push({ where: file.path, reason: error.message, source })
  }
  return []
}

/** The bodies of the stimulus files that an item of QTI 2.2 or 3.0 refers to. */
function stimuliOf(
  root: ElementNode,
  path: string,
  byPath: ReadonlyMap<string, PackageFile>,
  unread: Unread[],
): ElementNode[] {
  return children(root, 'assessmentStimulusRef').flatMap((ref) => {
    const href = ref.attributes['href'] ?? ''
    const file = byPath.get(resolvedPath(path, href))
    const stimulus = file && inPlainWords(parseXml(decodeXml(file.bytes)))
    const body = stimulus && children(stimulus, 'stimulusBody')[0]
    if (!body) unread.push({ where: path, reason: `Its passage ${href} is not in the package.`, source: '' })
    return body ? [body] : []
  })
}

function filingOf(resource: ElementNode): Filing {
  const metadata = children(resource, 'metadata')[0]
  if (!metadata) return NO_FILING
  const difficulty = descendants(metadata, 'difficulty')[0]
  const said = (purpose: string): string | null => {
    const own = descendants(metadata, 'classification').find((one) =>
      descendants(one, 'value').some((value) => textOfElement(value) === purpose),
    )
    const description = own && descendants(own, 'description')[0]
    return description ? (strings(description)[0] ?? null) : null
  }
  return {
    tags: descendants(metadata, 'keyword').flatMap(strings),
    difficulty: difficulty ? (descendants(difficulty, 'value').map(textOfElement)[0] ?? null) : null,
    outcome: said('educational objective'),
    level: said('skill level'),
  }
}

function strings(node: ElementNode): string[] {
  return [...descendants(node, 'string'), ...descendants(node, 'langstring')].map((one) => textOfElement(one))
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
  return (title && strings(title)[0]) || null
}

/** The items in the order of the test, with what it says of each, and what it says of the whole. */
function inTest(
  items: readonly PackedItem[],
  byPath: ReadonlyMap<string, PackageFile>,
  manifest: ElementNode,
  base: string,
  unread: Unread[],
): Pick<OpenPackage, 'title' | 'items' | 'plan'> {
  const resource = descendants(manifest, 'resource').find((one) =>
    /imsqti_(?:test|assessment)/.test(one.attributes['type'] ?? ''),
  )
  const file = resource && byPath.get(base + decodeURIComponent(resource.attributes['href'] ?? ''))
  if (!file) return { title: null, items, plan: null }
  const source = decodeXml(file.bytes)
  let test: ReadTest
  try {
    test = readTest(inPlainWords(parseXml(source)))
  } catch (error) {
    if (!(error instanceof FormatError)) throw error
    unread.push({ where: file.path, reason: error.message, source })
    return { title: null, items, plan: null }
  }
  const { title, refs, plan } = test
  const known = new Map(items.map((item) => [item.path, item]))
  const placed = refs.flatMap((ref): PackedItem[] => {
    const path = resolvedPath(file.path, ref.href)
    const item = known.get(path)
    if (!byPath.has(path))
      unread.push({ where: path, reason: 'The test names this file, but the package does not hold it.', source: '' })
    // A test may ask for an item twice; a bank has it once.
    known.delete(path)
    return item ? [{ ...item, ref }] : []
  })
  return { title, items: [...placed, ...known.values()], plan }
}
