import { contentOfLines } from './elements.ts'
import { contentFromHtml } from './html.ts'
import type { Content } from './model.ts'

/** Tags and references by which a text is told to be HTML. */
const HTML =
  /<\/?(?:p|br|b|i|u|em|strong|sub|sup|span|div|code|pre|ul|ol|li|table|tr|td|th|img|a|h[1-6])\b[^<>]*>|&(?:nbsp|amp|lt|gt|quot|#\d+|#x[\da-f]+);/i
const BLOCKS = /<(?:p|br|div|ul|ol|table|pre|h[1-6])\b/i

/** Text that does not say whether it is HTML: it is where it holds tags or references, and not where it only looks like it. */
export function contentOfUnmarked(text: string): Content {
  if (!/[<&]/.test(text) || !HTML.test(text)) return contentOfLines(text)
  return contentFromHtml(BLOCKS.test(text) ? text : text.replaceAll('\n', '<br>'))
}
