import { DESTINATIONS, FORMAT_IDS } from '@zakuska/core'
import { FILE_TARGETS } from '@zakuska/documents'

interface Help {
  readonly usage: string
  readonly says: string
}

const FILE = `FILE is anything that can be read: text, Markdown, docx, odt, rtf, pdf, xlsx, ods, csv, html, GIFT, Aiken, a QTI package of
1.2, 2.1, 2.2 or 3.0, a Common Cartridge, or our own JSON.`
const READ_WITH = `--key FILE       takes the keys from a file of their own.
--notation NAME  reads by what the draft desk was taught about how somebody writes: a file that it hands out, or the name
                 of one in ~/.config/zakuska/notations.`

export const COMMANDS: Readonly<Record<string, Help>> = {
  read: {
    usage: 'zakuska read FILE [FILE …] [--key FILE] [--notation NAME|FILE] [--as outline|items]',
    says: `Prints what a file holds as JSON; of several files a line of JSON each, with the file's name or why it cannot be read.
--as outline     items in plain text, with marks (as it is where nothing is said)
--as items       items whole
${READ_WITH}`,
  },
  convert: {
    usage: `zakuska convert FILE --to ${FILE_TARGETS.join('|')} [-o OUT]`,
    says: 'Writes what a file holds in another format, to standard output or to OUT. What does not arrive as it is is said.',
  },
  check: {
    usage: 'zakuska check FILE [--key FILE] [--notation NAME|FILE] [--json]',
    says: `Says what is doubtful in a draft, and what the writing checks find.\n${READ_WITH}`,
  },
  fit: {
    usage: 'zakuska fit FILE --for DESTINATION',
    says: `Says which items a format or destination holds, which it changes, and what can be done.
DESTINATION is ${DESTINATIONS.map(({ id }) => id).join(', ')}.`,
  },
  prove: {
    usage: `zakuska prove FILE --to ${FORMAT_IDS.join('|')} | zakuska prove FILE --against EXPORTED`,
    says: `Writes a format, reads it back, and has every key graded by its rules. Status 1 where one grades otherwise than announced.
--against EXPORTED  asks a file that was made before instead: does it grade as the items of FILE say?`,
  },
  bench: { usage: 'zakuska bench', says: 'Measures the reader, the formats and the bank, as ratios.' },
}

const STATUS = 'Exit status: 0 done; 1 a file cannot be read or written, or a key is not proven; 2 wrong usage.'

/** What one command takes, or all of them where none is named. */
export function usageOf(command: string | undefined): string {
  const own = command === undefined ? undefined : COMMANDS[command]
  if (own) return `usage: ${own.usage}\n${own.says}\n${FILE}\n${STATUS}\n`
  const all = Object.values(COMMANDS).map((one) => one.usage)
  return `usage: ${all.join('\n       ')}\n${FILE}\nzakuska COMMAND --help says more.\n${STATUS}\n`
}

/** The command that somebody who wrote another word may have meant; null: none is near. */
export function nearestCommand(word: string): string | null {
  const near = Object.keys(COMMANDS)
    .map((name) => ({ name, far: distance(word.toLowerCase(), name) }))
    .sort((a, b) => a.far - b.far)[0]
  return near && near.far <= Math.max(1, Math.floor(near.name.length / 2)) ? near.name : null
}

/** How many letters are put in, taken out or changed (Levenshtein 1966). */
function distance(a: string, b: string): number {
  let before = Array.from({ length: b.length + 1 }, (_none, at) => at)
  for (let i = 1; i <= a.length; i++) {
    const here = [i]
    for (let j = 1; j <= b.length; j++) {
      const changed = (before[j - 1] as number) + (a[i - 1] === b[j - 1] ? 0 : 1)
      here.push(Math.min(changed, (before[j] as number) + 1, (here[j - 1] as number) + 1))
    }
    before = here
  }
  return before[b.length] as number
}
