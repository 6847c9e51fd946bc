import { isDeepStrictEqual } from 'node:util'
import { leastCpuTime } from '../testing/cpu-time.ts'
import fc from 'fast-check'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { isExact, norm, type GoldItem } from '../testing/score-reading.ts'
import { applyEdits } from './marks.ts'
import { readingOutline } from './outline.ts'
import { readDraft } from './read-draft.ts'
import type { OutlineItem } from '../item/outline.ts'

type Read = OutlineItem & { readonly flags: readonly string[] }

function itemsOf(text: string, keyText?: string): readonly Read[] {
  return readingOutline(readDraft({ text, ...(keyText !== undefined && { keyText }) }))['items'] as readonly Read[]
}

const OPTIONS = 'a) oak\nb) rye\nc) elm'

describe('a single item', () => {
  // Each row: what stands in the draft, and what it must be read as. Ours, from the layouts that people use.
  test.each<[string, string, Partial<Read>]>([
    [
      'key by letter',
      `1. Which is a grain?\n${OPTIONS}\nAnswer: b`,
      { kind: 'single', stem: 'Which is a grain?', options: ['oak', 'rye', 'elm'], key: [1] },
    ],
    [
      'key glued to the last option',
      `1. Which is a grain?\n${OPTIONS} Answer: b)`,
      { options: ['oak', 'rye', 'elm'], key: [1] },
    ],
    [
      'key with the option’s text, which starts with an article',
      '1. Which one?\na) a green cone\nb) a red can Answer: b) a red can',
      { kind: 'single', options: ['a green cone', 'a red can'], key: [1] },
    ],
    ['key by text', `1. Which is a grain?\n${OPTIONS}\nAnswer: rye`, { key: [1] }],
    ['starred option', '1. Which is a grain?\na) oak\n*b) rye\nc) elm', { kind: 'single', key: [1] }],
    ['several keys', `1. Which are trees?\n${OPTIONS}\nAnswers: a and c`, { kind: 'multiple', key: [0, 2] }],
    ['letters without blanks', `1. Which are trees?\n${OPTIONS}\nAnswer: A,C`, { kind: 'multiple', key: [0, 2] }],
    ['ticked boxes', 'Which are trees?\n[x] oak\n[ ] rye\n[x] elm', { kind: 'multiple', key: [0, 2] }],
    [
      'options side by side',
      '1. Which is a grain?\nA. oak   B. rye   C. elm\nAnswer: B',
      { options: ['oak', 'rye', 'elm'], key: [1] },
    ],
    [
      'points in brackets',
      `1. Which is a grain? (2 points)\n${OPTIONS}\nAnswer: b`,
      { stem: 'Which is a grain?', points: 2 },
    ],
    [
      'true or false',
      '1. True or false: rye is a grain.\nAnswer: True',
      { kind: 'truefalse', stem: 'rye is a grain.', key: [true] },
    ],
    [
      'true or false behind the statement',
      '1. Rye is a grain. (T/F)\nAnswer: F',
      { kind: 'truefalse', stem: 'Rye is a grain.', key: [false] },
    ],
    [
      'an arrow behind a question leads its answer',
      '1. What is the kitchen on a ship called?\n→ galley',
      { kind: 'short', stem: 'What is the kitchen on a ship called?', key: ['galley'] },
    ],
    [
      'an arrow inside a reaction belongs to the stem',
      '1. Balance: H₂ + O₂\n→ H₂O\nAnswer: 2 H₂ + O₂ → 2 H₂O',
      { kind: 'short', stem: 'Balance: H₂ + O₂ → H₂O', key: ['2 H₂ + O₂ → 2 H₂O'] },
    ],
    [
      'the stroke of a unit parts no choices',
      '1. Turn 36 km/h into m/s (1 m/s = 3.6 km/h).\nAnswer: 10 m/s',
      { kind: 'numeric', stem: 'Turn 36 km/h into m/s (1 m/s = 3.6 km/h).', unit: 'm/s' },
    ],
    [
      'examples of an answer are a sample',
      '1. Name two lights.\nAnswer: e.g. flashing, fixed',
      { kind: 'essay', stem: 'Name two lights.', sample: 'e.g. flashing, fixed' },
    ],
    [
      'short words with a stroke are choices',
      '1. They (is/are) at sea.\nAnswer: are',
      { kind: 'cloze', stem: 'They ___ at sea.', choices: [['is', 'are']], key: [['are']] },
    ],
    [
      'marks of the trade are no marks of a paper',
      '1. What keeps you in a channel?\nAnswer: two marks in line',
      { kind: 'short', key: ['two marks in line'] },
    ],
    [
      'a figure to round heads no section',
      'Round 4.56 to one decimal.\nAnswer: 4.6',
      { kind: 'numeric', stem: 'Round 4.56 to one decimal.' },
    ],
    ['a quantity of sand is no truth', '1. What is a beach made of?\nAnswer: sand', { kind: 'short', key: ['sand'] }],
    [
      'short with several accepted answers',
      '1. The fruit of the oak is called an ____.\nAnswer: acorn / oak nut',
      { kind: 'short', stem: 'The fruit of the oak is called an ___.', key: ['acorn', 'oak nut'] },
    ],
    [
      'number with a unit',
      '1. How long is it?\nAnswer: 5.5 m',
      { kind: 'numeric', key: [{ value: 5.5, tolerance: 0 }], unit: 'm' },
    ],
    [
      'feedback and hint',
      `1. Which is a grain?\n${OPTIONS}\nAnswer: b\nExplanation: It is baked.\nHint: Think of bread.`,
      { feedback: 'It is baked.', hint: 'Think of bread.' },
    ],
    [
      'a stem over two lines',
      `1. Which of these\nis a grain?\n${OPTIONS}\nAnswer: b`,
      { stem: 'Which of these is a grain?' },
    ],
    [
      'bold question, bulleted options',
      '**1. Which is a grain?**\n- A) oak\n- B) rye\n\n**Answer: B) rye**',
      { stem: 'Which is a grain?', options: ['oak', 'rye'], key: [1] },
    ],
  ])('%s', (_name, text, expected) => {
    const items = itemsOf(text)
    expect(items).toHaveLength(1)
    expect(items[0]).toMatchObject(expected)
  })
})

