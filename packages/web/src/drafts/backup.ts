import type { SourceStyle } from '@zakuska/core'
import type { Taught } from './teaching/taught-layer'

/** Text that was typed and has not reached the server, kept by the browser until it has. */
export interface Backup {
  readonly version: number
  /** The text as it was last agreed on with the server, from which this one goes on. */
  readonly base?: string
  readonly title: string
  readonly text: string
  readonly styles?: readonly SourceStyle[]
  readonly keyText?: string | null
  readonly taught?: Taught
}

const nameOf = (id: string): string => `zakuska.draft.${id}`

export function keepBackup(id: string, backup: Backup): void {
  try {
    localStorage.setItem(nameOf(id), JSON.stringify(backup))
  } catch {
    // A full or forbidden store must not stop anybody from typing; the server still gets the text.
  }
}

export function readBackup(id: string): Backup | null {
  try {
    const kept = localStorage.getItem(nameOf(id))
    return kept === null ? null : (JSON.parse(kept) as Backup)
  } catch {
    return null
  }
}

export function dropBackup(id: string): void {
  try {
    localStorage.removeItem(nameOf(id))
  } catch {
    // As above.
  }
}
