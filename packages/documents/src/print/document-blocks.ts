import {
  type Assets,
  type Block,
  type Content,
  type ElementNode,
  type Inline,
  type MarkupNode,
  mathMl,
  plainText,
} from '@zakuska/core'
import {
  BorderStyle,
  ImageRun,
  type IRunOptions,
  type MathComponent,
  MathFraction,
  MathRadical,
  MathRun,
  MathSubScript,
  MathSubSuperScript,
  MathSuperScript,
  Paragraph,
  type ParagraphChild,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
  Math as WordMath,
} from 'docx'
import { pictureHead } from '../pictures/check-picture.ts'
import { imageType } from './pdf-text.ts'
import { baseOf, hasRtl } from './direction.ts'

interface TextSettings {
  readonly assets: Assets
  /** Twentieths of a point. */
  readonly indent?: number
  /** Before and behind the first paragraph. */
  readonly lead?: string
  readonly trail?: string
  readonly bold?: boolean
  /** Stays on the page of what follows. */
  readonly keep?: boolean
  readonly gaps?: readonly string[]
}

export function pieces(content: Content, settings: TextSettings): Piece[] {
  const gaps = [...(settings.gaps ?? [])]
  const found = content.flatMap((block, index) => blockOf(block, index === 0 ? settings : withoutLead(settings), gaps))
  return found.length ? found : [paragraphOf([], settings, gaps)]
}

function withoutLead({ lead: _lead, trail: _trail, ...rest }: TextSettings): TextSettings {
  return rest
}

function blockOf(block: Block, settings: TextSettings, gaps: string[]): Piece[] {
  switch (block.type) {
    case 'paragraph':
      return [paragraphOf(block.content, settings, gaps)]
    case 'preformatted':
      return block.text.split('\n').map((text) => line(text, { font: 'Courier New', size: 20 }))
    case 'list':
      return block.entries.flatMap((entry, index) =>
        pieces(entry, {
          ...withoutLead(settings),
          indent: (settings.indent ?? 0) + INDENT,
          lead: block.ordered ? `${index + 1}. ` : '– ',
        }),
      )
    case 'table':
      return [
        tableOf(
          block.rows.map((row) => row.cells.map((cell) => pieces(cell, { assets: settings.assets }))),
          true,
        ),
      ]
  }
}

function paragraphOf(nodes: readonly Inline[], settings: TextSettings, gaps: string[]): Paragraph {
  const { assets, indent = 0, lead = '', trail = '', bold = false, keep = false } = settings
  const children: ParagraphChild[] = [
    ...(lead ? [new TextRun({ text: lead, bold })] : []),
    ...nodes.map((node) => runOf(node, assets, bold, gaps)),
    ...(trail ? [new TextRun({ text: trail, size: 18, color: '555555' })] : []),
  ]
  const direction = directionOf(plainText([{ type: 'paragraph', content: nodes }]))
  return new Paragraph({
    ...direction,
    children,
    indent: { left: indent },
    keepNext: keep,
    keepLines: true,
    spacing: { after: 40 },
  })
}

function runOf(node: Inline, assets: Assets, bold: boolean, gaps: string[]): ParagraphChild {
  switch (node.type) {
    case 'text': {
      const has = (style: string): boolean => node.styles?.some((one) => one === style) ?? false
      return new TextRun({
        text: node.text,
        ...turned(node.text),
        bold: bold || has('strong'),
        italics: has('emphasis'),
        subScript: has('sub'),
        superScript: has('sup'),
        ...(has('underline') && { underline: {} }),
        ...(has('code') && { font: 'Courier New' }),
      })
    }
    case 'break':
      return new TextRun({ break: 1 })
    case 'gap':
      return new TextRun({ text: gaps.shift() ?? GAP_LINE, bold })
    case 'tex':
      return mathOf(node.tex)
    case 'picture':
      return pictureOf(node, assets)
  }
}

function pictureOf(node: Extract<Inline, { type: 'picture' }>, assets: Assets): ParagraphChild {
  const bytes = assets.get(node.asset)
  const type = bytes && imageType(bytes)
  const size = bytes && pictureHead(bytes)
  if (!bytes || !type || !size) return new TextRun({ text: `[${node.alt}]`, italics: true })
  const width = Math.min(WIDEST_PIXELS, node.width ?? size.width)
  return new ImageRun({
    type: type === 'image/png' ? 'png' : 'jpg',
    data: Buffer.from(bytes),
    transformation: { width, height: Math.round((width * size.height) / size.width) },
    altText: { name: node.alt || 'picture', title: node.alt, description: node.alt },
  })
}

/** TeX as an equation of the document's own; TeX that cannot be set stays as it is typed. */
function mathOf(tex: string): ParagraphChild {
  const node = mathMl(tex, false)
  return node.type === 'text' ? new TextRun(tex) : new WordMath({ children: mathParts(node) })
}

function mathParts(node: MarkupNode): MathComponent[] {
  if (node.type === 'text') return node.value.trim() ? [new MathRun(node.value)] : []
  if (node.name === 'annotation') return []
  const parts = node.children.filter((child): child is ElementNode => child.type === 'element')
  const [a, b, c] = parts.map((part) => mathParts(part))
  switch (node.name) {
    case 'mfrac':
      return [new MathFraction({ numerator: a ?? [], denominator: b ?? [] })]
    case 'msqrt':
      return [new MathRadical({ children: parts.flatMap((part) => mathParts(part)) })]
    case 'mroot':
      return [new MathRadical({ children: a ?? [], degree: b ?? [] })]
    case 'msub':
    case 'munder':
      return [new MathSubScript({ children: a ?? [], subScript: b ?? [] })]
    case 'msup':
    case 'mover':
      return [new MathSuperScript({ children: a ?? [], superScript: b ?? [] })]
    case 'msubsup':
    case 'munderover':
      return [new MathSubSuperScript({ children: a ?? [], subScript: b ?? [], superScript: c ?? [] })]
    default:
      return node.children.flatMap((child) => mathParts(child))
  }
}

export const GAP_LINE = '______________'

export const INDENT = 480

export const WIDEST_PIXELS = 480

export type Piece = Paragraph | Table

export function line(text: string, style: IRunOptions = {}, before = 0): Paragraph {
  return new Paragraph({
    ...directionOf(text),
    spacing: { before },
    children: [new TextRun({ text, ...turned(text), ...style })],
  })
}

/** A paragraph that is read from right to left; letters in it that are say so for themselves. */
export function directionOf(text: string): { readonly bidirectional?: true } {
  return baseOf(text) === 'rtl' ? { bidirectional: true } : {}
}

export function turned(text: string): { readonly rightToLeft?: true } {
  return hasRtl(text) ? { rightToLeft: true } : {}
}

export function tableOf(rows: readonly (readonly Piece[])[][], bordered: boolean): Table {
  const none = { style: BorderStyle.NONE, size: 0, color: 'FFFFFF' }
  const borders = { top: none, bottom: none, left: none, right: none, insideHorizontal: none, insideVertical: none }
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    ...(bordered ? {} : { borders }),
    rows: rows.map(
      (cells) =>
        new TableRow({
          cantSplit: true,
          children: cells.map((children) => new TableCell({ children: children.length ? children : [line('')] })),
        }),
    ),
  })
}