describe('marks', () => {
  test.each<[string, string, string[]]>([
    ['no key', `1. Which is a grain?\n${OPTIONS}`, ['key-missing']],
    ['a key that names no option', `1. Which is a grain?\n${OPTIONS}\nAnswer: d`, ['key-names-no-option']],
    ['an article is no letter', `1. Which is a grain?\n${OPTIONS}\nAnswer: a kind of bread`, ['key-names-no-option']],
    ['equal options', '1. Which?\na) oak\nb) rye\nc) oak\nAnswer: b', ['option-duplicate']],
    [
      'two keys that disagree',
      `1. Which is a grain?\n${OPTIONS}\nAnswer: b\n\n2. Which is a tree?\n${OPTIONS}\nAnswer: a\n\nANSWERS\n1 c  2 a`,
      ['keys-disagree'],
    ],
    ['a lost power of ten', '1. How many are 6 x 1023?\na) few\nb) many\nAnswer: b', ['script-lost']],
    ['nothing to say', `1. Which is a grain?\n${OPTIONS}\nAnswer: b`, []],
  ])('%s', (_name, text, flags) => {
    expect(itemsOf(text)[0]?.flags).toEqual(flags)
  })

  test('a contradiction is settled by its mend: the second key says what the first says', () => {
    const text = `1. Which is a grain?\n${OPTIONS}\nAnswer: b\n\n2. Which is a tree?\n${OPTIONS}\nAnswer: a\n\nANSWERS\n1 c  2 a`
    const [read] = readDraft({ text }).items
    const mark = read?.marks.find((one) => one.code === 'keys-disagree')
    const mended = applyEdits(text, mark?.mend?.edits ?? [])
    expect(mended).not.toBe(text)
    expect(itemsOf(mended)).toMatchObject([
      { key: [1], flags: [] },
      { key: [0], flags: [] },
    ])
  })

  test('a mend that is taken makes its mark vanish', () => {
    const text = '1. How many are 6 x 1023?\na) few\nb) many\nAnswer: b'
    const [read] = readDraft({ text }).items
    const mark = read?.marks.find((one) => one.code === 'script-lost')
    const mended = applyEdits(text, mark?.mend?.edits ?? [])
    expect(itemsOf(mended)[0]).toMatchObject({ stem: 'How many are 6 x 10²³?', flags: [] })
  })
})

test('chatter is set aside, and no other line is', () => {
  const text = `Sure! Here is a quiz:\n\n1. Which is a grain?\n${OPTIONS}\nAnswer: b\n\nLet me know if you would like more questions!`
  const reading = readDraft({ text })
  expect(reading.aside.map((line) => [line.line, line.reason])).toEqual([
    [1, 'chatter'],
    [9, 'chatter'],
  ])
})

