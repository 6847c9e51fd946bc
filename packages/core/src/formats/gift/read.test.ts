import { plainText } from '../../content/plain.ts'
import { outlineOf } from '../../item/outline.ts'
import { PLAIN } from '../../testing/every-kind.ts'
import { gift } from './index.ts'

const read = (text: string) => gift.read({ form: 'text', text })

// The forms of the published description of GIFT (its examples rebuilt with wording of our own).
describe('reading GIFT', () => {
  test.each<[string, string, object]>([
    ['true/false, short form', 'Rye is a grain.{T}', { kind: 'truefalse', key: [true] }],
    ['true/false, long form with a title', '::Q1:: Oak is a grain. {FALSE}', { kind: 'truefalse', key: [false] }],
    ['multiple choice', 'Who keeps the light? { ~the cook =the keeper ~the mate }', { kind: 'single', key: ['b'] }],
    ['short answer with several answers', 'Two plus two is {=four =4}', { kind: 'short', key: ['four', '4'] }],
    [
      'weights',
      'Which are trees? { ~%50%oak ~%-100%rye ~%50%elm }',
      { kind: 'multiple', key: ['a', 'c'], credit: 'weights', weights: { a: 0.5, b: -1, c: 0.5 } },
    ],
    [
      'a number with a tolerance',
      'How deep? {#3.14:0.01}',
      { kind: 'numeric', key: [{ value: 3.14, tolerance: 0.01 }] },
    ],
    ['a range of numbers', 'How deep? {#2..3.5}', { kind: 'numeric', key: [{ min: 2, max: 3.5 }] }],
    [
      'several bands with their shares',
      'In which year? {#=1871:0 =%50%1871:2}',
      {
        kind: 'numeric',
        key: [
          { value: 1871, tolerance: 0 },
          { value: 1871, tolerance: 2, credit: 0.5 },
        ],
      },
    ],
    [
      'matching with a spare',
      'Match. {=port -> red =starboard -> green = -> yellow}',
      {
        kind: 'match',
        key: [
          [0, 0],
          [1, 1],
        ],
      },
    ],
    ['essay', 'Why does it ebb? {}', { kind: 'essay' }],
    ['description', 'Read the passage first.', { kind: 'note', points: 0 }],
    [
      'a wrong option with a share',
      'Who keeps it? { =the keeper ~%50%the mate ~the cook }',
      { kind: 'single', key: ['a'], weights: { b: 0.5 } },
    ],
    ['general feedback', 'Rye is a grain.{T####It is baked.}', { kind: 'truefalse' }],
  ])('%s', (_name, text, expected) => {
    const result = read(text)
    expect(result.unread).toEqual([])
    expect(result.items[0]).toMatchObject(expected)
  })

  test('missing word: the answers stand inside the sentence', () => {
    expect(plainText(read('The {=ebb =falling tide} runs out.').items[0]?.stem)).toBe('The ___ runs out.')
  })

  test('escaped control characters stand for themselves', () => {
    const [item] = read('Which is a set? { =\\{1\\: 2\\} ~1 \\= 2 ~a \\~ b \\#1 }').items
    expect(item && 'options' in item ? item.options.map((option) => plainText(option.content)) : []).toEqual([
      '{1: 2}',
      '1 = 2',
      'a ~ b #1',
    ])
  })

  test('comments are passed over, tags in them kept, and the category is the title', () => {
    const result = read('// a remark [tag:tides] [tag:easy]\n$CATEGORY: tides\n\n// [tag:ebb]\nRye?{T}')
    expect(result.title).toBe('tides')
    expect(result.items).toHaveLength(1)
  })

  test('what an item has no place for is said, and the item is kept', () => {
    const { items, unread } = read('Rye is a grain.{T#No, it is.#Right.}\n\nTwo plus two? {=four#Good. =%50%three}')
    expect(items.map((item) => item.kind)).toEqual(['truefalse', 'short'])
    expect(plainText(items[0]?.feedback)).toBe('Right.')
    expect(items[1]).toMatchObject({ key: ['four'] })
    expect(unread).toHaveLength(3)
  })

  test('feedback to a number, and points that a wrong option takes away, are said', () => {
    expect(read('When? {#=1871:0#Right. =%50%1871:2#Nearly.}').unread).toHaveLength(1)
    expect(read('Who? {=the keeper ~%-50%the cook ~the mate}').unread).toHaveLength(1)
  })

  test('a recording and the address of a link are said, a picture is kept', () => {
    const { items, unread } = read(
      '[html]<p>Hear <audio src\\="fog.mp3"></audio> and see <a href\\="https\\://chart.example/1">the chart</a>, <img src\\="a.png" alt\\="a buoy">.</p>{T}',
    )
    expect(plainText(items[0]?.stem)).toBe('Hear and see the chart, [image: a buoy].')
    expect(unread.map((one) => one.reason)).toEqual([
      'What is not text or a picture is left out: fog.mp3.',
      'A link became its text; it went to https://chart.example/1.',
    ])
  })

  // The format that a text names, or none: then a site looks for HTML itself (common practice).
  test('text without a marker is HTML where it holds tags, and not where it only looks like it', () => {
    const [stem] = [read('Is H<sub>2</sub>O &amp; ice <b>water</b>?{T}').items[0]?.stem]
    expect(plainText(stem)).toBe('Is H₂O & ice water?')
    expect(JSON.stringify(stem)).toContain('"strong"')
    expect(plainText(read('Is 3 < 4 and x <y> z & more?{T}').items[0]?.stem)).toBe('Is 3 < 4 and x <y> z & more?')
    expect(plainText(read('[plain]Does <b> make bold?{T}').items[0]?.stem)).toBe('Does <b> make bold?')
    expect(plainText(read('First line\\nsecond <b>line</b>?{T}').items[0]?.stem)).toBe('First line\nsecond line?')
  })

  test('categories are no tags', () => {
    const text = '$CATEGORY: course/tides\n\nRye?{T}\n\n$CATEGORY: course/buoys\n\nElm?{F}'
    expect(read(text).items.map((item) => item.tags)).toEqual([[], []])
    expect(read(text).categories).toEqual(['tides', 'buoys'])
  })

  test('categories: what all share is the title, the rest the place of the item', () => {
    const start = '$CATEGORY: $here$/Pilotage 1//2'
    const text = `${start}\n\nRye?{T}\n\n${start}/Tides/Heights\n\nElm?{F}`
    const result = read(text)
    expect(result.title).toBe('Pilotage 1/2')
    expect(result.categories).toEqual(['', 'Tides/Heights'])
    expect(result.items.map((item) => item.tags)).toEqual([[], []])
  })

  test('categories are written before the items that lie in them, and read back', () => {
    const items = read('Rye?{T}\n\nElm?{F}\n\nOak?{F}\n\nAsh?{T}').items
    const categories = ['Trees', 'Trees/Tall', 'Trees/Tall', '']
    const written = gift.write(items, { title: 'Woods', as: 'bank', categories }).data
    expect(written.form === 'text' && written.text.match(/\$CATEGORY.*/g)).toEqual([
      '$CATEGORY: Woods',
      '$CATEGORY: Woods/Trees',
      '$CATEGORY: Woods/Trees/Tall',
      '$CATEGORY: Woods',
    ])
    expect(gift.read(written)).toMatchObject({ title: 'Woods', categories })
  })

  test('without a title no category is said, unless some items lie in one', () => {
    const textOf = (categories?: readonly string[]): string => {
      const { data } = gift.write([PLAIN.note, PLAIN.note], {
        title: ' ',
        as: 'bank',
        ...(categories && { categories }),
      })
      return data.form === 'text' ? data.text : ''
    }
    expect(textOf()).not.toContain('$CATEGORY')
    expect(textOf(['Sea', '']).match(/\$CATEGORY: .*/g)).toEqual([
      '$CATEGORY: Items',
      '$CATEGORY: Items/Sea',
      '$CATEGORY: Items',
    ])
  })

  test('feedback to an answer', () => {
    const [item] = read('Which? { =oak#Right, a tree. ~rye#A grain. }').items
    expect(item && 'options' in item ? item.options.map((option) => plainText(option.feedback)) : []).toEqual([
      'Right, a tree.',
      'A grain.',
    ])
  })

  test('Markdown is read as rich text, and TeX in it as TeX', () => {
    const [item] = read('[markdown]Is **this** a *list*?\\n\\n- a_b_c\\n- \\\\(x_1 * y_1\\\\){T}').items
    expect(item?.stem).toMatchObject([
      {
        content: [
          { text: 'Is ' },
          { text: 'this', styles: ['strong'] },
          {},
          { text: 'list', styles: ['emphasis'] },
          {},
        ],
      },
      { type: 'list', ordered: false },
    ])
    expect(plainText(item?.stem)).toBe('Is this a list?\na_b_c\n\\(x_1 * y_1\\)')
  })

  test('a forgotten empty line between questions, and a key that is missing', () => {
    expect(read('Rye? {T}\nWhich? {\n=oak\n~elm\n}\nWhy? {}').items.map((item) => item.kind)).toEqual([
      'truefalse',
      'single',
      'essay',
    ])
    expect(read('The {=oak ~elm}\nstands.').items).toHaveLength(1)
    expect(read('Which? {~oak ~elm}').items).toMatchObject([{ kind: 'single', key: [] }])
  })

  test('html is read as rich text', () => {
    expect(plainText(read('[html]<p>CO<sub>2</sub> &amp; more</p>{T}').items[0]?.stem)).toBe('CO₂ & more')
  })

  // Never stop at the first error: the others are read, and the broken one is listed with its source.
  test.each<[string, string]>([
    ['an unclosed answer block', 'Broken { =a ~b\n\nFine?{T}'],
    ['braces that are not escaped', 'Broken { =a{1} ~b }\n\nFine?{T}'],
    ['answers without a sign', 'Broken { a b }\n\nFine?{T}'],
    ['a number that is none', 'Broken {#five}\n\nFine?{T}'],
    ['a pair without its arrow', 'Broken {=a -> 1 =b}\n\nFine?{T}'],
  ])('%s', (_name, text) => {
    const result = read(text)
    expect(result.items.length + result.unread.length).toBeGreaterThanOrEqual(1)
    expect(result.unread.length).toBeGreaterThanOrEqual(1)
    expect(result.unread[0]?.source).toContain('Broken')
  })
})

