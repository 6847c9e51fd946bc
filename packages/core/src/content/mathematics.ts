import katex from 'katex'
import { element, textNode } from './elements.ts'
import type { ElementNode, MarkupNode } from './markup.ts'
import { parseMarkup } from './parse-markup.ts'

export const MATHML_NAMESPACE = 'http://www.w3.org/1998/Math/MathML'

/**
 * TeX as presentation MathML that carries its TeX as an annotation (MathML 3, section 5.4), so that reading it back
 * gives the same TeX. TeX that cannot be set is kept as text between its delimiters.
 */
export function mathMl(tex: string, display: boolean): MarkupNode {
  const id = `${display ? 'block' : 'inline'} ${tex}`
  const known = remembered.get(id)
  if (known) return known
  const made = setTex(tex, display)
  if (remembered.size < MAX_REMEMBERED) remembered.set(id, made)
  return made
}

// A bank says the same formula in many items, and setting one is far slower than writing the rest of its item.
const MAX_REMEMBERED = 2000
const remembered = new Map<string, MarkupNode>()

function setTex(tex: string, display: boolean): MarkupNode {
  try {
    const printed = katex.renderToString(tex, { output: 'mathml', displayMode: display, throwOnError: true })
    return withTex(mathIn(parseMarkup(printed)), tex, display)
  } catch (error) {
    if (error instanceof katex.ParseError) return textNode(texText(tex, display))
    throw error
  }
}

/** The annotation is the TeX as it was given; the setter trims and rewrites some of it. */
function withTex(math: ElementNode, tex: string, display: boolean): ElementNode {
  const inner = math.children.find((node): node is ElementNode => node.type === 'element' && node.name === 'semantics')
  const shown = (inner ?? math).children.filter((node) => node.type !== 'element' || node.name !== 'annotation')
  const annotation = element('annotation', { encoding: 'application/x-tex' }, [textNode(tex)])
  return element('math', { xmlns: MATHML_NAMESPACE, ...(display && { display: 'block' }) }, [
    element('semantics', {}, [...shown, annotation]),
  ])
}

function mathIn(node: ElementNode): ElementNode {
  if (node.name === 'math') return node
  const inner = node.children.find((one): one is ElementNode => one.type === 'element')
  if (!inner) throw new Error('The TeX setter gave no math element.')
  return mathIn(inner)
}

/** TeX as it stands in plain text and HTML: `\(…\)` in a line, `\[…\]` on lines of its own. */
export function texText(tex: string, display: boolean): string {
  return display ? `\\[${tex}\\]` : `\\(${tex}\\)`
}
