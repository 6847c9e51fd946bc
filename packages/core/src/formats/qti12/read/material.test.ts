import { plainText } from '../../../content/plain.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { parseXml } from '../../xml/xml.ts'
import { boxesOf, goesOnBehind, promptsOf, responsesOf, withGaps } from './material.ts'

const xml = (text: string): ElementNode => parseXml(text)
const text = (words: string) => `<material><mattext>${words}</mattext></material>`
const box = (ident: string) => `<response_label ident="${ident}"/>`
const typed = (...inside: readonly string[]) =>
  `<response_str ident="R" rcardinality="Ordered"><render_fib>${inside.join('')}</render_fib></response_str>`

// How boxes stand among text: as in the fill-in-the-blank examples of the IMS QTI ASI Best Practice and Implementation
// Guide 1.2, section 4, rebuilt with wording of our own.
describe('boxes to type in, with the text round them', () => {
  const names = (response: string) => boxesOf(xml(response)).map(({ name }) => name)

  test('several boxes are several gaps', () =>
    expect(names(typed(box('A'), text('and'), box('B')))).toEqual(['response_label', 'material', 'response_label']))
  test('two boxes without text between them, too', () =>
    expect(names(typed(box('A'), box('B')))).toEqual(['response_label', 'response_label']))
  test('one box with text beside it is a gap in it', () =>
    expect(names(typed(text('The tide'), box('A')))).toEqual(['material', 'response_label']))
  test('one box alone is no text with a gap', () => expect(names(typed(box('A')))).toEqual([]))
  test('text without a box is none', () => expect(names(typed(text('The tide')))).toEqual([]))
  test('choices have no boxes', () =>
    expect(
      names(`<response_lid ident="R"><render_choice>${box('A')}${box('B')}</render_choice></response_lid>`),
    ).toEqual([]))
  test('labels that hold text are boxes, and their text is none of ours', () =>
    expect(names(typed(`<response_label ident="A">${text('x')}</response_label>`, box('B')))).toEqual([
      'response_label',
      'response_label',
    ]))
})

describe('a question with gaps', () => {
  const gapped = (presentation: string) =>
    plainText(withGaps(xml(`<presentation>${presentation}</presentation>`))).replace(/_+/g, '_')

  test('text before and behind a gap is one sentence with it', () =>
    expect(gapped(`${text('The tide')}${typed()}${text('twice a day.')}`)).toMatch(/^The tide _ twice a day\.$/))
  test('no blank stands between a gap and what belongs to it', () =>
    expect(gapped(`${text('It is called (')}${typed()}${text(').')}`)).toMatch(/^It is called \(_\)\.$/))
  test('gaps inside one response stand where its boxes are', () =>
    expect(gapped(typed(text('Rise'), box('A'), text('and fall'), box('B')))).toMatch(/^Rise _ and fall _$/))
  test('a part that says what it asks for stands on a line of its own', () =>
    expect(
      gapped(`${text('Give both.')}${`<response_str ident="R">${text('The first:')}<render_fib/></response_str>`}`),
    ).toMatch(/^Give both\.\nThe first: _$/))
})

describe('where a response stands', () => {
  const presentation = (inside: string) => xml(`<presentation><flow>${inside}</flow></presentation>`)

  test('text behind the last one makes it a gap', () => {
    expect(goesOnBehind(presentation(`${text('The tide')}${typed()}${text('twice a day.')}`), false)).toBe(true)
    expect(goesOnBehind(presentation(`${text('What rises?')}${typed()}`), false)).toBe(false)
    expect(goesOnBehind(presentation(`${text('What rises?')}${typed()}${text(' ')}`), false)).toBe(false)
  })
  test('text that leaves off in the middle does so where there are others', () => {
    expect(goesOnBehind(presentation(`${text('At noon it is')}${typed()}`), true)).toBe(true)
    expect(goesOnBehind(presentation(`${text('At noon it is')}${typed()}`), false)).toBe(false)
    expect(goesOnBehind(presentation(`${text('What is it at noon?')}${typed()}`), true)).toBe(false)
  })
  test('all are found in reading order, none inside another', () =>
    expect(
      responsesOf(presentation(`${typed(box('A'))}<response_lid ident="S">${box('B')}</response_lid>`)).map(
        ({ name }) => name,
      ),
    ).toEqual(['response_str', 'response_lid']))
  test('what one says beside its choices is its prompt', () =>
    expect(
      promptsOf(
        xml(
          `<response_lid ident="R">${text('Pick one')}<render_choice><response_label ident="A">${text('ebb')}</response_label></render_choice></response_lid>`,
        ),
      ).map((one) => one.name),
    ).toEqual(['material']))
})
