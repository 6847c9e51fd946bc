import { signedItems } from '../../testing/role-text.ts'

type Expected = Record<string, unknown>

// What each kind is told by: common practice of drafting; the key forms are those of docs on the outline.
test.each<[string, string, Expected]>([
  [
    'a key by its letter',
    'S|1. Which rope?\nO|a) hemp\nO|b) nylon\nK|Answer: b',
    { kind: 'single', options: ['hemp', 'nylon'], key: [1] },
  ],
  [
    'a key in brackets behind the number',
    'I|Question 1 (right answer: B)\nS|Which rope?\nO|A hemp\nO|B nylon',
    { kind: 'single', options: ['hemp', 'nylon'], key: [1] },
  ],
  [
    "a word of the draft's own before each key",
    'S|1. Which?\nO|a) hemp\nO|b) nylon\nK|Kelmo b\nS|2. Who?\nO|a) me\nO|b) you\nK|Kelmo a',
    { kind: 'single', key: [1] },
  ],
  [
    "signs of the draft's own before the key",
    'S|1. Which?\nO|a) hemp\nO|b) nylon\nK|>! b',
    { kind: 'single', key: [1] },
  ],
  [
    'room for a number before each line',
    'S|1. Put in order:\nM|__ gull\nM|__ tern\nM|__ gannet\nK|tern, gull, gannet',
    { kind: 'order', stem: 'Put in order:', options: ['gull', 'tern', 'gannet'], key: [1, 0, 2] },
  ],
  [
    'options in a row',
    'S|1. Which rope?\nO|a) hemp   b) nylon   c) cotton\nK|Answer: c',
    { kind: 'single', options: ['hemp', 'nylon', 'cotton'], key: [2] },
  ],
  [
    'columns of options go down first',
    'S|1. Which?\nO|a. one      c. three\nO|b. two      d. four\nK|d',
    { options: ['one', 'two', 'three', 'four'], key: [3] },
  ],
  [
    'options behind the stem',
    'S|1. We ______ home.   a) go   b) goes\nK|a',
    { kind: 'single', stem: 'We ___ home.', options: ['go', 'goes'], key: [0] },
  ],
  [
    'several keys',
    'S|1. Which are birds?\nO|a) wren\nO|b) bat\nO|c) robin\nK|Answers: a and c',
    { kind: 'multiple', key: [0, 2] },
  ],
  [
    'ticked boxes',
    'S|1. Which?\nO|[ ] one\nO|[x] two\nO|[ ] three',
    { kind: 'single', options: ['one', 'two', 'three'], key: [1] },
  ],
  [
    'boxes in a row',
    'S|1. Which conduct?\nO|[x] copper   [ ] rubber   [x] iron',
    { kind: 'multiple', options: ['copper', 'rubber', 'iron'], key: [0, 2] },
  ],
  [
    'two judgements as options',
    'S|1. Owls are birds.\nO|a) True\nO|b) False\nK|Answer: a',
    { kind: 'truefalse', key: [true] },
  ],
  [
    'yes and no answer a question',
    'S|1. Is a bat a bird?\nO|a) Yes\nO|b) No\nK|b',
    { kind: 'single', options: ['Yes', 'No'], key: [1] },
  ],
  [
    'true or false before the statement',
    'S|1. True or false: Owls are birds.\nK|Answer: true. They lay eggs.',
    { kind: 'truefalse', stem: 'Owls are birds.', key: [true], feedback: 'They lay eggs.' },
  ],
  [
    'a heading that asks for judgements',
    '-|B. True or false?\nS|1. Owls are birds.\nK|F',
    { kind: 'truefalse', key: [false] },
  ],
  [
    'a number with its unit',
    'S|1. How long is it?\nK|Answer: 12.5 m',
    { kind: 'numeric', key: [{ value: 12.5, tolerance: 0 }], unit: 'm' },
  ],
  [
    'a number and how it comes about',
    'S|1. How many grams?\nK|3.75 g (1.5 × 2.5)',
    { kind: 'numeric', unit: 'g', feedback: '1.5 × 2.5' },
  ],
  ['room for a number is no key', 'S|1. How long is it?\nK|Answer: \t cm', { kind: 'short', key: [] }],
  [
    'several accepted answers',
    'S|1. What joins ropes?\nK|→ reef knot / square knot',
    { kind: 'short', key: ['reef knot', 'square knot'] },
  ],
  [
    'an answer that is fine, too',
    'S|1. Which metal is liquid?\nK|mercury (quicksilver is ok)',
    { kind: 'short', key: ['mercury', 'quicksilver'] },
  ],
  ['a key that is still to be given', 'S|1. Who?\nO|a) me\nO|b) you\nK|Key: (pending)', { kind: 'single', key: [] }],
  [
    'a filled gap',
    'S|1. Water freezes at __0__ °C.',
    { kind: 'numeric', stem: 'Water freezes at ___ °C.', key: [{ value: 0, tolerance: 0 }] },
  ],
  ['two gaps', 'S|1. The ______ sets and the ______ rises.\nK|sun; moon', { kind: 'cloze', key: [['sun'], ['moon']] }],
  [
    'choices in the text',
    'S|1. They (go / goes) home and (eat / eats).\nK|go, eat',
    {
      kind: 'cloze',
      stem: 'They ___ home and ___.',
      choices: [
        ['go', 'goes'],
        ['eat', 'eats'],
      ],
      key: [['go'], ['eat']],
    },
  ],
  [
    'a word box',
    'S|1. The ______ sets and the ______ rises.\nB|[ sun   moon   star ]\nK|sun, moon',
    { kind: 'cloze', bank: ['sun', 'moon', 'star'] },
  ],
  [
    'an order of letters',
    'S|1. Put the steps in order.\nO|A eat\nO|B wash\nO|C cook\nK|B C A',
    { kind: 'order', key: [1, 2, 0] },
  ],
  [
    'places before the steps',
    'S|1. Number the steps.\nO|(2) wash\nO|(1) pick\nO|(3) eat',
    { kind: 'order', options: ['wash', 'pick', 'eat'], key: [1, 0, 2] },
  ],
  [
    'an order listed in the stem',
    'S|1. Put these in order: earth, sun, moon\nK|moon, earth, sun',
    { kind: 'order', options: ['earth', 'sun', 'moon'], key: [2, 0, 1] },
  ],
  [
    'two lists',
    'S|1. Match.\nO|1. bow\nO|2. stern\nO|a) rear\nO|b) front\nK|1-b, 2-a',
    {
      kind: 'match',
      left: ['bow', 'stern'],
      right: ['rear', 'front'],
      key: [
        [0, 1],
        [1, 0],
      ],
    },
  ],
  [
    'rows with an extra on the right',
    'S|1. Match.\nR|1. bow        a) rear\nR|2. stern      b) front\nR|              c) side\nK|1b 2a',
    {
      kind: 'match',
      left: ['bow', 'stern'],
      right: ['rear', 'front', 'side'],
      key: [
        [0, 1],
        [1, 0],
      ],
    },
  ],
  [
    'letters before the left sides',
    'S|1. Match.\nR|_b_ 1. bow     a. rear\nR|_a_ 2. stern   b. front',
    {
      kind: 'match',
      key: [
        [0, 1],
        [1, 0],
      ],
    },
  ],
  [
    'dots to join',
    'S|1. Join.\nR|bow     o     o  rear\nR|stern   o     o  front\nK|(bow = front, stern = rear)',
    {
      kind: 'match',
      key: [
        [0, 1],
        [1, 0],
      ],
    },
  ],
  [
    'pairs',
    'S|1. Match the tree to its seed.\nR|oak: acorn\nR|ash: key',
    {
      kind: 'match',
      left: ['oak', 'ash'],
      right: ['acorn', 'key'],
      key: [
        [0, 0],
        [1, 1],
      ],
    },
  ],
  [
    'a grid between bars',
    'S|1. Tick.\nR|| | solid | gas |\nR|| air | | x |\nR|| ice | x | |',
    {
      kind: 'grid',
      rows: ['air', 'ice'],
      columns: ['solid', 'gas'],
      key: [
        [0, 1],
        [1, 0],
      ],
    },
  ],
  [
    'a grid drawn with blanks',
    'S|1. Tick.\nR|             solid     gas\nR|  air                   ✓\nR|  ice         ✓',
    {
      kind: 'grid',
      rows: ['air', 'ice'],
      columns: ['solid', 'gas'],
      key: [
        [0, 1],
        [1, 0],
      ],
    },
  ],
  [
    'a rating',
    'S|1. How sure are you? (1 = not at all, 5 = very)',
    { kind: 'scale', low: 1, high: 5, lowLabel: 'not at all', highLabel: 'very' },
  ],
  [
    'a sample answer',
    'S|1. Explain why ice floats.\nK|Model answer: It is less dense than water.',
    { kind: 'essay', sample: 'It is less dense than water.' },
  ],
  [
    'lines to write on',
    'S|1. Tell us about your trip to the sea.\nL|____________________\nL|____________________',
    { kind: 'essay' },
  ],
  ['a note', 'S|1. Note: North is at the top.', { kind: 'note', stem: 'North is at the top.' }],
])('%s', (_name, signed, expected) => {
  expect(signedItems(signed)[0]).toMatchObject(expected)
})

