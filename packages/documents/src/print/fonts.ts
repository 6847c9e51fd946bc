import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { create as openFont, type Font } from 'fontkit'
import { readFileSync } from 'node:fs'

const require = createRequire(import.meta.url)

function fileIn(packageName: string, ...path: readonly string[]): string {
  return join(dirname(require.resolve(`${packageName}/package.json`)), ...path)
}

const face = (name: string): string => fileIn('dejavu-fonts-ttf', 'ttf', `${name}.ttf`)

/** The faces of print: one for text, one for signs that it lacks, one for code. */
export const FONT_FILES = {
  Serif: {
    normal: face('DejaVuSerif'),
    bold: face('DejaVuSerif-Bold'),
    italics: face('DejaVuSerif-Italic'),
    bolditalics: face('DejaVuSerif-BoldItalic'),
  },
  Sans: {
    normal: face('DejaVuSans'),
    bold: face('DejaVuSans-Bold'),
    italics: face('DejaVuSans-Oblique'),
    bolditalics: face('DejaVuSans-BoldOblique'),
  },
  Mono: {
    normal: face('DejaVuSansMono'),
    bold: face('DejaVuSansMono-Bold'),
    italics: face('DejaVuSansMono-Oblique'),
    bolditalics: face('DejaVuSansMono-BoldOblique'),
  },
}
export type FontName = keyof typeof FONT_FILES

let opened: Font | null = null

function mainFont(): Font {
  if (!opened) {
    const font = openFont(readFileSync(FONT_FILES.Serif.normal))
    if (!('hasGlyphForCodePoint' in font)) throw new Error('The text face is a collection, not a font.')
    opened = font
  }
  return opened
}

/** Text in pieces, each in a face that has its signs. */
export function inFaces(text: string): { readonly text: string; readonly font: FontName }[] {
  const pieces: { text: string; font: FontName }[] = []
  for (const sign of text) {
    const font = /\s/.test(sign) || mainFont().hasGlyphForCodePoint(sign.codePointAt(0) ?? 0) ? 'Serif' : 'Sans'
    const last = pieces.at(-1)
    if (last && (last.font === font || /\s/.test(sign))) last.text += sign
    else pieces.push({ text: sign, font })
  }
  return pieces
}
