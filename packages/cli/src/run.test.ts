import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { notationOf } from '@zakuska/core'
import { readFile } from '@zakuska/documents'
import { findNotation, notationFolder } from './notation.ts'
import { run } from './run.ts'
import { COMMANDS } from './usage.ts'

const folder = mkdtempSync(join(tmpdir(), 'zakuska-cli-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))

const draft = join(folder, 'draft.txt')
writeFileSync(
  draft,
  'Bread\n\n1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n2. True or false: Rye is a grain.\nAnswer: True\n',
)
const keyless = join(folder, 'keyless.txt')
writeFileSync(keyless, '1. Which is a grain?\na) oak\nb) rye\n')
const empty = join(folder, 'empty.txt')
writeFileSync(empty, 'Dear all, see you on Friday.\n')
const keyFile = join(folder, 'key.txt')
writeFileSync(keyFile, '1. b\n')

async function call(...args: string[]): Promise<{ status: number; out: string; err: string }> {
  let out = ''
  let err = ''
  const status = await run(args, {
    out: (text) => (out += typeof text === 'string' ? text : Buffer.from(text).toString()),
    err: (text) => (err += text),
  })
  return { status, out, err }
}

test('read prints the outline, and nothing else, on standard output', async () => {
  const { status, out, err } = await call('read', draft, '--as', 'outline')
  expect({ status, err }).toEqual({ status: 0, err: '' })
  expect(JSON.parse(out)).toMatchObject({
    outline: 1,
    title: 'Bread',
    items: [
      { kind: 'single', key: [1], lines: [3, 6] },
      { kind: 'truefalse', key: [true] },
    ],
  })
})

test('what a file holds beside its items is said, whatever is done with them', async () => {
  const gift = join(folder, 'partial.gift')
  writeFileSync(gift, 'Who keeps the log?{=the mate =%50%a mate}\n')
  const said = 'zakuska: line 1: Typed answers that earn only a part of the points are left out.\n'
  for (const args of [
    ['read', gift, '--as', 'items'],
    ['fit', gift, '--for', 'aiken'],
    ['prove', gift, '--to', 'qti21'],
    ['convert', gift, '--to', 'qti21', '-o', join(folder, 'partial.zip')],
  ])
    expect((await call(...args)).err).toContain(said)
})

test('read takes a key from a file of its own', async () => {
  expect(JSON.parse((await call('read', keyless, '--key', keyFile, '--as', 'outline')).out)).toMatchObject({
    items: [{ key: [1], flags: [] }],
  })
})

describe('a notation', () => {
  const item = (stem: string, key: string, others: string): string => `${stem}\n>> ${key}\nnot: ${others}\n\n`
  const text =
    item('The horn sounds once. The boat turns to', 'starboard', 'port, astern') +
    item('The horn sounds twice. The boat turns to', 'port', 'starboard, ahead') +
    item('The horn sounds five times. The skipper says', 'I do not understand you', 'welcome, goodbye')
  const right = [['starboard'], ['port'], ['I do not understand you']]
  const file = join(folder, 'signals.txt')
  writeFileSync(file, text)
  const from = text.indexOf('not: ')
  const taught = [{ from, to: text.indexOf('\n', from), part: 'none' as const, alike: true }]
  const kept = join(folder, 'Boatyard signals.json')
  writeFileSync(kept, JSON.stringify(notationOf({ text, taught }, 'Boatyard signals')))
  const keys = async (...more: string[]): Promise<unknown> =>
    (JSON.parse((await call('read', file, ...more)).out) as { items: { key: unknown }[] }).items.map((one) => one.key)

  test('in a file is what a draft is read by', async () => {
    expect(await keys()).not.toEqual(right)
    expect(await keys('--notation', kept)).toEqual(right)
    expect((await call('check', file, '--notation', kept)).out).toContain('3 items, 0 marks')
  })

  test('is found by its name', () => {
    expect(findNotation('Boatyard signals', folder).name).toBe('Boatyard signals')
    expect(notationFolder({ XDG_CONFIG_HOME: '/x' })).toBe('/x/zakuska/notations')
  })

  test.each([
    ['Nowhere', /There is no file “Nowhere”/],
    [draft, /holds no notation/],
  ])('that is none is one clear line: %s', async (named, says) => {
    const { status, out, err } = await call('read', file, '--notation', named)
    expect({ status, out }).toEqual({ status: 1, out: '' })
    expect(err).toMatch(says)
  })

  test('is of no use to items', async () => {
    const gift = join(folder, 'items.gift')
    writeFileSync(gift, 'Which is a grain?{=rye ~oak}\n')
    expect((await call('read', gift, '--notation', kept)).err).toMatch(/holds items/)
  })
})

test('a paper keeps its sections and settings where the format holds them, and says so where it does not', async () => {
  const paper = join(folder, 'paper.json')
  const plan = {
    instructions: 'Read all of it first.',
    identity: ['Name', 'Boat'],
    timeLimit: 1800,
    attempts: null,
    shuffleItems: true,
    feedbackWhen: 'never',
    sections: [{ title: 'Grains', instructions: 'One is right.' }],
    places: [
      { section: null, required: true },
      { section: 0, required: false },
    ],
  }
  const { items } = JSON.parse((await call('read', draft, '--as', 'items')).out) as { items: object[] }
  writeFileSync(paper, JSON.stringify({ zakuska: 1, title: 'Bread', paper: plan, items }))
  const packed = join(folder, 'paper.zip')
  const toQti = await call('convert', paper, '--to', 'qti21', '-o', packed)
  expect(toQti.err).toBe('zakuska: the paper: Fields other than name and class are not asked\n')
  const back = JSON.parse((await call('convert', packed, '--to', 'items')).out) as { paper: object }
  expect(back.paper).toEqual({ ...plan, identity: [] })
  expect(
    (await call('convert', packed, '--to', 'gift')).err.split('\n').filter((one) => one.includes('paper')),
  ).toHaveLength(6)
  expect((await call('fit', paper, '--for', 'gift')).out).toContain('the paper: Sections are left out')
})

test('what convert writes, read reads back', async () => {
  for (const to of ['gift', 'qti21', 'items', 'draft']) {
    const target = join(folder, `out.${to}`)
    expect(await call('convert', draft, '--to', to, '-o', target)).toMatchObject({ status: 0, out: '' })
    expect(JSON.parse((await call('read', target, '--as', 'outline')).out)).toMatchObject({
      items: [
        { stem: 'Which is a grain?', key: [1] },
        { stem: 'Rye is a grain.', key: [true] },
      ],
    })
  }
})

test('convert says on the other stream what does not arrive as it is', async () => {
  const both = join(folder, 'both.txt')
  writeFileSync(both, '1. Which is a grain?\na) oak\nb) rye\n\n2. True or false: Rye is a tree.\nAnswer: False\n')
  const { status, out, err } = await call('convert', both, '--to', 'gift')
  expect(status).toBe(0)
  expect(err).toMatch(/item 1: Has no key/)
  expect(out).not.toMatch(/grain/)
  // A file without an item is none.
  const none = await call('convert', keyless, '--to', 'gift')
  expect([none.status, none.out]).toEqual([1, ''])
  expect(none.err).toContain('No item can be written in GIFT: Has no key')
})

test('prove prints a row per item and its figures', async () => {
  const { status, out } = await call('prove', draft, '--to', 'qti21')
  expect(status).toBe(0)
  expect(out).toMatch(/2 of 2 items proven in QTI 2\.1; 6 of 6 probes agree/)
})

test.each<[string, string[], number, RegExp]>([
  ['no command', [], 2, /usage:/],
  ['an unknown command', ['fry', draft], 2, /no command “fry”\.\n/],
  ['a command with a slip of the pen', ['raed', draft], 2, /no command “raed”\. Did you mean “read”\?/],
  [
    'a file without any item',
    ['convert', empty, '--to', 'qti21'],
    1,
    /^zakuska: There is no item in it to convert\.\n$/,
  ],
  ['an unknown option', ['read', draft, '--loud'], 2, /usage:/],
  ['bench with a file', ['bench', draft], 2, /takes no file/],
  ['an unknown format', ['convert', draft, '--to', 'pdf'], 2, /--to takes/],
  ['a file that is not there', ['read', join(folder, 'none.txt')], 1, /There is no file/],
  ['a folder', ['read', folder], 1, /folder/],
])('%s: one clear line', async (_name, args, status, says) => {
  const done = await call(...args)
  expect(done).toMatchObject({ status, out: '' })
  expect(done.err).toMatch(says)
})

test('convert packs the pictures of a document with the items', async () => {
  const page = join(folder, 'picture.html')
  const png = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13])
  writeFileSync(
    page,
    `<html><body><p>1. What is shown? <img src="data:image/png;base64,${png.toString('base64')}" alt="a ketch"></p><p>a) a ketch</p><p>b) a sloop</p><p>Answer: a</p></body></html>`,
  )
  const out = join(folder, 'picture.zip')
  expect(await call('convert', page, '--to', 'qti21', '-o', out)).toMatchObject({ status: 0, err: '' })
  const back = await readFile(new Uint8Array(readFileSync(out)))
  expect(back.kind === 'items' && [...(back.result.assets?.values() ?? [])]).toEqual([new Uint8Array(png)])
})