test.each<[string, string, Expected]>([
  ['in brackets', 'S|1. Who? (2 points)\nK|me', { stem: 'Who?', points: 2 }],
  ['behind a stroke', 'S|1. Who?   /3\nK|me', { stem: 'Who?', points: 3 }],
  ['in square brackets', 'S|1. Who?  [4]\nK|me', { stem: 'Who?', points: 4 }],
  ['of the section', '-|Part A (2 points each)\nS|1. Who?\nK|me', { points: 2 }],
  ['in a field', 'S|1. Who?\nK|me\nI|Points: 5\nI|Difficulty: hard', { points: 5, difficulty: 'hard' }],
  ['behind the key', 'S|1. Who?\nK|Answer: me      Level: apply', { key: ['me'], level: 'apply' }],
])('points and facts %s', (_name, signed, expected) => {
  expect(signedItems(signed)[0]).toMatchObject(expected)
})

test.each<[string, string, string]>([
  ['two keys that differ', 'S|1. Who?\nO|a) me\nO|b) you\nK|Answer: a\nK|Answer: b', 'keys-disagree'],
  ['a key that names nothing', 'S|1. Who?\nO|a) me\nO|b) you\nK|Answer: f', 'key-names-no-option'],
  ['no key', 'S|1. Who?\nO|a) me\nO|b) you', 'key-missing'],
  ['the same option twice', 'S|1. Who?\nO|a) silk\nO|b) silk\nK|a', 'option-duplicate'],
  [
    'one key where several are asked for',
    'S|1. Which are true? Choose all that apply.\nO|a) one\nO|b) two\nK|a',
    'key-count',
  ],
  ['a letter without options', 'S|1. Which is it?\nK|Answer: B', 'key-letter-alone'],
  ['an option that holds several', 'S|1. Which?\nO|one a) two b) three c) four\nO|five\nK|five', 'reading-unsure'],
])('%s is marked', (_name, signed, code) => {
  expect(signedItems(signed)[0]!['flags']).toContain(code)
})

