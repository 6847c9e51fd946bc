import type { EvidenceVerdict } from '@zakuska/core'

/** What is said of an item's evidence: a glyph, a tone, a sentence. */
export const EVIDENCE_WORDS: Readonly<Record<EvidenceVerdict, readonly [glyph: string, tone: string, says: string]>> = {
  said: ['✓', 'text-dill', 'the reading says it'],
  otherwise: ['◆', 'text-beet', 'the reading says otherwise: look at the key'],
  unsure: ['◐', 'text-mustard-ink', 'about this sentence, but not in the same words: compare them'],
  'not-found': ['◆', 'text-beet', 'no sentence of the reading is about it'],
  'nothing-to-find': ['–', 'text-muted', 'nothing to look for'],
}

/** `[1:05] ` before a sentence of a transcript; empty without a time. */
export function timeText(seconds: number | null): string {
  if (seconds === null) return ''
  const [minutes, rest] = [Math.floor(seconds / 60), seconds % 60]
  return `[${minutes}:${String(rest).padStart(2, '0')}] `
}
