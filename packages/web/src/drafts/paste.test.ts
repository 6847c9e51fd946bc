import { EditorState } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { history, undo } from '@codemirror/commands'
import { openFile, type OpenedFile } from './files'
import { pasteDressed } from './paste'
import { pastedFile } from './pasted-file'
import { styleLayer, stylesIn } from './style-layer'

jest.mock('./files', () => ({ openFile: jest.fn() }))

const PLAIN = '1. Which knot?\na) reef\nb) bowline\n'

test.each([
  ['a bold option', '<p>a) reef</p><p><b>b) bowline</b></p>', 'pasted.html'],
  [
    'an underlined one by its style',
    '<p><span style="text-decoration: underline">b) bowline</span></p>',
    'pasted.html',
  ],
  ['a list', '<ol><li>Which knot?</li></ol>', 'pasted.html'],
  ['a table', '<table><tr><td>Which knot?</td></tr></table>', 'pasted.html'],
  ['paragraphs that say no more than the text', '<p>1. Which knot?</p><p>a) reef</p>', null],
  ['a wrapper that says it is not bold', '<b style="font-weight:normal"><p>1. Which knot?</p></b>', null],
  ['coloured code', '<div style="white-space: pre;"><b style="background: #000">1. Which knot?</b></div>', null],
  ['nothing', '', null],
])('a copied page with %s is read as %s', (_what, html, name) => {
  expect(pastedFile(html, PLAIN)?.name ?? null).toBe(name)
})

test('rows with tabs are read as a table, and the source of a page as a page; a tab or two in a text is not', () => {
  expect(pastedFile('', 'a\tb\nc\td\ne\tf\n')?.name).toBe('pasted.txt')
  expect(pastedFile('', '<!DOCTYPE html>\n<p>Which?</p>')?.name).toBe('pasted.html')
  expect(pastedFile('', 'Which?\ta) one\tb) two\n')).toBeNull()
})

function editorWith(text: string): EditorView {
  return new EditorView({
    state: EditorState.create({
      doc: text,
      selection: { anchor: text.indexOf('|'), head: text.indexOf('|') + 1 },
      extensions: [history(), styleLayer([{ from: 0, to: 3, style: 'emphasis' }], text)],
    }),
  })
}

const opens = (text: string, styles: OpenedFile['styles']): void => {
  jest
    .mocked(openFile)
    .mockResolvedValue({ name: 'pasted', type: 'html', text, styles, blocks: null, notes: [] } satisfies OpenedFile)
}

test('what is pasted stands as plain text at once, then in its dress; an undo takes the dress back first', async () => {
  const view = editorWith('Top\n|\nEnd')
  opens('Lamp\nBuoy\n', [{ from: 5, to: 9, style: 'strong' }])
  const pasted = pasteDressed(view, new File([''], 'pasted.html'), 'Lamp\r\nBuoy')
  expect(view.state.doc.toString()).toBe('Top\nLamp\nBuoy\nEnd')
  await expect(pasted).resolves.toBe(true)
  expect(view.state.doc.toString()).toBe('Top\nLamp\nBuoy\nEnd')
  expect(stylesIn(view.state)).toEqual([
    { from: 0, to: 3, style: 'emphasis' },
    { from: 9, to: 13, style: 'strong' },
  ])
  undo(view)
  expect(stylesIn(view.state)).toEqual([{ from: 0, to: 3, style: 'emphasis' }])
  undo(view)
  expect(view.state.doc.toString()).toBe('Top\n|\nEnd')
})

test('what was typed into the paste meanwhile stays, and so does the plain text', async () => {
  const view = editorWith('|')
  opens('Other', [])
  const pasted = pasteDressed(view, new File([''], 'pasted.html'), 'Lamp')
  view.dispatch({ changes: { from: 2, to: 2, insert: 'x' } })
  await expect(pasted).resolves.toBe(false)
  expect(view.state.doc.toString()).toBe('Laxmp')
})

test('what says no more than the plain text changes nothing', async () => {
  const view = editorWith('|')
  opens('Lamp\n', [])
  await expect(pasteDressed(view, new File([''], 'pasted.html'), 'Lamp')).resolves.toBe(false)
})
