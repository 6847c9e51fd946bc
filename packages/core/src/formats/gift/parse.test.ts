import { matchLists, parseGift, type GiftAnswers, type GiftText } from './parse.ts'

const textIn = (text: GiftText | null): string =>
  text ? `${text.format === 'auto' ? '' : `${text.format}:`}${text.text}` : '-'

/** The answers of a question in short: sign, weight, text, feedback. */
function shortOf(answers: GiftAnswers | null): string {
  if (!answers) return 'none'
  switch (answers.form) {
    case 'truth':
      return `truth ${answers.value} ${textIn(answers.wrongFeedback)} ${textIn(answers.rightFeedback)}`
    case 'choices':
      return answers.choices
        .map((one) => `${one.sign}${one.weight ?? ''}|${textIn(one.text)}|${textIn(one.feedback)}`)
        .join(' ')
    case 'essay':
      return 'essay'
    case 'numeric':
      return answers.bands
        .map(({ weight, band, feedback }) => `${weight}|${Object.values(band).join(' ')}|${textIn(feedback)}`)
        .join(' ')
    case 'matching':
      return answers.pairs.map(({ left, right }) => `${textIn(left)}->${right}`).join(' ')
  }
}

function answersIn(block: string): string {
  const { questions, broken } = parseGift(`Q {${block}}`)
  return broken[0]?.reason ?? shortOf(questions[0]?.answers ?? null)
}

// The published grammar of GIFT: signs, weights, feedback, numbers, pairs; the wording is our own.
test.each([
  ['', 'essay'],
  ['  ', 'essay'],
  ['T', 'truth true - -'],
  ['true', 'truth true - -'],
  ['F', 'truth false - -'],
  ['FALSE', 'truth false - -'],
  ['F#wrong#right', 'truth false wrong right'],
  ['T # # right', 'truth true - right'],
  ['True story', 'An answer must start with = or ~.'],
  ['=port', '=|port|-'],
  ['=port =left', '=|port|- =|left|-'],
  ['=port ~aft', '=|port|- ~|aft|-'],
  ['~aft=port', '~|aft|- =|port|-'],
  ['=port#yes ~aft#no', '=|port|yes ~|aft|no'],
  ['=port#', '=|port|'],
  ['~%50%red ~%-100%blue', '~50|red|- ~-100|blue|-'],
  ['~ %33.333% red', '~33.333|red|-'],
  ['=%50%left', '=50|left|-'],
  ['~50% red', '~|50% red|-'],
  ['=a\\=b ~c\\~d\\#e\\{f\\}\\:g\\\\h', '=|a=b|- ~|c~d#e{f}:g\\h|-'],
  ['=two\\nlines', '=|two\nlines|-'],
  ['=[html]<b>a</b> ~[markdown]b#[plain] c', '=|html:<b>a</b>|- ~|markdown:b|plain:c'],
  ['=[HTML]a ~[tex]b', '=|html:a|- ~|[tex]b|-'],
  ['=bow -> front =stern -> rear', 'bow->front stern->rear'],
  ['=bow->front = -> rear', 'bow->front ->rear'],
  ['=bow -> front =stern', 'A pair to match lacks its ->.'],
  ['=bow -> front ~stern', '=|bow -> front|- ~|stern|-'],
  ['#3', '100|3 0|-'],
  ['#3:0.5', '100|3 0.5|-'],
  ['# 3 : 0.5 ', '100|3 0.5|-'],
  ['#2..4', '100|2 4|-'],
  ['#-2 .. 4.5', '100|-2 4.5|-'],
  ['#=3 =%50%3:1', '100|3 0|- 50|3 1|-'],
  ['# =%100%3:0#yes =%25%2..4#nearly', '100|3 0|yes 25|2 4|nearly'],
  ['#', 'The number or range of a numeric answer cannot be read.'],
  ['#x', 'The number or range of a numeric answer cannot be read.'],
  ['#3:x', 'The number or range of a numeric answer cannot be read.'],
  ['#=3 =x', 'The number or range of a numeric answer cannot be read.'],
  ['port', 'An answer must start with = or ~.'],
  ['=a {b} ~c', 'There are braces inside the answer block that are not escaped.'],
])('the answers {%s}', (block, said) => expect(answersIn(block)).toBe(said))

/** Line, title, category, tags, and what stands round the answers. */
function questionsIn(source: string): string[] {
  return parseGift(source).questions.map(
    ({ line, title, category, tags, before, after, isSpaced, feedback }) =>
      `${line} ${title ?? '-'} [${category.join('/')}] (${tags.join()}) ${textIn(before)}${isSpaced ? '_' : ''}|${after}|${textIn(feedback)}`,
  )
}

