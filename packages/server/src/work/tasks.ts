import { placesOf, plainText, proofSummary, proveFormat, FORMATS, readDraft } from '@zakuska/core'
import type { Assets, DraftSource, FormatId, Item, ItemPlace, Reading } from '@zakuska/core'
import { printFeedback, printPapers, readTable, writeFileAs, writeTable } from '@zakuska/documents'
import type {
  FeedbackSheet,
  FileSettings,
  FileTarget,
  PrintForm,
  PrintPaper,
  PrintPart,
  Printed,
  SheetSize,
  WrittenFile,
} from '@zakuska/documents'

import type { LookedUp } from '../words/look-up.ts'
import type { OpenedArchive } from './open-archive.ts'
import { openFile, type OpenedFile } from './open-file.ts'

/** The key proof of one file, in figures. */
export interface FileProof {
  readonly sent: number
  readonly probes: number
  readonly agreeing: number
  readonly announced: number
  /** Stems of the items whose key is not what it was. */
  readonly wrong: readonly string[]
}

/** A draft as it is read, without its items: they are many, and only the desk shows them. */
export interface PlacedDraft {
  readonly title: string | null
  readonly places: readonly ItemPlace[]
  readonly troubleCount: number
}

function placedDraft(source: DraftSource): PlacedDraft {
  const reading = readDraft(source)
  return {
    title: reading.title,
    places: placesOf(reading),
    troubleCount: reading.items.filter((item) => item.marks.some((mark) => mark.severity === 'trouble')).length,
  }
}

/** What is computed away from the requests. Arguments and results are plain data: they go from thread to thread. */
export const TASKS = {
  readDraft: (source: DraftSource): Reading => readDraft(source),
  placeDraft: (source: DraftSource): PlacedDraft => placedDraft(source),
  openFile: (bytes: Uint8Array): Promise<OpenedFile> => openFile(bytes),
  // Loaded when it is asked for: it brings half of the framework with it.
  openArchive: async (bytes: Uint8Array): Promise<OpenedArchive> =>
    (await import('./open-archive.ts')).openArchive(bytes),
  writeFile: (asked: {
    readonly items: readonly Item[]
    readonly target: FileTarget
    readonly settings: FileSettings
  }): Promise<WrittenFile> => writeFileAs(asked.items, asked.target, asked.settings),
  readTable: (bytes: Uint8Array): Promise<string[][]> => readTable(bytes),
  writeTable: (asked: {
    readonly rows: readonly (readonly (string | number)[])[]
    readonly as: 'csv' | 'xlsx'
    readonly name: string
  }): Promise<Uint8Array> => writeTable(asked.rows, asked.as, asked.name),
  feedback: (asked: {
    readonly sheets: readonly FeedbackSheet[]
    readonly size: SheetSize
    readonly each: boolean
  }): Promise<Uint8Array> => printFeedback(asked.sheets, asked),
  print: (asked: {
    readonly papers: readonly PrintPaper[]
    readonly parts: readonly PrintPart[]
    readonly form: PrintForm
    readonly size: SheetSize
  }): Promise<Printed> => printPapers(asked.papers, asked.parts, asked.form, asked.size),
  // The word net is loaded when somebody asks for a word.
  lookUpWords: async (asked: { readonly words: readonly string[]; readonly passage: string }): Promise<LookedUp[]> =>
    (await import('../words/look-up.ts')).lookUpWords(asked),
  prove: (asked: {
    readonly items: readonly Item[]
    readonly format: FormatId
    readonly title: string
    readonly assets: Assets
  }): FileProof => {
    const { items, format, title, assets } = asked
    const { sent, probes, agreeing, announced, wrong } = proofSummary(
      proveFormat(items, FORMATS[format], title, assets),
    )
    return { sent, probes, agreeing, announced, wrong: wrong.map((at) => plainText(items[at]?.stem)) }
  },
} as const

export type Tasks = typeof TASKS
export type TaskName = keyof Tasks
