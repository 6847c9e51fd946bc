import { readDraft } from '../read-draft.ts'
import { signedItems, readSigned } from '../../testing/role-text.ts'
import { countsOf, gainOf, stepsBetween, type Counts } from './worth.ts'

const flagsOf = (signed: string): readonly string[] => signedItems(signed)[0]?.['flags'] as readonly string[]

// Lines with their roles given, so that no weights matter: what is odd about the item that comes out is marked.
test.each([
  ['a sign before the question', 'S|- - Who steers?\nK|Answer: the helmsman'],
  ['words behind the question', 'S|1. Who steers? ask Bo\nO|a) me\nO|b) you\nK|a'],
  ['a remark in square brackets', 'S|1. Who steers. [check this again]\nO|a) me\nO|b) you\nK|a'],
  ['a last option that is a sentence', 'S|1. Who?\nO|a) me\nO|b) you\nO|c) Hand in your sheets.\nK|a'],
  ['a last option with a title', 'S|1. Who?\nO|a) me\nO|b) you\nO|Pass mark: 8\nK|a'],
  ['an answer with a title', 'S|1. Who?\nK|Answer: Explanation 2: because'],
  ['an answer in cells', 'S|1. Which side?\nK|port\tstarboard\tstern'],
  ['an answer that breaks off', 'S|1. Who?\nK|Answer: (the mate'],
  ['an answer that judges a question', 'S|1. Is it so that rye is a grain?\nK|Answer: true'],
  ['an answer of pairs to no lists', 'S|1. Match the sides.\nK|Answer: 1-c, 2-b, 3-a'],
  ['an answer with points in it', 'S|1. What is a ridge?\nK|Answer: high ground (1) between rivers (1)'],
  ['an answer that counts marks', 'S|1. What is west?\nK|Answer: westerly [1 mark]'],
  ['an answer with a blank in it', 'S|1. What changes?\nK|Answer: metamorphosis___'],
  ['an answer that asks', 'S|1. What is it called?\nK|Answer: reading room?? check it'],
  ['points before a number', 'S|1. 2p 4 Which rope?\nO|a) hemp\nO|b) nylon\nK|a'],
  ['double brackets', 'S|1. Which [[really?]] rope is it?\nK|Answer: hemp'],
  ['double brackets at an option', 'S|1. Which?\nO|a) hemp [[silly]]\nO|b) nylon\nK|b'],
  ['an answer that starts with its number', 'S|4. Who is it?\nK|Answer: 4 Mara Quist the mate'],
  ['an answer with a remark in brackets', 'S|1. Name one.\nK|Answer: clamp (any sensible two)'],
  ['a number that may be off by itself', 'S|1. How many?\nK|Answer: 16 ± 18'],
  ['double brackets at a side', 'S|1. Match.\nR|rye      bread\nR|oats      porridge [[or bread?]]\nR|malt      beer'],
  ['blanks before all options', 'S|1. Which?\nO|____ one\nO|____ two\nK|a'],
])('%s is doubtful', (_name, signed) => expect(flagsOf(signed)).toContain('reading-unsure'))

test.each([
  ['a plain question', 'S|1. Who steers?\nO|a) me\nO|b) you\nK|a'],
  ['a sentence behind it', 'S|1. Who steers? Think of a boat with a tiller.\nK|Answer: the helmsman'],
  ['sentences as options', 'S|1. What holds?\nO|a) It floats.\nO|b) It sinks.\nK|a'],
  ['an answer of yes or no', 'S|1. Does salt water freeze at nought?\nK|Answer: no'],
  ['an answer in capitals', 'S|1. Which side of the chart is it on?\nK|Answer: NE'],
  ['an answer with a year', 'S|1. Which ship?\nK|Answer: Fram (1892)'],
  ['an answer with a figure', 'S|4. Which ship?\nK|Answer: 4th from the left'],
  ['the same key twice', 'S|1. What comes in?\nK|Answer: flood\nK|Answer: flood'],
  ['no key for any gap, which is said otherwise', 'S|1. The ______ comes in, the ______ goes out.'],
])('%s is not', (_name, signed) => expect(flagsOf(signed).filter((flag) => flag !== 'key-missing')).toEqual([]))