describe('grading by the rules of GIFT', () => {
  const share = (text: string, chosen: string[]): number | null =>
    gift.grader({ form: 'text', text })(0, { kind: 'choice', chosen })

  test.each<[string, string, string[], number]>([
    ['the right answer earns all', 'Q{=a ~b}', ['a'], 1],
    ['a wrong one nothing', 'Q{=a ~b}', ['b'], 0],
    ['a weighted answer its percentage', 'Q{=a ~%50%b ~c}', ['b'], 0.5],
    ['weights add up', 'Q{~%50%a ~%50%b ~%-100%c}', ['a', 'b'], 1],
    ['and never go below nothing', 'Q{~%50%a ~%50%b ~%-100%c}', ['a', 'c'], 0],
    ['thirds add up to one', 'Q{~%33.33333%a ~%33.33333%b ~%33.33333%c ~%-100%d}', ['a', 'b', 'c'], 1],
  ])('%s', (_name, text, chosen, expected) => {
    expect(share(text, chosen)).toBe(expected)
  })
})

test.each<[string, string, string]>([
  ['the next opens on a line of its own', 'A{=x ~y\n\nB{T}', 'B'],
  ['the next has a title and opens below it', 'A{=x ~y\n\n::b::B\n{T}', 'B'],
  ['a category follows', 'A{=x ~y\n\n$CATEGORY: c\n\nB{T}', 'B'],
])('an item that is not closed costs itself only: %s', (_name, text, stem) => {
  const { items, unread } = read(text)
  expect(items.map((item) => plainText(item.stem))).toEqual([stem])
  expect(unread).toMatchObject([{ where: 'line 1', reason: expect.stringContaining('}') as string }])
})

