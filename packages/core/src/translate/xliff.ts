import { element, textNode } from '../content/elements.ts'
import type { ElementNode, MarkupNode } from '../content/markup.ts'
import {
  normalizeContent,
  styledText,
  type Block,
  type Content,
  type Inline,
  type TextStyle,
} from '../content/model.ts'
import { parseMarkup, MarkupError } from '../content/parse-markup.ts'
import { printMarkup } from '../content/print-markup.ts'
import { stableJson } from '../item/fingerprint.ts'
import type { Item } from '../item/model.ts'
import { textUnits, withUnits } from './units.ts'

const NAMESPACE = 'urn:oasis:names:tc:xliff:document:2.0'

/** An item that goes out to be translated. */
export interface ToTranslate {
  readonly id: string
  readonly item: Item
  /** The translation as it is now, where there is one. */
  readonly variant?: Item
}

/** What came back for one item. */
export interface Translated {
  readonly id: string
  readonly language: string
  readonly item: Item
  /** Names of texts that are not translated yet; they stand in the source language. */
  readonly open: readonly string[]
}

/** Why a file of translations cannot be read; the message is for a person. */
export class XliffError extends Error {
  override readonly name = 'XliffError'
}

/**
 * Writes items as XLIFF 2.0 (OASIS Standard, 2014): a `file` per item, a `unit` per text, a `segment` per paragraph.
 * Styles are paired codes (`pc`, section 4.2.3.2); gaps, formulas, pictures and line breaks are placeholders (`ph`,
 * section 4.2.3.3) that a translator moves and cannot change. Lists and tables go as a segment per line of text.
 */
export function writeXliff(items: readonly ToTranslate[], source: string, target: string): string {
  const files = items.map(({ id, item, variant }) => {
    const known = new Map(variant ? textUnits(variant).map((unit) => [unit.name, unit.content]) : [])
    return element(
      'file',
      { id: `i-${id}` },
      textUnits(item).map(({ name, content }) => unitOf(name, content, known.get(name))),
    )
  })
  const root = element('xliff', { xmlns: NAMESPACE, version: '2.0', srcLang: source, trgLang: target }, files)
  return `<?xml version="1.0" encoding="UTF-8"?>\n${printMarkup([root])}\n`
}

function unitOf(name: string, content: Content, translated: Content | undefined): ElementNode {
  const targets = translated ? linesOf(translated) : []
  const segments = linesOf(content).map((line, at) => {
    const target = targets[at]
    const isDone = target !== undefined && stableJson(target) !== stableJson(line)
    return element('segment', { id: `s${at + 1}`, state: isDone ? 'translated' : 'initial' }, [
      element('source', {}, codes(line, at)),
      ...(isDone ? [element('target', {}, codes(target, at))] : []),
    ])
  })
  return element('unit', { id: name }, segments)
}

/** Every run of text in reading order: paragraphs, entries of lists, cells, lines of code. */
function linesOf(content: Content): (readonly Inline[])[] {
  const found: (readonly Inline[])[] = []
  withLines(content, (line) => {
    found.push(line)
    return line
  })
  return found
}

function withLines(content: Content, change: (line: readonly Inline[]) => readonly Inline[]): Content {
  return content.map((block): Block => {
    switch (block.type) {
      case 'paragraph':
        return { ...block, content: change(block.content) }
      case 'preformatted':
        return block
      case 'list':
        return { ...block, entries: block.entries.map((entry) => withLines(entry, change)) }
      case 'table':
        return {
          ...block,
          rows: block.rows.map((row) => ({ ...row, cells: row.cells.map((cell) => withLines(cell, change)) })),
        }
    }
  })
}

/** Codes are numbered through a line, so that source and target name the same ones. */
function codes(line: readonly Inline[], segment: number): MarkupNode[] {
  let number = 0
  const id = (): string => `c${segment + 1}-${++number}`
  return line.map((node): MarkupNode => {
    if (node.type === 'text')
      return (node.styles ?? []).reduceRight<MarkupNode>(
        (inner, style) => element('pc', { id: id(), type: 'fmt', subType: `zk:${style}` }, [inner]),
        textNode(node.text),
      )
    return element('ph', { id: id(), type: node.type === 'picture' ? 'image' : 'other', equiv: stableJson(node) }, [])
  })
}

