import { MathMLToLaTeX } from 'mathml-to-latex'
import { foldBlanks } from './blanks.ts'
import {
  type Block,
  type Content,
  type Inline,
  normalizeContent,
  paragraph,
  styledText,
  type TextStyle,
} from './model.ts'
import { printMarkup } from './print-markup.ts'
import type { ElementNode, MarkupNode, TextNode } from './markup.ts'

export function element(
  name: string,
  attributes: Readonly<Record<string, string>>,
  children: readonly MarkupNode[],
): ElementNode {
  return { type: 'element', name, attributes, children }
}

export function textNode(value: string): TextNode {
  return { type: 'text', value }
}

const STYLE_ELEMENTS: Readonly<Record<TextStyle, readonly [string, Readonly<Record<string, string>>]>> = {
  strong: ['strong', {}],
  emphasis: ['em', {}],
  // The content model that QTI borrows from XHTML has no `u`.
  underline: ['span', { class: 'underline' }],
  sub: ['sub', {}],
  sup: ['sup', {}],
  code: ['code', {}],
}

const GAP_TEXT = '_____'

/** The element that holds TeX until the writer says how it goes: see `withTex`. */
const TEX = 'tex'

/** Rich text as XHTML blocks: `p`, `pre`, `ul`, `ol`, `table`. A gap is five underscores; TeX waits for `withTex`. */
export function toElements(content: Content): ElementNode[] {
  return content.map(blockElement)
}

/** The inline content of a single paragraph; null where the text is more than one paragraph. */
export function toInlineNodes(content: Content): MarkupNode[] | null {
  const [only, ...others] = content
  if (!only) return []
  return only.type === 'paragraph' && others.length === 0 ? only.content.map(inlineNode) : null
}

function blockElement(block: Block): ElementNode {
  switch (block.type) {
    case 'paragraph':
      return element('p', {}, block.content.map(inlineNode))
    case 'preformatted':
      return element('pre', {}, [textNode(block.text)])
    case 'list':
      return element(
        block.ordered ? 'ol' : 'ul',
        {},
        block.entries.map((entry) => element('li', {}, toInlineNodes(entry) ?? toElements(entry))),
      )
    case 'table':
      return element('table', {}, [
        element(
          'tbody',
          {},
          block.rows.map((row) =>
            element(
              'tr',
              {},
              row.cells.map((cell) => element(row.header ? 'th' : 'td', {}, toInlineNodes(cell) ?? toElements(cell))),
            ),
          ),
        ),
      ])
  }
}

/** The same tree with each TeX in the form that `shown` gives it. */
export function withTex(node: ElementNode, shown: (tex: string, display: boolean) => MarkupNode): ElementNode {
  return texReplaced(node, shown) as ElementNode
}

function texReplaced(node: MarkupNode, shown: (tex: string, display: boolean) => MarkupNode): MarkupNode {
  if (node.type === 'text') return node
  if (node.name === TEX) return shown(textOf(node), node.attributes['display'] === 'true')
  let changed = false
  const inner = node.children.map((one) => {
    const replaced = texReplaced(one, shown)
    changed ||= replaced !== one
    return replaced
  })
  return changed ? element(node.name, node.attributes, inner) : node
}

/** @internal */
export function inlineNode(node: Inline): MarkupNode {
  switch (node.type) {
    case 'text':
      return (node.styles ?? []).reduceRight<MarkupNode>(
        (inner, style) => element(STYLE_ELEMENTS[style][0], STYLE_ELEMENTS[style][1], [inner]),
        textNode(node.text),
      )
    case 'break':
      return element('br', {}, [])
    case 'gap':
      return textNode(GAP_TEXT)
    case 'tex':
      return element(TEX, { display: String(node.display) }, [textNode(node.tex)])
    case 'picture':
      return element(
        'img',
        { src: node.asset, alt: node.alt, ...(node.width !== undefined && { width: String(node.width) }) },
        [],
      )
  }
}

const INLINE_STYLES: Readonly<Record<string, TextStyle>> = {
  strong: 'strong',
  b: 'strong',
  em: 'emphasis',
  i: 'emphasis',
  u: 'underline',
  sub: 'sub',
  sup: 'sup',
  code: 'code',
  tt: 'code',
}

const TRANSPARENT = new Set(
  'div section article body blockquote center prompt dl dt dd figure figcaption caption header footer main aside'.split(
    ' ',
  ),
)

const SKIPPED = new Set(['script', 'style', 'head', 'title'])

/** Rich text from XHTML or HTML nodes. What the vocabulary has no place for leaves its text. */
export function fromElements(nodes: readonly MarkupNode[]): Content {
  const reader = new ElementReader()
  reader.readAll(nodes, [])
  return normalizeContent(reader.finish())
}

class ElementReader {
  readonly #blocks: Block[] = []
  #run: Inline[] = []

  readAll(nodes: readonly MarkupNode[], styles: readonly TextStyle[]): void {
    for (const node of nodes) this.#read(node, styles)
  }

  finish(): Block[] {
    this.#endParagraph()
    return this.#blocks
  }

