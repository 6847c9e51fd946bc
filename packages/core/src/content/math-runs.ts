import { textOf } from './elements.ts'
import type { ElementNode, MarkupNode } from './markup.ts'
import { mathMl } from './mathematics.ts'

/** A piece of a formula that stands in a line of text. */
export interface MathRun {
  readonly text: string
  readonly script: 'sub' | 'sup' | null
}

/** Elements that are only read through. */
const THROUGH = new Set(['math', 'semantics', 'mrow', 'mstyle', 'mpadded', 'mtext', 'mi', 'mn', 'mo'])

/**
 * TeX as runs of a line, where nothing in it is taller than a script: x₁ ≠ y². Null where it has to be drawn
 * (fractions, roots, limits, matrices), or cannot be set at all.
 */
export function mathRuns(tex: string): MathRun[] | null {
  const node = mathMl(tex, false)
  if (node.type === 'text') return null
  const runs: MathRun[] = []
  return gather(node, null, runs) ? runs : null
}

function gather(node: MarkupNode, script: MathRun['script'], runs: MathRun[]): boolean {
  if (node.type === 'text') {
    // The invisible operators of MathML (function application, times, separator) are not read.
    const text = node.value.replace(/[\u2061-\u2064]/g, '')
    if (text) runs.push({ text, script })
    return true
  }
  if (node.name === 'annotation') return true
  if (node.name === 'mspace') {
    runs.push({ text: ' ', script })
    return true
  }
  const parts = node.children.filter((child): child is ElementNode => child.type === 'element')
  if (node.name === 'msub' || node.name === 'msup') {
    const [base, raised] = parts
    if (script !== null || !base || !raised) return false
    return gather(base, null, runs) && gather(raised, node.name === 'msub' ? 'sub' : 'sup', runs)
  }
  if (!THROUGH.has(node.name)) return false
  const spaced = node.name === 'mo' && script === null && RELATIONS.test(textOf(node).trim())
  if (spaced) runs.push({ text: ' ', script })
  const done = node.children.every((child) => gather(child, script, runs))
  if (spaced) runs.push({ text: ' ', script })
  return done
}

const RELATIONS = /^[=≠<>≤≥≈≡∼→←⇒⇔+−±×·÷∈]$/u

/** TeX as one line of text: `(a + b)/c`, `√(2)`, `x_1`, `x^2`; the TeX itself where it cannot be set. */
export function linearMath(tex: string): string {
  const node = mathMl(tex, false)
  return node.type === 'text' ? tex : linear(node).replace(/\s+/g, ' ').trim()
}

function linear(node: MarkupNode): string {
  if (node.type === 'text') return node.value.replace(/[\u2061-\u2064]/g, '')
  if (node.name === 'annotation') return ''
  const parts = node.children.filter((child): child is ElementNode => child.type === 'element').map(linear)
  const [a = '', b = '', c = ''] = parts
  switch (node.name) {
    case 'mfrac':
      return `${grouped(a)}/${grouped(b)}`
    case 'msqrt':
      return `√(${parts.join('')})`
    case 'mroot':
      return `${b}√(${a})`
    case 'msub':
    case 'munder':
      return `${a}_${grouped(b)}`
    case 'msup':
    case 'mover':
      return `${a}^${grouped(b)}`
    case 'msubsup':
    case 'munderover':
      return `${a}_${grouped(b)}^${grouped(c)}`
    case 'mtr':
      return `${parts.join(', ')}; `
    case 'mspace':
      return ' '
    case 'mo':
      return RELATIONS.test(textOf(node).trim()) ? ` ${textOf(node).trim()} ` : textOf(node)
    default:
      return node.children.map(linear).join('')
  }
}

function grouped(text: string): string {
  return /^[\p{L}\p{N}]+$/u.test(text.trim()) ? text.trim() : `(${text.trim()})`
}
