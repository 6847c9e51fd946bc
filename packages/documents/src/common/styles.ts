import { child, children, type DocumentStyle, type ElementNode } from '@zakuska/core'

export interface ParagraphStyle {
  /** 1 to 6, or null for body text. */
  readonly heading: number | null
  readonly numbering: ElementNode | null
  /** Level in the list that the style belongs to. */
  readonly level: number | null
  readonly styles: readonly DocumentStyle[]
}

const MAX_CHAIN = 20

/** Named styles with what they inherit (ECMA-376 part 1, section 17.7). */
export class WordStyles {
  readonly #byId = new Map<string, ElementNode>()
  readonly #default: string | undefined

  constructor(styles: ElementNode | null) {
    for (const style of styles ? children(styles, 'style') : []) {
      const id = style.attributes['w:styleId']
      if (id) this.#byId.set(id, style)
    }
    this.#default = [...this.#byId.values()].find(
      (style) => style.attributes['w:type'] === 'paragraph' && isOn(style.attributes['w:default']),
    )?.attributes['w:styleId']
  }

  paragraph(id: string | null | undefined): ParagraphStyle {
    const chain = this.#chain(id ?? this.#default)
    const properties = chain.map((style) => child(style, 'pPr')).filter((one) => one !== undefined)
    const numbering = properties.map((one) => child(one, 'numPr')).find((one) => one !== undefined) ?? null
    const levels = properties.map((one) => {
      const listed = child(one, 'numPr')
      return listed && child(listed, 'ilvl')?.attributes['w:val']
    })
    const level = levels.find((value) => value !== undefined)
    return {
      heading: headingOf(chain, properties),
      numbering,
      level: level === undefined ? null : Number(level),
      styles: chain.reduceRight<readonly DocumentStyle[]>(
        (styles, style) => dressed(child(style, 'rPr'), styles) as readonly DocumentStyle[],
        [],
      ),
    }
  }

  /** The dress of a run: what its paragraph gives, its character style, then its own properties. */
  run(properties: ElementNode | undefined, base: readonly DocumentStyle[]): readonly DocumentStyle[] | 'hidden' {
    if (!properties) return base
    const named = this.#chain(child(properties, 'rStyle')?.attributes['w:val'])
    const styled = named.reduceRight<readonly DocumentStyle[] | 'hidden'>(
      (styles, style) => (styles === 'hidden' ? styles : dressed(child(style, 'rPr'), styles, true)),
      base,
    )
    return styled === 'hidden' ? styled : dressed(properties, styled)
  }

  #chain(id: string | undefined): ElementNode[] {
    const chain: ElementNode[] = []
    for (let next = id; next !== undefined && chain.length < MAX_CHAIN;) {
      const style = this.#byId.get(next)
      if (!style || chain.includes(style)) break
      chain.push(style)
      next = child(style, 'basedOn')?.attributes['w:val']
    }
    return chain
  }
}

function headingOf(chain: readonly ElementNode[], properties: readonly ElementNode[]): number | null {
  for (const style of chain) {
    const name = (child(style, 'name')?.attributes['w:val'] ?? '').toLowerCase()
    if (name === 'title') return 1
    const level = /^heading ([1-6])$/.exec(name)?.[1]
    if (level) return Number(level)
  }
  const outline = properties
    .map((one) => child(one, 'outlineLvl')?.attributes['w:val'])
    .find((value) => value !== undefined)
  return outline !== undefined && Number(outline) < 6 ? Number(outline) + 1 : null
}

const TOGGLES = [
  ['b', 'strong'],
  ['i', 'emphasis'],
] as const

function dressed(
  properties: ElementNode | undefined,
  base: readonly DocumentStyle[],
  isNamed = false,
): readonly DocumentStyle[] | 'hidden' {
  if (!properties) return base
  const found = new Set(base)
  const set = (style: DocumentStyle, on: boolean): void => void (on ? found.add(style) : found.delete(style))
  for (const [name, style] of TOGGLES) {
    const toggle = child(properties, name)
    if (toggle) set(style, isOn(toggle.attributes['w:val'] ?? '1'))
  }
  const underline = child(properties, 'u')?.attributes['w:val']
  if (underline !== undefined) set('underline', underline !== 'none')
  const highlight = child(properties, 'highlight')?.attributes['w:val']
  if (highlight !== undefined) set('highlight', !/^(?:none|white)$/.test(highlight))
  const fill = child(properties, 'shd')?.attributes['w:fill']
  if (fill !== undefined && !/^(?:auto|ffffff)$/i.test(fill)) set('highlight', true)
  const colour = child(properties, 'color')?.attributes['w:val']
  if (colour !== undefined) set('colour', isColour(colour))
  const align = child(properties, 'vertAlign')?.attributes['w:val']
  if (align !== undefined) {
    set('sup', align === 'superscript')
    set('sub', align === 'subscript')
  }
  const hidden = child(properties, 'vanish')
  if (hidden && isOn(hidden.attributes['w:val'] ?? '1')) return 'hidden'
  // A link's blue underline comes from its character style and says nothing about a key.
  if (isNamed && found.has('underline') && found.has('colour') && !base.includes('colour')) {
    found.delete('underline')
    found.delete('colour')
  }
  return [...found]
}

/** Black and near black, and "automatic", are no colour. */
export function isColour(value: string): boolean {
  const hex = /^#?([0-9a-f]{6})$/i.exec(value)?.[1]
  if (!hex) return false
  return [0, 2, 4].some((at) => Number.parseInt(hex.slice(at, at + 2), 16) > 0x50)
}

function isOn(value: string | undefined): boolean {
  return value !== undefined && !/^(?:0|false|off)$/.test(value)
}
