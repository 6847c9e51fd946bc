import { parseXml } from '../xml/xml.ts'
import { mostOf, processItem } from './process.ts'

// ASI Information Model 1.2, sections 3.5.2 (response processing) and 3.5.3 (actions of setvar).
const item = (conditions: string, bounds = ''): ReturnType<typeof parseXml> =>
  parseXml(
    `<item ident="i"><resprocessing><outcomes><decvar varname="SCORE" ${bounds}/></outcomes>${conditions}</resprocessing></item>`,
  )
const always = (...sets: string[]): string =>
  `<respcondition continue="Yes"><conditionvar><other/></conditionvar>${sets.join('')}</respcondition>`
const when = (value: string, sets: string, goOn = 'Yes'): string =>
  `<respcondition continue="${goOn}"><conditionvar><varequal respident="R">${value}</varequal></conditionvar>${sets}</respcondition>`
const set = (amount: number | string, action?: string): string =>
  `<setvar varname="SCORE"${action ? ` action="${action}"` : ''}>${amount}</setvar>`
const given = (...values: string[]) => new Map([['R', values]])

test.each<[string, string[], number]>([
  ['sets where no action is said', [set(4)], 4],
  ['adds', [set(4), set(2, 'Add')], 6],
  ['subtracts', [set(4), set(3, 'Subtract')], 1],
  ['multiplies', [set(4), set(3, 'Multiply')], 12],
  ['divides', [set(6), set(4, 'Divide')], 1.5],
  ['leaves what would be divided by nothing', [set(6), set(0, 'Divide')], 6],
])('%s', (_name, sets, score) => {
  expect(processItem(item(when('a', sets.join(''))), given('a'))).toBe(score)
})

test('the score stays between its bounds, begins where they say, and SCORE.max is the upper one', () => {
  const bounds = 'minvalue="-1" maxvalue="5" defaultval="2"'
  expect(processItem(item(when('a', set(9)), bounds), given('a'))).toBe(5)
  expect(processItem(item(when('a', set(-9)), bounds), given('a'))).toBe(-1)
  expect(processItem(item(when('a', set(9)), bounds), given('b'))).toBe(2)
  expect(processItem(item(when('a', set('SCORE.max')), bounds), given('a'))).toBe(5)
  expect(mostOf(item('', bounds))).toBe(5)
})

test('a condition that does not go on ends it, where it holds', () => {
  const conditions = when('a', set(1), 'No') + when('b', set(2, 'Add')) + always(set(4, 'Add'))
  expect(processItem(item(conditions), given('a', 'b'))).toBe(1)
  expect(processItem(item(conditions), given('b'))).toBe(2)
})

test('other variables than SCORE change nothing', () => {
  const other = '<setvar varname="HINTS" action="Add">3</setvar>'
  expect(processItem(item(when('a', other + set(1))), given('a'))).toBe(1)
})

const tested = (test: string, ...values: string[]): number =>
  processItem(item(`<respcondition><conditionvar>${test}</conditionvar>${set(1)}</respcondition>`), given(...values))
const equal = (value: string, more = ''): string => `<varequal respident="R"${more}>${value}</varequal>`

