import {
  type Assets,
  type DraftSource,
  type FormatId,
  FORMATS,
  type Item,
  plainText,
  proofSummary,
  proveFormat,
  readDraft,
  type Reading,
} from '@zakuska/core'
import {
  checkPicture,
  type CheckedPicture,
  type FeedbackSheet,
  type FileSettings,
  type FileTarget,
  type Printed,
  printFeedback,
  type PrintForm,
  type PrintPaper,
  printPapers,
  type PrintPart,
  readTable,
  type SheetSize,
  writeFileAs,
  writeTable,
  type WrittenFile,
} from '@zakuska/documents'
import type { TermsOf } from './work/work.service.ts'
import type { LookedUp } from './words/look-up.ts'
import type { OpenedArchive } from './archive/open-archive.ts'
import { type OpenedFile, openFile } from './drafts/open-file.ts'
import { placedDraft, type PlacedDraft } from './drafts/placed-draft.ts'

/** The key proof of one file, in figures. */
export interface FileProof {
  readonly sent: number
  readonly probes: number
  readonly agreeing: number
  readonly announced: number
  /** Stems of the items whose key is not what it was. */
  readonly wrong: readonly string[]
}

/** What is computed away from the requests. Arguments and results are plain data: they go from process to process. */
export const TASKS = {
  readDraft: (source: DraftSource): Reading => readDraft(source),
  placeDraft: (source: DraftSource): PlacedDraft => placedDraft(source),
  openFile: (bytes: Uint8Array): Promise<OpenedFile> => openFile(bytes),
  // Loaded when it is asked for: it brings half of the framework with it.
  openArchive: async (bytes: Uint8Array): Promise<OpenedArchive> =>
    (await import('./archive/open-archive.ts')).openArchive(bytes),
  writeFile: (asked: {
    readonly items: readonly Item[]
    readonly target: FileTarget
    readonly settings: FileSettings
  }): Promise<WrittenFile> => writeFileAs(asked.items, asked.target, asked.settings),
  checkPicture: (bytes: Uint8Array): Promise<CheckedPicture> => checkPicture(bytes),
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
    (await import('./words/look-up.ts')).lookUpWords(asked),
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

type TaskTable = typeof TASKS

declare module './work/work.service.ts' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type -- this is how a module is told of them
  interface Tasks extends TaskTable {}
}

/** How long each may take, and what it is for who asked. */
export const TASK_TERMS: TermsOf = {
  readDraft: { seconds: 20, what: 'This draft', room: 'draft' },
  placeDraft: { seconds: 20, what: 'This draft', room: 'draft' },
  openFile: { seconds: 4, what: 'This file', room: 'file' },
  openArchive: { seconds: 120, what: 'This archive', room: 'file' },
  writeFile: { seconds: 60, what: 'This paper' },
  checkPicture: { seconds: 4, what: 'This picture', room: 'file' },
  readTable: { seconds: 4, what: 'This file', room: 'file' },
  writeTable: { seconds: 60, what: 'This sheet' },
  feedback: { seconds: 120, what: 'These sheets' },
  print: { seconds: 120, what: 'This paper' },
  lookUpWords: { seconds: 60, what: 'This list' },
  prove: { seconds: 60, what: 'This paper' },
}