const judged = (signed: string) =>
  signedItems(signed).map((item) => (item['kind'] === 'truefalse' ? item['key'] : item['kind']))

test.each<[string, string, unknown[]]>([
  ['letters of one language', 'S|1. A buoy floats.\nS|2. Lead floats.\nX|1. A\nX|2. F', [[true], [false]]],
  ['words for yes and no', 'S|1. Houby jsou rostliny.\nK|-> ne\nS|2. Klouzek je houba.\nK|-> ano', [[false], [true]]],
  ['a sign before the word', 'S|1. Lead floats.\nK|✅ false\nS|2. Cork floats.\nK|✅ true', [[false], [true]]],
  ['a word behind the stop', 'S|1. Lead floats. False\nS|2. Which floats?\nK|Answer: cork', [[false], 'short']],
  ['a word in brackets', 'S|1. Lead floats. (False)', [[false]]],
  ['a box behind each word', 'S|1. Lead floats. True ☐ False ☑', [[false]]],
  [
    'two columns of boxes',
    '-|true or false?   true   false\nS|1. Cork floats.   [x]   [ ]\nS|2. Lead floats.   [ ]   [x]',
    [[true], [false]],
  ],
])('judgements by %s', (_name, signed, keys) => expect(judged(signed)).toEqual(keys))