test.each<[string, string, string[]]>([
  ['a title', '::T 1::Q {T}', ['1 T 1 [] () Q_||-']],
  ['a title over two lines', ':: T\n1 ::Q{T}', ['1 T\n1 [] () Q||-']],
  ['a colon in a title', '::T\\: 1::Q{T}', ['1 T: 1 [] () Q||-']],
  ['questions behind empty lines', 'Q {T}\n\n\nR {F}', ['1 - [] () Q_||-', '4 - [] () R_||-']],
  ['the empty line forgotten', 'Q {T}\nR {F}', ['1 - [] () Q_||-', '2 - [] () R_||-']],
  ['no forgotten line where a sentence goes on', 'Q {=a} and\nmore', ['1 - [] () Q_| and\nmore|-']],
  ['an empty line in the answers', 'Q {\n=a\n\n~b\n}', ['1 - [] () Q_||-']],
  [
    'ends of lines of all sorts',
    'Q {T}\r\n\r\nR {F}\r\rS {T}',
    ['1 - [] () Q_||-', '3 - [] () R_||-', '5 - [] () S_||-'],
  ],
  ['a mark of the order of bytes', '\uFEFFQ {T}', ['1 - [] () Q_||-']],
  ['comments', '// so\nQ {T}', ['2 - [] () Q_||-']],
  [
    'tags in comments',
    '// [tag:knots] [tag: ropes ]\nQ {T}\n\nR {F}',
    ['2 - [] (knots,ropes) Q_||-', '4 - [] () R_||-'],
  ],
  ['a comment within a question', 'Q {\n// [tag:knots]\n=a ~b}', ['1 - [] (knots) Q_||-']],
  [
    'a category',
    '$CATEGORY: Sea/Ships\n\nQ {T}\n\n$CATEGORY: Sea\n\nR {F}',
    ['3 - [Sea/Ships] () Q_||-', '7 - [Sea] () R_||-'],
  ],
  ['a category right above', '$CATEGORY: Sea\nQ {T}', ['1 - [Sea] () Q_||-']],
  ['a doubled slash', '$CATEGORY: Sea//Shore/Ships\n\nQ {T}', ['3 - [Sea/Shore/Ships] () Q_||-']],
  ['the place that a file is loaded into', '$CATEGORY: $course$/top/ Sea \n\nQ {T}', ['3 - [top/Sea] () Q_||-']],
  ['the rest of a sentence', 'The {=port ~aft} side.', ['1 - [] () The_| side.|-']],
  ['glued to a word', 'star{=board ~fish}!', ['1 - [] () star|!|-']],
  ['feedback to all', 'Q {=a ~b####So.}', ['1 - [] () Q_||So.']],
  ['no answers', 'Bring a pencil.', ['1 - [] () Bring a pencil.||-']],
  ['escaped braces', 'A \\{set\\} {T}', ['1 - [] () A {set}_||-']],
  ['a format', '[html]<p>Q</p>{T}', ['1 - [] () html:<p>Q</p>||-']],
])('%s', (_name, source, said) => expect(questionsIn(source)).toEqual(said))

test.each<[string, string, string[], string[]]>([
  [
    'one is not closed',
    'Q {=a ~b\n\nR {T}',
    ['1 The answer block is not closed: a } is missing.'],
    ['3 - [] () R_||-'],
  ],
  [
    'one is not closed, and one without answers follows',
    'Q {=a\n~b\n\n::T::R\n\nS {T}',
    ['1 The answer block is not closed: a } is missing.'],
    ['4 T [] () R||-', '6 - [] () S_||-'],
  ],
  [
    'a category ends what is open',
    'Q {=a\n\n$CATEGORY: Sea\n\nS {T}',
    ['1 The answer block is not closed: a } is missing.'],
    ['5 - [Sea] () S_||-'],
  ],
  ['closed before it opens', 'Q } {', ['1 The answer block is not closed: a } is missing.'], []],
])('what cannot be parted takes nothing along: %s', (_name, source, reasons, others) => {
  expect(parseGift(source).broken.map(({ line, reason }) => `${line} ${reason}`)).toEqual(reasons)
  expect(questionsIn(source)).toEqual(others)
})

test('the two lists of a matching: each right side once, what has no left side is a spare', () => {
  const side = (text: string): GiftText => ({ format: 'auto', text })
  const pairs = [
    { left: side('bow'), right: 'front' },
    { left: side('stem'), right: 'front' },
    { left: side(''), right: 'width' },
    { left: side('stern'), right: 'rear' },
  ]
  expect(matchLists(pairs)).toEqual({
    left: [side('bow'), side('stem'), side('stern')],
    right: ['front', 'width', 'rear'],
    key: [
      [0, 0],
      [1, 0],
      [2, 2],
    ],
  })
})
