import { Mark, Node, mergeAttributes } from '@tiptap/core'
import type { Picture } from '@zakuska/core'
import katex from 'katex'

export const Superscript = Mark.create({
  name: 'superscript',
  excludes: 'subscript',
  parseHTML: () => [{ tag: 'sup' }],
  renderHTML: ({ HTMLAttributes }) => ['sup', HTMLAttributes, 0],
})
export const Subscript = Mark.create({
  name: 'subscript',
  excludes: 'superscript',
  parseHTML: () => [{ tag: 'sub' }],
  renderHTML: ({ HTMLAttributes }) => ['sub', HTMLAttributes, 0],
})

export const GapNode = Node.create({
  name: 'gap',
  group: 'inline',
  inline: true,
  atom: true,
  parseHTML: () => [{ tag: 'span[data-gap]' }],
  renderHTML: ({ HTMLAttributes }) => [
    'span',
    mergeAttributes(HTMLAttributes, {
      'data-gap': '',
      class: 'inline-block w-16 border-b border-ink',
      'aria-label': 'gap',
    }),
    '\u00a0',
  ],
})

export const TexNode = Node.create({
  name: 'tex',
  group: 'inline',
  inline: true,
  atom: true,
  addAttributes: () => ({ tex: { default: '' }, display: { default: false } }),
  parseHTML: () => [{ tag: 'span[data-tex]' }],
  renderHTML: ({ HTMLAttributes, node }) => {
    const shown = document.createElement('span')
    shown.dataset['tex'] = String(node.attrs['tex'])
    shown.title = String(node.attrs['tex'])
    katex.render(String(node.attrs['tex']), shown, { throwOnError: false })
    void HTMLAttributes
    return shown
  },
})

/** A picture; `picture` is core's node, whole. */
export const PictureNode = Node.create({
  name: 'picture',
  group: 'inline',
  inline: true,
  atom: true,
  draggable: true,
  addAttributes: () => ({ picture: { default: null, rendered: false } }),
  renderHTML: ({ node }) => {
    const picture = node.attrs['picture'] as Picture | null
    if (!picture?.asset)
      return [
        'span',
        { class: 'border border-dashed border-edge px-1 text-muted' },
        `Picture: ${picture?.alt || 'no description'}`,
      ]
    return [
      'img',
      {
        src: `/api/assets/${picture.asset}`,
        alt: picture.alt,
        title: picture.alt || 'No description yet: press Enter to give one',
        class: `inline-block max-h-60 max-w-full ${picture.alt ? '' : 'outline-2 outline-beet'}`,
        ...(picture.width !== undefined && { width: String(picture.width) }),
      },
    ]
  },
})