test('options and feedback have the format of their question, unless they name one', () => {
  const text = '[markdown]Which is *right*?{\n=**x** $$y^2$$#*yes*\n~[plain]*z*\n}'
  const [item] = read(text).items
  const options = item?.kind === 'single' ? item.options : []
  expect(options.map((option) => plainText(option.content))).toEqual(['x \\(y^2\\)', '*z*'])
  expect(plainText(options[0]?.feedback)).toBe('yes')
})

test('no blank comes between a gap and what stands right behind it', () => {
  const stem = (text: string): string => plainText(read(text).items[0]?.stem)
  expect(stem('The sun sets in the {=west}.')).toBe('The sun sets in the ___.')
  expect(stem('It is ({=west}) there')).toBe('It is (___) there')
  expect(stem('un{=tie}able')).toBe('un___able')
})

// "Text formats" of the published description: a marker before a text says how it is written.
describe('text formats', () => {
  const stemOf = (text: string): string => plainText(read(text).items[0]?.stem ?? [])
  test.each([
    ['html', '[html]<p>Salt &amp; <b>tar</b></p>{T}', 'Salt & tar'],
    ['capitals, and blanks before it', '  [HTML]<p>Salt</p>{T}', 'Salt'],
    ['markdown', '[markdown]Salt *and* tar{T}', 'Salt and tar'],
    ['plain text', '[plain]Salt <b>tar</b>{T}', 'Salt <b>tar</b>'],
    ['one of a course site', '[moodle]Salt and tar{T}', 'Salt and tar'],
    ['none: what is no marker stays', 'Salt [html] and tar{T}', 'Salt [html] and tar'],
    ['none: another word in brackets', '[rope]Salt{T}', '[rope]Salt'],
  ])('%s', (_name, text, stem) => {
    expect(stemOf(text)).toBe(stem)
  })

  test('an answer has a marker of its own', () => {
    const [item] = read('Which? {=[html]<i>ebb</i> ~flood}').items
    expect(item?.kind === 'single' && item.options.map(({ content }) => plainText(content))).toEqual(['ebb', 'flood'])
  })

  test('TeX between doubled dollars is a formula, without the blanks round it', () => {
    const [item] = read('What is $$x^2 $$? {=4}').items
    expect(item?.stem).toMatchObject([{ content: [{ text: 'What is ' }, { tex: 'x^2' }, { text: '?' }] }])
  })
})

