import type { Reading } from '../../draft/model.ts'
import type { Item } from '../../item/model.ts'
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
  const some = (): Item[] => dice.shuffled(items).slice(0, dice.whole(1, 4))
  if (!items.length) return []
  return [
    rolesOf(tidyReading(reading), reading.title),
    rolesOf(tidyText(some()), null),
    ...[1, 2].map(() =>
      rolesOf(
        tidyText(
          some().map((item) => withFacts(item, dice)),
          TITLE,
        ),
        TITLE,
      ),
    ),
  ]
}

const TITLE = 'A check'

/** An item with what may be said about it below it, and now and then without its key. */
function withFacts(item: Item, dice: Dice): Item {
  return {
    ...item,
    ...(dice.does(0.4) && { tags: ['tides'] }),
    ...(dice.does(0.3) && { points: dice.whole(2, 5) }),
    ...(dice.does(0.1) && { difficulty: 'easy' }),
    ...(dice.does(0.12) && 'key' in item && { key: [] }),
  }
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
