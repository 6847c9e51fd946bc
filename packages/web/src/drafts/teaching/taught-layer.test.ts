import { history, redo, undo } from '@codemirror/commands'
import { EditorState, type Transaction, type TransactionSpec } from '@codemirror/state'
import type { EditorView } from '@codemirror/view'
import { taughtIn, taughtLayer, teach, withLines, type Taught } from './taught-layer'

const TEXT = 'Which is a grain?\n/ oak\n/ rye\n// rye'

/** What of a view the layer uses, without a page. */
class Text {
  state: EditorState

  constructor(taught: Taught = { lines: [], notation: null }) {
    this.state = EditorState.create({ doc: TEXT, extensions: [history(), taughtLayer(taught, TEXT.length)] })
  }

  readonly dispatch = (change: Transaction | TransactionSpec): void => {
    this.state = 'state' in change ? change.state : this.state.update(change).state
  }

  get view(): EditorView {
    return this as unknown as EditorView
  }

  say(line: number, part: 'key' | 'option'): void {
    teach(this.view, withLines(this.state, [this.state.doc.line(line).from], part, true))
  }

  /** The text of each line that something is said of, with what. */
  get said(): string[] {
    return taughtIn(this.state).lines.map(({ from, part }) => `${this.state.doc.lineAt(from).text} = ${part}`)
  }
}

test('what is said of a line takes the place of what was said of it before', () => {
  const text = new Text()
  text.say(4, 'option')
  text.say(4, 'key')
  text.say(3, 'option')
  expect(text.said).toEqual(['// rye = key', '/ rye = option'])
  teach(text.view, withLines(text.state, [text.state.doc.line(4).from], null, true))
  expect(text.said).toEqual(['/ rye = option'])
})

test.each<[string, (doc: EditorState['doc']) => TransactionSpec['changes'], string[]]>([
  ['a line above', () => ({ from: 0, insert: 'Grain\n\n' }), ['// rye = key']],
  ['text before it in its line', (doc) => ({ from: doc.line(4).from, insert: '> ' }), ['> // rye = key']],
  ['text behind it', (doc) => ({ from: doc.length, insert: ' or oats' }), ['// rye or oats = key']],
  [
    'its sign written anew',
    (doc) => ({ from: doc.line(4).from, to: doc.line(4).from + 2, insert: '==' }),
    ['== rye = key'],
  ],
  ['another line gone', (doc) => ({ from: doc.line(2).from, to: doc.line(3).from }), ['// rye = key']],
  ['the line gone', (doc) => ({ from: doc.line(4).from - 1, to: doc.line(4).to }), []],
])('it moves with its line: %s', (_name, changes, said) => {
  const text = new Text()
  text.say(4, 'key')
  text.dispatch({ changes: changes(text.state.doc) ?? [] })
  expect(text.said).toEqual(said)
})

test('is undone and done again in one step, alone or with the text', () => {
  const text = new Text()
  text.say(4, 'key')
  undo(text.view)
  expect(text.said).toEqual([])
  expect(text.state.doc.toString()).toBe(TEXT)
  redo(text.view)
  expect(text.said).toEqual(['// rye = key'])
  text.dispatch({ changes: { from: text.state.doc.line(4).from - 1, to: text.state.doc.length } })
  expect(text.said).toEqual([])
  undo(text.view)
  expect(text.said).toEqual(['// rye = key'])
})

test('what lies outside the text is left out', () => {
  const lines = [{ from: 0, to: 17, part: 'item' as const, alike: true }]
  const text = new Text({ lines: [...lines, { from: 90, to: 99, part: 'key', alike: true }], notation: null })
  expect(taughtIn(text.state).lines).toEqual(lines)
})
