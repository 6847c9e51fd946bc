import { FORMAT_DESCRIPTIONS } from '../descriptions.ts'
import type { FormatData, Format, ReadResult } from '../format.ts'
import { gradeQti12 } from '../qti12/grade.ts'
import { readQti12 } from '../qti12/read.ts'
import { writeCc13 } from './write.ts'

const FILE_BASE = /\$IMS[-_]CC[-_]FILEBASE\$\/?/g

/** 1EdTech Common Cartridge 1.3: question banks and assessments, in its profile of QTI 1.2.1. */
export const cc13: Format = {
  ...FORMAT_DESCRIPTIONS.cc13,
  write: writeCc13,
  read: (data) => readCc13(data),
  grader: gradeQti12,
}

/** Names of files from the root of the cartridge are those of the package. */
function readCc13(data: FormatData): ReadResult {
  return readQti12(data.form === 'package' ? { ...data, files: data.files.map(atRoot) } : data)
}

function atRoot(file: { readonly path: string; readonly bytes: Uint8Array }): typeof file {
  if (!file.path.endsWith('.xml')) return file
  const text = new TextDecoder().decode(file.bytes)
  if (!/\$IMS[-_]CC[-_]FILEBASE\$/.test(text)) return file
  const up = '../'.repeat(file.path.split('/').length - 1)
  return { ...file, bytes: new TextEncoder().encode(text.replace(FILE_BASE, up)) }
}
