import { csvOf } from './csv.ts'

// RFC 4180, section 2: lines end in CRLF (1, 2); fields with commas, quotes or line ends are quoted (6), and a quote in
// one is doubled (7).
test.each<[string, (string | number)[][], string]>([
  ['plain fields and figures', [['aaa', 'bbb', 3]], 'aaa,bbb,3\r\n'],
  ['a comma', [['a,b', 'c']], '"a,b",c\r\n'],
  ['a line end within a field', [['b \r\nbb']], '"b \r\nbb"\r\n'],
  ['a quote', [['b"bb']], '"b""bb"\r\n'],
  ['an empty field', [['', 'b']], ',b\r\n'],
  ['nothing', [], ''],
])('%s', (_name, rows, text) => {
  expect(csvOf(rows)).toBe(text)
})
