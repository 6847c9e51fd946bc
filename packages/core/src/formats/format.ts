import type { Response } from '../grade/response.ts'
import type { Item } from '../item/model.ts'
import type { Assets, FormatLimits } from '../fit/limits.ts'
import type { PaperLimits, PaperPlan } from './paper-plan.ts'

/** A file of a package, by its path inside it. */
export interface PackageFile {
  readonly path: string
  readonly bytes: Uint8Array
}

/** What a format writes or reads: one text, or the files of a package. */
export type FormatData =
  | { readonly form: 'text'; readonly text: string }
  | { readonly form: 'package'; readonly files: readonly PackageFile[] }

export interface WriteSettings {
  /** Title of the paper or the bank that is written. */
  readonly title: string
  /** As a paper (a test in the given order) or as a bank (items only). */
  readonly as: 'paper' | 'bank'
  /** Stable names for the items, one each; without them they are numbered. */
  readonly ids?: readonly string[]
  /** Where each item lies in the bank, `Tides/Heights`; empty at the top. */
  readonly categories?: readonly string[]
  /** The pictures at hand, by the name that items give them. */
  readonly assets?: Assets
  /** Of a paper: its sections and settings, as far as `Format.paper` lets them go. */
  readonly plan?: PaperPlan
}

/** Something about an item that the format does not hold as it is; `affects` names the feature in `limits`. */
export interface Loss {
  /** Index into the items that were written. */
  readonly item: number
  readonly feature: string
  readonly says: string
}

export interface Written {
  readonly data: FormatData
  readonly losses: readonly Loss[]
  /** For each item that was written, its index among the given ones. */
  readonly written: readonly number[]
}

/** A piece of a file that could not be read, or that an item has no place for; its source is kept. */
export interface Unread {
  /** Index of the item that was read without it; absent: no item came of it. */
  readonly item?: number
  readonly where: string
  readonly reason: string
  readonly source: string
}

export interface ReadResult {
  readonly title: string | null
  readonly items: readonly Item[]
  readonly unread: readonly Unread[]
  /** Where each item lay in its bank, `Tides/Heights`; absent where none lay anywhere. */
  readonly categories?: readonly string[]
  /** Pictures that came with the items, by the names that these give them. */
  readonly assets?: Assets
  /** Of a test: its sections and settings, with a place for each item. */
  readonly plan?: PaperPlan
}

/** Grades a response by the format's own published rules: the share earned, or null where that item is not there. */
export type FormatGrader = (item: number, response: Response) => number | null

/** What a format is called and what it holds: data, to be had without its reader and writer. */
export interface FormatDescription {
  readonly id: FormatId
  readonly name: string
  readonly fileEnding: string
  readonly limits: FormatLimits
  /** What it does not hold of a paper itself. */
  readonly paper: PaperLimits
}

/** What every open format owes. */
export interface Format extends FormatDescription {
  /** Deterministic: the same items give the same bytes. Items that the format cannot hold are left out with a loss. */
  readonly write: (items: readonly Item[], settings: WriteSettings) => Written
  /** Lenient: anything that cannot be held is listed as unread. @throws FormatError if the data is not of this format at all. */
  readonly read: (data: FormatData) => ReadResult
  /** Reads the data afresh, by the format's rules and not by our item model. */
  readonly grader: (data: FormatData) => FormatGrader
}

export const FORMAT_IDS = ['gift', 'aiken', 'qti12', 'qti21', 'qti22', 'qti30', 'cc13'] as const
export type FormatId = (typeof FORMAT_IDS)[number]

export function isFormatId(name: string): name is FormatId {
  return (FORMAT_IDS as readonly string[]).includes(name)
}

/** The data cannot be read as this format at all; the message is one sentence for a person. */
export class FormatError extends Error {
  override readonly name = 'FormatError'
}
