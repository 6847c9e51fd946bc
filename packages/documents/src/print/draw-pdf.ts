import pdfmake from 'pdfmake'
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js'
import { FONT_FILES, ideographsOf } from './fonts.ts'
import { pdfLine } from './pdf-text.ts'

const OWN_FILES = new Set(Object.values(FONT_FILES).flatMap((faces) => Object.values(faces)))
pdfmake.setFonts(FONT_FILES)
// Nothing is fetched, and no file is read but the faces.
pdfmake.setUrlAccessPolicy(() => false)
pdfmake.setLocalAccessPolicy((path) => OWN_FILES.has(path))

/**
 * Draws a document.
 *
 * @param make makes it; lines of text it gets with the faces that they need.
 * @param texts all texts of it, by which the faces are chosen.
 */
export async function drawPdf(
  make: (line: (text: string) => ReturnType<typeof pdfLine>) => TDocumentDefinitions,
  texts: string,
): Promise<Uint8Array> {
  const ideographs = ideographsOf(texts)
  const definition = make((text) => pdfLine(text, { ideographs }))
  return new Uint8Array(await pdfmake.createPdf(definition).getBuffer())
}
