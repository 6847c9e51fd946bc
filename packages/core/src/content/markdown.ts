import { marked } from 'marked'
import { contentFromHtml } from './html.ts'
import type { Content } from './model.ts'

/** Rich text from Markdown (CommonMark), with the HTML that it may hold; TeX between its delimiters stays TeX. */
export function contentFromMarkdown(text: string): Content {
  // Markdown would take a backslash in front of a bracket for an escape, and what is inside for emphasis.
  const guarded = text.replace(/\\\(.+?\\\)|\\\[.+?\\\]/gs, (tex) => tex.replace(/[\\*_`[\]]/g, '\\$&'))
  return contentFromHtml(marked.parse(guarded, { async: false, gfm: false }))
}
