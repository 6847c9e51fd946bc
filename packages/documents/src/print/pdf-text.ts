import { mathRuns, type Assets, type Block, type Content, type Inline, type Text } from '@zakuska/core'
import type { Content as PdfContent, TableCell } from 'pdfmake/interfaces.js'
import { baseOf, directedRuns, hasRtl } from './direction.ts'
import { inFaces, type Ideographs } from './fonts.ts'
import { texPicture } from './tex-picture.ts'

/** What rich text needs to know of the sheet it stands on. */
export interface TextSettings {
  readonly assets: Assets
  /** Points of the widest picture. */
  readonly widest: number
  readonly ideographs: Ideographs
  /** What stands in each gap, in reading order; a line to write on where there is none. */
  readonly gaps?: readonly string[]
}

const GAP_LINE = '______________'
const EM_POINTS = 12
const CSS_PIXEL_POINTS = 0.75

interface Run {
  readonly text: string
  readonly [style: string]: unknown
}

/** A text without styles of its own, in the faces and the direction that it needs. */
export function pdfLine(text: string, { ideographs }: Pick<TextSettings, 'ideographs'>): { text: Run[] } {
  return directed(inFaces(text, ideographs))
}

/** A paragraph from right to left is set flush right. */
function directed(runs: readonly Run[]): { text: Run[]; alignment?: 'right' } {
  const text = runs.map((run) => run.text).join('')
  if (!hasRtl(text)) return { text: [...runs] }
  const base = baseOf(text)
  return { text: directedRuns(runs, base), ...(base === 'rtl' && { alignment: 'right' }) }
}

/** Rich text as what pdfmake lays out, a piece per block. */
export function pdfText(content: Content, settings: TextSettings): PdfContent[] {
  const gaps = [...(settings.gaps ?? [])]
  return content.flatMap((block) => blockOf(block, settings, gaps))
}

function blockOf(block: Block, settings: TextSettings, gaps: string[]): PdfContent[] {
  switch (block.type) {
    case 'paragraph':
      return paragraphOf(block.content, settings, gaps)
    case 'preformatted':
      return [{ text: block.text, font: 'Mono', fontSize: 9.5, preserveLeadingSpaces: true, margin: [0, 2, 0, 2] }]
    case 'list': {
      const entries = block.entries.map((entry) => ({
        stack: entry.flatMap((inner) => blockOf(inner, settings, gaps)),
      }))
      return [block.ordered ? { ol: entries } : { ul: entries }]
    }
    case 'table': {
      const width = Math.max(...block.rows.map((row) => row.cells.length))
      const body = block.rows.map((row) =>
        Array.from({ length: width }, (_none, at): TableCell => ({
          stack: (row.cells[at] ?? []).flatMap((inner) => blockOf(inner, settings, gaps)),
          bold: row.header,
        })),
      )
      return [{ table: { body }, margin: [0, 3, 0, 3] }]
    }
  }
}

/** Runs of text; a picture, or a formula that is taller than a line, stands on a line of its own between them. */
function paragraphOf(nodes: readonly Inline[], settings: TextSettings, gaps: string[]): PdfContent[] {
  const blocks: PdfContent[] = []
  let runs: Run[] = []
  const flush = (): void => {
    if (runs.some((run) => run.text.trim() !== '')) blocks.push({ ...directed(runs), margin: [0, 0, 0, 2] })
    runs = []
  }
  for (const node of nodes) {
    const apart = node.type === 'picture' ? pictureOf(node, settings) : node.type === 'tex' ? formulaOf(node) : null
    if (apart) {
      flush()
      blocks.push(apart)
    } else runs.push(...runsOf(node, settings, gaps))
  }
  flush()
  return blocks
}

function runsOf(node: Inline, settings: TextSettings, gaps: string[]): Run[] {
  switch (node.type) {
    case 'text':
      return styled(node, settings)
    case 'break':
      return [{ text: '\n' }]
    case 'gap':
      return inFaces(gaps.shift() ?? GAP_LINE, settings.ideographs)
    case 'tex':
      return (mathRuns(node.tex) ?? []).flatMap(({ text, script }) =>
        inFaces(text).map((piece) => ({ ...piece, ...(script && { [script]: true }) })),
      )
    case 'picture':
      return [{ text: `[${node.alt}]`, italics: true }]
  }
}

function styled({ text, styles = [] }: Text, { ideographs }: TextSettings): Run[] {
  const style = {
    ...(styles.includes('strong') && { bold: true }),
    ...(styles.includes('emphasis') && { italics: true }),
    ...(styles.includes('underline') && { decoration: 'underline' }),
    ...(styles.includes('sub') && { sub: true }),
    ...(styles.includes('sup') && { sup: true }),
  }
  if (styles.includes('code')) return [{ text, font: 'Mono', fontSize: 9.5, ...style }]
  return inFaces(text, ideographs).map((piece) => ({ ...piece, ...style }))
}

/** Null: it stands in the line. */
function formulaOf(node: Extract<Inline, { type: 'tex' }>): PdfContent | null {
  if (!node.display && mathRuns(node.tex)) return null
  const { svg, widthEm, heightEm } = texPicture(node.tex, node.display)
  return { svg, width: widthEm * EM_POINTS, height: heightEm * EM_POINTS, margin: [0, 2, 0, 4] }
}

/** Null where the picture is not at hand: its description stands for it. */
function pictureOf(node: Extract<Inline, { type: 'picture' }>, { assets, widest }: TextSettings): PdfContent | null {
  const bytes = assets.get(node.asset)
  const type = bytes && imageType(bytes)
  if (!bytes || !type) return null
  const image = `data:${type};base64,${Buffer.from(bytes).toString('base64')}`
  const wanted = node.width === undefined ? null : node.width * CSS_PIXEL_POINTS
  return wanted === null || wanted > widest
    ? { image, fit: [widest, widest], margin: [0, 3, 0, 4] }
    : { image, width: wanted, margin: [0, 3, 0, 4] }
}

/** The kinds of picture that print takes, by their first bytes; null for any other. */
export function imageType(bytes: Uint8Array): 'image/png' | 'image/jpeg' | null {
  if (bytes[0] === 0x89 && bytes[1] === 0x50) return 'image/png'
  return bytes[0] === 0xff && bytes[1] === 0xd8 ? 'image/jpeg' : null
}
