import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { heatDrawing } from './heat-drawing'
import { LIGHT, svgText } from '../../parts/chart/picture'

test('pictures are in the colours of the light page', () => {
  const styles = readFileSync(join(__dirname, '../../styles.css'), 'utf8')
  const [root = ''] = /:root \{[^}]*\}/.exec(styles) ?? []
  for (const [name, value] of Object.entries(LIGHT)) expect(root).toContain(`${name}: ${value};`)
})

test('everybody and every item as a drawing of its own: names, points, signs', () => {
  const drawing = heatDrawing(['1', '2', '3', '4'], [{ name: 'Bente Havn', total: '2.5', shares: [1, 0.5, 0, null] }])
  document.body.append(drawing)
  const text = svgText(drawing)
  drawing.remove()
  expect(text).toMatch(/^<svg [^>]*xmlns="http:\/\/www.w3.org\/2000\/svg"/)
  expect([...text.matchAll(/>([^<>]+)<\/text>/g)].map(([, says]) => says)).toEqual([
    ...['1', '2', '3', '4', 'Bente Havn', '2.5', '✓', '◐', '·', '?'],
  ])
  expect(text.match(/<rect/g)).toHaveLength(5)
  expect(text).not.toContain('class=')
  // The page is as it was.
  expect(document.documentElement.style.getPropertyValue('--ink')).toBe('')
})

test('a long name is cut, not run into the points', () => {
  const drawing = heatDrawing(['1'], [{ name: 'x'.repeat(60), total: '1', shares: [1] }])
  expect(drawing.textContent).toContain(`${'x'.repeat(29)}…`)
})
