import type { FollowedItem, SourceStyle } from '@zakuska/core'
import { ApiProblem } from '../../api/client'
import { dropBackup, keepBackup } from '../backup'
import type { Agreed } from '../merge/meet'
import { saveDraft, type SavedDraft } from '../queries'
import { sentNotation } from '../teaching/notation-queries'
import type { Taught } from '../teaching/taught-layer'

export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'conflict'

const SAVE_AFTER_MS = 700
const RETRY_AFTER_MS = 5000
const BACKUP_EVERY_MS = 250

/** What stands on the desk and is saved. */
export interface DeskContent {
  readonly title: string
  readonly text: string
  readonly styles: readonly SourceStyle[]
  readonly keyText: string | null
  readonly taught: Taught
  readonly followed: readonly FollowedItem[]
}

interface SaverSettings {
  readonly id: string
  /** The version that the desk goes on from, and what it says. */
  readonly version: number
  readonly agreed: Agreed
  /** What stands on the desk now. */
  readonly content: () => DeskContent
  readonly tell: (state: SaveState) => void
  /** Somebody else saved meanwhile: their draft has to be met before this one can be saved. */
  readonly met: () => void
}

/**
 * Saves what stands on the desk: a moment after the last change, again and again while the server is out of reach, and
 * never two at once. What is not saved yet is kept by the browser, so that a closed window loses nothing.
 */
export class Saver {
  #version: number
  #agreed: Agreed
  #state: SaveState = 'saved'
  #isDirty = false
  #isLeft = false
  #saving: Promise<SavedDraft | null> | null = null
  #saveTimer = 0
  #backupTimer = 0

  constructor(private readonly settings: SaverSettings) {
    this.#version = settings.version
    this.#agreed = settings.agreed
  }

  /** What both sides last agreed on. */
  get agreed(): Agreed {
    return this.#agreed
  }

  /** Whether something stands here that the server does not have. */
  get isDirty(): boolean {
    return this.#isDirty
  }

  /** Something changed. */
  touch(): void {
    this.#isDirty = true
    // Until the two are put together, nothing else is said.
    if (this.#state !== 'conflict') this.#become('waiting')
    this.#backupTimer ||= window.setTimeout(() => this.#backup(), BACKUP_EVERY_MS)
    this.#saveAfter(SAVE_AFTER_MS)
  }

  /** Saves now. @returns the newest saved draft; null where there was nothing to save, or it could not be saved. */
  async save(): Promise<SavedDraft | null> {
    if (this.#saving) await this.#saving
    window.clearTimeout(this.#saveTimer)
    if (!this.#isDirty) return null
    this.#isDirty = false
    this.#become('saving')
    this.#saving = this.#send(this.settings.content()).finally(() => {
      this.#saving = null
    })
    return this.#saving
  }

  /** Goes on from what somebody else saved; what stands here holds it from now on. */
  goOnFrom(theirs: SavedDraft): void {
    this.#version = theirs.version
    this.#agreed = { ...theirs, followed: theirs.followed as FollowedItem[] }
    this.#become('waiting')
  }

  /** The server changed the draft itself; the text is as it was. */
  accept({ version }: SavedDraft): void {
    this.#version = version
  }

  /** Tries again after a while. */
  again(): void {
    if (!this.#isLeft) this.#saveAfter(RETRY_AFTER_MS)
  }

  /** The desk is shown. */
  arrive(): void {
    this.#isLeft = false
  }

  /** The window is left, perhaps for good. */
  leave(): void {
    this.#backup()
    if (this.#isDirty) void this.save()
  }

  /** The desk is closed: nothing is tried again. */
  close(): void {
    this.#isLeft = true
    this.leave()
  }

  #become(state: SaveState): void {
    this.#state = state
    this.settings.tell(state)
  }

  async #send(sent: DeskContent): Promise<SavedDraft | null> {
    try {
      const saved = await saveDraft(this.settings.id, this.#body(sent))
      this.#version = saved.version
      this.#agreed = {
        title: saved.title,
        text: sent.text,
        keyText: saved.keyText,
        followed: saved.followed as FollowedItem[],
      }
      if (!this.#isDirty) this.#dropBackup()
      this.#become(this.#isDirty ? 'waiting' : 'saved')
      return saved
    } catch (error) {
      this.#isDirty = true
      const isConflict = error instanceof ApiProblem && error.status === 409
      this.#become(isConflict ? 'conflict' : 'offline')
      if (this.#isLeft) return null
      if (isConflict) this.settings.met()
      else this.again()
      return null
    }
  }

  #body({ title, text, styles, keyText, taught, followed }: DeskContent): Parameters<typeof saveDraft>[1] {
    return {
      title,
      text,
      styles: styles.map(({ from, to, style }) => ({ from, to, style })),
      keyText,
      taught: taught.lines.filter((line) => line.to <= text.length),
      notation: taught.notation && sentNotation(taught.notation),
      version: this.#version,
      followed: followed.map(({ ref, from, to, fingerprint, signOff }) => ({
        ref,
        from: Math.min(from, text.length),
        to: Math.min(to, text.length),
        fingerprint,
        signedOff: signOff !== null,
      })),
    }
  }

  #saveAfter(milliseconds: number): void {
    window.clearTimeout(this.#saveTimer)
    this.#saveTimer = window.setTimeout(() => void this.save(), milliseconds)
  }

  #backup(): void {
    window.clearTimeout(this.#backupTimer)
    this.#backupTimer = 0
    if (!this.#isDirty) return
    const { title, text, styles, keyText, taught } = this.settings.content()
    keepBackup(this.settings.id, {
      version: this.#version,
      base: this.#agreed.text,
      title,
      text,
      styles,
      keyText,
      taught,
    })
  }

  #dropBackup(): void {
    window.clearTimeout(this.#backupTimer)
    this.#backupTimer = 0
    dropBackup(this.settings.id)
  }
}
