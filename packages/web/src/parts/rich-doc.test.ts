import fc from 'fast-check'
import { richText } from '../../../core/src/testing/arbitraries'
import { fromEditorDoc, toEditorDoc } from './rich-doc'

test('rich text goes through the editor’s document and comes back equal', () => {
  fc.assert(fc.property(richText, (content) => expect(fromEditorDoc(toEditorDoc(content))).toEqual(content)))
})

test('gaps, pictures and tables travel through it whole', () => {
  const content = [
    {
      type: 'paragraph',
      content: [{ type: 'text', text: 'The ' }, { type: 'gap' }, { type: 'picture', asset: 'a1', alt: 'a buoy' }],
    },
    {
      type: 'table',
      rows: [{ header: true, cells: [[{ type: 'paragraph', content: [{ type: 'text', text: 'HW' }] }]] }],
    },
  ] as const
  expect(fromEditorDoc(toEditorDoc(content))).toEqual(content)
})

test('an empty field is empty rich text', () => {
  expect(fromEditorDoc(toEditorDoc([]))).toEqual([])
})