test.each([
  ['a gap in the letters', 'S|1. Who?\nO|a) me\nO|b) you\nO|d) them\nK|a', 'option-letter-gap'],
  ['a lost power', 'S|1. How many are 6 x 1023?\nK|Answer: many', 'script-lost'],
  ['a picture that is only named', 'S|1. What is it? [image: a saw]\nK|Answer: saw', 'picture-missing'],
  ['part of a key', 'S|1. Match.\nR|1. oak   a) acorn\nR|2. ash   b) key\nK|Answer: 1-a', 'key-incomplete'],
  ['a key for one gap of two', 'S|1. The ______ comes in, the ______ goes out.\nK|Answer: flood', 'key-incomplete'],
  ['two keys that differ', 'S|1. What comes in?\nK|Answer: the flood\nK|Answer: the ebb', 'keys-disagree'],
  ['an option alone, read as a key', 'S|1. What comes in?\nK|a) the flood\nK|Answer: a', 'option-single'],
  ['an option alone', 'S|1. What comes in?\nO|a) the flood\nK|Answer: a', 'option-single'],
])('%s is marked', (_name, signed, code) => expect(flagsOf(signed)).toContain(code))

test('an entry of a list for no item, a number that stands twice and one that is missing are said', () => {
  expect(readSigned('S|1. Who?\nS|2. When?\nX|1. me\nX|2. now\nX|7. never').marks.map((one) => one.code)).toEqual([
    'key-for-no-item',
  ])
  const codes = readSigned('S|1. Who?\nS|2. When?\nS|2. Why?\nS|How?\nS|3. Where?').items.map((item) =>
    item.marks.map((one) => one.code).filter((code) => code.startsWith('number')),
  )
  expect(codes).toEqual([[], [], ['number-repeated'], ['number-missing'], []])
})

test('a mend makes the second of two keys say what the first says', () => {
  const [item] = readSigned('S|1. Who?\nO|a) me\nO|b) you\nK|Answer: a\nK|Answer: b').items
  expect(item?.marks.find((one) => one.code === 'keys-disagree')?.mend).toMatchObject({ label: 'Keep A' })
})

const counts = (signed: string): Counts => countsOf(readSigned(signed).items, { odd: 0, namesNone: 0, holes: 0 })

test('a reading with more whole items is better, unless its lines explain it much worse', () => {
  const base = counts('S|1. Who?\nO|a) me\nO|b) you\nK|a\nS|2. Who else?')
  const whole = counts('S|1. Who?\nO|a) me\nO|b) you\nK|a\nS|2. Who else?\nO|a) so\nO|b) thus\nK|b')
  expect(stepsBetween(base, base)).toMatchObject({ items: 0, keyed: 0 })
  expect(gainOf(whole, base, 0)).toBeGreaterThan(1)
  expect(gainOf(whole, base, 40)).toBeLessThan(0)
})

test('a draft without any key is no worse for it', () => {
  expect(counts('S|1. Who?\nO|a) me\nO|b) you')).toMatchObject({ keyed: 0, keyless: 0 })
  expect(counts('S|1. Who?\nK|me\nS|2. When?')).toMatchObject({ keyed: 1, keyless: 1, bare: 1 })
})

test('what stands behind the points and is kept nowhere is said', () => {
  const ask = (points: string) =>
    readDraft({ text: `1. Which is a grain?\na) oak\nb) rye\nAnswer: b\nPoints: ${points}\n` }).items[0]
  const more = ask('2, one more where the sketch is neat')
  expect(more?.item.points).toBe(2)
  expect(more?.marks.map((one) => one.message).join()).toContain('“one more where the sketch is neat” is kept nowhere')
  for (const plain of ['2', '2 marks', '2 / 5', '2 points']) expect(ask(plain)?.marks).toEqual([])
})
