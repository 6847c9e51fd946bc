import { contentOf } from '../../content/model.ts'
import type { ElementNode } from '../../content/markup.ts'
import type { Item } from '../../item/model.ts'
import { FORMATS } from '../index.ts'
import { child, children, descendants, parseXml } from '../xml/xml.ts'

/** What a written item declares: `RESPONSE single float: 3 {ebb=1}`. QTI 2.1 Information Model, section 6. */
function declared(item: Item): string[] {
  const { data } = FORMATS.qti21.write([item], { title: 'One', as: 'bank' })
  const file = data.form === 'package' ? data.files.find(({ path }) => path.startsWith('items/')) : undefined
  return children(parseXml(new TextDecoder().decode(file?.bytes)), 'responseDeclaration').map(said)
}

function said(node: ElementNode): string {
  const { identifier, cardinality, baseType } = node.attributes
  const correct = child(node, 'correctResponse')
  const values = correct
    ? children(correct, 'value').map(({ children: [text] }) => (text?.type === 'text' ? text.value : ''))
    : []
  const mapped = descendants(node, 'mapEntry').map(
    ({ attributes }) => `${attributes['mapKey']}=${attributes['mappedValue']}`,
  )
  return [`${identifier} ${cardinality} ${baseType}`, values.join(','), mapped.join(',')].filter(Boolean).join('; ')
}

const common = { points: 2, tags: [] }
const rules = { letterCase: 'ignore', accents: 'respect' } as const
const stem = [
  {
    type: 'paragraph' as const,
    content: [{ type: 'gap' as const }, { type: 'text' as const, text: ' and ' }, { type: 'gap' as const }],
  },
]
const cloze: Item = {
  ...{ ...common, kind: 'cloze', stem, rules },
  gaps: [{ key: ['ebb', 'fall'] }, { key: ['in'], choices: ['out', 'in'] }],
}

test('each gap maps to its share of the points, by the first key as the correct one', () => {
  expect(declared(cloze)).toEqual([
    'RESPONSE_1 single string; ebb; ebb=1,fall=1',
    'RESPONSE_2 single identifier; c2; c2=1',
  ])
  const worth = { ...cloze, points: 3 }
  expect(declared(worth)[0]).toBe('RESPONSE_1 single string; ebb; ebb=1.5,fall=1.5')
})

test('where all gaps must be right each maps to 1, whatever the points', () => {
  expect(declared({ ...cloze, points: 5, credit: 'all' })).toEqual([
    'RESPONSE_1 single string; ebb; ebb=1,fall=1',
    'RESPONSE_2 single identifier; c2; c2=1',
  ])
})

test.each<[string, Item, string[]]>([
  ['a scale', { ...common, kind: 'scale', stem: contentOf('How?'), low: 1, high: 3 }, ['RESPONSE single identifier']],
  ['an essay', { ...common, kind: 'essay', stem: contentOf('Why?') }, ['RESPONSE single string']],
  ['a note', { ...common, points: 0, kind: 'note', stem: contentOf('Read.') }, []],
  [
    'an order',
    {
      ...{ ...common, kind: 'order', stem: contentOf('Order.'), key: ['b', 'a'] },
      options: ['a', 'b'].map((id) => ({ id, content: contentOf(id) })),
    },
    ['RESPONSE ordered identifier; b,a'],
  ],
  [
    'a number',
    { ...common, kind: 'numeric', stem: contentOf('How many?'), key: [{ value: 3, tolerance: 0 }] },
    ['RESPONSE single float; 3'],
  ],
])('%s declares what nobody has to guess', (_name, item, declarations) => {
  expect(declared(item)).toEqual(declarations)
})
