import { labelSpoken, placeSpoken } from './spoken-names.ts'

// Ordinals of ten languages, from memory.
test.each<[string, number | null]>([
  ['the first', 0],
  ['the second one', 1],
  ['Third option', 2],
  ['die zweite', 1],
  ['le deuxième', 1],
  ['la tercera', 2],
  ['la terza', 2],
  ['o terceiro', 2],
  ['de derde', 2],
  ['den andra', 1],
  ['tredje', 2],
  ['3rd', 2],
  ['2e', 1],
  ['la 1ª', 0],
  ['the first and the third', null],
  ['the first thing that anybody says of it', null],
  ['a seal', null],
  ['the Second World War', null],
  ['prime', null],
  ['a quart', null],
  ['secondary', null],
  ['12', null],
  ['', null],
])('%s points at place %p', (text, place) => expect(placeSpoken(text)).toBe(place))

test.each<[string, string | null]>([
  ['la b', 'b'],
  ['letter D', 'D'],
  ['svar 2.', '2'],
  ['die (c)', 'c'],
  ['vitamin', null],
  ['vitamin C', null],
  ['Henry 8', null],
  ['b', null],
  ['the b flat', null],
])('%s names label %p', (text, label) => expect(labelSpoken(text)).toBe(label))
