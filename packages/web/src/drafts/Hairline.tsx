import type { EditorView } from '@codemirror/view'
import { useEffect, useRef, useState } from 'react'
import type { DeskItem } from './desk-state'
import type { Desk } from './use-desk'

/** The line that joins the item worked on to its text. */
export function Hairline({ desk, pane }: { readonly desk: Desk; readonly pane: HTMLElement | null }) {
  const svg = useRef<SVGSVGElement>(null)
  const [path, setPath] = useState('')
  const { here, items } = desk
  const editor = desk.view()
  useEffect(() => {
    const draw = (): void => setPath(hairline(svg.current, editor, pane, items[here], here))
    draw()
    const scroller = editor?.scrollDOM
    scroller?.addEventListener('scroll', draw)
    pane?.addEventListener('scroll', draw)
    window.addEventListener('resize', draw)
    return () => {
      scroller?.removeEventListener('scroll', draw)
      pane?.removeEventListener('scroll', draw)
      window.removeEventListener('resize', draw)
    }
  }, [editor, pane, items, here])
  return (
    <div className="relative hidden border-x border-line bg-paper md:block">
      <svg ref={svg} className="absolute inset-0 size-full text-mustard" aria-hidden="true">
        <path d={path} fill="none" stroke="currentColor" strokeWidth="1.4" />
      </svg>
    </div>
  )
}

function hairline(
  svg: SVGSVGElement | null,
  editor: EditorView | null,
  pane: HTMLElement | null,
  item: DeskItem | undefined,
  here: number,
): string {
  const card = pane?.querySelector<HTMLElement>(`[data-item="${here}"]`)
  if (!svg || !editor || !card || !item || item.read.from > editor.state.doc.length) return ''
  const box = svg.getBoundingClientRect()
  const line = editor.lineBlockAt(item.read.from)
  const left = editor.documentTop + line.top + line.height / 2 - box.top
  const right = card.getBoundingClientRect().top + 24 - box.top
  const inside = (y: number): boolean => y > -200 && y < box.height + 200
  return inside(left) && inside(right)
    ? `M0 ${left} C ${box.width / 2} ${left}, ${box.width / 2} ${right}, ${box.width} ${right}`
    : ''
}
