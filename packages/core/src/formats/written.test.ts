import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { probesOf } from '../grade/probes.ts'
import type { Response } from '../grade/response.ts'
import { isGraded, type Item } from '../item/model.ts'
import { contentOf, paragraph } from '../content/model.ts'
import { PLAIN, TELLING } from '../testing/every-kind.ts'
import { FORMAT_IDS, FormatError, type FormatData, type FormatId } from './format.ts'
import { FORMATS } from './index.ts'
import type { PaperPlan } from './paper-plan.ts'

const PLAN: PaperPlan = {
  instructions: 'Read each item twice.',
  identity: ['Name', 'Ship'],
  timeLimit: 1800,
  attempts: 2,
  shuffleItems: true,
  feedbackWhen: 'after',
  sections: [
    { title: 'Knots', instructions: 'Choose.' },
    { title: 'Lights', instructions: '' },
  ],
  places: TELLING.map((item, at) => ({ section: at < 2 ? null : at < 12 ? 0 : 1, required: isGraded(item.kind) })),
}

function write(id: FormatId) {
  return FORMATS[id].write(TELLING, {
    title: 'Watch & ward',
    as: 'paper',
    plan: PLAN,
    categories: TELLING.map(() => 'Sea/Ships'),
  })
}

/** All files of what was written, each under its path. */
function textOf(data: FormatData): string {
  if (data.form === 'text') return data.text
  const decoder = new TextDecoder()
  return data.files
    .map(({ path, bytes }) => {
      const isText = /\.(?:xml|txt)$/.test(path)
      return `=== ${path}\n${isText ? decoder.decode(bytes).replaceAll('><', '>\n<') : `${bytes.length} bytes`}`
    })
    .join('\n')
}

/** What the format's own reader makes of it, a line for each item, and the rest. */
function readBack(id: FormatId, data: FormatData): string[] {
  const { items, assets: _assets, ...rest } = FORMATS[id].read(data)
  return [...items.map((item) => JSON.stringify(item)), JSON.stringify(rest)]
}

/** What each probe of each item earns by the format's own rules. */
function graded(id: FormatId, data: FormatData, written: readonly number[]): string[] {
  const grade = FORMATS[id].grader(data)
  return written.map((item, at) => {
    const shares = probesOf(TELLING[item] as Item).map(({ kind, response }) => {
      const share = grade(at, response)
      return `${kind} ${share === null ? 'nothing' : Number(share.toFixed(4))}`
    })
    const odd = ODD.map((response) => grade(at, response)).map((share) => share ?? '-')
    return `${item}: ${shares.join(', ')} | ${odd.join(' ')}`
  })
}

/** Responses of every kind that hardly any item asks for: nothing, too much, what is not there. */
const ODD: readonly Response[] = [
  { kind: 'choice', chosen: [] },
  { kind: 'choice', chosen: ['zz'] },
  { kind: 'choice', chosen: ['a', 'b', 'c'] },
  { kind: 'truth', value: null },
  { kind: 'truth', value: true },
  { kind: 'truth', value: false },
  { kind: 'text', text: ' ' },
  { kind: 'text', text: 'port' },
  { kind: 'text', text: '1,5' },
  { kind: 'text', text: '1.5 m' },
  { kind: 'gaps', texts: [] },
  { kind: 'gaps', texts: ['port', ' '] },
  { kind: 'gaps', texts: ['', 'starboard', 'aft'] },
  { kind: 'order', ids: [] },
  { kind: 'order', ids: ['c', 'a', 'b'] },
  { kind: 'pairs', pairs: [] },
  { kind: 'pairs', pairs: [[9, 9]] },
  {
    kind: 'pairs',
    pairs: [
      [1, 0],
      [0, 1],
    ],
  },
  { kind: 'step', value: null },
  { kind: 'step', value: 3 },
]

/** Compares with what is kept, or keeps it. */
function isAsItWas(name: string, text: string): void {
  const file = join(__dirname, `../../samples/written/${name}.txt`)
  if (process.env['WRITE_SAMPLES']) writeFileSync(file, text)
  expect(text.split('\n')).toEqual(readFileSync(file, 'utf8').split('\n'))
}

/*
 * What is written, read back and graded changes only where somebody means it to: right it is by other tests (schema,
 * rules, round trips, interpreters of its own), here it is the same as it was. To be written anew with WRITE_SAMPLES=1,
 * and read before it is kept.
 */
test.each(FORMAT_IDS)('%s is written, read back and graded as it was', (id) => {
  const { data, losses, written } = write(id)
  const said = losses.map(({ item, feature, says }) => `${item} ${feature}: ${says}`)
  const parts = [
    [textOf(data)],
    ['=== losses', ...said],
    [`=== written ${written.join(' ')}`],
    ['=== read back', ...readBack(id, data)],
    ['=== graded', ...graded(id, data, written), ''],
  ]
  isAsItWas(id, parts.flat().join('\n'))
})

const PICTURE = Uint8Array.of(0x89, 0x50, 0x4e, 0x47)
const SHOWN: Item = {
  ...PLAIN.single,
  stem: [paragraph([{ type: 'picture', asset: 'knot.png', alt: 'A knot', width: 120 }])],
  passage: contentOf('Read this.'),
}

// A bank of two items that share a passage and a picture, by names of its own, and a paper with no plan.
test.each(FORMAT_IDS)('%s: a bank, and a paper that says nothing of itself', (id) => {
  const items = [SHOWN, { ...PLAIN.truefalse, passage: contentOf('Read this.') }]
  const settings = { title: 'Two', ids: ['first', '2 & more'], assets: new Map([['knot.png', PICTURE]]) }
  const bank = FORMATS[id].write(items, { ...settings, as: 'bank', categories: ['Sea/Ships', ''] })
  const paper = FORMATS[id].write(items, { ...settings, as: 'paper' })
  const empty = FORMATS[id].write([], { title: '', as: 'paper' })
  const parts = [bank, paper, empty].map(({ data }) => textOf(data))
  isAsItWas(`${id}-bank`, `${parts.join('\n')}\n${readBack(id, bank.data).join('\n')}\n`)
})

test.each(FORMAT_IDS)('%s: data of another form is one clear error to its reader, and nothing to its grader', (id) => {
  const isText = FORMATS[id].write([PLAIN.single], { title: 'T', as: 'bank' }).data.form === 'text'
  const other: FormatData = isText ? { form: 'package', files: [] } : { form: 'text', text: 'x' }
  expect(() => FORMATS[id].read(other)).toThrow(FormatError)
  expect(FORMATS[id].grader(other)(0, { kind: 'choice', chosen: ['b'] })).toBeNull()
  const { data } = FORMATS[id].write([PLAIN.single], { title: 'T', as: 'bank' })
  expect(FORMATS[id].grader(data)(1, { kind: 'choice', chosen: ['b'] })).toBeNull()
})
