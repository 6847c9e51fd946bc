import { contentToHtml } from '../../content/html.ts'
import { texText } from '../../content/mathematics.ts'
import { element, textNode } from '../../content/elements.ts'
import type { ElementNode } from '../../content/markup.ts'
import type { Content } from '../../content/model.ts'
import type { Option } from '../../item/model.ts'

export function qtimetadata(fields: readonly (readonly [string, string])[]): ElementNode {
  const entries = fields.map(([label, entry]) =>
    element('qtimetadatafield', {}, [
      element('fieldlabel', {}, [textNode(label)]),
      element('fieldentry', {}, [textNode(entry)]),
    ]),
  )
  return element('qtimetadata', {}, entries)
}

/** Text is plain where it does not say what it is (the default of the ASI DTD 1.2); it says so where it might be taken for HTML. */
export function mattext(text: string, texttype: 'text/plain' | 'text/html'): ElementNode {
  const isClear = texttype === 'text/plain' && !/[<&]/.test(text)
  return element('mattext', isClear ? {} : { texttype }, [textNode(text)])
}

/** Paragraphs of plain text go as plain text, a line each; anything richer as escaped HTML. */
export function material(content: Content, label?: string): ElementNode {
  const plain = plainLines(content)
  const text = plain === null ? mattext(contentToHtml(content), 'text/html') : mattext(plain, 'text/plain')
  return element('material', label === undefined ? {} : { label }, [text])
}

function plainLines(content: Content): string | null {
  const lines: string[] = []
  for (const block of content) {
    if (block.type !== 'paragraph') return null
    let line = ''
    for (const node of block.content) {
      if (node.type === 'text' && !node.styles && !/\s\s|\n/.test(node.text)) line += node.text
      else if (node.type === 'gap') line += '_____'
      else if (node.type === 'tex') line += texText(node.tex, node.display)
      else return null
    }
    lines.push(line)
  }
  return lines.join('\n')
}

export function plainMaterial(text: string): ElementNode {
  return element('material', {}, [mattext(text, 'text/plain')])
}

export function label(ident: string, inner: ElementNode): ElementNode {
  return element('response_label', { ident }, [inner])
}

export function optionLabels(options: readonly Option[]): ElementNode[] {
  return options.map((option) => label(option.id, material(option.content)))
}
