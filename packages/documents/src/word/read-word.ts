import {
  child,
  elementsOf,
  type DocumentBlock,
  type DocumentCell,
  type DocumentRun,
  type DocumentStyle,
  type ElementNode,
} from '@zakuska/core'
import { cellOf, xmlPart } from '../common/office.ts'
import { DocumentPictures } from '../common/pictures.ts'
import type { ZipEntry } from '../common/zip.ts'
import { readMath } from './math.ts'
import { WordNumbering } from './numbering.ts'
import { WordStyles } from '../common/styles.ts'

/**
 * Reads a word processor package (ECMA-376 part 1, WordprocessingML): paragraphs with their automatic numbers,
 * tables, dress of the text, alt texts. Headers, footers, comments and deleted text are left out; text boxes and
 * notes follow the body.
 *
 * @throws FormatError if its XML is not well-formed.
 */
export function readWord(files: readonly ZipEntry[], pictures = new DocumentPictures(files)): DocumentBlock[] {
  const part = (path: string): ElementNode | null => xmlPart(files, path)
  const document = part('word/document.xml')
  const body = document && child(document, 'body')
  if (!body) return []
  const reader = new WordReader(
    new WordStyles(part('word/styles.xml')),
    new WordNumbering(part('word/numbering.xml')),
    pictures,
    targetsOf(part('word/_rels/document.xml.rels')),
  )
  const blocks = reader.blocks(body)
  const notes = [part('word/footnotes.xml'), part('word/endnotes.xml')].flatMap((notes) =>
    notes ? elementsOf(notes).filter((note) => note.attributes['w:type'] === undefined) : [],
  )
  return [...blocks, ...reader.finish(), ...notes.flatMap((note) => reader.blocks(note))]
}

/** Where the relationships of the document lead inside its package (ECMA-376 part 2, section 6.5). */
function targetsOf(relationships: ElementNode | null): Map<string, string> {
  return new Map(
    (relationships ? elementsOf(relationships) : [])
      .filter((one) => one.attributes['TargetMode'] !== 'External')
      .map((one) => {
        const target = one.attributes['Target'] ?? ''
        return [one.attributes['Id'] ?? '', target.startsWith('/') ? target.slice(1) : `word/${target}`] as const
      }),
  )
}

/** Holders whose contents are text like any other. */
const HOLDERS = new Set([
  'ins',
  'moveTo',
  'hyperlink',
  'smartTag',
  'fldSimple',
  'sdtContent',
  'customXml',
  'bdo',
  'dir',
])

class WordReader {
  readonly #styles: WordStyles
  readonly #numbering: WordNumbering
  /** Text boxes met on the way; they come behind the body, since they stand beside the text. */
  readonly #boxes: ElementNode[] = []

  readonly #pictures: DocumentPictures
  /** Paths in the package by the ids of the document's relationships. */
  readonly #targets: ReadonlyMap<string, string>

  constructor(
    styles: WordStyles,
    numbering: WordNumbering,
    pictures: DocumentPictures,
    targets: ReadonlyMap<string, string>,
  ) {
    this.#styles = styles
    this.#numbering = numbering
    this.#pictures = pictures
    this.#targets = targets
  }

  blocks(parent: ElementNode): DocumentBlock[] {
    return elementsOf(parent).flatMap((node) => {
      if (node.name === 'p') return [this.#paragraph(node)]
      if (node.name === 'tbl') return [{ type: 'table' as const, rows: this.#rows(node) }]
      if (node.name === 'sdt') return this.blocks(child(node, 'sdtContent') ?? node)
      return HOLDERS.has(node.name) ? this.blocks(node) : []
    })
  }

  finish(): DocumentBlock[] {
    return this.#boxes.splice(0).flatMap((box) => this.blocks(box))
  }

  #paragraph(node: ElementNode): DocumentBlock {
    const properties = child(node, 'pPr')
    const style = this.#styles.paragraph(properties && child(properties, 'pStyle')?.attributes['w:val'])
    const listed = (properties && child(properties, 'numPr')) ?? style.numbering
    const id = listed && child(listed, 'numId')?.attributes['w:val']
    const level = Number((listed && child(listed, 'ilvl')?.attributes['w:val']) ?? style.level ?? 0)
    const runs = this.#inline(node, style.heading ? [] : style.styles)
    const empty = runs.every((run) => run.text.trim() === '')
    // Word numbers empty paragraphs, too, but a number with nothing behind it is no use to a reader.
    const isListed =
      Boolean(id) && id !== '0' && !empty && !(this.#bearsLabel(runs) && !this.#numbering.isDefined(id ?? ''))
    const label = isListed && id ? this.#numbering.next(id, level) : null
    if (!isListed && !empty) this.#numbering.breakOff()
    return {
      type: 'paragraph',
      runs: label ? withoutTab(runs) : runs,
      ...(style.heading && { heading: style.heading }),
      ...(label !== null && { depth: level }),
      ...(label && { label }),
    }
  }

  /** A number that somebody typed is not given a second one where the file says nothing of its list. */
  #bearsLabel(runs: readonly DocumentRun[]): boolean {
    return /^\s*(?:\(?[\p{L}\d]{1,3}[.)]|[-–•*])\s/u.test(runs.map((run) => run.text).join(''))
  }

  #inline(parent: ElementNode, base: readonly DocumentStyle[]): DocumentRun[] {
    return elementsOf(parent).flatMap((node): DocumentRun[] => {
      if (node.name === 'r') return this.#run(node, base)
      if (node.name === 'oMath' || node.name === 'oMathPara') return readMath(node)
      if (node.name === 'sdt') return this.#inline(child(node, 'sdtContent') ?? node, base)
      return HOLDERS.has(node.name) ? this.#inline(node, base) : []
    })
  }

  #run(node: ElementNode, base: readonly DocumentStyle[]): DocumentRun[] {
    const properties = child(node, 'rPr')
    const dress = this.#styles.run(properties, base)
    if (dress === 'hidden') return []
    return elementsOf(node).flatMap((part): DocumentRun[] => {
      const text = this.#runText(part)
      return text ? [{ text, styles: dress }] : []
    })
  }

