import { child, children, elementsOf, type DocumentRun, type DocumentStyle, type ElementNode } from '@zakuska/core'

/**
 * A formula of the word processor as a line of text with scripts (ECMA-376 part 1, section 22.1): fractions
 * with a slash, roots with their sign. What has no line form keeps its parts in order, so nothing is lost.
 */
// eslint-disable-next-line max-lines-per-function -- one short case for each element
export function readMath(node: ElementNode, styles: readonly DocumentStyle[] = []): DocumentRun[] {
  switch (node.name) {
    case 'r':
      return [
        {
          text: children(node, 't')
            .flatMap((text) => text.children.map((one) => (one.type === 'text' ? one.value : '')))
            .join(''),
          styles,
        },
      ]
    case 'f': {
      const over = inside(child(node, 'num'), styles)
      const under = inside(child(node, 'den'), styles)
      return [...bracketed(over, styles), { text: '/', styles }, ...bracketed(under, styles)]
    }
    case 'sSup':
      return [...inside(child(node, 'e'), styles), ...inside(child(node, 'sup'), [...styles, 'sup'])]
    case 'sSub':
      return [...inside(child(node, 'e'), styles), ...inside(child(node, 'sub'), [...styles, 'sub'])]
    case 'sSubSup':
      return [
        ...inside(child(node, 'e'), styles),
        ...inside(child(node, 'sub'), [...styles, 'sub']),
        ...inside(child(node, 'sup'), [...styles, 'sup']),
      ]
    case 'rad': {
      const degree = inside(child(node, 'deg'), [...styles, 'sup'])
      return [...degree, { text: '√', styles }, ...bracketed(inside(child(node, 'e'), styles), styles)]
    }
    case 'd': {
      const properties = child(node, 'dPr')
      const sign = (name: string, usual: string): string =>
        (properties && child(properties, name)?.attributes['m:val']) ?? usual
      const parts = children(node, 'e').flatMap((one, index) => [
        ...(index ? [{ text: sign('sepChr', '|'), styles }] : []),
        ...inside(one, styles),
      ])
      return [{ text: sign('begChr', '('), styles }, ...parts, { text: sign('endChr', ')'), styles }]
    }
    case 'nary': {
      const properties = child(node, 'naryPr')
      const sign = (properties && child(properties, 'chr')?.attributes['m:val']) ?? '∫'
      return [
        { text: sign, styles },
        ...inside(child(node, 'sub'), [...styles, 'sub']),
        ...inside(child(node, 'sup'), [...styles, 'sup']),
        ...inside(child(node, 'e'), styles),
      ]
    }
    default:
      return node.name.endsWith('Pr') ? [] : inside(node, styles)
  }
}

function inside(node: ElementNode | undefined, styles: readonly DocumentStyle[]): DocumentRun[] {
  return node ? elementsOf(node).flatMap((one) => readMath(one, styles)) : []
}

function bracketed(runs: DocumentRun[], styles: readonly DocumentStyle[]): DocumentRun[] {
  const text = runs.map((run) => run.text).join('')
  const simple = [...text].length <= 1 || /^[\p{L}\p{N}.,]+$/u.test(text)
  return simple ? runs : [{ text: '(', styles }, ...runs, { text: ')', styles }]
}
