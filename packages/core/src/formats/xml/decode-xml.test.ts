import { parseXml } from './xml.ts'
import { decodeXml, wideEncoding } from './decode-xml.ts'

const bytes = (text: string): Uint8Array => Uint8Array.from(text, (sign) => sign.charCodeAt(0))
const wide = (text: string, isBig: boolean): number[] =>
  [...text].flatMap((sign) => {
    const code = sign.charCodeAt(0)
    return isBig ? [code >> 8, code & 255] : [code & 255, code >> 8]
  })
const DOCUMENT = '<item>Größe, łódź and подъём</item>'
const declared = (encoding: string): string => `<?xml version="1.0" encoding="${encoding}"?>\n`

// XML 1.0 (fifth edition), appendix F.1, without and with a byte order mark.
test.each<[string, Uint8Array, string]>([
  ['UTF-8', new TextEncoder().encode(DOCUMENT), DOCUMENT],
  ['UTF-8 with its mark', new TextEncoder().encode(`\uFEFF${DOCUMENT}`), DOCUMENT],
  ['UTF-16, big end first, with its mark', Uint8Array.from([0xfe, 0xff, ...wide(DOCUMENT, true)]), DOCUMENT],
  ['UTF-16, little end first, with its mark', Uint8Array.from([0xff, 0xfe, ...wide(DOCUMENT, false)]), DOCUMENT],
  ['UTF-16, big end first', Uint8Array.from(wide(DOCUMENT, true)), DOCUMENT],
  ['UTF-16, little end first', Uint8Array.from(wide(DOCUMENT, false)), DOCUMENT],
  ['ISO-8859-1 as it says', bytes(`${declared('ISO-8859-1')}<a>caf\xe9</a>`), `${declared('ISO-8859-1')}<a>café</a>`],
  [
    'Windows-1252 as it says',
    bytes(`${declared('windows-1252')}<a>5 \x80</a>`),
    `${declared('windows-1252')}<a>5 €</a>`,
  ],
  ['ISO-8859-2 as it says', bytes(`${declared('ISO-8859-2')}<a>\xb3</a>`), `${declared('ISO-8859-2')}<a>ł</a>`],
  ['Windows-1252 that says nothing', bytes('<a>\x93K\xe4se\x94 \x96 5 \x80</a>'), '<a>“Käse” – 5 €</a>'],
  ['Latin 1 that says UTF-8', bytes(`${declared('UTF-8')}<a>\xe9</a>`), `${declared('UTF-8')}<a>é</a>`],
  ['UTF-8 that says UTF-16', bytes(`${declared('UTF-16')}<a>e</a>`), `${declared('UTF-16')}<a>e</a>`],
  ['an encoding that nobody knows', bytes(`${declared('klingon')}<a>e</a>`), `${declared('klingon')}<a>e</a>`],
])('%s', (_name, given, text) => {
  expect(decodeXml(given)).toBe(text)
})

test('bytes that are no text are not taken for UTF-16', () => {
  expect(wideEncoding(Uint8Array.from({ length: 64 }, (_none, at) => at % 7))).toBeNull()
  expect(wideEncoding(new Uint8Array(4))).toBeNull()
})

test('a document type that names a DTD is passed over, one that declares something is refused', () => {
  const named = '<!DOCTYPE questestinterop SYSTEM "ims_qtiasiv1p2p1.dtd"><questestinterop/>'
  expect(parseXml(named).name).toBe('questestinterop')
  const declares = '<!DOCTYPE a [<!ENTITY x "yyyy">]><a>&x;</a>'
  expect(() => parseXml(declares)).toThrow(/entities of its own/)
})
