import { Unzip, UnzipInflate, zipSync, type UnzipFile } from 'fflate'

/** A file of a package, by its path inside it. */
export interface ZipEntry {
  readonly path: string
  readonly bytes: Uint8Array
}

export interface ZipLimits {
  readonly maxFiles: number
  /** Of one file, unpacked. */
  readonly maxFileBytes: number
  /** Of all files, unpacked. */
  readonly maxTotalBytes: number
}

export const ZIP_LIMITS: ZipLimits = {
  maxFiles: 5000,
  maxFileBytes: 20 * 1024 * 1024,
  maxTotalBytes: 100 * 1024 * 1024,
}

/** The package cannot be opened; the message is one sentence for a person. */
export class PackageError extends Error {
  override readonly name = 'PackageError'
}

/** Zip files start with this (APPNOTE.TXT 6.3.10, section 4.3.7). */
export function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 0x03 || bytes[2] === 0x05)
}

// A fixed date keeps equal contents equal to the byte; 1980 is the first year that the format can say.
const FIXED_DATE = new Date(1980, 0, 1)

/** Packs files in the given order. The same files give the same bytes. */
export function packZip(files: readonly ZipEntry[]): Uint8Array {
  return zipSync(
    Object.fromEntries(files.map((file) => [file.path, [file.bytes, { mtime: FIXED_DATE, level: 6 }] as const])),
  )
}

/**
 * Unpacks a zip file, counting what really comes out rather than what its directory says.
 *
 * @throws PackageError if it is broken, larger than the limits, or names a path outside itself.
 */
export function unpackZip(bytes: Uint8Array, limits: ZipLimits = ZIP_LIMITS): ZipEntry[] {
  if (!isZip(bytes)) throw new PackageError('This is not a zip package.')
  if (!hasEnd(bytes)) throw new PackageError('The package is broken: its end is missing.')
  const unpacking = new Unpacking(limits)
  const unzip = new Unzip((file) => unpacking.take(file))
  unzip.register(UnzipInflate)
  try {
    unzip.push(bytes, true)
  } catch (error) {
    if (error instanceof PackageError) throw error
    throw new PackageError('The package is broken and cannot be opened.')
  }
  return unpacking.finish()
}

/** The end record stands in the last 65,557 bytes (APPNOTE.TXT 6.3.10, section 4.3.16). */
function hasEnd(bytes: Uint8Array): boolean {
  for (let at = bytes.length - 22; at >= Math.max(0, bytes.length - 65_557); at--)
    if (bytes[at] === 0x50 && bytes[at + 1] === 0x4b && bytes[at + 2] === 0x05 && bytes[at + 3] === 0x06) return true
  return false
}

class Unpacking {
  readonly #limits: ZipLimits
  readonly #entries: ZipEntry[] = []
  #open = 0
  #total = 0

  constructor(limits: ZipLimits) {
    this.#limits = limits
  }

  take(file: UnzipFile): void {
    if (file.name.endsWith('/')) return
    if (!isInside(file.name)) throw new PackageError(`The package names a path outside itself: ${file.name}`)
    if (this.#entries.length + this.#open >= this.#limits.maxFiles)
      throw new PackageError(`The package holds more than ${this.#limits.maxFiles} files.`)
    const chunks: Uint8Array[] = []
    let size = 0
    this.#open++
    file.ondata = (error, chunk, final) => {
      // What this function throws comes back to it as an error of the unpacking.
      if (error)
        throw error instanceof PackageError ? error : new PackageError('The package is broken and cannot be opened.')
      size += chunk.length
      this.#total += chunk.length
      if (size > this.#limits.maxFileBytes || this.#total > this.#limits.maxTotalBytes)
        throw new PackageError('The package is too large when unpacked.')
      chunks.push(chunk)
      if (!final) return
      this.#open--
      this.#entries.push({ path: file.name, bytes: joined(chunks, size) })
    }
    file.start()
  }

  finish(): ZipEntry[] {
    if (this.#open > 0) throw new PackageError('The package ends in the middle of a file.')
    return this.#entries
  }
}

function isInside(path: string): boolean {
  return !path.startsWith('/') && !path.includes('\\') && !/^[a-z]:/i.test(path) && !path.split('/').includes('..')
}

function joined(chunks: readonly Uint8Array[], size: number): Uint8Array {
  const all = new Uint8Array(size)
  let at = 0
  for (const chunk of chunks) {
    all.set(chunk, at)
    at += chunk.length
  }
  return all
}
