import { plainText } from '../../content/plain.ts'
import type { FormatData } from '../format.ts'
import { qti12 } from './index.ts'

const encoder = new TextEncoder()
const packed = (items: string): FormatData => ({
  form: 'package',
  files: [
    {
      path: 'assessment.xml',
      bytes: encoder.encode(
        `<questestinterop><assessment ident="a1" title="Harbour check"><section ident="s1">${items}</section></assessment></questestinterop>`,
      ),
    },
  ],
})
const text = (words: string): string => `<material><mattext>${words}</mattext></material>`
const label = (ident: string, words: string): string =>
  `<response_label ident="${ident}">${text(words)}</response_label>`
const outcomes = '<outcomes><decvar varname="SCORE" vartype="Integer" minvalue="0" maxvalue="2"/></outcomes>'
const set = (test: string, amount: number, action = 'Set', goOn = 'No'): string =>
  `<respcondition continue="${goOn}"><conditionvar>${test}</conditionvar><setvar varname="SCORE" action="${action}">${amount}</setvar></respcondition>`

// The kinds of the examples in the IMS QTI ASI Best Practice and Implementation Guide 1.2, section 4, rebuilt with
// wording of our own.
const SINGLE = `<item ident="i1" title="Buoy"><presentation>${text('Which buoy stands to port?')}<response_lid ident="R" rcardinality="Single"><render_choice shuffle="Yes">${label('A', 'green cone')}${label('B', 'red can')}</render_choice></response_lid></presentation><resprocessing>${outcomes}${set('<varequal respident="R">B</varequal>', 2)}</resprocessing></item>`
const MULTIPLE = `<item ident="i2" title="Marks"><presentation>${text('Which are cardinal?')}<response_lid ident="R" rcardinality="Multiple"><render_choice>${label('A', 'north')}${label('B', 'special')}${label('C', 'west')}</render_choice></response_lid></presentation><resprocessing>${outcomes}${set('<varequal respident="R">A</varequal>', 1, 'Add', 'Yes')}${set('<varequal respident="R">C</varequal>', 1, 'Add', 'Yes')}${set('<varequal respident="R">B</varequal>', 1, 'Subtract', 'Yes')}</resprocessing></item>`
const FIB = `<item ident="i3" title="Knot"><presentation>${text('The knot is called')}<response_str ident="R" rcardinality="Single"><render_fib fibtype="String"/></response_str></presentation><resprocessing>${outcomes}${set('<or><varequal respident="R" case="No">bowline</varequal><varequal respident="R" case="No">bowline knot</varequal></or>', 2)}</resprocessing></item>`
const RANGE = `<item ident="i4" title="Depth"><presentation>${text('How deep is it?')}<response_num ident="R" rcardinality="Single" numtype="Decimal"><render_fib fibtype="Decimal"/></response_num></presentation><resprocessing>${outcomes}${set('<vargte respident="R">3.1</vargte><varlte respident="R">3.3</varlte>', 2)}</resprocessing></item>`

describe('the guide’s examples', () => {
  const { items, title, unread } = qti12.read(packed(SINGLE + MULTIPLE + FIB + RANGE))

  test('all are read, with the title of the assessment', () => {
    expect(unread).toEqual([])
    expect(title).toBe('Harbour check')
    expect(items.map((item) => item.points)).toEqual([2, 2, 2, 2])
  })

  test('single choice', () => expect(items[0]).toMatchObject({ kind: 'single', key: ['B'], shuffle: true }))
  test('multiple response whose conditions add up', () =>
    expect(items[1]).toMatchObject({ kind: 'multiple', key: ['A', 'C'], credit: 'each' }))
  test('fill in the blank', () =>
    expect(items[2]).toMatchObject({
      kind: 'short',
      key: ['bowline', 'bowline knot'],
      rules: { letterCase: 'ignore' },
    }))
  test('a number within bounds', () =>
    expect(items[3]).toMatchObject({ kind: 'numeric', key: [{ min: 3.1, max: 3.3 }] }))

  test.each<[number, string[], number]>([
    [0, ['B'], 1],
    [0, ['A'], 0],
    [1, ['A', 'C'], 1],
    [1, ['A'], 0.5],
    [1, ['A', 'B', 'C'], 0.5],
    [1, ['B'], 0],
  ])('item %s, %j chosen: %s of the points', (index, chosen, share) => {
    expect(qti12.grader(packed(SINGLE + MULTIPLE))(index, { kind: 'choice', chosen })).toBe(share)
  })
})

test('an item that is not understood is listed, and the others are read', () => {
  const odd = `<item ident="odd"><presentation>${text('Point at the wreck.')}<response_xy ident="R"><render_hotspot/></response_xy></presentation></item>`
  const result = qti12.read(packed(odd + SINGLE))
  expect(result.items).toHaveLength(1)
  expect(result.unread[0]).toMatchObject({ where: 'odd' })
  expect(result.unread[0]?.source).toContain('Point at the wreck.')
  expect(plainText(result.items[0]?.stem)).toBe('Which buoy stands to port?')
})
