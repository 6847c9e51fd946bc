import { child, children, type DocumentStyle, type ElementNode } from '@zakuska/core'
import { isColour } from '../common/styles.ts'

export interface OpenParagraphStyle {
  readonly heading: number | null
  readonly styles: readonly DocumentStyle[]
}

const MAX_CHAIN = 20

/** Named and automatic styles with what they inherit (OpenDocument 1.3 part 3, section 16). */
export class OpenStyles {
  readonly #byName = new Map<string, ElementNode>()

  constructor(holders: readonly ElementNode[]) {
    for (const style of holders.flatMap((holder) => children(holder, 'style')))
      this.#byName.set(`${style.attributes['style:family'] ?? ''}/${style.attributes['style:name'] ?? ''}`, style)
  }

  paragraph(name: string | undefined): OpenParagraphStyle {
    const chain = this.#chain('paragraph', name)
    const names = chain.map((style) => style.attributes['style:name'] ?? '')
    const levels = names.map((one) => (one === 'Title' ? '1' : /^Heading_20_([1-6])$/.exec(one)?.[1]))
    const level = levels.find((one) => one !== undefined)
    return {
      heading: level === undefined ? null : Number(level),
      styles: chain.reduceRight<readonly DocumentStyle[]>((styles, style) => dressed(style, styles), []),
    }
  }

  text(name: string | undefined, base: readonly DocumentStyle[]): readonly DocumentStyle[] {
    return this.#chain('text', name).reduceRight<readonly DocumentStyle[]>(
      (styles, style) => dressed(style, styles),
      base,
    )
  }

  #chain(family: string, name: string | undefined): ElementNode[] {
    const chain: ElementNode[] = []
    for (let next = name; next !== undefined && chain.length < MAX_CHAIN;) {
      const style = this.#byName.get(`${family}/${next}`)
      if (!style || chain.includes(style)) break
      chain.push(style)
      next = style.attributes['style:parent-style-name']
    }
    return chain
  }
}

function dressed(style: ElementNode, base: readonly DocumentStyle[]): readonly DocumentStyle[] {
  const properties = child(style, 'text-properties')?.attributes
  if (!properties) return base
  const found = new Set(base)
  const set = (name: DocumentStyle, value: string | undefined, on: (value: string) => boolean): void => {
    if (value === undefined) return
    if (on(value)) found.add(name)
    else found.delete(name)
  }
  set('strong', properties['fo:font-weight'], (value) => value === 'bold' || Number(value) >= 600)
  set('emphasis', properties['fo:font-style'], (value) => value !== 'normal')
  set('underline', properties['style:text-underline-style'], (value) => value !== 'none')
  set('highlight', properties['fo:background-color'], (value) => !/^(?:transparent|#ffffff)$/i.test(value))
  set('colour', properties['fo:color'], isColour)
  const position = properties['style:text-position']
  set('sup', position, (value) => /^(?:super|[1-9])/.test(value))
  set('sub', position, (value) => /^(?:sub|-)/.test(value))
  return [...found]
}
