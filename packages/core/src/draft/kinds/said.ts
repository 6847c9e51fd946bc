import { contentOf, type Content } from '../../content/model.ts'
import { compose, type Piece } from '../text/compose.ts'
import { plainText } from '../../content/plain.ts'
import type { DraftRecord, Statement } from '../records/record.ts'
import { tidyValue } from '../keys/list-values.ts'
import { trueFalseLead } from '../truth-words.ts'

/** A statement of the key in words, on one line. */
export interface Said {
  readonly text: string
  readonly statement: Statement
}

/** Statements of a record that say something, the ones in its own lines before those of lists. */
export function saidOf(record: DraftRecord): readonly Said[] {
  const own = record.statements.filter((one) => one.source !== 'list')
  const listed = record.statements.filter((one) => one.source === 'list')
  return [...own, ...listed]
    .map((statement) => ({ statement, text: statementText(statement) }))
    .filter(
      ({ text, statement }) =>
        text !== '' &&
        !isOpen(text) &&
        !isBothJudgements(text) &&
        !(record.entries.length === 0 && isRoom(text, statement)),
    )
}

/** "(T) (F)" to be ringed is no key. */
function isBothJudgements(text: string): boolean {
  return trueFalseLead(text)?.to === text.length || /^[([](\p{L})[)\]]\s*[([](\p{L})[)\]]$/u.test(text)
}

/** "??", "(pending)", "___": a key that is still to be given. */
function isOpen(text: string): boolean {
  return (
    /^[\s?？_.…()[\]–—-]*$/u.test(text) ||
    /^\(?(?:pending|tbd|tba|tbc|todo|\?+.*|n\/a|(?:it )?depends|ask \p{Lu}\p{L}+|to be (?:confirmed|checked|decided))\)?$/iu.test(
      text,
    )
  )
}

const UNIT = /^(?:[kcmdµ]?[mgls][²³23]?(?:\/\p{L}{1,3}[²³23]?)?|h|min|ha|[kM]?[NJWVA]|Ω|[%€$£]|°C?)$/u

/** "Answer: ______ cm²", "Answer:      %": room for a number, and its unit. */
function isRoom(text: string, { value, statement }: Statement): boolean {
  const before = value.line.text.slice(statement.from, value.from + value.line.text.slice(value.from).search(/\S|$/))
  return /(?:\t|\s{3,}|_{2,}\s*)$/.test(before) && UNIT.test(text)
}

/** A remark behind a figure sign, as in lists of settings. */
const COMMENT = /\s{2,}#\s.*$/u

function statementText({ value, more }: Statement): string {
  const pieces: Piece[] = [{ span: value, join: 'paragraph' }, ...more]
  const text = tidyValue(plainText(compose(pieces)).replace(/\n/g, ' ').replace(COMMENT, '').trim())
  return /^\([^()]*[^()\s]{2}[^()]*\)\.?$|^\[[^[\]]*\]$/u.test(text) ? text.replace(/^.|.\.?$/g, '').trim() : text
}

/** What stands behind the key in a statement is its explanation. */
export function remarkBehind(text: string, restAt: number): Content | null {
  const rest = text
    .slice(restAt)
    .replace(/^[\s).:,;–—=*-]+/u, '')
    .trim()
  const inner = /^\((.*)\)\.?$/u.exec(rest)?.[1] ?? (rest.startsWith('(') && !rest.includes(')') ? rest.slice(1) : rest)
  const plain = inner.replace(/^(?:because|since)\s/i, (word) => word).trim()
  return /\p{L}{2}/u.test(plain) ? contentOf(plain) : null
}
