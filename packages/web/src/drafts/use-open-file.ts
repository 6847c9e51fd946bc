import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useTell, type Tell } from '../parts/notices'
import { isPdf, openFile, waiting } from './files'
import type { Start } from './use-start'

export interface OpenFile {
  /** The name of the file that is being read; null: none is. */
  readonly opening: string | null
  readonly open: (file: File | undefined) => Promise<void>
}

/** Opens a file: a PDF goes to its pages, a spreadsheet to its columns, everything else to a desk. */
export function useOpenFile(start: Start): OpenFile {
  const [opening, setOpening] = useState<string | null>(null)
  const navigate = useNavigate()
  const tell = useTell()
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return
    if (await isPdf(file)) {
      waiting.pdf = file
      return void navigate('/drafts/pages')
    }
    setOpening(file.name)
    try {
      const opened = await openFile(file)
      tellWhatWasLeft(tell, file.name, opened.notes)
      if (opened.blocks && (opened.type === 'workbook' || opened.type === 'csv')) {
        waiting.table = opened
        return void navigate('/drafts/columns')
      }
      await start({ title: opened.name, text: opened.text, styles: opened.styles })
    } catch (error) {
      tell(error instanceof Error ? error.message : `${file.name} could not be read.`, { tone: 'trouble' })
    } finally {
      setOpening(null)
    }
  }
  return { opening, open }
}

/** Of what a file says and a draft has no place for: one sentence, and the way to all of it. */
function tellWhatWasLeft(tell: Tell, name: string, notes: readonly string[]): void {
  const [only] = notes
  if (only === undefined) return
  const says = notes.length === 1 ? only : `${notes.length} things in ${name} have no place in a draft.`
  tell(says, { tone: 'trouble', ...(notes.length > 1 && { lines: notes }) })
}
