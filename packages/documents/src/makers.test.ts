import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { plainText, readDraft, type Item } from '@zakuska/core'
import { readFile } from './read-file.ts'
import { readTable } from './sheet/read-table.ts'

// Three made-up papers, written out by three general-purpose programs: a converter of documents (pandoc), a word
// processor (abiword) and a spreadsheet (gnumeric). What each should be read as is the same, whoever wrote it.
const FOLDER = join(__dirname, '..', 'samples', 'makers')
const bytesOf = (name: string): Uint8Array => new Uint8Array(readFileSync(join(FOLDER, name)))
const papers = (paper: string): string[] => readdirSync(FOLDER).filter((name) => name.includes(`-${paper}.`))

function outline(item: Item): string {
  const stem = plainText(item.stem)
  switch (item.kind) {
    case 'single':
    case 'multiple': {
      const options = item.options.map((one) => (item.key.includes(one.id) ? '*' : '') + plainText(one.content))
      return `${item.kind}: ${stem} ${options.join(' / ')}`
    }
    case 'match':
      return `match: ${stem} ${item.left.map((part) => plainText(part)).join(' / ')} – ${item.right.map((part) => plainText(part)).join(' / ')}`
    case 'numeric':
      return `numeric: ${stem} ${item.key.map((band) => ('value' in band ? band.value : '')).join(' ')}`
    case 'short':
    case 'truefalse':
      return `${item.kind}: ${stem} ${item.key.join(' / ')}`
    default:
      return `${item.kind}: ${stem}`
  }
}

async function itemsOf(name: string): Promise<string[]> {
  const contents = await readFile(bytesOf(name))
  if (contents.kind !== 'draft') throw new Error(`${name} is no draft.`)
  return readDraft(contents.source).items.map(({ item }) => outline(item))
}

// Numbered by the program, options in a list of their own, the key in bold.
test.each(papers('auto'))('lists that are numbered by themselves: %s', async (name) => {
  // One program leaves out how its lists count where it writes RTF; nothing of the text is lost there.
  expect(await itemsOf(name)).toEqual([
    'single: Which buoy lies to port when you enter the harbour of Skarnholm? a green cone / *a red can / a yellow cross / a black ball',
    'single: Which gas makes H₂O out of O₂? helium / *hydrogen / neon',
    'single: How much is 2¹⁰? 100 / 512 / *1024',
    'single: Which line is set in italics? the stern line / *the bow line / the spring',
  ])
})

test.each(papers('typed'))('numbers and letters that were typed, and a table of pairs: %s', async (name) => {
  expect(await itemsOf(name)).toEqual([
    'single: What is the rise of the tide called? ebb / *flood / slack',
    'truefalse: Springs come twice a month. true',
    'numeric: How many metres are in a nautical mile? 1852',
    'short: The time between high and low water is about ___ hours. six',
    'multiple: Which of these are parts of an anchor? (choose two) *fluke / *shank / boom / transom',
    'match: Match each word with what it means. ebb / flood / slack – falling water / rising water / still water',
  ])
})

test.each(papers('table').filter((name) => !name.startsWith('gnumeric')))('a table of questions: %s', async (name) => {
  expect(await itemsOf(name)).toEqual([
    'single: Which knot makes a fixed loop? *bowline / reef knot / clove hitch',
    'single: How many minutes are in a degree? 30 / *60 / 90',
    'single: Which colour has a starboard light? red / white / *green',
  ])
  const contents = await readFile(bytesOf(name))
  // The head of a table is no title.
  expect(contents.kind === 'draft' && readDraft(contents.source).title).toBeNull()
})

test.each(papers('table').filter((name) => name.startsWith('gnumeric')))('a sheet of questions: %s', async (name) => {
  expect(await itemsOf(name)).toEqual([
    'single: Which knot makes a fixed loop, they say? *bowline / reef knot / clove, hitch / sheet bend',
    'single: Which signal means "man overboard"? *flag O / flag A / flag B / flag C',
    'single: How many minutes are in a degree? 30 / *60 / 90',
    'single: Welche Farbe hat Steuerbord? rot / *grün / weiß',
  ])
})

test.each(['gnumeric-table.ods', 'gnumeric-table.xlsx'])(
  'the rows of a sheet as a table of responses: %s',
  async (name) => {
    const rows = await readTable(bytesOf(name))
    expect(rows).toHaveLength(5)
    expect(rows[0]).toEqual(['Question', 'A', 'B', 'C', 'D', 'Key', 'Points'])
    expect(rows[3]).toEqual(['How many minutes are in a degree?', '30', '60', '90', '', 'B', '1'])
  },
)
