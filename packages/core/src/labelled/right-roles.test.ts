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

test('most drafts come out whole', () => {
  expect(Object.keys(KNOWN).length / drafts.length).toBeLessThan(0.4)
})
