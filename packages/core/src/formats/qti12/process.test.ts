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
