import {
  COLUMNS_LIMITS,
  destinationOf,
  FORMATS,
  isFormatId,
  ITEMS_ONLY,
  itemRows,
  tidyText,
  type Assets,
  type ColumnTarget,
  type FormatId,
  type FormatLimits,
  type Item,
  type Loss,
  type PaperLimits,
  type PaperPlan,
} from '@zakuska/core'
import { stringify } from 'csv-stringify/sync'
import type { FileTarget } from './file-targets.ts'
import { gameSheet } from './game-sheet.ts'
import { writeItemsJson } from './items-json.ts'
import { escapedCell } from './sheet/read-csv.ts'
import { PackageError, packZip } from './common/zip.ts'

export interface WrittenFile {
  readonly bytes: Uint8Array
  /** Behind the name: `qti21.zip`. */
  readonly ending: string
  /** Media type. */
  readonly type: string
  readonly losses: readonly Loss[]
}

export interface FileSettings {
  readonly title: string | null
  readonly as: 'paper' | 'bank'
  readonly assets?: Assets
  /** Where each item lies in its bank, `Tides/Heights`; for formats that have such places. */
  readonly categories?: readonly string[]
  /** Of a paper: its sections and settings. */
  readonly plan?: PaperPlan
  /** The columns of a table; ours where none are given. */
  readonly columns?: ColumnTarget
}

const TEXT = 'text/plain; charset=utf-8'
const WORKBOOK = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'
const encoder = new TextEncoder()

/** What a target does not hold; our own forms hold everything. */
export function limitsOf(target: FileTarget): FormatLimits {
  if (isFormatId(target)) return FORMATS[target].limits
  if (target === 'game-sheet') return destinationOf('foghorn').limits
  return target === 'csv' || target === 'xlsx' ? COLUMNS_LIMITS : {}
}

/** What a target does not hold of a paper itself; our own JSON holds it all, the tidy text its items only. */
export function paperLimitsOf(target: FileTarget): PaperLimits {
  if (isFormatId(target)) return FORMATS[target].paper
  if (target === 'game-sheet') return destinationOf('foghorn').paper
  return target === 'items' ? {} : ITEMS_ONLY
}

/** Writes items as a file. The same items give the same bytes, but for workbooks, whose package is not ours to lay out. */
export async function writeFileAs(
  items: readonly Item[],
  target: FileTarget,
  settings: FileSettings,
): Promise<WrittenFile> {
  if (isFormatId(target)) return writeFormat(items, target, settings)
  switch (target) {
    case 'items':
      return textFile(writeItemsJson(items, settings.title, settings.plan), 'json', 'application/json')
    case 'draft':
      return textFile(tidyText(items, settings.title), 'txt', TEXT)
    case 'csv': {
      const { rows, losses } = itemRows(items, settings.columns)
      // Spreadsheet programs tell UTF-8 by its mark.
      return {
        ...textFile(
          stringify(
            rows.map((row) => row.map(escapedCell)),
            { bom: true },
          ),
          'csv',
          'text/csv; charset=utf-8',
        ),
        losses,
      }
    }
    case 'game-sheet': {
      const { text, losses } = gameSheet(items)
      return { ...textFile(text, 'game.csv', 'text/csv; charset=utf-8'), losses }
    }
    case 'xlsx': {
      const { rows, losses } = itemRows(items, settings.columns)
      // The library is heavy, and few files need it.
      const { writeWorkbook } = await import('./sheet/write-workbook.ts')
      return { bytes: await writeWorkbook(rows), ending: 'xlsx', type: WORKBOOK, losses }
    }
  }
}

function writeFormat(items: readonly Item[], format: FormatId, settings: FileSettings): WrittenFile {
  const { title, as, assets, categories, plan } = settings
  const { data, losses, written } = FORMATS[format].write(items, {
    title: title ?? 'Items',
    as,
    // A file has to bring its pictures along: one that is not at hand is missing in it.
    assets: assets ?? new Map(),
    ...(categories && { categories }),
    ...(plan && { plan }),
  })
  if (items.length > 0 && written.length === 0)
    throw new PackageError(
      `No item can be written in ${FORMATS[format].name}: ${losses[0]?.says ?? 'it holds none of them'}.`,
    )
  return {
    bytes: data.form === 'text' ? encoder.encode(data.text) : packZip(data.files),
    ending: FORMATS[format].fileEnding,
    type: data.form === 'text' ? TEXT : 'application/zip',
    losses,
  }
}

function textFile(text: string, ending: string, type: string): WrittenFile {
  return { bytes: encoder.encode(text), ending, type, losses: [] }
}