test.each<[string, string, Record<string, unknown>]>([
  [
    'a range behind the number',
    'S|1. How high?\nK|Answer: 5500 (from 5000 to 6000 is fine)',
    { kind: 'numeric', key: [{ min: 5000, max: 6000 }] },
  ],
  ['a number behind the question', 'S|1. How many leaves? 8', { kind: 'numeric', stem: 'How many leaves?' }],
  ['a letter before the answer', 'S|1. How many?\nK|a) 1000', { kind: 'numeric' }],
  [
    'a reason in sentences',
    'S|1. Why do pages fall out?\nK|Answer: They are only glued and not sewn at all.',
    { kind: 'essay' },
  ],
  [
    'an order by its key',
    'S|1. From egg on.\nO|a) moth\nO|b) egg\nO|c) larva\nK|b, c, a',
    { kind: 'order', key: [1, 2, 0] },
  ],
  [
    'what is said about each option',
    'S|1. HW is\nO|a) high wind - No, that is air.\nO|b) high water - Correct! The top of the tide.',
    { options: ['high wind', 'high water'], key: [1] },
  ],
  [
    'an arrow inside a reaction',
    'S|1. Balance: H₂ + O₂\nK|→ H₂O\nK|Answer: 2 H₂ + O₂ → 2 H₂O',
    { stem: 'Balance: H₂ + O₂ → H₂O' },
  ],
  [
    'a hint behind the question',
    'S|1. Name the knot. (Hint: think of a loop.)\nK|Answer: bowline',
    { stem: 'Name the knot.', hint: 'think of a loop.' },
  ],
  [
    'the side that is left over',
    'S|1. Match.\nR|oak = acorn\nR|ash = key\nR|extra: cone\nR|elm = seed',
    { kind: 'match' },
  ],
  [
    'figures that count nothing',
    'S|1. How often?\nO|O 60- to 80 times\nO|X 100- to 120 times\nS|2. Who?\nO|X me\nO|O you',
    { options: ['60- to 80 times', '100- to 120 times'], key: [1] },
  ],
  [
    'a ring round one of both judgements before the statement',
    'S|1. T  (F)  A raft has no keel.',
    { kind: 'truefalse', stem: 'A raft has no keel.', key: [false] },
  ],
  [
    'the same in another order and language',
    'S|1. (V) / F  La marée monte.',
    { kind: 'truefalse', stem: 'La marée monte.', key: [true] },
  ],
  [
    'a letter in brackets that judges nothing',
    'S|1. A  (B)  is a chord of two notes.',
    { stem: 'A (B) is a chord of two notes.', key: [] },
  ],
  [
    'options that go on below a wrapped one',
    'S|1. First you\nO|(a) call   (b) send\nW|everybody out   (c) wait   (d) run\nK|b',
    { options: ['call', 'send everybody out', 'wait', 'run'], key: [1] },
  ],
  [
    'options that go on below a wrapped one, taken for an option',
    'S|1. First you\nO|(a) call   (b) send\nO|everybody out   (c) wait   (d) run\nK|d',
    { options: ['call', 'send everybody out', 'wait', 'run'], key: [3] },
  ],
  ['room behind a word to translate', 'S|1. der Steg        ________\nK|pier', { stem: 'der Steg', key: ['pier'] }],
  [
    'room that a sentence breaks off at',
    'S|1. Ropes are made fast to a        ________\nK|cleat',
    { stem: 'Ropes are made fast to a ___' },
  ],
  [
    'two square brackets that somebody typed',
    'S|1. Which is empty?\nO|- "a"\nO|- []\nO|- [0, 1]',
    { options: ['"a"', '[]', '[0, 1]'] },
  ],
  [
    'Roman numerals in a row',
    'S|1. Who?\nO|(i) me   (ii) you   (iii) them\nK|ii',
    { options: ['me', 'you', 'them'], key: [1] },
  ],
  [
    'a pair whose right side starts with a small word',
    'S|1. Match.\nR|push     the new length\nR|indexOf     a position or none\nR|pop     the last of them',
    { kind: 'match', right: ['the new length', 'a position or none', 'the last of them'] },
  ],
  [
    'an answer that nobody types word for word',
    'S|1. What does "over" mean?\nK|Answer: I have finished and expect you to reply',
    { kind: 'essay', sample: 'I have finished and expect you to reply' },
  ],
  [
    'a sentence where one is asked for',
    'S|1. A raft sinks. Explain why.\nK|Answer: it takes in water',
    { kind: 'essay', sample: 'it takes in water' },
  ],
  [
    'two words where a sentence is asked for',
    'S|1. Explain why.\nK|Answer: a leak',
    { kind: 'short', key: ['a leak'] },
  ],
  [
    'a sentence that is to be written again',
    "S|1. She didn't went out with her dog last night.\nK|She didn't go out with her dog last night.",
    { kind: 'short' },
  ],
  [
    'places before the lines, as numbers',
    'S|1. Number the steps.\nM|___ Bake\nM|___ Mix\nM|___ Knead\nK|3, 1, 2',
    { kind: 'order', options: ['Bake', 'Mix', 'Knead'], key: [1, 2, 0] },
  ],
  [
    'places in boxes before the lines',
    'S|1. Put in order.\nO|( ) Bake\nO|( ) Mix\nO|( ) Knead\nK|3-1-2',
    { kind: 'order', key: [1, 2, 0] },
  ],
  ['points before the number', 'S|2p  4. Which rope?\nO|a) hemp\nO|b) nylon', { stem: 'Which rope?', points: 2 }],
  [
    'a star at what has to be answered',
    'S|1. Closing time *\nO|- nine\nO|- ten\nS|2. Opening time *\nO|- six\nO|- seven',
    { stem: 'Closing time' },
  ],
  [
    'a line that says the kind among the options',
    'S|1. Which doors?\nO|Type: checkboxes\nO|Options: kitchen, cellar, attic\nK|Correct: kitchen, attic',
    { kind: 'multiple', options: ['kitchen', 'cellar', 'attic'], key: [0, 2] },
  ],
  [
    'a word with a colon that is part of the question',
    'S|A cut: what now?\nK|Answer: rinse',
    { stem: 'A cut: what now?' },
  ],
  [
    'words with a colon before several questions',
    'S|Lock one: what now?\nK|Answer: rinse\nS|Lock two: who is it?\nK|Answer: me',
    { stem: 'what now?' },
  ],
  [
    'room behind the number of a pair',
    'S|1. Match.\nR|1. ____ rye     a. bread\nR|2. ____ oats     b. porridge\nK|1a 2b',
    { kind: 'match', left: ['rye', 'oats'], right: ['bread', 'porridge'] },
  ],
  ['a key in brackets with its word', 'S|1. Who?\nK|(Key: the mate)', { kind: 'short', key: ['the mate'] }],
  [
    'words in brackets with a key elsewhere',
    'S|1. To lean over is to [heel, pitch, yaw] a boat.\nK|heel',
    { kind: 'cloze', choices: [['heel', 'pitch', 'yaw']], key: [['heel']] },
  ],
  ['answers in brackets without one', 'S|1. A boat has [three, 3] masts here.', { kind: 'short', key: ['three, 3'] }],
  [
    'what to do before the question',
    'S|1. Select all that apply: Which float?\nO|a) cork\nO|b) lead\nO|c) wood\nK|a and c',
    { kind: 'multiple', stem: 'Which float?', key: [0, 2] },
  ],
  [
    'both judgements in brackets behind a statement',
    'S|1. Cork floats. [T] [F]\nK|T',
    { kind: 'truefalse', key: [true] },
  ],
  [
    'the full stop behind the last of several gaps',
    'S|1. A ____ and a ____.\nK|bow, stern.',
    { key: [['bow'], ['stern']] },
  ],
])('%s', (_name, signed, expected) => expect(signedItems(signed)[0]).toMatchObject(expected))
