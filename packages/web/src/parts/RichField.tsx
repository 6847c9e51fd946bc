import { Mark, Node, mergeAttributes } from '@tiptap/core'
import { EditorContent, useEditor, useEditorState, type Editor } from '@tiptap/react'
import StarterKit from '@tiptap/starter-kit'
import type { Content } from '@zakuska/core'
import katex from 'katex'
import { useState } from 'react'
import { Button } from './Button'
import { Dialog } from './Dialog'
import { fromEditorDoc, toEditorDoc } from './rich-doc'

const Superscript = Mark.create({
  name: 'superscript',
  excludes: 'subscript',
  parseHTML: () => [{ tag: 'sup' }],
  renderHTML: ({ HTMLAttributes }) => ['sup', HTMLAttributes, 0],
})
const Subscript = Mark.create({
  name: 'subscript',
  excludes: 'superscript',
  parseHTML: () => [{ tag: 'sub' }],
  renderHTML: ({ HTMLAttributes }) => ['sub', HTMLAttributes, 0],
})

const GapNode = Node.create({
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

const TexNode = Node.create({
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

const PictureNode = Node.create({
  name: 'picture',
  group: 'inline',
  inline: true,
  atom: true,
  addAttributes: () => ({ picture: { default: null, rendered: false } }),
  renderHTML: ({ node }) => [
    'span',
    { class: 'border border-dashed border-edge px-1 text-muted' },
    `Picture: ${(node.attrs['picture'] as { alt?: string } | null)?.alt ?? ''}`,
  ],
})

/** A block that the editor shows but does not take apart. */
const WholeNode = Node.create({
  name: 'whole',
  group: 'block',
  atom: true,
  addAttributes: () => ({ block: { default: null, rendered: false } }),
  renderHTML: () => ['div', { class: 'border border-dashed border-edge px-2 text-muted' }, 'A table, kept as it is'],
})

interface FieldProps {
  readonly label: string
  readonly value: Content
  readonly change: (content: Content) => void
  /** One line high, without the toolbar until it is worked in. */
  readonly slim?: boolean
}

/** A field of rich text. The vocabulary is closed: what is pasted beyond it leaves its text. */
export function RichField({ label, value, change, slim = false }: FieldProps) {
  const [busy, setBusy] = useState(false)
  const editor = useEditor({
    extensions: [
      StarterKit.configure({
        heading: false,
        blockquote: false,
        horizontalRule: false,
        strike: false,
        link: false,
        dropcursor: false,
        gapcursor: false,
      }),
      Superscript,
      Subscript,
      GapNode,
      TexNode,
      PictureNode,
      WholeNode,
    ],
    content: toEditorDoc(value),
    editorProps: { attributes: { 'aria-label': label, role: 'textbox', 'aria-multiline': 'true', class: 'rich' } },
    onUpdate: ({ editor: now }) => change(fromEditorDoc(now.getJSON())),
    onFocus: () => setBusy(true),
  })
  return (
    <div
      className="item-editor min-w-0 flex-1 rounded-[3px] border border-edge bg-sheet focus-within:border-ink"
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) setBusy(false)
      }}
    >
      {(!slim || busy) && <Toolbar editor={editor} />}
      <EditorContent editor={editor} className="px-2 py-1 font-text text-[15px]" />
    </div>
  )
}

const TOOLS: readonly {
  readonly name: string
  readonly sign: string
  readonly mark: string
  readonly run: (editor: Editor) => void
}[] = [
  { name: 'Bold', sign: 'B', mark: 'bold', run: (editor) => editor.chain().focus().toggleBold().run() },
  { name: 'Italic', sign: 'I', mark: 'italic', run: (editor) => editor.chain().focus().toggleItalic().run() },
  { name: 'Underline', sign: 'U', mark: 'underline', run: (editor) => editor.chain().focus().toggleUnderline().run() },
  {
    name: 'Superscript',
    sign: 'x²',
    mark: 'superscript',
    run: (editor) => editor.chain().focus().toggleMark('superscript').run(),
  },
  {
    name: 'Subscript',
    sign: 'x₂',
    mark: 'subscript',
    run: (editor) => editor.chain().focus().toggleMark('subscript').run(),
  },
  { name: 'Code', sign: '‹›', mark: 'code', run: (editor) => editor.chain().focus().toggleCode().run() },
  { name: 'List', sign: '•', mark: 'bulletList', run: (editor) => editor.chain().focus().toggleBulletList().run() },
]

function Toolbar({ editor }: { readonly editor: Editor }) {
  const [tex, setTex] = useState<string | null>(null)
  const active = useEditorState({ editor, selector: ({ editor: now }) => TOOLS.map((tool) => now.isActive(tool.mark)) })
  return (
    <div role="toolbar" aria-label="Text styles" className="flex flex-wrap gap-0.5 border-b border-line px-1 py-0.5">
      {TOOLS.map((tool, index) => (
        <button
          key={tool.name}
          type="button"
          aria-label={tool.name}
          title={tool.name}
          aria-pressed={active[index]}
          className={`min-h-6 min-w-6 rounded-[2px] px-1 ${active[index] ? 'bg-mustard-wash' : ''}`}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => tool.run(editor)}
        >
          {tool.sign}
        </button>
      ))}
      <button
        type="button"
        aria-label="Gap"
        title="Gap"
        className="min-h-6 min-w-6 px-1"
        onMouseDown={(event) => event.preventDefault()}
        onClick={() => editor.chain().focus().insertContent({ type: 'gap' }).run()}
      >
        ___
      </button>
      <button
        type="button"
        aria-label="Formula"
        title="Formula in TeX"
        className="min-h-6 min-w-6 px-1"
        onMouseDown={(event) => event.preventDefault()}
        onClick={() => setTex('')}
      >
        ∑
      </button>
      <Dialog open={tex !== null} close={() => setTex(null)} title="Formula in TeX">
        <input
          autoFocus
          aria-label="TeX"
          value={tex ?? ''}
          onChange={(event) => setTex(event.target.value)}
          className="w-full rounded-[3px] border border-edge bg-sheet px-2 py-1 font-mono"
        />
        <p
          className="my-3 min-h-8 text-lg"
          dangerouslySetInnerHTML={{ __html: katex.renderToString(tex ?? '', { throwOnError: false }) }}
        />
        <Button
          tone="lead"
          disabled={!tex?.trim()}
          onClick={() => {
            editor
              .chain()
              .focus()
              .insertContent({ type: 'tex', attrs: { tex, display: false } })
              .run()
            setTex(null)
          }}
        >
          Put in
        </Button>
      </Dialog>
    </div>
  )
}
