import { unzipSync, type UnzipFileInfo } from 'fflate'
import { allNamed, attribute, ImportError, parseDocument, trimmed } from './dom.ts'

export interface IncomingItem {
  readonly path: string
  readonly source: string
}

export interface Incoming {
  readonly title: string
  readonly items: readonly IncomingItem[]
}

const MAX_UNPACKED_BYTES = 64 * 1024 * 1024
const decoder = new TextDecoder()

/** Opens an uploaded content package: items in the order of its test, or of its manifest. */
export function openUpload(bytes: Uint8Array): Incoming {
  let budget = MAX_UNPACKED_BYTES
  const accept = (file: UnzipFileInfo): boolean => {
    budget -= file.originalSize
    if (budget < 0) throw new ImportError('the package is too large')
    return file.name.endsWith('.xml')
  }
  let files: Record<string, Uint8Array>
  try {
    files = unzipSync(bytes, { filter: accept })
  } catch (error) {
    throw error instanceof ImportError ? error : new ImportError('the upload is not a zip package')
  }
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
  const itemPaths = resources
    .filter((one) => (attribute(one, 'type') ?? '').startsWith('imsqti_item'))
    .map((one) => attribute(one, 'href') ?? '')
  const paths = test ? testOrder(read(attribute(test, 'href') ?? ''), itemPaths) : itemPaths
  return { title: titleOf(manifest), items: paths.map((path) => ({ path, source: read(path) })) }
}

function testOrder(source: string, known: readonly string[]): string[] {
  const named = allNamed(parseDocument(source), 'assessmentItemRef').map((ref) => attribute(ref, 'href') ?? '')
  return [...named, ...known.filter((path) => !named.includes(path))]
}

function titleOf(manifest: ReturnType<typeof parseDocument>): string {
  const title = allNamed(manifest, 'title')[0]
  return title ? trimmed(title) : 'Untitled'
}