  #runText(node: ElementNode): string {
    switch (node.name) {
      case 't':
        return node.children.map((one) => (one.type === 'text' ? one.value : '')).join('')
      case 'tab':
      case 'ptab':
        return '\t'
      case 'br':
        return node.attributes['w:type'] === undefined || node.attributes['w:type'] === 'textWrapping' ? '\n' : ''
      case 'cr':
        return '\n'
      case 'noBreakHyphen':
        return '\u2011'
      case 'sym':
        return symbolOf(node.attributes['w:char'] ?? '')
      case 'drawing':
      case 'pict':
      case 'object':
        return this.#picture(node)
      case 'AlternateContent':
        return elementsOf(child(node, 'Choice') ?? node)
          .map((part) => this.#runText(part))
          .join('')
      default:
        return ''
    }
  }

  /** A text box is kept for later; a picture is named with its alt text. */
  #picture(node: ElementNode): string {
    const boxes = all(node, 'txbxContent')
    if (boxes.length) {
      this.#boxes.push(...boxes)
      return ''
    }
    const named = [...all(node, 'docPr'), ...all(node, 'cNvPr'), ...all(node, 'shape'), ...all(node, 'imagedata')]
    const alt = named
      .map((one) => one.attributes['descr'] || one.attributes['alt'] || one.attributes['o:title'])
      .find(Boolean)
    const shown = [...all(node, 'blip'), ...all(node, 'imagedata')]
    if (!shown.length && !alt) return ''
    const id = shown.map((one) => one.attributes['r:embed'] ?? one.attributes['r:id']).find(Boolean)
    return this.#pictures.at(this.#targets.get(id ?? '') ?? null, alt)
  }

  #rows(table: ElementNode): DocumentCell[][] {
    return all(table, 'tr', 'tbl').map((row) =>
      all(row, 'tc', 'tbl').flatMap((cell) => {
        const properties = child(cell, 'tcPr')
        const span = Number((properties && child(properties, 'gridSpan')?.attributes['w:val']) ?? 1)
        const merge = properties && child(properties, 'vMerge')
        const goesOn = merge !== undefined && merge !== null && merge.attributes['w:val'] !== 'restart'
        const contents = goesOn ? [] : this.#cell(cell)
        return [contents, ...Array.from({ length: Math.min(span, 64) - 1 }, (): DocumentCell => [])]
      }),
    )
  }

  #cell(cell: ElementNode): DocumentCell {
    const shaded = shadeOf(child(cell, 'tcPr'))
    const runs = cellOf(this.blocks(cell))
    return shaded ? runs.map((run) => ({ ...run, styles: [...new Set([...run.styles, 'highlight' as const])] })) : runs
  }
}

function shadeOf(properties: ElementNode | undefined): boolean {
  const fill = properties && child(properties, 'shd')?.attributes['w:fill']
  return fill !== undefined && !/^(?:auto|ffffff)$/i.test(fill)
}

/** Every element of the name below `node`; what lies inside an element named `stop` belongs to that one. */
function all(node: ElementNode, name: string, stop?: string): ElementNode[] {
  return elementsOf(node).flatMap((one) => {
    if (one.name === name) return [one]
    return one.name === stop ? [] : all(one, name, stop)
  })
}

/** Code points of symbol fonts that stand for boxes and ticks; the others have no meaning without their font. */
function symbolOf(code: string): string {
  const symbols: Readonly<Record<string, string>> = {
    F0A8: '☐',
    F06F: '☐',
    F0A3: '☐',
    F071: '☐',
    F0FE: '☒',
    F0FD: '☒',
    F052: '☑',
    F0FC: '✓',
    F0E0: '→',
    F0B4: '×',
    F0B0: '°',
    F0B1: '±',
    F0B3: '≥',
    F06D: 'µ',
    F057: 'Ω',
    F070: 'π',
  }
  const point = Number.parseInt(code, 16)
  return (
    symbols[code.toUpperCase()] ?? (point > 0 && (point < 0xe000 || point > 0xf8ff) ? String.fromCodePoint(point) : '')
  )
}

/** The tab that some programs write behind a label is no part of the text. */
function withoutTab(runs: readonly DocumentRun[]): DocumentRun[] {
  const [first, ...rest] = runs
  if (!first?.text.startsWith('\t')) return [...runs]
  const text = first.text.trimStart()
  return text ? [{ ...first, text }, ...rest] : rest
}
