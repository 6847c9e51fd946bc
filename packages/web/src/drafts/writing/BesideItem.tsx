import type { EvidenceVerdict } from '@zakuska/core'
import { Link } from 'react-router'
import { EVIDENCE_WORDS, timeText } from '../../parts/evidence-words'

/** What stands beside an item of a draft that has a reading. */
export interface Beside {
  readonly verdict: EvidenceVerdict
  readonly sentences: readonly { readonly text: string; readonly time: number | null }[]
  /** Opens the reading where they stand. */
  readonly show: () => void
  /** What says nearly the same in the bank. */
  readonly near: { readonly itemId: string; readonly stem: string } | null
}

export function sameBeside(a: Beside | undefined, b: Beside | undefined): boolean {
  if (!a || !b) return a === b
  return (
    a.verdict === b.verdict &&
    a.near?.itemId === b.near?.itemId &&
    a.sentences.length === b.sentences.length &&
    a.sentences.every(({ text }, at) => text === b.sentences[at]?.text)
  )
}

/** The sentence that an item rests on, right under it; what is wrong is said, what is right takes no words. */
export function BesideItem({ beside }: { readonly beside: Beside }) {
  const { verdict, sentences, show, near } = beside
  const [glyph, tone, says] = EVIDENCE_WORDS[verdict]
  const isFine = verdict === 'said'
  return (
    <div className="pt-1.5 text-[12.5px]">
      {verdict !== 'nothing-to-find' && (
        <p className={`flex gap-1.5 ${tone}`}>
          <span aria-hidden="true">{glyph}</span>
          <span className="min-w-0">
            {!isFine && <>{says} </>}
            {sentences.length > 0 && (
              <button
                type="button"
                title="Show it in the reading"
                className="border-l-2 border-mustard pl-1.5 text-left font-text text-ink hover:underline"
                onClick={show}
              >
                {isFine && <span className="sr-only">{says}: </span>}
                {sentences.map(({ text, time }) => `${timeText(time)}${text}`).join(' … ')}
              </button>
            )}
          </span>
        </p>
      )}
      {near && (
        <p className="flex gap-1.5 text-mustard-ink">
          <span aria-hidden="true">◐</span>
          <span className="min-w-0">
            nearly the same is in the bank:{' '}
            <Link to={`/bank/${near.itemId}`} className="underline">
              {near.stem}
            </Link>
          </span>
        </p>
      )}
    </div>
  )
}
