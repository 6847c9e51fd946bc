import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useTell } from '../parts/notices'
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
      for (const note of opened.notes.slice(0, 3)) tell(note, { tone: 'trouble' })
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
