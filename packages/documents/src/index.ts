export { withPictureNames } from './pictures.ts'
export { decodeText, MAX_FILE_BYTES, readFile, type DraftFileType, type FileContents } from './read-file.ts'
export { isZip, PackageError, packZip, unpackZip, ZIP_LIMITS, type ZipEntry, type ZipLimits } from './zip.ts'
export { readItemsJson, writeItemsJson } from './items-json.ts'
export {
  FILE_TARGETS,
  isFileTarget,
  limitsOf,
  paperLimitsOf,
  writeFileAs,
  type FileSettings,
  type FileTarget,
  type WrittenFile,
} from './write-file.ts'
export { csvRows } from './sheet/read-csv.ts'
export { PRINT_FORMS, printPapers, type PrintForm, type Printed } from './print/index.ts'
export { PRINT_PARTS, type PrintEntry, type PrintPaper, type PrintPart, type SheetSize } from './print/sheet.ts'
