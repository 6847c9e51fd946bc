import { plainText } from '../../content/plain.ts'
import { readDraft } from '../read-draft.ts'

/** What stands on the left of the matching that a table is read as. */
function left(...rows: string[]): string[] {
  const text = `1. Match them.\n${rows.map((row) => `| ${row} |`).join('\n')}\n`
  const [read] = readDraft({ text }).items
  return read?.item.kind === 'match' ? read.item.left.map((part) => plainText(part)) : []
}

const CAPITALS = ['Norway | Oslo', 'Sweden | Stockholm', 'Denmark | Copenhagen']
const COUNTRIES = ['Norway', 'Sweden', 'Denmark']

describe('the head of a table of pairs is no pair, and a pair is no head', () => {
  test.each<[string, string[], string[]]>([
    ['without a head', CAPITALS, COUNTRIES],
    ['a head that a line is drawn under', ['Country | Capital', '--- | ---', ...CAPITALS], COUNTRIES],
    ['a head in bold', ['**Country** | **Capital**', ...CAPITALS], COUNTRIES],
    [
      'capitals above words that have none',
      ['Word | Meaning', 'ebb | falling', 'flood | rising', 'slack | still'],
      ['ebb', 'flood', 'slack'],
    ],
    [
      'words above sentences',
      [
        'Term | Definition',
        'Ebb | The water that is falling',
        'Flood | The water that is rising',
        'Slack | Water that stands still',
      ],
      ['Ebb', 'Flood', 'Slack'],
    ],
    [
      'a first pair that is like the others',
      ['ebb | the falling of the water', 'flood | the rising of the water', 'slack | the water that stands still'],
      ['ebb', 'flood', 'slack'],
    ],
  ])('%s', (_what, rows, found) => expect(left(...rows)).toEqual(found))
})
