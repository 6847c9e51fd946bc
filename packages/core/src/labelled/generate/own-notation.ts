import type { Reading } from '../../draft/model.ts'
import type { Role } from '../../draft/roles/roles.ts'
import { tidyReading, tidyText } from '../../draft/tidy.ts'
import { Dice } from './dice.ts'

/** Text in the notation in which drafts are tidied and tables are taken apart, with the role of each of its lines. */
export interface OwnDraft {
  readonly text: string
  readonly roles: readonly Role[]
}

const ROLES: readonly (readonly [RegExp, Role])[] = [
  [/^\d+\. /, 'stem'],
  [/^[A-Z]\) /, 'option'],
  [/^(?:Sample answer|Answer): /, 'answer'],
  [/^Explanation: /, 'feedback'],
  [/^Hint: /, 'hint'],
  [/^(?:Points|Time|Difficulty|Level|Outcome|Tags): /, 'facts'],
  [/^Word bank: /, 'bank'],
  [/^\| /, 'row'],
]
const PASSAGE = /^Read the text and answer questions \d/

/** A reading tidied, whole and some of its items alone: what we write ourselves has to be read as it was meant. */
export function ownDrafts(reading: Reading, seed: number): OwnDraft[] {
  const dice = new Dice(seed * 31 + 11)
  const items = reading.items.map((read) => read.item)
  const some = dice.shuffled(items).slice(0, dice.whole(1, 3))
  const texts = [...(items.length ? [tidyReading(reading)] : []), ...(some.length ? [tidyText(some)] : [])]
  return texts.map((text, at) => rolesOf(text, at === 0 ? reading.title : null))
}

function rolesOf(text: string, title: string | null): OwnDraft {
  let isPassage = false
  const roles = text
    .split('\n')
    .filter((line) => line.trim() !== '')
    .map((line, at): Role => {
      if (at === 0 && line === title) return 'out'
      const role = ROLES.find(([form]) => form.test(line))?.[1]
      if (PASSAGE.test(line)) isPassage = true
      else if (role === 'stem') isPassage = false
      else if (isPassage) return 'passage'
      return PASSAGE.test(line) ? 'out' : (role ?? 'more')
    })
  return { text, roles }
}
