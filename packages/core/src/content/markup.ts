/** A node of XHTML or HTML, whichever parser it came from. Names are lower case and without prefix. */
export type MarkupNode = ElementNode | TextNode

export interface ElementNode {
  readonly type: 'element'
  readonly name: string
  readonly attributes: Readonly<Record<string, string>>
  readonly children: readonly MarkupNode[]
}

export interface TextNode {
  readonly type: 'text'
  readonly value: string
}
