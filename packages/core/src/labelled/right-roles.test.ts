import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Gold, LabelledDraft } from './gold.ts'
import { heldOf, isWhole, readByRightRoles, type Held } from './right-roles.ts'
import { scoreReading } from './score.ts'

const SAMPLES = join(__dirname, '../../samples')

/** Drafts that do not come out whole, with what does; made anew by `npm run reading -- --right-roles`. */
const KNOWN = JSON.parse(readFileSync(join(SAMPLES, 'right-roles.json'), 'utf8')) as Readonly<Record<string, Held>>

const drafts = ['drafts', 'layouts', 'first-reads'].flatMap((set) =>
  readdirSync(join(SAMPLES, set))
    .filter((file) => file.endsWith('.gold.json'))
    .map((file) => labelled(join(SAMPLES, set), file.slice(0, -'.gold.json'.length))),
)

function labelled(folder: string, name: string): LabelledDraft {
  const read = (ending: string): string => readFileSync(join(folder, `${name}.${ending}`), 'utf8')
  const has = (ending: string): boolean => existsSync(join(folder, `${name}.${ending}`))
  return {
    name,
    source: { text: read(has('txt') ? 'txt' : 'md'), ...(has('key.txt') && { keyText: read('key.txt') }) },
    gold: JSON.parse(read('gold.json')) as Gold,
  }
}

// Apart from the weights that find the roles, so that fitting them anew changes nothing here.
test.each(drafts.map((draft) => [draft.name, draft] as const))(
  '%s comes out as it did, where its lines have their right roles',
  (name, draft) => {
    const score = scoreReading(readByRightRoles(draft), draft.gold)
    const known = KNOWN[name]
    if (known) expect(heldOf(score)).toEqual(known)
    else expect(isWhole(score) ? [] : score.told).toEqual([])
  },
)

/** Batches of first reads from this one on are whole tests, each in manners of its own. */
const FIRST_HARD = 13

// Nobody can read some of them from their lines alone; so each set is held where it stands.
test.each([
  ['of those before the hard ones', false, 0.34],
  ['of the hard ones', true, 0.65],
])('%s few enough do not come out whole', (_name, isHard, most) => {
  const own = drafts.filter(({ name }) => Number(/^b(\d+)-/.exec(name)?.[1] ?? 0) >= FIRST_HARD === isHard)
  expect(own.filter(({ name }) => KNOWN[name]).length / own.length).toBeLessThan(most)
})
