import {
  decodeWindows,
  type DocumentBlock,
  type DocumentCell,
  type DocumentRun,
  type DocumentStyle,
} from '@zakuska/core'
import { pictureText } from '../common/pictures.ts'
import { PackageError } from '../common/zip.ts'
import { rtfTokens } from './tokens.ts'

/** What a group keeps and gives back when it closes. */
interface State {
  readonly styles: ReadonlySet<DocumentStyle>
  /** Where its text goes. */
  readonly into: 'text' | 'skip' | 'label' | 'colours' | 'names' | 'picture' | 'property' | 'alt'
  readonly hidden: boolean
  /** Stand-in bytes that follow a Unicode character. */
  readonly standIns: number
}

/** Destinations whose text is no part of the document's body (RTF 1.9.1, "Destinations"). */
const SKIPPED = new Set([
  'fonttbl',
  'info',
  'header',
  'headerl',
  'headerr',
  'headerf',
  'footer',
  'footerl',
  'footerr',
  'footerf',
  'listtable',
  'listoverridetable',
  'revtbl',
  'rsidtbl',
  'generator',
  'themedata',
  'datastore',
  'xmlnstbl',
  'fldinst',
  'annotation',
  'atnid',
  'atnauthor',
  'atrfstart',
  'atrfend',
  'bkmkstart',
  'bkmkend',
  'pgdsctbl',
  'latentstyles',
  'colorschememapping',
  'wgrffmtfilter',
  'filetbl',
  'object',
  'userprops',
  'footnote',
  'ftnsep',
  'nonshppict',
  'levelnumbers',
])
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

