import type { DocumentBlock, DocumentStyle } from '@zakuska/core'
import { pictureText } from '../common/pictures.ts'
import { PackageError } from '../common/zip.ts'
import { RtfBody } from './body.ts'
import { codePageOf, decoded } from './code-page.ts'
import { destinationOf, type Destination } from './destinations.ts'
import { RtfTables } from './tables.ts'
import { rtfTokens } from './tokens.ts'

/** What a group keeps and gives back when it closes. */
interface State {
  readonly styles: ReadonlySet<DocumentStyle>
  /** Where its text goes. */
  readonly into: Destination
  readonly hidden: boolean
  /** Stand-in bytes that follow a Unicode character. */
  readonly standIns: number
}

const MAX_DEPTH = 2000

/**
 * Reads RTF 1.9.1: paragraphs with the list numbers that the writing program left in them, tables, dress of the text.
 *
 * @throws PackageError if its groups do not close or lie too deep.
 */
export function readRtf(bytes: Uint8Array): DocumentBlock[] {
  const reader = new RtfReader()
  for (const token of rtfTokens(Buffer.from(bytes).toString('latin1'))) {
    if (token.type === 'open') reader.open()
    else if (token.type === 'close') reader.close()
    else if (token.type === 'word') reader.word(token.word, token.value)
    else if (token.type === 'symbol') reader.symbol(token.symbol)
    else reader.byte(token.byte)
  }
  return reader.finish()
}

/** Goes through the groups of a file and hands each text to where its group says. */
class RtfReader {
  #state: State = { styles: new Set(), into: 'text', hidden: false, standIns: 1 }
  readonly #stack: State[] = []
  readonly #body = new RtfBody()
  readonly #tables = new RtfTables()
  #style = 0
  /** The name of the picture's property that was read last, and the text that stands for the picture. */
  readonly #picture = { property: '', alt: '' }
  #pending: number[] = []
  #codePage = 'windows-1252'
  #skip = 0
  #starred = false

