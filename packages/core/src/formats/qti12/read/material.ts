import { contentOfLines, textOf } from '../../../content/elements.ts'
import type { ElementNode } from '../../../content/markup.ts'
import { contentFromHtml } from '../../../content/html.ts'
import { paragraph, type Block, type Content, type Inline, type Paragraph } from '../../../content/model.ts'
import { contentOfUnmarked } from '../../../content/unmarked.ts'
import { plainText } from '../../../content/plain.ts'
import { children, descendants, walk } from '../../xml/xml.ts'

/** The content of one `material`. */
export function contentOf(material: ElementNode): Content {
  let found: Content = []
  for (const one of material.children) {
    if (one.type !== 'element') continue
    const content = partOf(one)
    found = found.length ? [...found, ...content] : content
  }
  return found
}

function partOf(one: ElementNode): Content {
  const text = textOf(one)
  if (one.name === 'matimage')
    return [paragraph([{ type: 'picture', asset: one.attributes['uri'] ?? '', alt: text.trim() }])]
  const type = one.attributes['texttype']
  if (type === undefined) return contentOfUnmarked(text)
  return /html/i.test(type) ? contentFromHtml(text) : contentOfLines(text)
}

/** The content of every material below `node`. */
export function contentIn(node: ElementNode): Content {
  let found: Content = []
  for (const material of descendants(node, 'material')) {
    const content = contentOf(material)
    found = found.length ? [...found, ...content] : content
  }
  return found
}

/** Every response element of an item, in reading order. */
export function responsesOf(node: ElementNode): ElementNode[] {
  const found: ElementNode[] = []
  walk(node, (one) => {
    if (!isResponse(one)) return true
    found.push(one)
    return false
  })
  return found
}

/** Whether a material is a text to be read first, as our own files name it. */
export function isPassage(material: ElementNode): boolean {
  return material.attributes['label'] === 'passage'
}

/**
 * Whether text goes on behind the last response, or, of `others`, leaves off in the middle of a sentence in front of it:
 * the response fills its gap.
 */
export function goesOnBehind(presentation: ElementNode, others: boolean): boolean {
  let behind = false
  let before = ''
  walk(presentation, (one) => {
    if (one.name !== 'material' && !isResponse(one)) return true
    behind = one.name === 'material' && textOf(one).trim() !== ''
    if (behind) before = plainText(contentOf(one)).trim()
    return false
  })
  return behind || (others && /[\p{L}\p{N},]$/u.test(before))
}

/** What a response says beside its choices: a prompt, or text round its boxes. */
export function promptsOf(response: ElementNode): ElementNode[] {
  const found: ElementNode[] = []
  walk(response, (one) => {
    if (one.name === 'material') found.push(one)
    return one.name !== 'material' && one.name !== 'response_label'
  })
  return found
}

/** The material of the question itself, not of its responses. */
export function materialsOf(node: ElementNode): ElementNode[] {
  const found: ElementNode[] = []
  walk(node, (one) => {
    if (one.name === 'material') found.push(one)
    return one.name !== 'material' && !isResponse(one)
  })
  return found
}

/**
 * The question with a gap where each response stands among its material (as in the fill-in-the-blank
 * examples of the ASI Best Practice Guide 1.2). Text before and behind a gap is one paragraph with it.
 */
export function withGaps(presentation: ElementNode): Content {
  const passage = materialsOf(presentation).find(isPassage)
  const blocks: Block[] = []
  let open = false
  const append = (block: Block): void => {
    const last = blocks.at(-1)
    if (open && last?.type === 'paragraph' && block.type === 'paragraph') {
      const between: Inline[] = isClose(last, block) ? [] : [{ type: 'text', text: ' ' }]
      blocks[blocks.length - 1] = paragraph([...last.content, ...between, ...block.content])
    } else blocks.push(block)
    open = false
  }
  const appendResponse = (response: ElementNode): void => {
    const inside = boxesOf(response)
    if (inside.length) {
      open = true
      for (const part of inside) {
        if (part.name === 'material') contentOf(part).forEach(append)
        else append(paragraph([{ type: 'gap' }]))
        open = true
      }
      return
    }
    const own = promptsOf(response).flatMap(contentOf)
    // A part that says what it asks for stands on a line of its own.
    if (own.length) open = false
    own.forEach(append)
    open = true
    append(paragraph([{ type: 'gap' }]))
    open = true
  }
  walk(presentation, (one) => {
    if (isResponse(one)) appendResponse(one)
    else if (one.name !== 'material') return true
    else if (one !== passage) contentOf(one).forEach(append)
    return false
  })
  return blocks
}

/** No blank stands between a gap and the punctuation or bracket beside it. */
function isClose(before: Paragraph, behind: Paragraph): boolean {
  const [first] = behind.content
  const last = before.content.at(-1)
  return (
    (first?.type === 'text' && /^(?:[.,;:!?…)\]}»”’%]|“(?!\p{L}))/u.test(first.text)) ||
    (last?.type === 'text' && /[([{«„‚“‘¿¡]$/u.test(last.text))
  )
}

/** The boxes to type in, with the text round them, where one response has both; else nothing. */
export function boxesOf(response: ElementNode): ElementNode[] {
  if (response.name !== 'response_str' && response.name !== 'response_num') return []
  const found: ElementNode[] = []
  for (const fib of children(response, 'render_fib'))
    walk(fib, (one) => {
      if (one.name !== 'material' && one.name !== 'response_label') return true
      found.push(one)
      return false
    })
  const boxes = found.filter((one) => one.name === 'response_label').length
  return boxes > 1 || (boxes === 1 && found.length > 1) ? found : []
}

function isResponse(node: ElementNode): boolean {
  return node.name.startsWith('response_') && node.name !== 'response_label'
}
