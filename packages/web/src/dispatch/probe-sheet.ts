import { plainText, probesOf, type Item, type ProbeKind, type Response } from '@zakuska/core'
import { responseText } from '../parts/response-text'

/** What each probe tries, in a few words. */
export const PROBE_WORDS: Readonly<Record<ProbeKind, string>> = {
  key: 'the key',
  accepted: 'another accepted answer',
  'letter-case': 'other letter case',
  accents: 'without accents',
  blanks: 'more blanks',
  'wrong-option': 'a wrong option',
  'key-part': 'one key missing',
  'key-plus': 'one too many',
  misspelt: 'another spelling',
  'band-edge': 'the end of the range',
  outside: 'outside the range',
  'wrong-gap': 'one gap wrong',
  'wrong-pair': 'one pair wrong',
  'wrong-order': 'another order',
  empty: 'nothing',
}

const HEADS = ['Item', 'Stem', 'Try', 'Answer to give', 'Points it must earn', 'Points it earned']

/**
 * For a grader that cannot be asked: the answers that prove each key, to be given there by hand, with what each must
 * earn. CSV (RFC 4180); what a spreadsheet would take for a formula is disarmed.
 */
export function probeSheet(items: readonly Item[]): string {
  const rows = items.flatMap((item, at) =>
    probesOf(item).map(({ kind, response, share }) => [
      String(at + 1),
      plainText(item.stem).replace(/\s+/g, ' '),
      PROBE_WORDS[kind],
      answerText(item, response),
      String(Number((share * item.points).toFixed(3))),
      '',
    ]),
  )
  return `\uFEFF${[HEADS, ...rows].map((row) => `${row.map(cell).join(',')}\r\n`).join('')}`
}

/** Options by their words: their letters may be others there. */
function answerText(item: Item, response: Response): string {
  const ids = response.kind === 'choice' ? response.chosen : response.kind === 'order' ? response.ids : []
  if (!('options' in item) || !ids.length) return responseText(item, response)
  return ids.map((id) => plainText(item.options.find((option) => option.id === id)?.content)).join('; ')
}

function cell(text: string): string {
  const safe = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe
}
