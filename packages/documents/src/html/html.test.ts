import { cellText } from '@zakuska/core'
import { readHtml } from './read-html.ts'

const lines = (html: string): string[] =>
  readHtml(html).map((block) =>
    block.type === 'paragraph'
      ? `${block.heading ? '#'.repeat(block.heading) + ' ' : ''}${'  '.repeat(block.depth ?? 0)}${block.label ? `${block.label} ` : ''}${block.runs.map((run) => run.text).join('')}`.trimEnd()
      : block.rows.map((row) => row.map(cellText).join(' | ')).join(' / '),
  )
const styles = (html: string): string[] =>
  readHtml(html).flatMap((block) =>
    block.type === 'paragraph'
      ? block.runs.filter((run) => run.styles.length).map((run) => `${run.text}<${run.styles.join(',')}>`)
      : [],
  )

// HTML Living Standard, WHATWG: 4.4.5 (the ol element), 4.4.8 (li), 4.9 (tables), 15.3 (what is shown).
describe('pages', () => {
  test('lists have their numbers, forms and starts', () => {
    expect(
      lines('<ol start="3"><li>a<li>b<ol type="a"><li>x<li>y</ol><li value="9">c</ol>').map((line) => line.trim()),
    ).toEqual([
      expect.stringMatching(/^3[.)] a$/),
      expect.stringMatching(/^4[.)] b$/),
      expect.stringMatching(/^a[.)] x$/),
      expect.stringMatching(/^b[.)] y$/),
      expect.stringMatching(/^9[.)] c$/),
    ])
    expect(lines('<ol type="I"><li>a<li>b</ol><ul><li>c</ul>').map((line) => line.trim())).toEqual([
      expect.stringMatching(/^I[.)] a$/),
      expect.stringMatching(/^II[.)] b$/),
      '• c',
    ])
  })
  test('blanks fold as they are shown, and breaks part lines', () => {
    expect(lines('<p>one\n   two<br>three</p><p>  four&nbsp;five </p>')).toEqual([
      'one two\nthree',
      expect.stringMatching(/^four.five$/),
    ])
    expect(lines('<pre>a\n  b</pre>')).toEqual(['```', 'a', '  b', '```'])
  })
  test('headings, and tables with their heads', () => {
    expect(lines('<h2>Tides</h2><table><thead><tr><th>Question<th>Key</thead><tr><td>Which?<td>b</table>')).toEqual([
      '## Tides',
      'Question | Key / Which? | b',
    ])
  })
  test('dress by tag and by style', () => {
    expect(
      styles(
        '<p><b>a</b> <em>b</em> <u>c</u> H<sub>2</sub> <mark>d</mark> <span style="font-weight:bold">e</span> <span style="color:#c00">f</span>',
      ),
    ).toEqual(['a<strong>', 'b<emphasis>', 'c<underline>', '2<sub>', 'd<highlight>', 'e<strong>', 'f<colour>'])
  })
  test('what is never shown is left out, and so is what a page prints round its text', () => {
    expect(
      lines(
        '<title>t</title><nav>home</nav><p>seen</p><p hidden>not</p><p style="display:none">nor</p><script>x()</script><footer>f</footer>',
      ),
    ).toEqual(['seen'])
  })
  test('boxes of a form are boxes, and the chosen one is ticked', () => {
    const [first = '', second = ''] = lines('<p><input type="radio" checked> oak</p><p><input type="checkbox"> rye</p>')
    expect(first).toMatch(/^\S\s+oak$/)
    expect(second).toMatch(/^\S\s+rye$/)
    expect(first.charAt(0)).not.toBe(second.charAt(0))
  })
  test('tags that are never closed', () => {
    expect(lines('<p>one<p>two<b>three')).toEqual(['one', 'twothree'])
  })
})
