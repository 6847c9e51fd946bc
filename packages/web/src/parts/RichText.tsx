import { Tex } from './Tex'
import type { Block, Content, Inline, TextStyle } from '@zakuska/core'
import { createContext, Fragment, useContext, type ReactNode } from 'react'

/** Where pictures come from: who takes a paper is not signed in. */
export const PicturesFrom = createContext('/api/assets/')

function Picture({
  asset,
  alt,
  width,
}: {
  readonly asset: string
  readonly alt: string
  readonly width: number | undefined
}) {
  return (
    <img
      src={useContext(PicturesFrom) + asset}
      alt={alt}
      className="my-1 inline-block max-h-80 max-w-full align-middle"
      style={width === undefined ? undefined : { width: `${width}px` }}
    />
  )
}

/** Rich text as it reads in a paper. `gap` draws a gap; without it, a line to write on. */
export function RichText({
  content,
  gap,
  inline = false,
}: {
  readonly content: Content
  readonly gap?: (index: number) => ReactNode
  readonly inline?: boolean
}) {
  const counter = { gaps: 0 }
  const draw =
    gap ??
    (() => <span className="mx-0.5 inline-block w-16 border-b border-ink align-baseline" role="img" aria-label="gap" />)
  const nextGap = () => draw(counter.gaps++)
  if (inline && content.length === 1 && content[0]?.type === 'paragraph')
    return <span className="rich">{inlinesOf(content[0].content, nextGap)}</span>
  return <div className="rich">{content.map((block, index) => blockOf(block, index, nextGap))}</div>
}

function blockOf(block: Block, index: number, gap: () => ReactNode): ReactNode {
  switch (block.type) {
    case 'paragraph':
      return <p key={index}>{inlinesOf(block.content, gap)}</p>
    case 'preformatted':
      return <pre key={index}>{block.text}</pre>
    case 'list': {
      const entries = block.entries.map((entry, at) => (
        <li key={at}>{entry.map((inner, place) => blockOf(inner, place, gap))}</li>
      ))
      return block.ordered ? <ol key={index}>{entries}</ol> : <ul key={index}>{entries}</ul>
    }
    case 'table':
      return (
        <table key={index}>
          <tbody>
            {block.rows.map((row, at) => (
              <tr key={at}>
                {row.cells.map((cell, place) => {
                  const inner = cell.map((one, depth) => blockOf(one, depth, gap))
                  return row.header ? <th key={place}>{inner}</th> : <td key={place}>{inner}</td>
                })}
              </tr>
            ))}
          </tbody>
        </table>
      )
  }
}

const STYLE_TAGS: Readonly<Record<TextStyle, 'strong' | 'em' | 'u' | 'sub' | 'sup' | 'code'>> = {
  strong: 'strong',
  emphasis: 'em',
  underline: 'u',
  sub: 'sub',
  sup: 'sup',
  code: 'code',
}

/** What closes a sentence or a part of one. */
const CLOSING = /^[.,;:!?…)\]}»”’]+/

/** A gap keeps the sign that follows it on its line. */
function inlinesOf(nodes: readonly Inline[], gap: () => ReactNode): ReactNode[] {
  return nodes.map((node, at) => {
    const [before, after] = [nodes[at - 1], nodes[at + 1]]
    if (node.type === 'gap' && closingOf(after))
      return (
        <span key={at} className="whitespace-nowrap">
          {gap()}
          {closingOf(after)}
        </span>
      )
    if (node.type !== 'text' || before?.type !== 'gap') return inlineOf(node, at, gap)
    return inlineOf({ ...node, text: node.text.slice(closingOf(node).length) }, at, gap)
  })
}

function closingOf(node: Inline | undefined): string {
  return node?.type === 'text' && !node.styles?.length ? (CLOSING.exec(node.text)?.[0] ?? '') : ''
}

function inlineOf(node: Inline, index: number, gap: () => ReactNode): ReactNode {
  switch (node.type) {
    case 'text':
      return (
        <Fragment key={index}>
          {(node.styles ?? []).reduceRight<ReactNode>((inner, style) => {
            const Tag = STYLE_TAGS[style]
            return <Tag>{inner}</Tag>
          }, node.text)}
        </Fragment>
      )
    case 'break':
      return <br key={index} />
    case 'gap':
      return <Fragment key={index}>{gap()}</Fragment>
    case 'tex':
      return <Tex key={index} tex={node.tex} isDisplayed={node.display} />
    case 'picture':
      return node.asset ? (
        <Picture key={index} asset={node.asset} alt={node.alt} width={node.width} />
      ) : (
        <span key={index} className="border border-dashed border-edge px-1 text-muted">
          Picture: {node.alt || 'no description'}
        </span>
      )
  }
}