// Tests of a condition: section 3.5.2 (conditionvar and what stands in it).
test.each<[string, string, string[], number]>([
  ['the same text', equal('port'), ['port'], 1],
  ['another', equal('port'), ['aft'], 0],
  ['one of several', equal('port'), ['aft', 'port'], 1],
  // Letter case counts only where `case` says Yes: its default in the binding is No (from memory).
  ['letter case does not count', equal('port'), ['Port'], 1],
  ['nor where it is said', equal('Port', ' case="No"'), ['PORT'], 1],
  ['letter case counts where it is said', equal('port', ' case="Yes"'), ['Port'], 0],
  ['the same letter case', equal('Port', ' case="Yes"'), ['Port'], 1],
  ['a number written otherwise', equal('4'), ['4.0'], 1],
  ['one that is none', equal('4'), ['four'], 0],
  ['a number with a power', equal('400'), ['4e2'], 1],
  ['with a sign', equal('400'), ['4E+2'], 1],
  ['with a negative one', equal('0.04'), ['4e-2'], 1],
  ['with two figures', equal('4e12'), ['4e12 '], 1],
  ['a negative number', equal('-4'), ['-4.0'], 1],
  ['something before it', equal('4'), ['x4'], 0],
  ['something behind it', equal('4'), ['4x'], 0],
  ['blanks round it', equal('4'), [' 4.0 '], 1],
  ['a power of nothing', equal('4'), ['4e'], 0],
  ['nothing is no nought', equal('0'), [''], 0],
  ['nothing given', equal('port'), [], 0],
  ['at its place', equal('port', ' index="2"'), ['aft', 'port'], 1],
  ['at another place', equal('port', ' index="1"'), ['aft', 'port'], 0],
  ['a part of a text', '<varsubstring respident="R">or</varsubstring>', ['port'], 1],
  ['no part of it', '<varsubstring respident="R">xx</varsubstring>', ['port'], 0],
  ['less', '<varlt respident="R">4</varlt>', ['3'], 1],
  ['not less', '<varlt respident="R">4</varlt>', ['4'], 0],
  ['at most', '<varlte respident="R">4</varlte>', ['4'], 1],
  ['at most, a hair above', '<varlte respident="R">0.3</varlte>', ['0.30000000000000004'], 1],
  ['more than at most', '<varlte respident="R">4</varlte>', ['5'], 0],
  ['more', '<vargt respident="R">4</vargt>', ['5'], 1],
  ['not more', '<vargt respident="R">4</vargt>', ['4'], 0],
  ['at least', '<vargte respident="R">4</vargte>', ['4'], 1],
  ['at least, a hair below', '<vargte respident="R">0.3</vargte>', ['0.29999999999999999'], 1],
  ['less than at least', '<vargte respident="R">4</vargte>', ['3'], 0],
  ['nothing is not less', '<varlt respident="R">4</varlt>', [''], 0],
  ['all of a set', '<varsubset respident="R">a, b</varsubset>', ['b', 'a', 'c'], 1],
  ['a part of a set', '<varsubset respident="R">a,b</varsubset>', ['a'], 0],
  ['unanswered', '<unanswered respident="R"/>', [], 1],
  ['unanswered, with blanks', '<unanswered respident="R"/>', [''], 1],
  ['answered', '<unanswered respident="R"/>', ['a'], 0],
  ['all', `<and>${equal('a')}${equal('b')}</and>`, ['a', 'b'], 1],
  ['not all', `<and>${equal('a')}${equal('b')}</and>`, ['a'], 0],
  ['any', `<or>${equal('a')}${equal('b')}</or>`, ['b'], 1],
  ['not any', `<or>${equal('a')}${equal('b')}</or>`, ['c'], 0],
  ['not', `<not>${equal('a')}</not>`, ['b'], 1],
  ['not not', `<not>${equal('a')}</not>`, ['a'], 0],
  ['two tests beside each other', equal('a') + equal('b'), ['a'], 0],
])('%s holds or not', (_name, test, values, score) => expect(tested(test, ...values)).toBe(score))

test('other holds where nothing that scores held before it', () => {
  const other = `<respcondition continue="Yes"><conditionvar><other/></conditionvar>${set(5, 'Add')}</respcondition>`
  const shown =
    '<respcondition continue="Yes"><conditionvar><varequal respident="R">a</varequal></conditionvar></respcondition>'
  expect(processItem(item(when('a', set(1)) + other), given('a'))).toBe(1)
  expect(processItem(item(when('a', set(1)) + other), given('b'))).toBe(5)
  expect(processItem(item(shown + other), given('a'))).toBe(5)
})

test('a test that nobody knows is said by its name', () =>
  expect(() => tested('<durequal respident="R">4</durequal>', 'a')).toThrow('The test durequal is not known.'))

test('an item without rules earns nothing, and is worth one', () => {
  const bare = parseXml('<item ident="i"/>')
  expect(processItem(bare, given('a'))).toBe(0)
  expect(mostOf(bare)).toBe(1)
})

describe('the most that can be earned, where no bound says it', () => {
  const of = (conditions: string, responses = ''): number =>
    mostOf(parseXml(`<item ident="i">${responses}<resprocessing>${conditions}</resprocessing></item>`))
  const lid = (kind: string): string => `<response_lid ident="R"${kind}/>`
  test('the most that is set', () => expect(of(when('a', set(2)) + when('b', set(3)))).toBe(3))
  test('all that is added', () => expect(of(when('a', set(2, 'Add')) + when('b', set(3, 'Add')))).toBe(5))
  test('of one choice only the best', () => {
    expect(of(when('a', set(2, 'Add')) + when('b', set(3, 'Add')), lid(''))).toBe(3)
    expect(of(when('a', set(2, 'Add')) + when('b', set(3, 'Add')), lid(' rcardinality="Multiple"'))).toBe(5)
  })
  test('not what is taken away', () => expect(of(when('a', set(2)) + when('b', set(3, 'Subtract')))).toBe(2))
  test('nothing: one', () => expect(of(when('a', set(0)))).toBe(1))
})
