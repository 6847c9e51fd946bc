import type { DocumentBlock, SourceStyle } from '@zakuska/core'
import { api, ApiProblem, dataOf, type Schemas } from '../api/client'

export interface OpenedFile {
  readonly name: string
  readonly type: Schemas['OpenedFileDto']['type']
  readonly text: string
  readonly styles: readonly SourceStyle[]
  readonly blocks: readonly DocumentBlock[] | null
  readonly notes: readonly string[]
}

const MAX_FILE_BYTES = 20 * 1024 * 1024

/** Has the server read a file. @throws ApiProblem with one sentence for a person. */
export async function openFile(file: File): Promise<OpenedFile> {
  if (file.size > MAX_FILE_BYTES) throw new ApiProblem(413, `${file.name} is larger than 20 MB.`)
  const opened = await dataOf(
    api.POST('/api/files', {
      // The bytes go as they are; the client would otherwise make JSON of them.
      body: file as unknown as string,
      bodySerializer: () => file,
      headers: { 'content-type': 'application/octet-stream' },
    }),
  )
  return {
    name: titleOf(file.name),
    type: opened.type,
    text: opened.text,
    styles: opened.styles,
    blocks: (opened.blocks as unknown as readonly DocumentBlock[] | undefined) ?? null,
    notes: opened.notes,
  }
}

export async function isPdf(file: File): Promise<boolean> {
  return (await file.slice(0, 1024).text()).includes('%PDF-')
}

export function titleOf(name: string): string {
  return name.replace(/\.\w{1,5}$/, '')
}

/** What was opened and waits on the next screen; a reload forgets it, and the screen then asks for the file again. */
export const waiting: { table: OpenedFile | null; pdf: File | null } = { table: null, pdf: null }