test('several files: a line of JSON each, and those that cannot be read say why', async () => {
  const { status, out } = await call('read', draft, join(folder, 'none.txt'), keyless)
  expect(status).toBe(1)
  const lines = out
    .trimEnd()
    .split('\n')
    .map((line) => JSON.parse(line) as Record<string, unknown>)
  expect(lines).toMatchObject([
    { file: draft, outline: 1, title: 'Bread' },
    { file: join(folder, 'none.txt'), error: expect.stringContaining('There is no file') as string },
    { file: keyless, items: [{ flags: ['key-missing'] }] },
  ])
  expect((await call('read', draft, keyless)).status).toBe(0)
  const gift = join(folder, 'several.gift')
  writeFileSync(gift, 'Who keeps the log?{=the mate =%50%a mate}\n')
  expect((await call('read', draft, gift, '--as', 'items')).err).toContain(`${gift}: line 1: Typed answers`)
})

test('help of one command says what it takes, and that of all names each', async () => {
  const own = await call('convert', '--help')
  expect(own).toMatchObject({ status: 0, err: '' })
  expect(own.out).toContain('zakuska convert FILE --to')
  expect(own.out).not.toContain('zakuska prove')
  const all = (await call('--help')).out
  for (const name of Object.keys(COMMANDS)) expect(all).toContain(`zakuska ${name}`)
})