/**
 * Reads translations back and puts them into the items that went out. A segment without a target, or whose target
 * has lost or gained a placeholder, leaves its text in the source language, and its unit is named as open.
 *
 * @throws XliffError if the file is no XLIFF 2.
 */
export function readXliff(text: string, items: readonly ToTranslate[]): Translated[] {
  const root = parsed(text)
  const language = root.attributes['trgLang'] ?? ''
  if (root.name !== 'xliff' || !(root.attributes['version'] ?? '').startsWith('2.'))
    throw new XliffError('This is no XLIFF 2 file.')
  if (!language) throw new XliffError('The file does not say into which language it was translated (trgLang).')
  const files = new Map(named(root, 'file').map((file) => [file.attributes['id'] ?? '', file]))
  return items.flatMap(({ id, item, variant }): Translated[] => {
    const file = files.get(`i-${id}`)
    return file ? [translated(id, item, variant, file, language)] : []
  })
}

function translated(
  id: string,
  item: Item,
  variant: Item | undefined,
  file: ElementNode,
  language: string,
): Translated {
  const units = new Map(all(file, 'unit').map((unit) => [unit.attributes['id'] ?? '', unit]))
  const open: string[] = []
  const text = withUnits(item, (name, content) => {
    const segments = all(units.get(name) ?? element('unit', {}, []), 'segment')
    let at = 0
    let isOpen = false
    const next = withLines(content, (line) => {
      const target = segments[at++]?.children.find(
        (node): node is ElementNode => node.type === 'element' && node.name === 'target',
      )
      const read = target && target.children.length ? inlines(target.children) : null
      if (read && sameCodes(read, line)) return read
      isOpen ||= line.some((node) => node.type === 'text')
      return line
    })
    if (isOpen) open.push(name)
    return normalizeContent(next)
  })
  // How it is filed and graded stays as the variant has it.
  const kept = variant ?? item
  return { id, language, open, item: { ...text, tags: kept.tags, points: kept.points, language } }
}

function inlines(nodes: readonly MarkupNode[], styles: readonly TextStyle[] = []): Inline[] {
  return nodes.flatMap((node): Inline[] => {
    if (node.type === 'text') return node.value ? [styledText(node.value.replace(/\s+/g, ' '), styles)] : []
    if (node.name === 'pc') return inlines(node.children, [...styles, ...styleOf(node)])
    if (node.name === 'ph') return placeholder(node.attributes['equiv'])
    return inlines(node.children, styles)
  })
}

const STYLES: readonly string[] = ['strong', 'emphasis', 'underline', 'sub', 'sup', 'code']

function styleOf(node: ElementNode): TextStyle[] {
  const style = node.attributes['subType']?.replace(/^zk:/, '') ?? ''
  return STYLES.includes(style) ? [style as TextStyle] : []
}

function placeholder(text: string | undefined): Inline[] {
  try {
    const node = JSON.parse(text ?? '') as Inline
    return ['gap', 'tex', 'picture', 'break'].includes(node.type) ? [node] : []
  } catch {
    return []
  }
}

/** The same placeholders, in whatever order. */
function sameCodes(a: readonly Inline[], b: readonly Inline[]): boolean {
  const list = (line: readonly Inline[]): string =>
    line
      .filter((node) => node.type !== 'text')
      .map((node) => stableJson(node))
      .sort()
      .join()
  return list(a) === list(b)
}

function parsed(text: string): ElementNode {
  try {
    return parseMarkup(text)
  } catch (error) {
    throw error instanceof MarkupError ? new XliffError(error.message) : error
  }
}

function named(node: ElementNode, name: string): ElementNode[] {
  return node.children.filter((child): child is ElementNode => child.type === 'element' && child.name === name)
}

/** Units may stand in groups. */
function all(node: ElementNode, name: string): ElementNode[] {
  return node.children.flatMap((child) =>
    child.type === 'element' ? (child.name === name ? [child] : all(child, name)) : [],
  )
}
