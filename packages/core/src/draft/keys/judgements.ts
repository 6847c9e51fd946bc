import { initialsOfTruth } from '../languages/judgements.ts'
import type { DraftRecord } from '../records/record.ts'
import { stemText } from './fit.ts'
import { saidOf } from '../kinds/said.ts'
import { judgement } from './values.ts'

const FEWEST = 2
const LEAST_SHARE = 0.75

/**
 * Statements whose keys are judgements, one beside the other, are items to judge, even if each key alone could be
 * anything: "ano", "F", "a" and "f" in turn. What the letters mean is settled by the two that occur.
 */
export function judgeByValues(records: readonly DraftRecord[]): void {
  for (const run of runsOf(records)) {
    const said = run.flatMap((record) =>
      saidOf(record)
        .slice(0, 1)
        .map((one) => one.text),
    )
    const truths = initialsOfTruth(said.map((text) => lettersOf(text)).filter((text) => text.length === 1))
    const judged = said.filter((text) => judgement(text, true) !== null || truths.has(lettersOf(text)))
    if (judged.length < FEWEST || judged.length < said.length * LEAST_SHARE) continue
    for (const record of run) {
      const [own] = saidOf(record)
      if (own && judgement(own.text, true) === null && !truths.has(lettersOf(own.text))) continue
      // Among words, "0" and "1" are figures.
      if (own && isFigure(own.text) && !said.every(isFigure)) continue
      record.kindSaid ??= 'truefalse'
      if (truths.size) record.truths = truths
    }
  }
}

function isFigure(text: string): boolean {
  return /^\s*\d\s*$/.test(text)
}

function lettersOf(text: string): string {
  return text
    .toLowerCase()
    .replace(/^\p{L}[).]\s+/u, '')
    .replace(/[^\p{L}]/gu, '')
}

/** Runs of statements without alternatives, questions, gaps or rows, in one section. */
function runsOf(records: readonly DraftRecord[]): DraftRecord[][] {
  const runs: DraftRecord[][] = []
  let run: DraftRecord[] = []
  for (const record of records) {
    const stem = stemText(record)
    const isStatement =
      record.entries.length === 0 &&
      record.rows.length === 0 &&
      (record.kindSaid === null || record.kindSaid === 'truefalse') &&
      !/[?？:：]\s*$|_{2,}/.test(stem)
    const goesOn = run[0]?.section.index === record.section.index
    if (run.length && !(isStatement && goesOn)) {
      runs.push(run)
      run = []
    }
    if (isStatement) run.push(record)
  }
  return run.length ? [...runs, run] : runs
}