  #read(node: MarkupNode, styles: readonly TextStyle[]): void {
    if (node.type === 'text') return void this.#run.push(...textInlines(node.value, styles))
    const style = node.attributes['class'] === 'underline' ? 'underline' : INLINE_STYLES[node.name]
    if (style) return this.readAll(node.children, [...styles, style])
    if (SKIPPED.has(node.name)) return
    if (node.name === 'q') {
      this.#run.push(styledText('“', styles))
      this.readAll(node.children, styles)
      return void this.#run.push(styledText('”', styles))
    }
    if (node.name === 'br') return void this.#run.push({ type: 'break' })
    if (node.name === 'math') return void this.#run.push(mathOf(node))
    if (node.name === 'img') return void this.#run.push(pictureOf(node))
    if (node.name === 'object' && (node.attributes['type'] ?? '').startsWith('image/'))
      return void this.#run.push(pictureOf(node))
    const block = this.#blockOf(node)
    if (block === null) return this.readAll(node.children, styles)
    this.#endParagraph()
    if (block === 'transparent') {
      this.readAll(node.children, styles)
      this.#endParagraph()
    } else this.#blocks.push(block)
  }

  #blockOf(node: ElementNode): Block | 'transparent' | null {
    if (node.name === 'p' || /^h[1-6]$/.test(node.name) || TRANSPARENT.has(node.name)) return 'transparent'
    if (node.name === 'pre') return { type: 'preformatted', text: textOf(node) }
    if (node.name === 'ul' || node.name === 'ol')
      return {
        type: 'list',
        ordered: node.name === 'ol',
        entries: entriesOf(node).map(fromElements),
      }
    if (node.name === 'table') {
      this.readAll(named(node, 'caption'), [])
      return { type: 'table', rows: rowsOf(node) }
    }
    return null
  }

  #endParagraph(): void {
    if (this.#run.length) this.#blocks.push(paragraph(this.#run))
    this.#run = []
  }
}

/** What stands in a list beside its entries, such as a list in a list, belongs to the entry before it. */
function entriesOf(list: ElementNode): MarkupNode[][] {
  const entries: MarkupNode[][] = []
  for (const node of list.children) {
    if (node.type === 'element' && node.name === 'li') entries.push([...node.children])
    else if (textOf(node).trim() || node.type === 'element') {
      const last = entries.at(-1)
      if (last) last.push(node)
      else entries.push([node])
    }
  }
  return entries
}

/** MathML as TeX: its own TeX annotation where it has one (MathML 3, section 5.4), else what its elements say. */
function mathOf(node: ElementNode): Inline {
  const display = node.attributes['display'] === 'block'
  const annotation = all(node, 'annotation').find((one) => /tex/i.test(one.attributes['encoding'] ?? ''))
  if (annotation) return { type: 'tex', tex: textOf(annotation).trim(), display }
  return { type: 'tex', tex: MathMLToLaTeX.convert(printMarkup([node])).trim() || textOf(node).trim(), display }
}

function all(node: ElementNode, name: string): ElementNode[] {
  return node.children.flatMap((child) =>
    child.type === 'element' ? [...(child.name === name ? [child] : []), ...all(child, name)] : [],
  )
}

function rowsOf(table: ElementNode): { header: boolean; cells: Content[] }[] {
  const rows = [
    ...named(table, 'tr'),
    ...['thead', 'tbody', 'tfoot'].flatMap((part) => named(table, part).flatMap((group) => named(group, 'tr'))),
  ]
  return rows.map((row) => {
    const cells = row.children.filter(
      (cell): cell is ElementNode => cell.type === 'element' && (cell.name === 'td' || cell.name === 'th'),
    )
    return {
      header: cells.length > 0 && cells.every((cell) => cell.name === 'th'),
      cells: cells.map((cell) => fromElements(cell.children)),
    }
  })
}

function named(parent: ElementNode, name: string): ElementNode[] {
  return parent.children.filter((child): child is ElementNode => child.type === 'element' && child.name === name)
}

/** All text below a node, as it stands. */
export function textOf(node: MarkupNode): string {
  if (node.type === 'text') return node.value
  let text = ''
  for (const inner of node.children) text += textOf(inner)
  return text
}

function pictureOf(node: ElementNode): Inline {
  const width = Number(node.attributes['width'])
  return {
    type: 'picture',
    asset: node.attributes['src'] ?? node.attributes['data'] ?? '',
    alt: node.attributes['alt'] ?? textOf(node).trim(),
    ...(width > 0 && { width }),
  }
}

/** What `SPECIAL` can begin with. */
const PERHAPS_SPECIAL = /___|\\/

const SPECIAL = /_{3,}|\\\((.+?)\\\)|\\\[(.+?)\\\]/g

/** Text with gaps and TeX told apart; white space folded as in HTML. */
export function textInlines(text: string, styles: readonly TextStyle[] = []): Inline[] {
  if (!PERHAPS_SPECIAL.test(text)) return text ? [styledText(foldBlanks(text), styles)] : []
  const nodes: Inline[] = []
  let at = 0
  const push = (piece: string): void => {
    if (piece) nodes.push(styledText(foldBlanks(piece), styles))
  }
  for (const special of text.matchAll(SPECIAL)) {
    push(text.slice(at, special.index))
    const tex = special[1] ?? special[2]
    nodes.push(
      tex === undefined ? { type: 'gap' } : { type: 'tex', tex: tex.trim(), display: special[2] !== undefined },
    )
    at = special.index + special[0].length
  }
  push(text.slice(at))
  return nodes
}

/** Words with nothing to fold or to tell apart, as most texts of an item are. */
const BARE_LINE = /^[^\s_\\]+(?: [^\s_\\]+)*$/

/** Plain text, a paragraph a line, in normal form, with gaps and TeX told apart. */
export function contentOfLines(text: string): Content {
  if (!text.includes('\n')) return contentOfLine(text)
  const found: Block[] = []
  for (const line of text.split('\n')) found.push(...contentOfLine(line))
  return found
}

function contentOfLine(line: string): Content {
  if (BARE_LINE.test(line)) return [paragraph([{ type: 'text', text: line }])]
  return normalizeContent([paragraph(textInlines(line))])
}
