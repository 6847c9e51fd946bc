import type { NumberStyle, OptionStyle } from './notation.ts'

const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii', 'ix', 'x', 'xi', 'xii', 'xiii', 'xiv', 'xv', 'xvi']
const CIRCLED = '①②③④⑤⑥⑦⑧⑨⑩'

/** The id of the n-th item (0-based) in its section, as lists of keys write it. */
export function itemId(style: NumberStyle, at: number, section: number): string {
  if (style === 'roman') return ROMAN[at] ?? String(at + 1)
  if (style === 'letter') return String.fromCharCode(97 + (at % 26))
  if (style === 'word letter') return String.fromCharCode(65 + (at % 26))
  if (style === 'Ax') return `${String.fromCharCode(65 + section)}${at + 1}`
  if (style === 'deep') return `${section + 1}.${at + 1}`
  return String(at + 1)
}

/** What stands before a stem; `word` is the language's word for a question. */
export function itemLabel(style: NumberStyle, id: string, word: string): string {
  switch (style) {
    case 'x.':
    case 'Ax':
    case 'roman':
      return `${id}. `
    case 'x)':
    case 'letter':
      return `${id}) `
    case '(x)':
      return `(${id}) `
    case 'x':
      return `${id}   `
    case 'deep':
      return `${id}  `
    case 'x.-':
      return `${id}.- `
    case '[x]':
      return `[${id}] `
    case 'word':
    case 'word letter':
      return `${word} ${id}: `
    case 'q':
      return `Q${id} `
    case 'bullet':
      return '- '
    case 'word line':
    case 'none':
      return ''
  }
}

/** The letter or number of an option as a key names it, and what stands before its text. */
export function optionLabel(style: OptionStyle, at: number): { readonly id: string; readonly label: string } {
  const small = String.fromCharCode(97 + at)
  const large = small.toUpperCase()
  switch (style) {
    case 'x)':
      return { id: small, label: `${small}) ` }
    case 'X.':
      return { id: large, label: `${large}. ` }
    case 'X)':
      return { id: large, label: `${large}) ` }
    case '(x)':
      return { id: small, label: `(${small}) ` }
    case '(X)':
      return { id: large, label: `(${large}) ` }
    case '(i)':
      return { id: ROMAN[at] ?? small, label: `(${ROMAN[at] ?? small}) ` }
    case 'x':
      return { id: small, label: `${small}  ` }
    case 'X':
      return { id: large, label: `${large} ` }
    case 'x/':
      return { id: small, label: `${small}/ ` }
    case '-x-':
      return { id: small, label: `-${small}- ` }
    case '1)':
      return { id: String(at + 1), label: `${at + 1}) ` }
    case '①':
      return { id: CIRCLED.charAt(at), label: `${CIRCLED.charAt(at)} ` }
    case '-':
    case '•':
    case '☐':
    case '[ ]':
    case '( )':
    case 'O':
      return { id: small, label: `${style} ` }
    case 'plain':
      return { id: small, label: '' }
  }
}