test('a key file of its own gives its keys by number', () => {
  expect(itemsOf(`1. Which is a grain?\n${OPTIONS}\n\n2. Which is a tree?\n${OPTIONS}`, '1. b\n2. a, c')).toMatchObject(
    [{ key: [1] }, { key: [0, 2] }],
  )
})

// Shares that only get better.
const FLOORS: Readonly<Record<string, { readonly exact: number; readonly silent: number; readonly leaked: number }>> = {
  drafts: { exact: 0.93, silent: 0.02, leaked: 2 },
  layouts: { exact: 0.89, silent: 0.08, leaked: 15 },
}

// `drafts` are whole drafts in many languages whose right reading was written by hand; `layouts` are our own short ones.
test('among judgements in words, 0 and 1 are figures; alone they judge', () => {
  const mixed = readDraft({
    text: '1. True or false: The sea is deep.\nAnswer: True\n\n2. True or false: Fog is dry.\nAnswer: False\n\n3. Which number is missing? “It has 13 steps from … to 12.”\nAnswer: 0\n',
  })
  expect(mixed.items.map(({ item }) => item.kind)).toEqual(['truefalse', 'truefalse', 'numeric'])
})

describe.each(['drafts', 'layouts'])('the samples: %s', (set) => {
  const folder = join(__dirname, '../../samples', set)
  const names = readdirSync(folder)
    .filter((file) => file.endsWith('.gold.json'))
    .map((file) => file.slice(0, -'.gold.json'.length))
  const results = names.map((name) => scoreDraft(folder, name))
  const sum = (pick: (one: (typeof results)[number]) => number): number =>
    results.reduce((total, one) => total + pick(one), 0)

  const { exact, silent, leaked } = FLOORS[set] as (typeof FLOORS)[string]

  test('as many items are exact as `npm run reading` says', () => {
    expect(sum((one) => one.exact) / sum((one) => one.items)).toBeGreaterThanOrEqual(exact)
  })

  test('few items are wrong without a mark', () => {
    expect(results.flatMap((one) => one.silent).length / sum((one) => one.items)).toBeLessThanOrEqual(silent)
  })

  test('next to nothing that was to be dropped is in an item, or left unmarked', () => {
    expect(results.flatMap((one) => one.leaked).length).toBeLessThanOrEqual(leaked)
    expect(results.flatMap((one) => one.unmarked).length).toBeLessThanOrEqual(leaked)
  })
})

interface Gold {
  readonly items: readonly GoldItem[]
  readonly dropped?: readonly string[]
  readonly mustFlag?: readonly number[]
}

function scoreDraft(folder: string, name: string) {
  const gold = JSON.parse(readFileSync(join(folder, `${name}.gold.json`), 'utf8')) as Gold
  const file = ['txt', 'md'].map((ending) => join(folder, `${name}.${ending}`)).find((path) => existsSync(path)) ?? ''
  const keyFile = join(folder, `${name}.key.txt`)
  const read = itemsOf(readFileSync(file, 'utf8'), existsSync(keyFile) ? readFileSync(keyFile, 'utf8') : undefined)
  const found = gold.items.map((item) =>
    read.find(
      (one) => norm(one.stem) === norm(item.stem) || item.alt?.some((other) => norm(other['stem']) === norm(one.stem)),
    ),
  )
  const exact = gold.items.map((item, index) => found[index] !== undefined && isExact(item, found[index]))
  const everything = norm(JSON.stringify(read.map(({ flags: _flags, ...item }) => item))).toLowerCase()
  return {
    items: gold.items.length,
    exact: exact.filter(Boolean).length,
    silent: gold.items
      .filter((_item, index) => !exact[index] && (found[index]?.flags.length ?? 0) === 0)
      .map((item) => `${name}: ${item.stem}`),
    leaked: (gold.dropped ?? [])
      .filter((text) => everything.includes(norm(text).toLowerCase()))
      .map((text) => `${name}: ${text}`),
    unmarked: (gold.mustFlag ?? [])
      .filter((index) => (found[index]?.flags.length ?? 0) === 0)
      .map((index) => `${name}: ${index}`),
  }
}

