export {
  decodeText,
  MAX_FILE_BYTES,
  readFile,
  writeItemsJson,
  type DraftFileType,
  type FileContents,
} from './read-file.ts'
export { isZip, PackageError, packZip, unpackZip, ZIP_LIMITS, type ZipEntry, type ZipLimits } from './zip.ts'