  open(): void {
    this.#flush()
    if (this.#stack.length > MAX_DEPTH) throw new PackageError('The RTF file is nested too deeply to be read.')
    this.#stack.push(this.#state)
    this.#starred = false
  }

  close(): void {
    this.#flush()
    const ended = this.#state.into
    const outer = this.#stack.pop()
    if (!outer) throw new PackageError('The RTF file is broken: a group ends that never began.')
    this.#state = outer
    if (ended === 'names' && outer.into === 'names') this.#tables.endName()
    if (ended === 'picture' && outer.into === 'text') {
      this.#body.text({ text: pictureText(this.#picture.alt), styles: [] })
      this.#picture.alt = ''
    }
  }

  byte(byte: number): void {
    if (this.#skip > 0) this.#skip--
    else this.#pending.push(byte)
  }

  symbol(symbol: string): void {
    if (symbol === '*') {
      this.#starred = true
      return
    }
    this.#flush()
    if (symbol === '~') this.#text('\u00A0')
    else if (symbol === '_') this.#text('\u2011')
    else if (symbol === '\\' || symbol === '{' || symbol === '}') this.#text(symbol)
    else if (symbol === '\n' || symbol === '\r') this.#paragraph()
  }

  word(word: string, value: number | null): void {
    this.#flush()
    const starred = this.#starred
    this.#starred = false
    const into = destinationOf(word, starred, this.#state.into, this.#picture.property)
    const character = CHARACTERS[word]
    if (into !== null) this.#destination(into)
    else if (word === 'u' && value !== null) {
      this.#text(String.fromCharCode(value < 0 ? value + 65_536 : value))
      this.#skip = this.#state.standIns
    } else if (character !== undefined) this.#text(character)
    else if (!this.#dress(word, value)) this.#layout(word, value)
  }

  #destination(into: Destination): void {
    this.#state = { ...this.#state, into }
    if (into === 'property') this.#picture.property = ''
    if (into === 'label') this.#body.beginLabel()
    if (into === 'colours') this.#tables.beginColours()
  }

  #dress(word: string, value: number | null): boolean {
    const on = value !== 0
    switch (word) {
      case 'plain':
        this.#state = { ...this.#state, styles: new Set(), hidden: false }
        return true
      case 'b':
        return this.#toggle('strong', on)
      case 'i':
        return this.#toggle('emphasis', on)
      case 'ul':
      case 'uld':
      case 'uldb':
      case 'ulw':
        return this.#toggle('underline', on)
      case 'ulnone':
        return this.#toggle('underline', false)
      case 'super':
        return this.#toggle('sup', on)
      case 'sub':
        return this.#toggle('sub', on)
      case 'nosupersub':
        return this.#toggle('sup', false) && this.#toggle('sub', false)
      case 'highlight':
      case 'chcbpat':
      case 'cb':
        return this.#toggle('highlight', (value ?? 0) > 0 && this.#tables.has(value ?? 0))
      case 'cf':
        return this.#toggle('colour', this.#tables.isColoured(value ?? 0))
      case 'v':
      case 'deleted':
        this.#state = { ...this.#state, hidden: on }
        return true
      default:
        return false
    }
  }

  #layout(word: string, value: number | null): void {
    switch (word) {
      case 'par':
      case 'sect':
        return this.#paragraph()
      case 'pard':
        this.#style = 0
        return this.#body.plainParagraph()
      case 's':
        this.#style = value ?? 0
        return this.#tables.beginName(this.#style)
      case 'ilvl':
        return this.#body.level(value ?? 0)
      case 'intbl':
        return this.#body.inTable()
      case 'cell':
        return this.#body.cell()
      case 'row':
        return this.#body.row()
      case 'uc':
        this.#state = { ...this.#state, standIns: value ?? 1 }
        return
      case 'ansicpg':
        this.#codePage = codePageOf(value)
        return
      case 'red':
      case 'green':
      case 'blue':
        return this.#tables.part(word, value ?? 0)
    }
  }

  #toggle(style: DocumentStyle, on: boolean): boolean {
    const styles = new Set(this.#state.styles)
    if (on) styles.add(style)
    else styles.delete(style)
    this.#state = { ...this.#state, styles }
    return true
  }

  #flush(): void {
    if (!this.#pending.length) return
    const bytes = new Uint8Array(this.#pending)
    this.#pending = []
    this.#text(decoded(bytes, this.#codePage))
  }

  #text(text: string): void {
    const styles = [...this.#state.styles]
    switch (this.#state.into) {
      case 'skip':
      case 'picture':
        return
      case 'property':
        this.#picture.property += text
        return
      case 'alt':
        this.#picture.alt += text
        return
      case 'label':
        return this.#body.label({ text, styles })
      case 'colours':
        return this.#tables.colours(text)
      case 'names':
        return this.#tables.names(text)
      case 'text':
        if (!this.#state.hidden) this.#body.text({ text, styles })
    }
  }

  #paragraph(): void {
    if (this.#state.into === 'label') this.#body.takeLabelAsText()
    else if (this.#state.into !== 'text') return
    this.#body.paragraph(this.#tables.headingOf(this.#style))
  }

  finish(): DocumentBlock[] {
    this.#flush()
    if (this.#stack.length) throw new PackageError('The RTF file is broken: it ends inside a group.')
    return this.#body.finish(this.#tables.headingOf(this.#style))
  }
}

/** Words that stand for a character (RTF 1.9.1, "Special Characters"). */
const CHARACTERS: Readonly<Record<string, string>> = {
  tab: '\t',
  line: '\n',
  emdash: '—',
  endash: '–',
  bullet: '•',
  lquote: '‘',
  rquote: '’',
  ldblquote: '“',
  rdblquote: '”',
  emspace: ' ',
  enspace: ' ',
  softline: '\n',
}