class RtfReader {
  #state: State = { styles: new Set(), into: 'text', hidden: false, standIns: 1 }
  readonly #stack: State[] = []
  readonly #blocks: DocumentBlock[] = []
  #runs: DocumentRun[] = []
  #label = ''
  /** The same with its styles. */
  #inLabel: DocumentRun[] = []
  #level: number | null = null
  #style = 0
  readonly #headings = new Map<number, number>()
  readonly #colours: boolean[] = []
  #colour: [number, number, number] | null = null
  #name = ''
  #named = 0
  #alt = ''
  #property = ''
  #rows: DocumentCell[][] = []
  #row: DocumentCell[] = []
  #inTable = false
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
    if (ended === 'names' && outer.into === 'names') this.#nameStyle()
    if (ended === 'picture' && outer.into === 'text') {
      this.#runs.push({ text: pictureText(this.#alt), styles: [] })
      this.#alt = ''
    }
  }

  byte(byte: number): void {
    if (this.#skip > 0) {
      this.#skip--
      return
    }
    this.#pending.push(byte)
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
    if (this.#destination(word, starred)) return
    if (word === 'u' && value !== null) {
      this.#text(String.fromCharCode(value < 0 ? value + 65_536 : value))
      this.#skip = this.#state.standIns
      return
    }
    if (this.#character(word)) return
    if (this.#dress(word, value)) return
    this.#layout(word, value)
  }

  #destination(word: string, starred: boolean): boolean {
    const into =
      word === 'listtext' || word === 'pntext'
        ? 'label'
        : word === 'colortbl'
          ? 'colours'
          : word === 'stylesheet'
            ? 'names'
            : word === 'pict'
              ? 'picture'
              : word === 'sn' && this.#state.into === 'picture'
                ? 'property'
                : word === 'sv' && this.#state.into === 'picture'
                  ? this.#property === 'wzDescription'
                    ? 'alt'
                    : 'skip'
                  : SKIPPED.has(word) || (starred && !KEPT_STARRED.has(word))
                    ? 'skip'
                    : null
    if (into === null) return false
    // A skipped group stays skipped, whatever stands in it; a table of styles names each in a group of its own.
    const stays = this.#state.into === 'skip' || (this.#state.into === 'names' && into === 'skip' && word === 'cs')
    this.#state = { ...this.#state, into: stays ? this.#state.into : into }
    if (into === 'property') this.#property = ''
    if (into === 'label') this.#beginLabel()
    if (into === 'colours') this.#colour = null
    return true
  }

  #character(word: string): boolean {
    const characters: Readonly<Record<string, string>> = {
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
    const text = characters[word]
    if (text === undefined) return false
    this.#text(text)
    return true
  }

  #dress(word: string, value: number | null): boolean {
    const on = value !== 0
    switch (word) {
      case 'plain':
        return this.#set([])
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
        return this.#toggle('highlight', (value ?? 0) > 0 && this.#colours[value ?? 0] !== undefined)
      case 'cf':
        return this.#toggle('colour', this.#colours[value ?? 0] === true)
      case 'v':
      case 'deleted':
        this.#state = { ...this.#state, hidden: on }
        return true
      default:
        return false
    }
  }

  // eslint-disable-next-line max-lines-per-function -- one short case for each word of RTF
  #layout(word: string, value: number | null): void {
    switch (word) {
      case 'par':
      case 'sect':
        this.#paragraph()
        break
      case 'pard':
        this.#style = 0
        this.#level = null
        this.#inTable = false
        break
      case 's':
        this.#style = value ?? 0
        this.#named = value ?? 0
        break
      case 'ilvl':
        this.#level = value ?? 0
        break
      case 'intbl':
        this.#inTable = true
        break
      case 'cell':
        this.#row.push(this.#takeRuns())
        break
      case 'row':
        this.#rows.push(this.#row)
        this.#row = []
        break
      case 'uc':
        this.#state = { ...this.#state, standIns: value ?? 1 }
        break
      case 'ansicpg':
        this.#codePage = codePageOf(value)
        break
      case 'red':
      case 'green':
      case 'blue':
        this.#colour ??= [0, 0, 0]
        this.#colour[word === 'red' ? 0 : word === 'green' ? 1 : 2] = value ?? 0
    }
  }

  #set(styles: readonly DocumentStyle[]): boolean {
    this.#state = { ...this.#state, styles: new Set(styles), hidden: false }
    return true
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
    const isWindows = this.#codePage === 'windows-1252'
    const text = isWindows ? decodeWindows(bytes) : new TextDecoder(this.#codePage).decode(bytes)
    this.#pending = []
    this.#text(text)
  }

  #text(text: string): void {
    switch (this.#state.into) {
      case 'skip':
      case 'picture':
        return
      case 'property':
        this.#property += text
        return
      case 'label':
        this.#label += text
        this.#inLabel.push({ text, styles: [...this.#state.styles] })
        return
      case 'colours':
        for (const part of text) if (part === ';') this.#endColour()
        return
      case 'names':
        this.#name += text
        if (text.includes(';')) this.#nameStyle()
        return
      case 'alt':
        this.#alt += text
        return
      case 'text':
        if (!this.#state.hidden) this.#runs.push({ text, styles: [...this.#state.styles] })
    }
  }

  /** Black, near black and "automatic" are no colour. */
  #endColour(): void {
    this.#colours.push(this.#colour !== null && this.#colour.some((part) => part > 0x50))
    this.#colour = null
  }

  #nameStyle(): void {
    const level = /heading ([1-6])|^(title);/i.exec(this.#name.trim())
    if (level) this.#headings.set(this.#named, level[1] ? Number(level[1]) : 1)
    this.#name = ''
  }

  #beginLabel(): void {
    this.#label = ''
    this.#inLabel = []
  }

  #paragraph(): void {
    if (this.#state.into === 'label') this.#takeLabelAsText()
    else if (this.#state.into !== 'text') return
    if (this.#inTable) {
      if (this.#runs.length) this.#runs.push({ text: '\n', styles: [] })
      return
    }
    this.#endTable()
    const heading = this.#headings.get(this.#style)
    const label = this.#label.replace(/\t/g, ' ').trim()
    const runs = this.#takeRuns()
    this.#blocks.push({
      type: 'paragraph',
      runs: heading ? runs.map((run) => ({ ...run, styles: [] })) : runs,
      ...(heading && { heading }),
      ...(label && { label: /^[\u00B7\uF0B7]$/.test(label) ? '•' : label, depth: this.#level ?? 0 }),
    })
  }

  /** A label that a paragraph ends in is that paragraph: some programs write the whole entry there. */
  #takeLabelAsText(): void {
    const first = this.#inLabel.findIndex(({ text }) => text.trim() !== '')
    this.#runs.push(...this.#inLabel.slice(first < 0 ? this.#inLabel.length : first))
    this.#beginLabel()
  }

  #takeRuns(): DocumentRun[] {
    const runs =
      this.#label && this.#inTable ? [{ text: `${this.#label.trim()} `, styles: [] }, ...this.#runs] : this.#runs
    while (runs.at(-1)?.text === '\n') runs.pop()
    this.#runs = []
    this.#label = ''
    return runs
  }

  #endTable(): void {
    if (this.#rows.length) this.#blocks.push({ type: 'table', rows: this.#rows })
    this.#rows = []
  }

  finish(): DocumentBlock[] {
    this.#flush()
    if (this.#stack.length) throw new PackageError('The RTF file is broken: it ends inside a group.')
    if (this.#runs.length) {
      this.#inTable = false
      this.#paragraph()
    }
    this.#endTable()
    return this.#blocks
  }
}

/** Groups marked as skippable whose text counts all the same. */
const KEPT_STARRED = new Set(['shppict', 'picprop', 'cs', 'shpinst', 'pn'])

function codePageOf(value: number | null): string {
  const named: Readonly<Record<number, string>> = {
    932: 'shift_jis',
    936: 'gbk',
    949: 'euc-kr',
    950: 'big5',
    65001: 'utf-8',
    10000: 'macintosh',
  }
  const name = named[value ?? 1252] ?? `windows-${value ?? 1252}`
  try {
    new TextDecoder(name)
    return name
  } catch {
    return 'windows-1252'
  }
}