test('a long file is named while it is read', async () => {
  const long = join(folder, 'long.txt')
  writeFileSync(long, '1. Which is a grain?\na) oak\nb) rye\nAnswer: b\n\n'.repeat(5000))
  expect((await call('read', long)).err).toMatch(/^zakuska: reading .*long\.txt, \d+ KiB …\n$/)
})

test('what came of an item that is not held whole is flagged in the outline; passages stand once', async () => {
  const gift = join(folder, 'weights.gift')
  writeFileSync(gift, 'Who keeps the log?{=the mate =%50%a mate}\n\nWho steers?{=the helm}\n')
  const { items } = JSON.parse((await call('read', gift)).out) as { items: { flags: string[] }[] }
  expect(items.map((item) => item.flags)).toEqual([['not-held'], []])
})

test('check lists what the reader has to say, as text and as JSON', async () => {
  const { status, out } = await call('check', keyless)
  expect(status).toBe(0)
  expect(out).toContain('(key-missing)')
  const json = await call('check', keyless, '--json')
  expect(JSON.parse(json.out)).toMatchObject({ items: 1, marks: [{ line: 1, code: 'key-missing' }] })
})

test('check lists what the writing checks say', async () => {
  const path = join(folder, 'above.txt')
  writeFileSync(path, 'What floats?\na) cork\nb) pine\nc) All of the above\nAnswer: c\n')
  expect((await call('check', path)).out).toMatch(/item 1: .*\(all-of-the-above\)\n1 items, \d+ marks, 1 from/)
  expect(JSON.parse((await call('check', path, '--json')).out)).toMatchObject({
    findings: [{ code: 'all-of-the-above', items: [0] }],
  })
})

test('fit says what changes where, and an unknown name is wrong usage', async () => {
  const { status, out } = await call('fit', keyless, '--for', 'qti21')
  expect(status).toBe(0)
  expect(out).toContain('1 cannot go')
  expect((await call('fit', keyless, '--for', 'nowhere')).status).toBe(2)
})

test.each(['gift', 'aiken', 'qti12', 'qti21', 'qti22', 'qti30', 'cc13', 'csv', 'xlsx', 'items', 'draft'])(
  'what is converted to %s reads back with its keys',
  async (target) => {
    const file = join(folder, `out.${target}`)
    expect((await call('convert', draft, '--to', target, '-o', file)).status).toBe(0)
    const { items } = JSON.parse((await call('read', file, '--as', 'outline')).out) as { items: { key: unknown }[] }
    expect(items[0]?.key).toEqual([1])
    expect(items).toHaveLength(2)
  },
)

test('prove --against asks a file that was made before, and says which key was turned there', async () => {
  const gift = join(folder, 'sent.gift')
  await call('convert', draft, '--to', 'gift', '-o', gift)
  const same = await call('prove', draft, '--against', gift)
  expect(same.status).toBe(0)
  expect(same.out).toContain('2 of 2 items proven')
  writeFileSync(gift, readFileSync(gift, 'utf8').replace(/\{TRUE\s*\}/, '{FALSE}'))
  const turned = await call('prove', draft, '--against', gift)
  expect(turned.status).toBe(1)
  expect(turned.out).toContain('1 of 2 items proven')
  expect(turned.out).toMatch(/Rye is a grain.*key changed/)
  // The file is what is asked, not what is true.
  expect((await call('prove', gift, '--to', 'qti30')).status).toBe(0)
  writeFileSync(gift, '::a::Another question {T}\n')
  const other = await call('prove', draft, '--against', gift)
  expect(other.status).toBe(1)
  expect(other.out).toContain('2 missing there')
  expect(other.out).toContain('only in')
})

test.each(['qti12', 'qti21', 'qti30', 'csv', 'xlsx', 'items', 'draft'])(
  'prove --against what was written as %s',
  async (to) => {
    const file = join(folder, `sent.${to}`)
    await call('convert', draft, '--to', to, '-o', file)
    expect((await call('prove', draft, '--against', file)).out).toContain('2 of 2 items proven')
  },
)
