import type { Element } from '@xmldom/xmldom'
import { type UnzipFileInfo, unzipSync } from 'fflate'
import { allNamed, attribute, ImportError, named, parseDocument, trimmed } from './dom.ts'
import { itemsInGift } from './gift.ts'
import { sectionsIn } from './version1.ts'
import { parseQti } from './version3.ts'
import type { IncomingItem, Media } from './incoming.ts'

export interface IncomingSection {
  readonly title: string
  readonly texts: readonly string[]
  readonly paths: readonly string[]
  readonly shuffle: boolean
}

export interface Incoming {
  readonly title: string
  readonly items: readonly IncomingItem[]
  readonly sections: readonly IncomingSection[]
  readonly seconds: number | null
}

const MAX_UNPACKED_BYTES = 64 * 1024 * 1024

const PICTURES: Readonly<Record<string, string>> = {
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
}

const decoder = new TextDecoder()

/** Opens an upload: a content package, with items in the order of its test, or of its manifest; or text in GIFT. */
export function openUpload(bytes: Uint8Array): Incoming {
  const text = textIn(bytes)
  if (text !== null) {
    const items = itemsInGift(text)
    if (!items.length) throw new ImportError('the text has no questions')
    return { title: 'Untitled', items, sections: [], seconds: null }
  }
  const files = unpacked(bytes)
  const manifestBytes = files['imsmanifest.xml']
  if (!manifestBytes) throw new ImportError('the package has no imsmanifest.xml')
  const manifest = parseDocument(decoder.decode(manifestBytes))
  const read = (path: string): string => {
    const found = files[path]
    if (!found) throw new ImportError(`the manifest names ${path}, which is not in the package`)
    return decoder.decode(found)
  }
  const resources = allNamed(manifest, 'resource')
  const test = resources.find((one) => (attribute(one, 'type') ?? '').startsWith('imsqti_test'))
  const listed = resources
    .filter((one) => (attribute(one, 'type') ?? '').startsWith('imsqti_item'))
    .map((one) => attribute(one, 'href') ?? '')
  const version1 = resources.filter((one) => (attribute(one, 'type') ?? '').startsWith('imsqti_xmlv1p2'))
  if (!test && version1.length) return ofVersion1(manifest, version1, files)
  const plan = test ? planIn(read(attribute(test, 'href') ?? '')) : { sections: [], seconds: null }
  const inTest = plan.sections.flatMap(({ paths }) => paths)
  const paths = [...inTest, ...listed.filter((path) => !inTest.includes(path))]
  const items = paths.map((path): IncomingItem => {
    const source = read(path)
    return { path, source, media: mediaOf(path, source, files) }
  })
  return { title: titleOf(manifest), items, ...plan }
}

/** A package of QTI 1.2, or a Common Cartridge: whole documents of items, section by section. */
function ofVersion1(
  manifest: Element,
  resources: readonly Element[],
  files: Readonly<Record<string, Uint8Array>>,
): Incoming {
  const sections = resources.flatMap((resource) =>
    named(resource, 'file').flatMap((file) => {
      const path = attribute(file, 'href') ?? ''
      const found = files[path]
      return found && path.endsWith('.xml') ? sectionsIn(decoder.decode(found)).map((one) => ({ ...one, path })) : []
    }),
  )
  return {
    title: titleOf(manifest),
    seconds: null,
    items: sections.flatMap(({ items, path }) =>
      items.map(({ ident, source }) => ({ path: `${ident}.xml`, source, media: mediaOf(path, source, files) })),
    ),
    sections: sections.map(({ title, items }) => ({
      title,
      texts: [],
      paths: items.map(({ ident }) => `${ident}.xml`),
      shuffle: false,
    })),
  }
}

/** Text has no zero bytes, and is no archive, which begins with PK (APPNOTE 6.3.10, section 4.3.7). */
function textIn(bytes: Uint8Array): string | null {
  if ((bytes[0] === 0x50 && bytes[1] === 0x4b) || bytes.includes(0)) return null
  const text = decoder.decode(bytes)
  return /(?<!\\)\{|^::/m.test(text) ? text : null
}

function unpacked(bytes: Uint8Array): Record<string, Uint8Array> {
  let budget = MAX_UNPACKED_BYTES
  const accept = (file: UnzipFileInfo): boolean => {
    budget -= file.originalSize
    if (budget < 0) throw new ImportError('the package is too large')
    return file.name.endsWith('.xml') || endingOf(file.name) in PICTURES
  }
  try {
    return unzipSync(bytes, { filter: accept })
  } catch (error) {
    throw error instanceof ImportError ? error : new ImportError('the upload is not a zip package')
  }
}

/** Sections with their texts and order, and the time, of an `assessmentTest`. */
function planIn(source: string): Pick<Incoming, 'sections' | 'seconds'> {
  const root = parseQti(source)
  const sections = allNamed(root, 'assessmentSection').map((section): IncomingSection => {
    const ordering = named(section, 'ordering')[0]
    return {
      title: attribute(section, 'title') ?? '',
      texts: named(section, 'rubricBlock').map(trimmed),
      paths: named(section, 'assessmentItemRef').map((ref) => attribute(ref, 'href') ?? ''),
      shuffle: ordering !== undefined && attribute(ordering, 'shuffle') === 'true',
    }
  })
  const limits = [root, ...named(root, 'testPart')].flatMap((part) => named(part, 'timeLimits'))[0]
  const most = limits ? Number(attribute(limits, 'maxTime')) : NaN
  return { sections: sections.filter(({ paths }) => paths.length), seconds: most > 0 ? most : null }
}

function mediaOf(path: string, source: string, files: Readonly<Record<string, Uint8Array>>): Record<string, Media> {
  const folder = path.split('/').slice(0, -1)
  const found: Record<string, Media> = {}
  for (const [, address = ''] of source.matchAll(/(?:src|data)="([^"]+)"/g)) {
    const place = [...folder]
    for (const step of address.split('/')) {
      if (step === '..') place.pop()
      else if (step !== '.') place.push(step)
    }
    const bytes = files[place.join('/')]
    const type = PICTURES[endingOf(address)]
    if (bytes && type) found[address] = { type, data: Buffer.from(bytes).toString('base64') }
  }
  return found
}

function endingOf(name: string): string {
  return (name.split('.').at(-1) ?? '').toLowerCase()
}

function titleOf(manifest: ReturnType<typeof parseDocument>): string {
  const title = allNamed(manifest, 'title')[0]
  return title ? trimmed(title) : 'Untitled'
}
