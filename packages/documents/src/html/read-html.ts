import {
  type DocumentBlock,
  type DocumentCell,
  type DocumentRun,
  type DocumentStyle,
  listLabel,
  type NumberForm,
} from '@zakuska/core'
import { type DefaultTreeAdapterTypes, parse } from 'parse5'
import { DocumentPictures } from '../common/pictures.ts'
import { isColour } from '../common/styles.ts'
import { BLOCKS, CSS_LIST_FORMS, LIST_FORMS, SKIPPED, STYLES } from './names.ts'

type Node = DefaultTreeAdapterTypes.ChildNode

type Element = DefaultTreeAdapterTypes.Element

/** Reads a page (WHATWG HTML): its headings, paragraphs, lists with their numbers, tables and the dress of its text. Never throws. */
export function readHtml(source: string, pictures = new DocumentPictures()): DocumentBlock[] {
  const reader = new HtmlReader(pictures)
  reader.walk(parse(source).childNodes, [], { depth: -1 })
  return reader.finish()
}

interface Place {
  /** Depth of the list that surrounds the text; −1 outside lists. */
  readonly depth: number
  readonly heading?: number
  readonly pre?: boolean
}

class HtmlReader {
  readonly #blocks: DocumentBlock[] = []
  #runs: DocumentRun[] = []
  #label: string | null = null
  readonly #pictures: DocumentPictures

  constructor(pictures: DocumentPictures) {
    this.#pictures = pictures
  }

  walk(nodes: readonly Node[], styles: readonly DocumentStyle[], place: Place): void {
    for (const node of nodes) {
      if (node.nodeName === '#text' && 'value' in node) this.#text(node.value, styles, place)
      else if ('tagName' in node) this.#element(node, styles, place)
    }
  }

  #element(node: Element, styles: readonly DocumentStyle[], place: Place): void {
    const name = node.tagName
    if (SKIPPED.has(name) || isHidden(node)) return
    const dress = dressed(node, styles)
    if (!BLOCKS.has(name)) return this.#inline(node, name, dress, place)
    this.#end(place)
    switch (name) {
      case 'ul':
      case 'ol':
        this.#list(node, dress, place)
        break
      case 'table':
        this.#blocks.push({ type: 'table', rows: rowsOf(node).map((row) => cellsOf(row, this.#pictures)) })
        break
      case 'pre':
        this.#blocks.push(line('```'), ...textOf(node).replace(/\n$/, '').split('\n').map(line), line('```'))
        break
      case 'hr':
        this.#blocks.push(line(''))
        break
      default: {
        const heading = /^h([1-6])$/.exec(name)?.[1]
        const inner = heading ? { ...place, heading: Number(heading) } : place
        this.walk(node.childNodes, heading ? [] : dress, inner)
        this.#end(inner)
        return
      }
    }
    this.#end(place)
  }

  #inline(node: Element, name: string, styles: readonly DocumentStyle[], place: Place): void {
    if (name === 'br') this.#runs.push({ text: '\n', styles: [] })
    else if (name === 'img')
      this.#runs.push({
        text: this.#pictures.inline(attribute(node, 'src'), attribute(node, 'alt')),
        styles: [],
      })
    else if (name === 'input') this.#input(node)
    else if (name === 'textarea') this.#runs.push({ text: ' _____ ', styles: [] })
    else if (name === 'math') this.#math(node, styles)
    else this.walk(node.childNodes, styles, place)
  }

  #input(node: Element): void {
    const type = attribute(node, 'type') ?? 'text'
    if (type === 'radio' || type === 'checkbox') {
      this.#end({ depth: -1 })
      this.#runs.push({ text: attribute(node, 'checked') === undefined ? '☐ ' : '☑ ', styles: [] })
    } else if (type === 'text' || type === 'number') this.#runs.push({ text: ' _____ ', styles: [] })
  }

  /** TeX that the page carries beside its formula says more than the formula's own text. */
  #math(node: Element, styles: readonly DocumentStyle[]): void {
    const tex = findAll(node, 'annotation').find((one) => attribute(one, 'encoding') === 'application/x-tex')
    const text = tex ? `\\(${textOf(tex).trim()}\\)` : textOf(node).replace(/\s+/g, ' ').trim()
    this.#runs.push({ text, styles: tex ? [] : styles })
  }

  #list(node: Element, styles: readonly DocumentStyle[], place: Place): void {
    const depth = place.depth + 1
    const form =
      node.tagName === 'ul' && !cssForm(node)
        ? null
        : (cssForm(node) ?? LIST_FORMS[attribute(node, 'type') ?? '1'] ?? 'decimal')
    let number = Number(attribute(node, 'start') ?? 1) - 1
    for (const entry of node.childNodes) {
      if (!('tagName' in entry)) continue
      if (entry.tagName !== 'li') {
        this.#element(entry, styles, { depth })
        continue
      }
      if (isHidden(entry)) continue
      number = Number(attribute(entry, 'value') ?? number + 1)
      this.#label = form === null ? '•' : form === 'none' ? '' : `${listLabel(number, form)}${depth ? ')' : '.'}`
      this.walk(entry.childNodes, dressed(entry, styles), { depth })
      this.#end({ depth })
      this.#label = null
    }
  }

  #text(value: string, styles: readonly DocumentStyle[], place: Place): void {
    const text = place.pre ? value : value.replace(/[ \t\n\r\f]+/g, ' ')
    if (text) this.#runs.push({ text, styles })
  }

  /** Ends the paragraph that is open, if there is any text in it. */
  #end(place: Place): void {
    const runs = trimmed(this.#runs)
    this.#runs = []
    if (!runs.length) return
    const depth = place.depth
    const label = this.#label
    this.#label = null
    this.#blocks.push({
      type: 'paragraph',
      runs,
      ...(place.heading && { heading: place.heading }),
      ...(depth >= 0 && { depth }),
      ...(label && { label }),
    })
  }

  finish(): DocumentBlock[] {
    this.#end({ depth: -1 })
    return this.#blocks
  }
}