describe('laws', () => {
  const piece = fc.oneof(
    fc.constantFrom(
      '1. ',
      '2) ',
      'a) ',
      'b. ',
      '(c) ',
      'Answer: ',
      'Answer: b',
      'ANSWERS',
      '1 B  2 C',
      '\n',
      '\n\n',
      '- ',
      '* ',
      '[x] ',
      '| a | b |',
      '____',
      '```',
      '> ',
      '# ',
      'Q1. ',
      'True or false: ',
      '$x$',
      '\\(',
      '{ins}',
      '(a / b)',
      '\u200B',
      'Ã©',
      '&amp;',
      'Explanation: ',
      '---',
      '    ',
      'Name: ____',
      '①',
      'ア　',
      'السؤال ١: ',
    ),
    fc.string({ maxLength: 12 }),
    fc.string({ unit: 'binary', maxLength: 4 }),
  )
  const anyText = fc.array(piece, { maxLength: 40 }).map((pieces) => pieces.join(''))

  test('any text at all is read without an error, and every line with text is in an item, a passage or set aside', () => {
    fc.assert(
      fc.property(anyText, (text) => {
        const reading = readDraft({ text })
        const kept = new Set(reading.aside.map((line) => line.line))
        for (const part of [...reading.items, ...reading.passages])
          for (let line = part.lines[0]; line <= part.lines[1]; line++) kept.add(line)
        const lines = text.split(/\r\n|[\n\r\u2028\u2029\f\v]/)
        const lost = lines.filter((line, index) => /[\p{L}\p{N}]/u.test(line) && !kept.has(index + 1))
        expect(lost).toEqual([])
      }),
      { numRuns: 400 },
    )
  })

  test('marks and places lie within the text', () => {
    fc.assert(
      fc.property(anyText, (text) => {
        for (const read of readDraft({ text }).items)
          for (const place of [read, ...read.marks, ...read.places.options, ...read.places.keys]) {
            expect(place.from).toBeGreaterThanOrEqual(0)
            expect(place.to).toBeLessThanOrEqual(text.length)
          }
      }),
      { numRuns: 200 },
    )
  })

  const samples = ['drafts', 'layouts'].flatMap((set) => {
    const folder = join(__dirname, '../../samples', set)
    return readdirSync(folder)
      .filter((file) => /\.(?:txt|md)$/.test(file))
      .map((file) => readFileSync(join(folder, file), 'utf8'))
  })

  test('what was read before changes nothing: a warm reader says of a sample, wherever it stands, what a cold one says', () => {
    let cold: typeof readDraft = readDraft
    jest.isolateModules(() => {
      cold = jest.requireActual<{ readDraft: typeof readDraft }>('./read-draft.ts').readDraft
    })
    expect(cold).not.toBe(readDraft)
    for (const text of samples.filter((_text, at) => at % 10 === 0)) {
      readDraft({ text })
      const moved = `A line that was not there before.\n\n${text}`
      // A message of both readings would be longer than anybody reads, and comparing them for it takes seconds.
      expect(isDeepStrictEqual(readDraft({ text: moved }), cold({ text: moved }))).toBe(true)
    }
  })

  // Each edit: where (a share of the text), how much goes, and what comes.
  const edit = fc.tuple(
    fc.double({ min: 0, max: 1, noNaN: true }),
    fc.nat({ max: 40 }),
    fc.oneof(piece, fc.constant('')),
  )
  const mutated = fc
    .tuple(fc.constantFrom(...samples), fc.array(edit, { minLength: 1, maxLength: 12 }))
    .map(([text, edits]) =>
      edits.reduce((now, [share, gone, come]) => {
        const at = Math.floor(share * now.length)
        return now.slice(0, at) + come + now.slice(at + gone)
      }, text),
    )

  test('a sample that was cut, torn and mixed up is read without an error and loses no line', () => {
    fc.assert(
      fc.property(mutated, (text) => {
        const reading = readDraft({ text })
        const kept = new Set(reading.aside.map((line) => line.line))
        for (const part of [...reading.items, ...reading.passages])
          for (let line = part.lines[0]; line <= part.lines[1]; line++) kept.add(line)
        const lines = text.split(/\r\n|[\n\r\u2028\u2029\f\v]/)
        expect(lines.filter((line, index) => /[\p{L}\p{N}]/u.test(line) && !kept.has(index + 1))).toEqual([])
        for (const read of reading.items)
          for (const place of [read, ...read.marks, ...read.places.options, ...read.places.keys]) {
            expect(place.from).toBeGreaterThanOrEqual(0)
            expect(place.to).toBeLessThanOrEqual(text.length)
          }
      }),
      { numRuns: 40 },
    )
  })

  test('reading twice as much takes no more than four times as long', () => {
    const block = (count: number): string =>
      Array.from(
        { length: count },
        (_none, index) => `${index + 1}. Which is a grain number ${index}?\n${OPTIONS}\nAnswer: b\n`,
      ).join('\n')
    const time = (text: string): number => leastCpuTime(() => readDraft({ text }))
    time(block(200))
    expect(time(block(1200)) / time(block(600))).toBeLessThan(4)
  })
})
