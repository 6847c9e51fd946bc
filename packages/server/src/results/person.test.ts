import { personOf } from './person.ts'

test.each<[string, string, string]>([
  ['capital letters', 'Bente Havn', 'BENTE HAVN'],
  ['blanks round it and in it', ' Bente  Havn', 'BenteHavn '],
  ['a zero-width space', 'Bente', 'Ben\u200bte'],
  ['a soft hyphen', 'Bente', 'Ben\u00adte'],
  ['a mark of direction', 'Bente', '\u202eBente'],
  ['a filler', 'Bente', 'Bente\u3164'],
  ['an empty Braille cell', 'Bente', 'Bente\u2800'],
  ['Cyrillic letters', 'Ada Roce', 'Аdа Rосе'],
  ['Greek letters', 'Oona', 'Οοna'],
  ['Cyrillic capitals', 'BENTE', 'ВЕNТЕ'],
  ['a Greek iota', 'Iris', 'Ιris'],
  ['full-width letters', 'Bente', 'Ｂｅｎｔｅ'],
  ['mathematical letters', 'Bente', '𝐁𝐞𝐧𝐭𝐞'],
  ['accents put together otherwise', 'Børé', 'Børe\u0301'],
])('%s do not make another person', (_name, a, b) => expect(personOf(b)).toBe(personOf(a)))

test.each([
  ['Bente', 'Bento'],
  ['Bore', 'Boré'],
  ['Nils Bo', 'Nils Bø'],
  ['Anna L', 'Anna M'],
])('%s and %s are two', (a, b) => expect(personOf(a)).not.toBe(personOf(b)))

test.each(['', '  ', '\u200b', 'Response 12'])('%j is nobody', (name) => expect(personOf(name)).toBeNull())
