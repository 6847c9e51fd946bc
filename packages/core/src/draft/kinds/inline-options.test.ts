import { signedItems } from '../../testing/role-text.ts'

const first = (signed: string) => signedItems(signed)[0]

// Ways in which people leave options in the line of their question: common practice.
test.each<[string, string, readonly string[], readonly number[]]>([
  [
    'a star at one of them',
    'S|1. Which voice is the highest? alto, soprano*, mezzo',
    ['alto', 'soprano', 'mezzo'],
    [1],
  ],
  ['a tick', 'S|1. Which floats? iron ✓; cork; lead', ['iron', 'cork', 'lead'], [0]],
  ['strokes behind a question', 'S|1. Which floats? iron / cork / lead', ['iron', 'cork', 'lead'], []],
  ['strokes and a key below', 'S|1. Which floats? iron / cork / lead\nK|Key: cork', ['iron', 'cork', 'lead'], [1]],
  ['a bracketed key below', 'S|1. Which floats?   iron   /   cork\nM|(Key: cork)', ['iron', 'cork'], [1]],
  ['the key in brackets behind them', 'S|1. It floats: iron / cork (cork)', ['iron', 'cork'], [1]],
  ['the key behind an arrow', 'S|1. Who sails? me, you or them -> you', ['me', 'you', 'them'], [1]],
  [
    'bare letters, and one of them as the key',
    'S|1. What is tofu made of? a rice, b soya, c wheat -> B',
    ['rice', 'soya', 'wheat'],
    [1],
  ],
  [
    'bare letters behind half a sentence',
    'S|1. Saffron is from a a root, b a crocus -> B',
    ['a root', 'a crocus'],
    [1],
  ],
  ['three of them in brackets', 'S|1. The keeper left. (right / wrong / not said)', ['right', 'wrong', 'not said'], []],
  [
    'several keys',
    'S|1. Which float? iron, cork, wood, lead\nK|Answer: cork, wood',
    ['iron', 'cork', 'wood', 'lead'],
    [1, 2],
  ],
  [
    'keys with a word between',
    'S|1. Which float: iron, cork, wood?\nK|cork and wood',
    ['iron', 'cork', 'wood'],
    [1, 2],
  ],
  [
    'what is in brackets behind each',
    'S|1. Which is largest? 10 (binary) / F (hexadecimal) / 13 (decimal)',
    ['10 (binary)', 'F (hexadecimal)', '13 (decimal)'],
    [],
  ],
])('%s', (_name, signed, options, key) => {
  expect(first(signed)).toMatchObject({ options, key })
})

test.each([
  ['commas alone, with a key that is none of them', 'S|1. Which float? iron, cork, lead\nK|Answer: wood'],
  ['a question that goes on', 'S|1. Who is it? What is he? Where?'],
  ['a gap among them', 'S|1. Which floats? iron / ____ / lead'],
  ['two in brackets that are chosen in the sentence', 'S|1. She (go / goes) home.\nK|goes'],
  ['a ratio', 'S|1. What is 3/4 of 8?\nK|6'],
  ['a judgement', 'S|1. True or false? Cork floats.\nK|true'],
])('%s: no options', (_name, signed) => {
  expect(['single', 'multiple']).not.toContain(first(signed)?.kind)
})

test('the question keeps its own sign, and loses what parted it from the options', () => {
  expect(first('S|1. Which floats? iron / cork / lead')?.stem).toBe('Which floats?')
  expect(first('S|1. It floats - iron / cork / lead (cork)')?.stem).toBe('It floats')
})

test('capitals mark the key where they do so in two items, and shout in one', () => {
  const herring = 'S|1. A group of herring is called? - flock, SHOAL, pack'
  const bow = 'S|2. The front of a boat is? - stern, keel, BOW'
  expect(signedItems(`${herring}\n${bow}`).map(({ key }) => key)).toEqual([[1], [2]])
  expect(first(herring)?.kind).toBe('short')
  expect(signedItems(`${herring}\nS|2. Which are signals? - NO, SOS, PAN`)[1]?.kind).toBe('short')
})

// Nothing but the key says where the first of them starts.
test.each<[string, string, string, readonly string[]]>([
  ['the first of them', 'A rope is laid / plaited / braided', 'laid', ['laid', 'plaited', 'braided']],
  ['another one behind strokes', 'A rope is braided / plaited / laid', 'plaited', ['braided', 'plaited', 'laid']],
])('the key is %s', (_name, stem, key, options) => {
  expect(first(`S|1. ${stem}\nK|Key: ${key}`)).toMatchObject({ stem: 'A rope is', options })
})

test.each([
  ['commas in a question', 'Which came first, the radio or the telephone?', 'the telephone'],
  ['yes or no', 'Visitors sign in at the gate, yes or no?', 'yes'],
])('%s: the key lists nothing', (_name, stem, key) => {
  expect(first(`S|1. ${stem}\nK|Key: ${key}`)).not.toHaveProperty('options')
})

test('a key that names all of them in another order orders them', () => {
  expect(first('S|1. From low to high: tenor, bass, alto, soprano\nK|bass, tenor, alto, soprano')).toMatchObject({
    kind: 'order',
    options: ['tenor', 'bass', 'alto', 'soprano'],
    key: [1, 0, 2, 3],
  })
})

test('braces hold them as brackets do, and stars in two lines are no emphasis', () => {
  const items = signedItems('S|1. A tax is a... {tariff*, quota, fine}\nS|2. Money is a... {good, store*, debt}')
  expect(items.map(({ key }) => key)).toEqual([[0], [1]])
})