test.each<[string, string, object]>([
  [
    'the sides of pairs',
    '[html]<p>Q</p>{=<b>bow</b> -> front =stern -> rear}',
    { left: ['bow', 'stern'], right: ['front', 'rear'] },
  ],
  ['options', '[html]<p>Q</p>{=<b>bow</b> ~stern}', { options: ['bow', 'stern'] }],
  ['options of their own', '[html]<p>Q</p>{=[plain]<b>bow</b> ~stern}', { options: ['<b>bow</b>', 'stern'] }],
  ['feedback to a judgement', '[html]<p>Q</p>{T##<b>Yes</b>}', { feedback: 'Yes' }],
  ['feedback to all', '[html]<p>Q</p>{T####<b>Yes</b>}', { feedback: 'Yes' }],
  ['what is typed stays as it stands', '[html]<p>Q</p>{=<b>bow</b>}', { key: ['<b>bow</b>'] }],
  ['a sample', '[html]<p>Q</p>{####<b>So.</b>}', { kind: 'essay', sample: 'So.' }],
  ['numbers have none', '[html]<p>Q</p>{#3}', { key: [{ value: 3, tolerance: 0 }] }],
])('in a question of HTML: %s', (_name, source, expected) =>
  expect(read(source).items.map((item) => outlineOf(item))).toMatchObject([{ stem: 'Q', ...expected }]),
)

test.each<[string, string, object]>([
  ['shares of the whole', 'Q{~%50%a ~%50%b ~%-50%c}', { kind: 'multiple', key: ['a', 'b'], credit: 'each' }],
  [
    'shares of their own',
    'Q{~%75%a ~%25%b ~%-100%c}',
    { kind: 'multiple', credit: 'weights', weights: { a: 0.75, b: 0.25, c: -1 } },
  ],
  ['two right ones', 'Q{=a =b ~c}', { kind: 'multiple', key: ['a', 'b'], credit: 'each' }],
  ['one right, another for a part', 'Q{=a ~%50%b ~c}', { kind: 'single', key: ['a'], weights: { b: 0.5 } }],
  [
    'a right one that earns a part is a wrong one',
    'Q{=a =%50%b ~c}',
    { kind: 'single', key: ['a'], weights: { b: 0.5 } },
  ],
  ['none right', 'Q{~a ~b}', { kind: 'single', key: [] }],
  ['typed ones, of which one earns a part', 'Q{=a =%50%b}', { kind: 'short', key: ['a'] }],
  [
    'bands',
    'Q{#=3 =%50%3:1}',
    {
      key: [
        { value: 3, tolerance: 0 },
        { value: 3, tolerance: 1, credit: 0.5 },
      ],
    },
  ],
])('keys and shares: %s', (_name, source, expected) => expect(read(source).items).toMatchObject([expected]))

test.each([
  ['no typed answer for all of the points', 'Q{=%50%a}', 'No typed answer earns all the points.'],
  ['one side to choose from', 'Q{=bow -> front}', 'A matching question needs at least two sides to choose from.'],
])('%s: not held, and said', (_name, source, reason) => {
  const { items, unread } = read(source)
  expect([items, unread.map((one) => one.reason)]).toEqual([[], [reason]])
  expect(unread[0]?.source).toBe(source)
})

test.each<[string, string, readonly string[]]>([
  ['feedback to the wrong judgement', 'Q{T#no#yes}', ['The feedback to the wrong judgement is left out.']],
  ['feedback to the right one is kept', 'Q{T##yes}', []],
  ['feedback to a number', 'Q{#=3#yes}', ['The feedback to single numbers is left out.']],
  ['answers for a part', 'Q{=a =%50%b}', ['Typed answers that earn only a part of the points are left out.']],
  ['feedback to typed answers', 'Q{=a#yes}', ['The feedback to single typed answers is left out.']],
  ['points that are taken away', 'Q{=a ~%-50%b}', ['Wrong options that take points away take none here.']],
  ['points that are taken away among shares are kept', 'Q{~%100%a ~%-50%b}', []],
  ['two right options', 'Q{=a =b ~c}', ['More than one option is marked right, so it was read as multiple response.']],
  ['nothing', 'Q{=a#yes ~b#no}', []],
])('what is said to be left out: %s', (_name, source, said) =>
  expect(read(source).unread.map(({ reason }) => reason)).toEqual(said),
)
