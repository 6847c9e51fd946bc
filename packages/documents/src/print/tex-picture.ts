import type { LiteElement } from 'mathjax-full/js/adaptors/lite/Element.js'
import { liteAdaptor } from 'mathjax-full/js/adaptors/liteAdaptor.js'
import { RegisterHTMLHandler } from 'mathjax-full/js/handlers/html.js'
import { TeX } from 'mathjax-full/js/input/tex.js'
import { AllPackages } from 'mathjax-full/js/input/tex/AllPackages.js'
import { mathjax } from 'mathjax-full/js/mathjax.js'
import { SVG } from 'mathjax-full/js/output/svg.js'

/** A formula drawn, with its size in em. */
export interface TexPicture {
  readonly svg: string
  readonly widthEm: number
  readonly heightEm: number
}

const UNITS_PER_EM = 1000

let typesetter: ((tex: string, display: boolean) => string) | null = null

/** Set up once, at the first formula: it takes a moment, and most papers have none. */
function typeset(tex: string, display: boolean): string {
  if (!typesetter) {
    const adaptor = liteAdaptor()
    RegisterHTMLHandler(adaptor)
    const packages = AllPackages.filter((name) => name !== 'bussproofs' && name !== 'require' && name !== 'autoload')
    const page = mathjax.document('', { InputJax: new TeX({ packages }), OutputJax: new SVG({ fontCache: 'none' }) })
    typesetter = (source, isDisplay) => adaptor.innerHTML(page.convert(source, { display: isDisplay }) as LiteElement)
  }
  return typesetter(tex, display)
}

/** TeX as a drawing in black. What the setter does not know stands in it as text. */
export function texPicture(tex: string, display: boolean): TexPicture {
  const svg = typeset(tex, display).replaceAll('currentColor', '#000000')
  const [, , width = '0', height = '0'] = /viewBox="([^"]+)"/.exec(svg)?.[1]?.split(/\s+/) ?? []
  return { svg, widthEm: Number(width) / UNITS_PER_EM, heightEm: Number(height) / UNITS_PER_EM }
}
