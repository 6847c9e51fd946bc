import { createRequire } from 'node:module'
import { dirname, join } from 'node:path'
import { create as openFont, type Font } from 'fontkit'
import { readFileSync } from 'node:fs'

const require = createRequire(import.meta.url)

function fileIn(packageName: string, ...path: readonly string[]): string {
  return join(dirname(require.resolve(`${packageName}/package.json`)), ...path)
}

const face = (name: string): string => fileIn('dejavu-fonts-ttf', 'ttf', `${name}.ttf`)
/** Literata comes in parts, each with the letters of some scripts. */
const literata = (part: string) => {
  const file = (name: string): string => fileIn('@fontsource/literata', 'files', `literata-${part}-${name}.woff`)
  return {
    normal: file('400-normal'),
    bold: file('700-normal'),
    italics: file('400-italic'),
    bolditalics: file('700-italic'),
  }
}
const noto = (script: string, name: string): string =>
  join(dirname(require.resolve(`@embedpdf/fonts-${script}`)), '..', 'fonts', name)

/** A face that has no slanted letters is upright where others slant. */
function upright(normal: string, bold: string) {
  return { normal, bold, italics: normal, bolditalics: bold }
}

/**
 * The faces of print: that of the screen for text, by its parts, two for letters and signs that it lacks, one for code,
 * and one for each script of its own.
 */
export const FONT_FILES = {
  Serif: literata('latin'),
  Latin: literata('latin-ext'),
  Greek: literata('greek'),
  Cyrillic: literata('cyrillic'),
  Vietnamese: literata('vietnamese'),
  Wide: {
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
  Arabic: upright(noto('arabic', 'NotoNaskhArabic-Regular.ttf'), noto('arabic', 'NotoNaskhArabic-Bold.ttf')),
  Hebrew: upright(noto('hebrew', 'NotoSansHebrew-Regular.ttf'), noto('hebrew', 'NotoSansHebrew-Bold.ttf')),
  Chinese: upright(noto('sc', 'NotoSansHans-Regular.otf'), noto('sc', 'NotoSansHans-Bold.otf')),
  Japanese: upright(noto('jp', 'NotoSansJP-Regular.otf'), noto('jp', 'NotoSansJP-Bold.otf')),
}
export type FontName = keyof typeof FONT_FILES

const opened = new Map<FontName, Font>()

/** Whether a face has a sign; a face is opened when it is first asked for. */
function hasSign(name: FontName, sign: string): boolean {
  let font = opened.get(name)
  if (!font) {
    const found = openFont(readFileSync(FONT_FILES[name].normal))
    if (!('hasGlyphForCodePoint' in found)) throw new Error(`The face ${name} is a collection, not a font.`)
    font = found
    opened.set(name, font)
  }
  return font.hasGlyphForCodePoint(sign.codePointAt(0) ?? 0)
}

/** The face that ideographs are set in; they are drawn differently in the two languages. */
export type Ideographs = Extract<FontName, 'Chinese' | 'Japanese'>

/** Japanese uses kana among its ideographs. */
export function ideographsOf(text: string): Ideographs {
  return /[\p{Script=Hiragana}\p{Script=Katakana}]/u.test(text) ? 'Japanese' : 'Chinese'
}

const ARABIC = /[\p{Script_Extensions=Arabic}\u0660-\u0669]/u
const HEBREW = /\p{Script_Extensions=Hebrew}/u
/** Punctuation of full width goes with the ideographs. */
const IDEOGRAPHS =
  /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Bopomofo}\u3000-\u303f\uff00-\uffef]/u

/** Text in pieces, each in a face that has its signs. */
export function inFaces(
  text: string,
  ideographs: Ideographs = ideographsOf(text),
): { readonly text: string; readonly font: FontName }[] {
  const pieces: { text: string; font: FontName }[] = []
  for (const sign of text) {
    const font = /\s/.test(sign) ? null : faceOf(sign, ideographs)
    const last = pieces.at(-1)
    if (last && (font === null || last.font === font)) last.text += sign
    else pieces.push({ text: sign, font: font ?? 'Serif' })
  }
  return pieces
}

function faceOf(sign: string, ideographs: Ideographs): FontName {
  return facesFor(sign, ideographs).find((name) => hasSign(name, sign)) ?? 'Sans'
}

function facesFor(sign: string, ideographs: Ideographs): readonly FontName[] {
  if (ARABIC.test(sign)) return ['Arabic']
  if (HEBREW.test(sign)) return ['Hebrew']
  if (IDEOGRAPHS.test(sign)) return [ideographs, ideographs === 'Japanese' ? 'Chinese' : 'Japanese']
  return ['Serif', 'Latin', 'Greek', 'Cyrillic', 'Vietnamese', 'Wide', 'Sans']
}