function line(text: string): DocumentBlock {
  return { type: 'paragraph', runs: text ? [{ text, styles: [] }] : [] }
}

function trimmed(runs: readonly DocumentRun[]): DocumentRun[] {
  const kept = runs.map((run) => ({ ...run }))
  while (kept[0] && kept[0].text.trim() === '') kept.shift()
  while (kept.at(-1)?.text.trim() === '') kept.pop()
  return kept.map((run, index) => {
    const text = index === 0 ? run.text.trimStart() : run.text
    return { ...run, text: index === kept.length - 1 ? text.trimEnd() : text }
  })
}

function dressed(node: Element, styles: readonly DocumentStyle[]): readonly DocumentStyle[] {
  const found = new Set(styles)
  const own = STYLES[node.tagName]
  if (own) found.add(own)
  const css = attribute(node, 'style') ?? ''
  const value = (name: string): string | undefined =>
    new RegExp(`(?:^|;)\\s*${name}\\s*:\\s*([^;]+)`, 'i').exec(css)?.[1]?.trim()
  const weight = value('font-weight')
  if (weight) toggle(found, 'strong', weight.startsWith('bold') || Number(weight) >= 600)
  const slant = value('font-style')
  if (slant) toggle(found, 'emphasis', slant !== 'normal')
  const back = value('background-color') ?? value('background')
  if (back)
    toggle(
      found,
      'highlight',
      !/^(?:transparent|none|white|#fff(?:fff)?|inherit|initial|rgba?\(255,\s*255,\s*255)/i.test(back),
    )
  const colour = value('color') ?? attribute(node, 'color')
  if (colour && node.tagName !== 'a') toggle(found, 'colour', isCssColour(colour))
  if ((value('text-decoration') ?? '').includes('underline')) found.add('underline')
  const align = value('vertical-align')
  if (align === 'super') found.add('sup')
  if (align === 'sub') found.add('sub')
  return [...found]
}

function toggle(found: Set<DocumentStyle>, style: DocumentStyle, on: boolean): void {
  if (on) found.add(style)
  else found.delete(style)
}

function isCssColour(value: string): boolean {
  const short = /^#([0-9a-f])([0-9a-f])([0-9a-f])$/i.exec(value)
  if (short)
    return isColour(
      `#${short
        .slice(1)
        .map((digit) => digit + digit)
        .join('')}`,
    )
  const rgb = /^rgba?\(\s*(\d+)[\s,]+(\d+)[\s,]+(\d+)/i.exec(value)
  if (rgb) return rgb.slice(1).some((part) => Number(part) > 0x50)
  return value.startsWith('#')
    ? isColour(value)
    : !/^(?:black|inherit|initial|windowtext|currentcolor|unset)$/i.test(value)
}

function isHidden(node: Element): boolean {
  const css = attribute(node, 'style') ?? ''
  return attribute(node, 'hidden') !== undefined || /display\s*:\s*none|visibility\s*:\s*hidden/i.test(css)
}

function cssForm(node: Element): NumberForm | undefined {
  const css = /list-style(?:-type)?\s*:\s*([a-z-]+)/i.exec(attribute(node, 'style') ?? '')?.[1]
  return css === undefined ? undefined : CSS_LIST_FORMS[css.toLowerCase()]
}

function attribute(node: Element, name: string): string | undefined {
  return node.attrs.find((one) => one.name === name)?.value
}

function textOf(node: Element): string {
  return node.childNodes
    .map((one) => (one.nodeName === '#text' && 'value' in one ? one.value : 'tagName' in one ? textOf(one) : ''))
    .join('')
}

function findAll(node: Element, name: string): Element[] {
  return node.childNodes.flatMap((one) =>
    'tagName' in one ? [...(one.tagName === name ? [one] : []), ...findAll(one, name)] : [],
  )
}

function rowsOf(table: Element): Element[] {
  return table.childNodes.flatMap((one) => {
    if (!('tagName' in one)) return []
    if (one.tagName === 'tr') return [one]
    return /^t(?:head|body|foot)$/.test(one.tagName) ? rowsOf(one) : []
  })
}

const MAX_SPAN = 64

function cellsOf(row: Element, pictures: DocumentPictures): DocumentCell[] {
  return row.childNodes.flatMap((cell): DocumentCell[] => {
    if (!('tagName' in cell) || (cell.tagName !== 'td' && cell.tagName !== 'th')) return []
    const reader = new HtmlReader(pictures)
    reader.walk(cell.childNodes, dressed(cell, []), { depth: -1 })
    const runs = reader.finish().flatMap((block, index): DocumentRun[] => {
      const own =
        block.type === 'paragraph'
          ? [...(block.label ? [{ text: `${block.label} `, styles: [] }] : []), ...block.runs]
          : block.rows.flat(2)
      return index ? [{ text: '\n', styles: [] }, ...own] : [...own]
    })
    const span = Math.min(Number(attribute(cell, 'colspan') ?? 1) || 1, MAX_SPAN)
    return [runs, ...Array.from({ length: span - 1 }, (): DocumentCell => [])]
  })
}
