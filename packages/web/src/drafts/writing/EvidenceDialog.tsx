import {
  EvidenceFinder,
  plainText,
  sentencesOf,
  type Evidence,
  type EvidenceVerdict,
  type Sentence,
} from '@zakuska/core'
import { useMemo } from 'react'
import { Button } from '../../parts/Button'
import { Dialog } from '../../parts/Dialog'
import { EVIDENCE_WORDS, timeText } from '../../parts/evidence-words'
import { counted } from '../../parts/item-words'
import type { DeskItem } from '../desk-state'

export interface Found {
  readonly sentences: readonly Sentence[]
  /** One for each item. */
  readonly evidence: readonly Evidence[]
}

/** What the source says of each item of the desk, found anew as they change. */
export function useEvidence(source: string | null, items: readonly DeskItem[]): Found | null {
  const prepared = useMemo(() => {
    if (source === null) return null
    const sentences = sentencesOf(source)
    return { sentences, finder: new EvidenceFinder(sentences) }
  }, [source])
  return useMemo(
    () =>
      prepared && {
        sentences: prepared.sentences,
        evidence: items.map(({ read }) => prepared.finder.evidenceOf(read.item)),
      },
    [prepared, items],
  )
}

/** Items whose evidence a person should look at. */
export function doubtfulIn({ evidence }: Found): number {
  return evidence.filter(({ verdict }) => verdict === 'otherwise' || verdict === 'not-found').length
}

/** Opens the evidence; says by itself where something is wrong. */
export function EvidenceButton({ found, open }: { readonly found: Found | null; readonly open: () => void }) {
  if (!found) return null
  const doubtful = doubtfulIn(found)
  return (
    <Button onClick={open}>
      Evidence{' '}
      {doubtful > 0 ? (
        <span className="text-beet">◆ {doubtful}</span>
      ) : (
        found.evidence.length > 0 && <span className="text-dill">✓</span>
      )}
    </Button>
  )
}

/** Item by item the sentence of the reading that it rests on, what is wrong first. */
export function EvidenceDialog({
  found,
  items,
  open,
  close,
  goTo,
}: {
  readonly found: Found | null
  readonly items: readonly DeskItem[]
  readonly open: boolean
  readonly close: () => void
  readonly goTo: (item: number) => void
}) {
  const order: readonly EvidenceVerdict[] = ['otherwise', 'not-found', 'unsure', 'said', 'nothing-to-find']
  const rows = (found?.evidence ?? [])
    .map((evidence, at) => ({ evidence, at }))
    .sort((a, b) => order.indexOf(a.evidence.verdict) - order.indexOf(b.evidence.verdict) || a.at - b.at)
  const doubtful = found ? doubtfulIn(found) : 0
  return (
    <Dialog open={open} close={close} title="What the reading says of each item" wide>
      <p className="text-muted">
        {doubtful
          ? `${counted(doubtful, 'item', 'items')} to look at first. `
          : 'Every item that has a key is about a sentence of the reading. '}
        Found by the words that they share: it shows where to look, and does not judge.
      </p>
      <ul>
        {rows.map(({ evidence, at }) => {
          const [glyph, tone, says] = EVIDENCE_WORDS[evidence.verdict]
          const item = items[at]
          return (
            <li key={at} className="border-t border-line py-2">
              <button
                type="button"
                className="text-left font-text text-[15px] hover:underline"
                onClick={() => {
                  close()
                  goTo(at)
                }}
              >
                {at + 1}. {item && plainText(item.read.item.stem).replace(/\s+/g, ' ')}
              </button>
              <p className={tone}>
                <span aria-hidden="true">{glyph} </span>
                {says}
              </p>
              {evidence.sentences.map((place) => (
                <blockquote key={place} className="border-l-2 border-mustard pl-2 font-text text-[14px]">
                  {timeText(found?.sentences[place]?.time ?? null)}
                  {found?.sentences[place]?.text}
                </blockquote>
              ))}
            </li>
          )
        })}
      </ul>
      <Button className="mt-3" onClick={close}>
        Close
      </Button>
    </Dialog>
  )
}
